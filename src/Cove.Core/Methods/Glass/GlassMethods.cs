using Cove.Core.Catalogue.Tools;
using Cove.Core.Methods.Steps;
using Cove.Core.Safety;
using Cove.Core.Upkeep.Levels;
using static Cove.Core.Catalogue.Products.ProductClass;
using static Cove.Core.Methods.Steps.Hand;

namespace Cove.Core.Methods.Glass;

/// <summary>The ways of cleaning the inside of a pane. Orders of work are common practice; shares removed and minutes are Cove's own choice.</summary>
public static class GlassMethods
{
    private const string AlongLines = "Along the lines only, one band after the other, without pressure.";
    private const string DryAlongLines = "Dry towel at once, along the lines only, without pressure.";
    private const string TowelNotGlass = "Product on the towel, never at the glass: it runs into the dash.";
    private const string DashTowel = "A glass towel that has touched the dash is finished for today.";

    private static readonly string[] UsualCautions = [TowelNotGlass, DashTowel];

    private static readonly MethodStep Edges = Wipe(
        "Edges first",
        "Round the edge with the damp face, corners most.",
        Stroke.Box,
        TowelRole.GlassWet,
        0.5
    );

    /// <summary>Two towels, one damp with cleaner, one dry: for everyday soil.</summary>
    public static GlassMethod TwoTowels { get; } =
        new(
            new Method(
                "glass-two-towels",
                "Two towels",
                "Damp towel upright, dry towel across",
                [
                    Edges with
                    {
                        Text = "One or two sprays on the first towel, then round the edge, corners most.",
                        Uses = Cleaner(
                            Application.OnTowel,
                            GlassCleaner,
                            RinselessWash,
                            GlassCleanerWithVinegar,
                            GlassCleanerWithAmmonia
                        ),
                    },
                    Wipe(
                        "Up and down",
                        "The same towel, stripe by stripe, each from the top.",
                        Stroke.Upright,
                        TowelRole.GlassWet,
                        1.2
                    ) with
                    {
                        OnLines = AlongLines,
                    },
                    Wipe(
                        "Dry",
                        "The second towel at once, from side to side, until nothing shows.",
                        Stroke.Across,
                        TowelRole.GlassDry,
                        1.4
                    ) with
                    {
                        OnLines = DryAlongLines,
                    },
                ],
                "Nothing shows when you look along the pane against the light.",
                UsualCautions
            )
            {
                Ladder = Ladders.Glass,
                Removal = new Removal(new Share(0.95), new Share(0.6)),
            },
            TimeSpan.FromMinutes(0.2),
            TimeSpan.FromMinutes(1.2),
            3,
            GlassMethodLiquid.Cleaner
        );

    /// <summary>Warm water and a synthetic chamois: for light soil, and the only one that bears sun.</summary>
    public static GlassMethod Chamois { get; } =
        new(
            new Method(
                "glass-chamois",
                "Water and chamois",
                "Warm water, wrung out, dried at once",
                [
                    Edges with
                    {
                        Text = "Wring the chamois out of warm water; round the edge first, corners most.",
                        Tool = Tool.Chamois,
                        Uses = Water(Application.OnTowel),
                    },
                    Wipe(
                        "Criss-cross",
                        "Up and down, then left and right.",
                        Stroke.CrissCross,
                        TowelRole.GlassWet,
                        0.4
                    ) with
                    {
                        Tool = Tool.Chamois,
                        OnLines = AlongLines,
                    },
                    Wipe(
                        "Dry at once",
                        "Dry towel, before a drop can dry by itself.",
                        Stroke.Across,
                        TowelRole.GlassDry,
                        1.6
                    ) with
                    {
                        OnLines = DryAlongLines,
                    },
                    Wipe(
                        "Dry the dash",
                        "Wipe up what ran down, with another towel.",
                        Stroke.Across,
                        TowelRole.InteriorClean,
                        0.5
                    ),
                ],
                "No drop marks when you look along the pane.",
                [DashTowel, "Wring it well: what drips runs into the dash."]
            )
            {
                Ladder = Ladders.Glass,
                Removal = new Removal(new Share(0.95), new Share(0.36)),
            },
            TimeSpan.FromMinutes(0.5),
            TimeSpan.FromMinutes(1.5),
            3,
            GlassMethodLiquid.Water
        )
        {
            BearsHeat = true,
            Tools = [Tool.Chamois],
        };

