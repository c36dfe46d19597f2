using Cove.Data.Photos;

namespace Cove.Data;

/// <summary>Turns stored vehicles into files and files into stored vehicles.</summary>
public sealed class VehicleFileStore
{
    private readonly CoveContext context;
    private readonly VehicleStore vehicles;
    private readonly LevelStore levels;
    private readonly PhotoFiles photoFiles;

    internal VehicleFileStore(
        CoveContext context,
        VehicleStore vehicles,
        LevelStore levels,
        PhotoFiles photoFiles
    )
    {
        this.context = context;
        this.vehicles = vehicles;
        this.levels = levels;
        this.photoFiles = photoFiles;
    }

    /// <summary>Everything recorded of a vehicle. Null when the owner has none of that id.</summary>
    /// <remarks>The order is that of the content, so that the same vehicle always gives the same file.</remarks>
    public async Task<VehicleDocument?> Export(VehicleId vehicleId, CancellationToken cancel = default)
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
        List<InstructionRow> instructions = await context
            .Instructions.AsNoTracking()
            .Where(instruction => instruction.VehicleId == vehicleId)
            .ToListAsync(cancel);
        RunRow[] runs =
        [
            .. (
                await context
                    .Runs.AsNoTracking()
                    .Include(run => run.Session)
                    .Include(run => run.Events)
                    .Where(run => run.VehicleId == vehicleId)
                    .ToListAsync(cancel)
            )
                .OrderBy(run => run.StartedAt)
                .ThenBy(run => run.Session!.Steps, StringComparer.Ordinal),
        ];
        Dictionary<Guid, int> places = runs.Select((run, place) => (run.Id, place))
            .ToDictionary(pair => pair.Id, pair => pair.place);
        List<PhotoDocument> photos = await context
            .Photos.Join(
                context.Log.Where(entry => entry.VehicleId == vehicleId),
                photo => photo.EntryId,
                entry => entry.Id,
                (photo, entry) =>
                    new PhotoDocument
                    {
                        At = entry.At,
                        Side = photo.Side,
                        Bytes = photo.Bytes,
                        Sha256 = photo.Sha256,
                    }
            )
            .ToListAsync(cancel);
        var file = new VehicleDocument
        {
            Format = VehicleDocument.FormatName,
            Version = VehicleDocument.CurrentVersion,
            Id = row.Id,
            Name = row.Name,
            Description = row.Description,
            AddedAt = row.AddedAt,
            ArchivedAt = row.ArchivedAt,
            LearntSince = row.LearntSince,
            Place = row.Place,
            Routine = row.Routine is { } routine ? routine with { SlotsOf = null } : null,
            Prices = row.Prices,
            Photos =
            [
                .. photos
                    .OrderBy(photo => photo.At)
                    .ThenBy(photo => photo.Side)
                    .ThenBy(photo => photo.Sha256, StringComparer.Ordinal),
            ],
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
                .. log.Select(entry =>
                        LogDocuments.Of(
                            entry,
                            entry.RunId is { } run && places.TryGetValue(run, out int place) ? place : null
                        )
                    )
                    .OrderBy(entry => entry.At)
                    .ThenBy(entry => StoredJson.Write(entry), StringComparer.Ordinal),
            ],
            Instructions =
            [
                .. instructions
                    .Select(instruction => new InstructionDocument
                    {
                        At = instruction.At,
                        Surface = instruction.SurfaceId,
                        Product = instruction.ProductId,
                        Allows = instruction.Allows,
                        Note = instruction.Note,
                    })
                    .OrderBy(instruction => instruction.At)
                    .ThenBy(instruction => StoredJson.Write(instruction), StringComparer.Ordinal),
            ],
            Runs = [.. runs.Select(RunDocumentOf)],
        };
        return file with { RecordedUntil = VehicleFileRules.LatestOf(file) };
    }

    /// <summary>The owner's vehicle that a file is of; null when there is none, or only in the wastebasket.</summary>
    public async Task<SavedVehicle?> SameAs(VehicleDocument file, CancellationToken cancel = default) =>
        file.Id is { } id ? await vehicles.Find(new VehicleId(id), cancel) : null;

    /// <summary>Puts the vehicle of a file in the place of the one it is of, which goes into the wastebasket; adds it when there is none.</summary>
    /// <param name="file">A file that was read without errors.</param>
    /// <param name="now">The present instant.</param>
    /// <param name="cancel">Gives up before anything is stored.</param>
    public async Task<SavedVehicle> Replace(
        VehicleDocument file,
        DateTimeOffset now,
        CancellationToken cancel = default
    )
    {
        await using ChangeScope scope = await ChangeScope.Begin(context, cancel);
        if (await SameAs(file, cancel) is not { } there)
        {
            return await Import(file, now, cancel);
        }

        VehicleRow old = await context.Vehicles.AsNoTracking().FirstAsync(row => row.Id == there.Id, cancel);
        await context
            .Vehicles.Where(row => row.Id == there.Id)
            .ExecuteUpdateAsync(set => set.SetProperty(row => row.FeedKey, string.Empty), cancel);
        await vehicles.Discard(there.Id, there.Version, now, cancel);
        // The one that goes gets another id, behind the back of what is tracked.
        context.ChangeTracker.Clear();
        SavedVehicle imported = await Import(file, now, cancel);
        await TakeOver(old, cancel);
        await scope.CommitAsync(cancel);
        return imported;
    }

    /// <summary>Gives a vehicle what no file holds of the one it has replaced: the address and the history of its calendar, and with which car it shares slots.</summary>
    private async Task TakeOver(VehicleRow old, CancellationToken cancel)
    {
        VehicleRow row = await context.Vehicles.FirstAsync(row => row.Id == old.Id, cancel);
        row.FeedKey = old.FeedKey;
        row.CalendarJson = old.CalendarJson;
        if (row.Routine is { Slots.Count: 0 } routine && old.Routine?.SlotsOf is { } host)
        {
            row.Routine = routine with { SlotsOf = host };
        }

        await context.SaveChangesAsync(cancel);
    }

    /// <summary>Adds the vehicle of a file, all of it or nothing.</summary>
    /// <param name="file">A file that was read without errors.</param>
    /// <param name="now">The present instant.</param>
    /// <param name="cancel">Gives up before anything is stored.</param>
    /// <returns>The new vehicle. It has the id that the file names, unless that is taken.</returns>
    public async Task<SavedVehicle> Import(
        VehicleDocument file,
        DateTimeOffset now,
        CancellationToken cancel = default
    )
    {
        await using ChangeScope scope = await ChangeScope.Begin(context, cancel);
        bool taken = file.Id is not { } wished || !await Free(wished, now, cancel);
        DateTimeOffset addedAt = file.AddedAt ?? now;
        VehicleId vehicleId = taken ? VehicleId.New(now) : new VehicleId(file.Id!.Value);
        var vehicle = new VehicleRow
        {
            Id = vehicleId,
            Name = file.Name.Trim(),
            Description = file.Description.Trim(),
            AddedAt = addedAt,
            ArchivedAt = file.ArchivedAt,
            LearntSince = file.LearntSince,
            Place = file.Place,
            Routine = file.Routine is { } routine ? routine with { SlotsOf = null } : null,
            Prices = file.Prices,
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
                CareStateRow.Starting(
                    new CareKey(level.Task, level.Surface),
                    new Level(level.Level),
                    level.From
                )
            )
        );
        vehicle.CareStates.AddRange(
            CareStateRow.Missing(vehicle, (task, _) => FirstLook.LivedIn.StartingLevel(task), now)
        );
        context.Vehicles.Add(vehicle);
        RunRow[] runs = [.. file.Runs.Select(run => RunRowOf(run, vehicleId))];
        LogRow[] log =
        [
            .. file.Log.Select(entry =>
                LogDocuments.ToRow(entry, vehicleId, entry.Run is { } place ? runs[place].Id : null)
            ),
        ];
        context.Instructions.AddRange(
            file.Instructions.Select(instruction => new InstructionRow
            {
                Id = Guid.CreateVersion7(instruction.At),
                VehicleId = vehicleId,
                SurfaceId = instruction.Surface,
                ProductId = instruction.Product,
                Allows = instruction.Allows,
                Note = instruction.Note.Trim(),
                At = instruction.At,
            })
        );
        await context.SaveChangesAsync(cancel);
        await context.InsertAll(runs.Select(run => run.Session!), cancel);
        await context.InsertAll(runs, cancel);
        await context.InsertAll(runs.SelectMany(run => run.Events), cancel);
        await InsertLog(log, cancel);
        await TakePhotos(file.Photos, log, now, cancel);
        await levels.Refresh((await vehicles.Ledger(vehicleId, cancel))!, log, cancel);
        await scope.CommitAsync(cancel);
        return SavedVehicle.Of(vehicle);
    }

    /// <summary>Gives a vehicle those photos that its file names and that lie here, with whichever car they belong to.</summary>
    private async Task TakePhotos(
        IReadOnlyList<PhotoDocument> named,
        IReadOnlyList<LogRow> log,
        DateTimeOffset now,
        CancellationToken cancel
    )
    {
        if (named.Count == 0)
        {
            return;
        }

        string[] digests = [.. named.Select(photo => photo.Sha256).Distinct(StringComparer.Ordinal)];
        var here = (
            await context
                .Photos.AsNoTracking()
                .Where(photo => digests.Contains(photo.Sha256))
                .Join(
                    context.Log,
                    photo => photo.EntryId,
                    entry => entry.Id,
                    (photo, entry) =>
                        new
                        {
                            Photo = photo,
                            entry.At,
                            entry.Subject,
                        }
                )
                .ToListAsync(cancel)
        ).ToLookup(known => known.Photo.Sha256, StringComparer.Ordinal);
        ILookup<DateTimeOffset, LogRow> entries = log.ToLookup(entry => entry.At);
        foreach (PhotoDocument photo in named)
        {
            DateTimeOffset at = RecordTime.ToStored(photo.At);
            // Where the picture stands more than once, or several entries at one instant, those that belong together.
            var known = here[photo.Sha256].OrderByDescending(one => one.At == at).FirstOrDefault();
            LogRow? entry = entries[at]
                .OrderByDescending(one => one.Subject == known?.Subject)
                .FirstOrDefault();
            if (known is null || entry is null)
            {
                continue;
            }

            var row = new PhotoRow
            {
                Id = Guid.CreateVersion7(now),
                EntryId = entry.Id,
                Side = photo.Side,
                AddedAt = known.Photo.AddedAt,
                Width = known.Photo.Width,
                Height = known.Photo.Height,
                Bytes = known.Photo.Bytes,
                Sha256 = known.Photo.Sha256,
            };
            if (photoFiles.TryCopy(known.Photo.Id, row.Id))
            {
                context.Photos.Add(row);
            }
        }

        await context.SaveChangesAsync(cancel);
    }

    /// <summary>The log of a vehicle as it stands in files, the oldest first; null when the owner has none of that id.</summary>
    public async Task<IReadOnlyList<(LogDocument Document, LogEntry? Entry)>?> Log(
        VehicleId vehicleId,
        CancellationToken cancel = default
    )
    {
        if (!await context.Vehicles.AnyAsync(row => row.Id == vehicleId, cancel))
        {
            return null;
        }

        List<LogRow> rows = await context
            .Log.AsNoTracking()
            .Include(row => row.Products)
            .Where(row => row.VehicleId == vehicleId)
            .ToListAsync(cancel);
        return
        [
            .. rows.Select(row => (Document: LogDocuments.Of(row), UnreadableRowException.Try(row.ToEntry)))
                .OrderBy(entry => entry.Document.At)
                .ThenBy(entry => StoredJson.Write(entry.Document), StringComparer.Ordinal),
        ];
    }

    /// <summary>Puts entries of a file on the record of a vehicle, all of them or none. What is there already is passed over, so the same file may be brought in twice.</summary>
    /// <param name="ledger">The vehicle.</param>
    /// <param name="entries">The entries, read without errors.</param>
    /// <param name="cancel">Gives up before anything is stored.</param>
    /// <returns>How many were new.</returns>
    /// <exception cref="RecordFullException">The log has no room for them.</exception>
    public async Task<int> AddLog(
        CareLedger ledger,
        IReadOnlyList<LogDocument> entries,
        CancellationToken cancel = default
    )
    {
        VehicleId vehicleId = ledger.Vehicle.Id;
        await using ChangeScope scope = await ChangeScope.Begin(context, cancel);
        List<LogRow> known = await context
            .Log.AsNoTracking()
            .Where(row => row.VehicleId == vehicleId)
            .ToListAsync(cancel);
        // Two entries may say the same of the same instant; only as many as are there already are passed over.
        Dictionary<(DateTimeOffset, LogEntryKind, string, string, string), int> there = known
            .GroupBy(row => (row.At, row.Kind, row.Subject, row.SurfaceIds, row.Result))
            .ToDictionary(same => same.Key, same => same.Count());
        LogRow[] fresh =
        [
            .. entries
                .Select(entry => LogDocuments.ToRow(entry, vehicleId))
                .Where(row => !IsThere((row.At, row.Kind, row.Subject, row.SurfaceIds, row.Result))),
        ];
        RecordFullException.ThrowIfFull(
            known.Count + fresh.Length - 1,
            VehicleDocument.MostLogEntries,
            "entries in its log"
        );
        await InsertLog(fresh, cancel);
        await levels.Refresh(ledger, [.. known, .. fresh], cancel);
        await scope.CommitAsync(cancel);
        return fresh.Length;

        bool IsThere((DateTimeOffset, LogEntryKind, string, string, string) said)
        {
            int left = there.GetValueOrDefault(said);
            there[said] = left - 1;
            return left > 0;
        }
    }

    private async Task InsertLog(IReadOnlyList<LogRow> log, CancellationToken cancel)
    {
        await context.InsertAll(log, cancel);
        await context.InsertAll(log.SelectMany(entry => entry.Products), cancel);
    }

    /// <summary>Whether an id can be given. Where a vehicle in the wastebasket has it, that one gets another: what is brought in is what the owner wants to use.</summary>
    private async Task<bool> Free(Guid id, DateTimeOffset now, CancellationToken cancel)
    {
        // Ids are one to a file, whoever owns the row.
        if (!await context.Vehicles.IgnoreQueryFilters().AnyAsync(row => row.Id == id, cancel))
        {
            return true;
        }

        bool discarded = await context
            .Vehicles.IgnoreQueryFilters([CoveContext.NotDeleted])
            .AnyAsync(row => row.Id == id && row.DeletedAt != null, cancel);
        if (discarded)
        {
            await VehicleKeys.Change(context, id, Guid.CreateVersion7(now), cancel);
        }

        return discarded;
    }

    private static RunDocument RunDocumentOf(RunRow row) =>
        new()
        {
            Minutes = row.Session!.Minutes,
            PlannedAt = row.Session.PlannedAt,
            StartedAt = row.StartedAt,
            FinishedAt = row.FinishedAt,
            Steps = StoredJson.Read<SessionDocument>(row.Session.Steps, "Sessions", row.SessionId).Steps,
            Events =
            [
                .. row
                    .Events.OrderBy(answer => answer.Sequence)
                    .Select(answer => RunEventDocument.Of(answer.ToEvent())),
            ],
        };

    private static RunRow RunRowOf(RunDocument run, VehicleId vehicleId)
    {
        var id = Guid.CreateVersion7(run.StartedAt);
        var sessionId = Guid.CreateVersion7(run.PlannedAt);
        var row = new RunRow
        {
            Id = id,
            VehicleId = vehicleId,
            SessionId = sessionId,
            Session = new SessionRow
            {
                Id = sessionId,
                VehicleId = vehicleId,
                PlannedAt = run.PlannedAt,
                Minutes = run.Minutes,
                Steps = StoredJson.Write(
                    new SessionDocument { Version = SessionDocument.Current, Steps = run.Steps }
                ),
            },
            // Nobody will send its start or its events again.
            StartKey = $"file-{id:N}",
            StartedAt = run.StartedAt,
            FinishedAt = run.FinishedAt,
        };
        row.Events.AddRange(
            run.Events.Select(
                (answer, sequence) =>
                    new RunEventRow
                    {
                        RunId = id,
                        Sequence = sequence,
                        Key = $"file-{sequence}",
                        Kind = answer.Kind,
                        Step = answer.Step,
                        At = answer.At,
                        Towel = answer.Towel,
                    }
            )
        );
        return row;
    }
}
