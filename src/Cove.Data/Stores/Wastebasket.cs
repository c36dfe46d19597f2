namespace Cove.Data;

/// <summary>Keeps what the owner deleted for a while, whole, so that it can come back.</summary>
public sealed class Wastebasket
{
    /// <summary>How long something stays before it goes for good. Cove's own choice.</summary>
    public static readonly TimeSpan Kept = TimeSpan.FromDays(30);

    /// <summary>So long before its time Cove begins to watch that something is close to it. Cove's own choice.</summary>
    private static readonly TimeSpan Watched = TimeSpan.FromDays(7);

    /// <summary>So far apart the watching and the going lie at least. Cove's own choice.</summary>
    private static readonly TimeSpan Apart = TimeSpan.FromDays(1);

    private static readonly string[] NotDeleted = [CoveContext.NotDeleted];

    private readonly CoveContext context;
    private readonly ShelfStore shelves;

    internal Wastebasket(CoveContext context, ShelfStore shelves)
    {
        this.context = context;
        this.shelves = shelves;
    }

    /// <summary>Everything in it, what was deleted last first.</summary>
    public async Task<IReadOnlyList<Discarded>> Contents(CancellationToken cancel = default)
    {
        var vehicles = await Vehicles
            .Select(row => new
            {
                row.Id,
                row.Name,
                row.DeletedAt,
                row.DueSeenAt,
            })
            .ToListAsync(cancel);
        List<ProductRow> products = await Products.AsNoTracking().ToListAsync(cancel);
        return
        [
            .. vehicles
                .Select(row => new Discarded(
                    DiscardedKind.Vehicle,
                    row.Id,
                    row.Name,
                    row.DeletedAt!.Value,
                    GoesAt(row.DeletedAt.Value, row.DueSeenAt)
                ))
                .Concat(
                    products.Select(row => new Discarded(
                        DiscardedKind.Product,
                        row.Id,
                        UnreadableRowException.Try(() => row.Product)?.Name
                            ?? "A product that cannot be read",
                        row.DeletedAt!.Value,
                        GoesAt(row.DeletedAt.Value, row.DueSeenAt)
                    ))
                )
                .OrderByDescending(discarded => discarded.DeletedAt)
                .ThenBy(discarded => discarded.Name, StringComparer.Ordinal),
        ];
    }

    /// <summary>Brings something back as it was.</summary>
    /// <param name="kind">What it is.</param>
    /// <param name="id">Its id.</param>
    /// <param name="cancel">Gives up before anything is stored.</param>
    /// <returns>Refused when there is no room for it on the shelf.</returns>
    public async Task<Changed<Discarded>> Restore(
        DiscardedKind kind,
        Guid id,
        CancellationToken cancel = default
    )
    {
        await using ChangeScope scope = await ChangeScope.Begin(context, cancel);
        Discarded? found = (await Contents(cancel)).FirstOrDefault(discarded =>
            discarded.Kind == kind && discarded.Id == id
        );
        if (found is null)
        {
            return new Changed<Discarded>(ChangeOutcome.NotFound);
        }

        if (kind == DiscardedKind.Vehicle)
        {
            VehicleRow vehicle = await Vehicles.FirstAsync(row => row.Id == id, cancel);
            (vehicle.DeletedAt, vehicle.DueSeenAt) = (null, null);
            vehicle.Version++;
        }
        else if (await context.Products.CountAsync(cancel) >= ProductRules.MostProducts)
        {
            return new Changed<Discarded>(
                ChangeOutcome.Refused,
                Reason: $"The shelf is full: it takes up to {ProductRules.MostProducts} products. Take one off first."
            );
        }
        else
        {
            ProductRow product = await Products.FirstAsync(row => row.Id == id, cancel);
            (product.DeletedAt, product.DueSeenAt) = (null, null);
            product.Version++;
        }

        await context.SaveChangesAsync(cancel);
        await scope.CommitAsync(cancel);
        return new Changed<Discarded>(ChangeOutcome.Made, found);
    }

    /// <summary>Lets something go for good. What a car's log says was taken from the bottles stays taken.</summary>
    /// <param name="kind">What it is.</param>
    /// <param name="id">Its id.</param>
    /// <param name="now">The present instant.</param>
    /// <param name="cancel">Gives up before anything is stored.</param>
    /// <returns>Whether there was such a thing in the wastebasket.</returns>
    public async Task<bool> DeleteForGood(
        DiscardedKind kind,
        Guid id,
        DateTimeOffset now,
        CancellationToken cancel = default
    )
    {
        await using ChangeScope scope = await ChangeScope.Begin(context, cancel);
        int gone;
        if (kind == DiscardedKind.Product)
        {
            gone = await Products.Where(row => row.Id == id).ExecuteDeleteAsync(cancel);
        }
        else
        {
            if (!await Vehicles.AnyAsync(row => row.Id == id, cancel))
            {
                return false;
            }

            await shelves.MeasureWhatWasUsed(new VehicleId(id), now, cancel);
            gone = await DeleteVehicle(id, cancel);
        }

        await scope.CommitAsync(cancel);
        return gone > 0;
    }

