namespace Cove.Data;

/// <summary>Keeps when the owner has something else to do. Of each spell it keeps beginning and end, and not what it is.</summary>
public sealed class BusyStore
{
    private readonly CoveContext context;

    internal BusyStore(CoveContext context) => this.context = context;

    /// <summary>All spells, the earliest first.</summary>
    public async Task<BusyTimes> All(CancellationToken cancel = default) =>
        new(
            await context
                .Busy.AsNoTracking()
                .OrderBy(row => row.StartsAt)
                .Select(row => new BusySpan(row.StartsAt, row.EndsAt))
                .ToListAsync(cancel)
        );

    /// <summary>Keeps other spells in the place of those that were kept.</summary>
    /// <param name="busy">The spells; none to forget them.</param>
    /// <param name="cancel">Gives up before anything is stored.</param>
    public async Task Replace(BusyTimes busy, CancellationToken cancel = default)
    {
        await using ChangeScope scope = await ChangeScope.Begin(context, cancel);
        await context.Busy.ExecuteDeleteAsync(cancel);
        context.Busy.AddRange(
            busy.Spans.Select(span => new BusyRow
                {
                    StartsAt = RecordTime.ToStored(span.Start),
                    EndsAt = RecordTime.ToStored(span.End),
                })
                .DistinctBy(row => (row.StartsAt, row.EndsAt))
        );
        await context.SaveChangesAsync(cancel);
        await scope.CommitAsync(cancel);
    }
}
