namespace Cove.Core.Tests.Sessions;

public sealed class SessionPlannerTests
{
    private static readonly DateTimeOffset Now = new(2026, 3, 14, 9, 30, 0, TimeSpan.Zero);

    [Property(MaxTest = 25)]
    public Property Every_session_fits_its_minutes_and_more_time_never_brings_less() =>
        Prop.ForAll(
            AnyCar.Layouts.ToArbitrary(),
            Gen.Choose(0, int.MaxValue).ToArbitrary(),
            (layout, seed) =>
            {
                var random = new Random(seed);
                CareLedger ledger = AnyCar.Ledger(
                    layout,
                    Usage.Reference,
                    _ => new CareState(Now, new Level(random.NextDouble() * 1.5))
                );
                IReadOnlyList<SessionPlan> plans = Planner(ledger).PlanAll();
                bool fits = plans.All(plan => plan.Order.Length <= TimeSpan.FromMinutes(plan.Minutes));
                bool rises = plans.Zip(plans.Skip(1)).All(pair => pair.First.Gain <= pair.Second.Gain);
                IReadOnlyList<CareStatus> statuses = ledger.At(Now);
                bool complete = plans.All(plan =>
                    plan.Tasks.All(status =>
                        status.Item.Task.Requires is not { } required
                        || status.Surfaces.All(surface =>
                            plan.Does(required, surface.Surface.Id)
                            || statuses
                                .Where(other => other.Item.Task.Id == required)
                                .SelectMany(other => other.Surfaces)
                                .Where(other => other.Surface == surface.Surface)
                                .All(other => other.Due.Level <= ReadyTasks.FreshEnough)
                        )
                    )
                );
                return fits && rises && complete;
            }
        );

    [Fact]
    public void A_fresh_car_has_nothing_worth_doing()
    {
        CareLedger ledger = AnyCar.Ledger(CareBook.ReferenceLayout, Usage.Reference, Now, 0.1);

        SessionPlanner planner = Planner(ledger);

        Assert.Empty(planner.WorthDoing);
        Assert.Empty(planner.Plan(60).Tasks);
        Assert.Null(new SessionOffer(planner, Now).MinutesForComingDue);
    }

    // Common practice: sight and grip come before looks when time is short.
    [Fact]
    public void Sight_and_grip_come_before_looks()
    {
        CareLedger ledger = AnyCar.Ledger(
            CareBook.ReferenceLayout,
            Usage.Reference,
            key => new CareState(
                Now,
                new Level(key.TaskId.Value is "windscreen" or "wipe-gloss-trim" or "door-shuts" ? 1 : 0)
            )
        );

        Assert.True(Planner(ledger).Plan(5).Has("windscreen"));
        Assert.False(Planner(ledger).Plan(5).Has("door-shuts"));
    }

    [Fact]
    public void What_a_session_leaves_comes_in_later()
    {
        CareLedger ledger = AnyCar.Ledger(CareBook.ReferenceLayout, Usage.Reference, Now, 1);
        var offer = new SessionOffer(Planner(ledger), Now);

        IReadOnlyList<LeftOver> left = offer.LeftBy(offer.At(20));

        Assert.NotEmpty(left);
        Assert.All(
            left.Where(one => one.ComesInAt is not null),
            one => Assert.True(offer.At(one.ComesInAt!.Value).Has(one.Status.Item.Task.Id))
        );
        Assert.Equal(offer.WorthDoing.Count, left.Count + offer.At(20).Tasks.Count);
    }

    private static SessionPlanner Planner(CareLedger ledger) =>
        new(ledger.At(Now), CabinBuilder.Build(ledger.Vehicle.Layout));
}
