using Cove.Core.Catalogue.Amounts;

namespace Cove.Core.Catalogue.Hazards;

/// <summary>Which hazards to health still hold when a product is thinned with water.</summary>
/// <remarks>The product is taken as one ingredient of the mixture. Limits by GHS, tables 3.2.3 and 3.3.3, from memory: they err to the side of care, since few products consist of one ingredient. Statements without such limits are kept at any strength.</remarks>
public static class ThinnedHazards
{
    private const double CorrosiveFrom = 0.05;
    private const double CorrosiveIrritatesFrom = 0.01;
    private const double EyeDamageFrom = 0.03;
    private const double EyeDamageIrritatesFrom = 0.01;
    private const double IrritatesFrom = 0.10;

    /// <summary>The codes that hold for the mixture.</summary>
    /// <param name="hazards">The codes on the label.</param>
    /// <param name="strength">The strength in use.</param>
    public static IReadOnlyList<string> At(IReadOnlyList<string> hazards, Strength strength) =>
        [
            .. hazards
                .Select(code => At(code, strength.Share))
                .OfType<string>()
                .Distinct(StringComparer.Ordinal),
        ];

    private static string? At(string code, double share) =>
        code switch
        {
            "H314" => share >= CorrosiveFrom ? code
            : share >= CorrosiveIrritatesFrom ? "H315"
            : null,
            "H318" => share >= EyeDamageFrom ? code
            : share >= EyeDamageIrritatesFrom ? "H319"
            : null,
            "H315" or "H319" => share >= IrritatesFrom ? code : null,
            _ => code,
        };
}
