namespace Cove.Data;

/// <summary>Keeps vehicles, with their surfaces and levels. How they are used is kept by <see cref="UseStore"/>, files by <see cref="VehicleFileStore"/>.</summary>
public sealed class VehicleStore
{
    /// <summary>The tasks that lay coats.</summary>
    private static readonly string[] LayCoats = [.. CoatBook.Tasks.Select(task => task.Value)];

    /// <summary>The methods of other tasks that lay one as well.</summary>
    private static readonly string[] LayCoatsToo =
    [
        .. MethodLibrary
            .All.Where(known => known.Method.AlsoDoes.Any(CoatBook.Tasks.Contains))
            .Select(known => known.Method.Id.Value),
    ];

    private readonly CoveContext context;
    private readonly LevelStore levels;

    internal VehicleStore(CoveContext context, LevelStore levels)
    {
        this.context = context;
        this.levels = levels;
    }

    /// <summary>All vehicles of the owner, archived ones included, in the order they were added.</summary>
    public async Task<IReadOnlyList<SavedVehicle>> All(CancellationToken cancel = default)
    {
        List<VehicleRow> rows = await context
            .Vehicles.AsNoTracking()
            .OrderBy(row => row.AddedAt)
            .ThenBy(row => row.Id)
            .ToListAsync(cancel);
        return
        [
            .. rows.Select(row => UnreadableRowException.Try(() => SavedVehicle.Of(row)))
                .OfType<SavedVehicle>(),
        ];
    }

    /// <summary>What is known of a vehicle beside its levels. Null when the owner has none of that id.</summary>
    public async Task<SavedVehicle?> Find(VehicleId vehicleId, CancellationToken cancel = default) =>
        await context.Vehicles.AsNoTracking().FirstOrDefaultAsync(row => row.Id == vehicleId, cancel)
            is { } row
            ? SavedVehicle.Of(row)
            : null;

    /// <summary>A vehicle as it stands: surfaces, use, the last change of every level, and what has been learnt. Null when the owner has none of that id.</summary>
    public async Task<CareLedger?> Ledger(VehicleId vehicleId, CancellationToken cancel = default) =>
        await WithoutLevels
            .Include(vehicle => vehicle.CareStates)
            .FirstOrDefaultAsync(vehicle => vehicle.Id == vehicleId, cancel)
            is { } row
            ? LedgerOf(row, await Ways(cancel), await Coated([vehicleId], cancel))
            : null;

    /// <summary>Every vehicle in use, in the order they were added, with how fast its levels rise but not where they stand.</summary>
    public async Task<IReadOnlyList<CareLedger>> Paces(CancellationToken cancel = default)
    {
        List<VehicleRow> rows = await WithoutLevels
            .Where(vehicle => vehicle.ArchivedAt == null)
            .OrderBy(vehicle => vehicle.AddedAt)
            .ThenBy(vehicle => vehicle.Id)
            .ToListAsync(cancel);
        WaysOfWorking ways = await Ways(cancel);
        ILookup<Guid, LogRow> coated = await Coated([.. rows.Select(row => row.Id)], cancel);
        return
        [
            .. rows.Select(row => UnreadableRowException.Try(() => LedgerOf(row, ways, coated)))
                .OfType<CareLedger>(),
        ];
    }

    /// <summary>The entries by which vehicles were coated, by vehicle.</summary>
    private async Task<ILookup<Guid, LogRow>> Coated(Guid[] vehicleIds, CancellationToken cancel)
    {
        List<LogRow> rows = await context
            .Log.AsNoTracking()
            .Where(entry =>
                vehicleIds.Contains(entry.VehicleId)
                && entry.UndoneAt == null
                && (
                    entry.Kind == LogEntryKind.DeepClean
                    || (entry.Kind == LogEntryKind.Care && LayCoats.Contains(entry.Subject))
                    || LayCoatsToo.Any(method => entry.MethodsJson.Contains(method))
                )
            )
            .ToListAsync(cancel);
        return rows.ToLookup(row => row.VehicleId);
    }

    private async Task<WaysOfWorking> Ways(CancellationToken cancel) =>
        await context.Kits.AsNoTracking().FirstOrDefaultAsync(cancel) is { } row
            ? UnreadableRowException.Try(() => row.Kit.ToWays()) ?? WaysOfWorking.Default
            : WaysOfWorking.Default;

    private IQueryable<VehicleRow> WithoutLevels =>
        context
            .Vehicles.AsNoTracking()
            .AsSplitQuery()
            .Include(vehicle => vehicle.Surfaces)
            .Include(vehicle => vehicle.Usage)
            .Include(vehicle => vehicle.Odometer)
            .Include(vehicle => vehicle.Learnt)
            .Include(vehicle => vehicle.Residues);

