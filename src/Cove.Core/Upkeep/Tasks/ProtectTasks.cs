using Cove.Core.Catalogue.Amounts;
using Cove.Core.Upkeep.Levels;
using Cove.Core.Vehicles.Surfaces;
using static Cove.Core.Catalogue.Products.ProductClass;
using static Cove.Core.Upkeep.Use.Driver;
using static Cove.Core.Upkeep.Use.Preventions;

namespace Cove.Core.Upkeep.Tasks;

/// <summary>What keeps plastics, cloth and rubber as they are once they are clean.</summary>
internal static class ProtectTasks
{
    public static IReadOnlyList<CareTask> All { get; } =
    [
        // practice: weeks to months
        new("protect-plastics", "Protect the plastics", "Protect plastics")
        {
            Interval = TimeSpan.FromDays(60),
            OfferedFrom = 0.85,
            Work = TimeSpan.FromMinutes(6),
            Kinds = [SurfaceKind.Dash, SurfaceKind.Armrest, SurfaceKind.DoorCard],
            Materials = [Material.Plastic, Material.SyntheticLeather, Material.CoatedLeather],
            Stage = Stage.Dress,
            AfterDryingOf = ["wipe-dash"],
            Kits = [Kit.ProtectKit],
            Stakes = Stakes.Wear,
            Requires = "wipe-dash",
            Drivers = [(Distance, 0.2), (Sun, 0.4)],
            HeldBackBy = [WindscreenShade],
            // practice: what blocks ultraviolet light lasts longer in the sun
            ShieldedBy = [new("protect-plastics", new(0.6)) { Needs = CoatTraits.Uv, Drivers = [Sun] }],
            Checks = ["photo"],
            Products =
            [
                new(WaterBasedDressing, TaskOption.Always),
                new(SilicaSpray, TaskOption.Always),
                new(InteriorDetailer, TaskOption.Always),
            ],
            Mixture = Volume.FromMillilitres(20),
            LeavesFinish = true,
        },
        // two coats and the wait are practice, interval from memory
        new("protect-fabric", "Protect the fabric seats", "Fabric protector")
        {
            Interval = TimeSpan.FromDays(180),
            OfferedFrom = 0.85,
            Work = TimeSpan.FromMinutes(8),
            Kinds = [SurfaceKind.Seat],
            Materials = [Material.WovenFabric],
            Stage = Stage.Protect,
            Kits = [Kit.ProtectKit],
            Stakes = Stakes.Wear,
            Requires = "clean-fabric-seats",
            Drying = TimeSpan.FromMinutes(20),
            SecondCoatAfter = TimeSpan.FromMinutes(20),
            DryingWhat = "Fabric protector",
            AfterDryingOf = ["clean-fabric-seats"],
            Drivers = [(Distance, 0.4), (People, 0.1), (Children, 0.1), (Sun, 0.1)],
            Checks = ["water-bead"],
            Products = [new(FabricProtector, TaskOption.Always)],
            Mixture = Volume.FromMillilitres(200),
        },
        // practice: a dry, UV-blocking coat; interval from memory
        new("protect-synthetic", "Protect the synthetic leather seats", "Protect seats")
        {
            Interval = TimeSpan.FromDays(90),
            OfferedFrom = 0.85,
            Work = TimeSpan.FromMinutes(6),
            Kinds = [SurfaceKind.Seat],
            Materials = [Material.SyntheticLeather],
            Stage = Stage.Protect,
            AfterDryingOf = ["clean-synthetic"],
            Kits = [Kit.ProtectKit],
            Stakes = Stakes.Wear,
            Requires = "clean-synthetic",
            Drivers = [(Distance, 0.3), (Sun, 0.3), (SkinOils, 0.05)],
            HeldBackBy = [WindscreenShade],
            Checks = ["water-bead"],
            Products = [new(InteriorDetailer, TaskOption.Always), new(SilicaSpray, TaskOption.Always)],
            Mixture = Volume.FromMillilitres(20),
        },
        // memory
        new("protect-seals", "Protect the door seals", "Door seals")
        {
            Interval = TimeSpan.FromDays(120),
            OfferedFrom = 0.85,
            Work = TimeSpan.FromMinutes(4),
            Kinds = [SurfaceKind.DoorSeals],
            Stage = Stage.Protect,
            Kits = [Kit.ProtectKit],
            Stakes = Stakes.Wear,
            Drivers = [(Distance, 0.1), (Sun, 0.2), (Grit, 0.1)],
            RaisedBy = [new("winter-trip", 0.1)],
            Checks = ["towel-colour"],
            Products = [new(WaterBasedDressing, TaskOption.Always), new(SilicaSpray, TaskOption.Always)],
            Mixture = Volume.FromMillilitres(10),
        },
    ];
}
