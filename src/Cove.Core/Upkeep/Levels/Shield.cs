using Cove.Core.Upkeep.Use;

namespace Cove.Core.Upkeep.Levels;

/// <summary>What a product leaves on a surface beside a plain coat.</summary>
[Flags]
public enum CoatTraits
{
    /// <summary>A plain coat, or one of which no more is known.</summary>
    None = 0,

    /// <summary>It keeps ultraviolet light off.</summary>
    Uv = 1,

    /// <summary>It keeps dust from being drawn to the surface.</summary>
    Antistatic = 2,

    /// <summary>It is oily or shines: it goes off into the air in the sun and settles on the glass.</summary>
    Oily = 4,
}

/// <summary>How a coat slows the soiling of a task on the surface that it lies on. That it does is common practice, by how much is Cove's own choice.</summary>
/// <param name="Coat">The task that lays the coat.</param>
/// <param name="Kept">How much of the soil still settles while the coat lasts.</param>
public sealed record Shield(TaskId Coat, Share Kept)
{
    /// <summary>What the coat must be to do so.</summary>
    public CoatTraits Needs { get; init; }

    /// <summary>The drivers it holds back; none for all of them, time included.</summary>
    public IReadOnlyList<Driver> Drivers { get; init; } = [];

    /// <summary>Whether it holds back what a driver brings.</summary>
    public bool HoldsBack(Driver driver) => Drivers.Count == 0 || Drivers.Contains(driver);
}

/// <summary>A shield for as long as its coat lasts.</summary>
/// <param name="From">When the coat was laid.</param>
/// <param name="Until">When it will have faded, or was laid anew.</param>
/// <param name="Shield">What it does.</param>
public sealed record ShieldSpell(DateTimeOffset From, DateTimeOffset Until, Shield Shield)
{
    /// <summary>Whether the coat is there at an instant.</summary>
    public bool Holds(DateTimeOffset instant) => From <= instant && instant < Until;
}
