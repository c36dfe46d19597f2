using Cove.Core.Sessions;
using Cove.Core.Upkeep;
using Cove.Core.Vehicles;
using Cove.Data.Rows;
using Microsoft.EntityFrameworkCore;

namespace Cove.Data;

/// <summary>Turns stored vehicles into files and files into stored vehicles.</summary>
public sealed class VehicleFileStore
{
    private readonly CoveContext context;
    private readonly VehicleStore vehicles;
    private readonly CareReplay replay;

    internal VehicleFileStore(CoveContext context, VehicleStore vehicles, CareReplay replay)
    {
        this.context = context;
        this.vehicles = vehicles;
        this.replay = replay;
    }

    /// <summary>Everything recorded of a vehicle. Null when the owner has none of that id.</summary>
    /// <remarks>The order is that of the content, so that the same vehicle always gives the same file.</remarks>
    public async Task<VehicleDocument?> Export(Guid vehicleId, CancellationToken cancel = default)
    {
        VehicleRow? row = await context
            .Vehicles.AsNoTracking()
            .AsSplitQuery()
            .Include(vehicle => vehicle.Surfaces)
            .Include(vehicle => vehicle.Usage)
            .Include(vehicle => vehicle.Odometer)
            .Include(vehicle => vehicle.CareStates)
            .FirstOrDefaultAsync(vehicle => vehicle.Id == vehicleId, cancel);
        if (row is null)
        {
            return null;
        }

        List<LogRow> log = await context
            .Log.AsNoTracking()
            .Include(entry => entry.Products)
            .Where(entry => entry.VehicleId == vehicleId)
            .ToListAsync(cancel);
        return new VehicleDocument
        {
            Format = VehicleDocument.FormatName,
            Version = 1,
            Id = row.Id,
            Name = row.Name,
            Description = row.Description,
            AddedAt = row.AddedAt,
            ArchivedAt = row.ArchivedAt,
            LearntSince = row.LearntSince,
            Layout = row.Layout,
            Surfaces = [.. row.ToVehicle().Surfaces.Select(SurfaceDocument.Of)],
            Use =
            [
                .. row
                    .Usage.OrderBy(use => use.From)
                    .Select(use => new UseEntryDocument { From = use.From, Use = UseDocument.Of(use.Use) }),
            ],
            Odometer =
            [
                .. row
                    .Odometer.OrderBy(reading => reading.At)
                    .Select(reading => new ReadingDocument
                    {
                        At = reading.At,
                        Kilometres = reading.Kilometres,
                        Simulated = reading.Simulated,
                    }),
            ],
            Levels =
            [
                .. row
                    .CareStates.OrderBy(state => state.TaskId, StringComparer.Ordinal)
                    .ThenBy(state => state.SurfaceId, StringComparer.Ordinal)
                    .Select(state => new LevelDocument
                    {
                        Task = state.TaskId,
                        Surface = state.SurfaceId,
                        From = state.StartAt,
                        Level = state.StartLevel,
                    }),
            ],
            Log =
            [
                .. log.OrderBy(entry => entry.At)
                    .ThenBy(entry => entry.Kind)
                    .ThenBy(entry => entry.Subject, StringComparer.Ordinal)
                    .ThenBy(entry => entry.SurfaceIds, StringComparer.Ordinal)
                    .ThenBy(entry => entry.Result, StringComparer.Ordinal)
                    .ThenBy(entry => entry.Note, StringComparer.Ordinal)
                    .Select(LogDocumentOf),
            ],
        };
    }

