using Cove.Tests.Lived;

namespace Cove.Core.Tests.Lived;

/// <summary>What a routine promises comes true when its owner does what it says.</summary>
public sealed class LivedYearTests(ITestOutputHelper output)
{
    private static readonly string[] CameTrue =
    [
        "monthly 60",
        "100 km a month in a garage, monthly 30",
        "family, dog, salt, weekly 30",
        "3,000 km a month, weekly 20",
    ];

    /// <summary>Owners whose years come true; those with a slot each week take long to live and are left to the long run.</summary>
    public static TheoryData<string> ComeTrue => [.. CameTrue.Take(LongRun.Of(2, 4))];

    // Seen: twice to four times as many days overdue as were promised.
    [Theory]
    [MemberData(nameof(ComeTrue))]
    public void A_year_is_lived_about_as_it_was_forecast(string name)
    {
        var year = LivedYear.ByPlan(LivedOwner.Eight.First(owner => owner.Name == name));

        Assert.InRange(year.Lived / year.Forecast, 0.75, 1.25);
    }

    // Seen: 1,101 days overdue were promised to an owner who came to six slots of ten, and 3,697 were lived.
    [Fact]
    public void A_year_with_four_slots_of_ten_missed_lies_in_the_band_that_reckons_with_them()
    {
        LivedOwner owner = LivedOwner.Eight.First(owner => owner.Skips > 0);
        int within = 0;
        int years = LongRun.Of(1, 12);
        for (int seed = 1; seed <= years; seed++)
        {
            var year = LivedYear.ByPlan(owner with { Seed = seed });
            Band band = YearFutures
                .Of(
                    year.Foreseen!,
                    DateOnly.FromDateTime(LivedOwner.Start.DateTime),
                    _ => default,
                    owner.Skips
                )
                .OverdueDays;
            output.WriteLine($"{year.Lived:0} days overdue, band {band.Low:0} to {band.High:0}");
            within += year.Lived >= band.Low && year.Lived <= band.High ? 1 : 0;
        }

        Assert.True(within >= years * 0.7, $"{within} of {years}");
    }

    // Seen: eight sessions in a row of three to four of twenty minutes.
    [Fact]
    public void Minutes_that_were_given_are_used_and_the_years_of_eight_owners_are_told()
    {
        foreach (LivedOwner owner in LivedOwner.Eight.Reverse().Take(LongRun.Of(1, 8)))
        {
            var plan = LivedYear.ByPlan(owner);
            var today = LivedYear.ByToday(owner);

            output.WriteLine(
                $"{owner.Name}: forecast {plan.Forecast:0}, lived by plan {plan.Lived:0}, by Today alone {today.LivedIn(plan.ForecastOf.Keys):0} days overdue; {plan.Minutes.Idle:0} of {plan.Minutes.Given:0} min idle"
            );
            Assert.True(plan.Minutes.Idle < plan.Minutes.Given * 0.1);
        }
    }

    // Seen: whoever did what the plan said was usually worse off than without one.
    [Fact]
    public void Random_owners_get_about_what_was_forecast_and_no_less_than_without_a_plan()
    {
        LivedOwner[] owners = [.. Enumerable.Range(1, LongRun.Of(2, 100)).Select(LivedOwner.Any)];
        double forecast = 0;
        double lived = 0;
        double alone = 0;
        foreach (LivedOwner owner in owners)
        {
            var plan = LivedYear.ByPlan(owner);
            double today = LivedYear.ByToday(owner).LivedIn(plan.ForecastOf.Keys);
            output.WriteLine(
                $"{owner.Name}: forecast {plan.Forecast:0}, lived by plan {plan.Lived:0}, by Today alone {today:0} days overdue"
            );
            Assert.True(plan.Lived <= (plan.Forecast * 1.4) + 50, owner.Name);
            Assert.True(plan.Lived <= (today * 1.25) + 50, owner.Name);
            forecast += plan.Forecast;
            lived += plan.Lived;
            alone += today;
        }

        Assert.True(lived <= forecast * 1.1, $"{lived:0} of {forecast:0}");
        Assert.True(lived <= alone * 1.02, $"{lived:0} of {alone:0}");
    }
}
