namespace Cove.Data;

/// <summary>Keeps runs. Each answer is stored, with the log entry and the levels that follow from it, before the answer goes out.</summary>
public sealed class RunStore
{
    private readonly CoveContext context;
    private readonly VehicleStore vehicles;
    private readonly LevelStore levels;

    internal RunStore(CoveContext context, VehicleStore vehicles, LevelStore levels)
    {
        this.context = context;
        this.vehicles = vehicles;
        this.levels = levels;
    }

    /// <summary>Starts a run of a planned session.</summary>
    /// <param name="vehicleId">The vehicle.</param>
    /// <param name="minutes">The minutes it was planned for.</param>
    /// <param name="steps">The steps; at least one.</param>
    /// <param name="key">Identifies this request to start; the same key again gives the same run.</param>
    /// <param name="now">The present instant.</param>
    /// <param name="cancel">Gives up before anything is stored.</param>
    /// <returns>The run; refused while another run of the vehicle is under way.</returns>
    public async Task<Changed<SavedRun>> Start(
        VehicleId vehicleId,
        int minutes,
        IReadOnlyList<RunStep> steps,
        string key,
        DateTimeOffset now,
        CancellationToken cancel = default
    )
    {
        await using ChangeScope scope = await ChangeScope.Begin(context, cancel);
        if (await context.Runs.Where(row => row.StartKey == key).FirstOrDefaultAsync(cancel) is { } known)
        {
            return known.VehicleId == vehicleId && await Find(new RunId(known.Id), cancel) is { } again
                ? new Changed<SavedRun>(ChangeOutcome.Made, again)
                : new Changed<SavedRun>(
                    ChangeOutcome.Refused,
                    Reason: "This key has started a run of another car. Send a new key for each start."
                );
        }

        if (await UnderWay(vehicleId, cancel) is not null)
        {
            return new Changed<SavedRun>(
                ChangeOutcome.Refused,
                Reason: "A run of this vehicle is under way. Go on with it or finish it first."
            );
        }

        RecordFullException.ThrowIfFull(
            await context.Runs.CountAsync(row => row.VehicleId == vehicleId, cancel),
            VehicleDocument.MostRuns,
            "runs"
        );
        var session = new SessionRow
        {
            Id = Guid.CreateVersion7(now),
            VehicleId = vehicleId,
            PlannedAt = now,
            Minutes = minutes,
            Steps = StoredJson.Write(SessionDocument.Of(steps)),
        };
        var run = new RunRow
        {
            Id = Guid.CreateVersion7(now),
            VehicleId = vehicleId,
            Session = session,
            StartKey = key,
            StartedAt = now,
        };
        context.Runs.Add(run);
        await context.SaveChangesAsync(cancel);
        await scope.CommitAsync(cancel);
        return new Changed<SavedRun>(ChangeOutcome.Made, ToRun(run));
    }

    /// <summary>Whether a run was started under a key already.</summary>
    public Task<bool> IsStarted(string key, CancellationToken cancel = default) =>
        context.Runs.AnyAsync(row => row.StartKey == key, cancel);

    /// <summary>Finds a run; null when the owner has none of that id.</summary>
    public async Task<SavedRun?> Find(RunId id, CancellationToken cancel = default) =>
        await Whole.FirstOrDefaultAsync(row => row.Id == id, cancel) is { } row ? ToRun(row) : null;

    /// <summary>The run of a vehicle that is under way, by its id; null when there is none.</summary>
    public async Task<RunId?> UnderWay(VehicleId vehicleId, CancellationToken cancel = default) =>
        await context
            .Runs.Where(row => row.VehicleId == vehicleId && row.FinishedAt == null)
            .OrderBy(row => row.StartedAt)
            .Select(row => (Guid?)row.Id)
            .FirstOrDefaultAsync(cancel)
            is { } id
            ? new RunId(id)
            : null;

