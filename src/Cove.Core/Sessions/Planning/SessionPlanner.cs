using Cove.Core.Cars;
using Cove.Core.Methods;
using Cove.Core.Schools;
using Cove.Core.Sessions.Ready;
using Cove.Core.Upkeep;
using Cove.Core.Vehicles.Plan;

namespace Cove.Core.Sessions.Planning;

/// <summary>Plans sessions for one vehicle at one instant: what is worth doing, for every length of session, and in which order.</summary>
/// <remarks>
/// Triage counts hands, fetching, and carrying out and back; walking, swapping kits and waiting for something to dry
/// are known only once the jobs stand in order. So every choice that triage makes for some length is brought into order,
/// each length takes the most worthwhile one that fits it, and whatever one task more would still fit beside it is added.
/// What cannot be dry by the end is brought back later: see <see cref="SessionPlan.Later"/>.
/// </remarks>
public sealed class SessionPlanner
{
    private readonly ReadyTasks ready;
    private readonly SessionCandidates candidates;
    private readonly SessionChoices choices;
    private readonly double wholeWorth;

    /// <summary>Makes a planner that works by the table, whatever is at hand.</summary>
    /// <param name="statuses">How every task of the vehicle stands.</param>
    /// <param name="cabin">The cabin, for the walking.</param>
    public SessionPlanner(IReadOnlyList<CareStatus> statuses, Cabin cabin)
        : this(new ReadyTasks(statuses), cabin, null) { }

    /// <summary>Makes a planner.</summary>
    /// <param name="ready">What can be done now, and with what.</param>
    /// <param name="cabin">The cabin, for the walking.</param>
    /// <param name="methods">How its tasks are done; as the table has it when left out.</param>
    /// <param name="things">What lies loose in the car; nothing when left out.</param>
    /// <param name="request">What the owner asks of the session, as it was put to <paramref name="ready"/>; nothing when left out.</param>
    /// <param name="ofWorth">What all of the upkeep is worth of which a session does a share, see <see cref="Worth"/>; that of <paramref name="ready"/> when left out.</param>
    /// <param name="seatsMayStayOut">Whether the car stands long enough afterwards for child seats to stay out until what is under them is dry; where it does not, they come back in every session that takes them out.</param>
    /// <param name="customs">What a practitioner would not leave out; nothing when left out.</param>
    /// <param name="before">What of the minutes is gone before the session begins: first aid for fresh spots. None when left out.</param>
    /// <param name="planned">The tasks that a plan has put into this session; none when left out.</param>
    public SessionPlanner(
        ReadyTasks ready,
        Cabin cabin,
        MethodBook? methods,
        LooseThings? things = null,
        SessionRequest? request = null,
        double? ofWorth = null,
        bool seatsMayStayOut = true,
        SessionCustoms? customs = null,
        TimeSpan before = default,
        IReadOnlyCollection<TaskId>? planned = null
    )
    {
        this.ready = ready;
        WaysOfWorking ways = methods?.Ways ?? WaysOfWorking.Default;
        var jobs = new SessionJobs(
            new SessionPlaces(cabin, ways.Zones),
            ways,
            methods?.Paces ?? OwnerPaces.Nothing,
            things,
            request
        );
        candidates = new SessionCandidates(ready, jobs, customs ?? SessionCustoms.None, planned);
        var works = new SessionWorks(ready, candidates, methods is null ? TaskWork.FromTable : methods.Of);
        bool seatsComeBack = jobs.HasChildSeats && !seatsMayStayOut;
        choices = new SessionChoices(
            candidates,
            new SessionOrders(works, jobs, seatsMayStayOut),
            seatsComeBack,
            before
        );
        wholeWorth = ofWorth ?? Worth;
    }

    /// <summary>The tasks that are worth doing now, on the surfaces that need it, with those they require.</summary>
    public IReadOnlyList<CareStatus> WorthDoing => [.. ready.All.Select(task => task.Status)];

    /// <summary>What cannot be done now, with the reason.</summary>
    public IReadOnlyList<HeldBack> Held => ready.Held;

    /// <summary>What doing all of it is worth, in points; see <see cref="TaskWorth"/>.</summary>
    public double Worth => candidates.Worth;

    /// <summary>Plans the session for a number of minutes.</summary>
    /// <param name="minutes">From <see cref="SessionRules.ShortestMinutes"/> to <see cref="SessionRules.LongestMinutes"/>.</param>
    /// <exception cref="ArgumentOutOfRangeException">The minutes are outside that range.</exception>
    public SessionPlan Plan(int minutes)
    {
        ArgumentOutOfRangeException.ThrowIfLessThan(minutes, SessionRules.ShortestMinutes);
        ArgumentOutOfRangeException.ThrowIfGreaterThan(minutes, SessionRules.LongestMinutes);
        return choices.For(minutes) is { } choice
            ? new SessionPlan(
                minutes,
                choice.Order.Works,
                choice.Order.Jobs,
                choice.Order.Order,
                wholeWorth == 0 ? Share.None : new Share(Math.Min(1, choice.Worth / wholeWorth))
            )
            {
                Choices = ProductsOf(choice.Order),
                Later = choice.Order.Later,
            }
            : new SessionPlan(minutes, [], [], new RunningOrder([], TimeSpan.Zero), Share.None);
    }

    /// <summary>Plans a session for each whole minute from the shortest to the longest; the share gained never falls.</summary>
    public IReadOnlyList<SessionPlan> PlanAll() =>
        [
            .. Enumerable
                .Range(
                    SessionRules.ShortestMinutes,
                    SessionRules.LongestMinutes - SessionRules.ShortestMinutes + 1
                )
                .Select(Plan),
        ];

    private TaskChoices[] ProductsOf(PlannedOrder planned) =>
        [
            .. planned
                .Order.Steps.Select(step => planned.Jobs[step.Job].TaskId)
                .Distinct()
                .Select(id => planned.Works.FirstOrDefault(work => work.Status.Item.Task.Id == id))
                .OfType<TaskWork>()
                .Select(work =>
                    ready
                        .All.First(task => task.Status.Item.Task == work.Status.Item.Task)
                        .Choices.On(work.Status.Surfaces.Select(surface => surface.Surface.Id))
                ),
        ];
}
