using System.Text.RegularExpressions;

namespace Cove.Core.Catalogue.Labels;

/// <summary>Finds what a label says a product is not for, and what it is only for.</summary>
/// <remarks>It follows a sentence from the words that forbid to its end, or to an exception. "Not on hot glass" speaks of heat, not of glass.</remarks>
internal static partial class GroundReading
{
    private const int Patience = 1000;
    private const RegexOptions Loosely =
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant | RegexOptions.ExplicitCapture;

    /// <summary>The words of each ground; what is named more closely stands before what is named in general.</summary>
    private static readonly (LabelGround Ground, Regex Words)[] Grounds =
    [
        (LabelGround.TintFilm, TintWords()),
        (LabelGround.ClearPlastic, ClearPlasticWords()),
        (LabelGround.UncoatedLeather, UncoatedWords()),
        (LabelGround.SyntheticLeather, SyntheticWords()),
        (LabelGround.Suede, SuedeWords()),
        (LabelGround.GlossTrim, GlossWords()),
        (LabelGround.Headliner, HeadlinerWords()),
        (LabelGround.Carpet, CarpetWords()),
        (LabelGround.Belts, BeltWords()),
        (LabelGround.Screens, ScreenWords()),
        (LabelGround.Glass, GlassWords()),
        (LabelGround.Plastic, PlasticWords()),
        (LabelGround.Leather, LeatherWords()),
        (LabelGround.Fabric, FabricWords()),
        (LabelGround.Rubber, RubberWords()),
        (LabelGround.Metal, MetalWords()),
        (LabelGround.Wood, WoodWords()),
    ];

    /// <summary>Finds them all, in the order of the text.</summary>
    public static IEnumerable<LabelFinding> In(string text)
    {
        foreach (Match match in Forbidding().Matches(text))
        {
            foreach (LabelFinding finding in Within(match, LabelSubject.KeepOff))
            {
                yield return finding;
            }
        }

        foreach (Match match in Restricting().Matches(text).Concat(ForOnly().Matches(text)))
        {
            foreach (LabelFinding finding in Within(match, LabelSubject.OnlyFor))
            {
                yield return finding;
            }
        }
    }

    private static IEnumerable<LabelFinding> Within(Match match, LabelSubject subject)
    {
        Group rest = match.Groups["rest"];
        string named = rest.Value;
        Match exception = Excepting().Match(named);
        named = exception.Success ? named[..exception.Index] : named;
        char[] left = named.ToCharArray();
        foreach ((LabelGround ground, Regex words) in Grounds)
        {
            foreach (Match word in words.Matches(new string(left)))
            {
                // What is named closely is not named in general as well.
                Array.Fill(left, ' ', word.Index, word.Length);
                if (!Heat().IsMatch(named[..word.Index]))
                {
                    yield return new LabelFinding(subject, rest.Index + word.Index, word.Length)
                    {
                        Ground = ground,
                    };
                }
            }
        }
    }

    [GeneratedRegex(
        @"\b(?:(?:do\s+not|don't|never|not\s+to\s+be|must\s+not\s+be|should\s+not\s+be)\s+(?:be\s+)?(?:use|apply|spray|put|wipe|treat|get|used|applied|sprayed)\b(?:\s+(?:it|this|this\s+product|directly))*\s*(?:on(?:to)?|over|near|in|to|for)?|not\s+(?:intended\s+|meant\s+)?for(?:\s+use)?(?:\s+(?:on|with))?|not\s+(?:suitable|recommended|safe)\s+(?:for|on|with)|unsuitable\s+(?:for|on)|avoid(?:\s+(?:use|using|contact|spraying))?(?:\s+(?:it|this))?(?:\s+(?:on|with|onto))?|keep\s+(?:it\s+)?(?:off|away\s+from))\b(?<rest>[^.;!\n]{0,200}(?:\n(?=[a-z ])[^.;!\n]{0,200})?)",
        Loosely,
        Patience
    )]
    private static partial Regex Forbidding();

    [GeneratedRegex(
        @"(?<!\bnot\s)\b(?:only\s+(?:be\s+used\s+)?(?:for|on)|(?:used?|suitable)\s+only\s+(?:on|for|with)|exclusively\s+(?:for|on))\b(?:\s+use\s+on)?(?<rest>[^.;!\n]{0,160})",
        Loosely,
        Patience
    )]
    private static partial Regex Restricting();

