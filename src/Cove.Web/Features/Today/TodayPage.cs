using Cove.Web.Features.Choices;
using Cove.Web.Features.Vehicles;

namespace Cove.Web.Features.Today;

/// <summary>Writes a session out for the Today place.</summary>
internal sealed class TodayPage(DayPlan day, OwnerClock clock)
{
    private readonly CareLedger ledger = day.Ledger;
    private readonly SessionOffer offer = day.Offer;
    private readonly SessionPlaces places = day.Places;
    private IReadOnlyList<TaskChoices> choices = [];

    /// <summary>Writes it out.</summary>
    /// <param name="session">The session.</param>
    /// <param name="ofSlot">Whether it is what the routine planned for today.</param>
    /// <param name="underWay">The run that is under way; null when there is none.</param>
    /// <param name="useVersion">Names what was said of the use.</param>
    public TodayView Show(PlannedSession session, bool ofSlot, Guid? underWay, int useVersion)
    {
        int minutes = session.Plan.Minutes;
        SessionPlan plan = session.Plan;
        choices = session.Choices;
        DateTimeOffset now = clock.Now;
        PlannedStepView[] steps = [.. plan.Order.Steps.Select((step, index) => Step(plan, step, index + 1))];
        LaterView[] later =
        [
            .. Due.SoonestFirst(offer.LeftBy(session.Plan).Select(Later), later => later.DaysLeft),
        ];
        HeldView[] held = [.. offer.Held.Select(Held)];
        CareStatus[] overdue = [.. day.Statuses.Where(status => status.Level.IsDue)];
        return new TodayView(
            VehicleView.Of(ledger.Vehicle),
            clock.OnTheWall(now),
            ledger.Usage.At(now).Distance.Kilometres,
            useVersion,
            underWay,
            minutes,
            session.Tag,
            ofSlot,
            plan.Gain.Value,
            [.. offer.Plans.Select(other => new CurvePointView(other.Minutes, other.Gain.Value))],
            offer.WorthDoing.Count,
            overdue.Length,
            overdue.Count(status => plan.DoesAllOf(OverdueOf(status))),
            offer.MinutesForOverdue,
            offer.MinutesForComingDue,
            offer.MinutesUntilFlat,
            day.Statuses.Min(status => status.Earliest.Due.DueDate(clock.Zone)),
            steps,
            Drying(plan),
            Walk(plan),
            [.. KitsOf(plan).Select(kit => new KitView(kit.Facts().Name, kit.Facts().Contents))],
            [.. SessionMixture.Of(session.Steps, LeftOf).Select(SessionMixtureView.Of)],
            day.Car.Shelf.Products.Count,
            later,
            held,
            [.. plan.Later.Select(BroughtBack)],
            PlaceDocument.Of(day.Methods.Place),
            plan.Order.Length.TotalMinutes,
            plan.Order.Busy.TotalMinutes,
            (plan.Order.Length - plan.Order.Busy).TotalMinutes,
            clock.OnTheWall(now + plan.Order.Length),
            SchoolTable.OrderIn(day.Car.Shelf.Ways),
            plan.WorksInOrder.SelectMany(work => work.Uses)
                .Select(use => use.Method.Cautions[0])
                .FirstOrDefault(string.Empty),
            HeatCare.CautionsAt(day.Methods.Place),
            HeatCare.IsWorthAsking(day.Methods.Place, clock.OnTheWall(now)),
            day.Spots.FirstAidTakes.TotalMinutes
        );
    }

    /// <summary>What of an overdue task is overdue.</summary>
    private static CareStatus OverdueOf(CareStatus status) =>
        status.On([.. status.Surfaces.Where(surface => surface.Due.Level.IsDue)]);

    private Quantity? LeftOf(ProductId productId) =>
        day.Car.Shelf.Products.FirstOrDefault(product => product.Id == productId) is { } product
            ? day.Supplies.Of(product).Left
            : null;

    private static IEnumerable<Kit> KitsOf(SessionPlan plan) =>
        plan.Order.Steps.SelectMany(step => plan.Jobs[step.Job].Kits).Distinct();

    private PlannedStepView Step(SessionPlan plan, OrderedJob step, int number)
    {
        OrderJob job = plan.Jobs[step.Job];
        if (SessionChores.Find(job.TaskId) is { } chore)
        {
            return Chore(plan, step, chore, number);
        }

        TaskWork work = plan.Works.First(work => work.Status.Item.Task.Id == job.TaskId);
        CareStatus status = work.Status;
        CareTask task = status.Item.Task;
        return new PlannedStepView(
            number,
            task.Id.Value,
            job.PutsBack,
            job.PutsBack ? PuttingBack.NameOf(task) : task.Name,
            job.PutsBack ? PuttingBack.ShortNameOf(task) : task.ShortName,
            job.PutsBack ? null : status.Earliest.Due.DaysLeft(clock.Now, clock.Zone),
            !job.PutsBack && status.Level.IsDue,
            [.. job.Kits.Select(kit => kit.Facts().Name)],
            job.PutsBack
                ? []
                : [.. work.Uses.Select(use => use.Method.Name).Distinct(StringComparer.Ordinal)],
            job.PutsBack ? [] : Products(task),
            step.Begin.TotalMinutes,
            step.End.TotalMinutes,
            StopOf(plan, step),
            [.. step.Tour.Select(zone => zone.Name)],
            job.PutsBack ? [] : [.. status.Item.Surfaces.Select(surface => surface.Name)],
            job.PutsBack ? string.Empty : PartOf(status),
            job.PutsBack ? string.Empty : StepReasons.Of(work, plan),
            job.PutsBack
                ? []
                :
                [
                    .. work
                        .Uses.SelectMany(use => use.Method.Cautions.Take(1))
                        .Distinct(StringComparer.Ordinal),
                ]
        );
    }

