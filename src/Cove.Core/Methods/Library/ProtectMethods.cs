using Cove.Core.Catalogue.Products;
using Cove.Core.Catalogue.Tools;
using Cove.Core.Methods.Steps;
using Cove.Core.Safety;
using Cove.Core.Schools;
using static Cove.Core.Methods.Steps.Hand;

namespace Cove.Core.Methods.Library;

/// <summary>Protecting plastics, fabric and seals, and scent. Coats and waits on fabric are common practice.</summary>
internal static class ProtectMethods
{
    private static readonly ProductNeed Spray = new(ProductRole.Protectant, Application.DirectSpray);

    private static readonly string[] DoorsOpen =
    [
        "Doors open, no flame, spark or cigarette: many protectors are flammable.",
        "Do not breathe the mist; shield glass, screens and wheel.",
    ];

    private static readonly string[] AirOut =
    [
        "Air the car with all doors open.",
        "Look for damp under mats, in the boot wells and behind the glovebox.",
        "A smell that stays belongs to a professional.",
    ];

    /// <summary>The second coat, once the first has taken.</summary>
    public static Method SecondCoat { get; } =
        new(
            "fabric-second-coat",
            "Second thin coat",
            "Across the first, no buffing",
            [
                Do("Feel that the first has taken", "Dry to the back of the hand, headrest to cushion."),
                new MethodStep("Second coat", "Up and down, across the first; no buffing.", Stroke.Upright)
                {
                    Uses = Spray,
                    Drying = new DryingNeed(
                        "In the air, doors open.",
                        "Do not sit on it or rub it before it is dry."
                    ),
                },
            ],
            "A drop of water stands as a bead.",
            DoorsOpen
        )
        {
            Ladder = Ladders.Coat,
            Gear = [Gear.FreshAir],
        };

