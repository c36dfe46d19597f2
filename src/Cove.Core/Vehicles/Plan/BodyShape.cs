namespace Cove.Core.Vehicles;

/// <summary>What a body type means for the plan: its rows, its load space and its glass.</summary>
/// <remarks>This is the one table of bodies. A new body is a new line here and a new <see cref="BodyType"/>.</remarks>
/// <param name="Body">The body described.</param>
/// <param name="Name">Its name as an owner would say it.</param>
/// <param name="AllowedRows">How many rows of seats it may have.</param>
/// <param name="BootLength">Length of the load floor in plan units, with the fewest rows.</param>
/// <param name="BootArea">The load floor with the fewest rows.</param>
/// <param name="GlassBehindLastDoor">Whether panes stand beside the load space.</param>
/// <param name="ClosedBoot">Whether the boot lies behind the rear glass under a lid of its own.</param>
public sealed record BodyShape(
    BodyType Body,
    string Name,
    IReadOnlyList<int> AllowedRows,
    double BootLength,
    Area BootArea,
    bool GlassBehindLastDoor,
    bool ClosedBoot
)
{
    /// <summary>Every body on offer, in the order to offer them.</summary>
    public static IReadOnlyList<BodyShape> All { get; } =
    [
        new(BodyType.Hatchback, "Hatchback", [2], 74, SquareMetres(0.8), false, false),
        new(BodyType.Estate, "Estate", [2], 120, SquareMetres(1.3), true, false),
        new(BodyType.Saloon, "Saloon", [2], 100, SquareMetres(1.0), false, true),
        new(BodyType.Suv, "SUV", [2, 3], 110, SquareMetres(1.2), true, false),
        new(BodyType.Mpv, "MPV", [2, 3], 130, SquareMetres(1.5), true, false),
        new(BodyType.CityCar, "Two-seat city car", [1], 56, SquareMetres(0.3), false, false),
    ];

    /// <summary>Looks a body up.</summary>
    /// <exception cref="ArgumentOutOfRangeException">The body is not one of <see cref="All"/>.</exception>
    public static BodyShape Of(BodyType body) =>
        All.FirstOrDefault(shape => shape.Body == body)
        ?? throw new ArgumentOutOfRangeException(nameof(body), body, "No such body type.");

    private static Area SquareMetres(double value) => Area.FromSquareMetres(value);
}
