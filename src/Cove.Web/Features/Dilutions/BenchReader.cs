namespace Cove.Web.Features.Dilutions;

/// <summary>Reads volumes and strengths, gathering what cannot be read.</summary>
/// <param name="unit">The unit of the volumes.</param>
internal sealed class BenchReader(VolumeUnit unit)
{
    private readonly List<ValidationError> errors = [];

    public IReadOnlyList<ValidationError> Errors => errors;

    public Volume? Volume(double? amount, string field)
    {
        if (amount is not { } value)
        {
            return null;
        }

        if (value * unit.InMillilitres() is >= 0 and <= Core.Catalogue.Amounts.Volume.MostMillilitres)
        {
            return Core.Catalogue.Amounts.Volume.From(value, unit);
        }

        errors.Add(new ValidationError(field, "Give a volume from 0 to 100 litres."));
        return null;
    }

    /// <summary>A strength that may be left out.</summary>
    public Strength? Strength(string? text, string field) =>
        string.IsNullOrWhiteSpace(text) ? null : NeededStrength(text, field);

    /// <summary>A strength that must be there.</summary>
    public Strength? NeededStrength(string text, string field)
    {
        Strength? read = Core.Catalogue.Amounts.Strength.Parse(text);
        if (read is null)
        {
            errors.Add(new ValidationError(field, Core.Catalogue.Amounts.Strength.HowToWrite));
        }

        return read;
    }
}
