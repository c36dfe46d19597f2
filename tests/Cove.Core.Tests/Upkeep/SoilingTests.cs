namespace Cove.Core.Tests.Upkeep;

public sealed class SoilingTests
{
    private static readonly DateTimeOffset Start = new(2026, 1, 1, 9, 0, 0, TimeSpan.Zero);

    private static readonly Gen<Usage> Usages =
        from count in Gen.Choose(1, 5)
        from days in Gen.Choose(-50, 400).ArrayOf(count)
        from distances in Gen.Choose(0, 2000).ArrayOf(count)
        select new Usage(
            days.Zip(
                distances,
                (day, distance) => new UsageEntry(Start.AddDays(day), WeeklyDistance.FromKilometres(distance))
            )
        );

    private static readonly Gen<Soiling> Soilings =
        from days in Gen.Choose(1, 400)
        from distance in Gen.Choose(0, 100)
        from exposure in Gen.Choose(1, 100)
        from multiplier in Gen.Choose(20, 500)
        select new Soiling(
            TimeSpan.FromDays(days),
            DriverShares.WithDistance(distance / 100.0),
            new Share(exposure / 100.0),
            multiplier / 100.0
        );

    [Property]
    public Property Rise_is_additive_over_split_intervals() =>
        Prop.ForAll(
            Soilings.ToArbitrary(),
            Usages.ToArbitrary(),
            Gen.Choose(0, 9000).Three().ToArbitrary(),
            (soiling, usage, hours) =>
            {
                int[] sorted = [.. new[] { hours.Item1, hours.Item2, hours.Item3 }.Order()];
                DateTimeOffset a = Start.AddHours(sorted[0]);
                DateTimeOffset b = Start.AddHours(sorted[1]);
                DateTimeOffset c = Start.AddHours(sorted[2]);
                double whole = soiling.Rise(usage, a, c);
                double parts = soiling.Rise(usage, a, b) + soiling.Rise(usage, b, c);
                return Math.Abs(whole - parts) <= 1e-9 * Math.Max(1, whole);
            }
        );

    [Property]
    public Property More_distance_never_lowers_a_level() =>
        Prop.ForAll(
            Soilings.ToArbitrary(),
            Gen.Choose(0, 9999).Two().ToArbitrary(),
            Gen.Choose(1, 700).ToArbitrary(),
            (soiling, distances, days) =>
            {
                (int a, int b) = distances;
                double less = soiling.Rise(Driving(Math.Min(a, b)), Start, Start.AddDays(days));
                double more = soiling.Rise(Driving(Math.Max(a, b)), Start, Start.AddDays(days));
                return less <= more + 1e-12;
            }
        );

    [Theory]
    [MemberData(nameof(EveryTask))]
    public void At_reference_use_the_mark_is_reached_after_the_baseline(string taskId)
    {
        CareTask task = CareTasks.Find(taskId)!;
        var soiling = new Soiling(task.Interval, task.Shares, Share.All);

        double rise = soiling.Rise(Usage.Reference, Start, Start.AddDays(task.Interval.TotalDays));
        DateTimeOffset? due = soiling.WhenRisenBy(Usage.Reference, Start, 1);

        Assert.Equal(1, rise, 9);
        Assert.Equal(task.Interval.TotalDays, (due!.Value - Start).TotalDays, 6);
    }

    [Property]
    public Property The_crossing_is_where_the_rise_says_it_is() =>
        Prop.ForAll(
            Soilings.ToArbitrary(),
            Usages.ToArbitrary(),
            Gen.Choose(1, 300).ToArbitrary(),
            (soiling, usage, amount) =>
            {
                double wanted = amount / 100.0;
                return soiling.WhenRisenBy(usage, Start, wanted) is not { } at
                    || Math.Abs(soiling.Rise(usage, Start, at) - wanted) < 1e-6;
            }
        );

    [Fact]
    public void What_only_comes_with_distance_stands_still_in_a_car_that_stands_still()
    {
        var soiling = new Soiling(TimeSpan.FromDays(10), DriverShares.WithDistance(1), Share.All);

        Assert.Equal(0, soiling.Rise(Driving(0), Start, Start.AddDays(100)));
        Assert.Null(soiling.WhenRisenBy(Driving(0), Start, 1));
    }

    public static TheoryData<string> EveryTask() => [.. CareTasks.All.Select(task => task.Id.Value)];

    private static Usage Driving(double kilometres) =>
        new([new UsageEntry(Start.AddDays(-1), WeeklyDistance.FromKilometres(kilometres))]);
}
