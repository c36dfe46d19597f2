using Cove.Core.Catalogue.Tools;
using Cove.Core.Methods.Steps;

namespace Cove.Core.Methods.Glass;

/// <summary>A way of cleaning the inside of a pane, with what it takes and what it may not touch.</summary>
/// <param name="Method">The method; what it removes holds for one round.</param>
/// <param name="SetUp">What it takes once for a pane, whatever its size: folding, wringing, edges. Cove's own choice.</param>
/// <param name="PerSquareMetre">What one round takes on a square metre within easy reach. Cove's own choice.</param>
/// <param name="MostRounds">More rounds than this wear out owner and pane; 1 or more.</param>
/// <param name="Liquid">What goes on the glass.</param>
public sealed record GlassMethod(
    Method Method,
    TimeSpan SetUp,
    TimeSpan PerSquareMetre,
    int MostRounds,
    GlassMethodLiquid Liquid
)
{
    /// <summary>Whether it works in the sun or on warm glass: what it wets with leaves nothing when it dries too soon.</summary>
    public bool BearsHeat { get; init; }

    /// <summary>Why it must not go on tint film, whatever the product; null when it may.</summary>
    public string? NotOnFilm { get; init; }

    /// <summary>Why it must not go on heater lines or aerials; null when it may.</summary>
    public string? NotOnLines { get; init; }

    /// <summary>Why it must not go on clear plastic; null when it may.</summary>
    public string? NotOnPlastic { get; init; }

    /// <summary>Why it must not go on cold glass; null when it may.</summary>
    public string? NotOnCold { get; init; }

    /// <summary>The tools it cannot do without, beside towels.</summary>
    public IReadOnlyList<Tool> Tools { get; init; } = [];

    /// <summary>The steps that use a product.</summary>
    public IEnumerable<MethodStep> Wet => Method.Steps.Where(step => step.Uses is not null);
}

/// <summary>What a method puts on glass.</summary>
public enum GlassMethodLiquid
{
    /// <summary>Plain water or steam.</summary>
    Water,

    /// <summary>A cleaner, soap water or something stronger.</summary>
    Cleaner,
}
