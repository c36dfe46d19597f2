namespace Cove.Core.Tests.Upkeep;

public sealed class OdometerTests
{
    private static readonly DateTimeOffset Start = new(2026, 1, 5, 8, 0, 0, TimeSpan.Zero);

    [Property]
    public Property Between_readings_the_distance_is_what_was_driven() =>
        Prop.ForAll(
            Gen.Choose(3, 60).NonEmptyListOf().ToArbitrary(),
            Gen.Choose(0, 900).ToArbitrary(),
            Gen.Choose(0, 50_000).ToArbitrary(),
            (gaps, aWeek, first) =>
            {
                var readings = new List<OdometerReading> { new(Start, first) };
                foreach (int days in gaps)
                {
                    OdometerReading last = readings[^1];
                    readings.Add(new(last.At.AddDays(days), last.Kilometres + (aWeek * days / 7.0)));
                }

                Usage usage = Odometer.Apply(Usage.Reference, readings);
                double driven = usage
                    .Between(Start, readings[^1].At)
                    .Sum(stretch => stretch.Days / 7 * stretch.Conditions.Use.Distance.Kilometres);
                return Math.Abs(driven - (readings[^1].Kilometres - first)) < 1e-6
                    && Math.Abs(usage.At(readings[^1].At.AddDays(90)).Distance.Kilometres - aWeek) < 1e-6;
            }
        );

    [Fact]
    public void What_was_said_holds_before_the_first_reading_and_for_all_but_the_distance()
    {
        var said = new Usage([
            new UsageEntry(Start.AddDays(-30), CarUse.Reference),
            new UsageEntry(Start.AddDays(10), CarUse.Reference with { Children = 2 }),
        ]);

        Usage usage = Odometer.Apply(said, [new(Start, 1000), new(Start.AddDays(28), 2600)]);

        Assert.Equal(240, usage.At(Start.AddDays(-1)).Distance.Kilometres);
        Assert.Equal(400, usage.At(Start.AddDays(5)).Distance.Kilometres, 9);
        Assert.Equal(0, usage.At(Start.AddDays(5)).Use.Children);
        Assert.Equal(400, usage.At(Start.AddDays(11)).Distance.Kilometres, 9);
        Assert.Equal(2, usage.At(Start.AddDays(11)).Use.Children);
    }

    [Fact]
    public void One_reading_or_two_of_one_day_say_nothing()
    {
        Assert.Same(Usage.Reference, Odometer.Apply(Usage.Reference, [new(Start, 1000)]));
        Assert.Same(
            Usage.Reference,
            Odometer.Apply(Usage.Reference, [new(Start, 1000), new(Start.AddHours(5), 1300)])
        );
    }

    [Theory]
    [InlineData(10, 900, "backwards")]
    [InlineData(-10, 1100, "later reading")]
    [InlineData(10, 90_000, "in a week")]
    [InlineData(10, -1, "less than 0")]
    [InlineData(10, double.NaN, "less than 0")]
    public void A_reading_that_cannot_be_is_refused_with_what_to_do(int day, double shown, string word)
    {
        string? refusal = Odometer.Refusal([new(Start, 1000)], new(Start.AddDays(day), shown));

        Assert.Contains(word, refusal, StringComparison.Ordinal);
        Assert.Null(Odometer.Refusal([new(Start, 1000)], new(Start.AddDays(10), 1500)));
    }
}
