using Cove.Core.Catalogue.Products;
using Cove.Core.Catalogue.Tools;
using Cove.Core.Methods.Steps;
using Cove.Core.Safety;
using Cove.Core.Schools;
using Cove.Core.Vehicles.Surfaces;
using static Cove.Core.Methods.Steps.Hand;

namespace Cove.Core.Methods.Library;

/// <summary>Leather, synthetic leather and suede. Common practice unless a comment says otherwise.</summary>
internal static class LeatherMethods
{
    private const string NoSoaking = "No strong cleaner and no soaking: seams carry water to the foam.";

    public static IReadOnlyList<TaskMethod> All { get; } =
    [
        new(
            ["clean-leather"],
            new Method(
                "leather-gentle",
                "Mild and by hand",
                "For leather whose coat is worn",
                [
                    Wipe(
                        "Wipe it gently",
                        "Mild cleaner on a soft damp towel, panel by panel; over what is worn one pass, no pressure.",
                        Stroke.Along,
                        TowelRole.InteriorClean,
                        1,
                        Cleaner(
                            Application.OnTowel,
                            ProductClass.LeatherCleanerMild,
                            ProductClass.RinselessWash,
                            ProductClass.SoapWater
                        )
                    ),
                    Wipe(
                        "Dry it",
                        "Dry towel laid on and lifted, then let it air.",
                        Stroke.PressAndLift,
                        TowelRole.Buff,
                        0.7
                    ),
                ],
                "Clean to a white towel; what is worn still shows, and may.",
                [
                    "No brush and no strong cleaner where the coat is worn: both take colour with them.",
                    NoSoaking + " " + Warnings.Airbag,
                ]
            )
            {
                HeavyTimes = 1.3,
            }
        )
        {
            When = ask => ask.Worn,
        },
        new(
            ["clean-leather"],
            new Method(
                "leather-balm",
                "One-step balm",
                "Cleans, conditions and protects at once",
                [
                    new MethodStep(
                        "Work it in",
                        "Balm on a pad, one panel at a time, in circles.",
                        Stroke.Circles
                    )
                    {
                        Tool = Tool.Applicator,
                        Pressure = Pressure.Light,
                        Uses = Cleaner(Application.OnApplicator, ProductClass.LeatherBalm),
                    },
                    // from memory: a couple of minutes before buffing
                    Do("Let it take", "Leave it on while you do the next panel.") with
                    {
                        Wait = Take(2),
                    },
                    Wipe(
                        "Buff",
                        "Dry towel until nothing comes off on it.",
                        Stroke.Circles,
                        TowelRole.Buff,
                        1
                    ) with
                    {
                        WipeOff = "Buff off what the leather does not take.",
                    },
                ],
                "Matte and dry to the hand; clothes take no colour.",
                [
                    "Vacuum first: grit under the pad works as an abrasive.",
                    "For sound, lightly soiled leather only. " + Warnings.Airbag,
                ]
            )
            {
                LightTimes = 1.1,
                AlsoDoes = ["seal-leather"],
                HeavyTimes = 1.6,
            }
        )
        {
            When = ask => ask.Ways.Leather == LeatherSchool.Balm && !ask.Worn,
            Soil = Soil.Light,
        },
        new(
            ["clean-leather"],
            new Method(
                "leather-brush",
                "Foam and soft brush",
                "One panel at a time",
                [
                    Brush(
                        "Lift the soil",
                        "Mild cleaner foamed on a soft brush, one panel at a time, light circles; seams along.",
                        Stroke.Circles,
                        Tool.SoftBrush,
                        Cleaner(Application.OnBrush)
                    ),
                    Wipe(
                        "Wipe off",
                        "Damp towel at once, before it dries.",
                        Stroke.Across,
                        TowelRole.InteriorClean,
                        1,
                        Water(Application.OnTowel)
                    ) with
                    {
                        WipeOff = "Damp towel, then dry.",
                    },
                    Wipe("Buff dry", "Dry towel, then let it air.", Stroke.Across, TowelRole.Buff, 0.7),
                ],
                "Matte all over; a white towel stays white.",
                [
                    "Vacuum first: grit under the brush works as an abrasive.",
                    NoSoaking + " " + Warnings.Airbag,
                ]
            )
            {
                HeavyTimes = 2,
            }
        ),
        new(
            ["condition-leather"],
            new Method(
                "leather-condition",
                "Conditioner where it is worn",
                "Before the sealant, on clean, dry leather",
                [
                    Do("Feel that it is dry", "Clean and dry to the back of the hand, seams too."),
                    Coat(
                        "Condition",
                        "A thin coat of conditioner with the pad where the coat is worn, in circles.",
                        Stroke.Circles
                    ) with
                    {
                        Uses = new ProductNeed(ProductRole.Protectant, Application.OnApplicator)
                        {
                            Classes = [ProductClass.LeatherConditioner],
                        },
                        // from memory
                        Wait = Take(5),
                    },
                    Wipe(
                        "Buff",
                        "Dry towel until nothing comes off on it.",
                        Stroke.Circles,
                        TowelRole.Buff,
                        0.7
                    ) with
                    {
                        Drying = new DryingNeed(
                            "In the air.",
                            "Do not seal it or sit on it before it is dry to the hand."
                        ),
                    },
                ],
                "Supple and matte, no tack under the hand.",
                [
                    Warnings.LabelFirst,
                    "Only where the coat is worn: on a sound coat it stays on top and turns greasy. Cracked or peeling leather belongs to a professional.",
                ]
            )
            {
                OnlyOn = Material.CoatedLeather,
                Ladder = Ladders.Coat,
            }
        ),
        new(
            ["seal-leather"],
            new Method(
                "leather-seal",
                "Thin coat, buffed",
                "On clean, dry leather only",
                [
                    Do("Feel that it is dry", "Clean and dry to the back of the hand, seams too."),
                    Coat(
                        "Lay it on",
                        "A thin coat with the pad, panel by panel, in circles.",
                        Stroke.Circles
                    ) with
                    {
                        // from memory
                        Wait = Take(2),
                    },
                    Wipe(
                        "Buff",
                        "Dry towel until it no longer drags.",
                        Stroke.Circles,
                        TowelRole.Buff,
                        0.7
                    ) with
                    {
                        Drying = new DryingNeed(
                            "In the air, an hour at best.",
                            "Do not sit on it before it is dry to the hand."
                        ),
                    },
                ],
                "Matte; a drop of water stands as a bead.",
                [
                    "Between suede inserts the leather only: sealant flattens their nap for good.",
                    Warnings.LabelFirst,
                    "Conditioner is for coats that are old and worn, not for sound ones.",
                ]
            )
            {
                OnlyOn = Material.CoatedLeather,
                Ladder = Ladders.Coat,
            }
        ),
        new(
            ["clean-synthetic"],
            new Method(
                "synthetic-wipe",
                "Damp towel, dry towel",
                "Panel by panel",
                [
                    Wipe(
                        "Wipe it",
                        "Cleaner on the towel; headrest, back, cushion, a face for each.",
                        Stroke.Across,
                        TowelRole.InteriorClean,
                        0.8,
                        Cleaner(Application.OnTowel)
                    ),
                    Wipe(
                        "Buff dry",
                        "Dry face, until it no longer feels damp.",
                        Stroke.Across,
                        TowelRole.Buff,
                        0.6
                    ),
                ],
                "Dull and even; a white towel stays white.",
                [NoSoaking, "No oils and no conditioner: it cannot take them in. " + Warnings.Airbag]
            )
        )
        {
            When = ask => ask.Worn || ask.Soil == Soil.Light,
        },
        new(
            ["clean-synthetic"],
            new Method(
                "synthetic-brush",
                "Soft brush in the grain",
                "Cleaner on the brush, towel at once",
                [
                    Brush(
                        "Lift the soil",
                        "Cleaner on a soft brush, small circles in the grain.",
                        Stroke.Circles,
                        Tool.SoftBrush,
                        Cleaner(Application.OnBrush)
                    ),
                    Wipe(
                        "Wipe off",
                        "Damp towel at once.",
                        Stroke.Across,
                        TowelRole.InteriorClean,
                        1,
                        Water(Application.OnTowel)
                    ),
                    Wipe("Buff dry", "Dry face.", Stroke.Across, TowelRole.Buff, 0.6),
                ],
                "Dull and even; a white towel stays white.",
                [NoSoaking, "No oils and no conditioner: it cannot take them in. " + Warnings.Airbag]
            )
            {
                LightTimes = 2,
                HeavyTimes = 3,
            }
        )
        {
            When = ask => !ask.Worn,
        },
        new(
            ["raise-nap"],
            new Method(
                "nap",
                "Damp cloth, then let it dry",
                "With the nap, never against it",
                [
                    Vacuum("Draw it off", "Soft brush nozzle along the nap.", Stroke.Along),
                    Wipe(
                        "Wipe with the nap",
                        "Barely damp cloth, in one direction.",
                        Stroke.Along,
                        TowelRole.InteriorClean,
                        1,
                        Water(Application.OnTowel)
                    ) with
                    {
                        Drying = new DryingNeed("In the air, doors open.", "Do not brush before it is dry."),
                    },
                ],
                "Evenly damp and no darker patch; brushed up when dry, a finger leaves a light track.",
                [
                    "Do not soak or scrub, and use no dressing: the nap crushes and stays flat.",
                    Warnings.Airbag,
                ]
            )
            {
                Ladder = Ladders.Delicate,
            }
        ),
    ];
}
