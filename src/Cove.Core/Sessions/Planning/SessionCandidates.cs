using Cove.Core.Methods;
using Cove.Core.Sessions.Ready;
using Cove.Core.Upkeep;
using Cove.Core.Upkeep.Tasks;

namespace Cove.Core.Sessions.Planning;

/// <summary>What a session is chosen from: each link of each task that can be done, with what it is worth and what it costs, its share of the fetching and of taking out and bringing back left aside.</summary>
internal sealed class SessionCandidates
{
    private const int HalfMinutesAMinute = 2;

    /// <summary>What a task that is kept in counts for beside its worth: more than all other tasks together ever do.</summary>
    private const int KeptInFirst = 10_000_000;

    /// <summary>How many times as much a task counts that a plan has put into the session: what was planned comes first, and what is left of the minutes goes to the best of the rest. What served best over lived years.</summary>
    private const int PlannedFirst = 12;

    private static readonly Kit[] AllKits = Enum.GetValues<Kit>();

    private readonly ReadyTasks ready;
    private readonly SessionJobs jobs;
    private readonly (ReadyTask Task, int Link)[] all;
    private readonly int[] worths;
    private readonly int[] pulls;
    private readonly int?[] requires;
    private readonly HashSet<int> keptIn;
    private readonly HashSet<int> asked;
    private readonly IReadOnlyList<SessionErrand> errands;
    private readonly int[][] kitsOf;

    /// <summary>Gathers the candidates.</summary>
    /// <param name="ready">What can be done.</param>
    /// <param name="jobs">What a session takes beside its tasks.</param>
    /// <param name="customs">What a practitioner would not leave out.</param>
    /// <param name="planned">The tasks that a plan has put into this session; none when left out.</param>
    public SessionCandidates(
        ReadyTasks ready,
        SessionJobs jobs,
        SessionCustoms customs,
        IReadOnlyCollection<TaskId>? planned = null
    )
    {
        this.ready = ready;
        this.jobs = jobs;
        errands = jobs.Errands;
        all = [.. ready.All.SelectMany(task => task.Links.Index().Select(link => (task, link.Index)))];
        keptIn = [.. ready.KeptIn.Select(task => Array.IndexOf(all, (task, task.Links.Count - 1)))];
        worths = [.. all.Select(candidate => WorthOf(candidate.Task, candidate.Task.Links[candidate.Link]))];
        pulls =
        [
            .. all.Zip(
                worths,
                (candidate, worth) =>
                    planned?.Contains(candidate.Task.Status.Item.Task.Id) == true
                        ? worth * PlannedFirst
                        : worth
            ),
        ];
        requires = [.. all.Select((candidate, index) => RequiredBy(candidate, index, customs))];
        kitsOf = [.. all.Select(KitsOf)];
        Costs = new CandidateCosts(
            [.. all.Select(HandsOf)],
            [.. kitsOf.Select(kits => kits.Aggregate(0, (bits, kit) => bits | (1 << kit)))],
            [.. Fetch(comesBack: false)],
            requires
        );
        asked =
        [
            .. Enumerable
                .Range(0, all.Length)
                .Where(index =>
                    customs.Asked.Contains(TaskOf(index).Id)
                    // A link that is only there for another task's sake would vacuum nothing by itself.
                    && LinkOf(index).Adds.Any(status => ready.IsWanted(TaskOf(index), status))
                    && kitsOf[index].All(kit => kit < AllKits.Length)
                ),
        ];
        Worth = worths.Sum(worth => (double)worth);
    }

    /// <summary>The least that they cost.</summary>
    public CandidateCosts Costs { get; }

    private int Count => all.Length;

    /// <summary>What doing all of it is worth, in points; see <see cref="TaskWorth"/>.</summary>
    public double Worth { get; }

    /// <summary>The candidates that would do what custom asks for.</summary>
    public IReadOnlySet<int> Asked => asked;

    /// <summary>Whether anything is kept in.</summary>
    public bool KeepsAny => keptIn.Count > 0;

    /// <summary>How many of some candidates are the whole of a task that is kept in.</summary>
    public int KeptIn(IEnumerable<int> selection) => selection.Count(keptIn.Contains);

    /// <summary>Each task by itself, with what it requires, from its first link to the whole of it.</summary>
    public IReadOnlyList<int[]> Alone =>
        field ??= [.. Enumerable.Range(0, Count).Select(index => Costs.With(index, []))];

