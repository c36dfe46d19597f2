namespace Cove.Core.Upkeep.Levels;

/// <summary>What lies on the inside of a pane, in two levels that add up to the level of its care task.</summary>
/// <param name="Light">Light soil: dust, prints, noses.</param>
/// <param name="Oily">Oily film: what plastics, dressings, smoke and breath leave.</param>
public readonly record struct Film(Level Light, Level Oily)
{
    /// <summary>The level of the pane.</summary>
    public Level Whole => Light.Plus(Oily.Value);

    /// <summary>The share that is oily; none on a clear pane.</summary>
    public Share OilyShare => Whole.Value > 0 ? new Share(Oily.Value / Whole.Value) : Share.None;

    /// <summary>Divides a level.</summary>
    /// <param name="whole">The level; 0 or more.</param>
    /// <param name="oily">The oily part of it; held to 0 and the whole.</param>
    public static Film Of(double whole, double oily)
    {
        double part = Math.Clamp(oily, 0, whole);
        return new Film(new Level(whole - part), new Level(part));
    }

    /// <summary>What is left after a share of each has been taken away.</summary>
    /// <param name="removal">What is taken away in one round.</param>
    /// <param name="rounds">How many rounds; 0 or more.</param>
    public Film After(Removal removal, int rounds) =>
        new(
            new Level(Light.Value * Math.Pow(removal.Light.Rest.Value, rounds)),
            new Level(Oily.Value * Math.Pow(removal.Oily.Rest.Value, rounds))
        );

    /// <summary>Both levels times a factor.</summary>
    /// <param name="factor">0 or more.</param>
    public Film Times(double factor) => new(new Level(Light.Value * factor), new Level(Oily.Value * factor));
}

/// <summary>What one round of a method takes away, as shares of what is there.</summary>
/// <param name="Light">Of light soil.</param>
/// <param name="Oily">Of oily film.</param>
public readonly record struct Removal(Share Light, Share Oily);
