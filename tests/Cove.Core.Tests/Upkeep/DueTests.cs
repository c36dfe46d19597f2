namespace Cove.Core.Tests.Upkeep;

public sealed class DueTests
{
    private static readonly DateTimeOffset Now = new(2026, 3, 14, 10, 0, 0, TimeSpan.Zero);

    [Property]
    public Property The_effects_add_up_to_the_interval() =>
        Prop.ForAll(
            Gen.Choose(1, 300).ToArbitrary(),
            Gen.Choose(5, 100).ToArbitrary(),
            Gen.Choose(1, 3000).ToArbitrary(),
            (days, exposure, distance) =>
            {
                var soiling = new Soiling(
                    TimeSpan.FromDays(days),
                    DriverShares.WithDistance(0.4),
                    new Share(exposure / 100.0),
                    1.3
                );
                Due due = Due.Compute(
                    new CareState(Now, Level.Fresh),
                    soiling,
                    Driving(distance),
                    Now,
                    Level.Everyday
                );
                double sum = due.Baseline.TotalDays + due.Effects.Sum(effect => effect.Adds.TotalDays);
                // Causes of less than a hundredth of a day are not worth naming.
                return Math.Abs(sum - due.Interval!.Value.TotalDays) < 0.02;
            }
        );

    [Fact]
    public void Twice_the_distance_brings_the_date_forward_by_the_share_of_distance()
    {
        var soiling = new Soiling(TimeSpan.FromDays(30), DriverShares.WithDistance(0.5), Share.All);

        Due due = Due.Compute(new CareState(Now, Level.Fresh), soiling, Driving(480), Now, Level.Everyday);

        Assert.Equal(20, due.Interval!.Value.TotalDays, 6);
        DueEffect effect = Assert.Single(due.Effects);
        Assert.Equal(-10, effect.Adds.TotalDays, 6);
        Assert.Contains("480 km", effect.Cause, StringComparison.Ordinal);
    }

    [Fact]
    public void Days_left_count_calendar_days_where_the_owner_lives()
    {
        TimeZoneInfo west = TimeZoneInfo.CreateCustomTimeZone("west", TimeSpan.FromHours(-8), "west", "west");
        var soiling = new Soiling(TimeSpan.FromDays(7), DriverShares.WithDistance(0), Share.All);
        // Four in the morning in UTC is still the evening before in the west.
        DateTimeOffset done = new(2026, 3, 14, 4, 0, 0, TimeSpan.Zero);

        Due due = Due.Compute(
            new CareState(done, Level.Fresh),
            soiling,
            Usage.Reference,
            done,
            Level.Everyday
        );

        Assert.Equal(new DateOnly(2026, 3, 21), due.DueDate(TimeZoneInfo.Utc));
        Assert.Equal(new DateOnly(2026, 3, 20), due.DueDate(west));
        Assert.Equal(7, due.DaysLeft(done, west));
    }

    [Fact]
    public void A_task_over_its_mark_has_negative_days_and_one_that_never_comes_has_none()
    {
        var weekly = new Soiling(TimeSpan.FromDays(7), DriverShares.WithDistance(0), Share.All);
        var driven = new Soiling(TimeSpan.FromDays(7), DriverShares.WithDistance(1), Share.All);
        var tenDaysAgo = new CareState(Now.AddDays(-10), Level.Fresh);

        Assert.Equal(
            -3,
            Due.Compute(tenDaysAgo, weekly, Usage.Reference, Now, Level.Everyday)
                .DaysLeft(Now, TimeZoneInfo.Utc)
        );
        Assert.Null(
            Due.Compute(tenDaysAgo, driven, Driving(0), Now, Level.Everyday).DaysLeft(Now, TimeZoneInfo.Utc)
        );
    }

    private static Usage Driving(double kilometres) =>
        new([new UsageEntry(Now.AddDays(-100), WeeklyDistance.FromKilometres(kilometres))]);
}