    /// <summary>What can be added to a selection: of each task the first link that it lacks.</summary>
    public IEnumerable<int> NextTo(IReadOnlyList<int> selection)
    {
        var has = selection.ToHashSet();
        return Enumerable
            .Range(0, Count)
            .Where(index => !has.Contains(index) && (all[index].Link == 0 || has.Contains(index - 1)));
    }

    /// <summary>How strongly some candidates ask to be chosen: their worth, and more of it for what was planned.</summary>
    public double PullOf(IEnumerable<int> selection) => selection.Sum(index => (double)pulls[index]);

    /// <summary>What some candidates are worth, in points.</summary>
    public double WorthOf(IEnumerable<int> selection) => selection.Sum(index => (double)worths[index]);

    /// <summary>Those of some candidates that are carried out.</summary>
    /// <param name="selection">The candidates.</param>
    /// <param name="works">The work that came of them: what is washed anyway can leave nothing to vacuum.</param>
    public IReadOnlyList<int> CarriedOut(IReadOnlyList<int> selection, IReadOnlyList<TaskWork> works)
    {
        var done = works
            .SelectMany(work =>
                work.Status.Surfaces.Select(status => status.Surface)
                    .Concat(work.Along)
                    .Select(surface => new CareKey(work.Status.Item.Task.Id, surface.Id))
            )
            .ToHashSet();
        return
        [
            .. selection.Where(index =>
                LinkOf(index)
                    .Adds.All(status =>
                        !ready.IsWanted(TaskOf(index), status)
                        || done.Contains(new CareKey(TaskOf(index).Id, status.Surface.Id))
                    )
            ),
        ];
    }

    /// <summary>A selection without some tasks.</summary>
    public int[] Without(IReadOnlyList<TaskId> tasks, IReadOnlyList<int> selection) =>
        [.. selection.Where(index => !tasks.Contains(TaskOf(index).Id))];

    /// <summary>Each task of a selection, as far as it goes in it.</summary>
    public Dictionary<ReadyTask, TaskWork> Reached(IReadOnlyList<int> selection) =>
        selection
            .GroupBy(index => all[index].Task)
            .ToDictionary(
                links => links.Key,
                links => links.Key.Links[links.Max(index => all[index].Link)].Work
            );

    /// <summary>Whether a candidate leaves what child seats stand on wet, so that they cannot be fixed again for a while.</summary>
    public bool KeepsChildSeatsOut(int index) => jobs.KeepsChildSeatsOut(WorkOf(index));

    /// <summary>The best choices for every length, with some candidates left aside.</summary>
    /// <param name="halfMinutes">The longest session, in half minutes.</param>
    /// <param name="aside">Whether a candidate is left aside; what requires it is too.</param>
    /// <param name="comesBack">Whether what is carried out is reckoned to come back in the same session.</param>
    /// <param name="walking">What walking to a task and changing kits for it is reckoned to take, in half minutes.</param>
    public TriageCurve Solve(int halfMinutes, Func<int, bool> aside, bool comesBack, int walking)
    {
        int[] fetch =
        [
            .. Fetch(comesBack).Select(takes => (int)Math.Round(takes.TotalMinutes * HalfMinutesAMinute)),
        ];
        return Solve(
            index => !aside(index),
            index => new TriageCandidate(
                LinkOf(index).HalfMinutes + (all[index].Link == 0 ? walking : 0),
                pulls[index] + FirstOf(index),
                kitsOf[index],
                null
            ),
            fetch,
            halfMinutes
        );
    }

    /// <summary>The best choices for every length of hands with one candidate and of all that takes no kit and no errand but those given.</summary>
    /// <param name="kits">The kits, as <see cref="CandidateCosts.Kits"/> has them; those of the candidate among them.</param>
    /// <param name="index">The candidate.</param>
    /// <param name="halfMinutes">The longest session, in half minutes.</param>
    public TriageCurve SolveWith(int kits, int index, int halfMinutes) =>
        Solve(
            other => (Costs.Kits[other] & ~kits) == 0,
            other => new TriageCandidate(
                LinkOf(other).HalfMinutes,
                pulls[other] + FirstOf(other) + (other == index ? KeptInFirst : 0),
                [],
                null
            ),
            [],
            halfMinutes
        );

