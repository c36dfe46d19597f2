using Cove.Core.Routine.Recurrence;
using Cove.Core.Routine.Slots;

namespace Cove.Core.Tests.Routine;

public sealed class SlotHabitTests
{
    // A Saturday.
    private static readonly DateOnly Today = new(2026, 5, 2);

    private static readonly CarRoutine Weekly = CarRoutine.None with
    {
        Slots =
        [
            new Slot(
                SlotId.New(DateTimeOffset.UnixEpoch),
                RecurrenceRule.Parse("FREQ=WEEKLY;BYDAY=SA"),
                new DateOnly(2026, 1, 3),
                new TimeOnly(9, 30),
                20
            ),
        ],
    };

    [Fact]
    public void Whoever_has_done_nothing_yet_has_missed_nothing()
    {
        SlotHabit habit = Of([]);

        Assert.Equal(new SlotHabit(0, 0), habit);
        Assert.Equal(0, habit.ShareMissed);
    }

    [Fact]
    public void A_day_early_or_late_is_kept_and_what_came_before_the_first_does_not_count()
    {
        // Seven Saturdays from 14 March to 25 April: two of them without anything near.
        SlotHabit habit = Of([
            new(2026, 3, 14),
            new(2026, 3, 22),
            new(2026, 4, 10),
            new(2026, 4, 11),
            new(2026, 4, 18),
            new(2026, 4, 23),
        ]);

        Assert.Equal(new SlotHabit(2, 7), habit);
    }

    [Fact]
    public void The_more_slots_are_known_the_more_what_was_missed_weighs()
    {
        Assert.Equal(0.2, new SlotHabit(1, 1).ShareMissed, 9);
        Assert.InRange(new SlotHabit(10, 26).ShareMissed, 0.3, 10 / 26.0);
    }

    private static SlotHabit Of(DateOnly[] cared) => SlotHabit.In(Weekly, cared, Today, TimeZoneInfo.Utc);
}
