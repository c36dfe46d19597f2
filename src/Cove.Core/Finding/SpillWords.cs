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
            SpotKind.GreaseOrCream => "butter cooking oil chocolate sunscreen lotion make-up",
            SpotKind.WaxOrGum => "candle bubblegum",
            SpotKind.InkOrDye => "biro felt-tip lipstick jeans hair",
            SpotKind.GlueOrSticker => "tape adhesive label",
            SpotKind.SicknessOrBlood => "vomit throw up nosebleed urine nappy",
            SpotKind.Mould => "mildew musty fungus",
            SpotKind.BrokenGlass => "shards splinters window broken blade",
            SpotKind.FuelOrOil =>
                "petrol gasoline gas diesel motor oil brake fluid kerosene white spirit jerrycan canister leak smell",
            SpotKind.HarshChemical =>
                "battery acid caustic lye drain toilet cleaner unblocker bleach chlorine corrosive descaler poison",
            SpotKind.FloodWater => "flooded flood sewage sewer river under water submerged",
            SpotKind.WaterAtElectrics =>
                "seat motor sensor airbag plug cable high voltage electric switch wet warning lamp",
            SpotKind.Needle => "syringe injection pricked lancet insulin pen",
            SpotKind.Droppings => "poo faeces feces dog cat bird mouse mice rat urine pee",
            SpotKind.Medicine => "tablets pills drug syrup ointment insulin patch",
            SpotKind.Water => "rain snow window left open leak",
            SpotKind.MudOrClay or SpotKind.Pollen or _ => string.Empty,
        };
}
