using Cove.Core.Catalogue.Amounts;
using Cove.Core.Vehicles.Surfaces;
using static Cove.Core.Catalogue.Products.ProductClass;
using static Cove.Core.Upkeep.Use.Driver;
using static Cove.Core.Upkeep.Use.Preventions;

namespace Cove.Core.Upkeep.Tasks;

/// <summary>What shoes, drinks and loads bring in.</summary>
internal static class CarriedInTasks
{
    public static IReadOnlyList<CareTask> All { get; } =
    [
        // memory
        new("cup-holders", "Clean cup holders and bins", "Cup holders")
        {
            Interval = TimeSpan.FromDays(28),
            OfferedFrom = 0.7,
            Work = TimeSpan.FromMinutes(2),
            Kinds = [SurfaceKind.CupHolders],
            Stage = Stage.WetMiddle,
            Kits = [Kit.WetKit],
            Stakes = Stakes.HygieneAndTouch,
            Drivers = [(Distance, 0.4), (Eating, 0.3), (Children, 0.1), (People, 0.1)],
            HeldBackBy = [CupHolderLiners, BinOrOrganisers],
            RaisedBy = [new("spill", 0.8)],
            Checks = ["towel-colour"],
            Products =
            [
                new(Water, 0.8),
                new(SoapWater, 2),
                new(InteriorCleaner, TaskOption.Always),
                new(AllPurposeCleaner, TaskOption.Always),
            ],
            Mixture = Volume.FromMillilitres(6),
        },
        // order is practice, interval from memory
        new("wash-rubber-mats", "Wash the rubber mats", "Rubber mats")
        {
            Interval = TimeSpan.FromDays(28),
            OfferedFrom = 0.8,
            Work = TimeSpan.FromMinutes(6),
            Kinds = [SurfaceKind.Mat],
            Materials = [Material.Rubber],
            Stage = Stage.MatsOut,
            Kits = [Kit.MatWash],
            Stakes = Stakes.Wear,
            Drying = TimeSpan.FromMinutes(20),
            PutBack = TimeSpan.FromMinutes(1),
            DryingWhat = "Rubber mats",
            Drivers = [(Distance, 0.6), (Grit, 0.3), (DustyWork, 0.05)],
            HeldBackBy = [ShakenShoes],
            RaisedBy =
            [
                new("mud-and-sand", 0.5),
                new("beach", 0.5),
                new("sickness", 1),
                new("winter-trip", 0.8),
            ],
            Checks = ["towel-colour"],
            Products =
            [
                new(Water, 0.5),
                new(SoapWater, 1.5),
                new(RubberMatCleaner, TaskOption.Always),
                new(AllPurposeCleaner, TaskOption.Always),
            ],
            Mixture = Volume.FromMillilitres(80),
        },
        // practice: wiped wet and dried; interval from memory
        new("wash-rubber-floor", "Wipe the rubber floor", "Rubber floor")
        {
            Interval = TimeSpan.FromDays(21),
            OfferedFrom = 0.7,
            Work = TimeSpan.FromMinutes(4),
            Kinds = [SurfaceKind.Carpet],
            Materials = [Material.Rubber],
            Stage = Stage.WetFloor,
            Kits = [Kit.WetKit],
            Stakes = Stakes.HygieneAndTouch,
            Requires = "vacuum-carpets",
            Drying = TimeSpan.FromMinutes(15),
            PutBack = TimeSpan.FromMinutes(0.5),
            DryingWhat = "Rubber floor",
            Drivers = [(Distance, 0.5), (Grit, 0.2), (Children, 0.05), (Pets, 0.05), (DustyWork, 0.05)],
            HeldBackBy = [AllWeatherMats, ShakenShoes],
            RaisedBy =
            [
                new("spill", 0.8),
                new("mud-and-sand", 0.8),
                new("beach", 0.5),
                new("sickness", 1),
                new("winter-trip", 0.8),
            ],
            Checks = ["towel-colour"],
            Products =
            [
                new(Water, 0.5),
                new(SoapWater, 1.5),
                new(RubberMatCleaner, TaskOption.Always),
                new(AllPurposeCleaner, TaskOption.Always),
            ],
            Mixture = Volume.FromMillilitres(60),
        },
        // memory
        new("foam-fabric-mats", "Foam the fabric mats", "Fabric mats")
        {
            Interval = TimeSpan.FromDays(60),
            OfferedFrom = 0.85,
            Work = TimeSpan.FromMinutes(6),
            Kinds = [SurfaceKind.Mat],
            Materials = [Material.Pile],
            Stage = Stage.MatsOut,
            Kits = [Kit.FabricKit],
            Stakes = Stakes.Wear,
            Rubs = true,
            Drying = TimeSpan.FromMinutes(60),
            PutBack = TimeSpan.FromMinutes(1),
            DryingWhat = "Fabric mats",
            Drivers = [(Distance, 0.6), (Grit, 0.15), (People, 0.05), (DustyWork, 0.05), (Colour, 0.05)],
            HeldBackBy = [ShakenShoes],
            RaisedBy =
            [
                new("spill", 0.8),
                new("mud-and-sand", 0.3),
                new("beach", 0.3),
                new("sickness", 1),
                new("winter-trip", 0.5),
            ],
            Checks = ["towel-colour", "half-and-half"],
            Products = TaskOption.OfFabric,
            Mixture = Volume.FromMillilitres(40),
        },
        // memory
        new("door-shuts", "Wipe door shuts and sills", "Door shuts")
        {
            Interval = TimeSpan.FromDays(28),
            OfferedFrom = 0.7,
            Work = TimeSpan.FromMinutes(2),
            Kinds = [SurfaceKind.DoorShuts],
            Stage = Stage.PutBack,
            Kits = [Kit.WetKit],
            Stakes = Stakes.Looks,
            Drivers = [(Distance, 0.6), (Grit, 0.2), (People, 0.1)],
            HeldBackBy = [ShakenShoes],
            RaisedBy =
            [
                new("mud-and-sand", 0.4),
                new("beach", 0.4),
                new("move", 0.5),
                new("winter-trip", 0.6),
            ],
            Checks = ["finger-swipe", "photo"],
            Products =
            [
                new(Water, 0.8),
                new(SoapWater, 2),
                new(InteriorCleaner, TaskOption.Always),
                new(AllPurposeCleaner, TaskOption.Always),
            ],
            Mixture = Volume.FromMillilitres(15),
        },
        // memory
        new("boot", "Vacuum the boot, wipe the liner", "Boot")
        {
            Interval = TimeSpan.FromDays(28),
            OfferedFrom = 0.4,
            Work = TimeSpan.FromMinutes(3),
            Kinds = [SurfaceKind.Boot],
            Stage = Stage.VacuumHigh,
            Kits = [Kit.Vacuum],
            Stakes = Stakes.Wear,
            Drivers = [(Distance, 0.3), (Pets, 0.1), (DustyWork, 0.2), (Grit, 0.05)],
            HeldBackBy = [BootLiner],
            RaisedBy =
            [
                new("spill", 0.6),
                new("mud-and-sand", 0.5),
                new("beach", 0.6),
                new("move", 1),
                new("pet", 0.4),
                new("winter-trip", 0.3),
            ],
            Checks = ["pat"],
        },
    ];
}
