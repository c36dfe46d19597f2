namespace Cove.Core.Upkeep.Use;

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
