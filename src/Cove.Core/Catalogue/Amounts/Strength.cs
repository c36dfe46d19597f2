using System.Globalization;
using System.Text.RegularExpressions;

namespace Cove.Core.Catalogue.Amounts;

/// <summary>How much of a mixture is product: its share of the total volume, above 0 and up to 1.</summary>
/// <remarks>In this trade "8:1" and "1:8" both mean eight parts of water to one of product, and a percentage is by total volume. A strength is always one of these read unmistakably; to show it, use <see cref="InWords"/>.</remarks>
public readonly partial record struct Strength : IComparable<Strength>
{
    /// <summary>The most water to one part of product that can be said.</summary>
    public const double MostWater = 10_000;

    /// <summary>The least share that counts as a strength. A hair below one part in <see cref="MostWater"/>, so that what was computed for exactly that much is one.</summary>
    public const double LeastShare = (1 - 1e-9) / (MostWater + 1);

    /// <summary>Tells an owner how a strength is written.</summary>
    public const string HowToWrite =
        "Write the strength as parts such as 1:8, as a percentage such as 2 %, or as neat.";

    /// <summary>0 stands for neat, so that the default value is a strength.</summary>
    private readonly double stored;

    private Strength(double share) => stored = share < 1 ? share : 0;

    /// <summary>As it is sold, without water.</summary>
    public static Strength Neat => default;

    /// <summary>The product's share of the total volume, above 0 and up to 1.</summary>
    public double Share => stored == 0 ? 1 : stored;

    /// <summary>The product's share of the total volume in percent.</summary>
    public double Percent => Share * 100;

    /// <summary>Parts of water to one part of product; 0 when neat.</summary>
    public double WaterParts => IsNeat ? 0 : (1 - stored) / stored;

    /// <summary>Whether no water is added.</summary>
    public bool IsNeat => stored == 0;

    /// <summary>Makes a strength from a share of the total.</summary>
    /// <param name="share">Above 0 and up to 1; at least one part in <see cref="MostWater"/> of water.</param>
    /// <exception cref="ArgumentOutOfRangeException">The share is out of range or not a number.</exception>
    public static Strength FromShare(double share) =>
        share is >= LeastShare and <= 1
            ? new Strength(share)
            : throw new ArgumentOutOfRangeException(
                nameof(share),
                share,
                "A strength lies between 0.01 % and 100 %."
            );

    /// <summary>Makes a strength from a percentage of the total.</summary>
    /// <param name="percent">Above 0 and up to 100.</param>
    /// <exception cref="ArgumentOutOfRangeException">The percentage is out of range or not a number.</exception>
    public static Strength FromPercent(double percent) => FromShare(percent / 100);

    /// <summary>Makes a strength from parts of water to one part of product.</summary>
    /// <param name="water">From 0 (neat) to <see cref="MostWater"/>.</param>
    /// <exception cref="ArgumentOutOfRangeException">The number is out of range or not a number.</exception>
    public static Strength FromWaterParts(double water) => FromShare(1 / (1 + water));

    /// <summary>Reads a strength as an owner may write it: <c>1:8</c>, <c>8:1</c>, <c>1+8</c>, <c>2 %</c>, <c>2%</c>, <c>neat</c>.</summary>
    /// <param name="text">What was written.</param>
    /// <returns>The strength; null when it cannot be read as one.</returns>
    /// <remarks>The larger number of a pair is always the water. A pair of two numbers of which neither is 1, such as <c>2:7</c>, is read the same way.</remarks>
    public static Strength? Parse(string text)
    {
        string plain = text.Trim();
        if (NeatWords().IsMatch(plain))
        {
            return Neat;
        }

        if (Percentage().Match(plain) is { Success: true } percent)
        {
            return Number(percent, "value") is { } value && value / 100 >= LeastShare && value <= 100
                ? FromPercent(value)
                : null;
        }

        if (Pair().Match(plain) is not { Success: true } pair)
        {
            return null;
        }

        double? first = Number(pair, "first");
        double? second = Number(pair, "second");
        if (first is not { } left || second is not { } right || Math.Max(left, right) <= 0)
        {
            return null;
        }

        double product = Math.Min(left, right);
        double water = Math.Max(left, right);
        return product == 0 || water / product > MostWater ? null : FromShare(product / (product + water));
    }

    /// <summary>The strength in both notations: parts in words and percent.</summary>
    public string InWords() =>
        IsNeat ? "Neat, no water" : $"1 part product to {Round(WaterParts)} parts water ({Round(Percent)} %)";

    /// <summary>The strength in short: <c>neat</c>, <c>1:8</c> with the water last, or in percent where there is more product than water, since the larger number of a pair is read as water.</summary>
    public override string ToString() =>
        IsNeat ? "neat"
        : WaterParts < 1 ? $"{Round(Percent)} %"
        : $"1:{Round(WaterParts)}";

    /// <inheritdoc/>
    public int CompareTo(Strength other) => Share.CompareTo(other.Share);

    /// <summary>Whether the left strength is weaker than the right one.</summary>
    public static bool operator <(Strength left, Strength right) => left.Share < right.Share;

    /// <summary>Whether the left strength is stronger than the right one.</summary>
    public static bool operator >(Strength left, Strength right) => left.Share > right.Share;

    /// <summary>Whether the left strength is at most the right one.</summary>
    public static bool operator <=(Strength left, Strength right) => left.Share <= right.Share;

    /// <summary>Whether the left strength is at least the right one.</summary>
    public static bool operator >=(Strength left, Strength right) => left.Share >= right.Share;

    /// <summary>Three figures tell every strength in use apart.</summary>
    private static string Round(double value)
    {
        int digits =
            value >= 100 ? 0
            : value >= 10 ? 1
            : 2;
        return Math.Round(value, digits).ToString(CultureInfo.InvariantCulture);
    }

    private static double? Number(Match match, string group) =>
        double.TryParse(
            match.Groups[group].Value.Replace(',', '.'),
            NumberStyles.AllowDecimalPoint,
            CultureInfo.InvariantCulture,
            out double value
        )
            ? value
            : null;

    [GeneratedRegex(
        "^(neat|ready to use|rtu|undiluted)\\z",
        RegexOptions.ExplicitCapture | RegexOptions.IgnoreCase,
        1000
    )]
    private static partial Regex NeatWords();

    [GeneratedRegex("^(?<value>[0-9]{1,3}([.,][0-9]{1,4})?)\\s*%\\z", RegexOptions.ExplicitCapture, 1000)]
    private static partial Regex Percentage();

    [GeneratedRegex(
        "^(?<first>[0-9]{1,5}([.,][0-9]{1,3})?)\\s*[:+/]\\s*(?<second>[0-9]{1,5}([.,][0-9]{1,3})?)\\z",
        RegexOptions.ExplicitCapture,
        1000
    )]
    private static partial Regex Pair();
}
