using Cove.Core.Upkeep.Levels;
using Cove.Core.Upkeep.Tasks;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Upkeep;

/// <summary>The rules by which soil settles deep into cloth and pile, beneath what routine work reaches.</summary>
/// <remarks>
/// What lies on a textile is pressed in day by day, the more the more there is of it, up to a point. Vacuuming takes
/// none of what is in, only of what could still be pressed in. Foam takes a part of what came in since it was last
/// foamed; the rest has gone too deep for it. Extraction takes all. That it goes so is common practice; every number
/// is Cove's own choice, set so that a car at reference use that is vacuumed weekly and foamed when due wants a deep
/// clean after about a year and a half, and one that nobody cares for within three months.
/// </remarks>
public static class Embedding
{
    /// <summary>What is pressed in on a day while the level lying above is 1, beside the mark at which a deep clean is due.</summary>
    public const double PerDay = 0.005;

    /// <summary>More lying above than this presses in no faster.</summary>
    public const double MostLying = 3;

    /// <summary>What foam takes of what came in since it was last foamed.</summary>
    public static readonly Share TakenByFoam = new(0.3);

    /// <summary>How much may be in already when a record begins, as a part of the level lying above then.</summary>
    public const double InAtStart = 0.5;

    /// <summary>How far cars differ in how fast soil settles in them: standard deviation of the logarithm.</summary>
    public const double StdDev = 0.35;

    private static readonly Material[] Textiles =
    [
        Material.WovenFabric,
        Material.FabricWithMicrosuede,
        Material.Microsuede,
        Material.Pile,
        Material.LiningCloth,
        Material.Webbing,
    ];

    private static readonly TaskId[] Foams =
    [
        "clean-fabric-seats",
        "foam-carpets",
        "foam-fabric-mats",
        "headliner",
        "seat-belts",
    ];

    /// <summary>Whether soil settles in a surface.</summary>
    public static bool TakesIn(Surface surface) =>
        Textiles.Contains(surface.Material) && LyingOn(surface) is not null;

    /// <summary>Whether a surface is seen and touched so much that it decides when a deep clean is due: seats, carpets and mats. The others are done with them.</summary>
    public static bool Decides(Surface surface) =>
        TakesIn(surface) && surface.Kind is SurfaceKind.Seat or SurfaceKind.Carpet or SurfaceKind.Mat;

    /// <summary>The task whose level is what lies on a surface; null where nothing is pressed in.</summary>
    public static CareTask? LyingOn(Surface surface) =>
        surface.Kind switch
        {
            SurfaceKind.Seat => CareTasks.Find("vacuum-seats"),
            SurfaceKind.Carpet or SurfaceKind.Mat => CareTasks.Find("vacuum-carpets"),
            SurfaceKind.Boot => CareTasks.Find("boot"),
            SurfaceKind.Headliner => CareTasks.Find("headliner"),
            SurfaceKind.Belts => CareTasks.Find("seat-belts"),
            _ => null,
        };

    /// <summary>The task that foams a surface; null where none does.</summary>
    public static CareTask? FoamOf(Surface surface) =>
        Foams.Select(CareTasks.Find).FirstOrDefault(task => task!.Tends(surface));

    /// <summary>Whether a task foams what it tends.</summary>
    public static bool IsFoam(TaskId taskId) => Foams.Contains(taskId);

    /// <summary>The coat that keeps soil from settling in a surface, and how much still does; null where there is none.</summary>
    public static Shield? ShieldOf(Surface surface) =>
        FoamOf(surface)?.ShieldedBy is [var shield, ..] ? shield : null;

    /// <summary>What is pressed in while the level lying above goes straight from one to another.</summary>
    /// <param name="from">The level at the beginning; 0 or more.</param>
    /// <param name="to">The level at the end; 0 or more.</param>
    /// <param name="days">How long that takes, in days.</param>
    public static double Pressed(double from, double to, double days)
    {
        (double least, double most) = from < to ? (from, to) : (to, from);
        if (most <= MostLying)
        {
            return PerDay * days * (least + most) / 2;
        }

        if (least >= MostLying)
        {
            return PerDay * days * MostLying;
        }

        double below = (MostLying - least) / (most - least);
        return PerDay * days * ((below * (least + MostLying) / 2) + ((1 - below) * MostLying));
    }
}
