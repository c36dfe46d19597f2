using System.ComponentModel.DataAnnotations;

namespace Cove.Data;

/// <summary>A surface as it stands in a file.</summary>
public sealed record SurfaceDocument
{
    /// <summary>Short and stable within its vehicle: small letters, digits and hyphens.</summary>
    [StringLength(
        SurfaceRules.LongestName,
        MinimumLength = 1,
        ErrorMessage = "Use 1 to 60 characters for the id."
    )]
    public required string Id { get; init; }

    /// <summary>The name in full.</summary>
    [Name(SurfaceRules.LongestName)]
    public required string Name { get; init; }

    /// <summary>A name of one or two words for the chart.</summary>
    [Name(SurfaceRules.LongestShortName)]
    public required string ShortName { get; init; }

    /// <summary>What it is.</summary>
    public required SurfaceKind Kind { get; init; }

    /// <summary>What it is made of.</summary>
    public required Material Material { get; init; }

    /// <summary>How it is finished.</summary>
    public Finish Finish { get; init; }

    /// <summary>What has to be worked on, in square metres.</summary>
    [Range(0.0, SurfaceRules.LargestSquareMetres, ErrorMessage = "Say 0 to 50 square metres.")]
    public required double SquareMetres { get; init; }

    /// <summary>The id of the zone from which it is reached.</summary>
    [StringLength(SurfaceRules.LongestName, ErrorMessage = "Use the id of a zone of this cabin.")]
    public required string Zone { get; init; }

    /// <summary>How much use it gets beside the most used surface of its kind; above 0, up to 1.</summary>
    [Range(0.01, 1.0, ErrorMessage = "Say how much use it gets, from 0.01 to 1.")]
    public double Exposure { get; init; } = 1;

    /// <summary>What else matters for its care.</summary>
    [MaxLength(8, ErrorMessage = "Name each fact once.")]
    public IReadOnlyList<SurfaceFacts> Facts { get; init; } = [];

    /// <summary>The id of the surface it was cut from; null for a whole one.</summary>
    [StringLength(SurfaceRules.LongestName, ErrorMessage = "Use the id of a surface of this vehicle.")]
    public string? PartOf { get; init; }

    /// <summary>Whether this car has no such surface after all.</summary>
    public bool Absent { get; init; }

    /// <summary>What is worn on it and not dirty; null when nothing is.</summary>
    [Note(SurfaceRules.LongestWear)]
    public string? Wear { get; init; }

    /// <summary>Writes a surface down.</summary>
    public static SurfaceDocument Of(Surface surface) =>
        new()
        {
            Id = surface.Id.Value,
            Name = surface.Name,
            ShortName = surface.ShortName,
            Kind = surface.Kind,
            Material = surface.Material,
            Finish = surface.Finish,
            SquareMetres = surface.Area.SquareMetres,
            Zone = surface.ZoneId.Value,
            Exposure = surface.Exposure.Value,
            Facts = FactsOf(surface.Facts),
            PartOf = surface.PartOf?.Value,
            Absent = surface.Absent,
            Wear = surface.Wear,
        };

    /// <summary>Reads it back.</summary>
    /// <exception cref="ArgumentOutOfRangeException">A value is out of range; see <see cref="Annotations"/>.</exception>
    public Surface ToSurface() =>
        new(
            Id,
            Name,
            ShortName,
            Kind,
            Material,
            Finish,
            Area.FromSquareMetres(SquareMetres),
            Zone,
            new Share(Exposure),
            FactsOf(Facts)
        )
        {
            PartOf = PartOf is { } whole ? new SurfaceId(whole) : default(SurfaceId?),
            Absent = Absent,
            Wear = Wear,
        };

    /// <summary>The facts one by one.</summary>
    public static IReadOnlyList<SurfaceFacts> FactsOf(SurfaceFacts facts) =>
        [.. Enum.GetValues<SurfaceFacts>().Where(fact => fact != SurfaceFacts.None && facts.HasFlag(fact))];

    /// <summary>The facts together.</summary>
    public static SurfaceFacts FactsOf(IEnumerable<SurfaceFacts> facts) =>
        facts.Aggregate(SurfaceFacts.None, (all, fact) => all | fact);
}
