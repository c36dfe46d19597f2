namespace Cove.Core.Upkeep.Use;

/// <summary>Something about the use of a car that makes levels rise.</summary>
/// <remarks>A new driver is a value here, a pace in <see cref="CarUse.Pace"/> and shares in the definitions of tasks.</remarks>
public enum Driver
{
    /// <summary>The passing of days with the car in ordinary use: dust settling, doors opened and closed.</summary>
    Time,

    /// <summary>The distance driven.</summary>
    Distance,

    /// <summary>Grown people aboard.</summary>
    People,

    /// <summary>Children aboard.</summary>
    Children,

    /// <summary>Eating and drinking in the car.</summary>
    Eating,

    /// <summary>Animals aboard.</summary>
    Pets,

    /// <summary>Smoke of any kind: tobacco, fire, a smoker.</summary>
    Smoke,

    /// <summary>Dust and pollen through open windows and doors.</summary>
    OpenAir,

    /// <summary>Grit and salt carried in from winter roads.</summary>
    Grit,

    /// <summary>Sun and heat on the parked car.</summary>
    Sun,

    /// <summary>Sun cream and body oils of the warm months.</summary>
    SkinOils,

    /// <summary>A dusty trade or hobby carried in on clothes and things.</summary>
    DustyWork,

    /// <summary>The colour of the cabin: light cloth and trim show soil sooner.</summary>
    Colour,

    /// <summary>What warm plastics and dressings give off, which condenses on glass.</summary>
    Vapours,

    /// <summary>Town air drawn in, and the heater season.</summary>
    TownAir,
}
