using System.Text;
using System.Text.RegularExpressions;
using Cove.Core.Catalogue.Hazards;

namespace Cove.Core.Catalogue.Labels;

/// <summary>Mends what a camera reads wrongly of a label: <c>H2Z6</c> for H226, <c>Arnmonia</c> for ammonia.</summary>
/// <remarks>Only codes that exist and words that verdicts depend on are mended, and only where every character that differs looks like the right one. So a text that was typed stays as it is.</remarks>
internal sealed partial class CameraReading
{
    private const int Patience = 1000;

    /// <summary>What verdicts depend on, and the words that turn its sense.</summary>
    private static readonly Dictionary<string, string> Known = new[]
    {
        "ammonia",
        "ammonium",
        "hydroxide",
        "alcohol",
        "ethanol",
        "isopropanol",
        "isopropyl",
        "chlorine",
        "hypochlorite",
        "bleach",
        "peroxide",
        "percarbonate",
        "acid",
        "acids",
        "acetic",
        "citric",
        "phosphoric",
        "sulphamic",
        "vinegar",
        "solvent",
        "solvents",
        "acetone",
        "naphtha",
        "limonene",
        "hydrocarbons",
        "silicone",
        "silicones",
        "abrasive",
        "abrasives",
        "aerosol",
        "propellant",
        "contains",
        "without",
        "dilute",
        "undiluted",
    }.ToDictionary(Shape, StringComparer.Ordinal);

    /// <summary>For each character of <see cref="Text"/>, where it begins in what was read; and one more for the end.</summary>
    private readonly List<int> origins = [];

    /// <summary>Mends a text.</summary>
    /// <param name="read">What the camera, or its owner, has read.</param>
    public CameraReading(string read)
    {
        var text = new StringBuilder();
        int from = 0;
        foreach (Match word in Words().Matches(read))
        {
            if (Mended(word.Value) is not { } mended)
            {
                continue;
            }

            Take(read[from..word.Index], from);
            Take(mended, word.Index, word.Length);
            from = word.Index + word.Length;
        }

        Take(read[from..], from);
        origins.Add(read.Length);
        Text = text.ToString();

        void Take(string part, int origin, int? length = null)
        {
            text.Append(part);
            origins.AddRange(
                Enumerable
                    .Range(0, part.Length)
                    .Select(at => origin + (length is { } whole ? Math.Min(at, whole - 1) : at))
            );
        }
    }

    /// <summary>The text with what was mended in it.</summary>
    public string Text { get; }

    /// <summary>A finding in the mended text, put where it stands in what was read.</summary>
    public LabelFinding InWhatWasRead(LabelFinding finding)
    {
        int start = origins[finding.Start];
        // The end of a word that became shorter is the beginning of what follows it.
        int end = origins[finding.Start + finding.Length];
        return finding with { Start = start, Length = Math.Max(1, end - start) };
    }

    /// <summary>What a word was meant to be; null where it stands as it is.</summary>
    private static string? Mended(string word)
    {
        if (Code().Match(word) is { Success: true } code)
        {
            string number = string.Concat(code.Groups["number"].Value.Select(Digit));
            string mended = $"{char.ToUpperInvariant(word[0])}{number}";
            return mended != word && HazardStatements.Find(mended) is not null ? mended : null;
        }

        return
            Known.TryGetValue(Shape(word), out string? known)
            && !word.Equals(known, StringComparison.OrdinalIgnoreCase)
            ? known
            : null;
    }

    private static char Digit(char read) =>
        char.ToUpperInvariant(read) switch
        {
            'O' or 'Q' or 'D' => '0',
            'I' or 'L' or '|' => '1',
            'Z' => '2',
            'S' => '5',
            'G' => '6',
            'B' => '8',
            var digit => digit,
        };

    /// <summary>A word with all that looks alike made the same.</summary>
    private static string Shape(string word) =>
        string.Concat(
            word.ToLowerInvariant()
                .Replace("rn", "m", StringComparison.Ordinal)
                .Replace("vv", "w", StringComparison.Ordinal)
                .Select(letter =>
                    letter switch
                    {
                        'l' or '1' or '|' => 'i',
                        '0' => 'o',
                        '5' => 's',
                        '8' => 'b',
                        '6' or '9' => 'g',
                        _ => letter,
                    }
                )
        );

    [GeneratedRegex(@"[A-Za-z0-9|]+", RegexOptions.CultureInvariant, Patience)]
    private static partial Regex Words();

    [GeneratedRegex(
        @"^[HhPp](?<number>(?=.*\d)[0-9OoQqDdIiLlZzSsGgBb|]{3})$",
        RegexOptions.CultureInvariant,
        Patience
    )]
    private static partial Regex Code();
}
