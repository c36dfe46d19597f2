namespace Cove.Core.Upkeep;

/// <summary>Something about the use of a car that makes levels rise.</summary>
public enum Driver
{
    /// <summary>The passing of days with the car in ordinary use: dust settling, people getting in, the sun.</summary>
    Time,

    /// <summary>The distance driven.</summary>
    Distance,
}
