using Cove.Core.Upkeep;
using Cove.Core.Vehicles.Plan;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Spots;

/// <summary>How far what hurts people closes what lies around it.</summary>
internal enum SpillReach
{
    /// <summary>Where it is, and no further.</summary>
    There,

    /// <summary>What touches it as well.</summary>
    Beside,

    /// <summary>Whatever splinters fall on: all below and around, but no other pane.</summary>
    BelowAndAround,

    /// <summary>Everything.</summary>
    WholeCar,
}

/// <summary>Finds what is reached, on the plan of the cabin.</summary>
internal static class SpillSurroundings
{
    /// <summary>What is this near touches, in centimetres. Cove's own choice.</summary>
    private const double Touching = 12;

    /// <summary>Splinters of a pane fly this far, in centimetres. Cove's own choice.</summary>
    private const double Splinters = 60;

    /// <summary>The surfaces that are reached, apart from the one it is on.</summary>
    /// <param name="kind">What it is.</param>
    /// <param name="on">What it is on.</param>
    /// <param name="surfaces">The surfaces in care.</param>
    /// <param name="plan">The plan of the cabin; asked for only where it is needed.</param>
    public static IReadOnlyList<Surface> Of(
        SpotKind kind,
        Surface on,
        IReadOnlyList<Surface> surfaces,
        Func<CabinPlan> plan
    )
    {
        SpillReach reach = ClosingAid.Find(kind)?.Reach ?? SpillReach.There;
        IEnumerable<Surface> others = surfaces.Where(surface => surface.Id != on.Id);
        return reach switch
        {
            SpillReach.There => [],
            SpillReach.WholeCar => [.. others],
            SpillReach.BelowAndAround => [.. Within(Splinters, on, others.Where(CanTakeSplinters), plan())],
            _ => [.. Within(Touching, on, others.Where(other => other.Kind != SurfaceKind.Air), plan())],
        };
    }

    private static bool CanTakeSplinters(Surface surface) =>
        surface.Kind
            is not (SurfaceKind.Air or SurfaceKind.Headliner or SurfaceKind.Windscreen or SurfaceKind.Glass);

    /// <summary>What lies within a distance. What the plan does not show is near when it is reached from the same door.</summary>
    private static IEnumerable<Surface> Within(
        double centimetres,
        Surface on,
        IEnumerable<Surface> others,
        CabinPlan plan
    )
    {
        var boxes = plan
            .Shapes.Where(shape => shape.Layer != PlanLayer.Overhead)
            .GroupBy(shape => shape.SurfaceId)
            .ToDictionary(shapes => shapes.Key, shapes => shapes.Select(shape => shape.Bounds).ToArray());
        return others.Where(other =>
            boxes.TryGetValue(on.Id, out PlanBox[]? here) && boxes.TryGetValue(other.Id, out PlanBox[]? there)
                ? here.Any(one => there.Any(two => Gap(one, two, plan.Scale) <= centimetres))
                : other.ZoneId == on.ZoneId
        );
    }

    private static double Gap(PlanBox one, PlanBox two, PlanScale scale)
    {
        double along = Between(one.X, one.Width, two.X, two.Width) * scale.CentimetresAlong;
        double across = Between(one.Y, one.Height, two.Y, two.Height) * scale.CentimetresAcross;
        return Math.Sqrt((along * along) + (across * across));
    }

    private static double Between(double from, double length, double otherFrom, double otherLength) =>
        Math.Max(0, Math.Max(from - (otherFrom + otherLength), otherFrom - (from + length)));
}
