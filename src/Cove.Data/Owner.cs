namespace Cove.Data;

/// <summary>The person whose rows are read and written.</summary>
/// <param name="Id">Stands on every row.</param>
public sealed record Owner(Guid Id)
{
    /// <summary>The one owner of a Cove that runs on the owner's own machine.</summary>
    public static Owner Local { get; } = new(new Guid("6f2f0b1e-5a0c-4d57-9a51-3c1d4d0c0e01"));
}
