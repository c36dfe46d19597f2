using System.ComponentModel.DataAnnotations;

namespace Cove.Web.Features.Vehicles;

/// <summary>Changes to single surfaces.</summary>
internal static class SurfaceEndpoints
{
    public static void MapSurfaces(this RouteGroupBuilder api)
    {
        RouteGroupBuilder surfaces = api.MapGroup("/vehicles/{vehicleId:guid}/surfaces");
        surfaces
            .MapPost("/", Add)
            .WithName("AddSurface")
            .WithSummary("Adds a surface. Needs the version of the vehicle in an If-Match header.")
            .ProducesVehicleChange();
        surfaces
            .MapPut("/{surfaceId}", Change)
            .WithName("ChangeSurface")
            .WithSummary(
                "Renames a surface, says what it is made of, marks it absent or worn. Needs the version of the vehicle in an If-Match header."
            )
            .ProducesVehicleChange();
        surfaces
            .MapDelete("/{surfaceId}", Remove)
            .WithName("RemoveSurface")
            .WithSummary(
                "Takes away a surface that was added. Needs the version of the vehicle in an If-Match header."
            )
            .ProducesVehicleChange();
        surfaces
            .MapPost("/{surfaceId}/split", Split)
            .WithName("SplitSurface")
            .WithSummary(
                "Cuts a surface into equal parts, each cared for by itself. Needs the version of the vehicle in an If-Match header."
            )
            .ProducesVehicleChange();
        surfaces
            .MapPost("/{surfaceId}/join", Join)
            .WithName("JoinSurface")
            .WithSummary(
                "Puts the parts of a surface together again. Needs the version of the vehicle in an If-Match header."
            )
            .ProducesVehicleChange();
    }

    private static Task<IResult> Add(NewSurface request, [AsParameters] VehicleChange change) =>
        change.Make(vehicle =>
            SurfaceEdits.Add(
                vehicle,
                new Surface(
                    "new",
                    request.Name.Trim(),
                    SurfaceEdits.Shorten(request.Name),
                    request.Kind,
                    request.Material,
                    request.Finish,
                    Area.FromSquareMetres(request.SquareMetres),
                    request.Zone,
                    Share.All,
                    SurfaceDocument.FactsOf(request.Facts)
                )
            )
        );

    private static Task<IResult> Change(
        SurfaceId surfaceId,
        ChangedSurface request,
        [AsParameters] VehicleChange change
    ) => change.Make(vehicle => SurfaceEdits.Change(vehicle, surfaceId, request.On));

    private static Task<IResult> Remove(SurfaceId surfaceId, [AsParameters] VehicleChange change) =>
        change.Make(vehicle => SurfaceEdits.Remove(vehicle, surfaceId));

    private static Task<IResult> Split(
        SurfaceId surfaceId,
        NewParts request,
        [AsParameters] VehicleChange change
    ) => change.Make(vehicle => SurfaceEdits.Split(vehicle, surfaceId, request.Names));

    private static Task<IResult> Join(SurfaceId surfaceId, [AsParameters] VehicleChange change) =>
        change.Make(vehicle => SurfaceEdits.Join(vehicle, surfaceId));
}

/// <summary>What can be said of a surface, new or not.</summary>
public abstract record SurfaceRequest
{
    /// <summary>Its name; 1 to 60 characters. A changed name also becomes the short one.</summary>
    [Name(SurfaceRules.LongestName)]
    public required string Name { get; init; }

    /// <summary>What it is made of.</summary>
    public required Material Material { get; init; }

    /// <summary>How it is finished.</summary>
    public required Finish Finish { get; init; }

    /// <summary>What has to be worked on, in square metres; 0 to 50.</summary>
    [Range(0.0, SurfaceRules.LargestSquareMetres, ErrorMessage = "Say 0 to 50 square metres.")]
    public required double SquareMetres { get; init; }

    /// <summary>What else matters for its care.</summary>
    [MaxLength(8, ErrorMessage = "Name each fact once.")]
    public IReadOnlyList<SurfaceFacts> Facts { get; init; } = [];
}

/// <summary>A surface to add.</summary>
public sealed record NewSurface : SurfaceRequest
{
    /// <summary>What it is.</summary>
    public required SurfaceKind Kind { get; init; }

    /// <summary>The id of the zone from which it is reached.</summary>
    [StringLength(SurfaceRules.LongestName, ErrorMessage = "Use the id of a zone of this cabin.")]
    public required string Zone { get; init; }
}

/// <summary>A surface as it should be.</summary>
public sealed record ChangedSurface : SurfaceRequest
{
    /// <summary>Whether this car has no such surface.</summary>
    public required bool Absent { get; init; }

    /// <summary>What is worn on it and not dirty; null when nothing is.</summary>
    [Note(SurfaceRules.LongestWear)]
    public string? Wear { get; init; }

    internal Surface On(Surface old) =>
        old with
        {
            Name = Name.Trim(),
            ShortName = Name.Trim() == old.Name ? old.ShortName : SurfaceEdits.Shorten(Name),
            Material = Material,
            Finish = Finish,
            Area = Area.FromSquareMetres(SquareMetres),
            Facts = SurfaceDocument.FactsOf(Facts),
            Absent = Absent,
            Wear = string.IsNullOrWhiteSpace(Wear) ? null : Wear.Trim(),
        };
}

/// <summary>The parts to cut a surface into.</summary>
public sealed record NewParts
{
    /// <summary>Their names, from the front backwards or from the driver's side across; 2 to 4.</summary>
    [MinLength(2, ErrorMessage = "Name 2 to 4 parts.")]
    [MaxLength(SurfaceEdits.MostParts, ErrorMessage = "Name 2 to 4 parts.")]
    public required IReadOnlyList<string> Names { get; init; }
}
