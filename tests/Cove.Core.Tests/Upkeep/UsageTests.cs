using MathNet.Numerics.Integration;

namespace Cove.Core.Tests.Upkeep;

public sealed class UsageTests
{
    private static readonly DateTimeOffset Start = new(2026, 1, 1, 0, 0, 0, TimeSpan.Zero);

    private static readonly Gen<Usage> Usages =
        from count in Gen.Choose(1, 6)
        from days in Gen.Choose(-30, 200).ArrayOf(count)
        from uses in AnyCar.Uses.ArrayOf(count)
        select new Usage(days.Zip(uses, (day, use) => new UsageEntry(Start.AddDays(day), use)));

    [Property]
    public Property Stretches_cover_a_span_without_gap_or_overlap() =>
        Prop.ForAll(
            Usages.ToArbitrary(),
            Gen.Choose(-60, 250).Two().ToArbitrary(),
            (usage, ends) =>
            {
                DateTimeOffset from = Start.AddDays(Math.Min(ends.Item1, ends.Item2));
                DateTimeOffset to = Start.AddDays(Math.Max(ends.Item1, ends.Item2));
                UsageStretch[] stretches = [.. usage.Between(from, to)];
                bool whole =
                    from == to ? stretches.Length == 0 : stretches[0].From == from && stretches[^1].To == to;
                bool joined = stretches.Zip(stretches.Skip(1)).All(pair => pair.First.To == pair.Second.From);
                bool forward = stretches.All(stretch => stretch.From < stretch.To);
                bool right = stretches.All(stretch => usage.ConditionsAt(stretch.From) == stretch.Conditions);
                return whole && joined && forward && right;
            }
        );

    // Reference: numerical quadrature by MathNet.Numerics of the rate that holds at each instant.
    [Fact]
    public void The_rise_is_the_integral_of_the_rate()
    {
        var random = new Random(11);
        for (int round = 0; round < 40; round++)
        {
            Usage usage = new(
                Enumerable
                    .Range(0, 4)
                    .Select(_ => new UsageEntry(
                        Start.AddDays(random.Next(0, 100)),
                        CarUse.Reference with
                        {
                            Distance = WeeklyDistance.FromKilometres(random.Next(0, 900)),
                            GritMonths = MonthSet.Of(1, 3),
                            SunCreamMonths = MonthSet.Of(2),
                        }
                    ))
            );
            var soiling = new Soiling(
                TimeSpan.FromDays(random.Next(5, 120)),
                DriverShares
                    .WithDistance(0.5 * random.NextDouble())
                    .With(Driver.Grit, 0.3)
                    .With(Driver.SkinOils, 0.2),
                new Share(0.2 + (0.8 * random.NextDouble())),
                0.5 + random.NextDouble()
            );
            double days = 100;

            double integral = NewtonCotesTrapeziumRule.IntegrateComposite(
                day => soiling.PerDay(usage.ConditionsAt(Start.AddDays(day))),
                0,
                days,
                numberOfPartitions: 200_000
            );

            Assert.Equal(integral, soiling.Rise(usage, Start, Start.AddDays(days)), 3);
        }
    }

    [Fact]
    public void Before_the_first_entry_the_first_entry_holds()
    {
        var usage = new Usage([new UsageEntry(Start.AddDays(10), WeeklyDistance.FromKilometres(480))]);

        Assert.Equal(480, usage.At(Start).Distance.Kilometres);
        Assert.All(
            usage.Between(Start, Start.AddDays(20)),
            stretch => Assert.Equal(480, stretch.Conditions.Use.Distance.Kilometres)
        );
    }

    [Fact]
    public void Entries_may_be_told_in_any_order_and_there_must_be_one()
    {
        UsageEntry early = new(Start, WeeklyDistance.FromKilometres(100));
        UsageEntry late = new(Start.AddDays(5), WeeklyDistance.FromKilometres(200));

        Assert.Equal([early, late], new Usage([late, early]).Entries);
        Assert.Throws<ArgumentException>(() => new Usage([]));
    }
}
