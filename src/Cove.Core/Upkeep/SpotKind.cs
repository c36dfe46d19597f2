namespace Cove.Core.Upkeep;

/// <summary>What made a spot. First aid goes by it; see <see cref="Spots.FirstAid"/>.</summary>
public enum SpotKind
{
    /// <summary>Something wet of which nothing more is said.</summary>
    Spill,

    /// <summary>A sugary drink, juice, syrup.</summary>
    SugaryDrink,

    /// <summary>Milk, baby food, sauce, ice cream.</summary>
    MilkOrFood,

    /// <summary>Grease, oil, hand or sun cream.</summary>
    GreaseOrCream,

    /// <summary>Wax or chewing gum.</summary>
    WaxOrGum,

    /// <summary>Mud or clay.</summary>
    MudOrClay,

    /// <summary>Ink, pen, dye from clothes.</summary>
    InkOrDye,

    /// <summary>Glue, or what a sticker left.</summary>
    GlueOrSticker,

    /// <summary>Pollen.</summary>
    Pollen,

    /// <summary>Plain water, rain, snow.</summary>
    Water,

    /// <summary>Vomit or blood. It closes the surface and what lies beside it.</summary>
    SicknessOrBlood,

    /// <summary>Mould. It closes the surface.</summary>
    Mould,

    /// <summary>Broken glass, or another thing that cuts. It closes the surface and all that lies below and around it.</summary>
    BrokenGlass,

    /// <summary>Fuel, engine oil, thinner: what burns or gives vapour that does. It closes the whole car.</summary>
    FuelOrOil,

    /// <summary>Battery acid, drain or toilet cleaner, bleach. It closes the surface and what lies beside it.</summary>
    HarshChemical,

    /// <summary>Flood water or sewage. It closes the whole car.</summary>
    FloodWater,

    /// <summary>Water near seat motors, sensors, plugs or orange cables. It closes the surface and what lies beside it.</summary>
    WaterAtElectrics,

    /// <summary>A syringe or another needle. It closes the surface and what lies beside it.</summary>
    Needle,

    /// <summary>Droppings or urine of an animal. It closes the surface.</summary>
    Droppings,

    /// <summary>Tablets, syrup, ointment, patches. It closes the surface.</summary>
    Medicine,
}
