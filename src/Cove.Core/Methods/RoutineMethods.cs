namespace Cove.Core.Methods;

/// <summary>The routine way of doing each care task at light soil.</summary>
/// <remarks>Orders of work and dwell times are common practice unless a comment says otherwise.</remarks>
internal static class RoutineMethods
{
    private const string LabelFirst = "Follow the product's label; never mix products.";
    private const string Airbag = "Keep liquid and tools out of airbag seams.";

    public static readonly Method VacuumSeats = Of(
        [
            "Slide the seats back and open the seams between the cushions.",
            "Crevice nozzle along the seams, then the panels from top to bottom.",
        ],
        [Airbag]
    );

    public static readonly Method VacuumCarpets = Of(
        [
            "Slide the seats forward, then back; lift any mats that stayed in.",
            "Vacuum towards the door in overlapping strokes, edges with the crevice nozzle.",
        ],
        ["Wear gloves where you cannot see: sharp things collect under seats."]
    );

    public static readonly Method DampWipe = Of(
        [
            "Wring a microfibre towel until it no longer drips.",
            "Wipe dash, console and doors from the top down; turn to a clean face when one is loaded.",
            "Buff with a dry face.",
        ],
        ["Damp the towel, not the dash: liquid runs into switches and screens.", Airbag]
    );

    public static readonly Method Screens = Of(
        [
            "Use a clean towel kept for screens, dry.",
            "If a mark stays, damp one corner with water and dry at once.",
        ],
        ["No pressure and no spray: both mark the coating. The maker's advice comes first."]
    );

    public static readonly Method GlossTrim = Of(
        ["Lift the dust with gel or a barely damp, very soft towel.", "Dab, do not rub."],
        ["Dry rubbing leaves hairline marks in gloss black."]
    );

    public static readonly Method VentsAndControls = Of(
        [
            "Brush the louvres and button edges with the vacuum nozzle beside the brush.",
            "Press cleaning gel into seams and lift it off.",
        ],
        ["Nothing wet into vents or switches."]
    );

    public static readonly Method WheelAndShifter = Of(
        [
            "Mild cleaner on the towel, wrap it round the rim and twist along.",
            "Do the spokes and the lever grip.",
            "Dry with a clean face; leave it bare.",
        ],
        ["No dressing on anything you hold or press: it turns slippery.", Airbag]
    );

    public static readonly Method ClusterLens = Of(
        [
            "Float the dust off with an ultra-soft brush while the nozzle draws it away.",
            "Touch single marks with a fingertip in a barely damp cloth.",
        ],
        [
            "Clear plastic scratches under the lightest pressure; no cleaner from the shelf unless it is made for it.",
        ]
    );

    public static readonly Method Windscreen = Of(
        [
            "One or two sprays on the first glass towel; start along the edges.",
            "Across from the top, from the passenger's side; back of the hand down to the dash, palm to the glass.",
            "Dry at once with the second towel, up and down.",
            "Look along the glass against the light for streaks.",
        ],
        [
            "Spray the towel, never the glass: it runs into the dash.",
            "A glass towel that touched the dash is finished for today.",
        ]
    );

    public static readonly Method OtherGlass = Of(
        [
            "Lower the side panes a little and wipe the top edge, then raise them.",
            "Damp towel across, dry towel up and down; along the heater lines on the rear pane.",
        ],
        [
            "Tint film takes no ammonia, vinegar, alcohol, abrasive or scraper: mild soapy water or a film-safe cleaner only.",
        ]
    );

    public static readonly Method CupHolders = Of(
        [
            "Take the inserts out and wash them apart.",
            "Brush corners with cleaner on the brush, wipe, dry, put the inserts back.",
        ],
        [LabelFirst]
    );

    public static readonly Method RubberMats = Of(
        [
            "Take the mats out, shake them and rinse both sides.",
            "Mat cleaner all over; let it work.",
            "Scrub with the stiff brush and rinse until the water runs clear.",
            "Stand them face up to dry.",
        ],
        [
            "Let wash water go only where local rules allow, not into a street drain.",
            "No dressing on mats: feet slip on it.",
        ],
        (1, 30)
    );

    public static readonly Method FabricMats = Of(
        [
            "Take the mats out, beat and vacuum them.",
            "Foam over the pile; let it work.",
            "Brush in circles, then lift the dirt with a towel.",
            "Hang them to dry.",
        ],
        [LabelFirst, "Textiles must be dry within a day or two, or mildew grows."],
        (1, 30)
    );

    public static readonly Method PutMatsBack = Of(
        ["Feel that the mats are dry on both sides.", "Lay them in and fix the driver's mat on its pegs."],
        ["A loose or doubled mat can trap the pedals."]
    );

    public static readonly Method DoorShuts = Of(
        [
            "All-purpose cleaner on an old cloth; wipe shuts and sills from the top down.",
            "Dry the edges and latches.",
        ],
        ["Fingers clear of latches and powered doors."]
    );

    public static readonly Method Boot = Of(
        [
            "Empty the boot; lift the liner and shake it out.",
            "Vacuum the floor and corners, wipe the liner, put things back.",
        ],
        ["Lift heavy things with straight back and bent knees."]
    );

