using Cove.Core.Tests.Routine;

namespace Cove.Core.Tests.Advice;

/// <summary>No session on any car, shelf, season and length holds a step that a practitioner would refuse.</summary>
public sealed class SoundAdviceTests
{
    private static readonly int Households = LongRun.Of(100, 2_000);

    [Fact]
    public void No_session_of_any_length_holds_a_step_that_a_practitioner_would_refuse() =>
        Check.One(
            Draws.Of(Households),
            Prop.ForAll(
                AnyHousehold.All.ToArbitrary(),
                household =>
                {
                    string[] complaints =
                    [
                        .. household.Day.Offer.Plans.SelectMany(plan =>
                            new Critic(household, plan).Complaints()
                        ),
                    ];
                    return (complaints.Length == 0).Label(string.Join('\n', complaints.Take(5)));
                }
            )
        );

    [Fact]
    public void Whatever_is_not_done_has_its_reason() =>
        Check.One(
            Draws.Of(Households / 4),
            Prop.ForAll(
                AnyHousehold.All.ToArbitrary(),
                household =>
                {
                    CareKey[] ready = [.. household.Day.Offer.WorthDoing.SelectMany(Keys)];
                    CareKey[] held = [.. household.Day.Offer.Held.SelectMany(hold => Keys(hold.Status))];
                    CareKey[] all = [.. household.Day.Statuses.SelectMany(Keys)];
                    bool each = ready.Concat(held).ToHashSet().SetEquals(all) && !ready.Intersect(held).Any();
                    bool said = household.Day.Offer.Held.All(hold =>
                        hold.Why.EndsWith('.')
                        && (
                            hold.Reason is HoldReason.NotDue or HoldReason.OtherFirst
                            || hold.WayOut is not null
                        )
                    );
                    return (each && said).ToProperty();
                }
            )
        );

    [Fact]
    public void The_session_of_a_slot_holds_none_either_whatever_the_routine_put_into_it() =>
        Check.One(
            Draws.Of(Households / 2),
            Prop.ForAll(
                AnyHousehold.All.ToArbitrary(),
                household =>
                {
                    int minutes = 10 + (household.Seed % 90);
                    var year = new CarYear(
                        household.Day.Car,
                        OwnerPaces.Nothing,
                        household.Now,
                        TimeZoneInfo.Utc
                    );
                    var routine = new CarRoutine([
                        AnyRoutine.Slot(
                            "FREQ=WEEKLY",
                            household.Today,
                            minutes,
                            (Standing)(household.Seed % 3)
                        ),
                    ]);
                    RoutinePlan plan = new RoutinePlanner(
                        year,
                        new Dictionary<TaskId, DateOnly>(),
                        TimeZoneInfo.Utc
                    ).Plan(routine, 2);
                    SessionPlan session = household
                        .Day.SlotSession(
                            [.. plan.Slots[0].Tasks.Select(visit => visit.Item.Task.Id)],
                            minutes
                        )
                        .Plan;
                    string[] complaints = [.. new Critic(household, session).Complaints()];
                    return (complaints.Length == 0).Label(string.Join('\n', complaints.Take(5)));
                }
            )
        );

    private static IEnumerable<CareKey> Keys(CareStatus status) =>
        status.Surfaces.Select(surface => new CareKey(status.Item.Task.Id, surface.Surface.Id));
}