    /// <summary>Appends an answer to a run.</summary>
    /// <param name="id">The run.</param>
    /// <param name="answer">The answer.</param>
    /// <param name="key">Identifies this answer; the same key again changes nothing and gives the run as it is.</param>
    /// <param name="cancel">Gives up before anything is stored.</param>
    public async Task<Changed<SavedRun>> Append(
        RunId id,
        RunEvent answer,
        string key,
        CancellationToken cancel = default
    )
    {
        await using ChangeScope scope = await ChangeScope.Begin(context, cancel);
        RunRow? run = await Whole.FirstOrDefaultAsync(row => row.Id == id, cancel);
        if (run is null)
        {
            return new Changed<SavedRun>(ChangeOutcome.NotFound);
        }

        if (run.Events.Exists(row => row.Key == key))
        {
            return new Changed<SavedRun>(ChangeOutcome.Made, ToRun(run));
        }

        RunProgress before = ToRun(run).Progress;
        answer = before.InOrder(answer);
        if (before.Refusal(answer) is { } reason)
        {
            return new Changed<SavedRun>(ChangeOutcome.Refused, Reason: reason);
        }

        // The end always finds room.
        RecordFullException.ThrowIfFull(
            run.Events.Count + (answer.Kind == RunEventKind.Finished ? 0 : 1),
            RunDocument.MostEvents,
            "events in this run"
        );
        var row = new RunEventRow
        {
            RunId = run.Id,
            Sequence = run.Events.Count,
            Key = key,
            Kind = answer.Kind,
            Step = answer.Step,
            At = answer.At,
            Towel = answer.Towel,
        };
        context.RunEvents.Add(row);
        run.Events.Add(row);
        if (answer.Kind == RunEventKind.Finished)
        {
            await context
                .Runs.Where(other => other.Id == id)
                .ExecuteUpdateAsync(set => set.SetProperty(other => other.FinishedAt, answer.At), cancel);
        }

        await context.SaveChangesAsync(cancel);
        SavedRun saved = ToRun(run);
        if (answer.Kind == RunEventKind.Undone)
        {
            await TakeOffRecord(saved, before, answer, cancel);
        }
        else
        {
            await WriteLog(saved, answer, cancel);
        }

        await scope.CommitAsync(cancel);
        return new Changed<SavedRun>(ChangeOutcome.Made, saved);
    }

    /// <summary>Puts new steps in the place of the open ones of a run.</summary>
    /// <param name="id">The run.</param>
    /// <param name="stepsOf">Makes the new steps from how far the run has come.</param>
    /// <param name="minutes">How long the owner has from now on.</param>
    /// <param name="key">Identifies this request; the same key again changes nothing and gives the run as it is.</param>
    /// <param name="now">The present instant.</param>
    /// <param name="cancel">Gives up before anything is stored.</param>
    public async Task<Changed<SavedRun>> Replan(
        RunId id,
        Func<RunProgress, IReadOnlyList<RunStep>> stepsOf,
        int minutes,
        string key,
        DateTimeOffset now,
        CancellationToken cancel = default
    )
    {
        await using ChangeScope scope = await ChangeScope.Begin(context, cancel);
        RunRow? run = await Whole.AsTracking().FirstOrDefaultAsync(row => row.Id == id, cancel);
        if (run is null)
        {
            return new Changed<SavedRun>(ChangeOutcome.NotFound);
        }

        SavedRun known = ToRun(run);
        if (run.Events.Exists(row => row.Key == key))
        {
            return new Changed<SavedRun>(ChangeOutcome.Made, known);
        }

        RunProgress before = known.Progress;
        if (before.FinishedAt is not null)
        {
            return new Changed<SavedRun>(
                ChangeOutcome.Refused,
                Reason: "This run is over. Start another one from Today."
            );
        }

        IReadOnlyList<RunStep> steps = stepsOf(before);
        if (steps.Count == 0)
        {
            return new Changed<SavedRun>(
                ChangeOutcome.Refused,
                Reason: $"Nothing more fits {minutes} minutes. End the session here, or go on as it was."
            );
        }

        RecordFullException.ThrowIfFull(
            before.Steps.Count + steps.Count - 1,
            RunDocument.MostSteps,
            "steps in this run"
        );
        RecordFullException.ThrowIfFull(run.Events.Count, RunDocument.MostEvents, "events in this run");
        RunEvent answer = before.InOrder(new RunEvent(RunEventKind.Replanned, before.Steps.Count, now));
        run.Session!.Steps = StoredJson.Write(SessionDocument.Of([.. before.Steps, .. steps]));
        run.Session.Minutes = Math.Clamp(
            (int)Math.Ceiling((now - run.StartedAt - before.Paused).TotalMinutes) + minutes,
            1,
            RunDocument.MostMinutes
        );
        context.RunEvents.Add(
            new RunEventRow
            {
                RunId = run.Id,
                Sequence = run.Events.Count,
                Key = key,
                Kind = answer.Kind,
                Step = answer.Step,
                At = answer.At,
            }
        );
        await context.SaveChangesAsync(cancel);
        await scope.CommitAsync(cancel);
        return new Changed<SavedRun>(ChangeOutcome.Made, (await Find(id, cancel))!);
    }

