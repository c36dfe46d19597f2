namespace Cove.Core.Tests.Routine;

public sealed class BusyTimesTests
{
    private static readonly TimeZoneInfo Zone = TimeZoneInfo.FindSystemTimeZoneById("Europe/Berlin");
    private static readonly DateOnly Saturday = new(2026, 3, 28);
    private static readonly DateTimeOffset Now = new(2026, 3, 14, 9, 0, 0, TimeSpan.Zero);

    private static readonly SlotDay Session = Day(Saturday, new TimeOnly(9, 30));

    // 28 March is the day before summer time begins: half past nine is 8:30 UTC.
    [Theory]
    [InlineData("07:00", "08:30", false)]
    [InlineData("08:00", "08:31", true)]
    [InlineData("08:54", "10:00", true)]
    [InlineData("08:55", "10:00", false)]
    [InlineData("00:00", "23:00", true)]
    public void A_session_collides_with_what_overlaps_it(string from, string to, bool collides)
    {
        var busy = new BusyTimes([Span(Saturday, from, to)]);

        Assert.Equal(collides, busy.Over(Session, Zone) is not null);
    }

    [Fact]
    public void The_free_time_that_is_offered_is_near_and_free()
    {
        var random = new Random(61);
        int found = 0;
        for (int round = 0; round < 200; round++)
        {
            BusySpan[] spans =
            [
                .. Enumerable
                    .Range(0, random.Next(1, 40))
                    .Select(_ => Now.AddDays(11 + random.Next(7)).AddMinutes(random.Next(1440)))
                    .Select(start => new BusySpan(start, start.AddMinutes(random.Next(10, 600)))),
            ];
            SlotDay other = Day(Saturday.AddDays(1), new TimeOnly(10, 0));

            if (new BusyTimes(spans).FreeNear(Session, [Session, other], Now, Zone) is not var (day, time))
            {
                continue;
            }

            found++;
            DateTimeOffset start = new DateTimeOffset(
                day.ToDateTime(time),
                Zone.GetUtcOffset(day.ToDateTime(time))
            );
            Assert.DoesNotContain(spans, span => span.Start < start.AddMinutes(25) && span.End > start);
            Assert.InRange(day.DayNumber - Saturday.DayNumber, -3, 3);
            Assert.NotEqual(other.Day, day);
            Assert.InRange(time, new TimeOnly(8, 0), new TimeOnly(19, 35));
        }

        Assert.True(found > 100, $"{found} found");
    }

    [Fact]
    public void Another_hour_of_the_same_day_is_nearer_than_another_day()
    {
        var busy = new BusyTimes([Span(Saturday, "08:00", "09:00")]);

        Assert.Equal((Saturday, new TimeOnly(10, 0)), busy.FreeNear(Session, [Session], Now, Zone));
    }

    [Fact]
    public void A_week_without_a_free_hour_offers_nothing()
    {
        var busy = new BusyTimes([new BusySpan(Now, Now.AddDays(30))]);

        Assert.Null(busy.FreeNear(Session, [Session], Now, Zone));
    }

    private static SlotDay Day(DateOnly day, TimeOnly time) =>
        new(AnyRoutine.Slot("FREQ=WEEKLY", day, 25), day, day, time, 25);

    private static BusySpan Span(DateOnly day, string from, string to) => new(Utc(day, from), Utc(day, to));

    private static DateTimeOffset Utc(DateOnly day, string time) =>
        new(
            day.ToDateTime(TimeOnly.Parse(time, System.Globalization.CultureInfo.InvariantCulture)),
            TimeSpan.Zero
        );
}
