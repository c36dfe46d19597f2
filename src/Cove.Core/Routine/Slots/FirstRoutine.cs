using Cove.Core.Methods;
using Cove.Core.Routine.Recurrence;

namespace Cove.Core.Routine.Slots;

/// <summary>What is offered to an owner who has no routine yet, and the ways to repeat that are offered to all.</summary>
/// <remarks>A quick round each week and a longer one every two months with the car left to dry is common practice; day, time and minutes are Cove's own choice, to be changed.</remarks>
public static class FirstRoutine
{
    /// <summary>The ways to repeat on offer, the most frequent first.</summary>
    public static IReadOnlyList<RecurrenceRule> Repeats { get; } =
    [
        .. new[]
        {
            "FREQ=WEEKLY",
            "FREQ=WEEKLY;INTERVAL=2",
            "FREQ=WEEKLY;INTERVAL=3",
            "FREQ=WEEKLY;INTERVAL=4",
            "FREQ=WEEKLY;INTERVAL=6",
            "FREQ=WEEKLY;INTERVAL=8",
            "FREQ=WEEKLY;INTERVAL=13",
            "FREQ=WEEKLY;INTERVAL=26",
            "FREQ=YEARLY",
        }.Select(RecurrenceRule.Parse),
    ];

    /// <summary>A first routine.</summary>
    /// <param name="now">The present instant.</param>
    /// <param name="today">The owner's present day.</param>
    public static CarRoutine For(DateTimeOffset now, DateOnly today)
    {
        DateOnly saturday = today.AddDays(((int)DayOfWeek.Saturday - (int)today.DayOfWeek + 7) % 7);
        return new CarRoutine([
            new Slot(SlotId.New(now), Repeats[0], saturday, new TimeOnly(9, 30), 25),
            new Slot(SlotId.New(now), Repeats[5], saturday.AddDays(1), new TimeOnly(10, 0), 75)
            {
                Place = SlotPlace.Usual with { Standing = Standing.UntilTomorrow },
            },
        ]);
    }
}
