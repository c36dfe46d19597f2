using Cove.Core.Sessions.Ready;
using Cove.Core.Upkeep;

namespace Cove.Core.Sessions.Planning;

/// <summary>What every length of session would bring, with the points on the way that are worth knowing.</summary>
public sealed class SessionOffer
{
    private static readonly Share NearlyAll = new(0.9);

    private readonly IReadOnlyList<SessionPlan> plans;

    /// <summary>Makes the offer of a planner.</summary>
    /// <param name="planner">The planner.</param>
    /// <param name="now">The present instant.</param>
    public SessionOffer(SessionPlanner planner, DateTimeOffset now)
    {
        plans = planner.PlanAll();
        ComingDue =
        [
            .. planner
                .WorthDoing.Select(status =>
                    On(
                        status,
                        surface => surface.Due.DueAt is { } due && due < now + SessionRules.NextSession
                    )
                )
                .OfType<CareStatus>(),
        ];
        Overdue =
        [
            .. planner
                .WorthDoing.Select(status => On(status, surface => surface.Due.Level.IsDue))
                .OfType<CareStatus>(),
        ];
        WorthDoing = planner.WorthDoing;
        Held = planner.Held;
    }

    /// <summary>A plan for each whole minute, shortest first.</summary>
    public IReadOnlyList<SessionPlan> Plans => plans;

    /// <summary>Everything worth doing now.</summary>
    public IReadOnlyList<CareStatus> WorthDoing { get; }

    /// <summary>What cannot be done now, with the reason.</summary>
    public IReadOnlyList<HeldBack> Held { get; }

    /// <summary>The tasks that reach their mark before the next weekly session.</summary>
    public IReadOnlyList<CareStatus> ComingDue { get; }

    /// <summary>What is due now, on the surfaces on which it is.</summary>
    public IReadOnlyList<CareStatus> Overdue { get; }

    /// <summary>The fewest minutes in which everything that is due now gets done; null when two hours are not enough or nothing is due.</summary>
    public int? MinutesForOverdue => LeastFor(Overdue);

    /// <summary>The fewest minutes in which everything coming due gets done; null when two hours are not enough or nothing is coming due.</summary>
    public int? MinutesForComingDue => LeastFor(ComingDue);

    /// <summary>The fewest minutes that take back nearly all of the upkeep; from there on it is detail. Null when two hours do not get there.</summary>
    public int? MinutesUntilFlat => plans.FirstOrDefault(plan => plan.Gain >= NearlyAll)?.Minutes;

    /// <summary>The plan for a number of minutes.</summary>
    /// <param name="minutes">As for <see cref="SessionPlanner.Plan"/>.</param>
    public SessionPlan At(int minutes) => plans[minutes - SessionRules.ShortestMinutes];

    /// <summary>The tasks worth doing that a session leaves, each on the surfaces that are left and with the session length at which the first of them comes in.</summary>
    /// <param name="chosen">The session that leaves them.</param>
    public IReadOnlyList<LeftOver> LeftBy(SessionPlan chosen)
    {
        return
        [
            .. WorthDoing
                .Select(status =>
                    On(status, surface => !chosen.Does(status.Item.Task.Id, surface.Surface.Id))
                )
                .OfType<CareStatus>()
                .Select(status => new LeftOver(
                    status,
                    plans
                        .FirstOrDefault(plan =>
                            plan.Minutes > chosen.Minutes
                            && status.Surfaces.Any(surface =>
                                plan.Does(status.Item.Task.Id, surface.Surface.Id)
                            )
                        )
                        ?.Minutes
                )),
        ];
    }

    private int? LeastFor(IReadOnlyList<CareStatus> all) =>
        all.Count == 0 ? null : plans.FirstOrDefault(plan => all.All(plan.DoesAllOf))?.Minutes;

    private static CareStatus? On(CareStatus status, Func<SurfaceStatus, bool> wanted)
    {
        SurfaceStatus[] some = [.. status.Surfaces.Where(wanted)];
        return some.Length == 0 ? null : status.On(some);
    }
}

/// <summary>A task that a session leaves for another day.</summary>
/// <param name="Status">The task.</param>
/// <param name="ComesInAt">The shortest longer session that has it; null when none does.</param>
public sealed record LeftOver(CareStatus Status, int? ComesInAt);