    public static IReadOnlyList<TaskMethod> All { get; } =
    [
        new(
            ["protect-plastics"],
            new Method(
                "plastics-coat",
                "Thin coat, buffed",
                "Pad first, never a spray at the panel",
                [
                    Do("Feel that it is ready", "Plastics must be clean, cool and dry."),
                    Coat(
                        "Lay it on",
                        "Little on the pad, thin and even, row by row; thirsty plastic may take a second coat.",
                        Stroke.Across
                    ),
                    Wipe(
                        "Buff",
                        "Dry towel; wipe off what is not taken in.",
                        Stroke.Across,
                        TowelRole.Buff,
                        0.6
                    ) with
                    {
                        WipeOff = "Nothing may stand on the surface.",
                    },
                ],
                "Dry to the hand, even, and no brighter in the windscreen than before.",
                [
                    "Not on wheel, pedals, lever, floor or screens; no gloss on the upper dash: it glares and films the glass.",
                    Warnings.LabelFirst,
                ]
            )
            {
                Ladder = Ladders.Coat,
            }
        ),
        new(
            ["protect-synthetic"],
            new Method(
                "synthetic-coat",
                "Thin dry coat",
                "On clean, dry seats, buffed until it grips",
                [
                    Do("Feel that it is ready", "Clean, cool and dry to the back of the hand, seams too."),
                    Coat(
                        "Lay it on",
                        "Little on the pad, thin and even, panel by panel; keep it off belts and buckles.",
                        Stroke.Across
                    ),
                    Wipe(
                        "Buff",
                        "Dry towel until it no longer feels slick.",
                        Stroke.Across,
                        TowelRole.Buff,
                        0.7
                    ) with
                    {
                        WipeOff = "Nothing may stand on the surface.",
                    },
                ],
                "Dull and dry to the hand; nobody slides on it.",
                [
                    "A dry finish only: anything oily or shining makes a seat slippery and stains clothes.",
                    Warnings.LabelFirst + " " + Warnings.Airbag,
                ]
            )
            {
                Ladder = Ladders.Coat,
            }
        ),
        new(
            ["protect-fabric"],
            new Method(
                "fabric-coats",
                "First thin coat",
                "From the headrest down, no buffing",
                [
                    Do(
                        "Be sure it is dry",
                        "Half an hour dry at the least after cleaning, and dry to the hand. Shield glass and trim, open the doors."
                    ),
                    new MethodStep(
                        "First coat",
                        "Thin, even rows from the headrest downward; let it take.",
                        Stroke.Across
                    )
                    {
                        Uses = Spray,
                        Drying = new DryingNeed(
                            "In the air, doors open.",
                            "Do not put the second coat on before the first has taken."
                        ),
                    },
                ],
                "Even all over, nothing runs.",
                DoorsOpen
            )
            {
                Ladder = Ladders.Coat,
                Gear = [Gear.FreshAir],
            }
        ),
        new(
            ["protect-seals"],
            new Method(
                "seals-coat",
                "Wipe, one coat along",
                "Once along each seal",
                [
                    Wipe(
                        "Wipe it clean",
                        "Damp towel along the seal, then dry.",
                        Stroke.Along,
                        TowelRole.Dirty,
                        3,
                        Water(Application.OnTowel)
                    ),
                    Coat("Lay it on", "Water-based protectant on the pad, once along.", Stroke.Along),
                ],
                "Dark, dry and supple; the door opens without sticking.",
                [Warnings.LabelFirst, "Keep it off the sill: shoes slip on it."]
            )
            {
                Ladder = Ladders.Coat,
            }
        ),
        new(
            ["scent"],
            new Method(
                "scent-clip",
                "A clip at a vent",
                "A few drops, clipped on",
                [
                    Do(
                        "Find any damp",
                        "Smell with the doors just opened. Scent never covers damp: find it first."
                    ),
                    new MethodStep(
                        "Renew the clip",
                        "Three or four drops on the felt of the clip, away from the dash; let it soak in, then clip it on.",
                        Stroke.Still
                    )
                    {
                        Uses = new ProductNeed(ProductRole.Scent, Application.Dry)
                        {
                            Classes = [ProductClass.Scent],
                        },
                    },
                ],
                "Faint with the fan on, gone a minute after it is off.",
                ["Oil marks plastic: drops on the felt only. Do not store scent oil in a hot car."]
            )
            {
                Ladder = AirOut,
            }
        )
        {
            When = ask => ask.Ways.Scent == ScentSchool.Clip,
        },
        new(
            ["scent"],
            new Method(
                "scent-intake",
                "Into the intake",
                "Fan full, recirculation, doors open after",
                [
                    Do(
                        "Find any damp",
                        "Smell with the doors just opened. Scent never covers damp: find it first."
                    ),
                    new MethodStep(
                        "Let the fan take it",
                        "Fan full on recirculation, nobody in the car; two short puffs at the intake in the footwell, from outside.",
                        Stroke.Still
                    )
                    {
                        Uses = new ProductNeed(ProductRole.Scent, Application.Dry)
                        {
                            Classes = [ProductClass.Scent],
                        },
                        // practice: a few minutes
                        Wait = Take(5),
                    },
                    Do("Air it", "All doors open, fan on fresh air, until your eyes and nose feel nothing."),
                ],
                "Faint when the fan starts, gone after a minute.",
                [
                    "Do not breathe the mist, and no flame or spark: many sprays are flammable.",
                    "Parking brake set; never run the engine indoors.",
                ]
            )
            {
                Gear = [Gear.FreshAir],
                Ladder = AirOut,
            }
        )
        {
            When = ask => ask.Ways.Scent == ScentSchool.Intake,
        },
        new(
            ["scent"],
            new Method(
                "scent-pad",
                "A pad under the seat",
                "Old one out, new one in",
                [
                    Do(
                        "Find any damp",
                        "Smell with the doors just opened. Scent never covers damp: find it first."
                    ),
                    new MethodStep(
                        "Change the pad",
                        "Take the old pad out and put the new one under a seat, away from feet and wires.",
                        Stroke.Still
                    )
                    {
                        Uses = new ProductNeed(ProductRole.Scent, Application.Dry)
                        {
                            Classes = [ProductClass.Scent],
                        },
                    },
                ],
                "Faint when the door is opened, gone after a minute.",
                ["Scent never covers damp: find the damp first. Do not store scent oil in a hot car."]
            )
            {
                Ladder = AirOut,
            }
        ),
    ];
}
