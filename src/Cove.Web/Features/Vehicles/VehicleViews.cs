namespace Cove.Web.Features.Vehicles;

/// <summary>A vehicle by name.</summary>
/// <param name="Id">Identifies it.</param>
/// <param name="Name">What the owner calls it.</param>
/// <param name="Description">A line that tells it apart.</param>
internal sealed record VehicleView(Guid Id, string Name, string Description)
{
    public static VehicleView Of(Vehicle vehicle) => new(vehicle.Id, vehicle.Name, vehicle.Description);
}

/// <summary>A vehicle in the owner's list.</summary>
/// <param name="Id">Identifies it.</param>
/// <param name="Name">What the owner calls it.</param>
/// <param name="Description">A line that tells it apart.</param>
/// <param name="Body">The name of its body type.</param>
/// <param name="Archived">Whether it is in the archive.</param>
/// <param name="Version">Names the state of the vehicle; send it in If-Match with a change.</param>
internal sealed record VehicleInListView(
    Guid Id,
    string Name,
    string Description,
    string Body,
    bool Archived,
    int Version
)
{
    public static VehicleInListView Of(SavedVehicle vehicle) =>
        new(
            vehicle.Id,
            vehicle.Name,
            vehicle.Description,
            BodyShape.Of(vehicle.Layout.Body).Name,
            vehicle.ArchivedAt is not null,
            vehicle.Version
        );
}

/// <summary>A vehicle with everything that can be changed on it.</summary>
/// <param name="Id">Identifies it.</param>
/// <param name="Name">What the owner calls it.</param>
/// <param name="Description">A line that tells it apart.</param>
/// <param name="Version">Names the state of the vehicle; send it in If-Match with a change.</param>
/// <param name="Archived">Whether it is in the archive.</param>
/// <param name="Layout">The answers its plan is drawn from.</param>
/// <param name="Zones">The zones, in walking order.</param>
/// <param name="Surfaces">Every surface on record, absent ones and those cut into parts included.</param>
internal sealed record VehicleDetailView(
    Guid Id,
    string Name,
    string Description,
    int Version,
    bool Archived,
    CabinLayout Layout,
    IReadOnlyList<NamedView> Zones,
    IReadOnlyList<SurfaceRecordView> Surfaces
);

/// <summary>A surface as the owner can change it.</summary>
/// <param name="Id">The surface.</param>
/// <param name="Name">Its name.</param>
/// <param name="ShortName">Its name in one or two words.</param>
/// <param name="Kind">What it is.</param>
/// <param name="Material">What it is made of.</param>
/// <param name="Finish">How it is finished.</param>
/// <param name="SquareMetres">Its area.</param>
/// <param name="Zone">The id of the zone it is reached from.</param>
/// <param name="Facts">What else matters for its care.</param>
/// <param name="PartOf">The surface it was cut from; null for a whole one.</param>
/// <param name="Cut">Whether it is cut into parts itself.</param>
/// <param name="Absent">Whether this car has no such surface.</param>
/// <param name="Wear">What is worn on it; null when nothing is.</param>
/// <param name="Added">Whether the owner added it, so that it can be removed.</param>
internal sealed record SurfaceRecordView(
    string Id,
    string Name,
    string ShortName,
    SurfaceKind Kind,
    Material Material,
    Finish Finish,
    double SquareMetres,
    string Zone,
    IReadOnlyList<SurfaceFacts> Facts,
    string? PartOf,
    bool Cut,
    bool Absent,
    string? Wear,
    bool Added
);

/// <summary>Something to choose, by its value and its name.</summary>
/// <param name="Value">What to send.</param>
/// <param name="Name">What to show.</param>
internal sealed record NamedView(string Value, string Name);

/// <summary>A vehicle to add.</summary>
public sealed record NewVehicle
{
    /// <summary>What the owner calls it; 1 to 60 characters.</summary>
    [Name(Vehicle.LongestName)]
    public required string Name { get; init; }

    /// <summary>A line that tells it apart; up to 120 characters.</summary>
    [Note(Vehicle.LongestDescription)]
    public string Description { get; init; } = string.Empty;

    /// <summary>The answers its cabin is generated from; see the choices for what each body allows.</summary>
    public required CabinLayout Layout { get; init; }

    /// <summary>How it is used; reference use when it is left out.</summary>
    public UseDocument Use { get; init; } = new();

    /// <summary>How the cabin looks today.</summary>
    public required FirstLook Look { get; init; }
}

/// <summary>A vehicle as it should be.</summary>
public sealed record ChangedVehicle
{
    /// <summary>What the owner calls it; 1 to 60 characters.</summary>
    [Name(Vehicle.LongestName)]
    public required string Name { get; init; }

    /// <summary>A line that tells it apart; up to 120 characters.</summary>
    [Note(Vehicle.LongestDescription)]
    public required string Description { get; init; }

    /// <summary>The answers its cabin is generated from. What was changed on single surfaces stays.</summary>
    public required CabinLayout Layout { get; init; }
}

/// <summary>What a copy of a vehicle is to be called.</summary>
public sealed record NewCopy
{
    /// <summary>Its name; 1 to 60 characters.</summary>
    [Name(Vehicle.LongestName)]
    public required string Name { get; init; }
}

/// <summary>A cabin as it would be drawn.</summary>
/// <param name="Plan">The drawing.</param>
/// <param name="Surfaces">The surfaces that show on it, by id and name.</param>
/// <param name="Count">How many surfaces the car would have.</param>
/// <param name="SquareMetres">How much there would be to care for.</param>
/// <param name="Use">What the fittings tell of the use of a new car, as one sentence; null when they tell nothing.</param>
internal sealed record CabinPreviewView(
    CabinPlan Plan,
    IReadOnlyList<NamedView> Surfaces,
    int Count,
    double SquareMetres,
    string? Use
);
