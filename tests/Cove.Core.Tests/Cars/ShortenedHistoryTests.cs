namespace Cove.Core.Tests.Cars;

/// <summary>A history may begin at the last time that the task came clean: nothing before it matters any more.</summary>
public sealed class ShortenedHistoryTests
{
    private static readonly DateTimeOffset Start = new(2025, 1, 1, 9, 0, 0, TimeSpan.Zero);

    private static readonly Gen<CareChange> Changes =
        from hours in Gen.Choose(1, 8000)
        from kind in Gen.Choose(0, 3)
        from amount in Gen.Choose(1, 200)
        select kind switch
        {
            0 => new Cleaned(Start.AddHours(hours), Share.All),
            1 => new Cleaned(Start.AddHours(hours), new Share(0.5)),
            2 => (CareChange)new Jumped(Start.AddHours(hours), amount / 100.0, "spill"),
            _ => new Observed(Start.AddHours(hours), new Level(amount / 100.0), 0.3),
        };

    [Property]
    public Property From_there_on_level_and_band_are_those_of_the_whole_history() =>
        Prop.ForAll(
            Changes.ListOf().ToArbitrary(),
            AnyCar.Uses.ToArbitrary(),
            Gen.Choose(4000, 9000).ToArbitrary(),
            (said, use, hours) =>
            {
                CareChange[] changes = [.. said.DistinctBy(change => change.At)];
                DateTimeOffset since = Start.AddHours(hours);
                CareChange? clean = changes
                    .Where(change => change is Cleaned { Removed.Value: 1 } && change.At <= since)
                    .MaxBy(change => change.At);
                if (clean is null)
                {
                    return true;
                }

                CareTask task = CareTasks.Find("vacuum-carpets")!;
                var soiling = new Soiling(task.Interval, task.Shares, Share.All, 1.2);
                var usage = new Usage([new UsageEntry(Start, use)]);
                var whole = new CareHistory(
                    new CareState(Start, new Level(0.6)),
                    soiling,
                    usage,
                    changes,
                    0.3
                );
                var shortened = new CareHistory(
                    new CareState(clean.At, Level.Fresh),
                    soiling,
                    usage,
                    changes,
                    0.3
                );
                return Enumerable
                    .Range(0, 20)
                    .Select(step => since.AddDays(10 * step))
                    .All(at => Near(whole.PointAt(at), shortened.PointAt(at)));
            }
        );

    private static bool Near(LevelPoint one, LevelPoint other) =>
        Math.Abs(one.Level.Value - other.Level.Value) < 1e-9
        && Math.Abs(one.LogStdDev - other.LogStdDev) < 1e-9
        && Math.Abs(one.High.Value - other.High.Value) < 1e-9;
}
