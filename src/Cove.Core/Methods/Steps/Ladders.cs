namespace Cove.Core.Methods.Steps;

/// <summary>What to do when something is not good yet, rung by rung. The last rung is always to stop.</summary>
internal static class Ladders
{
    private const string Stop =
        "Stop there: what two rounds leave is worn, or a matter for a deep clean or a professional.";

    public static readonly IReadOnlyList<string> Usual =
    [
        "Another round with a fresh face.",
        "Let the cleaner work a little longer, not stronger.",
        Stop,
    ];

    public static readonly IReadOnlyList<string> Brush =
    [
        "Another round with a fresh face.",
        "A soft brush where the towel does not reach.",
        Stop,
    ];

    public static readonly IReadOnlyList<string> Dry =
    [
        "Another pass from the other side.",
        "Brush loose what sits tight, and draw it off.",
        "Leave the rest for the foam, or for a deep clean.",
    ];

    public static readonly IReadOnlyList<string> Delicate =
    [
        "Once more with plain water, barely damp.",
        "Look up what its maker allows, and go no further than that.",
        "Leave it: a mark that stays is better than a scratch.",
    ];

    public static readonly IReadOnlyList<string> Glass =
    [
        "Find out on which side it is before you wipe again.",
        "One more pass with fresh faces.",
        "The next stronger method that this pane allows.",
        "Stop there: etched, scratched or peeling glass and film belong to a specialist.",
    ];

    public static readonly IReadOnlyList<string> Coat =
    [
        "Buff off what stands on the surface.",
        "A second thin coat another day, never a thick one.",
        "If it does not take, clean and dry it first: nothing holds on soil.",
    ];

    public static readonly IReadOnlyList<string> Belts =
    [
        "Another round with fresh mild soapy water.",
        "Leave a stain that stays.",
        "Frayed, stiff or bleached belts are replaced by a licensed workshop.",
    ];
}