    private static CareLedger LedgerOf(VehicleRow row, WaysOfWorking ways, ILookup<Guid, LogRow> coated)
    {
        Vehicle vehicle = row.ToVehicle();
        Usage usage = Odometer.Apply(UsageOf(row), row.Odometer.Select(reading => reading.ToReading()));
        return new CareLedger(
            vehicle,
            usage,
            row.CareStates.ToDictionary(state => state.Key, state => state.State),
            LearntRow.ToRates(row.Learnt),
            ways,
            ResidueRow.ToResidues(row.Residues),
            CoatBook.Of(vehicle, usage, coated[row.Id].ToEntries())
        );
    }

    /// <summary>An answer that cannot be read is left out: the one before it holds, and where there is none, reference use.</summary>
    private static Usage UsageOf(VehicleRow row)
    {
        UsageEntry[] entries =
        [
            .. row.Usage.Select(entry => UnreadableRowException.Try(entry.ToEntry)).OfType<UsageEntry>(),
        ];
        return new Usage(entries.Length > 0 ? entries : [new UsageEntry(row.AddedAt, CarUse.Reference)]);
    }

    /// <summary>Adds a vehicle with a level for every task and surface.</summary>
    /// <param name="name">What the owner calls it.</param>
    /// <param name="description">A line that tells it apart; may be empty.</param>
    /// <param name="layout">The layout; must have no problems.</param>
    /// <param name="use">How it is used.</param>
    /// <param name="start">The level each task starts at.</param>
    /// <param name="now">The instant from which its history is kept.</param>
    /// <param name="cancel">Gives up before anything is stored.</param>
    /// <returns>The new vehicle.</returns>
    public async Task<SavedVehicle> Add(
        string name,
        string description,
        CabinLayout layout,
        CarUse use,
        Func<CareTask, Level> start,
        DateTimeOffset now,
        CancellationToken cancel = default
    )
    {
        var row = new VehicleRow
        {
            Id = Guid.CreateVersion7(now),
            Name = name,
            Description = description,
            AddedAt = now,
            LayoutJson = string.Empty,
            Layout = layout,
        };
        row.Surfaces.AddRange(CabinBuilder.Build(layout).Surfaces.Select(SurfaceRow.Of));
        row.Usage.Add(new UsageRow { From = now, Use = use });
        row.CareStates.AddRange(CareStateRow.Missing(row, (task, _) => start(task), now));
        context.Vehicles.Add(row);
        await context.SaveChangesAsync(cancel);
        return SavedVehicle.Of(row);
    }

    /// <summary>Changes a vehicle: its layout, or single surfaces.</summary>
    /// <param name="vehicleId">The vehicle.</param>
    /// <param name="version">The version the change was based on.</param>
    /// <param name="edit">The change.</param>
    /// <param name="now">The instant from which the history of new surfaces is kept.</param>
    /// <param name="cancel">Gives up before anything is stored.</param>
    public async Task<EditedVehicle> Edit(
        VehicleId vehicleId,
        int version,
        Func<Vehicle, VehicleEdit> edit,
        DateTimeOffset now,
        CancellationToken cancel = default
    )
    {
        await using ChangeScope scope = await ChangeScope.Begin(context, cancel);
        VehicleRow? row = await context
            .Vehicles.AsSplitQuery()
            .Include(vehicle => vehicle.Surfaces)
            .Include(vehicle => vehicle.CareStates)
            .FirstOrDefaultAsync(vehicle => vehicle.Id == vehicleId, cancel);
        if (row is null)
        {
            return new EditedVehicle(ChangeOutcome.NotFound);
        }

        if (row.Version != version)
        {
            return new EditedVehicle(ChangeOutcome.Stale);
        }

        VehicleEdit edited = edit(row.ToVehicle());
        if (edited.Vehicle is not { } vehicle)
        {
            return new EditedVehicle(ChangeOutcome.Refused, Errors: edited.Errors);
        }

        CareLedger before = (await Ledger(vehicleId, cancel))!;
        row.Layout = vehicle.Layout;
        row.Name = vehicle.Name;
        row.Description = vehicle.Description;
        row.Version++;
        PutSurfaces(row, vehicle.Surfaces);
        row.CareStates.AddRange(
            CareStateRow.Missing(row, (task, surface) => before.StartOf(task, surface, now), now)
        );
        await context.SaveChangesAsync(cancel);
        await levels.Refresh((await Ledger(vehicleId, cancel))!, cancel);
        await scope.CommitAsync(cancel);
        return new EditedVehicle(ChangeOutcome.Made, SavedVehicle.Of(row));
    }

