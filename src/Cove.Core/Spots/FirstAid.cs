using Cove.Core.Catalogue.Products;
using Cove.Core.Upkeep;
using Cove.Core.Vehicles.Surfaces;
using static Cove.Core.Catalogue.Products.ProductClass;
using static Cove.Core.Spots.SpotGround;

namespace Cove.Core.Spots;

/// <summary>First aid for a fresh spot, by what made it and what it is on.</summary>
/// <remarks>At once, and before anything else: lift what is solid, blot what is wet, press and never rub, from the edge inwards; then the cleaner of the material on the cloth; dry, and look again when it is dry. Common practice; minutes are Cove's own choice. What hurts people is not treated here: it closes the surface.</remarks>
/// <param name="Kind">What made the spot.</param>
/// <param name="Ground">What it is on.</param>
/// <param name="First">The one thing to do first, in a few words.</param>
/// <param name="Steps">The steps; none where the surface is closed instead.</param>
/// <param name="Never">What not to do, in a few words.</param>
public sealed record FirstAid(
    SpotKind Kind,
    SpotGround Ground,
    string First,
    IReadOnlyList<FirstAidStep> Steps,
    string Never
)
{
    /// <summary>What could hurt the owner or the car, one sentence each.</summary>
    public required IReadOnlyList<string> Cautions { get; init; }

    /// <summary>What to look for when it is dry, as one sentence; empty where the surface is closed.</summary>
    public required string LookAgain { get; init; }

    /// <summary>How long it takes to dry afterwards, at 20 °C and half humidity.</summary>
    public required TimeSpan Drying { get; init; }

    /// <summary>Who deals with it, as one sentence; null where first aid is the owner's.</summary>
    public string? Who { get; init; }

    /// <summary>Whether the surface is closed to routine work until its owner opens it again.</summary>
    public bool Closes => Who is not null;

    /// <summary>The classes of product that may clean it here, the gentlest first. Each of them still has to pass the verdicts.</summary>
    public IReadOnlyList<ProductClass> Cleaners { get; init; } = [];

    /// <summary>All of it.</summary>
    public TimeSpan Takes => Steps.Aggregate(TimeSpan.Zero, (sum, step) => sum + step.Takes);

    /// <summary>Whether what made a spot leaves it wet, so that nothing dry is done on it.</summary>
    public static bool IsWet(SpotKind kind) =>
        kind is not (SpotKind.WaxOrGum or SpotKind.Pollen or SpotKind.GlueOrSticker or SpotKind.BrokenGlass);

    /// <summary>Whether what made a spot closes the surface.</summary>
    public static bool ClosesFor(SpotKind kind) =>
        kind is SpotKind.SicknessOrBlood or SpotKind.Mould or SpotKind.BrokenGlass;

    /// <summary>First aid for a spot on a surface.</summary>
    public static FirstAid For(SpotKind kind, SurfaceMake make) => For(kind, SpotGrounds.Of(make));

    /// <summary>First aid for a spot on a ground.</summary>
    public static FirstAid For(SpotKind kind, SpotGround ground) =>
        ClosesFor(kind) ? Closed(kind, ground) : Open(kind, ground);

    private static FirstAid Closed(SpotKind kind, SpotGround ground) =>
        new(
            kind,
            ground,
            kind == SpotKind.BrokenGlass ? "Do not reach in" : "Leave it, and air the car",
            [],
            kind == SpotKind.BrokenGlass ? "No bare hand, no wiping." : "No brush, no vacuum, no heater fan."
        )
        {
            Cautions =
            [
                kind == SpotKind.BrokenGlass
                    ? "Thick gloves and eye protection; splinters travel in cloth, belts and vents."
                    : "Gloves, a mask, doors open; keep children and animals away.",
            ],
            LookAgain = string.Empty,
            Drying = TimeSpan.Zero,
            Who = kind switch
            {
                SpotKind.BrokenGlass =>
                    "Broken glass is for a glazier or a cleaner who has the vacuum for it; a broken pane for a licensed workshop.",
                SpotKind.Mould =>
                    "Mould over more than a palm is for licensed cleaners, and where it comes from for a workshop.",
                _ => "Vomit, blood and droppings are for licensed cleaners.",
            },
        };

    private static FirstAid Open(SpotKind kind, SpotGround ground)
    {
        FirstAidStep[] steps =
        [
            .. Before(kind, ground),
            .. Lift(kind, ground),
            .. Rinse(kind, ground),
            .. Clean(kind, ground),
            .. Dry(ground),
        ];
        return new FirstAid(kind, ground, FirstOf(kind, ground), steps, NeverOf(kind, ground))
        {
            Cautions = [.. CautionsOf(kind, ground)],
            LookAgain = LookFor(kind, ground),
            Drying = DryingOf(ground),
            Cleaners = CleanersFor(kind, ground),
        };
    }

    private static string FirstOf(SpotKind kind, SpotGround ground) =>
        ground is Opening or Screen
            ? "Switch off first"
            : kind switch
            {
                SpotKind.WaxOrGum => "Let it get cold and hard",
                SpotKind.MudOrClay => "Let it dry",
                SpotKind.Pollen => "Lift it off dry",
                SpotKind.GreaseOrCream => "Take it off with a dry towel",
                SpotKind.InkOrDye => "Dab, do not spread it",
                SpotKind.GlueOrSticker => "Soften it, then roll it off",
                _ => "Press a dry, light towel on it",
            };

    private static IEnumerable<FirstAidStep> Before(SpotKind kind, SpotGround ground)
    {
        if (ground is Opening or Screen)
        {
            yield return new("Switch the ignition off; touch nothing that is wet.", 0.5);
        }

        if (kind == SpotKind.WaxOrGum)
        {
            yield return new(
                "Lay ice in a bag on it until it is hard; a towel between, so that nothing gets wet.",
                3
            );
        }

        if (kind == SpotKind.MudOrClay)
        {
            yield return new("Leave it until it is dry through; wiped wet it goes in.", 0.5);
        }
    }

    private static IEnumerable<FirstAidStep> Lift(SpotKind kind, SpotGround ground)
    {
        bool soaks = ground is Cloth or Suede or Lining or Webbing or Leather;
        switch (kind)
        {
            case SpotKind.WaxOrGum:
                yield return new("Lift it off with the edge of a plastic card, from the edge inwards.", 1);
                break;
            case SpotKind.MudOrClay:
                yield return ground is Screen or SpotGround.Glass
                    ? new("Blow and flick it off; drag nothing across.", 1)
                    : new("Break it up with a soft brush and vacuum it off, dry.", 1);
                break;
            case SpotKind.Pollen:
                yield return new("Press gel or sticky tape on and lift it straight off.", 1);
                break;
            case SpotKind.GlueOrSticker:
                yield return new("Lift the edge with a finger nail or a plastic card.", 1);
                break;
            case SpotKind.GreaseOrCream:
                yield return new("Lift what lies on top with a dry towel; press, turn, press again.", 1);
                break;
            case SpotKind.MilkOrFood:
                yield return new("Lift solids with a spoon or card, from the edge inwards.", 0.5);
                goto default;
            default:
                yield return soaks
                    ? new("Press and lift, edge first, middle last, a clean face each time.", 1)
                    : new("Take it up with a dry towel before it runs into seams.", 0.5);
                break;
        }
    }

    private static IEnumerable<FirstAidStep> Rinse(SpotKind kind, SpotGround ground)
    {
        if (ground == Opening || kind is not (SpotKind.SugaryDrink or SpotKind.MilkOrFood))
        {
            yield break;
        }

        yield return new(
            kind == SpotKind.SugaryDrink
                ? "A towel wrung out of lukewarm water over it."
                : "A towel wrung out of cool water over it: damp, not soaked.",
            1
        )
        {
            Water = true,
        };
        if (kind == SpotKind.SugaryDrink)
        {
            yield return new("Once more with a clean face: sugar that stays turns sticky.", 1)
            {
                Water = true,
            };
        }
    }

    private static IEnumerable<FirstAidStep> Clean(SpotKind kind, SpotGround ground)
    {
        if (kind == SpotKind.Water || CleanersFor(kind, ground).Count == 0)
        {
            yield break;
        }

        yield return ground switch
        {
            Webbing => new("Soapy water on a soft brush, along the weave, belt pulled out.", 2)
            {
                Cleaner = true,
            },
            Suede => new("Barely damp cloth, in one direction; stop when it darkens.", 1) { Cleaner = true },
            Lining => new("Cleaner on a white cloth, one light stroke, turn the face.", 1) { Cleaner = true },
            Opening => new("Cleaner on a cotton bud, wrung out; nothing may run in.", 1) { Cleaner = true },
            Screen => new("Barely damp lens towel, no pressure.", 0.5) { Cleaner = true },
            _ => new(
                kind == SpotKind.InkOrDye
                    ? "Cleaner on the tip of a white cloth, dab from the edge; stop while it still comes off."
                    : "Cleaner on the towel, from the edge inwards, then a damp face.",
                kind == SpotKind.InkOrDye ? 2 : 1.5
            )
            {
                Cleaner = true,
            },
        };
    }

    private static IEnumerable<FirstAidStep> Dry(SpotGround ground)
    {
        yield return ground switch
        {
            Hard or Screen or SpotGround.Glass => new("Dry towel over it, seams too.", 0.5),
            Opening => new("Leave it open to dry; try it only when it is.", 0.5),
            Webbing => new("Draw a dry towel along; leave it pulled out and clamped for a day.", 0.5),
            _ => new("Press a dry towel on; leave the doors open.", 0.5),
        };
    }

    private static TimeSpan DryingOf(SpotGround ground) =>
        ground switch
        {
            Hard or SpotGround.Glass or Screen => TimeSpan.FromMinutes(2),
            Leather => TimeSpan.FromMinutes(10),
            Webbing => TimeSpan.FromHours(24),
            Opening => TimeSpan.FromHours(2),
            _ => TimeSpan.FromMinutes(30),
        };

    private static string NeverOf(SpotKind kind, SpotGround ground) =>
        kind switch
        {
            SpotKind.Pollen => "Do not rub it, and do not wet it first.",
            SpotKind.MudOrClay => "Do not wipe it wet.",
            SpotKind.WaxOrGum => "No heat on it.",
            SpotKind.GreaseOrCream => "No water first: it spreads.",
            SpotKind.InkOrDye => "Do not rub, and do not flood it.",
            SpotKind.GlueOrSticker => "No solvent, no blade.",
            _ => ground is Hard or SpotGround.Glass or Screen or Opening
                ? "Do not let it run into seams."
                : "Do not rub.",
        };

    private static IEnumerable<string> CautionsOf(SpotKind kind, SpotGround ground)
    {
        if (FirstAid.IsWet(kind) || ground == Opening)
        {
            yield return ground is Opening or Screen
                ? "Liquid in switches, seat motors or plugs: leave it off, do not drive on a warning lamp, and have a workshop look; never touch orange cables."
                : "Keep seams, buckles and airbag covers dry. What ran into a switch, a seat motor or near orange cables is for a workshop.";
        }

        yield return ground switch
        {
            Webbing => "Water and mild soap only: anything stronger weakens the webbing.",
            Lining => "Never soak it: the glue lets go. Eyes shielded overhead.",
            Screen => "No pressure, nothing abrasive, no paper.",
            Suede => "Not in circles: the nap breaks.",
            _ => "Try the cleaner on a hidden place first; the product's label comes before this.",
        };
    }

    private static string LookFor(SpotKind kind, SpotGround ground) =>
        ground switch
        {
            Hard or SpotGround.Glass or Screen => "Look along it against the light: no film, nothing sticky.",
            Opening => "Try each switch and louvre once: it moves and springs back.",
            Webbing => "Feel that it is supple, and that it runs back by itself.",
            _ => kind switch
            {
                SpotKind.SugaryDrink => "Feel that it is not sticky; no ring, no stiff edge.",
                SpotKind.MilkOrFood => "Smell it with the doors shut for a minute; no ring.",
                SpotKind.GreaseOrCream => "Look for a darker patch when it is dry.",
                _ => "Look for a ring or a patch in daylight.",
            },
        };

    /// <summary>What cleans a ground. Ink, dye and glue tempt to strong things; the list is the same, since stopping early is the cure.</summary>
    private static IReadOnlyList<ProductClass> CleanersFor(SpotKind kind, SpotGround ground) =>
        kind == SpotKind.Water
            ? []
            : ground switch
            {
                Cloth => [SoapWater, FabricCleaner, InteriorCleaner, AllPurposeCleaner],
                Leather => [LeatherCleanerMild, SoapWater, InteriorCleaner],
                Suede => [ProductClass.Water],
                Lining => [SoapWater, FabricCleaner, ProductClass.Water],
                Webbing => [SoapWater],
                SpotGround.Glass => [GlassCleaner, SoapWater, ProductClass.Water],
                Screen => [ProductClass.Water],
                Opening => [ProductClass.Water],
                _ => [SoapWater, InteriorCleaner, ProductClass.Water],
            };
}

/// <summary>One step of first aid.</summary>
/// <param name="Text">What to do, as one sentence.</param>
/// <param name="Minutes">How long it takes; above 0.</param>
public sealed record FirstAidStep(string Text, double Minutes)
{
    /// <summary>Whether it uses water.</summary>
    public bool Water { get; init; }

    /// <summary>Whether it uses the cleaner that was found.</summary>
    public bool Cleaner { get; init; }

    /// <summary>How long it takes.</summary>
    public TimeSpan Takes => TimeSpan.FromMinutes(Minutes);
}
