using Microsoft.Data.Sqlite;

namespace Cove.Data;

/// <summary>The folder of the owner's data, held by this server alone for as long as it runs.</summary>
/// <remarks>Two servers on one folder would each keep in memory what the other has changed. The lock is the operating system's, so a server that was killed leaves none behind.</remarks>
public sealed class DataFolder : IDisposable
{
    private readonly FileStream held;

    private DataFolder(string path, FileStream held)
    {
        FullPath = path;
        this.held = held;
        Reserve = new DiskReserve(path);
    }

    /// <summary>The folder.</summary>
    public string FullPath { get; }

    /// <summary>The database.</summary>
    public string DatabaseFile => Path.Combine(FullPath, OwnNames.Database);

    /// <summary>The folder of photos.</summary>
    public string PhotoFolder => Path.Combine(FullPath, OwnNames.Photos);

    /// <summary>The folder of the log of the server.</summary>
    public string LogFolder => Path.Combine(FullPath, OwnNames.Logs);

    /// <summary>Takes a folder; makes it where there is none, and keeps others on this machine out of it.</summary>
    /// <param name="path">The folder.</param>
    /// <exception cref="CannotStartException">It is no folder, holds other things than Cove's, may not be written to, or is in use by another server.</exception>
    public static DataFolder Open(string path)
    {
        string full = Path.GetFullPath(path);
        if (File.Exists(full))
        {
            throw new CannotStartException(
                $"{full} is a file, but Cove keeps its data in a folder: give a folder with --data."
            );
        }

        try
        {
            var folder = new DirectoryInfo(full);
            folder.Create();
            RefuseForeign(folder);
            FileStream taken = Take(Path.Combine(full, OwnNames.Lock));
            try
            {
                OwnerOnly.Close(folder);
                return new DataFolder(full, taken);
            }
            catch
            {
                taken.Dispose();
                throw;
            }
        }
        catch (Exception error) when (error is IOException or UnauthorizedAccessException)
        {
            throw new CannotStartException(DiskWords.CannotWrite(full, error), error);
        }
    }

    /// <summary>Says what is wrong with the file of the database as it lies on the disk; null when nothing is. What an open connection still holds says nothing of that.</summary>
    public string? DatabaseProblem()
    {
        var file = new FileInfo(DatabaseFile);
        return file is { Exists: true, Length: > 0 }
            ? null
            : "The file cove.db is gone or empty: stop Cove and put back a copy of the data folder.";
    }

    /// <summary>Says what keeps the disk from taking anything; null when nothing does.</summary>
    public string? DiskProblem()
    {
        string probe = Path.Combine(FullPath, OwnNames.Probe);
        try
        {
            using (
                var file = new FileStream(
                    probe,
                    new FileStreamOptions
                    {
                        Mode = FileMode.Create,
                        Access = FileAccess.Write,
                        Options = FileOptions.DeleteOnClose,
                    }
                )
            )
            {
                file.Write(new byte[4096]);
                file.Flush(flushToDisk: true);
            }

            return null;
        }
        catch (Exception error) when (error is IOException or UnauthorizedAccessException)
        {
            return DiskWords.CannotWrite(FullPath, error);
        }
    }

    /// <summary>Lets the folder go, so that another server may take it.</summary>
    public void Dispose()
    {
        held.Dispose();
        WriteTurn.Dispose();
    }

    /// <summary>Room on the disk for a time when there is none left.</summary>
    internal DiskReserve Reserve { get; }

    /// <summary>Held by whoever is changing the database.</summary>
    internal SemaphoreSlim WriteTurn { get; } = new(1);

    internal string ConnectionString => ConnectionTo(DatabaseFile);

    internal static string ConnectionTo(string file) =>
        new SqliteConnectionStringBuilder
        {
            DataSource = file,
            ForeignKeys = true,
            Pooling = true,
        }.ToString();

    /// <summary>Makes a file that only the owner can read, unless it is there.</summary>
    internal static void MakePrivate(string file)
    {
        if (!File.Exists(file))
        {
            using FileStream made = New(file, FileMode.OpenOrCreate, FileShare.ReadWrite);
        }
    }

    private static FileStream Take(string file)
    {
        try
        {
            return New(file, FileMode.OpenOrCreate, FileShare.None);
        }
        catch (IOException error) when (File.Exists(file) && !DiskWords.IsFull(error))
        {
            throw new CannotStartException(
                $"Another Cove is running on {Path.GetDirectoryName(file)}: use that one, stop it first, or give another folder with --data.",
                error
            );
        }
    }

    private static FileStream New(string file, FileMode mode, FileShare share)
    {
        var options = new FileStreamOptions
        {
            Mode = mode,
            Access = FileAccess.ReadWrite,
            Share = share,
        };
        if (!OperatingSystem.IsWindows())
        {
            options.UnixCreateMode = OwnerOnly.File;
        }

        return new FileStream(file, options);
    }

    /// <summary>A folder that was given by mistake, such as a home folder, is left as it is.</summary>
    private static void RefuseForeign(DirectoryInfo folder)
    {
        FileSystemInfo[] entries = folder.GetFileSystemInfos();
        if (!entries.Any(OwnNames.ShowsThatCoveWasHere) && !entries.All(OwnNames.IsOwn))
        {
            throw new CannotStartException(
                $"{folder.FullName} holds other things than Cove's data: give a folder of its own with --data, such as {Path.Combine(folder.FullName, "cove")}."
            );
        }
    }
}
