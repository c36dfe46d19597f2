using System.ComponentModel.DataAnnotations;
using Cove.Core.Upkeep;
using Cove.Core.Vehicles;

namespace Cove.Web.Features.Vehicles;

/// <summary>A vehicle in a list.</summary>
/// <param name="Id">Identifies it.</param>
/// <param name="Name">What the owner calls it.</param>
/// <param name="Description">A line that tells it apart.</param>
internal sealed record VehicleView(Guid Id, string Name, string Description)
{
    public static VehicleView Of(Vehicle vehicle) => new(vehicle.Id, vehicle.Name, vehicle.Description);
}

/// <summary>What can be chosen when a vehicle is added.</summary>
/// <param name="Bodies">The body types with the rows each may have.</param>
/// <param name="SeatMaterials">The seat covers.</param>
/// <param name="MatMaterials">The mats; <c>none</c> for no mats.</param>
internal sealed record VehicleChoicesView(
    IReadOnlyList<BodyChoiceView> Bodies,
    IReadOnlyList<Material> SeatMaterials,
    IReadOnlyList<Material> MatMaterials
);

/// <summary>A body type on offer.</summary>
/// <param name="Body">The body type.</param>
/// <param name="Name">Its name.</param>
/// <param name="AllowedRows">How many rows of seats it may have.</param>
internal sealed record BodyChoiceView(BodyType Body, string Name, IReadOnlyList<int> AllowedRows);

/// <summary>A vehicle to add.</summary>
public sealed record NewVehicle
{
    /// <summary>What the owner calls it; 1 to 60 characters.</summary>
    [Required(ErrorMessage = "Give the car a name.")]
    [StringLength(60, MinimumLength = 1, ErrorMessage = "Use 1 to 60 characters for the name.")]
    public required string Name { get; init; }

    /// <summary>A line that tells it apart; up to 120 characters.</summary>
    [StringLength(120, ErrorMessage = "Use up to 120 characters for the description.")]
    public string Description { get; init; } = string.Empty;

    /// <summary>The body type.</summary>
    public required BodyType Body { get; init; }

    /// <summary>Rows of seats; see the choices for what each body allows.</summary>
    public required int Rows { get; init; }

    /// <summary>The side the driver sits on.</summary>
    public required DriverSide DriverSide { get; init; }

    /// <summary>The cover of the seats.</summary>
    public required Material SeatMaterial { get; init; }

    /// <summary>Mats of the first row.</summary>
    public required Material FrontMats { get; init; }

    /// <summary>Mats of the other rows.</summary>
    public required Material RearMats { get; init; }

    /// <summary>Whether the console trim is gloss black.</summary>
    public required bool GlossTrim { get; init; }

    /// <summary>Whether the rear panes carry tint film.</summary>
    public required bool TintedRear { get; init; }

    /// <summary>Child seats fitted; 0 to 3.</summary>
    public int ChildSeats { get; init; }

    /// <summary>Kilometres driven in a week; 0 to 10,000.</summary>
    [Range(0, 10_000, ErrorMessage = "Say 0 to 10,000 km a week.")]
    public required double KilometresAWeek { get; init; }

    /// <summary>How the cabin looks today.</summary>
    public required FirstLook Look { get; init; }

    internal CabinLayout Layout =>
        new(Body, Rows, DriverSide, SeatMaterial, FrontMats, RearMats, GlossTrim, TintedRear, ChildSeats);
}

/// <summary>How far a vehicle is driven from now on.</summary>
public sealed record NewDistance
{
    /// <summary>Kilometres in a week; 0 to 10,000.</summary>
    [Range(0, 10_000, ErrorMessage = "Say 0 to 10,000 km a week.")]
    public required double KilometresAWeek { get; init; }
}
