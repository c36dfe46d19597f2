using System.ComponentModel.DataAnnotations;

namespace Cove.Data;

/// <summary>The routine of a car, as it stands in files, in the database and in requests.</summary>
public sealed record RoutineDocument
{
    /// <summary>The times for cleaning that recur.</summary>
    [MaxLength(CarRoutine.MostSlots, ErrorMessage = "Give up to 12 slots.")]
    public IReadOnlyList<SlotDocument> Slots { get; init; } = [];

    /// <summary>When the owner is away.</summary>
    [MaxLength(CarRoutine.MostEach, ErrorMessage = "Give up to 60 times away.")]
    public IReadOnlyList<AwayDocument> Away { get; init; } = [];

    /// <summary>What the owner has decided about single tasks.</summary>
    [MaxLength(CarRoutine.MostEach, ErrorMessage = "Give up to 60 pins.")]
    public IReadOnlyList<PinDocument> Pins { get; init; } = [];

    /// <summary>The single visits that the owner has moved.</summary>
    [MaxLength(CarRoutine.MostEach, ErrorMessage = "Move up to 60 single tasks.")]
    public IReadOnlyList<MoveDocument> Moves { get; init; } = [];

    /// <summary>The car in whose slots this one is cared for too; null when it has slots of its own, or none. It does not leave with a file: elsewhere that car is another.</summary>
    public Guid? SlotsOf { get; init; }

    /// <summary>Whether the owner said no to a routine.</summary>
    public bool Declined { get; init; }

    /// <summary>Writes a routine down.</summary>
    public static RoutineDocument Of(CarRoutine routine) =>
        new()
        {
            Slots = [.. routine.Slots.Select(SlotDocument.Of)],
            Away =
            [
                .. routine.Away.Select(away => new AwayDocument { First = away.First, Last = away.Last }),
            ],
            Pins = [.. routine.Pins.Select(PinDocument.Of)],
            Moves = [.. routine.Moves.Select(MoveDocument.Of)],
            SlotsOf = routine.SlotsOf?.Value,
            Declined = routine.IsDeclined,
        };

    /// <summary>Reads it.</summary>
    /// <param name="today">The owner's present day.</param>
    /// <param name="zone">The owner's time zone.</param>
    /// <param name="routine">The routine; null when something is wrong with it.</param>
    /// <returns>What is wrong with it; nothing when it was read.</returns>
    public IReadOnlyList<ValidationError> Read(DateOnly today, TimeZoneInfo zone, out CarRoutine? routine)
    {
        routine = null;
        ValidationError[] unread =
        [
            .. Slots
                .Select((slot, at) => (at, Sentence: RecurrenceRule.Read(slot.Rule, out _)))
                .Where(slot => slot.Sentence is not null)
                .Select(slot => new ValidationError($"slots[{slot.at}].rule", slot.Sentence!)),
        ];
        if (unread.Length > 0)
        {
            return unread;
        }

        CarRoutine read = ToRoutine();
        ValidationError[] errors = [.. RoutineRules.Check(read, today, zone)];
        routine = errors.Length == 0 ? read : null;
        return errors;
    }

    /// <summary>The routine that was written down.</summary>
    /// <exception cref="FormatException">A rule is none.</exception>
    public CarRoutine ToRoutine() =>
        new([.. Slots.Select(slot => slot.ToSlot())])
        {
            Away = [.. Away.Select(away => new Away(away.First, away.Last))],
            Pins = [.. Pins.Select(pin => pin.ToPin())],
            Moves = [.. Moves.Select(move => move.ToMove())],
            SlotsOf = SlotsOf is { } host ? new VehicleId(host) : null,
            IsDeclined = Declined,
        };
}

/// <summary>A time for cleaning that recurs.</summary>
public sealed record SlotDocument
{
    /// <summary>Identifies it.</summary>
    public required Guid Id { get; init; }

    /// <summary>On which days it recurs: a rule as RFC 5545 has it, such as <c>FREQ=WEEKLY;BYDAY=SA</c>.</summary>
    [StringLength(RecurrenceRule.MostCharacters, ErrorMessage = "A rule has up to 200 characters.")]
    public required string Rule { get; init; }

    /// <summary>The day from which the rule is counted.</summary>
    public required DateOnly From { get; init; }

    /// <summary>The time of day at which it begins.</summary>
    public required TimeOnly Time { get; init; }

