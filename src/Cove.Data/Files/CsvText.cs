using System.Text;

namespace Cove.Data;

/// <summary>Reads and writes comma-separated values by RFC 4180.</summary>
/// <remarks>A cell that a spreadsheet would take for a formula is written with an apostrophe in front, and read without it.</remarks>
public static class CsvText
{
    private const string FormulaStarts = "=+-@\t\r";

    /// <summary>Writes rows, each ended by CR LF.</summary>
    public static string Write(IEnumerable<IReadOnlyList<string>> rows)
    {
        var text = new StringBuilder();
        foreach (IReadOnlyList<string> row in rows)
        {
            text.AppendJoin(',', row.Select(Cell)).Append("\r\n");
        }

        return text.ToString();
    }

    /// <summary>Reads rows. Lines may end in CR LF, LF or CR; blank lines are passed over.</summary>
    /// <param name="text">The text, with or without a byte order mark.</param>
    /// <returns>The rows, or the line of a quote that is wrong.</returns>
    public static CsvReading Read(string text)
    {
        var reader = new Reader(text.TrimStart('\uFEFF'));
        return reader.ReadAll();
    }

    private static string Cell(string value)
    {
        string safe =
            value.Length > 0 && FormulaStarts.Contains(value[0], StringComparison.Ordinal)
                ? $"'{value}"
                : value;
        return safe.AsSpan().IndexOfAny("\",\r\n") >= 0
            ? $"\"{safe.Replace("\"", "\"\"", StringComparison.Ordinal)}\""
            : safe;
    }

    private static string Plain(string cell) =>
        cell.Length > 1 && cell[0] == '\'' && FormulaStarts.Contains(cell[1], StringComparison.Ordinal)
            ? cell[1..]
            : cell;

    private sealed class Reader(string text)
    {
        private readonly List<CsvRow> rows = [];
        private readonly List<string> cells = [];
        private readonly StringBuilder cell = new();
        private int at;
        private int line = 1;
        private int rowLine = 1;

        public CsvReading ReadAll()
        {
            while (at < text.Length)
            {
                char next = text[at];
                if (next == '"' && cell.Length == 0)
                {
                    if (!ReadQuoted())
                    {
                        return new CsvReading([], rowLine);
                    }
                }
                else if (next == '"')
                {
                    return new CsvReading([], line);
                }
                else if (next == ',')
                {
                    EndCell();
                    at++;
                }
                else if (next is '\r' or '\n')
                {
                    SkipLineEnd();
                    EndRow();
                }
                else
                {
                    cell.Append(next);
                    at++;
                }
            }

            EndRow();
            return new CsvReading(rows, null);
        }

        /// <summary>Reads a quoted cell up to the comma or line end behind it.</summary>
        private bool ReadQuoted()
        {
            at++;
            while (at < text.Length)
            {
                if (text[at] != '"')
                {
                    if (text[at] == '\n')
                    {
                        line++;
                    }

                    cell.Append(text[at++]);
                }
                else if (at + 1 < text.Length && text[at + 1] == '"')
                {
                    cell.Append('"');
                    at += 2;
                }
                else
                {
                    at++;
                    return at == text.Length || text[at] is ',' or '\r' or '\n';
                }
            }

            return false;
        }

        private void SkipLineEnd()
        {
            at += text[at] == '\r' && at + 1 < text.Length && text[at + 1] == '\n' ? 2 : 1;
            line++;
        }

        private void EndCell()
        {
            cells.Add(Plain(cell.ToString()));
            cell.Clear();
        }

        private void EndRow()
        {
            if (cells.Count > 0 || cell.Length > 0)
            {
                EndCell();
                rows.Add(new CsvRow(rowLine, [.. cells]));
                cells.Clear();
            }

            rowLine = line;
        }
    }
}

/// <summary>What came of reading comma-separated values.</summary>
/// <param name="Rows">The rows; empty when a quote is wrong.</param>
/// <param name="BrokenLine">The line on which a quote is opened and not closed, or stands where none belongs; null when all are right.</param>
public sealed record CsvReading(IReadOnlyList<CsvRow> Rows, int? BrokenLine);

/// <summary>A row of cells.</summary>
/// <param name="Line">The line it begins on, from 1.</param>
/// <param name="Cells">The cells.</param>
public sealed record CsvRow(int Line, IReadOnlyList<string> Cells);
