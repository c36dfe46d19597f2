using System.Globalization;
using System.Text.RegularExpressions;
using Cove.Core.Catalogue.Amounts;
using Cove.Core.Catalogue.Hazards;

namespace Cove.Core.Catalogue.Labels;

/// <summary>Reads the text of a label or a safety data sheet for what verdicts depend on.</summary>
/// <remarks>It reads words and numbers and understands nothing, so whatever it finds is shown in the text for the owner to confirm. It errs to silence: what stands in a warning against mixing, or is denied, is not taken for contents.</remarks>
public static partial class LabelReader
{
    /// <summary>The longest text, in characters.</summary>
    public const int LongestText = 20_000;

    /// <summary>No search may take longer than this on a text made to be slow.</summary>
    private const int Patience = 1000;

    /// <summary>What a flash point is judged by where the text gives no boiling point.</summary>
    private const double UsualBoilingPoint = 80;

    private const int LongestName = 60;

    /// <summary>Less than this is a dose, more than this no bottle that stands on a shelf.</summary>
    private const double LeastContainer = 75;
    private const double MostContainer = 25_000;

    private static readonly string[] ShareGroups = ["from", "upTo", "after", "afterTo"];

    private static readonly (LabelSubject Subject, Regex Words)[] Substances =
    [
        (LabelSubject.Ammonia, AmmoniaWords()),
        (LabelSubject.Chlorine, ChlorineWords()),
        (LabelSubject.Peroxide, PeroxideWords()),
        (LabelSubject.Acid, AcidWords()),
        (LabelSubject.Solvent, SolventWords()),
        (LabelSubject.Oil, OilWords()),
        (LabelSubject.Abrasive, AbrasiveWords()),
        (LabelSubject.Aerosol, AerosolWords()),
        (LabelSubject.Scent, ScentWords()),
    ];

    /// <summary>Reads a text.</summary>
    /// <param name="text">The text, up to <see cref="LongestText"/> characters; anything beyond is not read.</param>
    public static LabelReading Read(string text)
    {
        var camera = new CameraReading(text.Length > LongestText ? text[..LongestText] : text);
        string read = camera.Text;
        return new LabelReading([
            .. Codes(read)
                .Concat(Sentences(read))
                .Concat(Acidity(read))
                .Concat(FlashPoints(read))
                .Concat(Alcohols(read))
                .Concat(Contents(read))
                .Concat(Dilutions(read))
                .Concat(GroundReading.In(read))
                .Concat(Volumes(read))
                .Concat(UnreadWords.In(read))
                .Select(camera.InWhatWasRead)
                .OrderBy(finding => finding.Start)
                .ThenBy(finding => finding.Subject),
        ])
        {
            Name = NameIn(read),
        };
    }

    private static IEnumerable<LabelFinding> Codes(string text) =>
        CodePattern()
            .Matches(text)
            .Select(match =>
                (
                    match,
                    Code: $"{char.ToUpperInvariant(match.Groups["kind"].Value[0])}{match.Groups["number"].Value}"
                )
            )
            .Where(known => HazardStatements.Find(known.Code) is not null)
            .Select(known => new LabelFinding(LabelSubject.Statement, known.match.Index, known.match.Length)
            {
                Code = known.Code,
            });

    /// <summary>Statements that stand there in words, broken over lines as they may be.</summary>
    private static IEnumerable<LabelFinding> Sentences(string text) =>
        HazardStatements.All.SelectMany(statement =>
            Regex
                .Matches(
                    text,
                    string.Join(@"[\s,]+", Words(statement.Text).Select(Regex.Escape)),
                    RegexOptions.IgnoreCase | RegexOptions.CultureInvariant,
                    TimeSpan.FromMilliseconds(Patience)
                )
                // "Flammable liquid and vapour" is the end of "Highly flammable liquid and vapour".
                .Where(match => !IsPartOfAnother(text, match, statement.Code))
                .Select(match => new LabelFinding(LabelSubject.Statement, match.Index, match.Length)
                {
                    Code = statement.Code,
                })
        );

    private static bool IsPartOfAnother(string text, Match match, string code) =>
        code == "H226"
        && text[..match.Index].TrimEnd().EndsWith("highly", StringComparison.OrdinalIgnoreCase);

