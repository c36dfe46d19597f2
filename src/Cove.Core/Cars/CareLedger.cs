using Cove.Core.Learning;
using Cove.Core.Log;
using Cove.Core.Schools;
using Cove.Core.Upkeep;
using Cove.Core.Upkeep.Levels;
using Cove.Core.Upkeep.Tasks;
using Cove.Core.Upkeep.Use;
using Cove.Core.Vehicles;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Cars;

/// <summary>Everything needed to say how a vehicle stands: its tasks, its use, what has been learnt of it, and the last change of every level.</summary>
public sealed class CareLedger
{
    /// <summary>What is no dirtier than this counts as just cleaned. Cove's own choice.</summary>
    private static readonly Level NearlyClean = new(0.15);

    private readonly IReadOnlyDictionary<CareKey, CareState> states;

    /// <summary>Makes a ledger.</summary>
    /// <param name="vehicle">The vehicle.</param>
    /// <param name="usage">How it is used.</param>
    /// <param name="states">The last change of each level. A level that is missing counts as fresh for ever since the present, so callers store one for every task and surface when a vehicle is added.</param>
    /// <param name="learnt">What has been learnt of its rates; nothing when it is left out.</param>
    /// <param name="ways">How its owner likes to work; Cove's own way when it is left out.</param>
    /// <param name="residues">What has been learnt of what cleaning leaves on its glass; nothing when it is left out.</param>
    /// <param name="coats">The coats that lie on it; none when it is left out.</param>
    public CareLedger(
        Vehicle vehicle,
        Usage usage,
        IReadOnlyDictionary<CareKey, CareState> states,
        LearntRates? learnt = null,
        WaysOfWorking? ways = null,
        LearntResidues? residues = null,
        CoatBook? coats = null
    )
    {
        Vehicle = vehicle;
        UsageAsTold = usage;
        Coats = coats ?? CoatBook.None;
        Usage = Coats.Over(usage);
        this.states = states;
        Learnt = learnt ?? LearntRates.Nothing;
        Ways = ways ?? WaysOfWorking.Default;
        Residues = residues ?? LearntResidues.Nothing;
        Items = CareBook.For(vehicle, Ways);
    }

    /// <summary>The vehicle.</summary>
    public Vehicle Vehicle { get; }

    /// <summary>How it is used, with what coats on it give off.</summary>
    public Usage Usage { get; }

    /// <summary>How it is used, as its owner told it.</summary>
    public Usage UsageAsTold { get; }

    /// <summary>What has been learnt of how fast its levels rise.</summary>
    public LearntRates Learnt { get; }

    /// <summary>How its owner likes to work.</summary>
    public WaysOfWorking Ways { get; }

    /// <summary>What has been learnt of what cleaning leaves on its glass.</summary>
    public LearntResidues Residues { get; }

    /// <summary>The coats that lie on it.</summary>
    public CoatBook Coats { get; }

    /// <summary>The tasks that apply to it.</summary>
    public IReadOnlyList<CareItem> Items { get; }

    /// <summary>The same ledger as if the car were used otherwise from an instant on.</summary>
    public CareLedger UsedAs(CarUse use, DateTimeOffset from) =>
        new(
            Vehicle,
            new Usage([.. UsageAsTold.Entries.Where(entry => entry.From < from), new UsageEntry(from, use)]),
            states,
            Learnt,
            Ways,
            Residues,
            Coats
        );

    /// <summary>The same ledger as if its owner worked otherwise.</summary>
    public CareLedger WorkedAs(WaysOfWorking ways) =>
        new(Vehicle, UsageAsTold, states, Learnt, ways, Residues, Coats);

    /// <summary>The same car on a day on which the worst surface of every task is at its mark, or at some other level beside it. A surface that soils more slowly has its turn only every few times, before it would be over its mark; it stands as it does when that comes, or just high enough to be offered.</summary>
    /// <param name="now">The instant at which that is so.</param>
    /// <param name="level">The level of the worst surface beside its mark; 1 is just due.</param>
    public CareLedger AtMarks(DateTimeOffset now, double level = 1) =>
        new(
            Vehicle,
            UsageAsTold,
            Items
                .SelectMany(item =>
                    TurnsOf(item, now, level)
                        .Select(turn =>
                            (
                                Key: new CareKey(item.Task.Id, turn.Surface.Id),
                                State: new CareState(
                                    now,
                                    new Level(MarkOf(item.Task, turn.Surface, now).Value * turn.Level)
                                )
                            )
                        )
                )
                .ToDictionary(state => state.Key, state => state.State),
            Learnt,
            Ways,
            Residues,
            Coats
        );

    /// <summary>When a task is done again and again at some level of its worst surface: every how many times each surface has its turn, and its level then.</summary>
    /// <param name="item">One of <see cref="Items"/>.</param>
    /// <param name="now">The instant whose use counts.</param>
    /// <param name="level">The level of the worst surface beside its mark.</param>
    public IReadOnlyList<SurfaceTurn> TurnsOf(CareItem item, DateTimeOffset now, double level)
    {
        double[] paces =
        [
            .. item.Surfaces.Select(surface =>
                SoilingOf(item, surface).Rise(Usage, now, now.AddDays(1))
                / MarkOf(item.Task, surface, now).Value
            ),
        ];
        double fastest = paces.Max();
        return
        [
            .. item.Surfaces.Zip(
                paces,
                (surface, pace) =>
                {
                    double atOnce = fastest > 0 ? level * pace / fastest : level;
                    int times = atOnce is <= 0 or >= 1 ? 1 : (int)Math.Floor(1 / atOnce);
                    return new SurfaceTurn(surface, times, Math.Max(item.Task.OfferedFrom, atOnce * times));
                }
            ),
        ];
    }

