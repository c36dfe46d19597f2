using Cove.Core.Catalogue.Amounts;
using Cove.Core.Vehicles.Surfaces;
using static Cove.Core.Catalogue.Products.ProductClass;
using static Cove.Core.Upkeep.Use.Driver;
using static Cove.Core.Upkeep.Use.Preventions;

namespace Cove.Core.Upkeep.Tasks;

/// <summary>Seats by their material, and the carpets below them.</summary>
internal static class SeatTasks
{
    public static IReadOnlyList<CareTask> All { get; } =
    [
        // practice: about monthly
        new("clean-leather", "Clean the leather seats", "Leather")
        {
            Interval = TimeSpan.FromDays(30),
            OfferedFrom = 0.8,
            Work = TimeSpan.FromMinutes(8),
            Kinds = [SurfaceKind.Seat],
            Materials = [Material.CoatedLeather, Material.LeatherWithMicrosuede],
            Stage = Stage.WetLow,
            DryingWhat = "Leather",
            Drying = TimeSpan.FromMinutes(10),
            Kits = [Kit.LeatherKit],
            Stakes = Stakes.Wear,
            Requires = "vacuum-seats",
            Rubs = true,
            Drivers = [(Distance, 0.6), (People, 0.1), (Children, 0.05), (SkinOils, 0.1), (Colour, 0.1)],
            HeldBackBy = [SeatProtector, KickGuard],
            ShieldedBy = [new("seal-leather", new(0.75))],
            RaisedBy = [new("spill", 0.8), new("beach", 0.3), new("sickness", 1)],
            Checks = ["sheen", "towel-colour", "half-and-half"],
            Products =
            [
                new(LeatherCleanerMild, TaskOption.Always) { IsMadeForIt = true },
                new(RinselessWash, 1),
                new(SoapWater, 1.2),
                new(InteriorCleaner, 1.5),
                new(LeatherBalm, 2),
                new(LeatherCleanerStrong, TaskOption.Always),
            ],
            Mixture = Volume.FromMillilitres(50),
        },
        // interval from memory; that worn leather wants it, before it is sealed, is practice
        new("condition-leather", "Condition the worn leather", "Conditioner")
        {
            Interval = TimeSpan.FromDays(90),
            OfferedFrom = 0.85,
            Work = TimeSpan.FromMinutes(7),
            Kinds = [SurfaceKind.Seat],
            Materials = [Material.CoatedLeather, Material.LeatherWithMicrosuede],
            OnlyWorn = true,
            Stage = Stage.Protect,
            AfterDryingOf = ["clean-leather"],
            DryingWhat = "Conditioner",
            Drying = TimeSpan.FromMinutes(10),
            Kits = [Kit.LeatherKit],
            Stakes = Stakes.Wear,
            Requires = "clean-leather",
            Drivers = [(Distance, 0.4), (Sun, 0.3), (SkinOils, 0.05)],
            HeldBackBy = [WindscreenShade],
            Checks = ["photo"],
            Products = [new(LeatherConditioner, TaskOption.Always)],
            Mixture = Volume.FromMillilitres(20),
        },
        // practice: every two to three months
        new("seal-leather", "Seal the leather seats", "Leather sealant")
        {
            Interval = TimeSpan.FromDays(75),
            OfferedFrom = 0.85,
            Work = TimeSpan.FromMinutes(8),
            Kinds = [SurfaceKind.Seat],
            Materials = [Material.CoatedLeather, Material.LeatherWithMicrosuede],
            Stage = Stage.Protect,
            AfterDryingOf = ["clean-leather", "condition-leather"],
            // memory: it takes before anything lies on it
            DryingWhat = "Leather sealant",
            Drying = TimeSpan.FromMinutes(20),
            Kits = [Kit.LeatherKit],
            Stakes = Stakes.Wear,
            Requires = "clean-leather",
            Drivers = [(Distance, 0.5), (Sun, 0.2), (SkinOils, 0.05)],
            HeldBackBy = [WindscreenShade],
            Checks = ["sheen", "water-bead"],
            Products =
            [
                new(LeatherSealant, TaskOption.Always) { IsMadeForIt = true },
                new(LeatherBalm, TaskOption.Always),
            ],
            Mixture = Volume.FromMillilitres(30),
        },
        // memory
        new("clean-synthetic", "Clean the synthetic leather seats", "Synthetic leather")
        {
            Interval = TimeSpan.FromDays(30),
            OfferedFrom = 0.8,
            Work = TimeSpan.FromMinutes(5),
            Kinds = [SurfaceKind.Seat],
            Materials = [Material.SyntheticLeather],
            Stage = Stage.WetLow,
            DryingWhat = "Synthetic leather",
            Drying = TimeSpan.FromMinutes(2),
            Kits = [Kit.WetKit],
            Stakes = Stakes.HygieneAndTouch,
            Requires = "vacuum-seats",
            Rubs = true,
            Drivers =
            [
                (Distance, 0.5),
                (People, 0.1),
                (Children, 0.1),
                (Eating, 0.05),
                (SkinOils, 0.1),
                (Colour, 0.1),
            ],
            HeldBackBy = [SeatProtector, KickGuard],
            ShieldedBy = [new("protect-synthetic", new(0.8))],
            RaisedBy = [new("spill", 0.8), new("beach", 0.3), new("sickness", 1)],
            Checks = ["sheen", "towel-colour"],
            Products =
            [
                new(Water, 0.8),
                new(RinselessWash, 1.2),
                new(SoapWater, 1.5),
                new(InteriorDetailer, 1.2),
                new(InteriorCleaner, TaskOption.Always),
                new(LeatherCleanerMild, TaskOption.Always),
            ],
            Mixture = Volume.FromMillilitres(25),
        },
        // minutes for a cloth; a brush takes about three times as long (practice); interval from memory
        new("clean-fabric-seats", "Clean the fabric seats", "Fabric seats")
        {
            Interval = TimeSpan.FromDays(90),
            OfferedFrom = 0.85,
            Work = TimeSpan.FromMinutes(15),
            Kinds = [SurfaceKind.Seat],
            Materials = [Material.WovenFabric, Material.FabricWithMicrosuede],
            Stage = Stage.WetLow,
            Kits = [Kit.FabricKit],
            Stakes = Stakes.HygieneAndTouch,
            Requires = "vacuum-seats",
            Rubs = true,
            Drying = TimeSpan.FromMinutes(30),
            DryingWhat = "Seats",
            Drivers =
            [
                (Distance, 0.5),
                (People, 0.05),
                (Children, 0.1),
                (Eating, 0.1),
                (Pets, 0.05),
                (Colour, 0.1),
            ],
            HeldBackBy = [SeatProtector, KickGuard, PetCover],
            ShieldedBy = [new("protect-fabric", new(0.7))],
            RaisedBy = [new("spill", 0.8), new("beach", 0.2), new("pet", 0.15), new("sickness", 1)],
            Checks = ["towel-colour", "half-and-half", "photo"],
            Products = TaskOption.OfFabric,
            Mixture = Volume.FromMillilitres(150),
        },
        // memory
        new("raise-nap", "Brush the nap of suede seats", "Nap")
        {
            Interval = TimeSpan.FromDays(28),
            OfferedFrom = 0.8,
            Work = TimeSpan.FromMinutes(3),
            Kinds = [SurfaceKind.Seat],
            Materials =
            [
                Material.Microsuede,
                Material.UncoatedLeather,
                Material.FabricWithMicrosuede,
                Material.LeatherWithMicrosuede,
            ],
            Stage = Stage.WetLow,
            DryingWhat = "Suede",
            Drying = TimeSpan.FromMinutes(30),
            PutBack = TimeSpan.FromMinutes(0.5),
            Kits = [Kit.DryBrushes, Kit.DampTowels],
            Stakes = Stakes.HygieneAndTouch,
            Requires = "vacuum-seats",
            Rubs = true,
            Drivers = [(Distance, 0.5), (People, 0.1), (Children, 0.1), (Pets, 0.05), (SkinOils, 0.05)],
            HeldBackBy = [SeatProtector, PetCover],
            RaisedBy = [new("beach", 0.3), new("pet", 0.3), new("sickness", 1)],
            Checks = ["sheen"],
            Products = [new(Water, TaskOption.Always), new(UncoatedLeatherCleaner, TaskOption.Always)],
            Mixture = Volume.FromMillilitres(20),
        },
        // practice: part of the half hour every couple of months
        new("foam-carpets", "Foam the carpets", "Carpets, foam")
        {
            Interval = TimeSpan.FromDays(60),
            OfferedFrom = 0.85,
            Work = TimeSpan.FromMinutes(12),
            Kinds = [SurfaceKind.Carpet],
            Materials = [Material.Pile],
            Stage = Stage.WetFloor,
            Kits = [Kit.FabricKit],
            Stakes = Stakes.HygieneAndTouch,
            Requires = "vacuum-carpets",
            Rubs = true,
            Drying = TimeSpan.FromHours(4),
            PutBack = TimeSpan.FromMinutes(1),
            DryingWhat = "Carpets",
            Drivers = [(Distance, 0.6), (Grit, 0.15), (Children, 0.05), (Pets, 0.05), (Colour, 0.05)],
            HeldBackBy = [AllWeatherMats, ShakenShoes],
            RaisedBy = [new("spill", 0.8), new("sickness", 1), new("winter-trip", 0.2)],
            Checks = ["towel-colour", "half-and-half"],
            Products = TaskOption.OfFabric,
            Mixture = Volume.FromMillilitres(100),
        },
    ];
}
