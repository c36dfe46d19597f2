namespace Cove.Core.Safety;

/// <summary>Where a reason comes from.</summary>
/// <param name="Kind">How well founded it is.</param>
/// <param name="Name">What it is, in a few words.</param>
public sealed record Source(SourceKind Kind, string Name)
{
    /// <summary>What the trade does, without a single source.</summary>
    public static Source Practice { get; } = new(SourceKind.CommonPractice, "Common practice");

    /// <summary>What labels of this kind of product usually say.</summary>
    public static Source Label { get; } = new(SourceKind.CommonPractice, "What such a product is sold for");

    /// <summary>A starting value from memory.</summary>
    public static Source Memory { get; } = new(SourceKind.FromMemory, "From memory, open to correction");

    /// <summary>The Globally Harmonized System of the United Nations.</summary>
    public static Source Ghs { get; } = new(SourceKind.Published, "UN GHS, Purple Book");

    /// <summary>What is known of products that must never meet.</summary>
    public static Source Incompatible { get; } =
        new(SourceKind.Published, "US EPA 600/2-80-076, compatibility of wastes, and public-health guidance");

    /// <summary>What the owner recorded of a maker's instruction.</summary>
    public static Source Maker { get; } = new(SourceKind.Maker, "Maker's instruction, recorded by you");

    /// <summary>What the owner saw in a spot test.</summary>
    public static Source SpotTest { get; } = new(SourceKind.SpotTest, "Your spot test");
}

/// <summary>How well founded a reason is.</summary>
public enum SourceKind
{
    /// <summary>Published; the source names where.</summary>
    Published,

    /// <summary>What the trade does, without a single source.</summary>
    CommonPractice,

    /// <summary>From memory, open to correction.</summary>
    FromMemory,

    /// <summary>A maker's instruction that the owner recorded.</summary>
    Maker,

    /// <summary>A test by the owner.</summary>
    SpotTest,
}
