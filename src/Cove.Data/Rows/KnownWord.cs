using Microsoft.EntityFrameworkCore.Storage.ValueConversion;

namespace Cove.Data.Rows;

/// <summary>Keeps a choice as its word. A word that this version does not know is read as no choice at all, so that one row does not keep the others from being read; see <see cref="KnownWord.Check"/>.</summary>
internal sealed class KnownWord<TChoice>()
    : ValueConverter<TChoice, string>(choice => choice.ToString(), word => Read(word))
    where TChoice : struct, Enum
{
    private static TChoice Read(string word) =>
        Enum.TryParse(word, out TChoice choice) && !int.TryParse(word, out _)
            ? choice
            : (TChoice)Enum.ToObject(typeof(TChoice), KnownWord.Unknown);
}

/// <summary>Tells words that were understood from those that were not.</summary>
internal static class KnownWord
{
    /// <summary>No choice has this number.</summary>
    public const int Unknown = -1;

    /// <summary>Gives a choice that was read from a row.</summary>
    /// <exception cref="UnreadableRowException">The word in the row is not known.</exception>
    public static TChoice Check<TChoice>(TChoice choice, string table, object key)
        where TChoice : struct, Enum =>
        Convert.ToInt32(choice, provider: null) == Unknown
            ? throw new UnreadableRowException(table, $"{key}")
            : choice;
}
