using System.Text.RegularExpressions;

namespace Cove.Core.Catalogue.Labels;

/// <summary>Tells what the words round a word make of it: whether it is denied, or is not about the product itself.</summary>
internal static partial class LabelClause
{
    private const int Patience = 1000;
    private const RegexOptions Loosely =
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant | RegexOptions.ExplicitCapture;

    /// <summary>Whether the text denies a word: "no ammonia", "free of acids and chlorine", "solvent-free", "alcohol: none".</summary>
    /// <param name="text">The text.</param>
    /// <param name="start">Where the word begins.</param>
    /// <param name="length">How long it is.</param>
    public static bool Denies(string text, int start, int length)
    {
        string after = text[(start + length)..Math.Min(text.Length, start + length + 40)];
        if (DeniedAfter().IsMatch(after) || DeniedWithin().IsMatch(text.AsSpan(start, length)))
        {
            return true;
        }

        // From the left, the last word that says yes or no decides.
        Match? last = null;
        foreach (Match match in YesOrNo().Matches(text[ClauseStart(text, start)..start]))
        {
            last = match;
        }

        return last is not null && last.Groups["no"].Success;
    }

    /// <summary>Whether a word stands in a warning about other things, such as what the product must not be mixed with, or what it takes off.</summary>
    public static bool IsAboutOthers(string text, int start)
    {
        int from = ClauseStart(text, start);
        return AboutOthers().IsMatch(text[from..start]);
    }

    private static int ClauseStart(string text, int start)
    {
        int at = start - 1;
        while (at >= 0 && !EndsClause(text, at))
        {
            at--;
        }

        return at + 1;
    }

    /// <summary>A full stop between figures ends nothing; a line that goes on in small letters is the same clause.</summary>
    private static bool EndsClause(string text, int at) =>
        text[at] switch
        {
            ';' or '!' or '?' or '•' => true,
            '.' => at + 1 >= text.Length || !char.IsAsciiDigit(text[at + 1]),
            '\n' => at + 1 < text.Length && !char.IsLower(text[at + 1]) && !EndsOpen(text, at),
            _ => false,
        };

    private static bool EndsOpen(string text, int at)
    {
        string before = text[..at].TrimEnd();
        return before.EndsWith(',')
            || before.EndsWith(" or", StringComparison.OrdinalIgnoreCase)
            || before.EndsWith(" and", StringComparison.OrdinalIgnoreCase)
            || before.EndsWith(" no", StringComparison.OrdinalIgnoreCase)
            || before.EndsWith(" of", StringComparison.OrdinalIgnoreCase);
    }

    [GeneratedRegex(
        @"^[\s)]*(?:[-–]?\s*free\b(?!\s+chlorine)|:\s*(?:none|no|nil|0(?![\d.,]*[1-9])|not?\b|-)|\s*\(?\s*none\b|\s+(?:is\s+|are\s+)?(?:not|never|absent|none)\b)",
        Loosely,
        Patience
    )]
    private static partial Regex DeniedAfter();

    [GeneratedRegex(@"[\s-]free$|^unscented$", Loosely, Patience)]
    private static partial Regex DeniedWithin();

    [GeneratedRegex(
        @"(?<no>\b(?:no|not|non|without|w/o|free\s+(?:of|from)|neither|nor|never|zero|0\s*%|doesn't|don't|excludes?|lacks?|avoids?)\b)|(?<yes>(?<!\bnot\s)(?<!\bno\s)(?<!\bnever\s)(?<!\bdoesn't\s)\b(?:contains?|containing|with|based\s+on|but|plus|includes?|ingredients?)\b)",
        Loosely,
        Patience
    )]
    private static partial Regex YesOrNo();

    [GeneratedRegex(
        @"\b(?:mix(?:ed|ing)?|combin\w+|incompatib\w+|reacts?|together\s+with|avoid|contact\s+with|sensitive\s+to|resist\w*|instead\s+of|unlike|after\s+us\w+|remov\w+|dissolv\w+|takes?\s+off|lifts?|store\s+away\s+from|keep\s+away\s+from|smells?\s+(?:of|like))\b",
        Loosely,
        Patience
    )]
    private static partial Regex AboutOthers();
}
