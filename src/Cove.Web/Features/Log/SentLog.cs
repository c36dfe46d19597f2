namespace Cove.Web.Features.Log;

/// <summary>A log that was sent as comma-separated values. It is read before any change begins.</summary>
/// <param name="File">Its entries, or why it is refused.</param>
internal sealed record SentLog(ReadFile<IReadOnlyList<LogDocument>> File)
{
    public static async ValueTask<SentLog?> BindAsync(HttpContext http)
    {
        ReadFile<string> text = await CsvBodies.Read(http);
        if (text.Content is null)
        {
            return new SentLog(ReadFile<IReadOnlyList<LogDocument>>.Refused(text.Refusal!));
        }

        DateTimeOffset latest = await http.LatestKnown();
        LogReading? reading = await FileWork.Read(http, cancel => LogCsv.Read(text.Content, latest, cancel));
        return new SentLog(
            reading is null ? ReadFile<IReadOnlyList<LogDocument>>.Refused(Problems.TakesTooLong())
            : reading.Errors.Count > 0
                ? ReadFile<IReadOnlyList<LogDocument>>.Refused(Problems.InFile(reading.Errors))
            : ReadFile<IReadOnlyList<LogDocument>>.Of(reading.Entries)
        );
    }
}
