using System.Globalization;
using System.Text.Json;

namespace Cove.Data;

/// <summary>Writes a log as comma-separated values and reads it back: one row for each entry.</summary>
/// <remarks>The column <c>what</c> is for people and is not read. <c>details</c> holds as JSON what has no column of its own: products, methods, pace and coat.</remarks>
public static class LogCsv
{
    /// <summary>The largest file that is read, in bytes.</summary>
    public const int LargestBytes = 16 * 1024 * 1024;

    private const string What = "what";

    private static readonly string[] Needed = ["at", "kind", "subject"];

    private static readonly Column[] All =
    [
        new("at", d => Time(d.At), (d, v) => d with { At = Instant(v) }),
        new(
            "kind",
            d => JsonNamingPolicy.CamelCase.ConvertName($"{d.Kind}"),
            (d, v) => d with { Kind = Kind(v) }
        ),
        new("subject", d => d.Subject, (d, v) => d with { Subject = v }),
        new(
            "surfaces",
            d => string.Join(' ', d.Surfaces),
            (d, v) => d with { Surfaces = v.Split(' ', StringSplitOptions.RemoveEmptyEntries) }
        ),
        new("result", d => d.Result, (d, v) => d with { Result = v }),
        new("plannedSeconds", d => Whole(d.PlannedSeconds), (d, v) => d with { PlannedSeconds = Whole(v) }),
        new("takenSeconds", d => Whole(d.TakenSeconds), (d, v) => d with { TakenSeconds = Whole(v) }),
        new("removed", d => Number(d.Removed), (d, v) => d with { Removed = Number(v) }),
        new("parts", d => Whole(d.Parts), (d, v) => d with { Parts = Whole(v) }),
        new(
            "cost",
            d => d.Cost?.ToString(CultureInfo.InvariantCulture) ?? string.Empty,
            (d, v) => d with { Cost = Money(v) }
        ),
        new("note", d => d.Note, (d, v) => d with { Note = v }),
        new("settledAt", d => Time(d.SettledAt), (d, v) => d with { SettledAt = Instant(v) }),
        new("undoneAt", d => Time(d.UndoneAt), (d, v) => d with { UndoneAt = Instant(v) }),
        new("details", d => StoredJson.Write(LogDetails.Of(d)), (d, v) => Details(v).Put(d)),
    ];

    /// <summary>The names of the columns, in the order they are written.</summary>
    public static IReadOnlyList<string> Columns { get; } = [.. All.Select(column => column.Name), What];

    /// <summary>Writes entries.</summary>
    /// <param name="entries">The entries, each with what it says in words.</param>
    public static string Write(IEnumerable<(LogDocument Entry, string Words)> entries) =>
        CsvText.Write([
            Columns,
            .. entries.Select(row =>
                (IReadOnlyList<string>)[.. All.Select(column => column.Get(row.Entry)), row.Words]
            ),
        ]);

    /// <summary>Reads entries and holds them to every rule.</summary>
    /// <param name="text">The text; its first row names the columns, in any order.</param>
    /// <param name="now">The present instant; nothing that is logged lies after it.</param>
    /// <param name="cancel">Gives up.</param>
    /// <returns>The entries, or what is wrong, row by row: all of it, unless that is a great deal.</returns>
    public static LogReading Read(string text, DateTimeOffset now, CancellationToken cancel = default)
    {
        var table = CsvTable.Read(text, Columns, Needed, "entry", VehicleDocument.MostLogEntries);
        if (table.Errors.Count > 0)
        {
            return new LogReading([], table.Errors);
        }

        if (table.Rows.Count > VehicleDocument.MostLogEntries)
        {
            return new LogReading(
                [],
                [new FileFlaw(1, "file", $"A log has up to {VehicleDocument.MostLogEntries} entries.")]
            );
        }

        var flaws = new List<FileFlaw>();
        var entries = new List<LogDocument>();
        foreach (CsvRow row in table.Rows.TakeWhile(_ => flaws.Count < VehicleFile.MostFlaws))
        {
            cancel.ThrowIfCancellationRequested();
            if (Entry(row, table, now, flaws) is { } entry)
            {
                entries.Add(entry);
            }
        }

        return flaws.Count > 0 ? new LogReading([], flaws) : new LogReading(entries, []);
    }

    private static LogDocument? Entry(CsvRow row, CsvTable table, DateTimeOffset now, List<FileFlaw> flaws)
    {
        int before = flaws.Count;
        if (table.FlawOf(row) is { } flaw)
        {
            flaws.Add(flaw);
            return null;
        }

        var entry = new LogDocument
        {
            At = default,
            Kind = default,
            Subject = string.Empty,
        };
        foreach (Column column in All)
        {
            string cell = table.CellOf(row, column.Name);
            if (cell.Length == 0)
            {
                if (Needed.Contains(column.Name, StringComparer.Ordinal))
                {
                    flaws.Add(new FileFlaw(row.Line, column.Name, "This cell is needed."));
                }

                continue;
            }

            try
            {
                entry = column.Set(entry, cell);
            }
            catch (FormatException wrong)
            {
                flaws.Add(new FileFlaw(row.Line, column.Name, wrong.Message));
            }
        }

        if (flaws.Count > before)
        {
            return null;
        }

        flaws.AddRange(
            Annotations
                .Check(entry)
                .Concat(LogEntryRules.Check(entry))
                .Concat(TimeFlaws(entry, now))
                .Select(error => new FileFlaw(row.Line, error.Property, error.Sentence))
        );
        return entry;
    }

