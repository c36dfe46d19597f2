using Cove.Core.Catalogue.Tools;
using Cove.Core.Methods.Steps;
using Cove.Core.Safety;
using Cove.Core.Schools;
using Cove.Core.Vehicles.Surfaces;
using static Cove.Core.Methods.Steps.Hand;

namespace Cove.Core.Methods.Library;

/// <summary>Wiping of dash, doors, trim, screens, wheel, cup holders, pedals and shuts. Common practice.</summary>
internal static class HardMethods
{
    private static readonly MethodStep BuffPanels = Wipe(
        "Buff dry",
        "Follow at once with a dry face.",
        Stroke.Across,
        TowelRole.Buff,
        0.8
    );

    public static IReadOnlyList<TaskMethod> All { get; } =
    [
        new(
            ["wipe-dash"],
            new Method(
                "wipe-cloth-dash",
                "Along the weave",
                "Barely damp, no rubbing",
                [
                    Brush(
                        "Raise the dust",
                        "Soft brush along the weave, nozzle beside it.",
                        Stroke.Along,
                        Tool.SoftBrush
                    ),
                    Wipe(
                        "Wipe it",
                        "A towel wrung until it feels dry, along the weave, never into a seam.",
                        Stroke.Along,
                        TowelRole.InteriorClean,
                        1.5,
                        Cleaner(Application.OnTowel)
                    ),
                ],
                "Even colour, no rings when it has dried.",
                ["Damp the towel, not the dash: liquid runs into switches and screens.", Warnings.Airbag]
            )
        )
        {
            Materials = [Material.WovenFabric, Material.Microsuede],
        },
        new(
            ["wipe-dash"],
            new Method(
                "wipe-damp",
                "Damp towel, dry towel",
                "From the top down, a face for each panel",
                [
                    Wipe(
                        "Wipe it",
                        "Wring the towel until it no longer drips. Dash, console, doors, from the top down; turn to a clean face when one is loaded.",
                        Stroke.Across,
                        TowelRole.InteriorClean,
                        0.8,
                        Cleaner(Application.OnTowel)
                    ),
                    BuffPanels,
                ],
                "Dull and even against the light, nothing on a fingertip.",
                ["Damp the towel, not the dash: liquid runs into switches and screens.", Warnings.Airbag]
            )
        )
        {
            Soil = Soil.Light,
        },
        new(
            ["wipe-dash"],
            new Method(
                "wipe-brush",
                "Brush the grain",
                "Cleaner on the brush, towel at once",
                [
                    Brush(
                        "Loosen it",
                        "Cleaner on a soft brush; small circles in the grain, low scuffs and handles most.",
                        Stroke.Circles,
                        Tool.SoftBrush,
                        Cleaner(Application.OnBrush)
                    ),
                    Wipe(
                        "Wipe off",
                        "Damp towel before it dries, a face for each panel.",
                        Stroke.Across,
                        TowelRole.InteriorClean,
                        1.6,
                        Water(Application.OnTowel)
                    ),
                    BuffPanels,
                ],
                "Dull and even against the light, nothing on a fingertip.",
                ["Brush away from glass, screens and airbag seams.", Warnings.LabelFirst]
            )
            {
                HeavyTimes = 3,
                LightTimes = 3,
            }
        ),
        new(
            ["wipe-screens"],
            new Method(
                "screen-dry",
                "Dry, then damp",
                "The weakest that works",
                [
                    Wipe(
                        "Dry first",
                        "Screen off. A clean towel kept for screens, without pressure.",
                        Stroke.Across,
                        TowelRole.Screens,
                        4
                    ) with
                    {
                        Pressure = Pressure.None,
                    },
                    Wipe(
                        "Damp a corner",
                        "Only where a mark stays: one damp corner of the towel.",
                        Stroke.Circles,
                        TowelRole.Screens,
                        4,
                        Cleaner(Application.OnTowel)
                    ) with
                    {
                        Pressure = Pressure.None,
                    },
                    Wipe(
                        "Dry at once",
                        "A dry face, in one direction.",
                        Stroke.Along,
                        TowelRole.Screens,
                        4
                    ) with
                    {
                        Pressure = Pressure.None,
                    },
                ],
                "Black and even when it is off.",
                ["No pressure and no spray: both mark the coating. The maker's advice comes first."]
            )
            {
                Ladder = Ladders.Delicate,
            }
        ),
        new(
            ["wipe-gloss-trim"],
            new Method(
                "trim-gel",
                "Lift, then dab",
                "Gel first, no rubbing",
                [
                    new MethodStep(
                        "Lift the dust",
                        "Roll cleaning gel over it; where there is none, float the dust off with an ultra-soft brush.",
                        Stroke.Roll
                    )
                    {
                        Tool = Tool.Gel,
                    },
                    Wipe(
                        "Dab the prints",
                        "A very soft, barely damp towel: press on, lift off, no rubbing.",
                        Stroke.PressAndLift,
                        TowelRole.Screens,
                        4,
                        Cleaner(Application.OnTowel)
                    ),
                ],
                "No print and no new hairline when a lamp is held to it.",
                ["Dry rubbing leaves hairline marks in gloss black."]
            )
            {
                Ladder = Ladders.Delicate,
            }
        )
        {
            Finishes = [Finish.Gloss],
        },
        new(
            ["wipe-gloss-trim"],
            new Method(
                "trim-lines",
                "Along the lines",
                "With the grain of metal or wood",
                [
                    Wipe(
                        "Wipe along",
                        "Barely damp towel in the direction of the brushing or the grain, never across.",
                        Stroke.Along,
                        TowelRole.InteriorClean,
                        4,
                        Cleaner(Application.OnTowel)
                    ),
                    Wipe("Dry along", "Dry face, same direction.", Stroke.Along, TowelRole.Buff, 4),
                ],
                "Even sheen along the lines, no smears across them.",
                ["Water must not stand on open-pored wood or in the seams of metal trim."]
            )
            {
                Ladder = Ladders.Delicate,
            }
        )
        {
            Finishes = [Finish.BrushedMetal, Finish.WoodVeneer],
        },
        new(
            ["wipe-gloss-trim"],
            new Method(
                "trim-wipe",
                "Damp towel, dry towel",
                "Soft towel, light hand",
                [
                    Wipe(
                        "Wipe it",
                        "Barely damp soft towel, row by row.",
                        Stroke.Across,
                        TowelRole.InteriorClean,
                        4,
                        Cleaner(Application.OnTowel)
                    ),
                    Wipe("Dry it", "Dry face, the same way.", Stroke.Across, TowelRole.Buff, 4),
                ],
                "No print when a lamp is held to it.",
                ["Liquid stays out of the switches set in the trim."]
            )
            {
                Ladder = Ladders.Delicate,
            }
        ),
        new(
            ["clean-wheel"],
            new Method(
                "wheel-nap",
                "Round the rim, with the nap",
                "Damp cloth, then raise the nap",
                [
                    Wipe(
                        "Twist round",
                        "Wrap a barely damp towel round the rim and twist along it, with the nap.",
                        Stroke.AroundRim,
                        TowelRole.InteriorClean,
                        10,
                        Water(Application.OnTowel)
                    ),
                    Brush(
                        "Raise the nap",
                        "When it is dry, short strokes with a soft brush.",
                        Stroke.Along,
                        Tool.SoftBrush
                    ) with
                    {
                        Drying = new DryingNeed(
                            "In the air, out of the sun.",
                            "Do not brush or drive before it is dry."
                        ),
                    },
                ],
                "Soft and dull all round, no flat shiny places.",
                [Warnings.BareGrip, Warnings.Airbag]
            )
        )
        {
            Materials = [Material.Microsuede],
        },
        new(
            ["clean-wheel"],
            new Method(
                "wheel-twist",
                "Twist round the rim",
                "Cleaner on the towel, hand over hand",
                [
                    Wipe(
                        "Twist round",
                        "Mild cleaner on the towel; wrap it round the rim and twist along, back of the rim as well.",
                        Stroke.AroundRim,
                        TowelRole.InteriorClean,
                        10,
                        Cleaner(Application.OnTowel)
                    ),
                    Wipe(
                        "Spokes and lever",
                        "Spokes, buttons and the lever grip with a fresh face.",
                        Stroke.Across,
                        TowelRole.InteriorClean,
                        10
                    ),
                    Wipe(
                        "Dry it",
                        "Dry face, round once more; leave it bare.",
                        Stroke.AroundRim,
                        TowelRole.Buff,
                        10
                    ),
                ],
                "Dull all round and dry to the grip; shine is oil.",
                [Warnings.BareGrip, Warnings.Airbag]
            )
            {
                Ladder = Ladders.Brush,
            }
        ),
        new(
            ["touch-points"],
            new Method(
                "touch-wipe",
                "Damp towel, a face for each door",
                "Mild cleaner on the towel, then dry",
                [
                    Wipe(
                        "Wipe what hands find",
                        "Mild cleaner on the towel: stalks, handles, pulls, switches, buckles, visors, headrests; a fresh face for each door.",
                        Stroke.Across,
                        TowelRole.InteriorClean,
                        20,
                        Cleaner(Application.OnTowel)
                    ),
                    Wipe("Dry it", "Dry face over all of it.", Stroke.Across, TowelRole.Buff, 10),
                ],
                "Dry and dull under the fingers; nothing sticks.",
                ["Damp, never wet, and never sprayed: switches and buckles let water in.", Warnings.Airbag]
            )
        ),
        new(
            ["cup-holders"],
            new Method(
                "cup-steam",
                "Inserts out, short steam",
                "Steam loosens what sugar glued",
                [
                    Do(
                        "Take apart",
                        "Take the inserts out and put them to soak, away from the car; cover switches beside them."
                    ),
                    new MethodStep(
                        "Loosen it",
                        "Short bursts into the corners, the nozzle a hand's width off and always moving.",
                        Stroke.Along
                    )
                    {
                        Tool = Tool.Steamer,
                        Uses = Water(Application.DirectSpray),
                    },
                    Wipe(
                        "Lift it off",
                        "Towel at once, before it sets again; then a dry face.",
                        Stroke.Across,
                        TowelRole.Dirty,
                        8
                    ),
                    Do("Put together", "Dry the inserts and put them back."),
                ],
                "No ring and no stickiness; the bottom is dry.",
                [
                    "Steam scalds: hands and face away from the nozzle.",
                    "Short bursts only: heat warps plastic, and water runs into switches.",
                ]
            )
            {
                HeavyTimes = 1.2,
                Gear = [Gear.Gloves],
            }
        )
        {
            When = ask =>
                ask.Soil == Soil.Heavy && ask.Ways.Steam == SteamSchool.Welcome && ask.Has(Tool.Steamer),
        },
        new(
            ["cup-holders"],
            new Method(
                "cup-holders",
                "Inserts out",
                "Wash the inserts apart, brush the corners",
                [
                    Do("Take apart", "Take the inserts out and put them to soak, away from the car."),
                    Brush(
                        "Brush the corners",
                        "Cleaner on an old toothbrush, into corners and seams.",
                        Stroke.Circles,
                        Tool.SoftBrush,
                        Cleaner(Application.OnBrush)
                    ),
                    Wipe(
                        "Wipe out",
                        "Damp towel, then a dry one; inserts back dry.",
                        Stroke.AroundRim,
                        TowelRole.Dirty,
                        8
                    ),
                ],
                "Nothing sticks to a dry finger.",
                [Warnings.LabelFirst, "Liquid stays out of sockets and switches."]
            )
            {
                Ladder = Ladders.Brush,
                HeavyTimes = 2,
            }
        ),
        new(
            ["pedals"],
            new Method(
                "pedals",
                "Old brush, own cloth",
                "Scrub, rinse-wipe, dry",
                [
                    Do("Lay a towel", "Seat back, car switched off, a towel under the pedals."),
                    Brush(
                        "Scrub them",
                        "Cleaner on an old brush kept for low places, into the ribs.",
                        Stroke.Across,
                        Tool.StiffBrush,
                        Cleaner(Application.OnBrush)
                    ),
                    Wipe(
                        "Rinse and dry",
                        "Damp cloth, then a dry one until the pads are dry to the shoe.",
                        Stroke.Across,
                        TowelRole.Dirty,
                        20,
                        Water(Application.OnTowel)
                    ),
                ],
                "Dry, bare rubber that grips the shoe.",
                [Warnings.BareGrip, "Brush and cloth never go back to anything hands touch."]
            )
            {
                Ladder = Ladders.Brush,
            }
        ),
        new(
            ["door-shuts"],
            new Method(
                "door-shuts",
                "Old cloth, from the top",
                "Shuts, edges, sills, last of all",
                [
                    Wipe(
                        "Wipe down",
                        "Cleaner on an old cloth; shuts and edges from the top, sills last.",
                        Stroke.Along,
                        TowelRole.Dirty,
                        3,
                        Cleaner(Application.OnTowel)
                    ),
                    Wipe(
                        "Dry",
                        "Dry edges and latches so that nothing drips on the seat.",
                        Stroke.Along,
                        TowelRole.Dirty,
                        2
                    ),
                ],
                "A trouser leg stays clean.",
                [
                    "Fingers clear of latches and powered doors.",
                    "Leave the grease on hinges and latches alone.",
                ]
            )
        ),
        new(
            ["child-seat"],
            new Method(
                "child-seat",
                "Vacuum, wipe the shell",
                "Harness by its maker's words only",
                [
                    Vacuum(
                        "Clear the crevices",
                        "Crevice nozzle under the pad and along the harness slots.",
                        Stroke.Along
                    ),
                    Wipe(
                        "Wipe the shell",
                        "Damp towel over shell and buckle cover; nothing wet into the buckle.",
                        Stroke.Across,
                        TowelRole.InteriorClean,
                        3,
                        Water(Application.OnTowel)
                    ),
                    Wipe(
                        "Dab the harness",
                        "Plain water on the webbing, dabbed; the cover is washed as its label says.",
                        Stroke.PressAndLift,
                        TowelRole.InteriorClean,
                        2,
                        Water(Application.OnTowel)
                    ) with
                    {
                        Drying = new DryingNeed(
                            "In the air, out of the sun.",
                            "No child in it before it is dry."
                        ),
                    },
                ],
                "No crumbs, no stickiness, the buckle clicks.",
                ["Only what the seat's maker allows on harness and buckle.", Warnings.Biological]
            )
            {
                Ladder = Ladders.Belts,
            }
        ),
    ];
}
