namespace Cove.Core.Tests.Routine;

public sealed class SlotTests
{
    private static readonly DateOnly Saturday = new(2026, 3, 14);

    private static readonly TimeZoneInfo Summer = TimeZoneInfo.CreateCustomTimeZone(
        "Invented",
        TimeSpan.FromHours(1),
        "Invented",
        "Invented",
        "Invented summer",
        [
            TimeZoneInfo.AdjustmentRule.CreateAdjustmentRule(
                DateTime.MinValue.Date,
                DateTime.MaxValue.Date,
                TimeSpan.FromHours(1),
                TimeZoneInfo.TransitionTime.CreateFloatingDateRule(
                    new DateTime(1, 1, 1, 2, 0, 0),
                    3,
                    5,
                    DayOfWeek.Sunday
                ),
                TimeZoneInfo.TransitionTime.CreateFloatingDateRule(
                    new DateTime(1, 1, 1, 3, 0, 0),
                    10,
                    5,
                    DayOfWeek.Sunday
                )
            ),
        ]
    );

    private static Slot Weekly => AnyRoutine.Slot("FREQ=WEEKLY", Saturday, 25);

    [Fact]
    public void Half_past_nine_stays_half_past_nine_through_summer_time()
    {
        IReadOnlyList<SlotDay> days = Days(Weekly, Saturday.AddDays(21));

        Assert.Equal([8, 8, 8, 7], days.Select(day => day.StartsAt(Summer).UtcDateTime.AddMinutes(-30).Hour));
    }

    // Published: RFC 5545 section 3.3.5. A time that the clock leaves out takes the offset before the jump; one that comes twice is the first.
    [Theory]
    [InlineData(2026, 3, 29, "02:30", "01:30")]
    [InlineData(2026, 10, 25, "02:30", "00:30")]
    public void Times_that_are_left_out_or_come_twice_are_read_as_the_standard_has_it(
        int year,
        int month,
        int day,
        string time,
        string utc
    ) =>
        Assert.Equal(
            TimeOnly.Parse(utc, System.Globalization.CultureInfo.InvariantCulture),
            TimeOnly.FromDateTime(
                LocalTime
                    .InstantOf(
                        new DateOnly(year, month, day),
                        TimeOnly.Parse(time, System.Globalization.CultureInfo.InvariantCulture),
                        Summer
                    )
                    .UtcDateTime
            )
        );

    [Fact]
    public void Single_days_are_skipped_moved_made_longer_and_added_and_nothing_takes_place_away()
    {
        Slot slot = Weekly with
        {
            Changes =
            [
                new SlotChange(Saturday, SlotChangeKind.Skipped),
                new SlotChange(Saturday.AddDays(7), SlotChangeKind.Moved)
                {
                    To = Saturday.AddDays(8),
                    Time = new TimeOnly(11, 0),
                },
                new SlotChange(Saturday.AddDays(14), SlotChangeKind.Resized) { Minutes = 60 },
                new SlotChange(Saturday.AddDays(17), SlotChangeKind.Added) { Minutes = 10 },
                // The rule has this one already.
                new SlotChange(Saturday.AddDays(28), SlotChangeKind.Added),
            ],
        };
        var routine = new CarRoutine([slot])
        {
            Away = [new Away(Saturday.AddDays(20), Saturday.AddDays(22))],
        };

        IReadOnlyList<SlotDay> days = routine.Days(Saturday, Saturday.AddDays(30), TimeZoneInfo.Utc);

        Assert.Equal(
            [(8, 7, 25), (14, 14, 60), (17, 17, 10), (28, 28, 25)],
            days.Select(day =>
                (
                    day.Day.DayNumber - Saturday.DayNumber,
                    day.RuleDay.DayNumber - Saturday.DayNumber,
                    day.Minutes
                )
            )
        );
    }

    [Fact]
    public void A_rule_that_ends_at_an_instant_ends_by_the_owners_clock()
    {
        // 08:29 UTC on the second Saturday is just before half past nine there.
        Slot slot = AnyRoutine.Slot("FREQ=WEEKLY;UNTIL=20260321T082900Z", Saturday, 25);

        Assert.Single(Days(slot, Saturday.AddDays(30)));
        Assert.Equal(
            2,
            Days(
                AnyRoutine.Slot("FREQ=WEEKLY;UNTIL=20260321T083000Z", Saturday, 25),
                Saturday.AddDays(30)
            ).Count
        );
    }

    private static IReadOnlyList<SlotDay> Days(Slot slot, DateOnly last) =>
        new CarRoutine([slot]).Days(Saturday, last, Summer);
}
