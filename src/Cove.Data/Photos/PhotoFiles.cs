using System.Collections.Concurrent;

namespace Cove.Data.Photos;

/// <summary>The files of photos, beside the database. What they belong to stands in the database; a file of which it knows nothing is swept away.</summary>
public sealed class PhotoFiles
{
    private const string Ending = ".jpg";
    private const string SmallEnding = ".small.jpg";

    /// <summary>So long a file may be there before the database knows of it: as long as one request takes at the most.</summary>
    private static readonly TimeSpan Settling = TimeSpan.FromMinutes(10);

    private readonly string folder;
    private readonly TimeProvider time;
    private readonly ConcurrentDictionary<Guid, DateTimeOffset> fresh = new();

    internal PhotoFiles(DataFolder data, TimeProvider time)
    {
        folder = data.PhotoFolder;
        this.time = time;
    }

    /// <summary>The file of a photo; null when it is not there.</summary>
    /// <param name="id">The photo.</param>
    /// <param name="small">Whether the small copy is meant.</param>
    public FileInfo? Find(Guid id, bool small)
    {
        var file = new FileInfo(PathOf(id, small));
        return file.Exists ? file : null;
    }

    /// <summary>Writes the files of a photo. They are whole when this returns.</summary>
    internal async Task Write(Guid id, Photo photo, CancellationToken cancel)
    {
        fresh[id] = time.GetUtcNow();
        Directory.CreateDirectory(folder);
        await WriteWhole(PathOf(id, small: false), photo.Jpeg, cancel);
        await WriteWhole(PathOf(id, small: true), photo.Small, cancel);
    }

    /// <summary>The database knows of a photo now.</summary>
    internal void Settle(Guid id) => fresh.TryRemove(id, out _);

    /// <summary>Lets go of every file that no photo in the database owns.</summary>
    internal int Sweep(IReadOnlySet<Guid> known)
    {
        if (!Directory.Exists(folder))
        {
            return 0;
        }

        DateTimeOffset settled = time.GetUtcNow() - Settling;
        foreach (var (id, at) in fresh)
        {
            if (at < settled)
            {
                fresh.TryRemove(id, out _);
            }
        }

        int swept = 0;
        foreach (string path in Directory.EnumerateFiles(folder))
        {
            string name = Path.GetFileName(path);
            bool isOurs = Guid.TryParse(name.AsSpan(0, Math.Min(36, name.Length)), out Guid id);
            if (isOurs && !known.Contains(id) && !fresh.ContainsKey(id))
            {
                File.Delete(path);
                swept++;
            }
        }

        return swept;
    }

    /// <summary>Under another name first, so that a crash leaves no half of a picture under its own.</summary>
    private static async Task WriteWhole(string path, byte[] bytes, CancellationToken cancel)
    {
        string part = $"{path}.part";
        await using (
            var file = new FileStream(part, FileMode.Create, FileAccess.Write, FileShare.None, 81920, true)
        )
        {
            await file.WriteAsync(bytes, cancel);
            file.Flush(flushToDisk: true);
        }

        File.Move(part, path, overwrite: true);
    }

    private string PathOf(Guid id, bool small) =>
        Path.Combine(folder, $"{id:D}{(small ? SmallEnding : Ending)}");
}
