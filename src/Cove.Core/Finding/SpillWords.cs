using Cove.Core.Upkeep;

namespace Cove.Core.Finding;

/// <summary>What people call a spill when they look for first aid.</summary>
internal static class SpillWords
{
    /// <summary>Everyday words for one kind of spot, apart from its name; may be empty.</summary>
    public static string Of(SpotKind kind) =>
        kind switch
        {
            SpotKind.Spill => "coffee tea wine beer soup drink",
            SpotKind.SugaryDrink => "cola lemonade juice honey jam sticky",
            SpotKind.MilkOrFood => "yoghurt ice cream egg baby formula sauce",
            SpotKind.GreaseOrCream => "oil butter chocolate sunscreen lotion make-up",
            SpotKind.WaxOrGum => "candle bubblegum",
            SpotKind.InkOrDye => "biro felt-tip lipstick jeans hair",
            SpotKind.GlueOrSticker => "tape adhesive label",
            SpotKind.SicknessOrBlood => "vomit sick urine",
            SpotKind.Mould => "mildew musty fungus",
            SpotKind.BrokenGlass => "shards splinters needle",
            SpotKind.MudOrClay or SpotKind.Pollen or SpotKind.Water or _ => string.Empty,
        };
}