    /// <summary>Puts a vehicle into the archive, or takes it out again. An archived vehicle keeps everything but is not offered.</summary>
    /// <returns>False when the owner has no vehicle of that id.</returns>
    public async Task<bool> Archive(
        VehicleId vehicleId,
        DateTimeOffset? at,
        CancellationToken cancel = default
    ) =>
        await context
            .Vehicles.Where(row => row.Id == vehicleId)
            .ExecuteUpdateAsync(set => set.SetProperty(row => row.ArchivedAt, at), cancel) > 0;

    /// <summary>Forgets what was learnt of a vehicle: looks before this instant teach nothing any more. What was seen stays on record and still corrects levels.</summary>
    /// <returns>False when the owner has no vehicle of that id.</returns>
    public async Task<bool> ForgetLearnt(
        VehicleId vehicleId,
        DateTimeOffset now,
        CancellationToken cancel = default
    )
    {
        await using ChangeScope scope = await ChangeScope.Begin(context, cancel);
        int found = await context
            .Vehicles.Where(row => row.Id == vehicleId)
            .ExecuteUpdateAsync(set => set.SetProperty(row => row.LearntSince, now), cancel);
        if (found == 0)
        {
            return false;
        }

        await levels.Refresh((await Ledger(vehicleId, cancel))!, cancel);
        await scope.CommitAsync(cancel);
        return true;
    }

    /// <summary>Puts a vehicle into the wastebasket with everything recorded of it.</summary>
    /// <param name="vehicleId">The vehicle.</param>
    /// <param name="version">The version the owner saw.</param>
    /// <param name="now">The present instant.</param>
    /// <param name="cancel">Gives up before anything is stored.</param>
    public async Task<ChangeOutcome> Discard(
        VehicleId vehicleId,
        int version,
        DateTimeOffset now,
        CancellationToken cancel = default
    )
    {
        await using ChangeScope scope = await ChangeScope.Begin(context, cancel);
        VehicleRow? row = await context.Vehicles.FirstOrDefaultAsync(
            vehicle => vehicle.Id == vehicleId,
            cancel
        );
        if (row is null || row.Version != version)
        {
            return row is null ? ChangeOutcome.NotFound : ChangeOutcome.Stale;
        }

        row.DeletedAt = now;
        row.Version++;
        await context.SaveChangesAsync(cancel);
        await scope.CommitAsync(cancel);
        return ChangeOutcome.Made;
    }

    /// <summary>Gives every vehicle the surfaces and levels that Cove has learnt to draw and to tend since the vehicle was added.</summary>
    /// <param name="now">The instant from which the history of those levels is kept.</param>
    /// <param name="cancel">Gives up before anything is stored.</param>
    /// <returns>How many surfaces and levels were added.</returns>
    public async Task<int> Backfill(DateTimeOffset now, CancellationToken cancel = default)
    {
        List<VehicleRow> rows = await context
            .Vehicles.IgnoreQueryFilters([CoveContext.NotDeleted])
            .AsSplitQuery()
            .Include(row => row.Surfaces)
            .Include(row => row.CareStates)
            .ToListAsync(cancel);
        foreach (
            VehicleRow row in rows.Where(row => UnreadableRowException.Try(() => row.ToVehicle()) is not null)
        )
        {
            var known = row.Surfaces.Select(surface => surface.SurfaceId).ToHashSet(StringComparer.Ordinal);
            row.Surfaces.AddRange(
                CabinBuilder
                    .Build(row.Layout)
                    .Surfaces.Select(SurfaceRow.Of)
                    .Where(surface => !known.Contains(surface.SurfaceId))
            );
            row.CareStates.AddRange(
                CareStateRow.Missing(row, (task, _) => FirstLook.LivedIn.StartingLevel(task), now)
            );
        }

        return await context.SaveChangesAsync(cancel);
    }

    private static void PutSurfaces(VehicleRow row, IReadOnlyList<Surface> surfaces)
    {
        var known = row.Surfaces.ToDictionary(surface => surface.SurfaceId, StringComparer.Ordinal);
        for (int position = 0; position < surfaces.Count; position++)
        {
            SurfaceRow next = SurfaceRow.Of(surfaces[position], position);
            if (known.Remove(next.SurfaceId, out SurfaceRow? old))
            {
                old.Take(next);
            }
            else
            {
                row.Surfaces.Add(next);
            }
        }

        // What cannot be understood was never shown, so nobody has taken it away.
        HashSet<string> gone =
        [
            .. known
                .Values.Where(row => UnreadableRowException.Try(row.ToSurface) is not null)
                .Select(row => row.SurfaceId),
        ];
        row.Surfaces.RemoveAll(surface => gone.Contains(surface.SurfaceId));
        row.CareStates.RemoveAll(state => gone.Contains(state.SurfaceId));
    }
}