    /// <summary>How many minutes it has.</summary>
    [Range(Slot.ShortestMinutes, Slot.LongestMinutes, ErrorMessage = "Say 5 to 120 minutes.")]
    public required int Minutes { get; init; }

    /// <summary>What it may be used for.</summary>
    public SlotUse Use { get; init; }

    /// <summary>The kind of place.</summary>
    public SlotGround Ground { get; init; }

    /// <summary>Whether water runs there.</summary>
    public bool Tap { get; init; } = true;

    /// <summary>Whether there is power.</summary>
    public bool Power { get; init; } = true;

    /// <summary>Whether the car is out of the sun.</summary>
    public bool Shade { get; init; } = true;

    /// <summary>How long the car may stand afterwards.</summary>
    public Standing Standing { get; init; }

    /// <summary>Ids of the tasks that are not done in it.</summary>
    [MaxLength(CarRoutine.MostEach, ErrorMessage = "Leave up to 60 tasks out of a slot.")]
    public IReadOnlyList<string> Without { get; init; } = [];

    /// <summary>Single days that are otherwise.</summary>
    [MaxLength(RoutineRules.MostChanges, ErrorMessage = "Change up to 200 single days.")]
    public IReadOnlyList<SlotChangeDocument> Changes { get; init; } = [];

    /// <summary>Writes a slot down.</summary>
    public static SlotDocument Of(Slot slot) =>
        new()
        {
            Id = slot.Id,
            Rule = slot.Rule.Text,
            From = slot.From,
            Time = slot.Time,
            Minutes = slot.Minutes,
            Use = slot.Use,
            Ground = slot.Place.Ground,
            Tap = slot.Place.Tap,
            Power = slot.Place.Power,
            Shade = slot.Place.Shade,
            Standing = slot.Place.Standing,
            Without = [.. slot.Without.Select(id => id.Value)],
            Changes =
            [
                .. slot.Changes.Select(change => new SlotChangeDocument
                {
                    Day = change.Day,
                    Kind = change.Kind,
                    To = change.To,
                    Time = change.Time,
                    Minutes = change.Minutes,
                }),
            ],
        };

    /// <summary>The slot that was written down.</summary>
    /// <exception cref="FormatException">Its rule is none.</exception>
    public Slot ToSlot() =>
        new(new SlotId(Id), RecurrenceRule.Parse(Rule), From, Time, Minutes)
        {
            Use = Use,
            Place = new SlotPlace(Ground, Tap, Power, Shade, Standing),
            Without = [.. Without.Select(id => new TaskId(id))],
            Changes =
            [
                .. Changes.Select(change => new SlotChange(change.Day, change.Kind)
                {
                    To = change.To,
                    Time = change.Time,
                    Minutes = change.Minutes,
                }),
            ],
        };
}

/// <summary>One day of a slot that is otherwise than the rule has it.</summary>
public sealed record SlotChangeDocument
{
    /// <summary>The day on which the rule has it; for an added one, the day on which it is.</summary>
    public required DateOnly Day { get; init; }

    /// <summary>What is otherwise.</summary>
    public required SlotChangeKind Kind { get; init; }

    /// <summary>The day it is moved to.</summary>
    public DateOnly? To { get; init; }

    /// <summary>The time it begins on that day; the usual when it is left out.</summary>
    public TimeOnly? Time { get; init; }

    /// <summary>How many minutes it has on that day; the usual when it is left out.</summary>
    [Range(Slot.ShortestMinutes, Slot.LongestMinutes, ErrorMessage = "Say 5 to 120 minutes.")]
    public int? Minutes { get; init; }
}

/// <summary>A spell in which the owner is away.</summary>
public sealed record AwayDocument
{
    /// <summary>The first day of it.</summary>
    public required DateOnly First { get; init; }

    /// <summary>The last day of it.</summary>
    public required DateOnly Last { get; init; }
}

/// <summary>What an owner has decided about a task.</summary>
public sealed record PinDocument
{
    /// <summary>The task.</summary>
    [StringLength(60, MinimumLength = 1, ErrorMessage = "Name a task.")]
    public required string Task { get; init; }

    /// <summary>What was decided.</summary>
    public required PinKind Kind { get; init; }

    /// <summary>Every how many weeks.</summary>
    [Range(0, 104, ErrorMessage = "Say 1 to 104 weeks.")]
    public int Weeks { get; init; }

    /// <summary>The months in which it is done.</summary>
    [MaxLength(12, ErrorMessage = "Name up to 12 months.")]
    public IReadOnlyList<int> Months { get; init; } = [];

