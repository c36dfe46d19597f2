using Cove.Core.Catalogue.Products;
using Cove.Core.Upkeep;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Spots;

/// <summary>First aid for a fresh spot, by what made it and what it is on.</summary>
/// <remarks>At once, and before anything else: lift what is solid, blot what is wet, press and never rub, from the edge inwards; then the cleaner of the material on the cloth; dry, and look again when it is dry. Common practice; minutes are Cove's own choice. What hurts people is not treated: it closes the surface, and <see cref="Meanwhile"/> says what to do until the one comes who deals with it.</remarks>
/// <param name="Kind">What made the spot.</param>
/// <param name="Ground">What it is on; the larger part where a surface is composed of two.</param>
/// <param name="First">The one thing to do first, in a few words.</param>
/// <param name="Steps">The steps; none where the surface is closed instead.</param>
/// <param name="Never">What not to do, in a few words.</param>
public sealed record FirstAid(
    SpotKind Kind,
    SpotGround Ground,
    string First,
    IReadOnlyList<FirstAidStep> Steps,
    string Never
)
{
    /// <summary>What could hurt the owner or the car, one sentence each.</summary>
    public required IReadOnlyList<string> Cautions { get; init; }

    /// <summary>What to look for when it is dry, as one sentence; empty where the surface is closed.</summary>
    public required string LookAgain { get; init; }

    /// <summary>How long it takes to dry afterwards, at 20 °C and half humidity. For a spot on a day like this one see <see cref="OpenSpot.LookFrom"/>.</summary>
    public required TimeSpan Drying { get; init; }

    /// <summary>Who deals with it, as one sentence; null where first aid is the owner's.</summary>
    public string? Who { get; init; }

    /// <summary>What the owner does at once where the surface is closed, until somebody comes who deals with it; in order, one sentence each. None where first aid is the owner's.</summary>
    public IReadOnlyList<string> Meanwhile { get; init; } = [];

    /// <summary>Whether the surface is closed to routine work until its owner opens it again.</summary>
    public bool Closes => Who is not null;

    /// <summary>The classes of product that may clean it here, the gentlest first. Each of them still has to pass the verdicts.</summary>
    public IReadOnlyList<ProductClass> Cleaners { get; init; } = [];

    /// <summary>All of it.</summary>
    public TimeSpan Takes => Steps.Aggregate(TimeSpan.Zero, (sum, step) => sum + step.Takes);

    /// <summary>Whether what made a spot leaves it wet, so that nothing dry is done on it.</summary>
    public static bool IsWet(SpotKind kind) =>
        kind
            is not (
                SpotKind.WaxOrGum
                or SpotKind.Pollen
                or SpotKind.GlueOrSticker
                or SpotKind.BrokenGlass
                or SpotKind.Needle
            );

    /// <summary>Whether what made a spot closes the surface.</summary>
    public static bool ClosesFor(SpotKind kind) => ClosingAid.Find(kind) is not null;

    /// <summary>First aid for a spot on a surface. A surface composed of two materials gets the answers of both.</summary>
    public static FirstAid For(SpotKind kind, SurfaceMake make) =>
        ClosingAid.Find(kind) is { } closing ? closing.On(make) : SpotSteps.For(kind, SpotSite.Of(make));

    /// <summary>First aid for a spot on a ground of which no more is known.</summary>
    public static FirstAid For(SpotKind kind, SpotGround ground)
    {
        var site = SpotSite.Of(ground);
        return ClosingAid.Find(kind) is { } closing ? closing.On(site.Make) : SpotSteps.For(kind, [site]);
    }
}

/// <summary>One step of first aid.</summary>
/// <param name="Text">What to do, as one sentence.</param>
/// <param name="Minutes">How long it takes; above 0.</param>
public sealed record FirstAidStep(string Text, double Minutes)
{
    /// <summary>Whether it uses water.</summary>
    public bool Water { get; init; }

    /// <summary>Whether it uses the cleaner that was found.</summary>
    public bool Cleaner { get; init; }

    /// <summary>How long it takes.</summary>
    public TimeSpan Takes => TimeSpan.FromMinutes(Minutes);
}
