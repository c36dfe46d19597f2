namespace Cove.Data.Rows;

/// <summary>Turns entries of the log into rows and back.</summary>
internal static class LogRows
{
    /// <summary>The result of a spot test that passed.</summary>
    public const string SpotPassed = "passed";

    /// <summary>The result of a spot test that failed.</summary>
    public const string SpotFailed = "failed";

    /// <summary>The subject of an entry that closes or opens surfaces.</summary>
    public const string ClosureSubject = "closure";

    /// <summary>The subject of a deep clean.</summary>
    public const string DeepCleanSubject = "deep-clean";

    private const string Table = "Log";

    /// <summary>A new row for an entry.</summary>
    public static LogRow Of(LogEntry entry, VehicleId vehicleId)
    {
        var row = new LogRow { Id = entry.Id, VehicleId = vehicleId };
        Put(row, entry);
        return row;
    }

    /// <summary>Writes an entry over what a row holds.</summary>
    public static void Put(LogRow row, LogEntry entry)
    {
        row.RunId = entry.RunId;
        row.Kind = LogEntryKinds.Of(entry);
        row.At = entry.At;
        row.Note = entry.Note;
        row.UndoneAt = entry.UndoneAt;
        switch (entry)
        {
            case TaskDone done:
                row.Subject = done.TaskId.Value;
                row.SurfaceIds = Lines(done.SurfaceIds);
                (row.Removed, row.Pace, row.Coat) = (done.Removed.Value, done.Pace, (int)done.Coat);
                (row.PlannedSeconds, row.TakenSeconds) = (Seconds(done.Planned), Seconds(done.Taken));
                // How it was done never changes; what could not be read of it is not written over.
                row.MethodsJson = row.MethodsJson.Length == 0 ? JsonOf(done.Methods) : row.MethodsJson;
                row.SettledAt = done.AnsweredAt;
                PutProducts(row, done.Products);
                break;
            case ChoreDone chore:
                (row.Subject, row.Pace) = (chore.ChoreId.Value, chore.Pace);
                (row.PlannedSeconds, row.TakenSeconds) = (Seconds(chore.Planned), Seconds(chore.Taken));
                break;
            case Happened happened:
                row.Subject = happened.EventId.Value;
                row.SurfaceIds = Lines(happened.SurfaceIds);
                break;
            case Checked look:
                (row.Subject, row.Result) = (look.InspectionId.Value, look.ResultId);
                row.SurfaceIds = Lines(look.SurfaceIds);
                break;
            case SpotTested test:
                (row.Subject, row.Result) = ($"{test.ProductId}", test.Passed ? SpotPassed : SpotFailed);
                row.SurfaceIds = Lines(test.SurfaceIds);
                PutProducts(
                    row,
                    [new ProductUsed(test.ProductId, test.ProductName, test.Strength, Quantity.Zero)]
                );
                break;
            case StreakTested streak:
                (row.Subject, row.Result) = (StreakTest.Id, streak.FindingId);
                row.SurfaceIds = Lines(streak.SurfaceIds);
                break;
            case SpotTreated treated:
                (row.Subject, row.Result) = (treated.EventId.Value, $"{treated.Outcome}");
                row.SurfaceIds = Lines([treated.SurfaceId]);
                break;
            case ClosureChanged changed:
                (row.Subject, row.Result) = (ClosureSubject, $"{changed.State}");
                row.SurfaceIds = Lines(changed.SurfaceIds);
                break;
            case DeepCleaned deep:
                (row.Subject, row.Result) = (DeepCleanSubject, $"{deep.By}");
                row.SurfaceIds = Lines(deep.SurfaceIds);
                (row.Parts, row.Cost, row.TakenSeconds) = ((int)deep.Parts, deep.Cost, Seconds(deep.Taken));
                break;
            default:
                break;
        }
    }

    /// <summary>The entry that a row holds.</summary>
    /// <exception cref="UnreadableRowException">The row is not what this version writes or an older one wrote.</exception>
    public static LogEntry ToEntry(this LogRow row) =>
        Typed(row) with
        {
            RunId = row.RunId is { } run ? new RunId(run) : null,
            Note = row.Note,
            UndoneAt = row.UndoneAt,
        };

    /// <summary>The entries of rows; what cannot be read is left out.</summary>
    public static IReadOnlyList<LogEntry> ToEntries(this IEnumerable<LogRow> rows) =>
        [.. rows.Select(row => UnreadableRowException.Try(row.ToEntry)).OfType<LogEntry>()];

