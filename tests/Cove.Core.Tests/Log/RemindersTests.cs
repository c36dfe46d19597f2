namespace Cove.Core.Tests.Log;

public sealed class RemindersTests
{
    private static readonly DateTimeOffset Saturday = new(2026, 3, 14, 10, 0, 0, TimeSpan.Zero);

    private static readonly TimeZoneInfo East = TimeZoneInfo.CreateCustomTimeZone(
        "east",
        TimeSpan.FromHours(3),
        "east",
        "east"
    );

    private static TaskDone Done(string taskId, DateTimeOffset at) =>
        new(new(Guid.NewGuid()), at, taskId, Share.All);

    // Common practice: belts stay out for a day.
    [Fact]
    public void Belts_are_due_a_day_later_and_stay_until_they_are_answered()
    {
        TaskDone belts = Done("seat-belts", Saturday);

        Reminder reminder = Assert.Single(
            Reminders.Of([belts, Done("wipe-dash", Saturday)], Saturday, TimeZoneInfo.Utc)
        );

        Assert.Equal(ReminderKind.Dry, reminder.Kind);
        Assert.Equal(Saturday.AddHours(24), reminder.From);
        Assert.False(reminder.IsDueAt(Saturday.AddHours(23)));
        Assert.True(reminder.IsDueAt(Saturday.AddDays(6)));
        Assert.Empty(
            Reminders.Of([belts with { AnsweredAt = Saturday }], Saturday.AddDays(2), TimeZoneInfo.Utc)
        );
    }

    // Seen: mats that could not be dry by the end of a session were put back damp, or forgotten.
    [Fact]
    public void Mats_left_out_to_dry_come_back_in_when_they_are_dry_and_are_not_asked_about_for_ever()
    {
        TaskDone mats = Done("wash-rubber-mats", Saturday);

        Reminder reminder = Assert.Single(Reminders.Of([mats], Saturday, TimeZoneInfo.Utc));

        Assert.Equal(Saturday.AddMinutes(20), reminder.From);
        Assert.Empty(Reminders.Of([mats with { AnsweredAt = Saturday }], Saturday, TimeZoneInfo.Utc));
        Assert.Empty(Reminders.Of([mats], Saturday.AddDays(3), TimeZoneInfo.Utc));
    }

    [Fact]
    public void The_night_check_comes_on_the_evening_of_the_owners_next_day()
    {
        // Half past ten at night in the owner's zone.
        DateTimeOffset late = new(2026, 3, 14, 19, 30, 0, TimeSpan.Zero);

        Reminder reminder = Assert.Single(Reminders.Of([Done("windscreen", late)], late, East));

        Assert.Equal(new DateTimeOffset(2026, 3, 15, 17, 0, 0, TimeSpan.FromHours(3)), reminder.From);
    }

    [Fact]
    public void A_glance_through_the_windscreen_at_a_lamp_answers_it_and_one_through_another_pane_does_not()
    {
        TaskDone done = Done("windscreen", Saturday);
        DateTimeOffset then = Saturday.AddDays(1.5);

        Assert.Empty(After(Glance("windscreen")));
        Assert.Single(After(Glance("rear-glass")));
        Assert.Single(After(Glance("windscreen") with { UndoneAt = then }));

        IReadOnlyList<Reminder> After(Checked look) => Reminders.Of([done, look], then, TimeZoneInfo.Utc);

        static Checked Glance(string pane) =>
            new(new(Guid.NewGuid()), Saturday.AddDays(1.4), "glare", "clear", [pane]);
    }

    [Fact]
    public void It_is_asked_of_the_last_cleaning_only_and_not_after_an_answer_or_four_nights()
    {
        TaskDone first = Done("windscreen", Saturday);
        TaskDone second = Done("windscreen", Saturday.AddDays(1));
        DateTimeOffset then = Saturday.AddDays(2.5);

        Assert.Equal(second.Id, Ask(null, first, second).Single().EntryId);
        Assert.Empty(Ask(null, first, second with { AnsweredAt = Saturday }));
        Assert.Empty(Ask(second.At.AddHours(12), first, second));
        Assert.Single(Ask(first.At.AddHours(12), first, second));
        Assert.Empty(Reminders.Of([first], Saturday.AddDays(5.5), TimeZoneInfo.Utc));

        IReadOnlyList<Reminder> Ask(DateTimeOffset? looked, params TaskDone[] done) =>
            Reminders.Of(
                looked is { } at
                    ? [.. done, new Checked(new(Guid.NewGuid()), at, "night-check", "clear", ["windscreen"])]
                    : done,
                then,
                TimeZoneInfo.Utc
            );
    }
}
