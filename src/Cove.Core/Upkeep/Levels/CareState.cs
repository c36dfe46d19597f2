using Cove.Core.Upkeep.Use;

namespace Cove.Core.Upkeep.Levels;

/// <summary>Where a level stood when it last changed; all that is needed to know it now.</summary>
/// <param name="At">When it last changed.</param>
/// <param name="Level">The level just after that change.</param>
/// <param name="Oily">On glass, the share of that level that is oily film; null when nobody knows, and it counts as mixed like what settles.</param>
public readonly record struct CareState(DateTimeOffset At, Level Level, Share? Oily = null)
{
    /// <summary>The level at a later instant, with nothing done in between.</summary>
    /// <param name="instant">The instant; before <see cref="At"/> gives <see cref="Level"/> unchanged.</param>
    /// <param name="soiling">How fast it rises.</param>
    /// <param name="usage">How the car is used.</param>
    public Level LevelAt(DateTimeOffset instant, Soiling soiling, Usage usage) =>
        instant <= At ? Level : Level.Plus(soiling.Rise(usage, At, instant));

    /// <summary>The film on a pane at a later instant, with nothing done in between.</summary>
    /// <param name="instant">The instant; before <see cref="At"/> gives the film at that time.</param>
    /// <param name="soiling">How fast it settles.</param>
    /// <param name="usage">How the car is used.</param>
    public Film FilmAt(DateTimeOffset instant, Soiling soiling, Usage usage)
    {
        double level = LevelAt(instant, soiling, usage).Value;
        Share mix = Oily ?? soiling.OilyMix(usage.ConditionsAt(At));
        double oily = (Level.Value * mix.Value) + soiling.OilyRise(usage, At, instant);
        return Film.Of(level, oily);
    }
}