    [GeneratedRegex(@"\bfor\s+(?:use\s+on\s+)?(?<rest>[a-z ,&-]{3,80}?)\s+only\b", Loosely, Patience)]
    private static partial Regex ForOnly();

    [GeneratedRegex(@"\b(?:except|unless|other\s+than|apart\s+from|but)\b", Loosely, Patience)]
    private static partial Regex Excepting();

    [GeneratedRegex(@"\b(?:hot|warm|sun-?heated|heated)\s+(?:or\s+\w+\s+)?$", Loosely, Patience)]
    private static partial Regex Heat();

    [GeneratedRegex(
        @"\b(?:(?:tint(?:ed)?|tinting)(?:[\s-]+(?:film|windows?|glass|panes?))*|window[\s-]+films?|films?\s+on\s+(?:glass|windows?))\b",
        Loosely,
        Patience
    )]
    private static partial Regex TintWords();

    [GeneratedRegex(
        @"\b(?:acrylics?|polycarbonates?|plexi\w*|(?:clear|transparent)\s+plastics?|(?:instrument|cluster)[\s-]+(?:cluster|panel|lens)\w*(?:\s+lens\w*)?)\b",
        Loosely,
        Patience
    )]
    private static partial Regex ClearPlasticWords();

    [GeneratedRegex(
        @"\b(?:(?:uncoated|unfinished|untreated|unsealed|aniline|open[\s-]?pored?)\s+leathers?|aniline)\b",
        Loosely,
        Patience
    )]
    private static partial Regex UncoatedWords();

    [GeneratedRegex(
        @"\b(?:vinyls?|leatherette|(?:synthetic|artificial|imitation|faux)\s+leathers?)\b",
        Loosely,
        Patience
    )]
    private static partial Regex SyntheticWords();

    [GeneratedRegex(@"\b(?:(?:micro-?)?suedes?|nubuck|brushed\s+leathers?)\b", Loosely, Patience)]
    private static partial Regex SuedeWords();

    [GeneratedRegex(
        @"\b(?:(?:piano|gloss|high[\s-]gloss)[\s-]*(?:black|trim|surfaces?|lacquer)?|lacquer\w*|painted\s+(?:surfaces?|parts?|trim)|paintwork|varnish\w*)\b",
        Loosely,
        Patience
    )]
    private static partial Regex GlossWords();

    [GeneratedRegex(@"\b(?:head-?liners?|headlinings?|roof\s+linings?)\b", Loosely, Patience)]
    private static partial Regex HeadlinerWords();

    [GeneratedRegex(@"\b(?:carpets?|carpeting|rugs?)\b", Loosely, Patience)]
    private static partial Regex CarpetWords();

    [GeneratedRegex(@"\b(?:(?:seat|safety)[\s-]*)?belts?\b|\bharness(?:es)?\b", Loosely, Patience)]
    private static partial Regex BeltWords();

    [GeneratedRegex(@"\b(?:touch[\s-]*)?screens?\b|\b(?:displays?|monitors?)\b", Loosely, Patience)]
    private static partial Regex ScreenWords();

    [GeneratedRegex(@"\b(?:glass|windows?|windscreens?|mirrors?)\b", Loosely, Patience)]
    private static partial Regex GlassWords();

    [GeneratedRegex(@"\b(?:plastics?|dash(?:board)?s?)\b", Loosely, Patience)]
    private static partial Regex PlasticWords();

    [GeneratedRegex(@"\bleathers?\b", Loosely, Patience)]
    private static partial Regex LeatherWords();

    [GeneratedRegex(
        @"\b(?:fabrics?|textiles?|upholster(?:y|ies)|cloth\s+(?:seats?|upholstery))\b",
        Loosely,
        Patience
    )]
    private static partial Regex FabricWords();

    [GeneratedRegex(@"\brubbers?\b", Loosely, Patience)]
    private static partial Regex RubberWords();

    [GeneratedRegex(@"\b(?:metals?|alumini?um|chrome)\b", Loosely, Patience)]
    private static partial Regex MetalWords();

    [GeneratedRegex(@"\b(?:wood(?:en)?|veneers?)\b", Loosely, Patience)]
    private static partial Regex WoodWords();
}
