namespace Cove.Core.Vehicles.Plan;

/// <summary>How large a car is beside others of its body.</summary>
public enum SizeClass
{
    /// <summary>Smaller than most.</summary>
    Small,

    /// <summary>In the middle.</summary>
    MidSize,

    /// <summary>Larger than most.</summary>
    Large,
}

/// <summary>What a size class does to lengths. Cove's own choice.</summary>
public static class SizeClasses
{
    /// <summary>By how much every length is multiplied beside a mid-size car; areas grow by the square of it.</summary>
    public static double LengthFactor(this SizeClass size) =>
        size switch
        {
            SizeClass.Small => 0.92,
            SizeClass.MidSize => 1,
            SizeClass.Large => 1.08,
            _ => throw new ArgumentOutOfRangeException(nameof(size), size, "No such size class."),
        };
}
