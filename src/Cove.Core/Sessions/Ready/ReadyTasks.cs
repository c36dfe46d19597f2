using Cove.Core.Cars;
using Cove.Core.Catalogue.Products;
using Cove.Core.Choice;
using Cove.Core.Methods;
using Cove.Core.Methods.Glass;
using Cove.Core.Upkeep;
using Cove.Core.Upkeep.Levels;
using Cove.Core.Upkeep.Tasks;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Sessions.Ready;

/// <summary>What can be done to a car now, with what; and what cannot, with the reason.</summary>
/// <remarks>
/// Every task is asked for each of its surfaces: is it due enough, can it be done here and now, is there something safe,
/// strong enough, in date and enough to do it with? Products are settled for all tasks together, so that any choice among
/// these tasks can be carried out with what is on the shelf and brings nothing together that must not meet.
/// </remarks>
public sealed class ReadyTasks
{
    /// <summary>A task at or below this level counts as done where another requires it.</summary>
    public static readonly DueLevel FreshEnough = new(0.15);

    private readonly Dictionary<TaskId, CareStatus> statuses;
    private readonly Dictionary<TaskId, ReadyTask> ready = [];
    private readonly List<HeldBack> held = [];
    private readonly Dictionary<TaskId, HashSet<SurfaceId>> wanted = [];
    private readonly MethodBook? methods;
    private readonly Gate? gate;
    private readonly SessionProducts? products;
    private readonly SessionRequest request;
    private readonly Func<CareTask, Surface, int> rank;
    private readonly Func<CareTask, SurfaceStatus, bool> isPlanned;

    /// <summary>Asks every task of a car.</summary>
    /// <param name="statuses">How the tasks stand.</param>
    /// <param name="methods">How they are done; by the table when left out.</param>
    /// <param name="gate">Asks whether they can be done now; they all can when it is left out.</param>
    /// <param name="products">Chooses what they are done with; whatever there is when it is left out.</param>
    /// <param name="request">What the owner asks of the session; nothing when left out.</param>
    /// <param name="rank">What of the surfaces of a task is taken up first, the lowest rank first; the most soiled alone decides when left out.</param>
    /// <param name="isPlanned">Whether a task is planned on a surface now, though it may not be near to being due; never when left out.</param>
    public ReadyTasks(
        IReadOnlyList<CareStatus> statuses,
        MethodBook? methods = null,
        Gate? gate = null,
        SessionProducts? products = null,
        SessionRequest? request = null,
        Func<CareTask, Surface, int>? rank = null,
        Func<CareTask, SurfaceStatus, bool>? isPlanned = null
    )
    {
        this.isPlanned = isPlanned ?? ((_, _) => false);
        this.rank = rank ?? ((_, _) => 0);
        this.request = request ?? SessionRequest.None;
        this.statuses = statuses.ToDictionary(status => status.Item.Task.Id);
        this.methods = methods;
        this.gate = gate;
        this.products = products;
        // Whatever another task requires is wanted for its sake, so those come first.
        foreach (CareStatus status in statuses.OrderByDescending(Depth))
        {
            Want(status);
        }

        foreach (
            CareStatus status in statuses
                .OrderBy(Depth)
                .ThenByDescending(status => TaskWorth.Of(status.Item.Task, status.Level))
                .ThenBy(status => status.Item.Task.Id)
        )
        {
            Prepare(status);
        }

        DropWhatNobodyNeeds();
        All =
        [
            .. statuses.Select(status => ready.GetValueOrDefault(status.Item.Task.Id)).OfType<ReadyTask>(),
        ];
        Held = Joined(statuses);
    }

    /// <summary>The tasks that can be done now, in the order of the table.</summary>
    public IReadOnlyList<ReadyTask> All { get; }

    /// <summary>What is held back, a line for each task and reason, in the order of the table. What was not asked for is not among it.</summary>
    public IReadOnlyList<HeldBack> Held { get; }

    /// <summary>Whether a task is done on a surface for its own sake: it is asked for there, and it is due enough, planned for now, or kept in whatever its level.</summary>
    public bool IsWanted(CareTask task, SurfaceStatus surface) =>
        request.Covers(task, surface.Surface)
        && (request.Keeps(task) || Gate.IsDueEnough(task, surface) || isPlanned(task, surface));

    /// <summary>The tasks that are to be done in any case and can be.</summary>
    public IEnumerable<ReadyTask> KeptIn => All.Where(task => request.Keeps(task.Status.Item.Task));

    /// <summary>The ready task that another one requires; null when it requires none, or needs none here.</summary>
    public ReadyTask? RequiredBy(ReadyTask task) =>
        task.Status.Item.Task.Requires is { } id && ready.TryGetValue(id, out ReadyTask? other)
            ? other
            : null;

    private int Depth(CareStatus status) =>
        status.Item.Task.Requires is { } id && statuses.TryGetValue(id, out CareStatus? required)
            ? 1 + Depth(required)
            : 0;

    private HashSet<SurfaceId> WantedFor(TaskId taskId) =>
        wanted.TryGetValue(taskId, out HashSet<SurfaceId>? known) ? known : wanted[taskId] = [];