    private TriageCurve Solve(
        Func<int, bool> isThere,
        Func<int, TriageCandidate> candidateOf,
        int[] fetch,
        int halfMinutes
    )
    {
        int[] taken = [.. Enumerable.Range(0, Count).Where(index => Costs.Closure(index).All(isThere))];
        int[] places = new int[Count];
        foreach ((int place, int index) in taken.Index())
        {
            places[index] = place;
        }

        return Triage
            .Solve(
                new TriageProblem(
                    [
                        .. taken.Select(index =>
                            candidateOf(index) with
                            {
                                Requires = requires[index] is { } required ? places[required] : null,
                            }
                        ),
                    ],
                    fetch
                ),
                halfMinutes
            )
            .Of(taken);
    }

    private IEnumerable<TimeSpan> Fetch(bool comesBack) =>
        AllKits
            .Select(kit => kit.Facts().Fetch)
            .Concat(errands.Select(errand => comesBack ? errand.Takes : errand.AtLeast));

    /// <summary>What a candidate counts for beside its worth.</summary>
    private int FirstOf(int index) => keptIn.Contains(index) ? KeptInFirst : 0;

    private CareTask TaskOf(int index) => all[index].Task.Status.Item.Task;

    private ChainLink LinkOf(int index) => all[index].Task.Links[all[index].Link];

    private TaskWork WorkOf(int index) => LinkOf(index).Work;

    /// <summary>What a link adds to the hands for sure: nothing where some of it may turn out not to be needed.</summary>
    private TimeSpan HandsOf((ReadyTask Task, int Link) candidate)
    {
        IReadOnlyList<ChainLink> links = candidate.Task.Links;
        return links[candidate.Link]
            .Adds.All(status => ready.IsWanted(candidate.Task.Status.Item.Task, status))
            ? CertainOf(links[candidate.Link])
                - (candidate.Link == 0 ? TimeSpan.Zero : CertainOf(links[candidate.Link - 1]))
            : TimeSpan.Zero;

        TimeSpan CertainOf(ChainLink link) => link.Work.Hands - jobs.MayComeLaterOf(link.Work);
    }

    /// <summary>What it needs fetched, and the errands that it sends one on, numbered after the kits.</summary>
    private int[] KitsOf((ReadyTask Task, int Link) candidate)
    {
        CareTask task = candidate.Task.Status.Item.Task;
        var surfaces = candidate.Task.Links[candidate.Link].Adds.Select(status => status.Surface).ToArray();
        return
        [
            .. task.Kits.Select(kit => Array.IndexOf(AllKits, kit)),
            .. errands
                .Index()
                .Where(errand => errand.Item.IsFor(task, surfaces))
                .Select(errand => AllKits.Length + errand.Index),
        ];
    }

    /// <summary>Each link of a task requires the one before it; the first requires the other task as far as the surfaces reach that need it, or else what custom wants chosen before it.</summary>
    private int? RequiredBy((ReadyTask Task, int Link) candidate, int index, SessionCustoms customs) =>
        candidate.Link > 0 ? index - 1
        : RequiredFor(candidate.Task) is { } required ? required
        : customs.BeforeChoosing(candidate.Task.Status.Item.Task.Id) is { } other
            ? LinkOf(other.TaskId, other.SurfaceId)
        : null;

    private int? RequiredFor(ReadyTask task)
    {
        if (ready.RequiredBy(task) is not { } required)
        {
            return null;
        }

        int? deepest = task.Status.Surfaces.Max(surface => required.LinkWith(surface.Surface.Id));
        return deepest is { } link ? Array.IndexOf(all, (required, link)) : null;
    }

    private int? LinkOf(TaskId taskId, SurfaceId surfaceId) =>
        ready.All.FirstOrDefault(task => task.Status.Item.Task.Id == taskId) is { } task
        && task.LinkWith(surfaceId) is { } link
        && task.Links[link]
            .Adds.Any(status =>
                status.Surface.Id == surfaceId && ready.IsWanted(task.Status.Item.Task, status)
            )
            ? Array.IndexOf(all, (task, link))
            : null;

    /// <summary>What a link is worth: each of its surfaces by its level and its part of the whole. What is only wanted for another task's sake is worth nothing by itself.</summary>
    private int WorthOf(ReadyTask task, ChainLink link)
    {
        CareItem item = task.Status.Item;
        return TaskWorth.Points(
            link.Adds.Where(status => ready.IsWanted(item.Task, status))
                .Sum(status => TaskWorth.Of(item.Task, status.Due.Level, item.PartOf(status.Surface)))
        );
    }
}
