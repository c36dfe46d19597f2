using Microsoft.Data.Sqlite;

namespace Cove.Data;

/// <summary>Says in one sentence what a disk or a database file refuses, and what to do about it.</summary>
public static class DiskWords
{
    /// <summary>What systems call a disk with no room left: ENOSPC, and EDQUOT for an owner's share of it.</summary>
    private static readonly int[] NoRoom = [28, 122];

    private const string Full = "The disk is full: make room on it and try again; nothing was changed.";

    /// <summary>What the database refuses; null when this is no matter of the disk or the file.</summary>
    /// <param name="error">What was thrown, the database's own error at any depth in it.</param>
    public static string? Of(Exception error)
    {
        for (Exception? at = error; at is not null; at = at.InnerException)
        {
            if (at is IOException io && IsFull(io))
            {
                return Full;
            }

            if (at is SqliteException sqlite)
            {
                return OfCode(sqlite.SqliteErrorCode);
            }
        }

        return null;
    }

    /// <summary>Whether the disk had no room.</summary>
    internal static bool IsFull(IOException error) => NoRoom.Contains(error.HResult & 0xFFFF);

    internal static string CannotWrite(string folder, Exception error) =>
        error is IOException io && IsFull(io)
            ? Full
            : $"Cove may not write to {folder}: allow it, or give another folder with --data.";

    // The result codes of SQLite; see its documentation, "Result and Error Codes".
    private static string? OfCode(int code) =>
        code switch
        {
            5 or 6 =>
                "The database is busy with another program: close that and try again; nothing was changed.",
            8 or 14 or 23 =>
                "Cove may not write to its database: allow it and try again; nothing was changed.",
            10 => "The disk could not be read or written: check it and try again; nothing was changed.",
            13 => Full,
            11 =>
                "The database file is damaged: put back a copy of the data folder, or look for one that ends in .db beside it.",
            26 =>
                "The file cove.db is not a database: put back a copy of the data folder, or move that file away to begin anew.",
            _ => null,
        };
}
