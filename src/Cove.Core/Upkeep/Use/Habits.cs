namespace Cove.Core.Upkeep;

/// <summary>How often something happens in a car.</summary>
public enum Often
{
    /// <summary>Not at all.</summary>
    Never,

    /// <summary>Now and then, about once a week or less.</summary>
    Sometimes,

    /// <summary>On most days.</summary>
    Daily,
}

/// <summary>How near smoke comes to a cabin.</summary>
public enum SmokeHabit
{
    /// <summary>None.</summary>
    None,

    /// <summary>On clothes and things, or through the windows.</summary>
    Around,

    /// <summary>Someone smokes in the car.</summary>
    Inside,
}

/// <summary>How light the cabin is.</summary>
public enum CabinColour
{
    /// <summary>Black and dark grey.</summary>
    Dark,

    /// <summary>In between, or two-tone.</summary>
    Medium,

    /// <summary>Beige, cream, light grey.</summary>
    Light,
}

/// <summary>What the plastics of a dash give off in the warmth.</summary>
public enum DashPlastics
{
    /// <summary>Some years old and left bare or matte: little.</summary>
    Settled,

    /// <summary>New: plasticisers still leave it.</summary>
    New,

    /// <summary>Dressed with something oily.</summary>
    OilyDressing,
}

/// <summary>How tidy is tidy enough, for those who see the car.</summary>
public enum Tidiness
{
    /// <summary>Lived in is fine.</summary>
    Relaxed,

    /// <summary>As most people keep it.</summary>
    Everyday,

    /// <summary>Guests, customers or pride: it should look cared for at any time.</summary>
    Particular,
}

/// <summary>What taste does to marks. Cove's own choice.</summary>
public static class Tidinesses
{
    /// <summary>The level at which a task counts as due.</summary>
    /// <param name="tidiness">How tidy is tidy enough.</param>
    /// <param name="stakes">What is at stake in the task; seeing out and holding on are no matter of taste, so their mark is always 1.</param>
    public static double MarkFor(this Tidiness tidiness, Stakes stakes) =>
        stakes == Stakes.SightAndGrip
            ? 1
            : tidiness switch
            {
                Tidiness.Relaxed => 1.3,
                Tidiness.Everyday => 1,
                Tidiness.Particular => 0.75,
                _ => throw new ArgumentOutOfRangeException(nameof(tidiness), tidiness, "No such taste."),
            };
}