    /// <summary>When something goes for good: <see cref="Kept"/> after it was deleted, if Cove was there to see that time come. What is past its time when it is first seen may be so because the clock is wrong, and gets the whole time anew.</summary>
    /// <param name="deletedAt">When it was deleted.</param>
    /// <param name="dueSeenAt">When it was first seen to be close to its time; null while it was not.</param>
    public static DateTimeOffset GoesAt(DateTimeOffset deletedAt, DateTimeOffset? dueSeenAt)
    {
        DateTimeOffset usual = deletedAt + Kept;
        return dueSeenAt is not { } seen || seen + Apart <= usual ? usual
            : seen < usual ? seen + Apart
            : seen + Kept;
    }

    /// <summary>Lets everything go for good whose time has come, and takes note of what is close to it.</summary>
    /// <returns>How many things went.</returns>
    public async Task<int> DeleteOld(DateTimeOffset now, CancellationToken cancel = default)
    {
        await Watch(now, cancel);
        Discarded[] old = [.. (await Contents(cancel)).Where(discarded => discarded.GoesAt <= now)];
        foreach (Discarded discarded in old)
        {
            await DeleteForGood(discarded.Kind, discarded.Id, now, cancel);
        }

        return old.Length;
    }

    /// <summary>Notes what is close to its time or past it; what was noted by a clock that was ahead is noted anew.</summary>
    private async Task Watch(DateTimeOffset now, CancellationToken cancel)
    {
        DateTimeOffset close = now - Kept + Watched;
        await Vehicles
            .Where(row =>
                row.DeletedAt <= close ? row.DueSeenAt == null || row.DueSeenAt > now : row.DueSeenAt != null
            )
            .ExecuteUpdateAsync(
                set => set.SetProperty(row => row.DueSeenAt, row => row.DeletedAt <= close ? now : null),
                cancel
            );
        await Products
            .Where(row =>
                row.DeletedAt <= close ? row.DueSeenAt == null || row.DueSeenAt > now : row.DueSeenAt != null
            )
            .ExecuteUpdateAsync(
                set => set.SetProperty(row => row.DueSeenAt, row => row.DeletedAt <= close ? now : null),
                cancel
            );
    }

    private IQueryable<VehicleRow> Vehicles =>
        context.Vehicles.IgnoreQueryFilters(NotDeleted).Where(row => row.DeletedAt != null);

    private IQueryable<ProductRow> Products =>
        context.Products.IgnoreQueryFilters(NotDeleted).Where(row => row.DeletedAt != null);

    private async Task<int> DeleteVehicle(Guid id, CancellationToken cancel)
    {
        await context.Instructions.Where(row => row.VehicleId == id).ExecuteDeleteAsync(cancel);
        IQueryable<PhotoRow> photos = context.Photos.Where(photo =>
            context.Log.Any(entry => entry.Id == photo.EntryId && entry.VehicleId == id)
        );
        context.GonePhotos.AddRange(
            (await photos.Select(photo => photo.Id).ToListAsync(cancel)).Select(photo => new GonePhotoRow
            {
                Id = photo,
            })
        );
        await context.SaveChangesAsync(cancel);
        await photos.ExecuteDeleteAsync(cancel);
        await context.Log.Where(row => row.VehicleId == id).ExecuteDeleteAsync(cancel);
        await context
            .RunEvents.Where(answer => context.Runs.Any(run => run.Id == answer.RunId && run.VehicleId == id))
            .ExecuteDeleteAsync(cancel);
        await context.Runs.Where(row => row.VehicleId == id).ExecuteDeleteAsync(cancel);
        await context.Sessions.Where(row => row.VehicleId == id).ExecuteDeleteAsync(cancel);
        return await Vehicles.Where(row => row.Id == id).ExecuteDeleteAsync(cancel);
    }
}

/// <summary>What can lie in the wastebasket.</summary>
public enum DiscardedKind
{
    /// <summary>A vehicle with everything recorded of it.</summary>
    Vehicle,

    /// <summary>A product with its bottles.</summary>
    Product,
}

/// <summary>Something in the wastebasket.</summary>
/// <param name="Kind">What it is.</param>
/// <param name="Id">Its id.</param>
/// <param name="Name">What the owner called it.</param>
/// <param name="DeletedAt">When it was deleted.</param>
/// <param name="GoesAt">When it goes for good.</param>
public sealed record Discarded(
    DiscardedKind Kind,
    Guid Id,
    string Name,
    DateTimeOffset DeletedAt,
    DateTimeOffset GoesAt
);
