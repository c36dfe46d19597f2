using Cove.Core.Catalogue.Amounts;
using Cove.Core.Vehicles.Surfaces;
using static Cove.Core.Catalogue.Products.ProductClass;
using static Cove.Core.Upkeep.Use.Driver;
using static Cove.Core.Upkeep.Use.Preventions;

namespace Cove.Core.Upkeep.Tasks;

/// <summary>What gathers on the wheel, between louvres and on lenses.</summary>
internal static class DashTasks
{
    public static IReadOnlyList<CareTask> All { get; } =
    [
        // practice: every couple of weeks
        new("brush-vents", "Brush vents and controls", "Vents, controls")
        {
            Interval = TimeSpan.FromDays(14),
            OfferedFrom = 0.4,
            Work = TimeSpan.FromMinutes(2),
            Kinds = [SurfaceKind.Vents, SurfaceKind.Switches],
            Stage = Stage.Dust,
            Kits = [Kit.DryBrushes, Kit.Vacuum],
            Stakes = Stakes.HygieneAndTouch,
            Drivers = [(Distance, 0.4), (OpenAir, 0.2), (DustyWork, 0.1), (Pets, 0.05)],
            HeldBackBy = [WindowsUp],
            Checks = ["finger-swipe"],
        },
        // practice: every week or two
        new("touch-points", "Wipe the touch points", "Touch points")
        {
            Interval = TimeSpan.FromDays(14),
            OfferedFrom = 0.6,
            Work = TimeSpan.FromMinutes(1.5),
            Kinds = [SurfaceKind.TouchPoints, SurfaceKind.Switches],
            Stage = Stage.WetMiddle,
            Kits = [Kit.WetKit],
            Stakes = Stakes.HygieneAndTouch,
            Drivers = [(Distance, 0.4), (People, 0.15), (Children, 0.15), (Eating, 0.1), (SkinOils, 0.1)],
            RaisedBy = [new("beach", 0.3), new("sickness", 1)],
            Checks = ["towel-colour"],
            Products =
            [
                new(Water, 0.5),
                new(RinselessWash, 1.2),
                new(SoapWater, 1.5),
                new(InteriorDetailer, 1.2),
                new(InteriorCleaner, TaskOption.Always),
            ],
            Mixture = Volume.FromMillilitres(8),
        },
        // practice: every couple of weeks
        new("clean-wheel", "Clean wheel and shifter", "Wheel")
        {
            Interval = TimeSpan.FromDays(14),
            OfferedFrom = 0.6,
            Work = TimeSpan.FromMinutes(1),
            Kinds = [SurfaceKind.Wheel],
            Stage = Stage.WetMiddle,
            Kits = [Kit.WetKit],
            Stakes = Stakes.SightAndGrip,
            Drivers = [(Distance, 0.7), (SkinOils, 0.15), (Eating, 0.05)],
            HeldBackBy = [WheelCover],
            RaisedBy = [new("beach", 0.4)],
            Checks = ["sheen", "photo"],
            Products =
            [
                new(Water, 0.5),
                new(RinselessWash, 1.2),
                new(SoapWater, 2),
                new(LeatherCleanerMild, TaskOption.Always),
                new(InteriorCleaner, TaskOption.Always),
            ],
            Mixture = Volume.FromMillilitres(4),
        },
        // memory
        new("cluster-lens", "Dust the instrument lens", "Lens")
        {
            Interval = TimeSpan.FromDays(30),
            OfferedFrom = 0.85,
            Work = TimeSpan.FromMinutes(1),
            Kinds = [SurfaceKind.ClusterLens],
            Stage = Stage.Dust,
            Kits = [Kit.DryBrushes],
            Stakes = Stakes.SightAndGrip,
            Drivers = [(Distance, 0.2), (OpenAir, 0.2), (DustyWork, 0.1)],
            HeldBackBy = [WindowsUp],
            Checks = ["glare"],
        },
    ];
}