    private void Want(CareStatus status)
    {
        HashSet<SurfaceId> mine = WantedFor(status.Item.Task.Id);
        foreach (SurfaceStatus surface in status.Surfaces)
        {
            if (gate?.ClosedOn(status, surface) is { } closed)
            {
                mine.Remove(surface.Surface.Id);
                Hold(closed);
                continue;
            }

            if (request.LeftOut.Contains(status.Item.Task.Id))
            {
                mine.Remove(surface.Surface.Id);
                Hold(new HeldBack(status.On([surface]), HoldReason.LeftOut, "You left it out."));
                continue;
            }

            if (!mine.Contains(surface.Surface.Id) && !IsWanted(status.Item.Task, surface))
            {
                Hold(NotWanted(status, surface));
                continue;
            }

            mine.Add(surface.Surface.Id);
            if (RequiredOn(status, surface.Surface) is not null)
            {
                WantedFor(status.Item.Task.Requires!.Value).Add(surface.Surface.Id);
            }
        }
    }

    private static HeldBack NotWanted(CareStatus status, SurfaceStatus surface) =>
        Gate.IsDueEnough(status.Item.Task, surface)
            ? new HeldBack(status.On([surface]), HoldReason.NotAskedFor, "You asked for something else.")
            : new HeldBack(status.On([surface]), HoldReason.NotDue, "It is not due yet.");

    /// <summary>How the required task stands on a surface, where it has to be done first; null when it need not.</summary>
    private SurfaceStatus? RequiredOn(CareStatus status, Surface surface) =>
        status.Item.Task.Requires is { } id && statuses.TryGetValue(id, out CareStatus? required)
            ? required.Surfaces.FirstOrDefault(other =>
                other.Surface.Id == surface.Id && other.Due.Level > FreshEnough
            )
            : null;

    private void Prepare(CareStatus status)
    {
        HashSet<SurfaceId> mine = WantedFor(status.Item.Task.Id);
        var open = new List<SurfaceStatus>();
        foreach (
            SurfaceStatus surface in status
                .Surfaces.Where(surface => mine.Contains(surface.Surface.Id))
                // What ranks first, then the most soiled; what is only wanted for another task's sake may be anywhere among them.
                .OrderBy(surface => rank(status.Item.Task, surface.Surface))
                .ThenByDescending(surface => surface.Due.Level.Value)
        )
        {
            if (FirstHeld(status, surface) is { } hold)
            {
                Hold(hold);
            }
            else if (gate?.DampOn(status, surface) is { } wet)
            {
                Hold(wet);
            }
            else
            {
                open.Add(surface);
            }
        }

        open = ThroughTheGate(status, open);
        while (open.Count > 0)
        {
            TaskWork work = WorkOn(status.On(open));
            TaskChoices choices = products?.For(work) ?? new TaskChoices(status.Item.Task, []);
            ChoiceForSurfaces[] wet = request.WithoutWater ? [.. choices.Choices.Where(TakesWater)] : [];
            if (wet.Length > 0)
            {
                SurfaceStatus[] drop =
                [
                    .. open.Where(surface => wet.Any(choice => choice.Surfaces.Contains(surface.Surface))),
                ];
                Hold(new HeldBack(status.On(drop), HoldReason.NotAskedFor, "It takes water."));
                open = [.. open.Except(drop)];
                continue;
            }

            ChoiceForSurfaces[] lacking = [.. choices.Choices.Where(choice => choice.Choice.Best is null)];
            if (lacking.Length == 0)
            {
                products?.Take(choices);
                ready[status.Item.Task.Id] = methods is null
                    ? ReadyTask.Whole(work, choices)
                    : ReadyTask.InParts(work, choices, WorkOn);
                return;
            }

            open = Without(status, open, lacking);
        }
    }

    private static bool TakesWater(ChoiceForSurfaces choice) =>
        choice.Choice.Best is { } pick
        && (!pick.Strength.IsNeat || pick.Product.Make.Class is ProductClass.Water or ProductClass.SoapWater);

    private HeldBack? FirstHeld(CareStatus status, SurfaceStatus surface) =>
        RequiredOn(status, surface.Surface) is not null
        && !(
            ready.TryGetValue(status.Item.Task.Requires!.Value, out ReadyTask? first)
            && first.LinkWith(surface.Surface.Id) is not null
        )
            ? new HeldBack(
                status.On([surface]),
                HoldReason.OtherFirst,
                $"It comes only after “{statuses[status.Item.Task.Requires!.Value].Item.Task.Name}”, which is left out."
            )
            : null;

