using System.ComponentModel.DataAnnotations;

namespace Cove.Data;

/// <summary>What a deep clean of a vehicle costs, as its owner knows it.</summary>
public sealed record PricesDocument
{
    private const string HowToSay = "Say a price from 0 to 1,000,000.";

    /// <summary>What a shop asks, in the owner's currency; null when that is not known.</summary>
    [Range(0, 1_000_000, ErrorMessage = HowToSay)]
    public decimal? Shop { get; init; }

    /// <summary>What hiring a machine for a day costs; null when that is not known.</summary>
    [Range(0, 1_000_000, ErrorMessage = HowToSay)]
    public decimal? Hire { get; init; }
}
