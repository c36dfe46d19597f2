using Cove.Core.Catalogue.Tools;
using Cove.Core.Methods.Steps;
using Cove.Core.Safety;
using Cove.Core.Schools;
using Cove.Core.Vehicles.Surfaces;
using static Cove.Core.Methods.Steps.Hand;

namespace Cove.Core.Methods.Library;

/// <summary>Fabric seats, headliner, carpets, mats and belts. Orders of work, dwell times and coats are common practice.</summary>
internal static class TextileMethods
{
    private static readonly DryingNeed OpenToDry = new(
        "Towel off, then doors or windows open.",
        "Do not close the car up, sit on it or protect it before it is dry."
    );

    private static readonly MethodStep MatsOut = Do(
        "Mats out",
        "Lift out whatever mats lie there before anything gets wet; they come back when floor and mats are dry."
    );

    public static IReadOnlyList<TaskMethod> All { get; } =
    [
        new(
            ["clean-fabric-seats"],
            new Method(
                "fabric-brush",
                "Foam and brush",
                "For soil that has built up",
                [
                    new MethodStep(
                        "Foam a panel",
                        "Foam on one panel, thinly, and let it work.",
                        Stroke.Still
                    )
                    {
                        Uses = Cleaner(Application.Foam),
                        Wait = Dwell(30),
                    },
                    Brush(
                        "Agitate",
                        "Upholstery brush in circles, lengthwise along edges and seams; a towel wrapped round the brush on delicate cloth.",
                        Stroke.Circles,
                        Tool.SoftBrush
                    ),
                    Wipe(
                        "Lift it off",
                        "Press and lift with a towel, a new face for each panel.",
                        Stroke.PressAndLift,
                        TowelRole.InteriorClean,
                        1.5
                    ) with
                    {
                        WipeOff = "Press and lift; do not rub it back in.",
                        Drying = OpenToDry,
                    },
                ],
                "Even colour when dry, no ring at the edge of a panel.",
                [
                    "Do not soak: rings form, and heaters and sensors lie below.",
                    Warnings.Airbag,
                    Warnings.Mildew,
                ]
            )
            {
                // practice: what is foamed and brushed is wet for hours
                Dries = TimeSpan.FromHours(4),
                // practice: a brush costs about three times the effort of a cloth
                LightTimes = 3,
                HeavyTimes = 3,
            }
        )
        {
            When = ask =>
                !ask.Worn
                && (
                    ask.Ways.Fabric == FabricSchool.Brush
                    || (ask.Ways.Fabric == FabricSchool.BySoil && ask.Soil == Soil.Heavy)
                ),
        },
        new(
            ["clean-fabric-seats"],
            new Method(
                "fabric-cloth",
                "Cleaner on a cloth",
                "For light soil",
                [
                    Wipe(
                        "Wipe it",
                        "Cleaner on a damp cloth; headrest, back, cushion, lengthwise along the seams.",
                        Stroke.Along,
                        TowelRole.InteriorClean,
                        1,
                        Cleaner(Application.OnTowel)
                    ),
                    Wipe(
                        "Lift the damp",
                        "Dry towel pressed on and lifted.",
                        Stroke.PressAndLift,
                        TowelRole.Buff,
                        0.8
                    ) with
                    {
                        Drying = OpenToDry,
                    },
                ],
                "Even colour when dry; a white towel stays white.",
                ["Do not soak: rings form, and heaters and sensors lie below.", Warnings.Airbag]
            )
            {
                HeavyTimes = 2,
            }
        ),
        new(
            ["headliner"],
            new Method(
                "headliner-nap",
                "Damp cloth, with the nap",
                "Only where there is a mark",
                [
                    Do("Look along it", "Look along the lining for marks; do nothing where there are none."),
                    Wipe(
                        "Wipe with the nap",
                        "Barely damp white cloth, one stroke, turn the face.",
                        Stroke.Along,
                        TowelRole.InteriorClean,
                        0.5,
                        Water(Application.OnTowel)
                    ),
                    Brush("Raise the nap", "Soft brush when it is dry.", Stroke.Along, Tool.SoftBrush),
                ],
                "Even and dull, no darker patch.",
                ["Never soak it: the glue lets go. Cloth and brush only overhead, eyes shielded."]
            )
            {
                Gear = [Gear.EyeProtection],
                Ladder = Ladders.Delicate,
            }
        )
        {
            Materials = [Material.Microsuede],
        },
        new(
            ["headliner"],
            new Method(
                "headliner-wipe",
                "Damp towel, dry towel",
                "A hard lining is wiped",
                [
                    Do("Look along it", "Look along the lining for marks; do nothing where there are none."),
                    Wipe(
                        "Wipe it",
                        "Cleaner on the towel, rows from front to back.",
                        Stroke.Across,
                        TowelRole.InteriorClean,
                        0.5,
                        Cleaner(Application.OnTowel)
                    ),
                ],
                "Even against the light.",
                ["Cloth only overhead, never a spray; eyes shielded."]
            )
            {
                Gear = [Gear.EyeProtection],
            }
        )
        {
            Materials = [Material.Plastic],
        },
        new(
            ["headliner"],
            new Method(
                "headliner-spot",
                "Little foam, one wipe",
                "Only where there is a mark",
                [
                    Do("Look along it", "Look along the lining for marks; do nothing where there are none."),
                    Brush(
                        "Work the mark",
                        "A little foam on the brush, light circles over the mark and a hand's width round it.",
                        Stroke.Circles,
                        Tool.SoftBrush,
                        Cleaner(Application.OnBrush),
                        Scrub(40)
                    ) with
                    {
                        Pressure = Pressure.None,
                    },
                    Wipe(
                        "One wipe",
                        "One wipe with a white towel, fold, stop.",
                        Stroke.Along,
                        TowelRole.InteriorClean,
                        0.5
                    ) with
                    {
                        Drying = new DryingNeed(
                            "In the air, doors open.",
                            "Do not touch it before it is dry."
                        ),
                    },
                ],
                "No edge where the mark was, no sagging.",
                ["Never soak it: the glue lets go. Cloth and brush only overhead, eyes shielded."]
            )
            {
                Gear = [Gear.EyeProtection],
                Ladder = Ladders.Delicate,
            }
        ),
        new(
            ["foam-carpets", "foam-fabric-mats"],
            new Method(
                "pile-gentle",
                "Dabbed, not brushed",
                "For pile that is worn thin",
                [
                    Wipe(
                        "Dab it",
                        "Cleaner on a damp towel, pressed on and lifted, from the edge inwards; mats outside the car.",
                        Stroke.PressAndLift,
                        TowelRole.Mats,
                        1.5,
                        Cleaner(Application.OnTowel)
                    ),
                    Wipe(
                        "Lift the damp",
                        "Dry towel pressed on with the flat hand and lifted, until it comes away almost dry.",
                        Stroke.PressAndLift,
                        TowelRole.Mats,
                        1.5
                    ) with
                    {
                        Drying = OpenToDry,
                    },
                ],
                "The towel comes away light; what is worn still shows, and may.",
                [
                    "No brush where the pile is worn: it pulls out what is left.",
                    Warnings.Mildew,
                    Warnings.LabelFirst,
                ]
            )
            {
                Dries = TimeSpan.FromHours(2),
            }
        )
        {
            When = ask => ask.Worn,
        },
        new(
            ["foam-carpets"],
            new Method(
                "carpet-foam",
                "Foam, brush, towel",
                "One footwell at a time",
                [
                    MatsOut,
                    new MethodStep("Foam a footwell", "Foam one footwell, let it work.", Stroke.Still)
                    {
                        Uses = Cleaner(Application.Foam),
                        Wait = Dwell(30),
                    },
                    Brush(
                        "Agitate",
                        "Stiff brush in two directions, edges last.",
                        Stroke.CrissCross,
                        Tool.StiffBrush
                    ),
                    Wipe(
                        "Lift it off",
                        "Press a dry towel on with the flat hand and lift; then the next footwell.",
                        Stroke.PressAndLift,
                        TowelRole.Mats,
                        1.5
                    ) with
                    {
                        WipeOff = "Press and lift until the towel comes away almost dry.",
                        Drying = OpenToDry,
                    },
                ],
                "The towel comes away light, the pile stands.",
                [Warnings.Mildew, Warnings.LabelFirst]
            )
            {
                // practice: foamed and brushed pile takes hours
                Dries = TimeSpan.FromHours(4),
            }
        ),
        new(
            ["foam-fabric-mats"],
            new Method(
                "fabric-mats",
                "Beat, foam, brush",
                "Outside the car",
                [
                    Do("Beat them", "Take the mats out, beat and vacuum them on both sides."),
                    new MethodStep("Foam", "Foam over the pile, let it work.", Stroke.Still)
                    {
                        Uses = Cleaner(Application.Foam),
                        Wait = Dwell(30),
                    },
                    Brush(
                        "Agitate",
                        "Stiff brush in circles, then with the pile.",
                        Stroke.Circles,
                        Tool.StiffBrush
                    ),
                    Wipe(
                        "Lift it off",
                        "Towel pressed on and lifted.",
                        Stroke.PressAndLift,
                        TowelRole.Mats,
                        2
                    ) with
                    {
                        Drying = new DryingNeed(
                            "Hung up or stood against a wall, in moving air.",
                            "Do not lay them back before both sides are dry."
                        ),
                    },
                ],
                "The towel comes away light, the pile stands.",
                [Warnings.Mildew, Warnings.LabelFirst]
            )
        ),
        new(
            ["wash-rubber-floor"],
            new Method(
                "rubber-floor",
                "Wiped wet, dried",
                "One footwell at a time, from the far edge",
                [
                    MatsOut,
                    Wipe(
                        "Wipe it wet",
                        "Cleaner on a wet towel, along the ribs; corners and under the pedals last.",
                        Stroke.Along,
                        TowelRole.Dirty,
                        1.5,
                        Cleaner(Application.OnTowel)
                    ),
                    Wipe(
                        "Dry it",
                        "Dry towel until the sole no longer slips.",
                        Stroke.Along,
                        TowelRole.Dirty,
                        1.5
                    ) with
                    {
                        Drying = new DryingNeed(
                            "In the air, doors open.",
                            "Do not lay mats on it or drive before it is dry."
                        ),
                    },
                ],
                "Dull, dry and grippy; no dressing on it.",
                [Warnings.BareGrip, "Little water: it runs under the edge to the felt below."]
            )
        ),
        new(
            ["wash-rubber-mats"],
            new Method(
                "rubber-mats",
                "Rinse, scrub, rinse",
                "Outside the car",
                [
                    Do("Shake and rinse", "Take the mats out, shake them, rinse both sides."),
                    new MethodStep("Wet with cleaner", "Mat cleaner all over, let it work.", Stroke.Still)
                    {
                        Uses = Cleaner(Application.DirectSpray),
                        Wait = Dwell(30),
                    },
                    Brush(
                        "Scrub",
                        "Stiff brush, across and along the ribs.",
                        Stroke.CrissCross,
                        Tool.StiffBrush
                    ) with
                    {
                        Pressure = Pressure.Firm,
                    },
                    Do("Rinse", "Rinse until the water runs clear; stand them face up.") with
                    {
                        Drying = new DryingNeed(
                            "Face up in moving air, shaken off first.",
                            "Do not lay them back before both sides are dry."
                        ),
                    },
                ],
                "Dull, bare rubber; the sole grips.",
                [Warnings.RunOff, Warnings.BareGrip]
            )
            {
                HeavyTimes = 2,
            }
        ),
        new(
            ["seat-belts"],
            new Method(
                "belts",
                "Soap water along the weave",
                "Pulled out, brushed, a day to dry",
                [
                    Do("Pull out", "Pull each belt fully out and clamp it at the reel."),
                    Brush(
                        "Brush along",
                        "Mild soapy water on a soft brush, along the weave only, both faces.",
                        Stroke.Along,
                        Tool.SoftBrush,
                        Cleaner(Application.OnBrush)
                    ),
                    Wipe(
                        "Towel off",
                        "Fold a dry towel round the belt and draw it along.",
                        Stroke.Along,
                        TowelRole.InteriorClean,
                        3
                    ) with
                    {
                        Drying = new DryingNeed(
                            "Left pulled out and clamped, in the air, for a day.",
                            "Do not let them reel in for 24 hours."
                        ),
                    },
                ],
                "Supple, no stiff or fuzzy edge, runs back by itself.",
                [
                    "No bleach, solvent, dye or strong cleaner: they weaken the webbing.",
                    "Damaged belts are replaced by a licensed workshop. Nobody rides on a seat whose belt is clamped.",
                ]
            )
            {
                Ladder = Ladders.Belts,
            }
        ),
    ];
}