    private List<SurfaceStatus> ThroughTheGate(CareStatus status, List<SurfaceStatus> open)
    {
        if (gate is null || methods is null || open.Count == 0)
        {
            return open;
        }

        TaskWork work = methods.Of(status.On(open));
        HeldBack[] holds =
        [
            .. work.Uses.SelectMany(use =>
                gate.HoldOn(work, use) is { } hold
                    ? [hold]
                    : use
                        .Surfaces.Select(surface =>
                            methods.HoldOn(surface) is { } wait ? Left(work, surface, wait) : null
                        )
                        .OfType<HeldBack>()
            ),
        ];
        if (request.Keeps(status.Item.Task))
        {
            holds = [.. holds.Where(hold => !hold.Reason.MayBeOverruled())];
        }

        foreach (HeldBack hold in holds)
        {
            Hold(hold);
        }

        var closed = holds.SelectMany(hold => hold.Status.Surfaces).ToHashSet();
        return [.. open.Where(surface => !closed.Contains(surface))];
    }

    /// <summary>A pane that is left for now.</summary>
    private static HeldBack Left(TaskWork work, Surface pane, GlassHold hold) =>
        new(
            Gate.On(work.Status, [pane]),
            hold.ForWeather ? HoldReason.Weather : HoldReason.NoProduct,
            hold.Why
        )
        {
            WayOut = hold.WayOut,
            Buy = hold.Buy,
        };

    /// <summary>The surfaces for which there is something to do them with. Where there is only too little, the least soiled is left first.</summary>
    private List<SurfaceStatus> Without(
        CareStatus status,
        List<SurfaceStatus> open,
        ChoiceForSurfaces[] lacking
    )
    {
        var left = open.ToHashSet();
        foreach (ChoiceForSurfaces lack in lacking)
        {
            SurfaceStatus[] short_ =
            [
                .. open.Where(surface => left.Contains(surface) && lack.Surfaces.Contains(surface.Surface)),
            ];
            SurfaceStatus[] drop =
                lack.Choice.Lack?.Kind == ProductLackKind.NotEnough && short_.Length > 0
                    ? short_[^1..]
                    : short_;
            if (drop.Length > 0)
            {
                Hold(Lacking(status.On(drop), lack.Choice));
                left.ExceptWith(drop);
            }
        }

        return [.. open.Where(left.Contains)];
    }

    private static HeldBack Lacking(CareStatus status, ProductChoice choice) =>
        new(status, HoldReason.NoProduct, choice.Lack?.Sentence ?? "There is nothing for it on your shelf.")
        {
            WayOut = choice switch
            {
                { Lack.Kind: ProductLackKind.Untested } =>
                    "Try it on a hidden spot and record how it came out.",
                { Lack.Kind: ProductLackKind.MustNotMeet } => "Do it in a session of its own.",
                { Buy: { } buy } => $"To buy: {ClassPresets.Of(buy).Name.ToLowerInvariant()}.",
                _ => "Leave it to a professional.",
            },
            Buy = choice.Lack?.Kind is ProductLackKind.Untested or ProductLackKind.MustNotMeet
                ? null
                : choice.Buy,
        };

    private TaskWork WorkOn(CareStatus status) => methods?.Of(status) ?? TaskWork.FromTable(status);

    /// <summary>What was only wanted for the sake of a task that turned out to be held back goes too, unless it may be offered by itself.</summary>
    private void DropWhatNobodyNeeds()
    {
        foreach (CareStatus status in statuses.Values.OrderByDescending(Depth))
        {
            if (!ready.TryGetValue(status.Item.Task.Id, out ReadyTask? task))
            {
                continue;
            }

            var needed = ready
                .Values.Where(other => other.Status.Item.Task.Requires == status.Item.Task.Id)
                .SelectMany(other => other.Status.Surfaces)
                .Select(surface => surface.Surface.Id)
                .ToHashSet();
            SurfaceStatus[] keep =
            [
                .. task.Status.Surfaces.Where(surface =>
                    IsWanted(status.Item.Task, surface) || needed.Contains(surface.Surface.Id)
                ),
            ];
            if (keep.Length == task.Status.Surfaces.Count)
            {
                continue;
            }

            foreach (SurfaceStatus surface in task.Status.Surfaces.Except(keep))
            {
                Hold(NotWanted(status, surface));
            }

            ready.Remove(status.Item.Task.Id);
            if (keep.Length > 0)
            {
                TaskWork work = WorkOn(status.On(keep));
                TaskChoices choices = task.Choices.On(keep.Select(surface => surface.Surface.Id));
                ready[status.Item.Task.Id] = methods is null
                    ? ReadyTask.Whole(work, choices)
                    : ReadyTask.InParts(work, choices, WorkOn);
            }
        }
    }

    private void Hold(HeldBack hold) => held.Add(hold);

    private HeldBack[] Joined(IReadOnlyList<CareStatus> order) =>
        [
            .. held.Where(hold => hold.Reason != HoldReason.NotAskedFor)
                .GroupBy(hold => (hold.Status.Item.Task.Id, hold.Reason, hold.Why))
                .Select(group =>
                    group.First() with
                    {
                        Status = statuses[group.Key.Id]
                            .On([.. group.SelectMany(hold => hold.Status.Surfaces)]),
                        From = group.Max(hold => hold.From),
                    }
                )
                .OrderBy(hold =>
                    order.Index().First(one => one.Item.Item.Task == hold.Status.Item.Task).Index
                )
                .ThenByDescending(hold => hold.Reason == HoldReason.NotDue ? 0 : 1),
        ];
}
