namespace Cove.Core.Routine.Proposals;

/// <summary>The points of a frontier that have a name.</summary>
/// <param name="KeepsUp">The fewest minutes at which nothing falls overdue in earnest, see <see cref="FrontierPoint.KeepsUp"/>; null when no pattern is enough.</param>
/// <param name="KeepsWhatMatters">The fewest minutes at which sight, grip and hygiene do not; null when no pattern is enough.</param>
/// <param name="BestValue">Where more minutes begin to bring little; null with fewer than three points.</param>
public sealed record NamedPoints(
    FrontierPoint? KeepsUp,
    FrontierPoint? KeepsWhatMatters,
    FrontierPoint? BestValue
)
{
    /// <summary>Names some points.</summary>
    /// <param name="points">The points, in any order.</param>
    public static NamedPoints Of(IReadOnlyList<FrontierPoint> points)
    {
        FrontierPoint[] rising = [.. points.OrderBy(point => point.MinutesAWeek)];
        return new NamedPoints(
            rising.FirstOrDefault(point => point.KeepsUp),
            rising.FirstOrDefault(point => point.KeepsWhatMatters),
            KneeOf(Coast(points))
        );
    }

    /// <summary>The points that no other betters in days overdue with as few minutes, the fewest minutes first.</summary>
    /// <param name="points">The points, in any order.</param>
    public static IReadOnlyList<FrontierPoint> Coast(IReadOnlyList<FrontierPoint> points)
    {
        var coast = new List<FrontierPoint>();
        foreach (
            FrontierPoint point in points
                .OrderBy(point => point.MinutesAWeek)
                .ThenBy(point => point.OverdueDays)
        )
        {
            if (coast.Count == 0 || point.OverdueDays < coast[^1].OverdueDays)
            {
                coast.Add(point);
            }
        }

        return coast;
    }

    /// <summary>The point farthest below the straight line from the first to the last: the knee of the curve.</summary>
    private static FrontierPoint? KneeOf(IReadOnlyList<FrontierPoint> coast)
    {
        if (coast.Count < 3)
        {
            return null;
        }

        double minutes = coast[^1].MinutesAWeek - coast[0].MinutesAWeek;
        double overdue = coast[0].OverdueDays - coast[^1].OverdueDays;
        return coast.MaxBy(point =>
            ((coast[0].OverdueDays - point.OverdueDays) / overdue)
            - ((point.MinutesAWeek - coast[0].MinutesAWeek) / minutes)
        );
    }
}
