using Cove.Core.Upkeep;
using Cove.Core.Vehicles;
using Cove.Data.Rows;
using Microsoft.EntityFrameworkCore;

namespace Cove.Data;

/// <summary>Keeps vehicles, with their surfaces, use and levels.</summary>
public sealed class VehicleStore
{
    private readonly CoveContext context;

    internal VehicleStore(CoveContext context) => this.context = context;

    /// <summary>All vehicles of the owner, in the order they were added.</summary>
    public async Task<IReadOnlyList<Vehicle>> All(CancellationToken cancel = default)
    {
        List<VehicleRow> rows = await context
            .Vehicles.AsNoTracking()
            .Include(row => row.Surfaces)
            .OrderBy(row => row.AddedAt)
            .ThenBy(row => row.Id)
            .ToListAsync(cancel);
        return [.. rows.Select(ToVehicle)];
    }

    /// <summary>A vehicle as it stands: surfaces, use and the last change of every level. Null when the owner has none of that id.</summary>
    public async Task<CareLedger?> Ledger(Guid vehicleId, CancellationToken cancel = default)
    {
        VehicleRow? row = await context
            .Vehicles.AsNoTracking()
            .AsSplitQuery()
            .Include(vehicle => vehicle.Surfaces)
            .Include(vehicle => vehicle.Usage)
            .Include(vehicle => vehicle.CareStates)
            .FirstOrDefaultAsync(vehicle => vehicle.Id == vehicleId, cancel);
        return row is null
            ? null
            : new CareLedger(
                ToVehicle(row),
                new Usage(row.Usage.Select(entry => entry.ToEntry())),
                row.CareStates.ToDictionary(state => state.Key, state => state.State)
            );
    }

    /// <summary>Adds a vehicle with a level for every task and surface.</summary>
    /// <param name="name">What the owner calls it.</param>
    /// <param name="description">A line that tells it apart; may be empty.</param>
    /// <param name="layout">The layout; must have no problems.</param>
    /// <param name="distance">How far it is driven in a week.</param>
    /// <param name="start">The level each task starts at.</param>
    /// <param name="now">The instant from which its history is kept.</param>
    /// <param name="cancel">Gives up before anything is stored.</param>
    /// <returns>The id of the new vehicle.</returns>
    public async Task<Guid> Add(
        string name,
        string description,
        CabinLayout layout,
        WeeklyDistance distance,
        Func<CareTask, Level> start,
        DateTimeOffset now,
        CancellationToken cancel = default
    )
    {
        Cabin cabin = CabinBuilder.Build(layout);
        var row = new VehicleRow
        {
            Id = Guid.CreateVersion7(now),
            Name = name,
            Description = description,
            AddedAt = now,
            Body = layout.Body,
            Rows = layout.Rows,
            DriverSide = layout.DriverSide,
            SeatMaterial = layout.SeatMaterial,
            FrontMats = layout.FrontMats,
            RearMats = layout.RearMats,
            GlossTrim = layout.GlossTrim,
            TintedRear = layout.TintedRear,
            ChildSeats = layout.ChildSeats,
        };
        row.Surfaces.AddRange(cabin.Surfaces.Select(SurfaceRow.Of));
        row.Usage.Add(new UsageRow { From = now, KilometresAWeek = distance.Kilometres });
        var vehicle = new Vehicle(row.Id, name, description, layout, cabin.Zones, cabin.Surfaces);
        row.CareStates.AddRange(CareBook.For(vehicle).SelectMany(item => FirstStates(item, start, now)));
        context.Vehicles.Add(row);
        await context.SaveChangesAsync(cancel);
        return row.Id;
    }

    /// <summary>Changes how far a vehicle is driven, from an instant on. What came before stays as it was.</summary>
    /// <returns>False when the owner has no vehicle of that id.</returns>
    public async Task<bool> ChangeDistance(
        Guid vehicleId,
        WeeklyDistance distance,
        DateTimeOffset from,
        CancellationToken cancel = default
    )
    {
        if (!await context.Vehicles.AnyAsync(row => row.Id == vehicleId, cancel))
        {
            return false;
        }

        UsageRow? same = await context.Usage.FirstOrDefaultAsync(
            row => row.VehicleId == vehicleId && row.From == from,
            cancel
        );
        if (same is null)
        {
            same = new UsageRow { VehicleId = vehicleId, From = from };
            context.Usage.Add(same);
        }

        same.KilometresAWeek = distance.Kilometres;
        await context.SaveChangesAsync(cancel);
        return true;
    }

    /// <summary>Gives every vehicle a level for tasks that were added to the table after the vehicle was.</summary>
    /// <param name="now">The instant from which the history of those tasks is kept.</param>
    /// <param name="cancel">Gives up before anything is stored.</param>
    /// <returns>How many levels were added.</returns>
    public async Task<int> CompleteLevels(DateTimeOffset now, CancellationToken cancel = default)
    {
        List<VehicleRow> rows = await context
            .Vehicles.AsSplitQuery()
            .Include(row => row.Surfaces)
            .Include(row => row.CareStates)
            .ToListAsync(cancel);
        foreach (VehicleRow row in rows)
        {
            var known = row.CareStates.Select(state => state.Key).ToHashSet();
            row.CareStates.AddRange(
                CareBook
                    .For(ToVehicle(row))
                    .SelectMany(item => FirstStates(item, task => FirstLook.LivedIn.StartingLevel(task), now))
                    .Where(state => !known.Contains(state.Key))
            );
        }

        return await context.SaveChangesAsync(cancel);
    }

    private static IEnumerable<CareStateRow> FirstStates(
        CareItem item,
        Func<CareTask, Level> start,
        DateTimeOffset now
    ) =>
        item.Surfaces.Select(surface => new CareStateRow
        {
            TaskId = item.Task.Id,
            SurfaceId = surface.Id,
            StartAt = now,
            StartLevel = start(item.Task).Value,
            ChangedAt = now,
            Level = start(item.Task).Value,
        });

    private static Vehicle ToVehicle(VehicleRow row) =>
        new(
            row.Id,
            row.Name,
            row.Description,
            row.Layout,
            CabinBuilder.Build(row.Layout).Zones,
            [.. row.Surfaces.OrderBy(surface => surface.Position).Select(surface => surface.ToSurface())]
        );
}
