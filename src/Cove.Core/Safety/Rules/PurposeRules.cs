using Cove.Core.Catalogue.Products;
using Cove.Core.Vehicles.Surfaces;
using static Cove.Core.Safety.Verdict;

namespace Cove.Core.Safety.Rules;

/// <summary>Products used on what they are not sold for.</summary>
internal static class PurposeRules
{
    /// <summary>A bottle that is mixed by eye is right to about a tenth, and "10 %" and "1:10" are said of the same mixture. Cove's own choice.</summary>
    private const double AsMeasured = 1.11;

    public static IReadOnlyList<SafetyRule> All { get; } =
    [
        new(
            "purpose.air-wipe",
            KeepOff,
            Harm.Result,
            Source.Practice,
            c => c.On(SurfaceKind.Air) && c.Is(ProductClass.Water, ProductClass.SoapWater),
            "There is nothing to wipe in the air."
        )
        {
            Change = "Open the doors, look for what smells, and clean that.",
        },
        new(
            "purpose.air",
            KeepOff,
            Harm.Person,
            Source.Practice,
            c =>
                c.On(SurfaceKind.Air)
                && c.Product is not null
                && !c.Is(ProductClass.Scent, ProductClass.Water, ProductClass.SoapWater),
            "Nothing but scent belongs in the air you breathe."
        ),
        new(
            "purpose.scent",
            KeepOff,
            Harm.Surface,
            Source.Memory,
            c => c.Is(ProductClass.Scent) && !c.On(SurfaceKind.Air),
            "Scent oil softens plastics and stains cloth."
        )
        {
            Change = "On a pad under the seat, or on a clip at a vent.",
        },
        new(
            "purpose.over-label",
            TestFirst,
            Harm.Surface,
            Source.Label,
            c =>
                c.Context.StrongestOnLabel is { } strongest
                && c.Strength.Share > strongest.Share * AsMeasured,
            "It is stronger than the strongest use on its label: that strips, and what stays soils faster."
        )
        {
            Change = "Thin it to what the label says.",
        },
        new(
            "purpose.other",
            TestFirst,
            Harm.Surface,
            Source.Label,
            c => !Purposes.Suits(c),
            "It is not sold for this material."
        )
        {
            Change = "See what the label names, or take a product made for it.",
        },
    ];
}
