using Cove.Core.Upkeep;
using Cove.Core.Upkeep.Levels;
using Cove.Core.Upkeep.Tasks;
using Cove.Core.Upkeep.Use;
using Cove.Core.Vehicles;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Log;

/// <summary>The coats that were laid on a car, and what they do while they last.</summary>
/// <remarks>
/// A coat lasts until its task would be due again, in the use and the sun it gets, or until the next one is laid. It
/// slows what <see cref="CareTask.ShieldedBy"/> says. An oily one on the dash also films the glass, as the owner might
/// say of the car by hand; see <see cref="DashPlastics"/>.
/// </remarks>
public sealed class CoatBook
{
    private static readonly HashSet<TaskId> Shielding =
    [
        .. CareTasks.All.SelectMany(task => task.ShieldedBy).Select(shield => shield.Coat),
    ];

    private readonly Vehicle? vehicle;
    private readonly ILookup<CareKey, Coat> coats;

    private CoatBook(Vehicle? vehicle, IEnumerable<Coat> coats)
    {
        this.vehicle = vehicle;
        this.coats = coats.ToLookup(coat => coat.Key);
    }

    /// <summary>No coat at all.</summary>
    public static CoatBook None { get; } = new(null, []);

    /// <summary>The care tasks that lay a coat which slows anything.</summary>
    public static IReadOnlyCollection<TaskId> Tasks => Shielding;

    /// <summary>Every coat, in no order.</summary>
    public IEnumerable<Coat> Coats => coats.SelectMany(coats => coats);

    /// <summary>Whether an entry lays a coat that slows anything.</summary>
    public static bool Lays(TaskDone done) => Laying.Of(done) is not null;

    /// <summary>The coats of a log.</summary>
    /// <param name="vehicle">The car as it is.</param>
    /// <param name="usage">How it was and will be used.</param>
    /// <param name="entries">The log, in any order; only what lays coats is looked at.</param>
    public static CoatBook Of(Vehicle vehicle, Usage usage, IEnumerable<LogEntry> entries)
    {
        Laying[] laid =
        [
            .. entries
                .Where(entry => entry.Counts)
                .Select(Laying.Of)
                .OfType<Laying>()
                .OrderBy(laying => laying.At)
                // Of two at one instant the one that was said last lies on top, in whatever order they are read.
                .ThenBy(laying => laying.Id.Value),
        ];
        if (laid.Length == 0)
        {
            return new CoatBook(vehicle, []);
        }

        CareItem[] items = [.. CareBook.For(vehicle).Where(item => Shielding.Contains(item.Task.Id))];
        return new CoatBook(
            vehicle,
            items.SelectMany(item => item.Surfaces.SelectMany(surface => On(item, surface, laid, usage)))
        );
    }

    /// <summary>Whether a coat that an entry lays tells on the level of a task, where it lies.</summary>
    /// <param name="done">An entry that lays one.</param>
    /// <param name="task">The task.</param>
    public static bool Tells(TaskDone done, CareTask task) =>
        LevelChanges.TasksDoneBy(done).Any(laid => task.ShieldedBy.Any(shield => shield.Coat == laid));

    /// <summary>The book with the coats of one entry more; null when it has to be made anew: the entry is not the latest where it lies, or oil is laid or covered, which tells on the glass.</summary>
    /// <param name="done">An entry that lays coats.</param>
    /// <param name="car">The car as it is.</param>
    /// <param name="usage">How it was and will be used.</param>
    public CoatBook? With(TaskDone done, Vehicle car, Usage usage)
    {
        TaskId[] laid = [.. LevelChanges.TasksDoneBy(done).Where(Shielding.Contains)];
        Coat[] here =
        [
            .. Coats.Where(coat => laid.Contains(coat.Key.TaskId) && done.TouchedSurface(coat.Key.SurfaceId)),
        ];
        if (
            (done.Coat | here.Aggregate(CoatTraits.None, (all, coat) => all | coat.Traits)).HasFlag(
                CoatTraits.Oily
            ) || here.Any(coat => coat.From >= done.At)
        )
        {
            return null;
        }

        IEnumerable<Coat> fresh = CareBook
            .For(car)
            .Where(item => laid.Contains(item.Task.Id))
            .SelectMany(item =>
                item.Surfaces.SelectMany(surface => On(item, surface, [Laying.Of(done)!], usage))
            );
        return new CoatBook(
            car,
            [
                .. Coats.Except(here),
                .. here.Select(coat => coat.Until > done.At ? coat with { Until = done.At } : coat),
                .. fresh,
            ]
        );
    }

