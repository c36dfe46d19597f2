using Cove.Core.Upkeep;
using Cove.Core.Upkeep.Tasks;

namespace Cove.Core.Cars;

/// <summary>A task whose due date is another one under another use.</summary>
/// <param name="Task">The task.</param>
/// <param name="Before">The first day at the mark before; null when it never came.</param>
/// <param name="After">The first day at the mark now; null when it never comes.</param>
public sealed record MovedDate(CareTask Task, DateOnly? Before, DateOnly? After)
{
    /// <summary>Days the date moved, negative when it came nearer; null when it was or is never.</summary>
    public int? Days => After?.DayNumber - Before?.DayNumber;

    /// <summary>Every task whose date differs between two ledgers of the same vehicle, the most hastened first.</summary>
    /// <param name="before">How things stood.</param>
    /// <param name="after">How they stand.</param>
    /// <param name="now">The present instant.</param>
    /// <param name="zone">Where the owner's days begin and end.</param>
    public static IReadOnlyList<MovedDate> Between(
        CareLedger before,
        CareLedger after,
        DateTimeOffset now,
        TimeZoneInfo zone
    )
    {
        var dates = before.At(now).ToDictionary(status => status.Item.Task.Id, DateOf);
        return
        [
            .. after
                .At(now)
                .Select(status => new MovedDate(
                    status.Item.Task,
                    dates.GetValueOrDefault(status.Item.Task.Id),
                    DateOf(status)
                ))
                .Where(moved => moved.Before != moved.After)
                .OrderBy(moved => moved.Days ?? (moved.After is null ? int.MaxValue : int.MinValue))
                .ThenBy(moved => moved.Task.Id),
        ];

        DateOnly? DateOf(CareStatus status) => status.Earliest.Due.DueDate(zone);
    }
}
