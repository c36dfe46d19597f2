using Cove.Core.Catalogue.Amounts;
using Cove.Core.Vehicles.Surfaces;
using static Cove.Core.Upkeep.Use.Driver;
using static Cove.Core.Upkeep.Use.Preventions;

namespace Cove.Core.Upkeep.Tasks;

/// <summary>The insides of the panes.</summary>
internal static class GlassTasks
{
    public static IReadOnlyList<CareTask> All { get; } =
    [
        // memory; the film on it is what counts
        new("windscreen", "Clean the windscreen inside", "Windscreen")
        {
            Interval = TimeSpan.FromDays(14),
            OfferedFrom = 0.6,
            Work = TimeSpan.FromMinutes(2.5),
            Kinds = [SurfaceKind.Windscreen],
            Stage = Stage.Glass,
            Kits = [Kit.GlassKit],
            Stakes = Stakes.SightAndGrip,
            Drivers =
            [
                (Distance, 0.3),
                (People, 0.1),
                (Smoke, 0.1),
                (Sun, 0.2),
                (Pets, 0.02),
                (Vapours, 0.08),
                (TownAir, 0.08),
            ],
            HeldBackBy = [WindscreenShade, Recirculation],
            RaisedBy = [new("smoke", 0.5) { Oily = Share.All }, new("winter-trip", 0.3)],
            Checks = ["glare", "night-check"],
            Products = TaskOption.OfGlass(waterUpTo: 0.6),
            Mixture = Volume.FromMillilitres(4),
        },
        // memory
        new("other-glass", "Clean the other panes inside", "Other glass")
        {
            Interval = TimeSpan.FromDays(28),
            OfferedFrom = 0.7,
            Work = TimeSpan.FromMinutes(4),
            Kinds = [SurfaceKind.Glass],
            Stage = Stage.Glass,
            Kits = [Kit.GlassKit],
            Stakes = Stakes.SightAndGrip,
            Drivers =
            [
                (Distance, 0.3),
                (People, 0.1),
                (Children, 0.15),
                (Pets, 0.05),
                (Smoke, 0.1),
                (Sun, 0.1),
                (Vapours, 0.05),
                (TownAir, 0.05),
            ],
            HeldBackBy = [WindscreenShade, Recirculation],
            RaisedBy = [new("smoke", 0.4) { Oily = Share.All }, new("pet", 0.4), new("winter-trip", 0.2)],
            Checks = ["glare"],
            Products = TaskOption.OfGlass(waterUpTo: 0.8),
            Mixture = Volume.FromMillilitres(8),
        },
    ];
}