    private PlannedStepView Chore(SessionPlan plan, OrderedJob step, SessionChore chore, int number) =>
        new(
            number,
            chore.Id.Value,
            false,
            plan.Jobs[step.Job].ChoreName,
            chore.ShortName,
            null,
            false,
            [],
            [chore.Method.Name],
            [],
            step.Begin.TotalMinutes,
            step.End.TotalMinutes,
            StopOf(plan, step),
            [.. step.Tour.Select(zone => zone.Name)],
            [],
            string.Empty,
            string.Empty,
            [.. chore.Method.Cautions.Take(1)]
        );

    private UsedProductView[] Products(CareTask task) =>
        [
            .. choices
                .Where(chosen => chosen.Task.Id == task.Id)
                .SelectMany(chosen =>
                    chosen.Choices.SelectMany(choice => StepProduct.Of(chosen.Task, choice))
                )
                .Select(UsedProductView.Of),
        ];

    private DryingView[] Drying(SessionPlan plan) =>
        [
            .. plan
                .Order.Steps.Select((step, index) => (Job: plan.Jobs[step.Job], step.End, Number: index + 1))
                .Where(step => step.Job.Drying > TimeSpan.Zero)
                .Select(step => new DryingView(
                    step.Number,
                    CareTasks.Find(step.Job.TaskId)!.DryingWhat,
                    step.End.TotalMinutes,
                    (step.End + step.Job.Drying).TotalMinutes,
                    clock.OnTheWall(clock.Now + step.End + step.Job.Drying)
                )),
        ];

    /// <summary>One leg to each step that is not done on the spot, through every zone it visits.</summary>
    private List<WalkLegView> Walk(SessionPlan plan)
    {
        WalkLoop loop = day.Cabin.Plan.Loop;
        var legs = new List<WalkLegView>();
        double at = loop.PositionOf(day.Cabin.Zones[0].Stand);
        for (int index = 0; index < plan.Order.Steps.Count; index++)
        {
            var points = new List<PlanPoint>();
            foreach (Zone stop in plan.Order.Steps[index].Tour)
            {
                double next = loop.PositionOf(stop.Stand);
                points.AddRange(loop.Path(at, next));
                at = next;
            }

            if (points.Distinct().Count() > 1)
            {
                legs.Add(new WalkLegView(index + 1, points));
            }
        }

        return legs;
    }

    /// <summary>Where a step begins; work on the spot stands where the step before it ended.</summary>
    private PlanPoint StopOf(SessionPlan plan, OrderedJob step)
    {
        OrderedJob? last = plan
            .Order.Steps.TakeWhile(other => other != step)
            .LastOrDefault(other => other.Tour.Count > 0);
        return step.Tour.Count > 0 ? step.Tour[0].Stand
            : last is not null ? last.Tour[^1].Stand
            : day.Cabin.Zones[0].Stand;
    }

    private LaterView Later(LeftOver left)
    {
        CareTask task = left.Status.Item.Task;
        return new LaterView(
            task.Id.Value,
            task.Name,
            task.ShortName,
            PartOf(left.Status),
            left.Status.Earliest.Due.DaysLeft(clock.Now, clock.Zone),
            left.Status.Level.IsDue,
            left.ComesInAt
        );
    }

    private HeldView Held(HeldBack held)
    {
        CareTask task = held.Status.Item.Task;
        return new HeldView(
            task.Id.Value,
            task.Name,
            task.ShortName,
            [.. held.Status.Item.Surfaces.Select(surface => surface.Name)],
            PartOf(held.Status),
            day.Methods.Of(held.Status).Hands.TotalMinutes,
            held.Status.Earliest.Due.DaysLeft(clock.Now, clock.Zone),
            held.Status.Level.IsDue,
            held.Reason.MayBeOverruled(),
            held.Reason,
            held.Why,
            held.WayOut,
            held.From is { } from ? clock.OnTheWall(from) : null,
            held.Buy is { } buy ? ClassPresets.Of(buy).Name : null,
            held.Stand
        );
    }

    private BroughtBackView BroughtBack(BroughtBackLater later) =>
        new(
            later.Name.Length > 0 ? later.Name : RunStep.NameOf(later.TaskId, putsBack: true),
            later.From.TotalMinutes,
            clock.OnTheWall(clock.Now + later.From)
        );

    /// <summary>The surfaces in short, where they are only some of those that the task tends on this car.</summary>
    private string PartOf(CareStatus status)
    {
        CareStatus whole = day.Statuses.First(known => known.Item.Task == status.Item.Task);
        return status.Surfaces.Count == whole.Surfaces.Count
            ? string.Empty
            : SurfaceWords.InShort(status.Item.Surfaces);
    }
}
