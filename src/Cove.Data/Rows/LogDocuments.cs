namespace Cove.Data.Rows;

/// <summary>Turns rows of the log into what stands in files, and back.</summary>
internal static class LogDocuments
{
    /// <summary>Writes a row down.</summary>
    /// <param name="row">The row, with its products.</param>
    /// <param name="run">The place of its run in the file; null for none.</param>
    /// <exception cref="UnreadableRowException">It is of a kind that is not known here.</exception>
    public static LogDocument Of(LogRow row, int? run = null) =>
        new()
        {
            At = row.At,
            Kind = KnownWord.Check(row.Kind, "Log", row.Id),
            Run = run,
            Subject = row.Subject,
            Surfaces = row.SurfaceIds.Length == 0 ? [] : row.SurfaceIds.Split('\n'),
            Result = row.Result,
            Products =
            [
                .. row
                    .Products.OrderBy(product => product.Position)
                    .Select(product => new LoggedProductDocument
                    {
                        Id = product.ProductId,
                        Name = product.Name,
                        Strength = product.Strength,
                        Amount = product.Amount,
                        Unit = product.Unit,
                    }),
            ],
            PlannedSeconds = row.PlannedSeconds,
            TakenSeconds = row.TakenSeconds,
            Pace = row.Pace,
            Coat = row.Coat,
            Parts = row.Parts,
            Cost = row.Cost,
            Removed = row.Removed,
            Note = row.Note,
            Methods = [.. LogRows.MethodsOf(row).Select(LoggedMethodDocument.Of)],
            SettledAt = row.SettledAt,
            UndoneAt = row.UndoneAt,
        };

    /// <summary>A new row for what was written down.</summary>
    public static LogRow ToRow(LogDocument entry, VehicleId vehicleId, Guid? runId = null)
    {
        var row = new LogRow
        {
            Id = Guid.CreateVersion7(entry.At),
            VehicleId = vehicleId,
            RunId = runId,
            At = RecordTime.ToStored(entry.At),
            Kind = entry.Kind,
            Subject = entry.Subject,
            SurfaceIds = string.Join('\n', entry.Surfaces),
            Result = entry.Result,
            PlannedSeconds = entry.PlannedSeconds,
            TakenSeconds = entry.TakenSeconds,
            Pace = entry.Pace,
            Coat = entry.Coat,
            Parts = entry.Parts,
            Cost = entry.Cost,
            Removed = entry.Removed,
            Note = entry.Note,
            MethodsJson = LogRows.JsonOf([.. entry.Methods.Select(method => method.ToMethod())]),
            SettledAt = entry.SettledAt,
            UndoneAt = entry.UndoneAt,
        };
        row.Products.AddRange(
            entry.Products.Select(
                (product, position) =>
                    new ProductUseRow
                    {
                        LogId = row.Id,
                        Position = position,
                        ProductId = product.Id,
                        Name = product.Name,
                        Strength = product.Strength,
                        Amount = product.Amount,
                        Unit = product.Unit,
                    }
            )
        );
        return row;
    }
}
