namespace Cove.Core.Settings;

/// <summary>How an owner reads the time of day.</summary>
public enum HourClock
{
    /// <summary>From 00:00 to 23:59.</summary>
    TwentyFour,

    /// <summary>From 12:00 am to 11:59 pm.</summary>
    Twelve,
}
