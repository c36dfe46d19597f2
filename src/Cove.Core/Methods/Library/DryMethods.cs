using Cove.Core.Catalogue.Products;
using Cove.Core.Catalogue.Tools;
using Cove.Core.Methods.Steps;
using Cove.Core.Safety;
using Cove.Core.Schools;
using Cove.Core.Vehicles.Surfaces;
using static Cove.Core.Methods.Steps.Hand;

namespace Cove.Core.Methods.Library;

/// <summary>Vacuuming and dusting. Common practice.</summary>
internal static class DryMethods
{
    private static readonly MethodStep Gel = new(
        "Lift the dust",
        "Press cleaning gel into seams and between buttons, roll it on and lift it off; never leave it lying.",
        Stroke.Roll
    )
    {
        Tool = Tool.Gel,
        Pressure = Pressure.Light,
        Uses = new ProductNeed(ProductRole.Gel, Application.Dry) { Classes = [ProductClass.CleaningGel] },
    };

    private static readonly MethodStep BrushBesideNozzle = Brush(
        "Brush it loose",
        "Soft brush along louvres and button edges, the nozzle right beside it.",
        Stroke.Along,
        Tool.SoftBrush
    );

    private static readonly MethodStep NozzleBesideBrush = Vacuum(
        "Draw it off",
        "What the brush frees goes straight into the nozzle, so that nothing settles again.",
        Stroke.Along
    );

