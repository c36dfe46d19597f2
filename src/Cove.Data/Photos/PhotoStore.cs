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

    /// <summary>Gives the files of a photo their names. To be called once the change that added it is kept; where that is cut short, the next start does it.</summary>
    public void Keep(Guid id) => files.Keep(id);

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

    /// <summary>The file of a photo; null when the owner has none of that id, or its car lies in the wastebasket.</summary>
    /// <param name="id">The photo.</param>
    /// <param name="small">Whether the small copy is meant.</param>
    /// <param name="cancel">Gives up.</param>
    public async Task<FileInfo?> File(Guid id, bool small, CancellationToken cancel = default) =>
        await OfCarsInUse.AnyAsync(row => row.Id == id, cancel) ? files.Find(id, small) : null;

    /// <summary>Lets a photo go. Its files go with <see cref="DeleteGone"/>.</summary>
    /// <returns>Whether the owner had a photo of that id on a car that is not in the wastebasket.</returns>
    public async Task<bool> Delete(Guid id, CancellationToken cancel = default)
    {
        await using ChangeScope scope = await ChangeScope.Begin(context, cancel);
        if (await OfCarsInUse.FirstOrDefaultAsync(row => row.Id == id, cancel) is not { } row)
        {
            return false;
        }

        context.Photos.Remove(row);
        context.GonePhotos.Add(new GonePhotoRow { Id = id });
        await context.SaveChangesAsync(cancel);
        await scope.CommitAsync(cancel);
        return true;
    }

    /// <summary>Deletes the files of photos that were let go. To be called once the change that let them go is kept; where that is cut short, the next start does it.</summary>
    public async Task DeleteGone(CancellationToken cancel = default)
    {
        Guid[] gone = await context.GonePhotos.Select(row => row.Id).ToArrayAsync(cancel);
        if (gone.Length > 0)
        {
            files.Delete(gone);
            await context.GonePhotos.Where(row => gone.Contains(row.Id)).ExecuteDeleteAsync(cancel);
        }
    }

    /// <summary>Makes good what was cut short: files of photos that are kept get their names, and what no request finished goes.</summary>
    public async Task Tidy(CancellationToken cancel = default)
    {
        await DeleteGone(cancel);
        files.FinishOrDrop(await Known(cancel));
    }

    /// <summary>Sets aside what this database does not know, and brings back what it does.</summary>
    /// <param name="day">The day.</param>
    /// <param name="cancel">Gives up.</param>
    /// <returns>How many photos were set aside, and how many came back.</returns>
    internal async Task<(int SetAside, int Back)> SortOut(DateOnly day, CancellationToken cancel = default)
    {
        await Tidy(cancel);
        return files.SortOut(await Known(cancel), day);
    }

    private IQueryable<PhotoRow> OfCarsInUse =>
        context.Photos.Where(row =>
            context.Log.Any(entry =>
                entry.Id == row.EntryId && context.Vehicles.Any(car => car.Id == entry.VehicleId)
            )
        );

    private async Task<IReadOnlySet<Guid>> Known(CancellationToken cancel) =>
        (await context.Photos.Select(row => row.Id).ToArrayAsync(cancel)).ToHashSet();
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
