namespace Cove.Data;

/// <summary>Keeps other accounts of this machine from what Cove wrote.</summary>
/// <remarks>Earlier versions left files as open as the system makes them. Only Cove's own are changed, by name and never through a link: a folder may have been given by mistake, and a link may lead anywhere.</remarks>
internal static class OwnerOnly
{
    public const UnixFileMode File = UnixFileMode.UserRead | UnixFileMode.UserWrite;

    private const UnixFileMode Folder = File | UnixFileMode.UserExecute;

    /// <summary>Closes a data folder to others. Where it holds other things too, whoever put them there decides who may look into it, and only Cove's own things are closed.</summary>
    public static void Close(DirectoryInfo data)
    {
        if (OperatingSystem.IsWindows())
        {
            return;
        }

        FileSystemInfo[] entries = data.GetFileSystemInfos();
        if (entries.All(OwnNames.IsOwn))
        {
            System.IO.File.SetUnixFileMode(data.FullName, Folder);
        }

        foreach (FileSystemInfo entry in entries.Where(OwnNames.IsOwn))
        {
            CloseOne(entry);
        }

        CloseInside(data, OwnNames.Photos, name => OwnNames.PhotoOf(name) is not null);
        CloseInside(data, OwnNames.Logs, OwnNames.IsLog);
    }

    private static void CloseInside(DirectoryInfo data, string name, Func<string, bool> isOwn)
    {
        var folder = new DirectoryInfo(Path.Combine(data.FullName, name));
        if (!folder.Exists || folder.LinkTarget is not null)
        {
            return;
        }

        foreach (FileInfo file in folder.EnumerateFiles().Where(file => isOwn(file.Name)))
        {
            CloseOne(file);
        }
    }

    private static void CloseOne(FileSystemInfo entry)
    {
        // What the file system keeps at the root of a disk is its own.
        bool isCoves = entry is FileInfo || entry.Name is OwnNames.Photos or OwnNames.Logs;
        if (isCoves && entry.LinkTarget is null && !OperatingSystem.IsWindows())
        {
            System.IO.File.SetUnixFileMode(entry.FullName, entry is DirectoryInfo ? Folder : File);
        }
    }
}