    private static string[] Words(string sentence) =>
        sentence
            .TrimEnd('.')
            .Split([' ', ','], StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries);

    private static IEnumerable<LabelFinding> Acidity(string text)
    {
        foreach (Match match in PhPattern().Matches(text))
        {
            double first = Number(match.Groups["first"].Value);
            double last = match.Groups["last"].Success ? Number(match.Groups["last"].Value) : first;
            double furthest = Math.Abs(first - 7) >= Math.Abs(last - 7) ? first : last;
            if (furthest is >= 0 and <= 14)
            {
                yield return new LabelFinding(LabelSubject.Ph, match.Index, match.Length)
                {
                    Number = furthest,
                };
            }
        }

        foreach (Match match in NeutralPattern().Matches(text))
        {
            yield return new LabelFinding(LabelSubject.Ph, match.Index, match.Length) { Number = 7 };
        }
    }

    private static IEnumerable<LabelFinding> FlashPoints(string text)
    {
        foreach (Match match in FlashPointPattern().Matches(text))
        {
            double given = Number(match.Groups["at"].Value.Replace('−', '-'));
            double celsius = match.Groups["unit"].Value.Equals("F", StringComparison.OrdinalIgnoreCase)
                ? (given - 32) / 1.8
                : given;
            bool above = match.Groups["than"].Value is ">" or "≥";
            string? code =
                LiquidFlammability.CategoryOf(celsius, UsualBoilingPoint) is { } category
                && !(above && celsius >= 60)
                    ? LiquidFlammability.StatementOf(category)
                    : null;
            yield return new LabelFinding(LabelSubject.FlashPoint, match.Index, match.Length)
            {
                Number = Math.Round(celsius, 1),
                Code = code,
            };
        }
    }

    private static IEnumerable<LabelFinding> Alcohols(string text)
    {
        foreach (Match match in AlcoholPattern().Matches(text))
        {
            double[] shares =
            [
                .. ShareGroups
                    .Select(group => match.Groups[group])
                    .Where(group => group.Success)
                    .Select(group => Number(group.Value))
                    .Where(share => share is > 0 and <= 100),
            ];
            yield return new LabelFinding(LabelSubject.Alcohol, match.Index, match.Length)
            {
                Number = shares.Length > 0 ? shares.Max() : null,
                Denied = LabelClause.Denies(text, match.Index, match.Length),
            };
        }
    }

    private static IEnumerable<LabelFinding> Contents(string text) =>
        from substance in Substances
        from match in substance.Words.Matches(text)
        let denied = LabelClause.Denies(text, match.Index, match.Length)
        where denied || !LabelClause.IsAboutOthers(text, match.Index)
        select new LabelFinding(substance.Subject, match.Index, match.Length) { Denied = denied };

    private static IEnumerable<LabelFinding> Dilutions(string text)
    {
        foreach (Match match in PartsPattern().Matches(text))
        {
            double water = Number(match.Groups["water"].Value);
            if (water is > 0 and <= Strength.MostWater)
            {
                yield return Thinned(match, Strength.FromWaterParts(water));
            }
        }

        foreach (Match match in PerLitrePattern().Matches(text))
        {
            double millilitres = Number(match.Groups["amount"].Value);
            if (millilitres is > 0 and < 1000)
            {
                yield return Thinned(match, Strength.FromWaterParts(1000 / millilitres));
            }
        }

        foreach (Match match in SolutionPattern().Matches(text))
        {
            double percent = Number(match.Groups["amount"].Value);
            if (percent is > 0.01 and <= 100)
            {
                yield return Thinned(match, Strength.FromPercent(percent));
            }
        }

        foreach (Match match in NeatPattern().Matches(text))
        {
            yield return Thinned(match, Strength.Neat);
        }
    }

    /// <summary>How much the container holds; what is taken for a mixture is no such thing.</summary>
    private static IEnumerable<LabelFinding> Volumes(string text)
    {
        foreach (Match match in VolumePattern().Matches(text))
        {
            double millilitres =
                Number(match.Groups["amount"].Value)
                * match.Groups["unit"].Value.ToUpperInvariant()[0] switch
                {
                    'M' => 1,
                    'C' => 10,
                    'F' => VolumeUnit.UsFluidOunce.InMillilitres(),
                    _ => 1000,
                };
            if (millilitres is >= LeastContainer and <= MostContainer)
            {
                yield return new LabelFinding(LabelSubject.Volume, match.Index, match.Length)
                {
                    Number = Math.Round(millilitres),
                };
            }
        }
    }

