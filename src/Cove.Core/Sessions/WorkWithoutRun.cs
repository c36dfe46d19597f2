using Cove.Core.Catalogue.Amounts;
using Cove.Core.Catalogue.Products;
using Cove.Core.Log;
using Cove.Core.Methods;
using Cove.Core.Sessions.Planning;
using Cove.Core.Sessions.Runs;
using Cove.Core.Upkeep;
using Cove.Core.Upkeep.Levels;

namespace Cove.Core.Sessions;

/// <summary>Work that was done without a run: yesterday at the car wash, by a professional, or in passing. What an owner says of it becomes the same kind of entry that a run makes.</summary>
/// <remarks>It is for routine care. A deep clean is recorded as <see cref="DeepCleaned"/>.</remarks>
public sealed record WorkWithoutRun
{
    /// <summary>The tasks; at least one, each once.</summary>
    public required IReadOnlyList<TaskId> TaskIds { get; init; }

    /// <summary>The only surfaces they were done on; none for wherever each task applies.</summary>
    public IReadOnlyList<SurfaceId> SurfaceIds { get; init; } = [];

    /// <summary>When it was finished.</summary>
    public required DateTimeOffset At { get; init; }

    /// <summary>Whether it came clean.</summary>
    public bool CameClean { get; init; } = true;

    /// <summary>How long all of it took together; zero when that is not known.</summary>
    public TimeSpan Taken { get; init; }

    /// <summary>Whether a professional did it. Their minutes say nothing of the owner's pace, and their products are not the owner's.</summary>
    public bool ByProfessional { get; init; }

    /// <summary>The product it was done with, one of the owner's; null when another one was used, or none.</summary>
    public ProductId? ProductId { get; init; }

    /// <summary>The owner's note; may be empty.</summary>
    public string Note { get; init; } = string.Empty;

    /// <summary>The entries of it, one for each task that the car has.</summary>
    /// <param name="day">The car as it stands.</param>
    public IReadOnlyList<TaskDone> EntriesOn(DayPlan day)
    {
        ArgumentNullException.ThrowIfNull(day);
        TaskWork[] works = [.. TaskIds.Distinct().Select(id => WorkOf(day, id)).OfType<TaskWork>()];
        TimeSpan table = works.Aggregate(TimeSpan.Zero, (sum, work) => sum + work.Hands);
        return [.. works.Select(work => EntryOf(day, work, Taken * (work.Hands / table)))];
    }

    /// <summary>Which of the tasks are on record already within the same day, on a surface that they have in common.</summary>
    /// <param name="log">What is on record.</param>
    /// <param name="zone">The owner's time zone, which tells the day.</param>
    public IReadOnlyList<TaskId> OnRecordAlready(IEnumerable<LogEntry> log, TimeZoneInfo zone)
    {
        DateOnly day = DayOf(At, zone);
        return
        [
            .. log.OfType<TaskDone>()
                .Where(done =>
                    done.Counts
                    && TaskIds.Contains(done.TaskId)
                    && DayOf(done.At, zone) == day
                    && (SurfaceIds.Count == 0 || SurfaceIds.Any(done.TouchedSurface))
                )
                .Select(done => done.TaskId)
                .Distinct(),
        ];
    }

    private TaskDone EntryOf(DayPlan day, TaskWork work, TimeSpan taken)
    {
        Product? product = ByProfessional
            ? null
            : day.Car.Shelf.Products.FirstOrDefault(known => known.Id == ProductId);
        return new TaskDone(
            EntryId.New(At),
            At,
            work.Status.Item.Task.Id,
            CameClean ? Share.All : SessionRules.RemovedWhenNotClean
        )
        {
            SurfaceIds = [.. work.Status.Surfaces.Select(surface => surface.Surface.Id)],
            // What is not known teaches nothing.
            Planned = ByProfessional || taken == TimeSpan.Zero ? TimeSpan.Zero : work.Hands,
            Taken = ByProfessional ? TimeSpan.Zero : taken,
            Pace = work.Pace,
            Methods = [.. work.Uses.Select(MethodUsed.Of)],
            Products = product is null ? [] : [UsedOn(day, work, product)],
            Coat = product is null ? CoatTraits.None : StepProduct.LeftBy(product),
            Note = ByProfessional ? $"Done by a professional. {Note}".TrimEnd() : Note,
            // Nobody has to be reminded of what is over.
            AnsweredAt = At,
        };
    }

    /// <summary>The product with the amount that the work usually takes; with none where it is not what Cove would use, because then its strength is not known.</summary>
    private static ProductUsed UsedOn(DayPlan day, TaskWork work, Product product) =>
        day.ChoicesFor(work)
            .Choices.SelectMany(choice => StepProduct.Of(work.Status.Item.Task, choice))
            .FirstOrDefault(usual => usual.ProductId == product.Id)
            is { } usual
            ? usual.Used
            : new ProductUsed(product.Id, product.Name, Strength.Neat, Quantity.Zero);

    private TaskWork? WorkOf(DayPlan day, TaskId taskId)
    {
        CareStatus? status = day.Statuses.FirstOrDefault(known => known.Item.Task.Id == taskId);
        SurfaceStatus[] surfaces =
        [
            .. (status?.Surfaces ?? []).Where(surface =>
                SurfaceIds.Count == 0 || SurfaceIds.Contains(surface.Surface.Id)
            ),
        ];
        return surfaces.Length == 0 ? null : day.Methods.Of(status!.On(surfaces));
    }

    private static DateOnly DayOf(DateTimeOffset at, TimeZoneInfo zone) =>
        DateOnly.FromDateTime(TimeZoneInfo.ConvertTime(at, zone).DateTime);
}
