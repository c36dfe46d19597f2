using CsvHelper;

namespace Cove.Data;

/// <summary>Comma-separated values by RFC 4180, as Cove writes and reads them.</summary>
/// <remarks>A cell that a spreadsheet would take for a formula is written with an apostrophe in front, and read without it.</remarks>
public static class CsvText
{
    private const string FormulaStarts = "=+-@\t\r";

    /// <summary>No table of Cove's has nearly as many columns; a row of more is cut off here, and wrong all the same.</summary>
    private const int MostCells = 200;

    private static readonly CsvWriterOptions Writing = new()
    {
        Injection = CsvInjection.Escape,
        ValidateFieldCount = false,
    };

    private static readonly CsvReaderOptions Reading = new()
    {
        Separator = ',',
        HasHeader = false,
        DetectSeparatorHint = false,
        SkipEmptyLines = true,
        TrimWhitespace = false,
        TrackLineNumbers = true,
        MalformedData = CsvMalformedDataHandling.Throw,
    };

    /// <summary>Writes rows, each ended by CR LF.</summary>
    public static string Write(IEnumerable<IReadOnlyList<string>> rows)
    {
        using var text = new StringWriter();
        using (CsvWriter writer = CsvWriter.Create(text, Writing))
        {
            foreach (IReadOnlyList<string> row in rows)
            {
                writer.WriteRecord([.. row]);
            }
        }

        return text.ToString();
    }

    /// <summary>Reads rows. Lines may end in CR LF, LF or CR; blank lines are passed over.</summary>
    /// <param name="text">The text, with or without a byte order mark.</param>
    /// <param name="mostRows">How many rows are read at the most; what follows is left.</param>
    /// <returns>The rows, or the line of a quote that is wrong.</returns>
    public static CsvReading Read(string text, int mostRows = int.MaxValue)
    {
        using CsvReader reader = CsvReader.FromText(text.TrimStart('\uFEFF'), Reading);
        var rows = new List<CsvRow>();
        try
        {
            while (rows.Count < mostRows && reader.Read())
            {
                rows.Add(
                    new CsvRow(
                        (int)reader.LineNumber,
                        [
                            .. Enumerable
                                .Range(0, Math.Min(reader.FieldCount, MostCells))
                                .Select(at => Plain(reader.GetString(at))),
                        ]
                    )
                );
            }

            return new CsvReading(rows, null);
        }
        catch (CsvFormatException error)
        {
            return new CsvReading([], (int)Math.Max(1, error.LineNumber));
        }
    }

    private static string Plain(string cell) =>
        cell.Length > 1 && cell[0] == '\'' && FormulaStarts.Contains(cell[1], StringComparison.Ordinal)
            ? cell[1..]
            : cell;
}

/// <summary>What came of reading comma-separated values.</summary>
/// <param name="Rows">The rows; empty when a quote is wrong.</param>
/// <param name="BrokenLine">The line on which a quote is opened and not closed, or stands where none belongs; null when all are right.</param>
public sealed record CsvReading(IReadOnlyList<CsvRow> Rows, int? BrokenLine);

/// <summary>A row of cells.</summary>
/// <param name="Line">The line it begins on, from 1.</param>
/// <param name="Cells">The cells.</param>
public sealed record CsvRow(int Line, IReadOnlyList<string> Cells);