    /// <summary>The first line that is short, has letters, ends no sentence and begins no section.</summary>
    private static string? NameIn(string text) =>
        text.Split('\n', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries)
            .Take(3)
            .FirstOrDefault(line =>
                line.Length is >= 3 and <= LongestName
                && line.Any(char.IsLetter)
                && line[^1] is not ('.' or '!' or ':' or ',')
                && !SectionPattern().IsMatch(line)
                && PlainText.IsName(line, LongestName)
            );

    private static LabelFinding Thinned(Match match, Strength strength) =>
        new(LabelSubject.Dilution, match.Index, match.Length) { Strength = strength };

    private static double Number(string text) =>
        double.TryParse(
            text.Replace(',', '.'),
            NumberStyles.Float,
            CultureInfo.InvariantCulture,
            out double value
        )
            ? value
            : double.NaN;

    private const RegexOptions Loosely =
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant | RegexOptions.ExplicitCapture;

    [GeneratedRegex(@"(?<![A-Za-z0-9])(?<kind>[HP])\s?[-.]?\s?(?<number>\d{3})(?!\d)", Loosely, Patience)]
    private static partial Regex CodePattern();

    [GeneratedRegex(
        @"\bp\.?h(?![a-z])(?:[\s-]*(?:value|wert|level))?[\s:=]*(?:\([^)]{0,40}\))?[\s:=]*(?:approx(?:imately|\.)?|ca\.?|about|around|of|is|~|≈)?[\s:=]*(?<first>\d{1,2}(?:[.,]\d{1,2})?)(?:\s*(?:-|–|to)\s*(?<last>\d{1,2}(?:[.,]\d{1,2})?))?(?![\d%])",
        Loosely,
        Patience
    )]
    private static partial Regex PhPattern();

    [GeneratedRegex(@"\bph[\s-]*neutral\b|\bneutral\s+ph\b", Loosely, Patience)]
    private static partial Regex NeutralPattern();

    [GeneratedRegex(
        @"\bflash[\s-]*point[^\d\n<>≥−-]{0,40}?\s*(?<than>[<>≥]?)\s*(?<at>[-−]?\d{1,3}(?:[.,]\d+)?)\s*°?\s*(?<unit>[CF])\b",
        Loosely,
        Patience
    )]
    private static partial Regex FlashPointPattern();

    [GeneratedRegex(
        @"(?:(?<from>\d{1,3}(?:[.,]\d+)?)\s*(?:-|–|to)?\s*(?<upTo>\d{1,3}(?:[.,]\d+)?)?\s*%\s*)?\b(?:iso-?propyl\s*alcohol|isopropanol|propan-?2-?ol|2-propanol|ethanol|ethyl\s*alcohol|denatured\s+alcohol|alcohols?)\b(?![\s-]*(?:free|ethoxylate|ether))(?:[^\d.;\n]{0,24}?(?<after>\d{1,3}(?:[.,]\d+)?)\s*(?:-|–|to)?\s*(?:<\s*)?(?<afterTo>\d{1,3}(?:[.,]\d+)?)?\s*%)?|\balcohol[\s-]*free\b",
        Loosely,
        Patience
    )]
    private static partial Regex AlcoholPattern();

    [GeneratedRegex(@"\bammonia\b|\bammonium\s+hydroxide\b|\bNH3\b|\b1336-21-6\b", Loosely, Patience)]
    private static partial Regex AmmoniaWords();

    [GeneratedRegex(
        @"\b(?:sodium\s+|calcium\s+)?hypochlorite\b|\bchlorine\b|(?<!oxygen[\s-]{1,3}|based\s)\bbleach\b|\b7681-52-9\b",
        Loosely,
        Patience
    )]
    private static partial Regex ChlorineWords();

