using Cove.Core.Catalogue.Amounts;
using Cove.Core.Vehicles.Surfaces;
using static Cove.Core.Catalogue.Products.ProductClass;
using static Cove.Core.Upkeep.Use.Driver;

namespace Cove.Core.Upkeep.Tasks;

/// <summary>What only some cars have, and the air in all of them.</summary>
internal static class ExtraTasks
{
    public static IReadOnlyList<CareTask> All { get; } =
    [
        // memory
        new("child-seat", "Clean the child seat", "Child seat")
        {
            Interval = TimeSpan.FromDays(14),
            OfferedFrom = 0.7,
            Work = TimeSpan.FromMinutes(6),
            Kinds = [SurfaceKind.ChildSeat],
            Stage = Stage.MatsOut,
            DryingWhat = "Child seat",
            Drying = TimeSpan.FromMinutes(20),
            Kits = [Kit.DampTowels, Kit.Vacuum],
            Stakes = Stakes.HygieneAndTouch,
            Drivers = [(Distance, 0.3), (Children, 0.1), (Eating, 0.3)],
            RaisedBy = [new("sickness", 1)],
            Checks = ["towel-colour"],
            Products = [new(Water, TaskOption.Always)],
            Mixture = Volume.FromMillilitres(20),
        },
        // memory
        new("pet-cover", "Shake out and wipe the pet cover", "Pet cover")
        {
            Interval = TimeSpan.FromDays(14),
            OfferedFrom = 0.5,
            Work = TimeSpan.FromMinutes(3),
            Kinds = [SurfaceKind.PetCover],
            Stage = Stage.MatsOut,
            DryingWhat = "Pet cover",
            Drying = TimeSpan.FromMinutes(20),
            Kits = [Kit.Vacuum, Kit.DampTowels],
            Stakes = Stakes.HygieneAndTouch,
            Drivers = [(Distance, 0.2), (Pets, 0.3)],
            RaisedBy = [new("pet", 0.5)],
            Checks = ["pat"],
            Products = [new(Water, TaskOption.Always)],
            Mixture = Volume.FromMillilitres(20),
        },
        // practice: two to three months
        new("scent", "Change the scent", "Scent")
        {
            Interval = TimeSpan.FromDays(75),
            OfferedFrom = 0.9,
            Work = TimeSpan.FromMinutes(1),
            Kinds = [SurfaceKind.Air],
            Stage = Stage.PutBack,
            Kits = [],
            Stakes = Stakes.Looks,
            Drivers = [(Smoke, 0.1), (Pets, 0.1), (Sun, 0.1)],
            RaisedBy = [new("smoke", 0.3), new("pet", 0.3), new("sickness", 0.6)],
            Checks = ["smell"],
            Products = [new(Scent, TaskOption.Always)],
        },
    ];
}
