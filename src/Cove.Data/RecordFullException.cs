namespace Cove.Data;

/// <summary>A record has as many entries as a vehicle file can hold; one more could not be taken along. The message tells the owner what to do.</summary>
/// <param name="sentence">The sentence.</param>
public sealed class RecordFullException(string sentence) : Exception(sentence)
{
    /// <summary>Makes sure that there is room for one more.</summary>
    /// <param name="have">How many there are.</param>
    /// <param name="most">How many there may be.</param>
    /// <param name="what">What they are, such as "entries in the log".</param>
    internal static void ThrowIfFull(int have, int most, string what)
    {
        if (have >= most)
        {
            throw new RecordFullException(
                $"This car has {most} {what}, as many as Cove keeps. Export it, then go on with a new car of that name."
            );
        }
    }
}
