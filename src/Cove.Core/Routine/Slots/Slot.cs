using Cove.Core.Methods;
using Cove.Core.Methods.Glass;
using Cove.Core.Routine.Recurrence;
using Cove.Core.Upkeep.Tasks;

namespace Cove.Core.Routine.Slots;

/// <summary>A time for cleaning that recurs: when, how long, and where.</summary>
/// <remarks>Times are those on the owner's clock: half past nine stays half past nine when summer time begins.</remarks>
/// <param name="Id">Identifies it.</param>
/// <param name="Rule">On which days it recurs.</param>
/// <param name="From">The day from which the rule is counted.</param>
/// <param name="Time">The time of day at which it begins.</param>
/// <param name="Minutes">How long it is; <see cref="ShortestMinutes"/> to <see cref="LongestMinutes"/>.</param>
public sealed record Slot(SlotId Id, RecurrenceRule Rule, DateOnly From, TimeOnly Time, int Minutes)
{
    /// <summary>The shortest slot, in minutes.</summary>
    public const int ShortestMinutes = 5;

    /// <summary>The longest slot, in minutes: what the time ruler reaches.</summary>
    public const int LongestMinutes = 120;

    /// <summary>The most days of one slot in a year: three a week. Cove's own choice.</summary>
    public const int MostDaysAYear = 157;

    /// <summary>What it may be used for.</summary>
    public SlotUse Use { get; init; }

    /// <summary>Where the work is done.</summary>
    public SlotPlace Place { get; init; } = SlotPlace.Usual;

    /// <summary>The tasks that the owner does not want in it; each once. A task that is wanted in no slot at all is pinned to never instead.</summary>
    public IReadOnlyList<TaskId> Without { get; init; } = [];

    /// <summary>Single days that are otherwise than the rule has them; at most one for each day of the rule.</summary>
    public IReadOnlyList<SlotChange> Changes { get; init; } = [];

    /// <summary>Whether a task may fill minutes of it that are left: it is wanted there, and it is of the kind the slot is for.</summary>
    public bool MayFill(CareTask task) =>
        !Without.Contains(task.Id)
        && Use switch
        {
            SlotUse.QuickOnly => task.Drying <= Standing.AnHour.Length(),
            SlotUse.LongOnly => IsLong(task),
            _ => true,
        };

    /// <summary>Whether a task is not everyday work, so that it may have the time of a slot for long work.</summary>
    internal static bool IsLong(CareTask task) => task.Interval > Everyday;

    /// <summary>What comes round within this time is everyday work, and not what a slot for long work is kept for. Cove's own choice.</summary>
    private static readonly TimeSpan Everyday = TimeSpan.FromDays(21);

    /// <summary>The same with another length on one day; a day that was moved stays moved.</summary>
    /// <param name="ruleDay">The day, as the rule has it.</param>
    /// <param name="minutes">How long it is on that day.</param>
    public Slot With(DateOnly ruleDay, int minutes)
    {
        SlotChange change =
            Changes.FirstOrDefault(known => known.Day == ruleDay)
            ?? new SlotChange(ruleDay, SlotChangeKind.Resized);
        return this with
        {
            Changes = [.. Changes.Where(known => known.Day != ruleDay), change with { Minutes = minutes }],
        };
    }
}

/// <summary>What a slot may be used for.</summary>
public enum SlotUse
{
    /// <summary>For everything.</summary>
    Everything,

    /// <summary>Only for what dries at once, so that the car can be driven off.</summary>
    QuickOnly,

    /// <summary>Only for what is not done every week or two, so that long work has its time.</summary>
    LongOnly,
}

/// <summary>Where the work of a slot is done.</summary>
/// <param name="Ground">The kind of place.</param>
/// <param name="Tap">Whether water runs there.</param>
/// <param name="Power">Whether there is a socket, or a charged battery in the vacuum.</param>
/// <param name="Shade">Whether the car is out of the sun.</param>
/// <param name="Standing">How long it may stand afterwards.</param>
public sealed record SlotPlace(SlotGround Ground, bool Tap, bool Power, bool Shade, Standing Standing)
{
    /// <summary>A drive with tap, power and shade, and a car that is driven again in an hour.</summary>
    public static SlotPlace Usual { get; } = new(SlotGround.Drive, true, true, true, Standing.AnHour);

    /// <summary>The same place as a session knows it, on a day of fair weather.</summary>
    public Workplace ToWorkplace() =>
        new()
        {
            Tap = Tap,
            Power = Power,
            Standing = Standing,
            AtGlass = Shade ? GlassConditions.Fair : GlassConditions.Fair with { InSun = true },
        };
}

/// <summary>The kind of place.</summary>
public enum SlotGround
{
    /// <summary>On the drive or in the yard.</summary>
    Drive,

    /// <summary>In a garage.</summary>
    Garage,

    /// <summary>At the roadside or in a car park.</summary>
    Street,
}

/// <summary>One day of a slot that is otherwise than the rule has it.</summary>
/// <param name="Day">The day on which the rule has it; for an added one, the day on which it is.</param>
/// <param name="Kind">What is otherwise.</param>
public sealed record SlotChange(DateOnly Day, SlotChangeKind Kind)
{
    /// <summary>The day it is moved to; null unless it is moved.</summary>
    public DateOnly? To { get; init; }

    /// <summary>The time it begins on that day; null for the usual.</summary>
    public TimeOnly? Time { get; init; }

    /// <summary>How long it is on that day; null for the usual.</summary>
    public int? Minutes { get; init; }
}

/// <summary>What is otherwise about a day of a slot.</summary>
public enum SlotChangeKind
{
    /// <summary>It does not take place.</summary>
    Skipped,

    /// <summary>It takes place on another day or at another time.</summary>
    Moved,

    /// <summary>It is longer or shorter.</summary>
    Resized,

    /// <summary>It takes place though the rule does not name it.</summary>
    Added,
}
