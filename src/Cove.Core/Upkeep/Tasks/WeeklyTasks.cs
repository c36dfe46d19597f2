using Cove.Core.Catalogue.Amounts;
using Cove.Core.Upkeep.Levels;
using Cove.Core.Vehicles.Surfaces;
using static Cove.Core.Catalogue.Products.ProductClass;
using static Cove.Core.Upkeep.Use.Driver;
using static Cove.Core.Upkeep.Use.Preventions;

namespace Cove.Core.Upkeep.Tasks;

/// <summary>What a kept cabin is given every week: most of the visible result in a few minutes.</summary>
internal static class WeeklyTasks
{
    public static IReadOnlyList<CareTask> All { get; } =
    [
        // practice: weekly, a couple of minutes when kept up; gives most of the visible result
        new("vacuum-seats", "Vacuum the seats", "Vacuum seats")
        {
            Interval = TimeSpan.FromDays(7),
            OfferedFrom = 0.3,
            Work = TimeSpan.FromMinutes(2),
            Kinds = [SurfaceKind.Seat, SurfaceKind.PetCover],
            Stage = Stage.VacuumHigh,
            Kits = [Kit.Vacuum],
            Stakes = Stakes.HygieneAndTouch,
            Visible = 3,
            Drivers =
            [
                (Distance, 0.4),
                (People, 0.1),
                (Children, 0.1),
                (Eating, 0.1),
                (Pets, 0.1),
                (OpenAir, 0.05),
                (DustyWork, 0.05),
                (Colour, 0.05),
            ],
            HeldBackBy = [SeatProtector, KickGuard, BinOrOrganisers, PetCover, WindowsUp],
            RaisedBy =
            [
                new("spill", 0.3),
                new("mud-and-sand", 0.4),
                new("beach", 0.7),
                new("move", 0.4),
                new("pet", 0.6),
            ],
            Checks = ["pat"],
        },
        // practice: weekly, a couple of minutes when kept up; gives most of the visible result
        new("vacuum-carpets", "Vacuum carpets and mats", "Vacuum floor")
        {
            Interval = TimeSpan.FromDays(7),
            OfferedFrom = 0.3,
            Work = TimeSpan.FromMinutes(2),
            Kinds = [SurfaceKind.Carpet, SurfaceKind.Mat],
            Stage = Stage.VacuumFloor,
            Kits = [Kit.Vacuum],
            Stakes = Stakes.HygieneAndTouch,
            Visible = 3,
            Drivers =
            [
                (Distance, 0.5),
                (People, 0.1),
                (Children, 0.08),
                (Eating, 0.05),
                (Pets, 0.05),
                (Grit, 0.12),
                (DustyWork, 0.05),
                (Colour, 0.05),
            ],
            HeldBackBy = [AllWeatherMats, BinOrOrganisers, ShakenShoes],
            RaisedBy =
            [
                new("mud-and-sand", 0.8),
                new("beach", 0.9),
                new("move", 0.4),
                new("pet", 0.3),
                new("winter-trip", 0.5),
            ],
            Checks = ["pat"],
        },
        // practice: weekly
        new("wipe-dash", "Damp wipe dash, console and doors", "Wipe dash, doors")
        {
            Interval = TimeSpan.FromDays(7),
            OfferedFrom = 0.5,
            Work = TimeSpan.FromMinutes(2.5),
            Kinds = [SurfaceKind.Dash, SurfaceKind.Armrest, SurfaceKind.DoorCard],
            Stage = Stage.WetMiddle,
            DryingWhat = "Plastics",
            Drying = TimeSpan.FromMinutes(2),
            Kits = [Kit.DampTowels],
            Stakes = Stakes.HygieneAndTouch,
            Drivers =
            [
                (Distance, 0.3),
                (People, 0.05),
                (Children, 0.1),
                (Eating, 0.05),
                (OpenAir, 0.15),
                (SkinOils, 0.1),
                (DustyWork, 0.1),
            ],
            HeldBackBy = [KickGuard, WindowsUp],
            RaisedBy = [new("spill", 0.6), new("beach", 0.3), new("move", 0.5), new("sickness", 0.6)],
            ShieldedBy =
            [
                new("protect-plastics", new(0.9)),
                new("protect-plastics", new(0.8)) { Needs = CoatTraits.Antistatic },
            ],
            Checks = ["finger-swipe", "photo"],
            Products =
            [
                new(Water, 1.5),
                new(RinselessWash, 1.5),
                new(SoapWater, 2),
                new(InteriorDetailer, 1.5),
                new(InteriorCleaner, TaskOption.Always),
                new(AllPurposeCleaner, TaskOption.Always),
            ],
            Mixture = Volume.FromMillilitres(10),
        },
        // practice: weekly
        new("wipe-screens", "Wipe the screens", "Screens")
        {
            Interval = TimeSpan.FromDays(7),
            OfferedFrom = 0.6,
            Work = TimeSpan.FromMinutes(0.5),
            Kinds = [SurfaceKind.Screen],
            Stage = Stage.WetMiddle,
            Kits = [Kit.DampTowels],
            Stakes = Stakes.SightAndGrip,
            Drivers = [(Distance, 0.2), (People, 0.2), (Children, 0.05), (OpenAir, 0.1), (SkinOils, 0.15)],
            HeldBackBy = [WindowsUp],
            Checks = ["glare"],
            Products =
            [
                new(Water, 3),
                new(RinselessWash, TaskOption.Always),
                new(AlcoholDetailer, TaskOption.Always),
                new(GlassCleaner, TaskOption.Always),
            ],
            Mixture = Volume.FromMillilitres(1),
        },
        // practice: weekly
        new("wipe-gloss-trim", "Wipe the console trim", "Trim")
        {
            Interval = TimeSpan.FromDays(7),
            OfferedFrom = 0.6,
            Work = TimeSpan.FromMinutes(0.5),
            Kinds = [SurfaceKind.Trim],
            Stage = Stage.WetMiddle,
            Kits = [Kit.DampTowels],
            Stakes = Stakes.Looks,
            Drivers = [(Distance, 0.2), (OpenAir, 0.2), (SkinOils, 0.1), (DustyWork, 0.1)],
            HeldBackBy = [WindowsUp],
            Checks = ["finger-swipe", "photo"],
            Products =
            [
                new(CleaningGel, 1.2),
                new(Water, 2),
                new(RinselessWash, TaskOption.Always),
                new(AlcoholDetailer, TaskOption.Always),
                new(InteriorDetailer, TaskOption.Always),
                new(InteriorCleaner, TaskOption.Always),
            ],
            Mixture = Volume.FromMillilitres(2),
        },
    ];
}
