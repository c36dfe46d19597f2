using Cove.Core.Upkeep;
using Cove.Core.Vehicles.Surfaces;
using static Cove.Core.Upkeep.SpotKind;

namespace Cove.Core.Spots;

/// <summary>What closes a surface instead of being treated: what to do at once, what never, and who deals with it. Common practice of first aid, breakdown service and licensed cleaning.</summary>
/// <param name="Kind">What it is.</param>
/// <param name="First">The one thing to do first, in a few words.</param>
/// <param name="Never">What not to do, in a few words.</param>
/// <param name="Caution">What could hurt, as a sentence.</param>
/// <param name="Who">Who deals with it, as a sentence.</param>
/// <param name="Reach">How far it closes what lies around.</param>
/// <param name="Meanwhile">What the owner does until then, in order.</param>
internal sealed record ClosingAid(
    SpotKind Kind,
    string First,
    string Never,
    string Caution,
    string Who,
    SpillReach Reach,
    IReadOnlyList<string> Meanwhile
)
{
    private static readonly IReadOnlyDictionary<SpotKind, ClosingAid> Table = new ClosingAid[]
    {
        new(
            SicknessOrBlood,
            "Leave it, and air the car",
            "No brush, no vacuum, no heater fan.",
            "Gloves, a mask, doors open; keep children and animals away.",
            "Vomit, blood and droppings are for licensed cleaners.",
            SpillReach.Beside,
            [
                "Gloves and a mask on; open every door.",
                "Lift what lies on top with paper, straight into a bag; tie it and put it in the bin.",
                "Lay fresh paper on what is wet and press; do not rub.",
                "Gloves into the bag too, then wash your hands with soap.",
            ]
        ),
        new(
            Mould,
            "Leave it, and air the car",
            "No brush, no vacuum, no heater fan.",
            "Gloves, a mask, doors open; keep children and animals away.",
            "Mould over more than a palm is for licensed cleaners, and where it comes from for a workshop.",
            SpillReach.There,
            [
                "Mask and gloves on; doors open, out in the open air.",
                "A spot smaller than a palm on a hard surface: wipe it off once with a towel damp with soapy water, and throw the towel away.",
                "Feel for what is wet: the carpet and what lies below it, seals, the boot floor. Mould comes back where water stays.",
                "Nobody with asthma or a weak chest rides in the car until it is gone.",
            ]
        ),
        new(
            BrokenGlass,
            "Do not reach in",
            "No bare hand, no wiping.",
            "Thick gloves and eye protection; splinters travel in cloth, belts and vents.",
            "Broken glass is for a glazier or a cleaner who has the vacuum for it; a broken pane for a licensed workshop.",
            SpillReach.BelowAndAround,
            [
                "Everybody out, slowly, without sliding over a seat.",
                "Thick gloves on: lift the large pieces, one at a time, into a box.",
                "Shake nothing and run no fan; splinters fly.",
                "Cover an open pane from outside with film and tape on the paint's dry, clean edge.",
            ]
        ),
        new(
            Needle,
            "Do not touch it",
            "No bare hand, no cap put back on, no reaching into gaps.",
            "A prick can carry illness: let it bleed, wash with soap and water, and see a doctor at once.",
            "Needles are for those who collect them: ask a pharmacy or your local authority. A licensed cleaner looks for more of them.",
            SpillReach.Beside,
            [
                "Keep everybody away; children and animals out of the car.",
                "Look with a torch, not with the hand: where one lies, there may be two.",
                "If it cannot stay until it is fetched: thick gloves, pliers or tongs, the point away from you, straight into a hard container with a lid.",
                "Write on the container what is in it; it never goes into household waste loose.",
            ]
        ),
        new(
            FuelOrOil,
            "No spark: start nothing, switch nothing",
            "No start, no switch, no vacuum, no heat, no cleaner.",
            "Fuel vapour burns at one spark and makes dizzy: no flame, no smoking, do not stay in the car; wash skin with soap.",
            "Fuel and oil are for breakdown help or a workshop; what has soaked in is taken out there. Drive when they agree and nothing smells.",
            SpillReach.WholeCar,
            [
                "Everybody out; all doors and the tailgate wide open, out in the open air.",
                "Switch nothing and plug nothing in: no light, no charger, no vacuum; a motor makes sparks.",
                "More than a cup of fuel, or the smell stays strong: away from the car, and call the fire service.",
                "A little: from outside, gloves on, lay cat litter or paper on it, then carry that outdoors into a metal container with a lid.",
                "Take a leaking can out of the car and stand it upright, away from drains.",
            ]
        ),
        new(
            HarshChemical,
            "Step back; open the doors from outside",
            "Mix nothing with it: no other cleaner, no vinegar, no soda against it.",
            "It burns skin and eyes, and its vapour the chest: rinse at once with running water, a quarter of an hour at least, then see a doctor.",
            "Ask the emergency number on its label, then a licensed cleaner. A belt, a buckle or an airbag cover that it touched is for a workshop.",
            SpillReach.Beside,
            [
                "Everybody out and upwind; it stinks or stings: call the fire service.",
                "Read the label of the container from a distance: what it is, and what it says to do.",
                "Gloves and eye protection before anything is touched.",
                "Set the container upright, outside; lay dry paper or cat litter on what can run, and let it soak in.",
                "What it is on is not sat on and not driven with.",
            ]
        ),
        new(
            FloodWater,
            "Do not start, do not switch on",
            "No start, no charging, no vacuum, no drying and driving on.",
            "Water from outside is sewage until it is known otherwise; with orange cables in it, a car can be live: do not touch them.",
            "A workshop first, then licensed cleaners; cushions and padding that took it are replaced more often than saved.",
            SpillReach.WholeCar,
            [
                "Water still stands in it: stay out, and call breakdown help; an electric car or a hybrid is left to them alone.",
                "Gloves, boots and a mask on, a cut covered; wash your hands before you eat.",
                "Take photographs of how high it stood, for the insurer.",
                "Doors open; carry out what lies loose, and keep it apart from clean things.",
                "Battery, plugs and fuses are left to the workshop.",
            ]
        ),
        new(
            WaterAtElectrics,
            "Switch off, do not start",
            "No start, no seat motor, no seat heating, no hand under the seat.",
            "Never touch orange cables or yellow plugs. A warning lamp for airbag or belts: do not drive.",
            "A workshop looks at motors, plugs and sensors before they are used again.",
            SpillReach.Beside,
            [
                "Ignition off, key out of reach, charging cables unplugged; open the door.",
                "Leave seat, windows and heating as they are; nothing is moved by motor.",
                "Press dry towels on what you can reach from above, away from plugs and rails.",
                "Mat and loose things out; leave the doors open until somebody has looked.",
            ]
        ),
        new(
            Droppings,
            "Wet it before you lift it",
            "No brush, no vacuum, no fan: the dust is what makes ill.",
            "Gloves and a mask, doors open; keep children and animals away.",
            "Droppings of mice, rats or birds, and whatever soaked in, are for licensed cleaners.",
            SpillReach.There,
            [
                "Open every door, and stay away for half an hour.",
                "Gloves and a mask on; lay paper wrung out of soapy water on it until it is soft, so that no dust rises. Pour and spray nothing.",
                "Lift it with paper, straight into a bag; tie it and put it in the bin.",
                "Press paper on what is wet; do not rub. Wash your hands with soap.",
                "Traces of mice: look under the seats and at the cabin air filter before the fan runs again.",
            ]
        ),
        new(
            Medicine,
            "Gloves on; children and animals out",
            "No bare hand, no vacuum: a tablet turns to dust.",
            "Swallowed, or on the skin and unwell: call the poison line or a doctor, the package in your hand.",
            "A pharmacy says what it was and takes back what is left. Medicine against cancer is for licensed cleaners.",
            SpillReach.There,
            [
                "Read the package: how many there were, and whether it may touch skin.",
                "Pick tablets and patches up into a bag, and count them; look below the seat and in the rails with a torch.",
                "Syrup or ointment: press paper on it, and that into the bag too.",
                "Take the bag back to a pharmacy; not into the drain.",
            ]
        ),
    }.ToDictionary(aid => aid.Kind);

    /// <summary>What a kind of spot asks for; null where first aid is the owner's.</summary>
    public static ClosingAid? Find(SpotKind kind) => Table.GetValueOrDefault(kind);

    /// <summary>The answer for a surface.</summary>
    public FirstAid On(SurfaceMake make) =>
        new(Kind, SpotGrounds.Of(make), First, [], Never)
        {
            Cautions = OnWhatHolds(make) is { } holds ? [Caution, holds] : [Caution],
            LookAgain = string.Empty,
            Drying = TimeSpan.Zero,
            Who = Who,
            Meanwhile = Meanwhile,
        };

    /// <summary>What a person is held by is not cleaned by guesswork, whatever got on it.</summary>
    private static string? OnWhatHolds(SurfaceMake make) =>
        make.Kind switch
        {
            SurfaceKind.ChildSeat =>
                "Nobody rides in it. Its maker says how cover, harness and buckle are cleaned; a harness that cannot be cleaned so is replaced.",
            SurfaceKind.Belts =>
                "Nobody rides with this belt. A belt that took anything but water and mild soap is for a workshop.",
            _ => null,
        };
}
