using Cove.Core.Catalogue.Amounts;
using Cove.Core.Vehicles.Surfaces;
using static Cove.Core.Catalogue.Products.ProductClass;
using static Cove.Core.Upkeep.Use.Driver;
using static Cove.Core.Upkeep.Use.Preventions;

namespace Cove.Core.Upkeep.Tasks;

/// <summary>What comes round seldom, and takes care when it does.</summary>
internal static class SeldomTasks
{
    public static IReadOnlyList<CareTask> All { get; } =
    [
        // practice: not often
        new("pedals", "Clean the pedals", "Pedals")
        {
            Interval = TimeSpan.FromDays(60),
            OfferedFrom = 0.8,
            Work = TimeSpan.FromMinutes(2),
            Kinds = [SurfaceKind.Pedals],
            Stage = Stage.WetLow,
            Kits = [Kit.WetKit],
            Stakes = Stakes.SightAndGrip,
            Drivers = [(Distance, 0.6), (Grit, 0.15), (DustyWork, 0.05)],
            HeldBackBy = [ShakenShoes],
            RaisedBy = [new("mud-and-sand", 0.3), new("beach", 0.3), new("winter-trip", 0.4)],
            Checks = ["towel-colour"],
            Products =
            [
                new(Water, 0.5),
                new(SoapWater, 2),
                new(InteriorCleaner, TaskOption.Always),
                new(AllPurposeCleaner, TaskOption.Always),
            ],
            Mixture = Volume.FromMillilitres(5),
        },
        // method and the day of drying are practice, interval from memory
        new("seat-belts", "Clean the seat belts", "Belts")
        {
            Interval = TimeSpan.FromDays(180),
            OfferedFrom = 0.9,
            Work = TimeSpan.FromMinutes(6),
            Kinds = [SurfaceKind.Belts],
            Stage = Stage.WetLow,
            Kits = [Kit.WetKit],
            Stakes = Stakes.HygieneAndTouch,
            Drying = TimeSpan.FromHours(24),
            DryingWhat = "Belts, left out",
            Drivers =
            [
                (Distance, 0.3),
                (People, 0.1),
                (Children, 0.1),
                (Eating, 0.1),
                (SkinOils, 0.1),
                (Smoke, 0.05),
            ],
            RaisedBy = [new("sickness", 0.6)],
            Checks = ["towel-colour"],
            Products = [new(SoapWater, TaskOption.Always)],
            Mixture = Volume.FromMillilitres(60),
        },
        // memory
        new("headliner", "Check and spot the headliner", "Headliner")
        {
            Interval = TimeSpan.FromDays(180),
            OfferedFrom = 0.9,
            Work = TimeSpan.FromMinutes(4),
            Kinds = [SurfaceKind.Headliner],
            Stage = Stage.WetHigh,
            Kits = [Kit.FabricKit],
            Stakes = Stakes.Looks,
            Drivers = [(Distance, 0.1), (Smoke, 0.2), (Children, 0.1), (Pets, 0.05)],
            RaisedBy = [new("smoke", 0.15), new("move", 0.1)],
            Checks = ["towel-colour", "half-and-half"],
            Products = TaskOption.OfFabric,
            Mixture = Volume.FromMillilitres(20),
        },
        // memory
        new("shifter-slot", "Clean the shifter slot", "Shifter slot")
        {
            Interval = TimeSpan.FromDays(90),
            OfferedFrom = 0.85,
            Work = TimeSpan.FromMinutes(2),
            Kinds = [SurfaceKind.ShifterSlot],
            Stage = Stage.Dust,
            Kits = [Kit.DryBrushes],
            Stakes = Stakes.Looks,
            Drivers = [(Distance, 0.3), (Eating, 0.2), (DustyWork, 0.1)],
            Checks = ["towel-colour"],
        },
    ];
}