    /// <summary>What coats do to a level, each while it lasts.</summary>
    /// <param name="task">The task whose level it is.</param>
    /// <param name="surfaceId">The surface.</param>
    public IReadOnlyList<ShieldSpell> SpellsOf(CareTask task, SurfaceId surfaceId) =>
        task.ShieldedBy.Count == 0
            ? []
            :
            [
                .. task.ShieldedBy.SelectMany(shield =>
                    coats[new CareKey(shield.Coat, surfaceId)]
                        .Where(coat => coat.Traits.HasFlag(shield.Needs))
                        .Select(coat => new ShieldSpell(coat.From, coat.Until, shield))
                ),
            ];

    /// <summary>The use of the car with what an oily coat on the dash gives off.</summary>
    public Usage Over(Usage usage)
    {
        Coat[] oily =
        [
            .. Coats.Where(coat =>
                coat.Traits.HasFlag(CoatTraits.Oily)
                && vehicle!.Surfaces.Any(surface =>
                    surface.Id == coat.Key.SurfaceId && surface.Kind == SurfaceKind.Dash
                )
            ),
        ];
        return oily.Length == 0
            ? usage
            : new Usage(
                usage
                    .Entries.Select(entry => entry.From)
                    .Concat(oily.SelectMany(coat => new[] { coat.From, coat.Until }))
                    .Distinct()
                    .Select(from => new UsageEntry(
                        from,
                        oily.Any(coat => coat.From <= from && from < coat.Until)
                            ? usage.At(from).Use with
                            {
                                Plastics = DashPlastics.OilyDressing,
                            }
                            : usage.At(from).Use
                    ))
            );
    }

    private static IEnumerable<Coat> On(
        CareItem item,
        Surface surface,
        IReadOnlyList<Laying> laid,
        Usage usage
    )
    {
        var key = new CareKey(item.Task.Id, surface.Id);
        Laying[] here = [.. laid.Where(laying => laying.Covers(key))];
        return here.Select(
            (laying, at) =>
            {
                Soiling fading = item.SoilingOf(surface) with
                {
                    Shields = [.. item.Task.ShieldedBy.Where(shield => laying.Traits.HasFlag(shield.Needs))],
                };
                DateTimeOffset faded = fading.WhenRisenBy(usage, laying.At, 1) ?? laying.At + Soiling.Horizon;
                DateTimeOffset until =
                    at + 1 < here.Length && here[at + 1].At < faded ? here[at + 1].At : faded;
                return new Coat(key, laying.At, until, laying.Traits);
            }
        );
    }

    /// <summary>That coats were laid: by tasks of the routine, or at the end of a deep clean.</summary>
    private sealed record Laying(
        EntryId Id,
        DateTimeOffset At,
        IReadOnlyCollection<TaskId> Tasks,
        IReadOnlyList<SurfaceId> SurfaceIds,
        CoatTraits Traits
    )
    {
        /// <summary>What an entry lays; null when it lays nothing that slows anything.</summary>
        public static Laying? Of(LogEntry entry) =>
            entry switch
            {
                TaskDone { CameClean: true } done
                    when LevelChanges.TasksDoneBy(done).Where(Shielding.Contains).ToArray()
                        is { Length: > 0 } tasks => new Laying(
                    done.Id,
                    done.At,
                    tasks,
                    done.SurfaceIds,
                    done.Coat
                ),
                DeepCleaned deep when deep.Parts.HasFlag(DeepCleanParts.Protected) => new Laying(
                    deep.Id,
                    deep.At,
                    Shielding,
                    [],
                    CoatTraits.None
                ),
                _ => null,
            };

        public bool Covers(CareKey key) =>
            Tasks.Contains(key.TaskId) && (SurfaceIds.Count == 0 || SurfaceIds.Contains(key.SurfaceId));
    }
}

/// <summary>A coat that was laid on a surface.</summary>
/// <param name="Key">The task that laid it, and the surface.</param>
/// <param name="From">When.</param>
/// <param name="Until">When it will have faded, or was laid anew.</param>
/// <param name="Traits">What it is beside a plain coat.</param>
public sealed record Coat(CareKey Key, DateTimeOffset From, DateTimeOffset Until, CoatTraits Traits);
