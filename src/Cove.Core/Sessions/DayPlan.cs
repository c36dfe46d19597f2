using Cove.Core.Cars;
using Cove.Core.Choice;
using Cove.Core.Methods;
using Cove.Core.Sessions.Planning;
using Cove.Core.Sessions.Ready;
using Cove.Core.Spots;
using Cove.Core.Upkeep;
using Cove.Core.Upkeep.Tasks;
using Cove.Core.Vehicles.Plan;

namespace Cove.Core.Sessions;

/// <summary>A car at one instant: how its tasks stand, how they would be done, and what each length of session would bring.</summary>
/// <remarks>This is where everything that a session needs is put together, whoever asks: Today, the start of a run, Glass, the demo. It works things out when first asked and keeps them, so it is for one thread at a time.</remarks>
/// <param name="car">The car with what serves it.</param>
/// <param name="paces">What has been learnt of the owner's pace at chores.</param>
/// <param name="now">The instant.</param>
/// <param name="today">What the day brings; the usual when left out.</param>
/// <param name="request">What the owner asks of the session; nothing when left out.</param>
public sealed class DayPlan(
    CarShelf car,
    OwnerPaces paces,
    DateTimeOffset now,
    DayConditions? today = null,
    SessionRequest? request = null
)
{
    private readonly DayConditions today = today ?? DayConditions.Usual;
    private readonly SessionRequest request = request ?? SessionRequest.None;
    private DayPlan? asked;

    /// <summary>The day of which nothing is asked; null for that day itself.</summary>
    private DayPlan? unasked;
    private readonly Dictionary<int, PlannedSession> sessions = [];
    private SessionPlanner? planner;
    private SessionOffer? offer;

    /// <summary>The car with what serves it.</summary>
    public CarShelf Car => car;

    /// <summary>What is left of each product.</summary>
    public Supplies Supplies => today.Supplies;

    /// <summary>The car.</summary>
    public CareLedger Ledger => car.Ledger;

    /// <summary>The instant.</summary>
    public DateTimeOffset Now => now;

    /// <summary>The cabin as it is drawn and walked round.</summary>
    public Cabin Cabin { get; } = car.Ledger.Vehicle.ToCabin();

    /// <summary>How every task stands.</summary>
    public IReadOnlyList<CareStatus> Statuses { get; } = car.Ledger.At(now);

    /// <summary>How tasks are done.</summary>
    public MethodBook Methods { get; } =
        car.MethodsAt(
            now,
            paces,
            (today ?? DayConditions.Usual).Place,
            (today ?? DayConditions.Usual).Supplies,
            (today ?? DayConditions.Usual).Hair
        );

    /// <summary>The spots and closed surfaces of the car.</summary>
    public SpotBook Spots => today.Spots;

    /// <summary>What of the shelf may go on a spot, and what must not.</summary>
    public SpotProducts ProductsFor(OpenSpot spot) =>
        SpotProducts.For(spot.Aid, spot.Surface, car.Ways, today.Supplies);

    /// <summary>What a piece of work would be done with, by itself.</summary>
    public TaskChoices ChoicesFor(TaskWork work) =>
        new SessionProducts(car.Chooser, today.Circumstances).For(work);

    /// <summary>What can be done now and with what, and what cannot and why.</summary>
    public ReadyTasks Ready => field ??= ReadyOf(Statuses, request);

    /// <summary>What lies loose in the car.</summary>
    public LooseThings LooseThings =>
        field ??= LooseThings.Of(car.Ledger.Vehicle, car.Ledger.Usage.At(now).Use);

    /// <summary>Where work is done, in the owner's order.</summary>
    public SessionPlaces Places => field ??= new SessionPlaces(Cabin, Methods.Ways.Zones);

    /// <summary>What every length of session would bring. Ask <see cref="Session"/> for one of them.</summary>
    public SessionOffer Offer => offer ??= new SessionOffer(Planner, now);

    private SessionPlanner Planner => planner ??= Planned(request);

    /// <summary>A planner for what an owner asks, once and without keeping it; ask <see cref="Asked"/> for what is asked again and again.</summary>
    /// <param name="asks">What is asked.</param>
    public SessionPlanner Planned(SessionRequest asks) =>
        new(
            ReadyOf(Statuses, asks),
            Cabin,
            Methods,
            LooseThings,
            asks,
            // What a session does of all that is due stays comparable, whatever is left out.
            asks.IsNone
                ? null
                : (unasked ?? this).Planner.Worth,
            SeatsMayStayOut,
            Customs,
            today.Spots.FirstAidTakes
        );

    /// <summary>The same day with what an owner asks of the session. Ask it as this one; nothing asked gives this one itself.</summary>
    /// <param name="request">What is asked.</param>
    public DayPlan Asked(SessionRequest request) =>
        request.Tag == this.request.Tag ? this
        : asked?.request.Tag == request.Tag ? asked
        : asked = new DayPlan(car, paces, now, today, request) { unasked = unasked ?? this };

    /// <summary>The session for a number of minutes, with everything it takes.</summary>
    /// <param name="minutes">As for <see cref="SessionPlanner.Plan"/>.</param>
    public PlannedSession Session(int minutes)
    {
        if (!sessions.TryGetValue(minutes, out PlannedSession? known))
        {
            // Whoever has asked for the whole offer has every plan already.
            SessionPlan plan = offer?.At(minutes) ?? Planner.Plan(minutes);
            known = new PlannedSession(plan, car.Shelf.Ways.Fold);
            sessions[minutes] = known;
        }

        return known;
    }

    /// <summary>The session of a slot on its day: what was planned comes first, as far as it is due and can be done today, and the best of the rest fills the minutes.</summary>
    /// <param name="planned">The tasks that the plan has put into it, each with the instant of its next visit: a surface that would be over its mark before then has its turn now. Null where it has no further visit.</param>
    /// <param name="others">The tasks that may fill it.</param>
    /// <param name="minutes">As for <see cref="SessionPlanner.Plan"/>.</param>
    public PlannedSession SlotSession(
        IReadOnlyDictionary<TaskId, DateTimeOffset?> planned,
        IReadOnlyCollection<TaskId> others,
        int minutes
    ) =>
        SessionOf(
            task => planned.ContainsKey(task.Id) || others.Contains(task.Id) || request.Keeps(task),
            planned,
            minutes
        );

    /// <summary>A session of some tasks and no others, as far as they can be done today and fit.</summary>
    /// <param name="taskIds">The tasks.</param>
    /// <param name="minutes">As for <see cref="SessionPlanner.Plan"/>.</param>
    /// <remarks>What the owner keeps in beside them is done too. For a slot on its day see <see cref="SlotSession(IReadOnlyDictionary{TaskId, DateTimeOffset?}, IReadOnlyCollection{TaskId}, int)"/>.</remarks>
    public PlannedSession SlotSession(IReadOnlyCollection<TaskId> taskIds, int minutes) =>
        SessionOf(task => taskIds.Contains(task.Id) || request.Keeps(task), null, minutes);

    private PlannedSession SessionOf(
        Func<CareTask, bool> mayBe,
        IReadOnlyDictionary<TaskId, DateTimeOffset?>? planned,
        int minutes
    ) =>
        new(
            new SessionPlanner(
                ReadyOf(
                    [.. Statuses.Where(status => mayBe(status.Item.Task))],
                    request,
                    (task, surface) =>
                        planned?.GetValueOrDefault(task.Id) is { } next
                        && surface.Due.DueAt < next
                        && surface.Due.Level > ReadyTasks.FreshEnough
                ),
                Cabin,
                Methods,
                LooseThings,
                request,
                (unasked ?? this).Planner.Worth,
                SeatsMayStayOut,
                Customs,
                today.Spots.FirstAidTakes,
                planned?.Keys.ToHashSet()
            ).Plan(minutes),
            car.Shelf.Ways.Fold
        );

    /// <summary>Whoever drives within the hour drives with every child seat fixed.</summary>
    private bool SeatsMayStayOut => today.Place.Standing >= Standing.SomeHours;

    private SessionCustoms Customs => field ??= SessionCustoms.Of(car.Ledger, now);

    private ReadyTasks ReadyOf(
        IReadOnlyList<CareStatus> statuses,
        SessionRequest asks,
        Func<CareTask, SurfaceStatus, bool>? isPlanned = null
    ) =>
        new(
            statuses,
            Methods,
            new Gate(car.Shelf, today.Place, today.Damp, today.Spots),
            new SessionProducts(car.Chooser, today.Circumstances),
            asks,
            (task, surface) => SessionCustoms.RankOf(task, surface, LooseThings),
            isPlanned
        );
}
