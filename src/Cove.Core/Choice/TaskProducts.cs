using Cove.Core.Catalogue.Products;
using Cove.Core.Schools;
using Cove.Core.Upkeep.Levels;
using static Cove.Core.Catalogue.Products.ProductClass;

namespace Cove.Core.Choice;

/// <summary>Which classes of product do a care task, the gentlest first, and up to which level each suffices.</summary>
/// <remarks>The order is common practice. How far each reaches is Cove's own choice: a level of 1 is the mark; <see cref="Always"/> stands for any soil that is still a matter of routine.</remarks>
public static class TaskProducts
{
    /// <summary>Any soil that is still a matter of routine.</summary>
    public static readonly Level Always = new(10);

    /// <summary>How far a shelf has to reach for a task to count as covered.</summary>
    public static readonly Level Routine = new(2);

    private const string Plastics = "protect-plastics";

    private static readonly Dictionary<string, TaskOption[]> Table = new(StringComparer.Ordinal)
    {
        ["wipe-dash"] =
        [
            new(Water, 1.5),
            new(RinselessWash, 1.5),
            new(SoapWater, 2),
            new(InteriorDetailer, 1.5),
            new(InteriorCleaner, Always),
            new(AllPurposeCleaner, Always),
        ],
        ["wipe-screens"] =
        [
            new(Water, 3),
            new(RinselessWash, Always),
            new(AlcoholDetailer, Always),
            new(GlassCleaner, Always),
        ],
        ["wipe-gloss-trim"] =
        [
            new(CleaningGel, 1.2),
            new(Water, 2),
            new(RinselessWash, Always),
            new(AlcoholDetailer, Always),
            new(InteriorDetailer, Always),
            new(InteriorCleaner, Always),
        ],
        ["clean-wheel"] =
        [
            new(Water, 0.5),
            new(RinselessWash, 1.2),
            new(SoapWater, 2),
            new(LeatherCleanerMild, Always),
            new(InteriorCleaner, Always),
        ],
        ["windscreen"] = Glass(waterUpTo: 0.6),
        ["other-glass"] = Glass(waterUpTo: 0.8),
        ["cup-holders"] =
        [
            new(Water, 0.8),
            new(SoapWater, 2),
            new(InteriorCleaner, Always),
            new(AllPurposeCleaner, Always),
        ],
        ["wash-rubber-mats"] =
        [
            new(Water, 0.5),
            new(SoapWater, 1.5),
            new(RubberMatCleaner, Always),
            new(AllPurposeCleaner, Always),
        ],
        ["foam-fabric-mats"] = Fabric,
        ["foam-carpets"] = Fabric,
        ["clean-fabric-seats"] = Fabric,
        ["headliner"] = Fabric,
        ["door-shuts"] =
        [
            new(Water, 0.8),
            new(SoapWater, 2),
            new(InteriorCleaner, Always),
            new(AllPurposeCleaner, Always),
        ],
        ["clean-leather"] =
        [
            new(RinselessWash, 1),
            new(SoapWater, 1.2),
            new(LeatherCleanerMild, Always),
            new(InteriorCleaner, 1.5),
            new(LeatherBalm, 2),
            new(LeatherCleanerStrong, Always),
        ],
        ["clean-synthetic"] =
        [
            new(Water, 0.8),
            new(RinselessWash, 1.2),
            new(SoapWater, 1.5),
            new(InteriorDetailer, 1.2),
            new(InteriorCleaner, Always),
            new(LeatherCleanerMild, Always),
        ],
        ["seal-leather"] = [new(LeatherSealant, Always), new(LeatherBalm, Always)],
        ["raise-nap"] = [new(Water, Always)],
        ["protect-plastics"] =
        [
            new(WaterBasedDressing, Always),
            new(SilicaSpray, Always),
            new(InteriorDetailer, Always),
        ],
        ["protect-fabric"] = [new(FabricProtector, Always)],
        ["protect-seals"] = [new(WaterBasedDressing, Always), new(SilicaSpray, Always)],
        ["pedals"] =
        [
            new(Water, 0.5),
            new(SoapWater, 2),
            new(InteriorCleaner, Always),
            new(AllPurposeCleaner, Always),
        ],
        ["seat-belts"] = [new(SoapWater, Always)],
        ["child-seat"] = [new(Water, Always)],
        ["pet-cover"] = [new(Water, Always)],
        ["scent"] = [new(Scent, Always)],
    };

    private static TaskOption[] Fabric =>
        [
            new(SoapWater, 0.8),
            new(FabricCleaner, Always),
            new(InteriorCleaner, 1.2),
            new(AllPurposeCleaner, Always),
        ];

    /// <summary>The options of a task, the gentlest first; empty for one that is done dry.</summary>
    /// <param name="taskId">The id of a care task.</param>
    public static IReadOnlyList<TaskOption> Of(string taskId) =>
        Table.TryGetValue(taskId, out TaskOption[]? options) ? options : [];

    /// <summary>The options of a task for an owner who works in some way: a shiny dressing comes in only where gloss is wanted.</summary>
    /// <param name="taskId">The id of a care task.</param>
    /// <param name="ways">How the owner likes to work.</param>
    public static IReadOnlyList<TaskOption> Of(string taskId, WaysOfWorking ways) =>
        taskId == Plastics && ways.Finish == FinishSchool.Gloss
            ? [.. Of(taskId), new TaskOption(SolventDressing, Always)]
            : Of(taskId);

    /// <summary>How far the sheen of a product is from the finish an owner wants of a task; 0 for tasks that leave no finish.</summary>
    internal static int FinishGap(string taskId, Sheen sheen, WaysOfWorking ways) =>
        taskId == Plastics ? Math.Abs((int)sheen - (int)ways.Finish) : 0;

    private static TaskOption[] Glass(double waterUpTo) =>
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

/// <summary>A class of product that does a task.</summary>
/// <param name="Class">The class.</param>
/// <param name="UpTo">The soil up to which it suffices.</param>
public sealed record TaskOption(ProductClass Class, Level UpTo)
{
    /// <summary>A class with the soil as a number, as tables have it.</summary>
    internal TaskOption(ProductClass productClass, double upTo)
        : this(productClass, new Level(upTo)) { }
}
