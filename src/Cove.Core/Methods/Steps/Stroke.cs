namespace Cove.Core.Methods.Steps;

/// <summary>How the hand moves over a surface.</summary>
/// <remarks>The drawing of a step is made from this, from the <see cref="Ground"/> and from nothing else.</remarks>
public enum Stroke
{
    /// <summary>The hand does not rub: something is looked at, carried, sprayed or left to work.</summary>
    Still,

    /// <summary>Small overlapping circles.</summary>
    Circles,

    /// <summary>Left to right and back, row by row from the top.</summary>
    Across,

    /// <summary>Up and down, column by column.</summary>
    Upright,

    /// <summary>Across first and upright after, so that the second crosses the first.</summary>
    CrissCross,

    /// <summary>Round the edge first.</summary>
    Box,

    /// <summary>In one direction only: along the weave, the lines, the nap or the seam.</summary>
    Along,

    /// <summary>Twisted round a rim, hand over hand.</summary>
    AroundRim,

    /// <summary>Rolled, as gel is.</summary>
    Roll,

    /// <summary>Pressed on flat and lifted straight off.</summary>
    PressAndLift,
}
