namespace Cove.Data;

/// <summary>Finds out whether Cove can do its work now, rather than whether it is there.</summary>
public sealed class Readiness
{
    private readonly CoveContext context;
    private readonly DataFolder folder;

    internal Readiness(CoveContext context, DataFolder folder)
    {
        this.context = context;
        this.folder = folder;
    }

    /// <summary>Touches the database and the disk.</summary>
    /// <param name="cancel">Gives up.</param>
    public async Task<ReadinessReport> Check(CancellationToken cancel = default)
    {
        var problems = new List<string>();
        var unread = new List<string>();
        if (folder.DiskProblem() is { } disk)
        {
            problems.Add(disk);
        }

        if (folder.DatabaseProblem() is { } file)
        {
            // What open connections still remember of it is of no use to anybody.
            return new ReadinessReport([.. problems, file], unread);
        }

        try
        {
            await ReadRows(unread, cancel);
        }
        catch (Exception error) when (DiskWords.Of(error) is { } sentence)
        {
            problems.Add(sentence);
        }

        return new ReadinessReport(problems, unread);
    }

    /// <summary>Reads every row that is kept as text and on which a whole place depends.</summary>
    private async Task ReadRows(List<string> unread, CancellationToken cancel)
    {
        foreach (
            VehicleRow row in await context
                .Vehicles.AsNoTracking()
                .Include(row => row.Surfaces)
                .ToListAsync(cancel)
        )
        {
            UnreadableRowException.Try(() => row.ToVehicle(unread), unread);
        }

        foreach (UsageRow row in await context.Usage.AsNoTracking().ToListAsync(cancel))
        {
            UnreadableRowException.Try(() => row.Use, unread);
        }

        foreach (ProductRow row in await context.Products.AsNoTracking().ToListAsync(cancel))
        {
            UnreadableRowException.Try(() => row.Product, unread);
        }

        foreach (KitRow row in await context.Kits.AsNoTracking().ToListAsync(cancel))
        {
            UnreadableRowException.Try(() => row.Kit, unread);
        }

        LogEntryKind[] kinds = Enum.GetValues<LogEntryKind>();
        foreach (
            LogRow row in await context
                .Log.AsNoTracking()
                .Where(row => !kinds.Contains(row.Kind))
                .ToListAsync(cancel)
        )
        {
            UnreadableRowException.Try(row.ToEntry, unread);
        }
    }
}

/// <summary>What keeps Cove from its work.</summary>
/// <param name="Problems">What keeps it from reading or storing anything, one sentence each; none when nothing does.</param>
/// <param name="Unread">Rows that cannot be understood and are left out, one sentence each.</param>
public sealed record ReadinessReport(IReadOnlyList<string> Problems, IReadOnlyList<string> Unread);
