namespace Cove.Core.Tests.Log;

public sealed class SessionDaysTests
{
    private static readonly TimeZoneInfo East = TimeZoneInfo.CreateCustomTimeZone(
        "east",
        TimeSpan.FromHours(3),
        "east",
        "east"
    );

    [Fact]
    public void An_evening_belongs_to_the_owners_day()
    {
        // Ten in the evening and half past one the next morning, three hours east.
        DateTimeOffset[] done =
        [
            new(2026, 3, 14, 19, 0, 0, TimeSpan.Zero),
            new(2026, 3, 14, 19, 20, 0, TimeSpan.Zero),
            new(2026, 3, 14, 22, 30, 0, TimeSpan.Zero),
        ];

        Assert.Equal(2, SessionDays.Count(done, East));
        Assert.Equal(1, SessionDays.Count(done, TimeZoneInfo.Utc));
        Assert.Equal(0, SessionDays.Count([], East));
    }
}