    /// <summary>The same with what the store keeps beside them.</summary>
    public static IReadOnlyList<SavedEntry> ToSaved(this IEnumerable<LogRow> rows) =>
        [.. rows.Select(row => UnreadableRowException.Try(row.ToSaved)).OfType<SavedEntry>()];

    /// <summary>An entry with what the store keeps beside it.</summary>
    public static SavedEntry ToSaved(this LogRow row) =>
        new(row.ToEntry(), new VehicleId(row.VehicleId), row.Version);

    private static LogEntry Typed(LogRow row)
    {
        var id = new EntryId(row.Id);
        SurfaceId[] surfaces =
            row.SurfaceIds.Length == 0
                ? []
                : [.. row.SurfaceIds.Split('\n').Select(surface => new SurfaceId(surface))];
        return KnownWord.Check(row.Kind, Table, row.Id) switch
        {
            LogEntryKind.Care => new TaskDone(id, row.At, row.Subject, new Share(row.Removed))
            {
                Planned = TimeSpan.FromSeconds(row.PlannedSeconds),
                Taken = TimeSpan.FromSeconds(row.TakenSeconds),
                Pace = row.Pace,
                Coat = (CoatTraits)row.Coat,
                SurfaceIds = surfaces,
                Methods = MethodsOf(row),
                Products =
                [
                    .. row.Products.OrderBy(product => product.Position).Select(product => product.ToUsed()),
                ],
                AnsweredAt = row.SettledAt,
            },
            LogEntryKind.Chore => new ChoreDone(id, row.At, row.Subject)
            {
                Planned = TimeSpan.FromSeconds(row.PlannedSeconds),
                Taken = TimeSpan.FromSeconds(row.TakenSeconds),
                Pace = row.Pace,
            },
            LogEntryKind.Event => new Happened(id, row.At, row.Subject, surfaces),
            LogEntryKind.Look => new Checked(id, row.At, row.Subject, row.Result, surfaces),
            LogEntryKind.SpotTest when row.Products is [var tested, ..] => new SpotTested(
                id,
                row.At,
                new ProductId(tested.ProductId),
                tested.Name,
                Strength.FromShare(tested.Strength),
                surfaces,
                row.Result == SpotPassed
            ),
            LogEntryKind.Spot
                when surfaces is [var treated] && Enum.TryParse(row.Result, out SpotOutcome outcome) =>
                new SpotTreated(id, row.At, row.Subject, treated, outcome),
            LogEntryKind.Closure when Enum.TryParse(row.Result, out ClosureState state) => new ClosureChanged(
                id,
                row.At,
                state,
                surfaces
            ),
            LogEntryKind.DeepClean when Enum.TryParse(row.Result, out DeepCleanBy by) => new DeepCleaned(
                id,
                row.At,
                by,
                (DeepCleanParts)row.Parts
            )
            {
                SurfaceIds = surfaces,
                Cost = row.Cost,
                Taken = TimeSpan.FromSeconds(row.TakenSeconds),
            },
            LogEntryKind.Note => new StreakTested(id, row.At, row.Result, surfaces),
            _ => throw new UnreadableRowException(Table, $"{row.Id}"),
        };
    }

    /// <summary>How a task was done, as it stands in a row; empty when that is not known.</summary>
    public static string JsonOf(IReadOnlyList<MethodUsed> methods) =>
        methods.Count == 0 ? string.Empty : StoredJson.Write(methods.Select(StoredMethod.Of));

    /// <summary>How a task was done. That is a detail: an entry whose detail cannot be read still says that it was done.</summary>
    public static IReadOnlyList<MethodUsed> MethodsOf(LogRow row) =>
        row.MethodsJson.Length == 0
            ? []
            : UnreadableRowException.Try(() =>
                StoredJson.Read<StoredMethod[], MethodUsed[]>(
                    row.MethodsJson,
                    Table,
                    row.Id,
                    methods => [.. methods.Select(method => method.ToMethod())]
                )
            ) ?? [];

    private static void PutProducts(LogRow row, IReadOnlyList<ProductUsed> products)
    {
        if (row.Products.Count == 0)
        {
            row.Products.AddRange(products.Select(ProductUseRow.Of));
        }
    }

    private static string Lines(IEnumerable<SurfaceId> surfaceIds) => string.Join('\n', surfaceIds);

    private static int Seconds(TimeSpan span) => (int)Math.Round(span.TotalSeconds);
}
