namespace Cove.Data;

/// <summary>Which entries of a data folder are Cove's own. Whatever is not, Cove leaves as it is: it neither reads, changes nor deletes it.</summary>
internal static class OwnNames
{
    public const string Database = "cove.db";
    public const string Lock = "cove.lock";
    public const string Probe = "cove.probe";
    public const string Reserve = "cove.reserve";
    public const string Photos = "photos";
    public const string Logs = "logs";

    /// <summary>What stands at the end of the name of a file that is not whole yet.</summary>
    public const string Unfinished = ".part";

    /// <summary>What file systems put into the root of a disk by themselves.</summary>
    private const string OfTheFileSystem = "lost+found";

    private static readonly string[] Files =
    [
        Database,
        $"{Database}-wal",
        $"{Database}-shm",
        $"{Database}-journal",
        Lock,
        Probe,
        Reserve,
    ];

    /// <summary>Whether an entry at the top of the folder is Cove's.</summary>
    public static bool IsOwn(FileSystemInfo entry) =>
        entry is DirectoryInfo ? entry.Name is Photos or Logs or OfTheFileSystem : IsOwnFile(entry.Name);

    /// <summary>Whether an entry can only be there because a Cove ran on the folder; a folder of photos or logs anybody may have.</summary>
    public static bool ShowsThatCoveWasHere(FileSystemInfo entry) =>
        entry is FileInfo && IsOwnFile(entry.Name);

    /// <summary>Whether a file is a copy of the database from before it was changed by a new version.</summary>
    public static bool IsCopyOfDatabase(string name) =>
        name.StartsWith("cove.before-", StringComparison.Ordinal)
        && name.EndsWith(".db", StringComparison.Ordinal);

    /// <summary>The photo of which a file of the folder of photos holds the picture or its small copy; null when it is none of Cove's.</summary>
    public static Guid? PhotoOf(string name)
    {
        string whole = WithoutUnfinished(name);
        string id =
            whole.EndsWith(".small.jpg", StringComparison.Ordinal) ? whole[..^".small.jpg".Length]
            : whole.EndsWith(".jpg", StringComparison.Ordinal) ? whole[..^".jpg".Length]
            : string.Empty;
        return Guid.TryParseExact(id, "D", out Guid photo) ? photo : null;
    }

    /// <summary>Whether a file of the folder of logs is one of the server.</summary>
    public static bool IsLog(string name) =>
        name.StartsWith("cove", StringComparison.Ordinal) && name.EndsWith(".log", StringComparison.Ordinal);

    /// <summary>Whether a file was never finished.</summary>
    public static bool IsUnfinished(string name) => name.EndsWith(Unfinished, StringComparison.Ordinal);

    private static bool IsOwnFile(string name) =>
        Files.Contains(name) || IsCopyOfDatabase(WithoutUnfinished(name));

    private static string WithoutUnfinished(string name) =>
        IsUnfinished(name) ? name[..^Unfinished.Length] : name;
}