    /// <summary>The same car as it stands after a log.</summary>
    public CareLedger After(Replay replay) =>
        new(Vehicle, UsageAsTold, replay.States, replay.Learnt, Ways, replay.Residues, replay.Coats);

    /// <summary>The film on a pane at an instant.</summary>
    /// <param name="item">The task that tends it, one of <see cref="Items"/>.</param>
    /// <param name="pane">The pane, one of its surfaces.</param>
    /// <param name="now">The instant.</param>
    public Film FilmOn(CareItem item, Surface pane, DateTimeOffset now) =>
        StateOf(item, pane, now).FilmAt(now, SoilingOf(item, pane), Usage);

    /// <summary>Whether a task left one of its surfaces all but clean in a span of time.</summary>
    /// <param name="taskId">The task.</param>
    /// <param name="from">When the span begins.</param>
    /// <param name="until">When it ends.</param>
    public bool WasFreshWithin(TaskId taskId, DateTimeOffset from, DateTimeOffset until) =>
        Items
            .Where(item => item.Task.Id == taskId)
            .SelectMany(item => item.Surfaces)
            .Any(surface =>
                states.TryGetValue(new CareKey(taskId, surface.Id), out CareState state)
                && state.At > from
                && state.At <= until
                && state.Level <= NearlyClean
            );

    /// <summary>The level of soil of one task on one surface at an instant; null when it has no level, or is not cared for now.</summary>
    public Level? StandingOf(CareKey key, DateTimeOffset now) =>
        states.TryGetValue(key, out CareState state)
        && Items.FirstOrDefault(item => item.Task.Id == key.TaskId) is { } item
        && item.Surfaces.FirstOrDefault(surface => surface.Id == key.SurfaceId) is { } surface
            ? state.LevelAt(now, SoilingOf(item, surface), Usage)
            : null;

    /// <summary>The level at which a task starts on a surface that this vehicle has not had: a part starts where its whole stands, what is new as lived in.</summary>
    public Level StartOf(CareTask task, Surface surface, DateTimeOffset now) =>
        StandingOf(new CareKey(task.Id, surface.PartOf ?? surface.Id), now)
        ?? FirstLook.LivedIn.StartingLevel(task);

    /// <summary>How fast a level rises, with what has been learnt and what lies on the surface.</summary>
    /// <param name="item">One of <see cref="Items"/>.</param>
    /// <param name="surface">One of its surfaces.</param>
    public Soiling SoilingOf(CareItem item, Surface surface) =>
        item.SoilingOf(surface) with
        {
            Multiplier = Learnt.Of(item.Task.Id).Median,
            Spells = Coats.SpellsOf(item.Task, surface.Id),
        };

    /// <summary>The soil at which a task counts as due on what is not worn, to the taste that holds at an instant.</summary>
    public Level MarkOf(CareTask task, DateTimeOffset now) => Usage.At(now).Use.Tidiness.MarkFor(task.Stakes);

    /// <summary>The soil at which a task counts as due on a surface, to the taste that holds at an instant.</summary>
    public Level MarkOf(CareTask task, Surface surface, DateTimeOffset now) =>
        Usage.At(now).Use.Tidiness.MarkFor(task, surface);

    /// <summary>The soil at which a level counts as due, to the taste that holds at an instant.</summary>
    /// <param name="key">A level of this vehicle.</param>
    /// <param name="now">The instant.</param>
    public Level MarkOf(CareKey key, DateTimeOffset now) =>
        MarkOf(
            CareTasks.Find(key.TaskId)!,
            Vehicle.Surfaces.First(surface => surface.Id == key.SurfaceId),
            now
        );

    /// <summary>From fresh to the mark of a task, at the use and time of year of an instant, on the surface where that is shortest; null when it never gets there.</summary>
    /// <remarks>The same as the least <see cref="Due.Interval"/>, for those who need not know why.</remarks>
    public TimeSpan? IntervalOf(CareItem item, DateTimeOffset now)
    {
        Conditions conditions = Usage.ConditionsAt(now);
        return item.Surfaces.Min(surface =>
            Due.IntervalTo(MarkOf(item.Task, surface, now), SoilingOf(item, surface).AsAt(now), conditions)
        );
    }

    /// <summary>How every task stands at an instant.</summary>
    public IReadOnlyList<CareStatus> At(DateTimeOffset now) => [.. Items.Select(item => StatusOf(item, now))];

    /// <summary>How one task stands at an instant.</summary>
    public CareStatus StatusOf(CareItem item, DateTimeOffset now) =>
        new(
            item,
            [
                .. item.Surfaces.Select(surface => new SurfaceStatus(
                    surface,
                    Due.Compute(
                        StateOf(item, surface, now),
                        SoilingOf(item, surface),
                        Usage,
                        now,
                        MarkOf(item.Task, surface, now)
                    )
                )),
            ]
        );

    private CareState StateOf(CareItem item, Surface surface, DateTimeOffset now) =>
        states.TryGetValue(new CareKey(item.Task.Id, surface.Id), out CareState state)
            ? state
            : new CareState(now, Level.Fresh);
}

/// <summary>A surface among those of a task that is done again and again.</summary>
/// <param name="Surface">The surface.</param>
/// <param name="Every">Every how many times it has its turn; 1 or more.</param>
/// <param name="Level">Its level beside its mark when it has.</param>
public readonly record struct SurfaceTurn(Surface Surface, int Every, double Level);