    /// <summary>Adds the vehicle of a file, all of it or nothing.</summary>
    /// <param name="file">A file that was read without flaws.</param>
    /// <param name="now">The present instant.</param>
    /// <param name="cancel">Gives up before anything is stored.</param>
    /// <returns>The new vehicle. It has the id that the file names, unless that is taken.</returns>
    public async Task<SavedVehicle> Import(
        VehicleDocument file,
        DateTimeOffset now,
        CancellationToken cancel = default
    )
    {
        await using var transaction = await context.Database.BeginTransactionAsync(cancel);
        // Ids are one to a file, whoever owns the row.
        bool taken =
            file.Id is not { } wished
            || await context.Vehicles.IgnoreQueryFilters().AnyAsync(row => row.Id == wished, cancel);
        DateTimeOffset addedAt = file.AddedAt ?? now;
        var vehicle = new VehicleRow
        {
            Id = taken ? Guid.CreateVersion7(now) : file.Id!.Value,
            Name = file.Name.Trim(),
            Description = file.Description.Trim(),
            AddedAt = addedAt,
            ArchivedAt = file.ArchivedAt,
            LearntSince = file.LearntSince,
            LayoutJson = string.Empty,
            Layout = file.Layout,
        };
        vehicle.Surfaces.AddRange(
            (
                file.Surfaces?.Select(surface => surface.ToSurface())
                ?? CabinBuilder.Build(file.Layout).Surfaces
            ).Select(SurfaceRow.Of)
        );
        vehicle.Usage.AddRange(
            file.Use.Select(entry => new UsageRow { From = entry.From, Use = entry.Use.ToUse() })
        );
        if (vehicle.Usage.Count == 0)
        {
            vehicle.Usage.Add(new UsageRow { From = addedAt, Use = CarUse.Reference });
        }

        vehicle.Odometer.AddRange(
            file.Odometer.Select(reading => new OdometerRow
            {
                At = reading.At,
                Kilometres = reading.Kilometres,
                Simulated = reading.Simulated,
            })
        );
        vehicle.CareStates.AddRange(
            file.Levels.Select(level =>
                CareStateRow.Starting(level.Task, level.Surface, new Level(level.Level), level.From)
            )
        );
        vehicle.CareStates.AddRange(
            CareStateRow.Missing(vehicle, (task, _) => FirstLook.LivedIn.StartingLevel(task), now)
        );
        context.Vehicles.Add(vehicle);
        context.Log.AddRange(file.Log.Select(entry => LogRowOf(entry, vehicle.Id)));
        await context.SaveChangesAsync(cancel);
        await replay.Refresh((await vehicles.Ledger(vehicle.Id, cancel))!, cancel);
        await transaction.CommitAsync(cancel);
        return SavedVehicle.Of(vehicle);
    }

    private static LogDocument LogDocumentOf(LogRow row) =>
        new()
        {
            At = row.At,
            Kind = row.Kind,
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
                    }),
            ],
            PlannedSeconds = row.PlannedSeconds,
            TakenSeconds = row.TakenSeconds,
            Removed = row.Removed,
            Note = row.Note,
            Methods =
            [
                .. row.Methods.Select(method => new LoggedMethodDocument
                {
                    Method = method.MethodId,
                    Rounds = method.Rounds,
                    Surfaces = method.SurfaceIds,
                }),
            ],
            SettledAt = row.SettledAt,
            UndoneAt = row.UndoneAt,
        };

    private static LogRow LogRowOf(LogDocument entry, Guid vehicleId)
    {
        var row = new LogRow
        {
            Id = Guid.CreateVersion7(entry.At),
            VehicleId = vehicleId,
            At = entry.At,
            Kind = entry.Kind,
            Subject = entry.Subject,
            SurfaceIds = string.Join('\n', entry.Surfaces),
            Result = entry.Result,
            PlannedSeconds = entry.PlannedSeconds,
            TakenSeconds = entry.TakenSeconds,
            Removed = entry.Removed,
            Note = entry.Note,
            Methods =
            [
                .. entry.Methods.Select(method => new StepMethod(
                    method.Method,
                    method.Rounds,
                    method.Surfaces
                )),
            ],
            SettledAt = entry.SettledAt,
            UndoneAt = entry.UndoneAt,
        };
        row.Products.AddRange(
            entry.Products.Select(
                (product, position) =>
                    new ProductUseRow
                    {
                        Position = position,
                        ProductId = product.Id,
                        Name = product.Name,
                        Strength = product.Strength,
                        Amount = product.Amount,
                    }
            )
        );
        return row;
    }
}
