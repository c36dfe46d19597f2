using System.Globalization;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore.Infrastructure;

namespace Cove.Data;

/// <summary>Brings the database of a folder up to date before the first request, or says why that cannot be.</summary>
internal sealed class DatabaseStart(
    CoveContext context,
    DataFolder folder,
    PhotosBeside photos,
    Action<string> report
)
{
    /// <summary>Long enough for a migration that still runs in another tool to show that it does.</summary>
    private static readonly TimeSpan LockWait = TimeSpan.FromSeconds(2);

    private static readonly TimeSpan LockGlance = TimeSpan.FromMilliseconds(100);

    private DatabaseFacade Database => context.Database;

    /// <summary>Checks the file, keeps a copy of it when there is something to change, and changes it.</summary>
    /// <param name="setPhotosAside">Whether the owner has said that photos this database does not know may be set aside.</param>
    /// <exception cref="CannotStartException">The file cannot be used.</exception>
    public void Run(bool setPhotosAside)
    {
        try
        {
            photos.RequireDatabase(setPhotosAside);
            DeleteUnfinished();
            if (folder.DiskProblem() is not null && folder.Reserve.Release())
            {
                report(
                    "The disk is full. Cove has given up the room it keeps back for this, so that you can look and delete."
                );
            }

            DataFolder.MakePrivate(folder.DatabaseFile);
            Database.OpenConnection();
            Check();
            string[] pending = Pending();
            if (!setPhotosAside)
            {
                photos.RequireTheirs(Database.GetDbConnection());
            }

            BringUpToDate(pending);
            folder.Reserve.Keep();
        }
        catch (Exception error) when (DiskWords.Of(error) is { } sentence)
        {
            throw new CannotStartException(sentence, error);
        }
        finally
        {
            Database.CloseConnection();
        }
    }

    /// <summary>What a start that was killed left of a copy is of no use to anybody, and takes up room.</summary>
    private void DeleteUnfinished()
    {
        foreach (
            FileInfo file in new DirectoryInfo(folder.FullPath)
                .EnumerateFiles()
                .Where(file => OwnNames.IsUnfinished(file.Name) && OwnNames.IsOwn(file))
                .ToArray()
        )
        {
            file.Delete();
        }
    }

    private void BringUpToDate(string[] pending)
    {
        TakeOverLock();
        if (pending.Length > 0)
        {
            if (Database.GetAppliedMigrations().Any())
            {
                KeepCopy(pending[0]);
            }

            Database.Migrate();
        }

        // Write-ahead logging lets reads go on during a write; it is a property of the file and stays set.
        Database.ExecuteSqlRaw("PRAGMA journal_mode = WAL");
        StoredSessions.BringUpToDate(context);
        StoredGaps.Close(context);
    }

    private void Check()
    {
        if (Scalar("PRAGMA quick_check(1)") is string found && found != "ok")
        {
            throw new CannotStartException(
                "The database file is damaged: put back a copy of the data folder, or look for one that ends in .db beside it."
            );
        }
    }

    private string[] Pending()
    {
        var known = Database.GetMigrations().ToHashSet(StringComparer.Ordinal);
        return Database.GetAppliedMigrations().All(known.Contains)
            ? [.. Database.GetPendingMigrations()]
            : throw new CannotStartException(
                $"The data in {folder.FullPath} was written by a newer Cove: start that version, or give another folder with --data."
            );
    }

    /// <summary>A start that was killed while it changed the database leaves its mark in a table, and every later start would wait for it for ever.</summary>
    private void TakeOverLock()
    {
        if (LockMark() is not { } mark)
        {
            return;
        }

        report(
            "An earlier start was cut short while it brought the database up to date. Waiting a moment, then going on from there."
        );
        DateTime until = DateTime.UtcNow + LockWait;
        while (DateTime.UtcNow < until)
        {
            Thread.Sleep(LockGlance);
            if (LockMark() != mark)
            {
                return;
            }
        }

        Database.ExecuteSqlRaw("DELETE FROM \"__EFMigrationsLock\"");
    }

    private string? LockMark() =>
        Scalar("SELECT 1 FROM sqlite_master WHERE name = '__EFMigrationsLock'") is null
            ? null
            : Scalar("SELECT \"Timestamp\" FROM \"__EFMigrationsLock\"")?.ToString();

    private object? Scalar(string query)
    {
        using System.Data.Common.DbCommand command = Database.GetDbConnection().CreateCommand();
#pragma warning disable CA2100 // The queries are written in this file.
        command.CommandText = query;
#pragma warning restore CA2100
        return command.ExecuteScalar();
    }

    /// <summary>The copy takes its name only once it is whole: a start that is killed here leaves none that looks like one.</summary>
    private void KeepCopy(string migration)
    {
        string copy = Path.ChangeExtension(
            folder.DatabaseFile,
            string.Create(CultureInfo.InvariantCulture, $".before-{migration}.db")
        );
        string unfinished = copy + OwnNames.Unfinished;
        File.Delete(unfinished);
        DataFolder.MakePrivate(unfinished);
        using (var target = new SqliteConnection($"{DataFolder.ConnectionTo(unfinished)};Pooling=False"))
        {
            target.Open();
            ((SqliteConnection)Database.GetDbConnection()).BackupDatabase(target);
        }

        File.Move(unfinished, copy, overwrite: true);
    }
}
