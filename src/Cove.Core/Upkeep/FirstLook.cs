namespace Cove.Core.Upkeep;

/// <summary>How a cabin looks on the day its record begins, when nothing is known of what was done before.</summary>
public enum FirstLook
{
    /// <summary>Just cleaned.</summary>
    Fresh,

    /// <summary>In everyday use.</summary>
    LivedIn,

    /// <summary>Long overdue.</summary>
    Overdue,
}

/// <summary>What a first look says about levels. Cove's own choice, corrected by the first sessions.</summary>
public static class FirstLooks
{
    /// <summary>The level every task starts at.</summary>
    public static Level StartingLevel(this FirstLook look) =>
        look switch
        {
            FirstLook.Fresh => Level.Fresh,
            FirstLook.LivedIn => new Level(0.6),
            FirstLook.Overdue => new Level(1.1),
            _ => throw new ArgumentOutOfRangeException(nameof(look), look, "No such look."),
        };
}
