using Cove.Core.Catalogue.Products;
using Cove.Core.Upkeep.Levels;
using static Cove.Core.Catalogue.Products.ProductClass;

namespace Cove.Core.Upkeep.Tasks;

/// <summary>A class of product that does a task.</summary>
/// <param name="Class">The class.</param>
/// <param name="UpTo">The soil up to which it suffices.</param>
public sealed record TaskOption(ProductClass Class, Level UpTo)
{
    /// <summary>A class with the soil as a number, as tables have it.</summary>
    internal TaskOption(ProductClass productClass, double upTo)
        : this(productClass, new Level(upTo)) { }

    /// <summary>Whether the class is made for what the task tends, so that it comes before what would do as well, however few products an owner likes to use.</summary>
    public bool IsMadeForIt { get; init; }

    /// <summary>Any soil that is still a matter of routine.</summary>
    public static readonly Level Always = new(10);

    /// <summary>As much soil as what is worn is ever cleaned for at once.</summary>
    public static readonly Level Gentle = new(0.8);

    /// <summary>How far a shelf has to reach for a task to count as covered.</summary>
    public static readonly Level Routine = new(2);

    internal static TaskOption[] OfFabric =>
        [
            new(SoapWater, 0.8),
            new(FabricCleaner, Always),
            new(InteriorCleaner, 1.2),
            new(AllPurposeCleaner, Always),
        ];

    internal static TaskOption[] OfGlass(double waterUpTo) =>
        [
            new(Water, waterUpTo),
            new(SoapWater, 1.5),
            new(RinselessWash, 1.5),
            new(GlassCleaner, 3),
            new(GlassCleanerWithVinegar, Always),
            new(GlassCleanerWithAmmonia, Always),
            new(IsopropylAlcohol, Always),
        ];
}
