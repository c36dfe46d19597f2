namespace Cove.Core.Upkeep.Use;

/// <summary>What an owner has put in place to keep soil away. Several may hold at once.</summary>
[Flags]
public enum Preventions
{
    /// <summary>Nothing.</summary>
    None = 0,

    /// <summary>All-weather mats with a raised rim.</summary>
    AllWeatherMats = 1,

    /// <summary>A liner in the boot.</summary>
    BootLiner = 2,

    /// <summary>A protector under a child seat.</summary>
    SeatProtector = 4,

    /// <summary>A kick guard on the backs of the front seats.</summary>
    KickGuard = 8,

    /// <summary>Liners in the cup holders.</summary>
    CupHolderLiners = 16,

    /// <summary>A bin for rubbish, or organisers for loose things.</summary>
    BinOrOrganisers = 32,

    /// <summary>A cover on the steering wheel.</summary>
    WheelCover = 64,

    /// <summary>A shade behind the windscreen or a pad on the dash when parked.</summary>
    WindscreenShade = 128,

    /// <summary>A cover for the animal.</summary>
    PetCover = 256,

    /// <summary>Shoes are shaken off before getting in.</summary>
    ShakenShoes = 512,

    /// <summary>Air on recirculation behind traffic.</summary>
    Recirculation = 1024,

    /// <summary>Windows kept up in dust and pollen.</summary>
    WindowsUp = 2048,
}

/// <summary>What one prevention does: it lowers what some drivers bring to some tasks.</summary>
/// <param name="Prevention">One prevention.</param>
/// <param name="Name">Its name, as an owner would say it.</param>
/// <param name="Tasks">The tasks it helps, by id.</param>
/// <param name="Drivers">The drivers it holds back.</param>
/// <param name="Kept">How much of what those drivers bring still gets through.</param>
public sealed record PreventionEffect(
    Preventions Prevention,
    string Name,
    IReadOnlyList<string> Tasks,
    IReadOnlyList<Driver> Drivers,
    Share Kept
);

/// <summary>The table of preventions. That they help is common practice; by how much is Cove's own choice.</summary>
public static class PreventionTable
{
    private static readonly Driver[] FromFeet =
    [
        Driver.Time,
        Driver.Distance,
        Driver.People,
        Driver.Grit,
        Driver.DustyWork,
    ];
    private static readonly Driver[] FromAbove =
    [
        Driver.Time,
        Driver.People,
        Driver.Children,
        Driver.Eating,
        Driver.Pets,
    ];

    /// <summary>Every prevention on offer.</summary>
    public static IReadOnlyList<PreventionEffect> All { get; } =
    [
        new(
            Preventions.AllWeatherMats,
            "All-weather mats",
            ["vacuum-carpets", "foam-carpets"],
            FromFeet,
            new(0.7)
        ),
        new(
            Preventions.BootLiner,
            "Boot liner",
            ["boot"],
            [Driver.Time, Driver.Distance, Driver.DustyWork, Driver.Pets],
            new(0.7)
        ),
        new(
            Preventions.SeatProtector,
            "Protector under a child seat",
            ["vacuum-seats", "clean-fabric-seats", "clean-leather", "clean-synthetic", "raise-nap"],
            [Driver.Children, Driver.Eating],
            new(0.6)
        ),
        new(
            Preventions.KickGuard,
            "Kick guard",
            ["vacuum-seats", "clean-fabric-seats", "clean-leather", "clean-synthetic", "wipe-dash"],
            [Driver.Children],
            new(0.7)
        ),
        new(Preventions.CupHolderLiners, "Cup-holder liners", ["cup-holders"], FromAbove, new(0.5)),
        new(
            Preventions.BinOrOrganisers,
            "Bin or organisers",
            ["vacuum-seats", "vacuum-carpets", "cup-holders"],
            [Driver.Eating, Driver.Children],
            new(0.7)
        ),
        new(
            Preventions.WheelCover,
            "Wheel cover",
            ["clean-wheel"],
            [Driver.Distance, Driver.SkinOils],
            new(0.6)
        ),
        new(
            Preventions.WindscreenShade,
            "Windscreen shade or dash pad",
            ["windscreen", "other-glass", "protect-plastics", "seal-leather"],
            [Driver.Sun],
            new(0.5)
        ),
        new(
            Preventions.PetCover,
            "Pet cover",
            ["vacuum-seats", "clean-fabric-seats", "raise-nap"],
            [Driver.Pets],
            new(0.4)
        ),
        new(
            Preventions.ShakenShoes,
            "Shoes shaken off",
            [
                "vacuum-carpets",
                "foam-carpets",
                "wash-rubber-mats",
                "foam-fabric-mats",
                "pedals",
                "door-shuts",
            ],
            [Driver.Grit, Driver.DustyWork, Driver.People],
            new(0.7)
        ),
        new(
            Preventions.Recirculation,
            "Air recirculated behind traffic",
            ["windscreen", "other-glass"],
            [Driver.Distance],
            new(0.8)
        ),
        new(
            Preventions.WindowsUp,
            "Windows up in dust and pollen",
            ["wipe-dash", "wipe-screens", "wipe-gloss-trim", "brush-vents", "cluster-lens", "vacuum-seats"],
            [Driver.OpenAir],
            new(0.6)
        ),
    ];

    /// <summary>The preventions that help a task.</summary>
    public static IReadOnlyList<PreventionEffect> For(string taskId) =>
        [.. All.Where(effect => effect.Tasks.Contains(taskId, StringComparer.Ordinal))];
}
