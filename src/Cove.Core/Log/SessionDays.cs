namespace Cove.Core.Log;

/// <summary>Counts sessions by the owner's calendar: the days on which a car was cared for.</summary>
public static class SessionDays
{
    /// <summary>How many days there were sessions on.</summary>
    /// <param name="done">When care of one car was finished.</param>
    /// <param name="zone">Where the owner's days begin and end.</param>
    public static int Count(IEnumerable<DateTimeOffset> done, TimeZoneInfo zone) =>
        done.Select(at => DateOnly.FromDateTime(TimeZoneInfo.ConvertTime(at, zone).DateTime))
            .Distinct()
            .Count();
}
