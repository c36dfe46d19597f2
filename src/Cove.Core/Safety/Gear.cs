namespace Cove.Core.Safety;

/// <summary>What protects the person who does the work.</summary>
public enum Gear
{
    /// <summary>Gloves that the product does not soak through.</summary>
    Gloves,

    /// <summary>Glasses that close at the sides.</summary>
    EyeProtection,

    /// <summary>Doors open or the fan on fresh air.</summary>
    FreshAir,
}
