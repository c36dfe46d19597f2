namespace Cove.Core.Upkeep;

/// <summary>Where a level stood when it last changed; all that is needed to know it now.</summary>
/// <param name="At">When it last changed.</param>
/// <param name="Level">The level just after that change.</param>
public readonly record struct CareState(DateTimeOffset At, Level Level)
{
    /// <summary>The level at a later instant, with nothing done in between.</summary>
    /// <param name="instant">The instant; before <see cref="At"/> gives <see cref="Level"/> unchanged.</param>
    /// <param name="soiling">How fast it rises.</param>
    /// <param name="usage">How the car is used.</param>
    public Level LevelAt(DateTimeOffset instant, Soiling soiling, Usage usage) =>
        instant <= At ? Level : Level.Plus(soiling.Rise(usage, At, instant));
}
