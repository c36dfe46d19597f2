namespace Cove.Core.Finding;

/// <summary>Something that can be looked for by name.</summary>
/// <param name="Kind">What it is.</param>
/// <param name="Key">Its id as text; that of the task for a method.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Beside">Other words by which it may be remembered; may be empty.</param>
public sealed record Findable(FindableKind Kind, string Key, string Name, string Beside);

/// <summary>What can be looked for.</summary>
public enum FindableKind
{
    /// <summary>A surface of the car.</summary>
    Surface,

    /// <summary>A task of the car.</summary>
    Task,

    /// <summary>A way in which a task is done now.</summary>
    Method,

    /// <summary>A product on the shelf.</summary>
    Product,

    /// <summary>Something spilled that needs first aid.</summary>
    Spill,
}
