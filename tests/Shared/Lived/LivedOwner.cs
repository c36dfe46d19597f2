using Cove.Core;
using Cove.Core.Catalogue;
using Cove.Core.Catalogue.Products;
using Cove.Core.Catalogue.Tools;
using Cove.Core.Routine.Recurrence;
using Cove.Core.Routine.Slots;
using Cove.Core.Schools;
using Cove.Core.Upkeep.Use;
using Cove.Core.Vehicles;
using Cove.Core.Vehicles.Plan;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Tests.Lived;

/// <summary>An invented owner with a car, a way of using it and the slots they give to it.</summary>
/// <param name="Name">What sets them apart.</param>
/// <param name="Layout">The car.</param>
/// <param name="Use">How it is used.</param>
/// <param name="Slots">The slots.</param>
public sealed record LivedOwner(string Name, CabinLayout Layout, CarUse Use, IReadOnlyList<Slot> Slots)
{
    /// <summary>The first day of the year that is lived, at breakfast.</summary>
    public static readonly DateTimeOffset Start = new(2026, 3, 14, 8, 0, 0, TimeSpan.Zero);

    /// <summary>What part of the slots pass without a session.</summary>
    public double Skips { get; init; }

    /// <summary>What part of how fast levels rise is drawn otherwise than the model thinks: 0 for none, 1 for all of its doubt.</summary>
    public double Doubt { get; init; }

    /// <summary>The seed of everything that is drawn.</summary>
    public int Seed { get; init; } = 1;

    /// <summary>What they own: every class of product that is not kept for a special case.</summary>
    public static Shelf Everything { get; } =
        new(
            [
                .. Enum.GetValues<ProductClass>()
                    .Where(known => known != ProductClass.Water)
                    .Select(
                        (known, at) =>
                            Product.OfClass(new(new Guid(at + 1, 0, 0, new byte[8])), $"{known}", known)
                    ),
            ],
            [.. OwnedTool.Ownable.Select(tool => new OwnedTool(tool, 1, string.Empty))],
            [],
            WaysOfWorking.Default
        );

    /// <summary>Eight owners who live differently.</summary>
    public static IReadOnlyList<LivedOwner> Eight { get; } =
    [
        new("weekly 20", Car(BodyType.Hatchback), CarUse.Reference, [Weekly(20)]),
        new(
            "fortnightly 45, leather",
            Car(BodyType.Saloon) with
            {
                SeatMaterial = Material.CoatedLeather,
            },
            CarUse.Reference,
            [Every("FREQ=WEEKLY;INTERVAL=2", 45)]
        ),
        new(
            "twice a week 10",
            Car(BodyType.Hatchback),
            CarUse.Reference,
            [Weekly(10), Weekly(10) with { Id = Id(2), From = Day.AddDays(4) }]
        ),
        new(
            "monthly 60",
            Car(BodyType.Estate),
            CarUse.Reference,
            [Every("FREQ=WEEKLY;INTERVAL=4", 60) with { Place = Overnight }]
        ),
        new("weekly 25, four in ten skipped", Car(BodyType.Estate), CarUse.Reference, [Weekly(25)])
        {
            Skips = 0.4,
        },
        new(
            "family, dog, salt, weekly 30",
            Car(BodyType.Estate) with
            {
                ChildSeats = 2,
            },
            CarUse.Reference with
            {
                People = 4,
                Children = 2,
                Eating = Often.Daily,
                Pets = Often.Daily,
                GritMonths = MonthSet.Of([11, 12, 1, 2, 3]),
                DustyWork = Often.Sometimes,
            },
            [
                Weekly(30),
                Every("FREQ=WEEKLY;INTERVAL=8", 75) with
                {
                    Id = Id(2),
                    From = Day.AddDays(1),
                    Place = Overnight,
                },
            ]
        ),
        new(
            "3,000 km a month, weekly 20",
            Car(BodyType.Saloon),
            CarUse.Reference with
            {
                Distance = WeeklyDistance.FromKilometres(690),
            },
            [Weekly(20)]
        ),
        new(
            "100 km a month in a garage, monthly 30",
            Car(BodyType.Hatchback),
            CarUse.Reference with
            {
                Distance = WeeklyDistance.FromKilometres(23),
                ParkedInSun = Share.None,
            },
            [
                Every("FREQ=WEEKLY;INTERVAL=4", 30) with
                {
                    Place = Overnight with { Ground = SlotGround.Garage },
                },
            ]
        ),
    ];

    private static DateOnly Day => DateOnly.FromDateTime(Start.DateTime);

    private static SlotPlace Overnight => SlotPlace.Usual with { Standing = Standing.UntilTomorrow };

    /// <summary>Any owner of any usual car.</summary>
    /// <param name="seed">Names the owner.</param>
    public static LivedOwner Any(int seed)
    {
        var random = new Random(seed);
        BodyType[] bodies = Enum.GetValues<BodyType>();
        int often = Enum.GetValues<Often>().Length;
        return Any(
            random,
            CabinLayout.Usual(bodies[random.Next(bodies.Length)]) with
            {
                SeatMaterial = random.Next(3) == 0 ? Material.CoatedLeather : Material.WovenFabric,
            },
            CarUse.Reference with
            {
                Distance = WeeklyDistance.FromKilometres(random.Next(20, 700)),
                People = random.Next(1, 5),
                Pets = (Often)random.Next(often),
                Eating = (Often)random.Next(often),
            }
        );
    }

    /// <summary>Any owner of a car.</summary>
    /// <param name="random">Draws.</param>
    /// <param name="layout">The car.</param>
    /// <param name="use">How it is used.</param>
    public static LivedOwner Any(Random random, CabinLayout layout, CarUse use)
    {
        string[] rules = ["FREQ=WEEKLY", "FREQ=WEEKLY", "FREQ=WEEKLY;INTERVAL=2", "FREQ=WEEKLY;INTERVAL=4"];
        int which = random.Next(rules.Length);
        int minutes = which < 2 ? random.Next(3, 9) * 5 : random.Next(6, 16) * 5;
        SlotPlace place = SlotPlace.Usual with
        {
            Standing = (Standing)random.Next(Enum.GetValues<Standing>().Length),
        };
        List<Slot> slots = [Every(rules[which], minutes) with { Place = place }];
        if (random.Next(2) == 0)
        {
            slots.Add(
                Every("FREQ=WEEKLY;INTERVAL=8", random.Next(10, 20) * 5) with
                {
                    Id = Id(2),
                    From = Day.AddDays(1),
                    Place = Overnight,
                }
            );
        }

        return new LivedOwner($"{rules[which]} {minutes}", layout, use, slots) { Seed = random.Next() };
    }

    private static CabinLayout Car(BodyType body) => CabinLayout.Usual(body);

    private static SlotId Id(int number) => new(new Guid(number, 7, 0, new byte[8]));

    private static Slot Weekly(int minutes) => Every("FREQ=WEEKLY", minutes);

    private static Slot Every(string rule, int minutes) =>
        new(Id(1), RecurrenceRule.Parse(rule), Day, new TimeOnly(9, 30), minutes);
}