    /// <summary>The runs of cars that are not in the wastebasket.</summary>
    private IQueryable<RunRow> Whole =>
        context
            .Runs.AsNoTracking()
            .Include(row => row.Session)
            .Include(row => row.Events)
            .Where(row => context.Vehicles.Any(vehicle => vehicle.Id == row.VehicleId));

    private async Task WriteLog(SavedRun run, RunEvent answer, CancellationToken cancel)
    {
        if (RunLog.AddsMinutes(run.Progress, answer))
        {
            await AddMinutes(run, answer, cancel);
        }
        else if (RunLog.EntryOf(run.Id, run.Progress, answer, EntryId.New(answer.At)) is { } entry)
        {
            await LogStore.RequireRoom(context, run.VehicleId, cancel);
            context.Log.Add(LogRows.Of(entry, run.VehicleId));
            await context.SaveChangesAsync(cancel);
            if (entry.MovesLevels)
            {
                await levels.Refresh((await vehicles.Ledger(run.VehicleId, cancel))!, cancel);
            }
        }
    }

    private async Task AddMinutes(SavedRun run, RunEvent answer, CancellationToken cancel)
    {
        if (await EntryOf(run, answer.Step, cancel) is { } row && row.ToEntry() is TaskDone done)
        {
            LogRows.Put(row, RunLog.WithPutBack(done, run.Progress, answer));
            row.Version++;
            await context.SaveChangesAsync(cancel);
        }
    }

    /// <summary>Takes what an answer had put on record off it again.</summary>
    private async Task TakeOffRecord(
        SavedRun run,
        RunProgress before,
        RunEvent undone,
        CancellationToken cancel
    )
    {
        if (
            before.OutcomeOf(undone.Step) is not { } outcome
            || !RunLog.IsWork(outcome)
            || await EntryOf(run, undone.Step, cancel) is not { } row
        )
        {
            return;
        }

        LogEntry entry = row.ToEntry();
        bool putsBack = before.Steps[undone.Step].PutsBack;
        LogRows.Put(
            row,
            putsBack && entry is TaskDone done
                ? RunLog.WithoutPutBack(done, before, undone.Step)
                : entry with
                {
                    UndoneAt = undone.At,
                }
        );
        row.Version++;
        await context.SaveChangesAsync(cancel);
        if (entry.MovesLevels)
        {
            await levels.Refresh((await vehicles.Ledger(run.VehicleId, cancel))!, cancel);
        }
    }

    /// <summary>What a run has put on record of the task of a step; null when nothing that counts.</summary>
    private async Task<LogRow?> EntryOf(SavedRun run, int step, CancellationToken cancel)
    {
        TaskId taskId = run.Progress.Steps[step].TaskId;
        return await context
            .Log.Include(row => row.Products)
            .Where(row => row.RunId == run.Id && row.Subject == taskId.Value && row.UndoneAt == null)
            .OrderByDescending(row => row.At)
            .FirstOrDefaultAsync(cancel);
    }

    private static SavedRun ToRun(RunRow row)
    {
        (string Key, RunEvent Event)[] events =
        [
            .. row.Events.OrderBy(answer => answer.Sequence).Select(answer => (answer.Key, answer.ToEvent())),
        ];
        return new SavedRun(
            new RunId(row.Id),
            new VehicleId(row.VehicleId),
            row.Session!.Minutes,
            new RunProgress(
                StoredJson.Read<SessionDocument, RunStep[]>(
                    row.Session.Steps,
                    "Sessions",
                    row.SessionId,
                    session => [.. session.Steps.Select(step => step.ToStep())]
                ),
                row.StartedAt,
                events.Select(answer => answer.Event)
            ),
            events
        );
    }
}
