namespace Cove.Data;

/// <summary>A file that takes up room for nothing, so that there is some to give up when the disk is full: without any, the database cannot even be opened, and nothing could be deleted to make room.</summary>
/// <param name="folder">The data folder.</param>
internal sealed class DiskReserve(string folder)
{
    /// <summary>Enough for the database to open and for a few hundred deletions. Cove's own choice.</summary>
    private const int Bytes = 2 * 1024 * 1024;

    /// <summary>Room is only kept back where there is far more of it. Cove's own choice.</summary>
    private const long EnoughFree = 32L * Bytes;

    private readonly string file = Path.Combine(folder, OwnNames.Reserve);

    /// <summary>Gives the room up.</summary>
    /// <returns>Whether there was any.</returns>
    public bool Release()
    {
        bool had = File.Exists(file);
        File.Delete(file);
        return had;
    }

    /// <summary>Keeps room back, unless it is kept already or the disk has little of it.</summary>
    public void Keep()
    {
        try
        {
            if (File.Exists(file) || new DriveInfo(folder).AvailableFreeSpace < EnoughFree)
            {
                return;
            }

            string part = file + OwnNames.Unfinished;
            // Written in full: a file system gives no room to a file of holes.
            File.WriteAllBytes(part, new byte[Bytes]);
            File.Move(part, file, overwrite: true);
        }
        catch (Exception error) when (error is IOException or UnauthorizedAccessException)
        {
            // Cove works without it.
        }
    }
}
