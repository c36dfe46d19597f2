using Ical.Net;
using Ical.Net.CalendarComponents;
using Ical.Net.DataTypes;
using Ical.Net.Evaluation;

namespace Cove.Web.Features.Routines;

/// <summary>Reads from a calendar file, RFC 5545, when its owner has something else to do.</summary>
internal static class BusyCalendar
{
    /// <summary>The largest file.</summary>
    public const int LargestBytes = 2 * 1024 * 1024;

    /// <summary>So many times a rule may fall out without any day before it is taken to have none.</summary>
    private const int MostIdleSteps = 2000;

    /// <summary>How many years ago an entry may have begun: every day since then is walked through. Birthdays are kept so long.</summary>
    private const int LongestPast = 120;

    /// <summary>How far ahead busy times are kept: as far as a routine is planned.</summary>
    private static readonly TimeSpan Ahead = TimeSpan.FromDays(366 * 2);

    /// <summary>Reads a file.</summary>
    /// <param name="text">The file.</param>
    /// <param name="now">The present instant; what is over is left out.</param>
    /// <param name="zone">The owner's time zone, for times that name none.</param>
    /// <param name="busy">The spells; null when the file cannot be used.</param>
    /// <param name="cancel">Gives up; looked at before each entry and each of its days.</param>
    /// <returns>What is wrong with it; null when it was read.</returns>
    /// <exception cref="OperationCanceledException">It was given up.</exception>
    public static string? Read(
        string text,
        DateTimeOffset now,
        TimeZoneInfo zone,
        out BusyTimes? busy,
        CancellationToken cancel = default
    )
    {
        busy = null;
        if (CalendarText.Refusal(text) is { } refusal)
        {
            return refusal;
        }

        try
        {
            CalendarCollection calendars = CalendarCollection.Load(text);
            CalendarEvent[] events = [.. calendars.SelectMany(calendar => calendar.Events)];
            if (events.Any(one => one.Start is null))
            {
                return "An entry of this calendar has no beginning that can be read. Export it anew and try again.";
            }

            if (events.Any(RepeatsWithinTheDay))
            {
                return "An entry of this calendar repeats within the day. Take it out, or choose another calendar.";
            }

            if (events.Any(one => one.RecurrenceRule is not null && one.Start!.Year < now.Year - LongestPast))
            {
                return $"An entry of this calendar repeats since more than {LongestPast} years ago. Take it out, or let it begin later.";
            }

            var spans = new List<BusySpan>();
            foreach (CalendarEvent one in events.Where(Blocks))
            {
                cancel.ThrowIfCancellationRequested();
                foreach (BusySpan span in SpansOf(one, now, zone))
                {
                    cancel.ThrowIfCancellationRequested();
                    spans.Add(span);
                    if (spans.Count > BusyTimes.MostSpans)
                    {
                        return $"This calendar has more than {BusyTimes.MostSpans} busy times in the next two years. Export one with fewer.";
                    }
                }
            }

            busy = new BusyTimes(spans);
            return null;
        }
        // The library tells of a broken file in as many ways as a file can be broken.
        catch (Exception error) when (error is not (OutOfMemoryException or OperationCanceledException))
        {
            return "This calendar file cannot be read to its end. Export it anew and try again.";
        }
    }

    /// <summary>Whether an entry takes the owner's time: it is not called off, and does not say that it leaves them free.</summary>
    private static bool Blocks(CalendarEvent one) =>
        !string.Equals(one.Status, EventStatus.Cancelled, StringComparison.OrdinalIgnoreCase)
        && !string.Equals(one.Transparency, TransparencyType.Transparent, StringComparison.OrdinalIgnoreCase);

    private static bool RepeatsWithinTheDay(CalendarEvent one) =>
        one.RecurrenceRule is { } rule
        && (
            rule.Frequency is FrequencyType.Secondly or FrequencyType.Minutely or FrequencyType.Hourly
            || rule.ByHour.Count > 1
            || rule.ByMinute.Count > 1
            || rule.BySecond.Count > 1
        );

    private static IEnumerable<BusySpan> SpansOf(CalendarEvent one, DateTimeOffset now, TimeZoneInfo zone)
    {
        DateTimeOffset until = now + Ahead;
        DateTimeOffset from = now.AddDays(-1);
        var options = new EvaluationOptions { MaxUnmatchedIncrementsLimit = MostIdleSteps };
        // Ical.Net wants a beginning; what began before and still lasts is caught by its own length.
        var start = new CalDateTime((from - LengthOf(one)).UtcDateTime, "UTC");
        foreach (Occurrence occurrence in Occurrences())
        {
            DateTimeOffset begins = InstantOf(occurrence.Period.StartTime, zone);
            if (begins > until)
            {
                yield break;
            }

            DateTimeOffset ends = occurrence.Period.EffectiveEndTime is { } end
                ? InstantOf(end, zone)
                : begins + LengthOf(one);
            if (ends > from && ends > begins)
            {
                yield return new BusySpan(begins, ends);
            }
        }

        IEnumerable<Occurrence> Occurrences()
        {
            using IEnumerator<Occurrence> all = one.GetOccurrences(start, options).GetEnumerator();
            while (true)
            {
                try
                {
                    if (!all.MoveNext())
                    {
                        yield break;
                    }
                }
                catch (EvaluationLimitExceededException)
                {
                    // A rule that never fires again blocks nothing.
                    yield break;
                }

                yield return all.Current;
            }
        }
    }

    private static TimeSpan LengthOf(CalendarEvent one) =>
        one.Start!.HasTime ? one.EffectiveDuration.ToTimeSpanUnspecified() : TimeSpan.FromDays(1);

    /// <summary>A time without a zone, and a day without a time, are the owner's.</summary>
    private static DateTimeOffset InstantOf(CalDateTime time, TimeZoneInfo zone) =>
        !time.HasTime || time.IsFloating
            ? LocalTime.InstantOf(DateOnly.FromDateTime(time.Value), TimeOnly.FromDateTime(time.Value), zone)
            : new DateTimeOffset(time.AsUtc, TimeSpan.Zero);
}
