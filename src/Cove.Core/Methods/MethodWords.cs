using Cove.Core.Methods.Steps;

namespace Cove.Core.Methods;

/// <summary>What the parts of methods are called.</summary>
public static class MethodWords
{
    /// <summary>How the hand moves, in a few words.</summary>
    /// <exception cref="ArgumentOutOfRangeException">There is no such stroke.</exception>
    public static string NameOf(Stroke stroke) =>
        stroke switch
        {
            Stroke.Still => "No rubbing",
            Stroke.Circles => "Small circles",
            Stroke.Across => "Left to right",
            Stroke.Upright => "Up and down",
            Stroke.CrissCross => "Criss-cross",
            Stroke.Box => "Round the edge",
            Stroke.Along => "One way, along",
            Stroke.AroundRim => "Twist round the rim",
            Stroke.Roll => "Roll",
            Stroke.PressAndLift => "Press and lift",
            _ => throw new ArgumentOutOfRangeException(nameof(stroke), stroke, "There is no such stroke."),
        };

    /// <summary>How hard the hand presses, in a few words.</summary>
    /// <exception cref="ArgumentOutOfRangeException">There is no such pressure.</exception>
    public static string NameOf(Pressure pressure) =>
        pressure switch
        {
            Pressure.None => "no pressure",
            Pressure.Light => "light hand",
            Pressure.Medium => "flat hand",
            Pressure.Firm => "firm",
            _ => throw new ArgumentOutOfRangeException(
                nameof(pressure),
                pressure,
                "There is no such pressure."
            ),
        };
}
