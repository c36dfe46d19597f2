namespace Cove.Core.Finding;

/// <summary>Finds things by the words of their names, as somebody types who remembers half of one.</summary>
/// <remarks>Each word asked for must begin a word of the thing, whatever its case; the last one typed counts half-written. What lies in a name comes before what lies in the words beside it, and what comes early in the name before what comes late.</remarks>
public static class WordSearch
{
    /// <summary>Those that match, best first; as good ones in the order given. Nothing for no words.</summary>
    /// <param name="words">What is asked for.</param>
    /// <param name="all">What there is.</param>
    /// <param name="nameOf">What a thing is called.</param>
    /// <param name="besideOf">Other words by which it may be remembered.</param>
    public static IReadOnlyList<T> Find<T>(
        string words,
        IEnumerable<T> all,
        Func<T, string> nameOf,
        Func<T, string> besideOf
    )
    {
        string[] asked = WordsOf(words);
        return asked.Length == 0
            ? []
            :
            [
                .. all.Select(thing =>
                        (Thing: thing, Rank: RankOf(asked, WordsOf(nameOf(thing)), WordsOf(besideOf(thing))))
                    )
                    .Where(found => found.Rank is not null)
                    .OrderBy(found => found.Rank)
                    .Select(found => found.Thing),
            ];
    }

    /// <summary>The sum of where each word is found, lower for better; null when one is not.</summary>
    private static int? RankOf(string[] asked, string[] name, string[] beside)
    {
        const int beyondAnyName = 100;
        int sum = 0;
        foreach (string word in asked)
        {
            int inName = Array.FindIndex(name, known => known.StartsWith(word, StringComparison.Ordinal));
            if (inName >= 0)
            {
                sum += inName;
            }
            else if (Array.Exists(beside, known => known.StartsWith(word, StringComparison.Ordinal)))
            {
                sum += beyondAnyName;
            }
            else
            {
                return null;
            }
        }

        return sum;
    }

    /// <summary>The words of a text in lower case.</summary>
    private static string[] WordsOf(string text) =>
        string.Concat(
                text.Select(letter => char.IsLetterOrDigit(letter) ? char.ToLowerInvariant(letter) : ' ')
            )
            .Split(' ', StringSplitOptions.RemoveEmptyEntries);
}
