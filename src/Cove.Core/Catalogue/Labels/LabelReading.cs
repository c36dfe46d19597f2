using Cove.Core.Catalogue.Amounts;

namespace Cove.Core.Catalogue.Labels;

/// <summary>What a text says of a product, for the owner to confirm. See <see cref="LabelReader"/>.</summary>
/// <param name="Found">What was found, in the order of the text.</param>
public sealed record LabelReading(IReadOnlyList<LabelFinding> Found)
{
    /// <summary>What was looked for and is not mentioned at all.</summary>
    public IReadOnlyList<LabelSubject> NotFound =>
        [
            .. Enum.GetValues<LabelSubject>()
                .Where(subject => subject != LabelSubject.Unread)
                .Where(subject =>
                    Found.All(finding => finding.Subject != subject && finding.MayBe != subject)
                ),
        ];

    /// <summary>Codes of the statements the text gives, each once.</summary>
    public IReadOnlyList<string> Hazards =>
        [
            .. Found
                .Where(finding => !finding.Denied)
                .Select(finding => finding.Code)
                .OfType<string>()
                .Distinct(StringComparer.Ordinal),
        ];

    /// <summary>The acidity it gives; of several the one furthest from neutral. Null when it gives none.</summary>
    public double? Ph =>
        Numbers(LabelSubject.Ph)
            .OrderByDescending(ph => Math.Abs(ph - 7))
            .Select(ph => (double?)ph)
            .FirstOrDefault();

    /// <summary>The flash point it gives, in °C; of several the lowest. Null when it gives none.</summary>
    public double? FlashPointCelsius =>
        Numbers(LabelSubject.FlashPoint).Select(point => (double?)point).Min();

    /// <summary>Alcohol in percent; of several the most. Null when it gives no number.</summary>
    public double? AlcoholPercent => Numbers(LabelSubject.Alcohol).Select(share => (double?)share).Max();

    /// <summary>The weakest strength in use it names; null when it names none.</summary>
    public Strength? Weakest => Strengths.Select(strength => (Strength?)strength).Min();

    /// <summary>The strongest strength in use it names; null when it names none.</summary>
    public Strength? Strongest => Strengths.Select(strength => (Strength?)strength).Max();

    /// <summary>Whether it says that something is contained: true, also where it is possible because the line could not be read; false where it denies it, null where it says nothing.</summary>
    public bool? Contains(LabelSubject subject) =>
        Found.Any(finding => finding.Subject == subject && !finding.Denied)
        || Unread.Any(finding => finding.MayBe == subject)
            ? true
        : Found.Any(finding => finding.Subject == subject) ? false
        : null;

    /// <summary>What could not be read and has to be looked at; see <see cref="LabelFinding.MayBe"/>.</summary>
    public IEnumerable<LabelFinding> Unread => Found.Where(finding => finding.Subject == LabelSubject.Unread);

    /// <summary>Where it says that the product may be used, and where not.</summary>
    public LabelLimits Limits => new(GroundsOf(LabelSubject.KeepOff), GroundsOf(LabelSubject.OnlyFor));

    /// <summary>How much it says that the container holds, in millilitres; of several the most. Null when it says nothing.</summary>
    public double? Millilitres => Numbers(LabelSubject.Volume).Select(volume => (double?)volume).Max();

    /// <summary>What the product seems to be called: the first line that reads like a name; null when none does.</summary>
    public string? Name { get; init; }

    private IReadOnlyList<LabelGround> GroundsOf(LabelSubject subject) =>
        [
            .. Found
                .Where(finding => finding.Subject == subject)
                .Select(finding => finding.Ground)
                .OfType<LabelGround>()
                .Distinct()
                .Order(),
        ];

    private IEnumerable<Strength> Strengths =>
        Found.Where(finding => !finding.Denied).Select(finding => finding.Strength).OfType<Strength>();

    private IEnumerable<double> Numbers(LabelSubject subject) =>
        Found
            .Where(finding => finding.Subject == subject && !finding.Denied)
            .Select(finding => finding.Number)
            .OfType<double>();
}

/// <summary>Something that a text says, and where.</summary>
/// <param name="Subject">What it is about.</param>
/// <param name="Start">Where the words begin, in characters from 0.</param>
/// <param name="Length">How many characters they are; 1 or more.</param>
public sealed record LabelFinding(LabelSubject Subject, int Start, int Length)
{
    /// <summary>Whether the text denies it: "contains no ammonia".</summary>
    public bool Denied { get; init; }

    /// <summary>The number it gives: pH, °C, percent or millilitres; null for none.</summary>
    public double? Number { get; init; }

    /// <summary>The code of the statement; null for other subjects.</summary>
    public string? Code { get; init; }

    /// <summary>The strength in use; null for other subjects.</summary>
    public Strength? Strength { get; init; }

    /// <summary>What the product is not, or only, for; null for other subjects.</summary>
    public LabelGround? Ground { get; init; }

    /// <summary>What the words may have been about that could not be read; null for other subjects.</summary>
    public LabelSubject? MayBe { get; init; }
}

/// <summary>What a label or a safety data sheet is read for.</summary>
public enum LabelSubject
{
    /// <summary>Hazard and precautionary statements.</summary>
    Statement,

    /// <summary>Acidity.</summary>
    Ph,

    /// <summary>Flash point.</summary>
    FlashPoint,

    /// <summary>Alcohol.</summary>
    Alcohol,

    /// <summary>Ammonia.</summary>
    Ammonia,

    /// <summary>Chlorine bleach.</summary>
    Chlorine,

    /// <summary>Peroxide and other oxygen bleach.</summary>
    Peroxide,

    /// <summary>Acids.</summary>
    Acid,

    /// <summary>Solvents other than alcohol.</summary>
    Solvent,

    /// <summary>Silicone, wax or mineral oil that stays behind.</summary>
    Oil,

    /// <summary>A polish or scouring agent.</summary>
    Abrasive,

    /// <summary>A can under pressure.</summary>
    Aerosol,

    /// <summary>How it is thinned.</summary>
    Dilution,

    /// <summary>What it must not be used on.</summary>
    KeepOff,

    /// <summary>The only things it is for.</summary>
    OnlyFor,

    /// <summary>How much the container holds.</summary>
    Volume,

    /// <summary>Scent.</summary>
    Scent,

    /// <summary>Words that verdicts may depend on and that could not be read.</summary>
    Unread,
}
