namespace Cove.Web.Features.Routines;

/// <summary>Looks over a calendar file before it is taken apart: what would take a reader without end is refused here, line by line.</summary>
internal static class CalendarText
{
    /// <summary>The most entries of a file, repetitions not counted.</summary>
    private const int MostEvents = 5000;

    /// <summary>No calendar has parts within parts within parts deeper than this; RFC 5545 knows three levels.</summary>
    private const int DeepestPart = 6;

    /// <summary>The most dates that an entry may name one by one.</summary>
    private const int MostDates = 2000;

    /// <summary>Says why a file is not read; null when it may be.</summary>
    /// <param name="text">The file.</param>
    public static string? Refusal(string text)
    {
        if (
            !text.TrimStart('\uFEFF', ' ', '\r', '\n').StartsWith("BEGIN:VCALENDAR", StringComparison.Ordinal)
        )
        {
            return "This is no calendar file. Export one from your calendar: its name ends in .ics.";
        }

        int depth = 0;
        int events = 0;
        int dates = 0;
        bool namesDates = false;
        foreach (ReadOnlySpan<char> line in text.AsSpan().EnumerateLines())
        {
            if (line is [' ' or '\t', ..])
            {
                // A line that goes on from the one before.
                dates += namesDates ? line.Count(',') : 0;
            }
            else if (Is(line, "BEGIN:"))
            {
                depth++;
                bool isEvent = Is(line, "BEGIN:VEVENT");
                events += isEvent ? 1 : 0;
                dates = isEvent ? 0 : dates;
            }
            else if (Is(line, "END:"))
            {
                depth--;
            }
            else if (Is(line, "EXRULE"))
            {
                return "An entry of this calendar leaves days out by a rule (EXRULE), which calendars no longer do. Export it from a newer calendar, or take the entry out.";
            }
            else
            {
                namesDates = Is(line, "RDATE") || Is(line, "EXDATE");
                dates += namesDates ? 1 + line.Count(',') : 0;
            }

            if (depth > DeepestPart)
            {
                return "This calendar file nests too deeply. Export it anew and try again.";
            }

            if (events > MostEvents)
            {
                return $"This calendar has more than {MostEvents} entries. Export a shorter time.";
            }

            if (dates > MostDates)
            {
                return $"An entry of this calendar names more than {MostDates} dates. Take it out, or export a shorter time.";
            }
        }

        return null;
    }

    private static bool Is(ReadOnlySpan<char> line, string name) =>
        line.StartsWith(name, StringComparison.OrdinalIgnoreCase);
}
