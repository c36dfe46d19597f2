using System.Text.RegularExpressions;
using Cove.Core.Catalogue.Hazards;

namespace Cove.Core.Catalogue.Labels;

/// <summary>Finds what a camera left unreadable where verdicts depend on it: a code with a character that is no figure, a word that is nearly that of a substance.</summary>
/// <remarks>What <see cref="CameraReading"/> could mend is not among it. Silence would be taken for absence, so the owner is asked to look.</remarks>
internal static partial class UnreadWords
{
    private const int Patience = 1000;

    /// <summary>By how many characters a word may differ from the word that it may be.</summary>
    private const int Near = 2;

    private static readonly (string Word, LabelSubject Subject)[] Substances =
    [
        ("ammonia", LabelSubject.Ammonia),
        ("ammonium", LabelSubject.Ammonia),
        ("chlorine", LabelSubject.Chlorine),
        ("hypochlorite", LabelSubject.Chlorine),
        ("peroxide", LabelSubject.Peroxide),
        ("alcohol", LabelSubject.Alcohol),
        ("isopropanol", LabelSubject.Alcohol),
        ("solvents", LabelSubject.Solvent),
        ("silicone", LabelSubject.Oil),
        ("abrasive", LabelSubject.Abrasive),
    ];

    /// <summary>Finds them.</summary>
    /// <param name="text">The text as it was mended.</param>
    public static IEnumerable<LabelFinding> In(string text)
    {
        foreach (Match token in Tokens().Matches(text))
        {
            string word = token.Value;
            if (BrokenCode().IsMatch(word) && HazardStatements.Find(word.ToUpperInvariant()) is null)
            {
                yield return Unread(token, LabelSubject.Statement);
            }
            else if (
                word.Length >= 6
                && !LabelClause.Denies(text, token.Index, token.Length)
                && Substances.FirstOrDefault(known => MayBe(word, known.Word)) is { Word: not null } substance
            )
            {
                yield return Unread(token, substance.Subject);
            }
        }
    }

    private static LabelFinding Unread(Match token, LabelSubject subject) =>
        new(LabelSubject.Unread, token.Index, token.Length) { MayBe = subject };

    /// <summary>Whether a word is broken and may have been another: it holds a character that no word has and is that word but for that; or it is one letter from a word that no other word is so near to, as chloride is to chlorine.</summary>
    private static bool MayBe(string word, string known)
    {
        string read = word.ToLowerInvariant();
        return Math.Abs(read.Length - known.Length) <= Near
            && !read.Contains(known, StringComparison.Ordinal)
            && (
                Broken().IsMatch(read)
                    ? Distance(read, known) <= Near
                    : known[0] == 'a' && Distance(read, known) == 1
            )
            && !IsAnotherForm(read, known);
    }

    /// <summary>A plural, or the word without its plural, is read well.</summary>
    private static bool IsAnotherForm(string read, string known) =>
        known.StartsWith(read, StringComparison.Ordinal)
        || read.StartsWith(known[..^1], StringComparison.Ordinal);

    /// <summary>Characters put in, left out or changed to make one word of another (Levenshtein's distance).</summary>
    private static int Distance(string one, string other)
    {
        int[] row = [.. Enumerable.Range(0, other.Length + 1)];
        for (int i = 1; i <= one.Length; i++)
        {
            int diagonal = row[0];
            row[0] = i;
            for (int j = 1; j <= other.Length; j++)
            {
                int change = diagonal + (one[i - 1] == other[j - 1] ? 0 : 1);
                diagonal = row[j];
                row[j] = Math.Min(change, Math.Min(row[j], row[j - 1]) + 1);
            }
        }

        return row[^1];
    }

    [GeneratedRegex(@"[A-Za-z0-9?*_#|~]+", RegexOptions.CultureInvariant, Patience)]
    private static partial Regex Tokens();

    [GeneratedRegex(
        @"^[HP](?=.*\d)(?=.*[^\d])[0-9OQDILZSGB?*_#|~]{3}$",
        RegexOptions.CultureInvariant | RegexOptions.IgnoreCase,
        Patience
    )]
    private static partial Regex BrokenCode();

    [GeneratedRegex(@"[0-9?*_#|~]", RegexOptions.CultureInvariant, Patience)]
    private static partial Regex Broken();
}
