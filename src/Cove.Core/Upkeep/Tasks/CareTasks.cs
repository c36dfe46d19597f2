using Cove.Core.Upkeep.Use;
using Cove.Core.Vehicles.Surfaces;
using static Cove.Core.Upkeep.Tasks.Kit;
using static Cove.Core.Upkeep.Tasks.Stage;
using static Cove.Core.Upkeep.Tasks.Stakes;

namespace Cove.Core.Upkeep.Tasks;

/// <summary>The table of care tasks.</summary>
/// <remarks>
/// To add a task, add an entry here and its methods in <see cref="Methods.MethodLibrary"/>; levels, triage, running order,
/// chart and log take it up by themselves. Each entry says where its interval and minutes come from:
/// <i>practice</i> is common practice without a single source, <i>memory</i> is a starting value from memory.
/// What drives each stands in <see cref="TaskDrivers"/>.
/// </remarks>
public static class CareTasks
{
    /// <summary>Every task, in the order an owner would name them.</summary>
    public static IReadOnlyList<CareTask> All { get; } =
    [
        // practice: weekly, a couple of minutes when kept up; gives most of the visible result
        Task(
            "vacuum-seats",
            "Vacuum the seats",
            "Vacuum seats",
            7,
            2,
            [SurfaceKind.Seat, SurfaceKind.PetCover],
            VacuumHigh,
            [Kit.Vacuum],
            HygieneAndTouch
        ) with
        {
            Visible = 3,
        },
        Task(
            "vacuum-carpets",
            "Vacuum carpets and mats",
            "Vacuum floor",
            7,
            2,
            [SurfaceKind.Carpet, SurfaceKind.Mat],
            VacuumFloor,
            [Kit.Vacuum],
            HygieneAndTouch
        ) with
        {
            Visible = 3,
        },
        // practice: weekly
        Task(
            "wipe-dash",
            "Damp wipe dash, console and doors",
            "Wipe dash, doors",
            7,
            2.5,
            [SurfaceKind.Dash, SurfaceKind.Armrest, SurfaceKind.DoorCard],
            WetMiddle,
            [DampTowels],
            HygieneAndTouch
        ),
        Task(
            "wipe-screens",
            "Wipe the screens",
            "Screens",
            7,
            0.5,
            [SurfaceKind.Screen],
            WetMiddle,
            [DampTowels],
            SightAndGrip
        ),
        Task(
            "wipe-gloss-trim",
            "Wipe the console trim",
            "Trim",
            7,
            0.5,
            [SurfaceKind.Trim],
            WetMiddle,
            [DampTowels],
            Looks
        ),
        // practice: every couple of weeks
        Task(
            "brush-vents",
            "Brush vents and controls",
            "Vents, controls",
            14,
            2,
            [SurfaceKind.Vents, SurfaceKind.Switches],
            Dust,
            [DryBrushes, Kit.Vacuum],
            HygieneAndTouch
        ),
        Task(
            "clean-wheel",
            "Clean wheel and shifter",
            "Wheel",
            14,
            1,
            [SurfaceKind.Wheel],
            WetMiddle,
            [WetKit],
            SightAndGrip
        ),
        // memory
        Task(
            "cluster-lens",
            "Dust the instrument lens",
            "Lens",
            30,
            1,
            [SurfaceKind.ClusterLens],
            Dust,
            [DryBrushes],
            SightAndGrip
        ),
        // memory; the film on it is what counts
        Task(
            "windscreen",
            "Clean the windscreen inside",
            "Windscreen",
            14,
            2.5,
            [SurfaceKind.Windscreen],
            Stage.Glass,
            [GlassKit],
            SightAndGrip
        ),
        // memory
        Task(
            "other-glass",
            "Clean the other panes inside",
            "Other glass",
            28,
            4,
            [SurfaceKind.Glass],
            Stage.Glass,
            [GlassKit],
            SightAndGrip
        ),
        Task(
            "cup-holders",
            "Clean cup holders and bins",
            "Cup holders",
            28,
            2,
            [SurfaceKind.CupHolders],
            WetMiddle,
            [WetKit],
            HygieneAndTouch
        ),
        // order is practice, interval from memory
        Task(
            "wash-rubber-mats",
            "Wash the rubber mats",
            "Rubber mats",
            28,
            6,
            [SurfaceKind.Mat],
            MatsOut,
            [MatWash],
            Wear,
            [Material.Rubber]
        ) with
        {
            Drying = Minutes(20),
            PutBack = Minutes(1),
            DryingWhat = "Rubber mats",
        },
        // memory
        Task(
            "foam-fabric-mats",
            "Foam the fabric mats",
            "Fabric mats",
            60,
            6,
            [SurfaceKind.Mat],
            MatsOut,
            [FabricKit],
            Wear,
            [Material.Pile]
        ) with
        {
            Rubs = true,
            Drying = Minutes(30),
            PutBack = Minutes(1),
            DryingWhat = "Fabric mats",
        },
        Task(
            "door-shuts",
            "Wipe door shuts and sills",
            "Door shuts",
            28,
            2,
            [SurfaceKind.DoorShuts],
            PutBack,
            [WetKit],
            Looks
        ),
        Task(
            "boot",
            "Vacuum the boot, wipe the liner",
            "Boot",
            28,
            3,
            [SurfaceKind.Boot],
            VacuumHigh,
            [Kit.Vacuum],
            Wear
        ),
        // practice: about monthly
        Task(
            "clean-leather",
            "Clean the leather seats",
            "Leather",
            30,
            8,
            [SurfaceKind.Seat],
            WetLow,
            [LeatherKit],
            Wear,
            [Material.CoatedLeather, Material.LeatherWithMicrosuede]
        ) with
        {
            Rubs = true,
            Requires = "vacuum-seats",
        },
        // practice: every two to three months
        Task(
            "seal-leather",
            "Seal the leather seats",
            "Leather sealant",
            75,
            8,
            [SurfaceKind.Seat],
            Protect,
            [LeatherKit],
            Wear,
            [Material.CoatedLeather, Material.LeatherWithMicrosuede]
        ) with
        {
            Requires = "clean-leather",
        },
        // memory
        Task(
            "clean-synthetic",
            "Clean the synthetic leather seats",
            "Synthetic leather",
            30,
            5,
            [SurfaceKind.Seat],
            WetLow,
            [WetKit],
            HygieneAndTouch,
            [Material.SyntheticLeather]
        ) with
        {
            Rubs = true,
            Requires = "vacuum-seats",
        },
        // minutes for a cloth; a brush takes about three times as long (practice); interval from memory
        Task(
            "clean-fabric-seats",
            "Clean the fabric seats",
            "Fabric seats",
            90,
            15,
            [SurfaceKind.Seat],
            WetLow,
            [FabricKit],
            HygieneAndTouch,
            [Material.WovenFabric, Material.FabricWithMicrosuede]
        ) with
        {
            Rubs = true,
            Requires = "vacuum-seats",
            Drying = Minutes(30),
            DryingWhat = "Seats",
        },
        // memory
        Task(
            "raise-nap",
            "Brush the nap of suede seats",
            "Nap",
            28,
            3,
            [SurfaceKind.Seat],
            WetLow,
            [DryBrushes, DampTowels],
            HygieneAndTouch,
            [
                Material.Microsuede,
                Material.UncoatedLeather,
                Material.FabricWithMicrosuede,
                Material.LeatherWithMicrosuede,
            ]
        ) with
        {
            Rubs = true,
            Requires = "vacuum-seats",
        },
        // practice: part of the half hour every couple of months
        Task(
            "foam-carpets",
            "Foam the carpets",
            "Carpets, foam",
            60,
            12,
            [SurfaceKind.Carpet],
            WetFloor,
            [FabricKit],
            HygieneAndTouch,
            [Material.Pile]
        ) with
        {
            Rubs = true,
            Requires = "vacuum-carpets",
            Drying = Minutes(30),
            DryingWhat = "Carpets",
        },
        // practice: weeks to months
        Task(
            "protect-plastics",
            "Protect the plastics",
            "Protect plastics",
            60,
            6,
            [SurfaceKind.Dash, SurfaceKind.Armrest, SurfaceKind.DoorCard],
            Protect,
            [ProtectKit],
            Wear,
            [Material.Plastic, Material.SyntheticLeather, Material.CoatedLeather]
        ) with
        {
            Requires = "wipe-dash",
        },
        // two coats and the wait are practice, interval from memory
        Task(
            "protect-fabric",
            "Protect the fabric seats",
            "Fabric protector",
            180,
            8,
            [SurfaceKind.Seat],
            Protect,
            [ProtectKit],
            Wear,
            [Material.WovenFabric]
        ) with
        {
            Requires = "clean-fabric-seats",
            AfterDryingOf = ["clean-fabric-seats"],
            Drying = Minutes(20),
            DryingWhat = "Fabric protector",
        },
        // memory
        Task(
            "protect-seals",
            "Protect the door seals",
            "Door seals",
            120,
            4,
            [SurfaceKind.DoorSeals],
            Protect,
            [ProtectKit],
            Wear
        ),
        // practice: not often
        Task(
            "pedals",
            "Clean the pedals",
            "Pedals",
            60,
            2,
            [SurfaceKind.Pedals],
            WetLow,
            [WetKit],
            SightAndGrip
        ),
        // method and the day of drying are practice, interval from memory
        Task(
            "seat-belts",
            "Clean the seat belts",
            "Belts",
            180,
            6,
            [SurfaceKind.Belts],
            WetLow,
            [WetKit],
            HygieneAndTouch
        ) with
        {
            Drying = TimeSpan.FromHours(24),
            DryingWhat = "Belts, left out",
        },
        // memory
        Task(
            "headliner",
            "Check and spot the headliner",
            "Headliner",
            180,
            4,
            [SurfaceKind.Headliner],
            WetHigh,
            [FabricKit],
            Looks
        ),
        Task(
            "shifter-slot",
            "Clean the shifter slot",
            "Shifter slot",
            90,
            2,
            [SurfaceKind.ShifterSlot],
            Dust,
            [DryBrushes],
            Looks
        ),
        Task(
            "child-seat",
            "Clean the child seat",
            "Child seat",
            14,
            6,
            [SurfaceKind.ChildSeat],
            WetLow,
            [DampTowels, Kit.Vacuum],
            HygieneAndTouch
        ),
        // memory
        Task(
            "pet-cover",
            "Shake out and wipe the pet cover",
            "Pet cover",
            14,
            3,
            [SurfaceKind.PetCover],
            VacuumHigh,
            [Kit.Vacuum, DampTowels],
            HygieneAndTouch
        ),
        // practice: two to three months
        Task("scent", "Change the scent", "Scent", 75, 1, [SurfaceKind.Air], PutBack, [], Looks),
    ];

    private static readonly Dictionary<string, CareTask> ById = All.ToDictionary(
        task => task.Id,
        StringComparer.Ordinal
    );

    /// <summary>Finds a task.</summary>
    /// <param name="id">The id of a task.</param>
    /// <returns>The task, or null when there is none of that id.</returns>
    public static CareTask? Find(string id) => ById.GetValueOrDefault(id);

    private static CareTask Task(
        string id,
        string name,
        string shortName,
        double days,
        double minutes,
        SurfaceKind[] kinds,
        Stage stage,
        Kit[] kits,
        Stakes stakes,
        Material[]? materials = null
    ) =>
        new(
            id,
            name,
            shortName,
            days,
            Minutes(minutes),
            kinds,
            materials,
            stage,
            kits,
            stakes,
            TaskDrivers.Of(id)
        );

    private static TimeSpan Minutes(double minutes) => TimeSpan.FromMinutes(minutes);
}
