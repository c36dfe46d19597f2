using System.Collections.Concurrent;

namespace Cove.Data.Photos;

/// <summary>The files of photos, beside the database. What they belong to stands in the database.</summary>
/// <remarks>A photo is written under an unfinished name and gets its own once the database knows of it, and the database remembers which photos to delete until their files are gone. So a file with a name of its own always belongs to some database: one that this database does not know is never deleted, only set aside.</remarks>
public sealed class PhotoFiles
{
    private const string Ending = ".jpg";
    private const string SmallEnding = ".small.jpg";
    private const string Aside = "set-aside";

    /// <summary>So long a file may be there before the database knows of it: as long as one request takes at the most.</summary>
    private static readonly TimeSpan Settling = TimeSpan.FromMinutes(10);

    private readonly string folder;
    private readonly TimeProvider time;
    private readonly ConcurrentDictionary<Guid, long> fresh = new();

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
        string path = PathOf(id, small);
        // It may have been kept a moment ago.
        return new[] { path, path + OwnNames.Unfinished }
            .Select(name => new FileInfo(name))
            .FirstOrDefault(file => file.Exists);
    }

    /// <summary>How many files were set aside, and how large they are together.</summary>
    public (int Files, long Bytes) SetAside()
    {
        FileInfo[] files = Directory.Exists(AsideFolder)
            ?
            [
                .. new DirectoryInfo(AsideFolder)
                    .EnumerateFiles("*", SearchOption.AllDirectories)
                    .Where(file => OwnNames.PhotoOf(file.Name) is not null),
            ]
            : [];
        return (files.Length, files.Sum(file => file.Length));
    }

    /// <summary>Deletes for good what was set aside.</summary>
    public void DeleteSetAside()
    {
        if (Directory.Exists(AsideFolder))
        {
            Directory.Delete(AsideFolder, recursive: true);
        }
    }

    /// <summary>The photos of which there are files with names of their own.</summary>
    internal IReadOnlySet<Guid> Whole() =>
        Files(folder)
            .Where(file => !OwnNames.IsUnfinished(file.Name))
            .Select(file => OwnNames.PhotoOf(file.Name)!.Value)
            .ToHashSet();

    /// <summary>Writes the files of a photo. They are on the disk when this returns, and have their names after <see cref="Keep"/>.</summary>
    internal async Task Write(Guid id, Photo photo, CancellationToken cancel)
    {
        fresh[id] = time.GetTimestamp();
        Directory.CreateDirectory(folder);
        await WriteUnfinished(PathOf(id, small: false), photo.Jpeg, cancel);
        await WriteUnfinished(PathOf(id, small: true), photo.Small, cancel);
    }

    /// <summary>Writes the files of a photo whose picture is that of another; null when that one's are not there.</summary>
    /// <remarks>Both share the room on the disk, and either can be deleted without the other.</remarks>
    internal bool TryCopy(Guid from, Guid to)
    {
        if (Find(from, small: false) is not { } large || Find(from, small: true) is not { } little)
        {
            return false;
        }

        fresh[to] = time.GetTimestamp();
        HardLink.OrCopy(large.FullName, PathOf(to, small: false) + OwnNames.Unfinished);
        HardLink.OrCopy(little.FullName, PathOf(to, small: true) + OwnNames.Unfinished);
        return true;
    }

    /// <summary>Gives the files of a photo their names: the database knows of it now.</summary>
    internal void Keep(Guid id)
    {
        foreach (bool small in (bool[])[false, true])
        {
            string path = PathOf(id, small);
            if (File.Exists(path + OwnNames.Unfinished))
            {
                File.Move(path + OwnNames.Unfinished, path, overwrite: true);
            }
        }
    }

    /// <summary>Deletes the files of photos that the database has let go.</summary>
    internal void Delete(IEnumerable<Guid> ids)
    {
        foreach (Guid id in ids)
        {
            foreach (bool small in (bool[])[false, true])
            {
                File.Delete(PathOf(id, small));
                File.Delete(PathOf(id, small) + OwnNames.Unfinished);
            }
        }
    }

    /// <summary>Makes good what was cut short: photos that were kept get their names, and what no request finished goes.</summary>
    /// <param name="known">The photos that the database knows.</param>
    internal void FinishOrDrop(IReadOnlySet<Guid> known)
    {
        foreach (var (id, at) in fresh)
        {
            if (time.GetElapsedTime(at) > Settling)
            {
                fresh.TryRemove(id, out _);
            }
        }

        foreach (FileInfo file in Files(folder).Where(file => OwnNames.IsUnfinished(file.Name)).ToArray())
        {
            Guid id = OwnNames.PhotoOf(file.Name)!.Value;
            if (known.Contains(id))
            {
                Keep(id);
            }
            else if (!fresh.ContainsKey(id))
            {
                file.Delete();
            }
        }
    }

    /// <summary>Sets aside the files of photos that the database does not know, and brings back those that it does.</summary>
    /// <param name="known">The photos that the database knows.</param>
    /// <param name="day">The day, which names the folder they go to.</param>
    /// <returns>How many photos were set aside, and how many came back.</returns>
    internal (int SetAside, int Back) SortOut(IReadOnlySet<Guid> known, DateOnly day)
    {
        string aside = Path.Combine(AsideFolder, $"{day:yyyy-MM-dd}");
        int setAside = Move(Files(folder), id => !known.Contains(id), aside);
        int back = 0;
        if (Directory.Exists(AsideFolder))
        {
            foreach (string earlier in Directory.GetDirectories(AsideFolder))
            {
                back += Move(
                    Files(earlier),
                    id => known.Contains(id) && Find(id, small: false) is null,
                    folder
                );
            }
        }

        return (setAside, back);
    }

    /// <summary>Where photos lie that were set aside.</summary>
    public string AsideFolder => Path.Combine(folder, Aside);

    private static int Move(IEnumerable<FileInfo> files, Func<Guid, bool> which, string to)
    {
        ILookup<Guid, FileInfo> moving = files
            .Where(file => which(OwnNames.PhotoOf(file.Name)!.Value))
            .ToLookup(file => OwnNames.PhotoOf(file.Name)!.Value);
        if (moving.Count > 0)
        {
            Directory.CreateDirectory(to);
        }

        foreach (FileInfo file in moving.SelectMany(photo => photo))
        {
            // The same name is the same photo.
            file.MoveTo(Path.Combine(to, file.Name), overwrite: true);
        }

        return moving.Count;
    }

    /// <summary>The files of a folder that are Cove's.</summary>
    private static IEnumerable<FileInfo> Files(string folder) =>
        Directory.Exists(folder)
            ? new DirectoryInfo(folder)
                .EnumerateFiles()
                .Where(file => OwnNames.PhotoOf(file.Name) is not null)
            : [];

    private static async Task WriteUnfinished(string path, byte[] bytes, CancellationToken cancel)
    {
        await using var file = new FileStream(
            path + OwnNames.Unfinished,
            FileMode.Create,
            FileAccess.Write,
            FileShare.None,
            81920,
            true
        );
        await file.WriteAsync(bytes, cancel);
        file.Flush(flushToDisk: true);
    }

    private string PathOf(Guid id, bool small) =>
        Path.Combine(folder, $"{id:D}{(small ? SmallEnding : Ending)}");
}
