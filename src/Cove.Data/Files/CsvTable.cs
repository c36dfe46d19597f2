namespace Cove.Data;

/// <summary>Comma-separated values whose first row names the columns.</summary>
/// <param name="Header">The names of the columns, as they stand in the file; empty when something is wrong.</param>
/// <param name="Rows">The rows below.</param>
/// <param name="Errors">What is wrong with the table as such; empty when nothing is.</param>
internal sealed record CsvTable(
    IReadOnlyList<string> Header,
    IReadOnlyList<CsvRow> Rows,
    IReadOnlyList<FileFlaw> Errors
)
{
    private const int LongestShown = 40;

    /// <summary>Reads a table.</summary>
    /// <param name="text">The text.</param>
    /// <param name="columns">The columns that may be named, in any order.</param>
    /// <param name="needed">Those that must be.</param>
    /// <param name="each">What a row stands for, such as "bottle".</param>
    /// <param name="mostRows">How many rows there may be.</param>
    public static CsvTable Read(
        string text,
        IReadOnlyList<string> columns,
        IReadOnlyList<string> needed,
        string each,
        int mostRows
    )
    {
        // One more than may be and the names of the columns, so that it shows when there are too many.
        CsvReading read = CsvText.Read(text, mostRows + 2);
        if (read.BrokenLine is { } broken)
        {
            return Refused(
                new FileFlaw(
                    broken,
                    "row",
                    "A quote does not match. Put a cell with quotes in it in quotes, and double those within."
                )
            );
        }

        if (read.Rows.Count < 2)
        {
            return Refused(
                new FileFlaw(
                    1,
                    "file",
                    $"Give a first row that names the columns ({string.Join(", ", columns)}) and a row for each {each}."
                )
            );
        }

        string[] header = [.. read.Rows[0].Cells.Select(name => name.Trim())];
        FileFlaw[] wrong = [.. HeaderFlaws(header, columns, needed)];
        return wrong.Length > 0 ? Refused(wrong) : new CsvTable(header, [.. read.Rows.Skip(1)], []);
    }

    /// <summary>What is wrong with the shape of a row; null when nothing is.</summary>
    public FileFlaw? FlawOf(CsvRow row) =>
        row.Cells.Count == Header.Count
            ? null
            : new FileFlaw(
                row.Line,
                "row",
                $"This row has {row.Cells.Count} cells, the first row names {Header.Count} columns. Give as many."
            );

    /// <summary>The cell of a row; empty where the file has no such column.</summary>
    public string CellOf(CsvRow row, string column)
    {
        for (int i = 0; i < Header.Count; i++)
        {
            if (Header[i] == column)
            {
                return row.Cells[i];
            }
        }

        return string.Empty;
    }

    private static IEnumerable<FileFlaw> HeaderFlaws(
        string[] header,
        IReadOnlyList<string> columns,
        IReadOnlyList<string> needed
    )
    {
        foreach (string name in header.Where(name => !columns.Contains(name, StringComparer.Ordinal)))
        {
            yield return new FileFlaw(
                1,
                name.Length > LongestShown ? name[..LongestShown] : name,
                $"There is no such column. The columns are: {string.Join(", ", columns)}."
            );
        }

        if (header.Distinct(StringComparer.Ordinal).Count() < header.Length)
        {
            yield return new FileFlaw(1, "file", "A column stands here twice. Give it once.");
        }

        foreach (string name in needed.Where(name => !header.Contains(name, StringComparer.Ordinal)))
        {
            yield return new FileFlaw(1, name, "This column is needed.");
        }
    }

    private static CsvTable Refused(params FileFlaw[] errors) => new([], [], errors);
}
