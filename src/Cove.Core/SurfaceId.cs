namespace Cove.Core;

/// <summary>Names a surface within its car, such as <c>driver-seat</c>.</summary>
/// <remarks>Two cars use the same names; beside the car it is unambiguous.</remarks>
/// <param name="Value">Letters, digits and hyphens; not empty.</param>
public readonly record struct SurfaceId(string Value) : IComparable<SurfaceId>
{
    /// <summary>A name written out in a definition, or one that was stored.</summary>
    public static implicit operator SurfaceId(string value) => new(value);

    /// <summary>Takes the name from an address.</summary>
    /// <returns>Whether there is one; it need not name anything.</returns>
    public static bool TryParse(string? text, out SurfaceId id)
    {
        id = new SurfaceId(text ?? string.Empty);
        return id.Value.Length > 0;
    }

    /// <inheritdoc/>
    public int CompareTo(SurfaceId other) => string.CompareOrdinal(Value, other.Value);

    /// <summary>The name, as it is stored.</summary>
    public override string ToString() => Value;
}
