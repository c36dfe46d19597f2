namespace Cove.Core.Methods.Steps;

/// <summary>Cautions that several methods share.</summary>
internal static class Warnings
{
    public const string LabelFirst = "Follow the product's label; never mix products.";
    public const string Airbag = "Keep liquid and tools out of airbag seams.";
    public const string BareGrip =
        "No dressing on anything you hold, press or stand on: it turns slippery. Leave it bare and dry.";
    public const string Mildew = "Textiles must be dry within a day or two, or mildew grows.";
    public const string Sharp = "Wear gloves where you cannot see: sharp things collect under seats.";
    public const string Biological =
        "Blood, vomit, droppings or wide mould are not a routine job: leave them to licensed cleaners.";
    public const string RunOff = "Let wash water go only where local rules allow, not into a street drain.";
    public const string Ignition =
        "Parking brake set, in P or neutral, wheels chocked on a slope, never with the engine running indoors; be brief, it drains the battery.";
    public const string Air =
        "Eye protection on: air throws grit about. Across louvres and seams, never into speakers or connectors; vacuum there again.";
}
