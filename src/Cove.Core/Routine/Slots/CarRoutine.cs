namespace Cove.Core.Routine.Slots;

/// <summary>The routine of a car: the slots its owner gives to it, the days away, and what the owner has pinned.</summary>
/// <param name="Slots">The slots; at most <see cref="MostSlots"/>.</param>
public sealed record CarRoutine(IReadOnlyList<Slot> Slots)
{
    /// <summary>The most slots of one car. Cove's own choice.</summary>
    public const int MostSlots = 12;

    /// <summary>The most spells away, and the most pins.</summary>
    public const int MostEach = 60;

    /// <summary>No routine.</summary>
    public static CarRoutine None { get; } = new([]);

    /// <summary>When the owner is away: nothing takes place then.</summary>
    public IReadOnlyList<Away> Away { get; init; } = [];

    /// <summary>What the owner has pinned; at most one for each task.</summary>
    public IReadOnlyList<Pin> Pins { get; init; } = [];

    /// <summary>The single visits that the owner has moved.</summary>
    public IReadOnlyList<VisitMove> Moves { get; init; } = [];

    /// <summary>The car in whose slots this one is cared for too; null when it has slots of its own, or none.</summary>
    public VehicleId? SlotsOf { get; init; }

    /// <summary>Whether the owner said no to a routine, so that none is offered again.</summary>
    public bool IsDeclined { get; init; }

    /// <summary>The same without what is over: moves between days that have passed.</summary>
    /// <param name="today">The owner's present day.</param>
    public CarRoutine From(DateOnly today) =>
        this with
        {
            Moves = [.. Moves.Where(move => move.FromDay >= today || move.ToDay >= today)],
        };

    /// <summary>Its days between two days, both included, the earliest first.</summary>
    /// <param name="first">The first day.</param>
    /// <param name="last">The last day.</param>
    /// <param name="zone">The owner's time zone, for rules that end at an instant.</param>
    public IReadOnlyList<SlotDay> Days(DateOnly first, DateOnly last, TimeZoneInfo zone) =>
        [
            .. Slots
                .SelectMany(slot => SlotDays.Of(slot, last, zone))
                .Where(day => day.Day >= first && day.Day <= last && !Away.Any(away => away.Covers(day.Day)))
                .OrderBy(day => day.Day)
                .ThenBy(day => day.Time)
                .ThenBy(day => day.Slot.Id.Value),
        ];
}

/// <summary>A spell in which the owner is away.</summary>
/// <param name="First">The first day of it.</param>
/// <param name="Last">The last day of it.</param>
public sealed record Away(DateOnly First, DateOnly Last)
{
    /// <summary>Whether a day is in it.</summary>
    public bool Covers(DateOnly day) => day >= First && day <= Last;
}

/// <summary>A task that the owner has moved from one day of a slot to another. It is not done on the first and is done on the second, whatever the reckoning says; its other visits are planned as ever.</summary>
/// <param name="TaskId">The task.</param>
/// <param name="FromSlot">The slot it was taken from.</param>
/// <param name="FromDay">The day of that slot, as its rule has it.</param>
/// <param name="ToSlot">The slot it was put into.</param>
/// <param name="ToDay">The day of that slot, as its rule has it.</param>
public sealed record VisitMove(
    TaskId TaskId,
    SlotId FromSlot,
    DateOnly FromDay,
    SlotId ToSlot,
    DateOnly ToDay
);

/// <summary>What an owner has decided about a task, whatever the reckoning says.</summary>
/// <param name="TaskId">The task.</param>
/// <param name="Kind">What was decided.</param>
public sealed record Pin(TaskId TaskId, PinKind Kind)
{
    /// <summary>Every how many weeks it is done; 1 to 104. Only for <see cref="PinKind.EveryWeeks"/>.</summary>
    public int Weeks { get; init; }

    /// <summary>The months in which it is done, once in each; 1 to 12. Only for <see cref="PinKind.InMonths"/>.</summary>
    public IReadOnlyList<int> Months { get; init; } = [];
}

/// <summary>What was decided about a task.</summary>
public enum PinKind
{
    /// <summary>It is never planned.</summary>
    Never,

    /// <summary>It is done at an interval.</summary>
    EveryWeeks,

    /// <summary>It is done once in each of some months, and at no other time.</summary>
    InMonths,
}
