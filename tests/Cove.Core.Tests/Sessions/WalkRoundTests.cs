namespace Cove.Core.Tests.Sessions;

public sealed class WalkRoundTests
{
    [Property(MaxTest = 60)]
    public Property A_round_has_six_to_eight_looks_in_walking_order_within_three_minutes() =>
        Prop.ForAll(
            AnyCar.Layouts.ToArbitrary(),
            Gen.Choose(0, 100_000).ToArbitrary(),
            (layout, seed) =>
            {
                Vehicle vehicle = AnyCar.Of(layout);
                Cabin cabin = vehicle.ToCabin();
                WalkRoundPlan plan = WalkRound.Plan(Levels(vehicle, new Random(seed)), cabin);
                int[] zones = [.. plan.Looks.Select(look => cabin.Zones.ToList().IndexOf(look.Zone))];
                return (
                    plan.Looks.Count is >= WalkRound.Fewest and <= WalkRound.Most
                    && plan.Takes <= WalkRound.Longest
                    && plan.Looks.Sum(look => look.Inspection.Takes.TotalSeconds) <= plan.Takes.TotalSeconds
                    && zones.SequenceEqual(zones.Order())
                    && plan.Looks.Select(look => look.DecidesTaskId).Distinct().Count() == plan.Looks.Count
                    && plan.Looks.All(look => look.Inspection.AnyTime)
                    && plan.Looks.All(look => look.Inspection.TasksOn(look.Surface).Any())
                ).Label($"{plan.Looks.Count} looks, {plan.Takes}: {layout}");
            }
        );

    [Fact]
    public void What_is_uncertain_and_near_the_mark_is_looked_at_before_what_is_known_or_far_off()
    {
        Vehicle vehicle = AnyCar.Of(CareBook.ReferenceLayout);
        TaskId[] open = ["windscreen", "vacuum-carpets", "clean-wheel"];

        WalkRoundPlan plan = WalkRound.Plan(
            [
                .. KeysOf(vehicle)
                    .Select(key =>
                        open.Contains(key.TaskId)
                            ? new UncertainLevel(key, new Level(1), 0.6, Level.Everyday)
                            : new UncertainLevel(key, new Level(0.1), 0.2, Level.Everyday)
                    ),
            ],
            vehicle.ToCabin()
        );

        Assert.Superset(open.ToHashSet(), plan.Looks.Select(look => look.DecidesTaskId).ToHashSet());
    }

    [Fact]
    public void The_same_car_gives_the_same_round()
    {
        Vehicle vehicle = AnyCar.Of(CareBook.ReferenceLayout);

        WalkRoundPlan one = WalkRound.Plan(Levels(vehicle, new Random(3)), vehicle.ToCabin());
        WalkRoundPlan other = WalkRound.Plan(
            [.. Levels(vehicle, new Random(3)).Reverse()],
            vehicle.ToCabin()
        );

        Assert.Equal(one.Looks, other.Looks);
    }

    private static UncertainLevel[] Levels(Vehicle vehicle, Random random) =>
        [
            .. KeysOf(vehicle)
                .Select(key => new UncertainLevel(
                    key,
                    new Level(2 * random.NextDouble()),
                    0.1 + (0.6 * random.NextDouble()),
                    Level.Everyday
                )),
        ];

    private static IEnumerable<CareKey> KeysOf(Vehicle vehicle) =>
        CareBook
            .For(vehicle)
            .SelectMany(item => item.Surfaces.Select(surface => new CareKey(item.Task.Id, surface.Id)));
}
