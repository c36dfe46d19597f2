using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Vehicles.Plan;

/// <summary>What a body type means for the plan: its rows, doors, load space and glass.</summary>
/// <remarks>This is the one table of bodies. A new body is a new line here and a new <see cref="BodyType"/>.</remarks>
/// <param name="Body">The body described.</param>
/// <param name="Name">Its name as an owner would say it.</param>
/// <param name="AllowedRows">How many rows of seats it may have, the usual number first.</param>
/// <param name="MostSeatsInFront">The most seats of the first row.</param>
/// <param name="MostSeatsBehind">The most seats of each row behind it.</param>
/// <param name="AllowedDoors">How many side doors it may have, the usual number first.</param>
/// <param name="BootLength">Length of the load floor in plan units, with the fewest rows; 0 when there is none inside.</param>
/// <param name="BootArea">The load floor of a mid-size car with the fewest rows.</param>
/// <param name="Tail">What lies behind the last seats.</param>
/// <param name="Stated">Total areas of a mid-size car of this body with the fewest rows, without screens, mats and sunroof. From memory of typical cars; the generator is tested against them.</param>
public sealed record BodyShape(
    BodyType Body,
    string Name,
    IReadOnlyList<int> AllowedRows,
    int MostSeatsInFront,
    int MostSeatsBehind,
    IReadOnlyList<int> AllowedDoors,
    double BootLength,
    Area BootArea,
    Tail Tail,
    StatedAreas Stated
)
{
    /// <summary>Every body on offer, in the order to offer them.</summary>
    public static IReadOnlyList<BodyShape> All { get; } =
    [
        new(
            BodyType.Hatchback,
            "Hatchback",
            [2],
            2,
            3,
            [4, 2],
            74,
            Square(0.8),
            Tail.Tailgate,
            new(4.5, 2.5, 3.1)
        ),
        new(
            BodyType.Saloon,
            "Saloon",
            [2],
            2,
            3,
            [4, 2],
            100,
            Square(1.0),
            Tail.ClosedBoot,
            new(4.5, 2.8, 3.1)
        ),
        new(
            BodyType.Estate,
            "Estate",
            [2],
            2,
            3,
            [4],
            120,
            Square(1.3),
            Tail.GlazedLoadSpace,
            new(4.5, 3.1, 3.7)
        ),
        new(
            BodyType.Suv,
            "SUV",
            [2, 3],
            2,
            3,
            [4, 2],
            110,
            Square(1.2),
            Tail.GlazedLoadSpace,
            new(4.5, 3.0, 3.7)
        ),
        new(
            BodyType.Mpv,
            "MPV or van",
            [3, 2],
            3,
            3,
            [4],
            130,
            Square(1.5),
            Tail.GlazedLoadSpace,
            new(4.5, 3.3, 3.7)
        ),
        new(
            BodyType.Pickup,
            "Pickup, double cab",
            [2],
            2,
            3,
            [4],
            0,
            Square(0),
            Tail.OpenBed,
            new(4.5, 1.8, 3.1)
        ),
        new(
            BodyType.Roadster,
            "Coupe or roadster",
            [1, 2],
            2,
            2,
            [2],
            84,
            Square(0.5),
            Tail.ClosedBoot,
            new(2.2, 1.5, 2.4)
        ),
        new(
            BodyType.CityCar,
            "Two-seat city car",
            [1],
            2,
            2,
            [2],
            56,
            Square(0.3),
            Tail.Tailgate,
            new(2.2, 1.3, 2.4)
        ),
    ];

    /// <summary>The fewest rows it may have.</summary>
    public int FewestRows => AllowedRows.Min();

    /// <summary>Looks a body up.</summary>
    /// <exception cref="ArgumentOutOfRangeException">The body is not one of <see cref="All"/>.</exception>
    public static BodyShape Of(BodyType body) =>
        All.FirstOrDefault(shape => shape.Body == body)
        ?? throw new ArgumentOutOfRangeException(nameof(body), body, "No such body type.");

    private static Area Square(double metres) => Area.FromSquareMetres(metres);
}

/// <summary>What lies behind the last row of seats.</summary>
public enum Tail
{
    /// <summary>A short boot under a tailgate with the rear glass in it.</summary>
    Tailgate,

    /// <summary>A load space with panes of its own, under a tailgate.</summary>
    GlazedLoadSpace,

    /// <summary>The rear glass, and behind it a boot under its own lid.</summary>
    ClosedBoot,

    /// <summary>The rear glass, and behind it an open bed that is not part of the cabin.</summary>
    OpenBed,
}

/// <summary>Total areas by group, in square metres.</summary>
/// <param name="Seats">All seats.</param>
/// <param name="Floor">Fixed carpets with the load floor; loose mats lie on top and are not counted.</param>
/// <param name="Glass">All panes with the windscreen.</param>
public sealed record StatedAreas(double Seats, double Floor, double Glass)
{
    /// <summary>What each row beyond the fewest adds to the seats; a pair of small seats in a low car adds less. From memory.</summary>
    private const double SeatsOfRow = 2.2;
    private const double SeatsOfLowRow = 1.4;

    /// <summary>The totals for a layout, scaled by its size class.</summary>
    public static StatedAreas For(CabinLayout layout)
    {
        BodyShape body = BodyShape.Of(layout.Body);
        double scale = Math.Pow(layout.Size.LengthFactor(), 2);
        int extra = layout.Rows - body.FewestRows;
        double taken = body.BootArea.SquareMetres * (extra > 0 ? 0.5 : 0);
        return new StatedAreas(
            (body.Stated.Seats + (extra * (body.MostSeatsBehind > 2 ? SeatsOfRow : SeatsOfLowRow))) * scale,
            (body.Stated.Floor + (extra * 0.8) - taken) * scale,
            (body.Stated.Glass + (body.FewestRows == 1 ? extra * 0.5 : 0)) * scale
        );
    }
}