    /// <summary>Writes a pin down.</summary>
    public static PinDocument Of(Pin pin) =>
        new()
        {
            Task = pin.TaskId.Value,
            Kind = pin.Kind,
            Weeks = pin.Weeks,
            Months = pin.Months,
        };

    /// <summary>The pin that was written down.</summary>
    public Pin ToPin() => new(new TaskId(Task), Kind) { Weeks = Weeks, Months = Months };
}

/// <summary>A task that the owner has moved from one day of a slot to another.</summary>
public sealed record MoveDocument
{
    /// <summary>The task.</summary>
    [StringLength(60, MinimumLength = 1, ErrorMessage = "Name a task.")]
    public required string Task { get; init; }

    /// <summary>The slot it was taken from.</summary>
    public required Guid FromSlot { get; init; }

    /// <summary>The day of that slot, as its rule has it.</summary>
    public required DateOnly FromDay { get; init; }

    /// <summary>The slot it was put into.</summary>
    public required Guid ToSlot { get; init; }

    /// <summary>The day of that slot, as its rule has it.</summary>
    public required DateOnly ToDay { get; init; }

    /// <summary>Writes a move down.</summary>
    public static MoveDocument Of(VisitMove move) =>
        new()
        {
            Task = move.TaskId.Value,
            FromSlot = move.FromSlot,
            FromDay = move.FromDay,
            ToSlot = move.ToSlot,
            ToDay = move.ToDay,
        };

    /// <summary>The move that was written down.</summary>
    public VisitMove ToMove() =>
        new(new TaskId(Task), new SlotId(FromSlot), FromDay, new SlotId(ToSlot), ToDay);
}

/// <summary>A plan that stands, as it is stored: what was planned on each day of a slot.</summary>
public sealed record StandingDocument
{
    /// <summary>The days.</summary>
    public IReadOnlyList<StandingDayDocument> Days { get; init; } = [];

    /// <summary>The half minutes of hands with which each task was planned, by task.</summary>
    public IReadOnlyDictionary<string, int> HalfMinutes { get; init; } =
        new Dictionary<string, int>(StringComparer.Ordinal);

    /// <summary>Writes a plan down.</summary>
    public static StandingDocument Of(StandingPlan plan) =>
        new()
        {
            Days =
            [
                .. plan.Days.Select(day => new StandingDayDocument
                {
                    Slot = day.Key.Slot,
                    Day = day.Key.RuleDay,
                    Tasks = [.. day.Value.Select(task => task.Value)],
                }),
            ],
            HalfMinutes = plan.HalfMinutes.ToDictionary(
                task => task.Key.Value,
                task => task.Value,
                StringComparer.Ordinal
            ),
        };

    /// <summary>The plan that was written down.</summary>
    public StandingPlan ToPlan() =>
        new(
            Days.DistinctBy(day => (day.Slot, day.Day))
                .ToDictionary(
                    day => (new SlotId(day.Slot), day.Day),
                    day => (IReadOnlyList<TaskId>)[.. day.Tasks.Select(task => new TaskId(task))]
                )
        )
        {
            HalfMinutes = HalfMinutes
                .Where(task => task.Value > 0)
                .ToDictionary(task => new TaskId(task.Key), task => task.Value),
        };
}

/// <summary>What was planned on one day of a slot.</summary>
public sealed record StandingDayDocument
{
    /// <summary>The slot.</summary>
    public required Guid Slot { get; init; }

    /// <summary>The day on which its rule has it.</summary>
    public required DateOnly Day { get; init; }

    /// <summary>The tasks.</summary>
    public IReadOnlyList<string> Tasks { get; init; } = [];
}

/// <summary>What the calendar of a routine last said, so that a change of it can be told.</summary>
internal sealed record CalendarDocument
{
    /// <summary>The days that were in it.</summary>
    public IReadOnlyList<CalendarDayDocument> Days { get; init; } = [];
}

/// <summary>A day of a calendar as it was last said.</summary>
internal sealed record CalendarDayDocument
{
    /// <summary>What names the day for ever.</summary>
    public required string Uid { get; init; }

    /// <summary>Names what was said.</summary>
    public required string Content { get; init; }

    /// <summary>How often that has changed.</summary>
    public int Sequence { get; init; }

    /// <summary>When it last changed.</summary>
    public DateTimeOffset ChangedAt { get; init; }
}
