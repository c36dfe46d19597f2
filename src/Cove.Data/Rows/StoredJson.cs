using System.Text.Json;

namespace Cove.Data.Rows;

/// <summary>Reads what stands as JSON in a column.</summary>
internal static class StoredJson
{
    /// <summary>Reads a value.</summary>
    /// <param name="json">The text of the column.</param>
    /// <param name="table">The table, for whoever has to find the row.</param>
    /// <param name="key">What names the row in its table.</param>
    /// <exception cref="UnreadableRowException">The text is not what this version writes or an older one wrote.</exception>
    public static T Read<T>(string json, string table, object key)
    {
        try
        {
            return JsonSerializer.Deserialize<T>(json, CoveJson.Column)
                ?? throw new UnreadableRowException(table, $"{key}");
        }
        catch (JsonException error)
        {
            throw new UnreadableRowException(table, $"{key}", error);
        }
    }

    /// <summary>Reads a value and what follows from it, whose own rules the stored value may break.</summary>
    public static TResult Read<T, TResult>(string json, string table, object key, Func<T, TResult> turn)
    {
        T read = Read<T>(json, table, key);
        try
        {
            return turn(read);
        }
        catch (Exception error) when (error is ArgumentException or InvalidOperationException)
        {
            throw new UnreadableRowException(table, $"{key}", error);
        }
    }

    public static string Write<T>(T value) => JsonSerializer.Serialize(value, CoveJson.Column);
}
