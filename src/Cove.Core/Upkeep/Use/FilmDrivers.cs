namespace Cove.Core.Upkeep.Use;

/// <summary>How much of what each driver brings onto glass is oily film; the rest is light soil, such as dust and prints. Cove's own choice.</summary>
public static class FilmDrivers
{
    /// <summary>The oily part of what a driver brings.</summary>
    public static Share OilyPartOf(Driver driver) =>
        driver switch
        {
            // What warm plastics and dressings give off condenses on glass, and so does smoke.
            Driver.Sun or Driver.Smoke or Driver.Vapours => Share.All,
            Driver.TownAir => new Share(0.3),
            // Breath and damp carry grease along; the rest of what people leave is prints.
            Driver.People => new Share(0.2),
            _ => Share.None,
        };
}
