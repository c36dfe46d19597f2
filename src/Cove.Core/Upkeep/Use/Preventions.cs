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

/// <summary>What one prevention does: it lowers what some drivers bring to the tasks that it holds back.</summary>
/// <param name="Prevention">One prevention.</param>
/// <param name="Name">Its name, as an owner would say it.</param>
/// <param name="Drivers">The drivers it holds back.</param>
/// <param name="Kept">How much of what those drivers bring still gets through.</param>
public sealed record PreventionEffect(
    Preventions Prevention,
    string Name,
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
        new(Preventions.AllWeatherMats, "All-weather mats", FromFeet, new(0.7)),
        new(
            Preventions.BootLiner,
            "Boot liner",
            [Driver.Time, Driver.Distance, Driver.DustyWork, Driver.Pets],
            new(0.7)
        ),
        new(
            Preventions.SeatProtector,
            "Protector under a child seat",
            [Driver.Children, Driver.Eating],
            new(0.6)
        ),
        new(Preventions.KickGuard, "Kick guard", [Driver.Children], new(0.7)),
        new(Preventions.CupHolderLiners, "Cup-holder liners", FromAbove, new(0.5)),
        new(Preventions.BinOrOrganisers, "Bin or organisers", [Driver.Eating, Driver.Children], new(0.7)),
        new(Preventions.WheelCover, "Wheel cover", [Driver.Distance, Driver.SkinOils], new(0.6)),
        new(Preventions.WindscreenShade, "Windscreen shade or dash pad", [Driver.Sun], new(0.5)),
        new(Preventions.PetCover, "Pet cover", [Driver.Pets], new(0.4)),
        new(
            Preventions.ShakenShoes,
            "Shoes shaken off",
            [Driver.Grit, Driver.DustyWork, Driver.People],
            new(0.7)
        ),
        new(Preventions.Recirculation, "Air recirculated behind traffic", [Driver.Distance], new(0.8)),
        new(Preventions.WindowsUp, "Windows up in dust and pollen", [Driver.OpenAir], new(0.6)),
    ];

    /// <summary>What some preventions do.</summary>
    /// <param name="preventions">Each of them by itself.</param>
    public static IReadOnlyList<PreventionEffect> Of(IReadOnlyList<Preventions> preventions) =>
        [.. All.Where(effect => preventions.Contains(effect.Prevention))];
}