    public static readonly Method LeatherClean = Of(
        [
            "Foam cleaner on a soft brush, one panel at a time.",
            "Brush lightly, wipe with a damp towel, buff dry.",
        ],
        [
            "Vacuum first: grit under the brush works as an abrasive.",
            "No strong cleaner and no soaking: seams carry water to the foam. " + Airbag,
        ]
    );

    public static readonly Method LeatherSeal = Of(
        [
            "Make sure the leather is clean and dry.",
            "Thin coat of sealant with the applicator, panel by panel; let it take.",
            "Buff dry.",
        ],
        [LabelFirst],
        (1, 120) // from memory: a couple of minutes before buffing
    );

    public static readonly Method FabricSeats = Of(
        [
            "Cleaner on the cloth for light soil; foam and brush where it is worse.",
            "Let it work.",
            "Brush in circles, lengthwise along seams; lift with a towel, a new face for each panel.",
            "Leave doors or windows open to dry.",
        ],
        ["Do not soak: rings form and heaters and sensors lie below.", Airbag],
        (1, 30)
    );

    public static readonly Method CarpetFoam = Of(
        [
            "Foam one footwell; let it work.",
            "Agitate with the stiff brush in two directions.",
            "Press and lift with a dry towel.",
            "Repeat for the next footwell; leave it open to dry.",
        ],
        ["Dry within a day or two, or mildew grows.", LabelFirst],
        (0, 30)
    );

    public static readonly Method PlasticsProtect = Of(
        [
            "Plastics must be clean, cool and dry.",
            "Matte protectant on the applicator, thin and even.",
            "Buff off what is not taken in.",
        ],
        [
            "Not on wheel, pedals, lever, floor or screens; no gloss on the upper dash: it glares and films the glass.",
        ]
    );

    public static readonly Method FabricProtector = Of(
        [
            "Fabric must be clean and dry.",
            "First thin coat, headrest downward; let it take.",
            "Second thin coat; no buffing.",
        ],
        ["Doors open, no flame or spark: many protectors are flammable. Shield glass and trim."],
        (1, 15 * 60)
    );

    public static readonly Method DoorSeals = Of(
        ["Wipe the seals clean and dry.", "Water-based protectant on the applicator, once along."],
        [LabelFirst]
    );

    public static readonly Method Pedals = Of(
        [
            "Towel under the pedals; cleaner on an old brush kept for low places.",
            "Scrub, wipe with a damp cloth, dry well.",
        ],
        ["Pedals stay bare: no dressing. Brush and cloth never go back to anything hands touch."]
    );

    public static readonly Method SeatBelts = Of(
        [
            "Pull the belts fully out and clamp them.",
            "Mild soapy water on the brush, along the weave only.",
            "Towel off and leave out to dry for a day before they reel in.",
        ],
        [
            "No bleach, solvent, dye or strong cleaner: they weaken the webbing.",
            "Damaged belts are replaced by a licensed workshop.",
        ]
    );

    public static readonly Method Headliner = Of(
        [
            "Look along the lining for marks; do nothing where there are none.",
            "A little foam on the brush, light circles; let it work.",
            "One wipe with a white towel, fold, stop.",
        ],
        ["Never soak it: the glue lets go. Cloth and brush only overhead, eyes shielded."],
        (1, 40)
    );

    public static readonly Method ShifterSlot = Of(
        [
            "Parking brake set, foot on the brake: move the lever through its way.",
            "Soft brush and towel along the slot, almost dry.",
        ],
        [
            "Ignition on only briefly, in P or neutral, wheels chocked on a slope, never with the engine running indoors.",
        ]
    );

    public static readonly Method ChildSeat = Of(
        [
            "Vacuum seat and crevices, wipe the shell with a damp towel.",
            "Plain water on the harness; cover as its label says.",
        ],
        ["Only what the seat's maker allows on harness and buckle."]
    );

    public static readonly Method Nap = Of(
        [
            "Vacuum with the soft brush, along the nap.",
            "Barely damp cloth with the nap, never against it; let it dry.",
            "Soft brush in short strokes to raise the nap.",
        ],
        ["Do not soak or scrub, and use no dressing: the nap crushes and stays flat.", Airbag]
    );

    public static readonly Method PetCover = Of(
        [
            "Unhook the cover, carry it out and shake it downwind.",
            "Vacuum the hair off, wipe with a damp towel, and hook it back dry.",
            "Wash it as its label says when it smells.",
        ],
        ["Droppings, vomit or blood are not a routine job: leave them to licensed cleaners."]
    );

    public static readonly Method Scent = Of(
        ["Change the pad under the seat."],
        ["Scent never covers damp: find the damp first. Do not store scent oil in a hot car."]
    );

    private static Method Of(string[] steps, string[] cautions, (int Step, int Seconds)? dwell = null) =>
        new(
            [
                .. steps.Select(
                    (text, index) =>
                        new MethodStep(
                            text,
                            dwell is { } wait && wait.Step == index
                                ? TimeSpan.FromSeconds(wait.Seconds)
                                : null
                        )
                ),
            ],
            cautions
        );
}
