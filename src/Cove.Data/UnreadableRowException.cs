namespace Cove.Data;

/// <summary>A row of the database cannot be understood: it was written by hand, by another program, or damaged.</summary>
/// <param name="table">The table.</param>
/// <param name="key">What names the row in it.</param>
/// <param name="cause">What was wrong with it.</param>
public sealed class UnreadableRowException(string table, string key, Exception? cause = null)
    : Exception(
        $"Row {key} of the table {table} cannot be understood. Put it right, or put back a copy of the data folder.",
        cause
    )
{
    /// <summary>Gives what a row says, or null where it cannot be understood.</summary>
    /// <param name="read">Reads the row.</param>
    /// <param name="unread">Takes the sentence that names the row.</param>
    internal static T? Try<T>(Func<T> read, ICollection<string>? unread = null)
        where T : class
    {
        try
        {
            return read();
        }
        catch (UnreadableRowException error)
        {
            unread?.Add(error.Message);
            return null;
        }
    }
}
