namespace Cove.Core;

/// <summary>Identifies a car across the data of its owner.</summary>
/// <remarks>A car keeps it when it is archived and brought back; a copy read from a file gets a new one.</remarks>
/// <param name="Value">As it is stored.</param>
public readonly record struct VehicleId(Guid Value)
{
    /// <summary>A new one that no other thing has. Those made later sort later.</summary>
    /// <param name="at">The instant it is made at.</param>
    public static VehicleId New(DateTimeOffset at) => new(Guid.CreateVersion7(at));

    /// <summary>The bare number, for storing and asking a database.</summary>
    public static implicit operator Guid(VehicleId id) => id.Value;

    /// <summary>Reads one that was written by <see cref="ToString"/>.</summary>
    /// <returns>Whether the text is such an id.</returns>
    public static bool TryParse(string? text, out VehicleId id)
    {
        bool parsed = Guid.TryParse(text, out Guid value);
        id = new VehicleId(value);
        return parsed;
    }

    /// <summary>Its usual form, 32 digits in five groups.</summary>
    public override string ToString() => Value.ToString();
}
