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
}
