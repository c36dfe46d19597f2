using System.Security.Cryptography;

namespace Cove.Data.Photos;

/// <summary>Keeps photos of entries of the log: before and after.</summary>
public sealed class PhotoStore
{
    /// <summary>The most photos of one entry.</summary>
    public const int MostOfEntry = 8;

    /// <summary>The most photos of one vehicle.</summary>
    public const int MostOfVehicle = 2_000;

    private readonly CoveContext context;
    private readonly PhotoFiles files;

    internal PhotoStore(CoveContext context, PhotoFiles files)
    {
        this.context = context;
        this.files = files;
    }

    /// <summary>Adds a photo to an entry of the log.</summary>
    /// <param name="entryId">The entry.</param>
    /// <param name="side">Which side of the work it shows.</param>
    /// <param name="photo">The photo.</param>
    /// <param name="now">The present instant.</param>
    /// <param name="cancel">Gives up before anything is stored.</param>
    /// <returns>The photo; refused when there is no room for it.</returns>
    public async Task<Changed<SavedPhoto>> Add(
        EntryId entryId,
        PhotoSide side,
        Photo photo,
        DateTimeOffset now,
        CancellationToken cancel = default
    )
    {
        await using ChangeScope scope = await ChangeScope.Begin(context, cancel);
        var entry = await context
            .Log.Where(row => row.Id == entryId && context.Vehicles.Any(car => car.Id == row.VehicleId))
            .Select(row => new { row.VehicleId })
            .FirstOrDefaultAsync(cancel);
        if (entry is null)
        {
            return new Changed<SavedPhoto>(ChangeOutcome.NotFound);
        }

        if (await context.Photos.CountAsync(row => row.EntryId == entryId, cancel) >= MostOfEntry)
        {
            return new Changed<SavedPhoto>(
                ChangeOutcome.Refused,
                Reason: $"An entry holds up to {MostOfEntry} photos. Take one away first."
            );
        }

        int have = await context.Photos.CountAsync(
            row => context.Log.Any(other => other.Id == row.EntryId && other.VehicleId == entry.VehicleId),
            cancel
        );
        if (have >= MostOfVehicle)
        {
            return new Changed<SavedPhoto>(
                ChangeOutcome.Refused,
                Reason: $"Cove keeps up to {MostOfVehicle} photos of a car. Take some away first."
            );
        }

        var row = new PhotoRow
        {
            Id = Guid.CreateVersion7(now),
            EntryId = entryId,
            Side = side,
            AddedAt = now,
            Width = photo.Width,
            Height = photo.Height,
            Bytes = photo.Jpeg.Length,
            Sha256 = Convert.ToHexStringLower(SHA256.HashData(photo.Jpeg)),
        };
        await files.Write(row.Id, photo, cancel);
        context.Photos.Add(row);
        await context.SaveChangesAsync(cancel);
        await scope.CommitAsync(cancel);
        return new Changed<SavedPhoto>(ChangeOutcome.Made, row.ToSaved());
    }

    /// <summary>Says that the change which added a photo is kept.</summary>
    public void Settle(Guid id) => files.Settle(id);

    /// <summary>The photos of some entries, by entry, those from before first, in the order they were added.</summary>
    public async Task<ILookup<Guid, SavedPhoto>> Of(
        IReadOnlyCollection<Guid> entryIds,
        CancellationToken cancel = default
    )
    {
        List<PhotoRow> rows = await context
            .Photos.AsNoTracking()
            .Where(row => entryIds.Contains(row.EntryId))
            .ToListAsync(cancel);
        return rows.OrderBy(row => row.Side)
            .ThenBy(row => row.AddedAt)
            .ThenBy(row => row.Id)
            .ToLookup(row => row.EntryId, row => row.ToSaved());
    }

    /// <summary>The file of a photo; null when the owner has none of that id.</summary>
    /// <param name="id">The photo.</param>
    /// <param name="small">Whether the small copy is meant.</param>
    /// <param name="cancel">Gives up.</param>
    public async Task<FileInfo?> File(Guid id, bool small, CancellationToken cancel = default) =>
        await context.Photos.AnyAsync(row => row.Id == id, cancel) ? files.Find(id, small) : null;

    /// <summary>Lets a photo go. Its files go with the next <see cref="Sweep"/>.</summary>
    /// <returns>Whether the owner had a photo of that id.</returns>
    public async Task<bool> Delete(Guid id, CancellationToken cancel = default)
    {
        await using ChangeScope scope = await ChangeScope.Begin(context, cancel);
        int gone = await context.Photos.Where(row => row.Id == id).ExecuteDeleteAsync(cancel);
        await scope.CommitAsync(cancel);
        return gone > 0;
    }

    /// <summary>Lets go of the files of photos that are no more, and of what a crash has left.</summary>
    /// <returns>How many files went.</returns>
    public async Task<int> Sweep(CancellationToken cancel = default)
    {
        // Ids are one to a folder, whoever owns the row.
        Guid[] known = await context.Photos.IgnoreQueryFilters().Select(row => row.Id).ToArrayAsync(cancel);
        return files.Sweep(known.ToHashSet());
    }
}

/// <summary>Which side of the work a photo shows.</summary>
public enum PhotoSide
{
    /// <summary>Before it.</summary>
    Before,

    /// <summary>After it.</summary>
    After,
}

/// <summary>A photo that is kept.</summary>
/// <param name="Id">The photo.</param>
/// <param name="Side">Which side of the work it shows.</param>
/// <param name="AddedAt">When it was added.</param>
/// <param name="Width">Its width in pixels.</param>
/// <param name="Height">Its height in pixels.</param>
/// <param name="Bytes">The size of its file.</param>
public sealed record SavedPhoto(
    Guid Id,
    PhotoSide Side,
    DateTimeOffset AddedAt,
    int Width,
    int Height,
    int Bytes
);
