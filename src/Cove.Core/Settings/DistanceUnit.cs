namespace Cove.Core.Settings;

/// <summary>A unit in which an owner reads and gives distances. Cove reckons in kilometres whatever is chosen.</summary>
public enum DistanceUnit
{
    /// <summary>Kilometre.</summary>
    Kilometre,

    /// <summary>International mile.</summary>
    Mile,
}
