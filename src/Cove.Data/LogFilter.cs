namespace Cove.Data;

/// <summary>Which entries of a log are looked for; what is left out does not matter.</summary>
public sealed record LogFilter
{
    private static readonly (string Subject, string Name)[] Names =
    [
        .. CareTasks.All.Select(task => (task.Id.Value, task.Name)),
        .. CareEvents.All.Select(known => (known.Id.Value, known.Name)),
        .. InspectionTable.All.Select(test => (test.Id.Value, test.Name)),
        .. SessionChores.All.Select(chore => (chore.Id.Value, chore.Name)),
        (LogRows.DeepCleanSubject, "Deep clean"),
    ];

    /// <summary>Only those of a kind.</summary>
    public LogEntryKind? Kind { get; init; }

    /// <summary>Only those of a care task.</summary>
    public TaskId? Task { get; init; }

    /// <summary>Only those about a surface.</summary>
    public SurfaceId? Surface { get; init; }

    /// <summary>The tasks that tend that surface: what was done wherever such a task applies is about it too.</summary>
    public IReadOnlyList<TaskId> TasksThere { get; init; } = [];

    /// <summary>Only those in which a product was used or tested.</summary>
    public ProductId? Product { get; init; }

    /// <summary>Only those from an instant on.</summary>
    public DateTimeOffset? From { get; init; }

    /// <summary>Only those before an instant.</summary>
    public DateTimeOffset? Before { get; init; }

    /// <summary>Only those in whose note, product or name this stands, whatever the case; empty for all.</summary>
    public string Text { get; init; } = string.Empty;

    internal IQueryable<LogRow> Over(IQueryable<LogRow> rows)
    {
        if (Kind is { } kind)
        {
            rows = rows.Where(row => row.Kind == kind);
        }

        if (Task is { } task)
        {
            rows = rows.Where(row => row.Kind == LogEntryKind.Care && row.Subject == task.Value);
        }

        if (Surface is { } surface)
        {
            string line = $"\n{surface}\n";
            string[] there = [.. TasksThere.Select(known => known.Value)];
            rows = rows.Where(row =>
                ("\n" + row.SurfaceIds + "\n").Contains(line)
                || (
                    row.Kind == LogEntryKind.Care && row.SurfaceIds.Length == 0 && there.Contains(row.Subject)
                )
            );
        }

        if (Product is { } product)
        {
            rows = rows.Where(row => row.Products.Any(used => used.ProductId == product.Value));
        }

        if (From is { } from)
        {
            rows = rows.Where(row => row.At >= from);
        }

        if (Before is { } before)
        {
            rows = rows.Where(row => row.At < before);
        }

        return Text.Length > 0 ? Saying(rows, Text) : rows;
    }

    private static IQueryable<LogRow> Saying(IQueryable<LogRow> rows, string text)
    {
        string[] subjects =
        [
            .. Names
                .Where(known => known.Name.Contains(text, StringComparison.OrdinalIgnoreCase))
                .Select(known => known.Subject),
        ];
        // What stands for any letter in a pattern stands for itself in what somebody looks for.
        string plain = text.Replace("\\", "\\\\", StringComparison.Ordinal)
            .Replace("%", "\\%", StringComparison.Ordinal)
            .Replace("_", "\\_", StringComparison.Ordinal);
        string pattern = $"%{plain}%";
        return rows.Where(row =>
            subjects.Contains(row.Subject)
            || EF.Functions.Like(row.Note, pattern, "\\")
            || row.Products.Any(used => EF.Functions.Like(used.Name, pattern, "\\"))
        );
    }
}
