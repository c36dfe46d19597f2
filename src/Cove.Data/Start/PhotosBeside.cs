using System.Data.Common;
using System.Globalization;

namespace Cove.Data;

/// <summary>Holds the photos that lie beside a database against it, before anything is changed: photos that it cannot know tell that it is not the one they were taken with.</summary>
/// <param name="folder">The data folder.</param>
/// <param name="photos">The photos of which there are files.</param>
internal sealed class PhotosBeside(DataFolder folder, IReadOnlySet<Guid> photos)
{
    private const string WayOn =
        "or start once with --set-photos-aside, which moves them to a folder of their own and goes on without them";

    private static readonly string[] KnowOfPhotos = ["Photos", "GonePhotos"];

    /// <summary>What the database last knew of is told by these columns; each holds milliseconds since 1970.</summary>
    private static readonly (string Table, string Column)[] Changes =
    [
        ("Answers", "At"),
        ("Log", "At"),
        ("Photos", "AddedAt"),
        ("Runs", "StartedAt"),
        ("Vehicles", "AddedAt"),
    ];

    /// <summary>Refuses to begin anew beside photos, and on a file that has lost all it held.</summary>
    /// <param name="setAside">Whether the owner has said that photos may be set aside.</param>
    /// <exception cref="CannotStartException">There is no database, or an empty file.</exception>
    public void RequireDatabase(bool setAside)
    {
        var file = new FileInfo(folder.DatabaseFile);
        if (file.Exists && file.Length > 0)
        {
            return;
        }

        string what = file.Exists ? "The file cove.db is empty (0 bytes)" : "There is no file cove.db";
        if (photos.Count > 0 && !setAside)
        {
            throw new CannotStartException(
                $"{what}, but there are photos in {folder.PhotoFolder} ({photos.Count}): put your cove.db back, {WayOn}."
            );
        }

        if (
            file.Exists
            && new DirectoryInfo(folder.FullPath)
                .EnumerateFiles()
                .Any(other => OwnNames.IsCopyOfDatabase(other.Name))
        )
        {
            throw new CannotStartException(
                $"{what}, but there are older copies of it in {folder.FullPath}: put one of them in its place, or delete the empty file to begin anew."
            );
        }
    }

    /// <summary>Refuses a database that is older than the photos, or holds nothing beside them.</summary>
    /// <param name="connection">The database, open; it may be of an earlier version.</param>
    /// <exception cref="CannotStartException">It cannot be the one the photos were taken with.</exception>
    public void RequireTheirs(DbConnection connection)
    {
        if (photos.Count == 0)
        {
            return;
        }

        var tables = Read(
                connection,
                "SELECT name FROM sqlite_master WHERE type = 'table'",
                row => row.GetString(0)
            )
            .ToHashSet(StringComparer.Ordinal);
        HashSet<Guid> known =
        [
            .. KnowOfPhotos
                .Where(tables.Contains)
                .SelectMany(table => Read(connection, $"SELECT Id FROM \"{table}\"", row => row.GetGuid(0))),
        ];
        Guid[] unknown = [.. photos.Where(photo => !known.Contains(photo))];
        if (unknown.Length == 0)
        {
            return;
        }

        long lastChange = Changes
            .Where(change => tables.Contains(change.Table))
            .SelectMany(change =>
                Read(connection, $"SELECT MAX(\"{change.Column}\") FROM \"{change.Table}\"", row => row[0])
            )
            .Max(at => at is long known ? known : 0);
        if (lastChange == 0)
        {
            throw new CannotStartException(
                $"The file cove.db holds no car, but there are photos in {folder.PhotoFolder} ({unknown.Length}): put your cove.db back, {WayOn}."
            );
        }

        int newer = unknown.Count(photo => AddedAt(photo) is { } at && at > lastChange);
        if (newer > 0)
        {
            throw new CannotStartException(
                $"There are photos in {folder.PhotoFolder} ({newer}) that are newer than the file cove.db, which seems to be an older copy: put the newest cove.db back, {WayOn}."
            );
        }
    }

    /// <summary>When a photo was added: the first 48 bits of an id of version 7 are milliseconds since 1970 (RFC 9562, section 5.7).</summary>
    private static long? AddedAt(Guid photo) =>
        photo.Version == 7
            ? long.Parse(
                $"{photo:N}".AsSpan(0, 12),
                NumberStyles.AllowHexSpecifier,
                CultureInfo.InvariantCulture
            )
            : null;

    private static List<T> Read<T>(DbConnection connection, string query, Func<DbDataReader, T> read)
    {
        using DbCommand command = connection.CreateCommand();
#pragma warning disable CA2100 // The queries are written in this file.
        command.CommandText = query;
#pragma warning restore CA2100
        using DbDataReader reader = command.ExecuteReader();
        var rows = new List<T>();
        while (reader.Read())
        {
            rows.Add(read(reader));
        }

        return rows;
    }
}
