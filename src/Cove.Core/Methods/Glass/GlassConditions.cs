namespace Cove.Core.Methods.Glass;

/// <summary>What it is like at the glass today.</summary>
/// <param name="InSun">Whether the sun shines on it.</param>
/// <param name="Touch">How it feels to the hand.</param>
/// <param name="Damp">Whether it is misted or damp inside.</param>
public sealed record GlassConditions(
    bool InSun = false,
    GlassTouch Touch = GlassTouch.Cool,
    bool Damp = false
)
{
    /// <summary>In shade, cool and dry.</summary>
    public static GlassConditions Fair { get; } = new();

    /// <summary>Whether a cleaner would dry on it before it is wiped.</summary>
    public bool DriesTooSoon => InSun || Touch == GlassTouch.Hot;

    /// <summary>What to do about it; none in fair conditions.</summary>
    public IReadOnlyList<string> Advice =>
        [
            .. new[]
            {
                InSun
                    ? "Move into shade if you can: streaks show less and cleaner dries too soon in the sun."
                    : null,
                Touch == GlassTouch.Hot
                    ? "Hot glass dries product to stains. Let it cool, or use water and dry at once."
                    : null,
                Touch == GlassTouch.Cold
                    ? "Cold glass mists under warm breath: open a door, and keep steam off it."
                    : null,
                Damp
                    ? "Finish with the air conditioning on, set to the screen, full, until the mist is gone."
                    : null,
            }.OfType<string>(),
        ];
}

/// <summary>How glass feels to the hand.</summary>
public enum GlassTouch
{
    /// <summary>Cool: between about 5 and 30 °C.</summary>
    Cool,

    /// <summary>Cold: below about 5 °C.</summary>
    Cold,

    /// <summary>Hot: above about 30 °C.</summary>
    Hot,
}
