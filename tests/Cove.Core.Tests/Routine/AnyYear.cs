namespace Cove.Core.Tests.Routine;

/// <summary>Invents problems of routines.</summary>
internal static class AnyYear
{
    private static readonly DateOnly Start = new(2026, 3, 14);

    /// <summary>A year of a whole car: 30 tasks, a slot each week and a longer one now and then.</summary>
    public static RoutineProblem Full(Random random)
    {
        const int days = 400;
        RoutineSlot[] slots =
        [
            .. Enumerable
                .Range(0, days / 7)
                .Select(week => new RoutineSlot(week * 7, 2 * random.Next(25, 45)))
                .Concat(
                    Enumerable
                        .Range(0, days / 56)
                        .Select(time => new RoutineSlot((time * 56) + 22, 2 * random.Next(60, 120)))
                )
                .OrderBy(slot => slot.Day),
        ];
        var tasks = new List<RoutineTask>();
        double[] intervals = [7, 7, 10, 14, 14, 14, 21, 21, 30, 30, 30, 45, 60, 60, 75, 90, 120, 180, 365];
        for (int i = 0; i < 30; i++)
        {
            double interval = intervals[random.Next(intervals.Length)] * (0.7 + (0.8 * random.NextDouble()));
            tasks.Add(
                Task(random, interval, days) with
                {
                    HalfMinutes = interval < 20 ? random.Next(2, 6) : random.Next(4, 20),
                    Kits = [.. Enumerable.Range(0, 8).Where(_ => random.Next(6) == 0).Take(2)],
                    EarliestLevel = interval < 20 ? 0.3 : 0.7,
                    Requires = i > 5 && random.Next(4) == 0 ? random.Next(i) : null,
                }
            );
        }

        return new RoutineProblem(tasks, slots, [1, 2, 3, 2, 4, 2, 3, 4], days);
    }

    /// <summary>A few tasks in a few slots, small enough to be proved.</summary>
    public static RoutineProblem Small(Random random)
    {
        int count = random.Next(2, 7);
        int slotCount = random.Next(2, 9);
        int gap = random.Next(5, 15);
        int days = (slotCount + 1) * gap;
        RoutineSlot[] slots =
        [
            .. Enumerable
                .Range(0, slotCount)
                .Select(slot => new RoutineSlot((slot * gap) + random.Next(3), random.Next(4, 30))),
        ];
        RoutineTask[] tasks =
        [
            .. Enumerable
                .Range(0, count)
                .Select(i =>
                    Task(random, gap * (0.8 + (3 * random.NextDouble())), days) with
                    {
                        HalfMinutes = random.Next(2, 14),
                        Kits = [.. Enumerable.Range(0, 3).Where(_ => random.Next(3) == 0)],
                        EarliestLevel = random.Next(2) * 0.3,
                        Requires = i > 0 && random.Next(4) == 0 ? random.Next(i) : null,
                        Closed = Enumerable.Range(0, slotCount).Where(_ => random.Next(8) == 0).ToHashSet(),
                    }
                ),
        ];
        return new RoutineProblem(tasks, slots, [1, 2, 3], days);
    }

    private static RoutineTask Task(Random random, double interval, int days)
    {
        double[] months = [.. Enumerable.Range(0, 12).Select(_ => 0.7 + (0.6 * random.NextDouble()))];
        return new RoutineTask
        {
            Weight = random.Next(1, 6),
            Rise = RiseCurve.ByMonth(interval, months, Start, days),
            HalfMinutes = 1,
            LevelAtStart = 1.1 * random.NextDouble(),
            LevelAfter = random.Next(4) == 0 ? 0.1 : 0,
        };
    }
}
