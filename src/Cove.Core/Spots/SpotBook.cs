using Cove.Core.Log;
using Cove.Core.Upkeep;
using Cove.Core.Vehicles.Plan;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Spots;

/// <summary>The spots of a car that somebody still has to see to, and the surfaces that are closed to routine work.</summary>
public sealed class SpotBook
{
    /// <summary>After this time a spot that nobody saw to is no longer fresh; what is left of it is soil like other soil. Cove's own choice.</summary>
    public static readonly TimeSpan Fresh = TimeSpan.FromDays(3);

    /// <summary>For this long it is asked how a treated spot came out. Cove's own choice.</summary>
    private static readonly TimeSpan AskedFor = TimeSpan.FromDays(14);

    /// <summary>A spill that nobody dried is taken to be wet for this long. Cove's own choice.</summary>
    private static readonly TimeSpan WetFor = TimeSpan.FromHours(12);

    private readonly Dictionary<SurfaceId, Closure> closures = [];
    private readonly Dictionary<SurfaceId, Closure> beside;
    private readonly List<OpenSpot> spots = [];

    /// <summary>Reads them from the log.</summary>
    /// <param name="log">Every event of the car that can make a spot, with what was done about it; in any order.</param>
    /// <param name="surfaces">The surfaces in care.</param>
    /// <param name="now">The present instant.</param>
    /// <param name="around">Where the car stands and what it looks like; null when nothing is known of it: then what hurts closes no more than its own place.</param>
    public SpotBook(
        IEnumerable<LogEntry> log,
        IReadOnlyList<Surface> surfaces,
        DateTimeOffset now,
        SpotSurroundings? around = null
    )
    {
        double dryingTimes = around?.DryingTimes ?? 1;
        var byId = surfaces
            .Where(surface => SpotGrounds.CanHappenTo(surface.Kind))
            .ToDictionary(surface => surface.Id);
        var open = new Dictionary<(EntryId, SurfaceId), OpenSpot>();
        foreach (
            LogEntry entry in log.Where(entry => entry.Counts && entry.At <= now).OrderBy(entry => entry.At)
        )
        {
            switch (entry)
            {
                case Happened happened when CareEvents.Find(happened.EventId)?.Spot is { } kind:
                    foreach (SurfaceId id in happened.SurfaceIds.Where(byId.ContainsKey))
                    {
                        if (FirstAid.ClosesFor(kind))
                        {
                            closures[id] = new Closure(byId[id], kind, happened.At)
                            {
                                Around = around is null
                                    ? []
                                    : SpillSurroundings.Of(kind, byId[id], surfaces, around.Plan),
                            };
                        }
                        else
                        {
                            open[(happened.Id, id)] = new OpenSpot(happened.Id, byId[id], kind, happened.At)
                            {
                                Note = happened.Note,
                                DryingTimes = dryingTimes,
                            };
                        }
                    }

                    break;
                case SpotTreated treated:
                    foreach (
                        OpenSpot spot in open
                            .Values.Where(spot =>
                                spot.EventId == treated.EventId && spot.Surface.Id == treated.SurfaceId
                            )
                            .ToArray()
                    )
                    {
                        open[(spot.Id, spot.Surface.Id)] = spot with
                        {
                            Outcome = treated.Outcome,
                            TreatedAt = treated.At,
                        };
                    }

                    break;
                case ClosureChanged changed:
                    foreach (SurfaceId id in changed.SurfaceIds.Where(byId.ContainsKey))
                    {
                        if (changed.State == ClosureState.Open)
                        {
                            Open(id);
                        }
                        else
                        {
                            closures[id] = new Closure(byId[id], null, changed.At);
                        }
                    }

                    break;
                default:
                    break;
            }
        }

        spots.AddRange(
            open.Values.Where(spot =>
                    now - spot.At
                    < (
                        spot.Outcome switch
                        {
                            null => Fresh,
                            SpotOutcome.LookAgain => AskedFor,
                            _ => TimeSpan.Zero,
                        }
                    )
                )
                .OrderByDescending(spot => spot.At)
                .ThenBy(spot => spot.Surface.Id)
        );
        Closures =
        [
            .. closures.Values.OrderBy(closure => closure.Since).ThenBy(closure => closure.Surface.Id),
        ];
        beside = Closures
            .SelectMany(closure =>
                closure.Around.Select(surface => closure with { Surface = surface, From = closure.Surface })
            )
            .DistinctBy(closure => closure.Surface.Id)
            .ToDictionary(closure => closure.Surface.Id);
        Damp = spots
            .Select(spot => (spot.Surface.Id, DryAt: DryAt(spot)))
            .Where(spot => spot.DryAt > now)
            .GroupBy(spot => spot.Id)
            .ToDictionary(spot => spot.Key, spot => spot.Max(one => one.DryAt));
    }

    /// <summary>No spot, nothing closed.</summary>
    public static SpotBook Empty { get; } = new([], [], DateTimeOffset.MinValue);

    /// <summary>The spots that still have to be seen to or looked at again, the latest first.</summary>
    public IReadOnlyList<OpenSpot> Spots => spots;