    private static IEnumerable<ValidationError> TimeFlaws(LogDocument entry, DateTimeOffset now) =>
        new (string Field, DateTimeOffset? At)[]
        {
            ("at", entry.At),
            ("settledAt", entry.SettledAt),
            ("undoneAt", entry.UndoneAt),
        }
            .Where(time => time.At is { } at && !RecordTime.IsFit(at, now + RecordTime.Leeway))
            .Select(time => new ValidationError(time.Field, RecordTime.HowToGive));

    private static string Time(DateTimeOffset? at) =>
        at?.ToString("o", CultureInfo.InvariantCulture) ?? string.Empty;

    private static DateTimeOffset Instant(string text) =>
        DateTimeOffset.TryParse(
            text,
            CultureInfo.InvariantCulture,
            DateTimeStyles.AssumeUniversal,
            out DateTimeOffset at
        )
            ? at
            : throw new FormatException(
                "Give a time as year-month-dayThour:minuteZ, such as 2026-03-14T10:20Z."
            );

    private static LogEntryKind Kind(string text) =>
        Enum.GetValues<LogEntryKind>()
            .Select(kind => (LogEntryKind?)kind)
            .FirstOrDefault(kind => string.Equals($"{kind}", text, StringComparison.OrdinalIgnoreCase))
        ?? throw new FormatException(
            $"Choose one of: {string.Join(", ", Enum.GetValues<LogEntryKind>().Select(kind => JsonNamingPolicy.CamelCase.ConvertName($"{kind}")))}."
        );

    private static string Whole(int value) => value.ToString(CultureInfo.InvariantCulture);

    private static int Whole(string text) =>
        int.TryParse(text, NumberStyles.None, CultureInfo.InvariantCulture, out int value)
            ? value
            : throw new FormatException("Give a whole number, 0 or more.");

    private static string Number(double value) => value.ToString("R", CultureInfo.InvariantCulture);

    private static double Number(string text) =>
        double.TryParse(text, NumberStyles.Float, CultureInfo.InvariantCulture, out double value)
        && double.IsFinite(value)
            ? value
            : throw new FormatException("Give a number with a point for decimals, such as 0.5.");

    private static decimal Money(string text) =>
        decimal.TryParse(
            text,
            NumberStyles.AllowDecimalPoint,
            CultureInfo.InvariantCulture,
            out decimal value
        )
            ? value
            : throw new FormatException("Give a price with a point for decimals, such as 8.50.");

    private static LogDetails Details(string text)
    {
        const string HowToWrite = "Write details as JSON, or leave them empty.";
        try
        {
            return JsonSerializer.Deserialize<LogDetails>(text, CoveJson.File) is { HasGaps: false } details
                ? details
                : throw new FormatException(HowToWrite);
        }
        catch (JsonException wrong)
        {
            throw new FormatException(HowToWrite, wrong);
        }
    }

    private sealed record Column(
        string Name,
        Func<LogDocument, string> Get,
        Func<LogDocument, string, LogDocument> Set
    );
}

/// <summary>What of an entry has no column of its own.</summary>
public sealed record LogDetails
{
    /// <summary>The products that were used, or the one that was tested.</summary>
    public IReadOnlyList<LoggedProductDocument> Products { get; init; } = [];

    /// <summary>How it was done.</summary>
    public IReadOnlyList<LoggedMethodDocument> Methods { get; init; } = [];

    /// <summary>The pace of the owner that it was planned with.</summary>
    public double Pace { get; init; } = 1;

    /// <summary>What was left on the surfaces beside a plain coat.</summary>
    public int Coat { get; init; }

    /// <summary>Whether a list holds a null, which JSON allows.</summary>
    internal bool HasGaps =>
        Products.Any(product => product is null)
        || Methods.Any(method => method is null || method.Surfaces.Any(surface => surface is null));

    internal static LogDetails Of(LogDocument entry) =>
        new()
        {
            Products = entry.Products,
            Methods = entry.Methods,
            Pace = entry.Pace,
            Coat = entry.Coat,
        };

    internal LogDocument Put(LogDocument entry) =>
        entry with
        {
            Products = Products,
            Methods = Methods,
            Pace = Pace,
            Coat = Coat,
        };
}

/// <summary>What came of reading a log.</summary>
/// <param name="Entries">The entries; empty when something is wrong.</param>
/// <param name="Errors">What is wrong, row by row; empty when nothing is.</param>
public sealed record LogReading(IReadOnlyList<LogDocument> Entries, IReadOnlyList<FileFlaw> Errors);