    /// <summary>Dry wipe, degrease, clean: for oily film and smoke on bare, clear glass.</summary>
    public static GlassMethod ThreeSteps { get; } =
        new(
            new Method(
                "glass-three-steps",
                "Three-step degrease",
                "Dry wipe, degrease, clean",
                [
                    Wipe(
                        "Dry wipe",
                        "Dry towel in circles, then up and down: the loose part first.",
                        Stroke.Circles,
                        TowelRole.GlassDry,
                        1
                    ),
                    Edges with
                    {
                        Text = "Round the edge with a dry corner of the towel, corners most.",
                        Towel = null,
                    },
                    Wipe(
                        "Degrease",
                        "Alcohol on a towel, or a damp melamine sponge without pressure, in circles; a forearm's width at a time, dried at once.",
                        Stroke.Circles,
                        TowelRole.GlassWet,
                        1.4,
                        new ProductNeed(ProductRole.Degreaser, Application.OnTowel)
                        {
                            Classes = [IsopropylAlcohol, MelamineSponge],
                        }
                    ) with
                    {
                        WipeOff = "Dry at once with a fresh face.",
                    },
                    Wipe(
                        "Clean",
                        "Cleaner on a fresh towel, in circles.",
                        Stroke.Circles,
                        TowelRole.GlassWet,
                        1.2,
                        Cleaner(
                            Application.OnTowel,
                            GlassCleaner,
                            RinselessWash,
                            GlassCleanerWithVinegar,
                            GlassCleanerWithAmmonia
                        )
                    ),
                    Wipe("Dry", "Dry face, from side to side.", Stroke.Across, TowelRole.GlassDry, 1.6),
                ],
                "A breath on the glass fades evenly, without islands.",
                [
                    .. UsualCautions,
                    "Never on tint film, heater lines, aerials or plastic panes.",
                    "Alcohol burns: doors open, nothing glowing near, glass cool.",
                ]
            )
            {
                Ladder = Ladders.Glass,
                Removal = new Removal(new Share(0.98), new Share(0.93)),
                Gear = [Gear.Gloves, Gear.FreshAir],
            },
            TimeSpan.FromMinutes(0.6),
            TimeSpan.FromMinutes(3.2),
            2,
            GlassMethodLiquid.Cleaner
        )
        {
            NotOnFilm = "Alcohol and abrasives lift and scratch the film.",
            NotOnLines = "Alcohol and abrasives wear the lines off.",
            NotOnPlastic = "Alcohol and abrasives craze and scratch clear plastic.",
        };

    /// <summary>Two passes by zones with a cleaner, the second lifting what the first softened: for fatty film and large panes.</summary>
    public static GlassMethod Zones { get; } =
        new(
            ByZones(
                "glass-zones",
                "Double pass by zones",
                new ProductNeed(ProductRole.Cleaner, Application.OnTowel)
                {
                    Classes =
                    [
                        GlassCleaner,
                        RinselessWash,
                        SoapWater,
                        GlassCleanerWithVinegar,
                        GlassCleanerWithAmmonia,
                    ],
                },
                new Removal(new Share(0.97), new Share(0.85))
            ),
            TimeSpan.FromMinutes(0.3),
            TimeSpan.FromMinutes(2.2),
            2,
            GlassMethodLiquid.Cleaner
        );

    /// <summary>The same with plain water: it takes dust and prints twice over, but little oil.</summary>
    public static GlassMethod ZonesWithWater { get; } =
        new(
            ByZones(
                "glass-zones-water",
                "Double pass with water",
                Water(Application.OnTowel),
                new Removal(new Share(0.95), new Share(0.36))
            ),
            TimeSpan.FromMinutes(0.3),
            TimeSpan.FromMinutes(2.2),
            2,
            GlassMethodLiquid.Water
        );