    /// <summary>The closed surfaces themselves; each says what lies around it and is closed as well.</summary>
    public IReadOnlyList<Closure> Closures { get; }

    /// <summary>What first aid takes for the spots that nobody has seen to yet, which comes before anything else.</summary>
    public TimeSpan FirstAidTakes =>
        spots
            .Where(spot => spot.TreatedAt is null)
            .SelectMany(spot => spot.Aid.Steps)
            .Aggregate(TimeSpan.Zero, (sum, step) => sum + step.Takes);

    /// <summary>What a spot has left damp, and until when.</summary>
    public IReadOnlyDictionary<SurfaceId, DateTimeOffset> Damp { get; }

    /// <summary>Why a surface is closed, by itself or because of what lies beside it; null when it is open.</summary>
    public Closure? ClosureOf(SurfaceId surfaceId) =>
        closures.GetValueOrDefault(surfaceId) ?? beside.GetValueOrDefault(surfaceId);

    /// <summary>A child seat with something on it, or reaching it, that hurts people; null when there is none. It is not carried out for other work as an ordinary step.</summary>
    public Closure? ClosedChildSeat =>
        Closures
            .Concat(beside.Values)
            .FirstOrDefault(closure =>
                closure.Kind is not null && closure.Surface.Kind == SurfaceKind.ChildSeat
            );

    /// <summary>The latest spot on a surface that nobody has seen to; null when there is none.</summary>
    public OpenSpot? FreshOn(SurfaceId surfaceId) =>
        spots.FirstOrDefault(spot => spot.Surface.Id == surfaceId && spot.Outcome is null);

    /// <summary>Opens a surface; what was closed only because of it opens with it.</summary>
    private void Open(SurfaceId id)
    {
        closures.Remove(id);
        foreach ((SurfaceId at, Closure closure) in closures.ToArray())
        {
            closures[at] = closure with { Around = [.. closure.Around.Where(surface => surface.Id != id)] };
        }
    }

    private static DateTimeOffset DryAt(OpenSpot spot) =>
        spot.LookFrom is { } dry ? dry
        : FirstAid.IsWet(spot.Kind) ? spot.At + WetFor
        : spot.At;
}

/// <summary>What a spot lies in.</summary>
/// <param name="DryingTimes">How many times as long things take to dry there as at 20 °C and half humidity; above 0.</param>
/// <param name="Plan">Draws the cabin; asked only when something lies there that reaches further than its own place.</param>
public sealed record SpotSurroundings(double DryingTimes, Func<CabinPlan> Plan);

/// <summary>A spot that somebody has to see to.</summary>
/// <param name="Id">The entry of the event that made it.</param>
/// <param name="Surface">The surface it is on.</param>
/// <param name="Kind">What made it.</param>
/// <param name="At">When.</param>
public sealed record OpenSpot(EntryId Id, Surface Surface, SpotKind Kind, DateTimeOffset At)
{
    /// <summary>The event that made it.</summary>
    public EventId EventId => CareEvents.All.First(known => known.Spot == Kind).Id;

    /// <summary>The owner's words for it; may be empty.</summary>
    public string Note { get; init; } = string.Empty;

    /// <summary>How it stood when somebody last saw to it; null while nobody has.</summary>
    public SpotOutcome? Outcome { get; init; }

    /// <summary>When somebody last saw to it; null while nobody has.</summary>
    public DateTimeOffset? TreatedAt { get; init; }

    /// <summary>How many times as long it takes to dry as in mild air; above 0. See <see cref="SpotSurroundings"/>.</summary>
    public double DryingTimes { get; init; } = 1;

    /// <summary>How long it takes to dry after first aid, where the car stands now.</summary>
    public TimeSpan Drying => Aid.Drying * DryingTimes;

    /// <summary>What to do about it.</summary>
    public FirstAid Aid => FirstAid.For(Kind, Surface.Make);

    /// <summary>From when on it can be looked at again; null while nobody has treated it.</summary>
    public DateTimeOffset? LookFrom => TreatedAt + Drying;
}

/// <summary>A surface that is closed to routine work.</summary>
/// <param name="Surface">The surface.</param>
/// <param name="Kind">What closed it; null where the owner gave it to a professional.</param>
/// <param name="Since">Since when.</param>
public sealed record Closure(Surface Surface, SpotKind? Kind, DateTimeOffset Since)
{
    /// <summary>What lies around it and is closed because of it.</summary>
    public IReadOnlyList<Surface> Around { get; init; } = [];

    /// <summary>The surface that closes it; null when it is closed for its own sake.</summary>
    public Surface? From { get; init; }

    /// <summary>Why it is closed, as one sentence.</summary>
    public string Why =>
        Kind is not { } kind ? "It is with a professional."
        : From is not null ? $"{NameOf(kind)}, and that reaches here."
        : $"{NameOf(kind)}.";

    /// <summary>Who deals with it, as one sentence.</summary>
    public string Who =>
        Kind is not { } kind ? "Open it again when it is back."
        : From is { } from ? $"It opens together with it: {from.Name}."
        : FirstAid.For(kind, Surface.Make).Who!;

    private static string NameOf(SpotKind kind) => CareEvents.All.First(known => known.Spot == kind).Name;
}
