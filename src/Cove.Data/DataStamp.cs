using Microsoft.Data.Sqlite;

namespace Cove.Data;

/// <summary>Tells whether anything was stored since one last asked, by whomever.</summary>
/// <remarks>It asks the file itself, so nobody has to remember to say that something changed.</remarks>
public sealed class DataStamp : IDisposable
{
    private readonly Lock turn = new();
    private readonly SqliteConnection connection;
    private SqliteCommand? asking;

    internal DataStamp(DataFolder folder) =>
        connection = new SqliteConnection(
            new SqliteConnectionStringBuilder
            {
                DataSource = folder.DatabaseFile,
                Mode = SqliteOpenMode.ReadOnly,
                Pooling = false,
            }.ToString()
        );

    /// <summary>A number that is another one after every change.</summary>
    public long Now()
    {
        lock (turn)
        {
            if (asking is null)
            {
                connection.Open();
                asking = connection.CreateCommand();
                asking.CommandText = "PRAGMA data_version";
            }

            return (long)asking.ExecuteScalar()!;
        }
    }

    /// <inheritdoc/>
    public void Dispose()
    {
        asking?.Dispose();
        connection.Dispose();
    }
}