    private static Method ByZones(MethodId id, string name, ProductNeed liquid, Removal removal) =>
        new(
            id,
            name,
            "Upper half, lower half, each twice",
            [
                Edges with
                {
                    Text = "Wet towel round the edge first, corners most.",
                    Uses = liquid,
                },
                Wipe(
                    "Soften",
                    "The same towel over the upper half, then the lower, the hand turned for the lower one.",
                    Stroke.Across,
                    TowelRole.GlassWet,
                    1.2
                ) with
                {
                    OnLines = AlongLines,
                    Zones = 2,
                },
                Wipe(
                    "Lift",
                    "The same way again with a fresh wet face: it takes what the first one softened.",
                    Stroke.Across,
                    TowelRole.GlassWet,
                    1.2
                ) with
                {
                    OnLines = AlongLines,
                    Zones = 2,
                },
                Wipe(
                    "Dry",
                    "Dry towel, zone by zone, from side to side.",
                    Stroke.Across,
                    TowelRole.GlassDry,
                    1.8
                ) with
                {
                    OnLines = DryAlongLines,
                    Zones = 2,
                },
            ],
            "No veil round a lamp seen through it in the dark.",
            UsualCautions
        )
        {
            Ladder = Ladders.Glass,
            Removal = removal,
        };

    /// <summary>Mild soap water: for tint film and a small kit.</summary>
    public static GlassMethod SoapWaterWay { get; } =
        new(
            new Method(
                "glass-soap",
                "Mild soap water",
                "Damp towel, dry towel",
                [
                    Edges with
                    {
                        Text =
                            "Six to ten drops of mild, ammonia-free soap in a litre of water; towel wrung out. Round the edge first.",
                        Uses = Cleaner(Application.OnTowel, SoapWater),
                    },
                    Wipe(
                        "Up and down",
                        "Stripe by stripe, each from the top, no pressure.",
                        Stroke.Upright,
                        TowelRole.GlassWet,
                        1.2
                    ) with
                    {
                        OnLines = AlongLines,
                    },
                    Wipe(
                        "Dry",
                        "Dry towel at once, no pressure.",
                        Stroke.Across,
                        TowelRole.GlassDry,
                        1.6
                    ) with
                    {
                        OnLines = DryAlongLines,
                    },
                ],
                "Clear and even, no edge of the film lifted.",
                [DashTowel, "Tint film takes no ammonia, vinegar, alcohol, abrasive or scraper."]
            )
            {
                Ladder = Ladders.Glass,
                Removal = new Removal(new Share(0.93), new Share(0.55)),
            },
            TimeSpan.FromMinutes(0.3),
            TimeSpan.FromMinutes(1.4),
            3,
            GlassMethodLiquid.Cleaner
        );

    /// <summary>Steam: an option on clear glass that is not cold, in practised hands.</summary>
    public static GlassMethod Steam { get; } =
        new(
            new Method(
                "glass-steam",
                "Steam and towel",
                "Short bursts, towel at once",
                [
                    Do("Cover up", "Dry towels over dash, screens and switches."),
                    Edges with
                    {
                        Text = "Round the edge with a damp towel, corners most: steam stays off the seals.",
                    },
                    new MethodStep(
                        "Steam",
                        "Short bursts from a hand's width away, always moving, from the top.",
                        Stroke.Across
                    )
                    {
                        Tool = Tool.Steamer,
                        Uses = Water(Application.OnTowel),
                    },
                    Wipe("Dry", "Towel at once, from side to side.", Stroke.Across, TowelRole.GlassDry, 2),
                ],
                "No veil round a lamp seen through it in the dark.",
                [
                    "Steam scalds and drives water into switches: short bursts, keep it moving.",
                    "Never on cold, tinted or plastic panes, nor into vents, speakers or airbag seams.",
                ]
            )
            {
                Ladder = Ladders.Glass,
                Removal = new Removal(new Share(0.95), new Share(0.9)),
                Gear = [Gear.Gloves, Gear.EyeProtection],
            },
            TimeSpan.FromMinutes(1.5),
            TimeSpan.FromMinutes(2.6),
            2,
            GlassMethodLiquid.Water
        )
        {
            NotOnFilm = "Steam lifts the film off the glass.",
            NotOnLines = "Steam can lift printed lines.",
            NotOnPlastic = "Steam warps and clouds clear plastic.",
            NotOnCold = "Steam on cold glass can crack it.",
            Tools = [Tool.Steamer],
        };

    /// <summary>Every method, in the order in which ties are settled.</summary>
    public static IReadOnlyList<GlassMethod> All { get; } =
    [TwoTowels, Chamois, SoapWaterWay, Zones, ZonesWithWater, ThreeSteps, Steam];

    /// <summary>Finds a method; null when it is none for glass.</summary>
    public static GlassMethod? Find(MethodId id) => All.FirstOrDefault(glass => glass.Method.Id == id);
}
