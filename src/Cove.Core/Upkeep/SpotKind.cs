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

    /// <summary>Vomit, blood, droppings. It closes the surface.</summary>
    SicknessOrBlood,

    /// <summary>Mould. It closes the surface.</summary>
    Mould,

    /// <summary>Broken glass, or another thing that cuts or pricks. It closes the surface.</summary>
    BrokenGlass,
}