    public static IReadOnlyList<TaskMethod> All { get; } =
    [
        new(
            ["vacuum-seats", "vacuum-carpets"],
            new Method(
                "vacuum-hair",
                "Hair first, then the nozzle",
                "Gather it one way, lift the pile, draw it out",
                [
                    Do("Make room", "Seats back and reclined; loose mats where you can reach all of them."),
                    new MethodStep(
                        "Gather the hair",
                        "Dry rubber glove or rubber brush, short strokes in one direction, until it rolls up.",
                        Stroke.Along
                    )
                    {
                        Tool = Tool.RubberGlove,
                        Pressure = Pressure.Light,
                    },
                    Vacuum(
                        "Draw it out",
                        "Crevice nozzle along seams and edges, then slow rows.",
                        Stroke.Along
                    ),
                    Vacuum(
                        "Once across",
                        "The same across the first rows: hair lies woven in.",
                        Stroke.Across
                    ),
                ],
                "A dry rubber glove drawn across it brings up nothing more.",
                ["Dry only: damp hair holds on to the pile.", Warnings.Sharp, Warnings.Airbag]
            )
            {
                Ladder = Ladders.Dry,
            }
        )
        {
            Materials = [Material.WovenFabric, Material.Pile],
            When = ask => ask.Hair && !ask.Worn,
        },
        new(
            ["vacuum-seats"],
            new Method(
                "vacuum-air",
                "Air into the seams, nozzle beside it",
                "For crumbs that no nozzle reaches",
                [
                    Do(
                        "Make room",
                        "Slide the seats back and recline them; doors open on the side away from you."
                    ),
                    new MethodStep(
                        "Blow the seams out",
                        "Short bursts along seams and under rails, the nozzle held beside them.",
                        Stroke.Along
                    )
                    {
                        Tool = Tool.CompressedAir,
                    },
                    Vacuum("Clear the seams", "Crevice nozzle along every seam and rail.", Stroke.Along),
                    Vacuum(
                        "Clear the panels",
                        "Soft brush nozzle from headrest to cushion, in rows that overlap.",
                        Stroke.Across
                    ),
                ],
                "A pat with the flat hand raises nothing.",
                [Warnings.Air, Warnings.Airbag]
            )
            {
                LightTimes = 1.1,
                Gear = [Gear.EyeProtection],
                Ladder = Ladders.Dry,
            }
        )
        {
            Soil = Soil.Heavy,
            When = ask =>
                ask.Soil == Soil.Heavy
                && ask.Ways.Steam == SteamSchool.Welcome
                && ask.Has(Tool.CompressedAir)
                && !ask.Worn,
        },
        new(
            ["vacuum-seats"],
            new Method(
                "vacuum-seats",
                "Seams, then panels",
                "Crevice nozzle first, brush nozzle after",
                [
                    Do(
                        "Make room",
                        "Slide the seats back and recline them; open the seams between the cushions."
                    ),
                    Vacuum("Clear the seams", "Crevice nozzle along every seam and rail.", Stroke.Along),
                    Vacuum(
                        "Clear the panels",
                        "Soft brush nozzle from headrest to cushion, in rows that overlap.",
                        Stroke.Across
                    ),
                ],
                "A pat with the flat hand raises nothing.",
                ["Grit left on a seat works as an abrasive when someone sits down.", Warnings.Airbag]
            )
            {
                Ladder = Ladders.Dry,
            }
        ),
        new(
            ["vacuum-carpets"],
            new Method(
                "vacuum-lines",
                "Rows, then lines",
                "Edges, overlapping rows, lines to finish",
                [
                    Do("Loosen", "Seats forward, then back. Beat mats that stayed in before you lift them."),
                    Vacuum(
                        "Clear the edges",
                        "Crevice nozzle along rails, sills and under the pedals.",
                        Stroke.Box
                    ),
                    Vacuum("Draw it out", "Slow overlapping rows towards the door.", Stroke.Along),
                    Vacuum(
                        "Draw the lines",
                        "Brush nozzle once more in even lanes, each towards the door, from the far side outwards.",
                        Stroke.Along
                    ),
                ],
                "Patting the pile by hand shows no dust against the light; the lines stand even.",
                [Warnings.Sharp]
            )
            {
                LightTimes = 1.2,
                Ladder = Ladders.Dry,
            }
        )
        {
            Materials = [Material.Pile],
            When = ask => ask.Ways.Pile == PileSchool.Lines,
        },
        new(
            ["vacuum-carpets"],
            new Method(
                "vacuum-rubber",
                "Corners, then rows",
                "Ribs and edges of rubber",
                [
                    Do("Loosen", "Seats forward, then back. Lift what lies loose."),
                    Vacuum("Clear the edges", "Crevice nozzle along ribs, rails and sills.", Stroke.Box),
                    Vacuum("Draw it off", "Brush nozzle in rows towards the door.", Stroke.Along),
                ],
                "Nothing grinds under the sole.",
                [Warnings.Sharp]
            )
            {
                Ladder = Ladders.Dry,
            }
        )
        {
            Materials = [Material.Rubber],
        },
        new(
            ["vacuum-carpets"],
            new Method(
                "vacuum-floor",
                "Rows towards the door",
                "Edges first, then overlapping rows",
                [
                    Do("Loosen", "Seats forward, then back. Beat mats that stayed in before you lift them."),
                    Vacuum(
                        "Clear the edges",
                        "Crevice nozzle along rails, sills and under the pedals.",
                        Stroke.Box
                    ),
                    Vacuum("Draw it out", "Slow overlapping rows towards the door.", Stroke.Along),
                ],
                "Patting the pile by hand shows no dust against the light.",
                [Warnings.Sharp]
            )
            {
                Ladder = Ladders.Dry,
            }
        ),
        new(
            ["boot"],
            new Method(
                "boot-liner",
                "Vacuum, then wipe the liner",
                "Empty, shake, vacuum, wipe",
                [
                    Do("Empty it", "Take everything out; lift the liner and shake it downwind."),
                    Vacuum("Clear the floor", "Corners and seams first, then rows.", Stroke.Across),
                    Wipe(
                        "Wipe the liner",
                        "Damp towel over the liner, folds last; put it back dry.",
                        Stroke.Across,
                        TowelRole.Dirty,
                        1.5,
                        Water(Application.OnTowel)
                    ),
                ],
                "Nothing slides about and the hand stays dry.",
                ["Lift heavy things with straight back and bent knees.", Warnings.BareGrip]
            )
            {
                Ladder = Ladders.Dry,
            }
        )
        {
            Materials = [Material.Rubber],
        },
        new(
            ["boot"],
            new Method(
                "boot-pile",
                "Vacuum the load floor",
                "Empty, beat, vacuum",
                [
                    Do("Empty it", "Take everything out; look into the wells at the sides."),
                    Vacuum("Clear the edges", "Crevice nozzle round the edge and in the wells.", Stroke.Box),
                    Vacuum("Draw it out", "Slow overlapping rows, with the lie of the pile.", Stroke.Along),
                ],
                "Patting the pile by hand shows no dust against the light.",
                ["Lift heavy things with straight back and bent knees.", Warnings.Sharp]
            )
            {
                Ladder = Ladders.Dry,
            }
        ),
        new(
            ["brush-vents"],
            new Method(
                "vents-air",
                "Air and nozzle",
                "Short bursts, the nozzle beside them",
                [
                    Do("Cover up", "Lay a dry towel over screens and whatever is finished below."),
                    new MethodStep(
                        "Blow it out",
                        "Short bursts along louvres and seams, the nozzle held beside them.",
                        Stroke.Along
                    )
                    {
                        Tool = Tool.CompressedAir,
                    },
                    Brush(
                        "Take the rest",
                        "Soft brush over louvres and button edges.",
                        Stroke.Along,
                        Tool.SoftBrush
                    ),
                ],
                "No grey in the corners; a clean fingertip stays clean.",
                [Warnings.Air, "Nothing wet into vents or switches."]
            )
            {
                LightTimes = 0.8,
                HeavyTimes = 1.2,
                Gear = [Gear.EyeProtection],
                Ladder = Ladders.Dry,
            }
        )
        {
            When = ask => ask.Ways.Steam == SteamSchool.Welcome && ask.Has(Tool.CompressedAir),
        },
        new(
            ["brush-vents"],
            new Method(
                "vents-brush",
                "Brush, nozzle, gel",
                "Brush with the nozzle beside it, gel for the seams",
                [BrushBesideNozzle, NozzleBesideBrush, Gel],
                "No grey in the corners; a clean fingertip stays clean.",
                [
                    "Nothing wet into vents or switches.",
                    "Keep gel cool; a dark or sticky one has done its work.",
                ]
            )
            {
                Ladder = Ladders.Dry,
            }
        )
        {
            When = ask => ask.Has(Tool.Gel),
        },
        new(
            ["brush-vents"],
            new Method(
                "vents-nozzle",
                "Brush and nozzle",
                "Brush with the nozzle beside it",
                [BrushBesideNozzle, NozzleBesideBrush],
                "No grey in the corners; a clean fingertip stays clean.",
                ["Nothing wet into vents or switches."]
            )
            {
                Ladder = Ladders.Dry,
            }
        ),
        new(
            ["cluster-lens"],
            new Method(
                "lens-float",
                "Float the dust off",
                "No pressure, one mark at a time",
                [
                    Brush(
                        "Float it off",
                        "Ultra-soft brush without any pressure while the nozzle draws the dust away.",
                        Stroke.Across,
                        Tool.SoftBrush
                    ) with
                    {
                        Pressure = Pressure.None,
                    },
                    Wipe(
                        "Take single marks",
                        "A fingertip in a barely damp cloth, one mark at a time.",
                        Stroke.PressAndLift,
                        TowelRole.Screens,
                        4,
                        Water(Application.OnTowel)
                    ),
                    Wipe("Dry it", "Dab dry at once.", Stroke.PressAndLift, TowelRole.Screens, 4),
                ],
                "No dust and no veil when it is lit from the side.",
                [
                    "Clear plastic scratches under the lightest pressure; no cleaner from the shelf unless it is made for it.",
                ]
            )
            {
                Ladder = Ladders.Delicate,
            }
        ),
        new(
            ["shifter-slot"],
            new Method(
                "shifter-slot",
                "Move the lever, brush the slot",
                "Key on, lever through its way, key off",
                [
                    Do("Key on", "Parking brake set, foot on the brake, ignition on; the engine stays off."),
                    Brush(
                        "Brush it out",
                        "Move the lever through its way and brush what comes to light, nozzle beside the brush.",
                        Stroke.Along,
                        Tool.SoftBrush
                    ),
                    Wipe(
                        "Wipe along",
                        "An almost dry towel round a blunt edge, along the slot.",
                        Stroke.Along,
                        TowelRole.InteriorClean,
                        6,
                        Water(Application.OnTowel)
                    ),
                    Do("Key off", "Lever back to P or neutral, ignition off."),
                ],
                "Nothing grey shows at either end of its way.",
                [Warnings.Ignition, "Little liquid: switches lie below."]
            )
            {
                Ladder = Ladders.Dry,
            }
        ),
        new(
            ["pet-cover"],
            new Method(
                "pet-cover",
                "Shake out, wipe",
                "Out of the car with it first",
                [
                    Do("Carry it out", "Unhook it, fold the hair in, carry it out and shake it downwind."),
                    Vacuum(
                        "Draw the hair off",
                        "Nozzle in one direction; a damp glove gathers what holds.",
                        Stroke.Along
                    ),
                    Wipe(
                        "Wipe it",
                        "Damp towel, then hook it back in when it is dry.",
                        Stroke.Across,
                        TowelRole.Dirty,
                        2,
                        Water(Application.OnTowel)
                    ),
                ],
                "No hair on a damp palm drawn across it.",
                [Warnings.Biological, "Wash it as its own label says when it smells."]
            )
        ),
    ];
}