    [GeneratedRegex(
        @"\b(?:hydrogen\s+)?peroxide\b|\bpercarbonate\b|\boxygen[\s-]+bleach\b|\boxygen[\s-]*based\s+bleach\w*",
        Loosely,
        Patience
    )]
    private static partial Regex PeroxideWords();

    [GeneratedRegex(
        @"\b(?:acetic|citric|phosphoric|sulph?amic|sulf?amic|lactic|hydrochloric|oxalic|formic|nitric|glycolic)\s+acid\b|\bvinegar\b|\bacids?\b(?=\s*[-:]?\s*(?:free|none))|(?<!fatty\s|amino\s|hyaluronic\s)\bacids\b",
        Loosely,
        Patience
    )]
    private static partial Regex AcidWords();

    [GeneratedRegex(
        @"\bwhite\s+spirit\b|\bnaphtha\b|\bpetroleum\s+distillates?\b|\b(?:aliphatic|aromatic)?\s*hydrocarbons\b|\bacetone\b|\bxylene\b|\btoluene\b|\b2?-?butoxyethanol\b|\bbutyl\s*glycol\b|\bglycol\s+ethers?\b|\bd?-?limonene\b|\borange\s+terpenes?\b|\bsolvents?\b",
        Loosely,
        Patience
    )]
    private static partial Regex SolventWords();

    [GeneratedRegex(
        @"\bsilicones?\b|\bpolydimethylsiloxane\b|\bdimethicone\b|\bcarnauba\b|\bmineral\s+oil\b|\bparaffin\s+oil\b",
        Loosely,
        Patience
    )]
    private static partial Regex OilWords();

    [GeneratedRegex(@"\babrasives?\b|\bscouring\s+agents?\b|\bpumice\b|\balumina\b", Loosely, Patience)]
    private static partial Regex AbrasiveWords();

    [GeneratedRegex(@"\baerosol\b|\bpressuri[sz]ed\s+container\b|\bpropellants?\b", Loosely, Patience)]
    private static partial Regex AerosolWords();

    [GeneratedRegex(
        @"(?<!\b(?:per|in|into|to|of|with|every|each)\s{1,3})(?<![\d.,:])(?<amount>\d{1,5}(?:[.,]\d{1,3})?)\s*(?<unit>ml|cl|fl\.?\s*oz|lit(?:re|er)s?|l)\b(?!\s*(?:per|to|in|into|on|of|/|a)\b)(?!\s*/)",
        Loosely,
        Patience
    )]
    private static partial Regex VolumePattern();

    [GeneratedRegex(
        @"^(?:ingredients?|contains?|composition|warning|danger|caution|directions?|instructions?|how\s+to|use\b|do\s+not|keep|store|net|made|avoid|for\b|shake|ph\b|[HP]\d|section|safety|\d)",
        Loosely,
        Patience
    )]
    private static partial Regex SectionPattern();

    [GeneratedRegex(@"\b(?:fragrances?|parfum|perfumes?|scent(?:ed)?|unscented)\b", Loosely, Patience)]
    private static partial Regex ScentWords();

    [GeneratedRegex(
        @"(?<![\d:.,])1\s*:\s*(?<water>\d{1,4})(?![\d:])|\b1\s+part\b[^.;\n]{0,40}?\b(?<water>\d{1,4})\s+parts?\b",
        Loosely,
        Patience
    )]
    private static partial Regex PartsPattern();

    [GeneratedRegex(
        @"\b(?<amount>\d{1,3}(?:[.,]\d+)?)\s*ml\s*(?:per|to|in|into|on|/|a)\s*(?:1\s*)?(?:l|lit(?:re|er))\b",
        Loosely,
        Patience
    )]
    private static partial Regex PerLitrePattern();

    [GeneratedRegex(
        @"\b(?<amount>\d{1,2}(?:[.,]\d+)?)\s*%\s*(?:solution|dilution|in\s+water|strength)\b",
        Loosely,
        Patience
    )]
    private static partial Regex SolutionPattern();

    [GeneratedRegex(
        @"\bready[\s-]+(?:to|for)[\s-]+use\b|\b(?:do\s+not|don't|never)\s+dilute\b|\bundiluted\b|\buse\s+neat\b",
        Loosely,
        Patience
    )]
    private static partial Regex NeatPattern();
}
