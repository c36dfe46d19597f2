namespace Cove.Core.Routine.Solving;

/// <summary>What a routine is planned from: tasks whose levels rise, and slots with minutes.</summary>
/// <remarks>
/// Nothing here knows of cars. Days are counted from 0, the day of planning; minutes are whole half minutes, so that
/// sums are exact. A plan costs, for each task, its weight times the time its level is above 1, times how far above; then
/// half minutes of hands, at <see cref="HalfMinutePrice"/>. Costs are whole thousandths of a ten-thousandth of a weighted day:
/// see <see cref="UnitsPerDay"/>.
/// </remarks>
/// <param name="Tasks">The tasks; at most <see cref="MostTasks"/>.</param>
/// <param name="Slots">The slots, the earliest first; at most <see cref="MostSlots"/>.</param>
/// <param name="KitFetch">Half minutes that fetching each kit costs, once in a slot; at most <see cref="MostKits"/> kits.</param>
/// <param name="Days">How far the reckoning goes; every slot lies within it.</param>
public sealed record RoutineProblem(
    IReadOnlyList<RoutineTask> Tasks,
    IReadOnlyList<RoutineSlot> Slots,
    IReadOnlyList<int> KitFetch,
    int Days
)
{
    /// <summary>The most tasks a problem may have.</summary>
    public const int MostTasks = 64;

    /// <summary>The most slots a problem may have.</summary>
    public const int MostSlots = 320;

    /// <summary>The most kits a problem may have; the work may double with each.</summary>
    public const int MostKits = 13;

    /// <summary>The units of one day at level 2 of a task of weight 1. They are fine enough that half minutes never outweigh what can be seen of a level.</summary>
    public const long UnitsPerDay = 10_000_000;

    /// <summary>What a half minute of hands costs, in units; 1 where minutes only decide between plans that are otherwise as good.</summary>
    public long HalfMinutePrice { get; init; } = 1;

    /// <summary>The same problem up to a day: what comes after it is not reckoned.</summary>
    /// <param name="days">The day; 1 to <see cref="Days"/>.</param>
    public RoutineProblem UpTo(int days)
    {
        int count = Slots.TakeWhile(slot => slot.Day <= days).Count();
        return this with
        {
            Days = days,
            Slots = [.. Slots.Take(count)],
            Tasks =
            [
                .. Tasks.Select(task =>
                    task with
                    {
                        Closed = task.Closed.Where(slot => slot < count).ToHashSet(),
                        Pinned = [.. task.Pinned.Where(slot => slot < count)],
                    }
                ),
            ],
        };
    }

    /// <summary>Says what is wrong with the problem.</summary>
    /// <returns>A sentence; null when nothing is.</returns>
    public string? Fault()
    {
        if (Tasks.Count > MostTasks || Slots.Count > MostSlots || KitFetch.Count > MostKits)
        {
            return $"A problem has at most {MostTasks} tasks, {MostSlots} slots and {MostKits} kits.";
        }

        if (Days < 1 || HalfMinutePrice < 0 || KitFetch.Any(fetch => fetch < 0))
        {
            return "Days are 1 or more; prices and fetching are not below 0.";
        }

        if (
            Slots.Any(slot => slot.Day < 0 || slot.Day > Days || slot.HalfMinutes < 0)
            || Slots.Zip(Slots.Skip(1)).Any(pair => pair.First.Day > pair.Second.Day)
        )
        {
            return "Slots lie within the days, the earliest first, with minutes that are not below 0.";
        }

        return Tasks
            .Select((task, index) => task.Fault(index, this))
            .FirstOrDefault(fault => fault is not null);
    }
}

/// <summary>A slot: a day with minutes for work.</summary>
/// <param name="Day">Days from the day of planning; 0 or more.</param>
/// <param name="HalfMinutes">The half minutes there are; 0 or more.</param>
public readonly record struct RoutineSlot(int Day, int HalfMinutes);

/// <summary>A task whose level rises until it is done.</summary>
public sealed record RoutineTask
{
    /// <summary>How much a day at level 2 counts beside one of weight 1; above 0.</summary>
    public required double Weight { get; init; }

    /// <summary>How its level rises from day 0 on.</summary>
    public required RiseCurve Rise { get; init; }

    /// <summary>Half minutes of hands it takes, fetching not included; 1 or more.</summary>
    public required int HalfMinutes { get; init; }

    /// <summary>The kits it needs, as places in <see cref="RoutineProblem.KitFetch"/>.</summary>
    public IReadOnlyList<int> Kits { get; init; } = [];

    /// <summary>The place of a task that must be done in the same slot; null for none.</summary>
    public int? Requires { get; init; }

    /// <summary>Its level on day 0; 0 or more.</summary>
    public double LevelAtStart { get; init; }

    /// <summary>Its level when it was just done; 0 or more, below 1.</summary>
    public double LevelAfter { get; init; }

    /// <summary>It is not done before its level is this high, but for the sake of a task that requires it, or where a pin says so; 0 to 1.</summary>
    public double EarliestLevel { get; init; }

    /// <summary>The slots in which it cannot be done.</summary>
    public IReadOnlySet<int> Closed { get; init; } = new HashSet<int>();

    /// <summary>The slots in which it is done whatever it brings; a pin.</summary>
    public IReadOnlyList<int> Pinned { get; init; } = [];

    /// <summary>Whether it is done in its pinned slots and no other.</summary>
    public bool OnlyPinned { get; init; }

    internal string? Fault(int index, RoutineProblem problem)
    {
        bool sound =
            double.IsFinite(Weight)
            && Weight > 0
            && HalfMinutes > 0
            && double.IsFinite(LevelAtStart)
            && LevelAtStart >= 0
            && LevelAfter is >= 0 and < 1
            && EarliestLevel is >= 0 and <= 1
            && Rise.Days >= problem.Days;
        bool named =
            Kits.All(kit => kit >= 0 && kit < problem.KitFetch.Count)
            && Pinned.All(slot => slot >= 0 && slot < problem.Slots.Count)
            && (Requires is not { } required || (required >= 0 && required < problem.Tasks.Count));
        return !sound
                ? $"Task {index} needs a weight, minutes, levels and a rise for all days that are in their ranges."
            : !named ? $"Task {index} names a kit, slot or task that is not there."
            : Requires is { } && RequiresItself(index, problem)
                ? $"Task {index} requires itself in the end, so it can never be done."
            : null;
    }

    private static bool RequiresItself(int index, RoutineProblem problem)
    {
        int? next = problem.Tasks[index].Requires;
        for (int steps = 0; next is { } at && steps <= problem.Tasks.Count; steps++)
        {
            if (at == index || steps == problem.Tasks.Count)
            {
                return true;
            }

            next = at >= 0 && at < problem.Tasks.Count ? problem.Tasks[at].Requires : null;
        }

        return false;
    }
}
