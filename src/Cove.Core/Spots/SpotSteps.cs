using Cove.Core.Catalogue.Products;
using Cove.Core.Catalogue.Tools;
using Cove.Core.Upkeep;
using Cove.Core.Vehicles.Surfaces;
using static Cove.Core.Catalogue.Products.ProductClass;
using static Cove.Core.Spots.SpotGround;

namespace Cove.Core.Spots;

/// <summary>The first aid that is the owner's own: before, lift, rinse, clean, dry.</summary>
internal static class SpotSteps
{
    /// <summary>First aid for a spot on a surface.</summary>
    /// <param name="kind">What made it; nothing that closes the surface.</param>
    /// <param name="sites">What the surface is composed of, the larger part first; at least one.</param>
    public static FirstAid For(SpotKind kind, IReadOnlyList<SpotSite> sites)
    {
        SpotSite most = sites[0];
        FirstAidStep[] steps =
        [
            .. Before(kind, most),
            .. Lift(kind, sites),
            .. Rinse(kind, sites),
            .. sites.SelectMany(site => Clean(kind, site, apart: sites.Count > 1)),
            Dry(most.Ground),
        ];
        return new FirstAid(kind, most.Ground, FirstOf(kind, most.Ground), steps, NeverOf(kind, most.Ground))
        {
            Cautions =
            [
                .. OfLiquid(kind, most.Ground),
                .. sites.Select(site => CautionOf(site.Ground)),
                .. OfPlace(kind, most.Make),
            ],
            LookAgain = LookFor(kind, most.Ground),
            Drying = sites.Max(site => DryingOf(site.Ground)),
            Cleaners = CleanersFor(kind, most.Ground),
        };
    }

    private static string FirstOf(SpotKind kind, SpotGround ground) =>
        ground is Opening or Screen && FirstAid.IsWet(kind)
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

    private static IEnumerable<FirstAidStep> Before(SpotKind kind, SpotSite site)
    {
        if (site.Ground is Opening or Screen)
        {
            yield return new(
                FirstAid.IsWet(kind)
                    ? "Switch the ignition off; touch nothing that is wet."
                    : "Switch the ignition off.",
                0.5
            );
        }

        if (FirstAid.IsWet(kind) && kind != SpotKind.MudOrClay && RunsThrough(site.Make) is { } under)
        {
            yield return new(under, 0.5);
        }

        if (FirstAid.IsWet(kind) && site.Make.Facts.HasFlag(SurfaceFacts.Heated))
        {
            yield return new("Seat heating off until it is dry.", 0.1);
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

    /// <summary>Where a liquid goes that is seen on top; null where it stays.</summary>
    private static string? RunsThrough(SurfaceMake make) =>
        make.Kind switch
        {
            SurfaceKind.Mat => "Mat out, and look under it: what ran through dries there unseen.",
            SurfaceKind.Boot => "Liner out, and look under it and in the wheel well.",
            SurfaceKind.CupHolders => "Inserts out, and look under them.",
            SurfaceKind.PetCover => "Cover off, and look at the seat under it.",
            SurfaceKind.ChildSeat => "Lift the cover where its maker lets you, and look under it.",
            SurfaceKind.Carpet =>
                "Mat off, and press the carpet hard: padding below it holds more than you see.",
            _ => null,
        };

    private static IEnumerable<FirstAidStep> Lift(SpotKind kind, IReadOnlyList<SpotSite> sites)
    {
        SpotSite site = sites[0];
        bool edge = sites.All(one => one.TakesAnEdge);
        bool soaks = sites.Any(one => one.Ground is Cloth or Suede or Lining or Webbing or Leather);
        switch (kind)
        {
            case SpotKind.WaxOrGum:
                yield return edge
                    ? new("Lift it off with the edge of a plastic card, from the edge inwards.", 1)
                    : new("Crack it and pick the pieces off with finger tips, from the edge inwards.", 1.5);
                break;
            case SpotKind.MudOrClay:
                yield return site.Ground is Screen or SpotGround.Glass
                || !sites.All(one => one.Takes(Tool.SoftBrush) && one.Takes(Tool.Vacuum))
                    ? new("Blow and flick it off; drag nothing across.", 1)
                    : new("Break it up with a soft brush and vacuum it off, dry.", 1);
                break;
            case SpotKind.Pollen:
                yield return PollenOff(sites);
                break;
            case SpotKind.GlueOrSticker:
                yield return edge
                    ? new("Lift the edge with a finger nail or a plastic card.", 1)
                    : new("Press sticky tape on it and draw it off slowly, flat along the surface.", 1);
                break;
            case SpotKind.GreaseOrCream:
                yield return new("Lift what lies on top with a dry towel; press, turn, press again.", 1);
                break;
            case SpotKind.MilkOrFood:
                yield return edge
                    ? new("Lift solids with a spoon or card, from the edge inwards.", 0.5)
                    : new("Lift solids with a folded towel, from the edge inwards; scrape nothing.", 0.5);
                goto default;
            default:
                yield return soaks
                    ? new("Press and lift, edge first, middle last, a clean face each time.", 1)
                    : new("Take it up with a dry towel before it runs into seams.", 0.5);
                break;
        }
    }

    private static FirstAidStep PollenOff(IReadOnlyList<SpotSite> sites) =>
        sites.Any(site => site.Ground is Lining or Suede or Screen or SpotGround.Glass)
            ? new("Blow it off with the doors open; touch it as little as you can.", 1)
        : sites.All(site => site.Takes(Tool.Gel))
            ? new("Press gel or sticky tape on and lift it straight off.", 1)
        : new("Press sticky tape on and lift it straight off.", 1);

    private static IEnumerable<FirstAidStep> Rinse(SpotKind kind, IReadOnlyList<SpotSite> sites)
    {
        // Nap and lining take water only as the next step says: barely damp.
        if (
            kind is not (SpotKind.SugaryDrink or SpotKind.MilkOrFood)
            || sites.Any(site => site.Ground == Opening)
        )
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

    private static IEnumerable<FirstAidStep> Clean(SpotKind kind, SpotSite site, bool apart)
    {
        if (kind == SpotKind.Water || CleanersFor(kind, site.Ground).Count == 0)
        {
            yield break;
        }

        if (apart && site.Ground == Suede)
        {
            yield return new(
                "On the suede only water: a barely damp cloth, in one direction; stop when it darkens.",
                1
            )
            {
                Water = true,
            };
            yield break;
        }

        string off = apart ? "Beside the suede: cleaner on the towel" : "Cleaner on the towel";
        yield return site.Ground switch
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
                    : $"{off}, from the edge inwards, then a damp face.",
                kind == SpotKind.InkOrDye ? 2 : 1.5
            )
            {
                Cleaner = true,
            },
        };
    }

    private static FirstAidStep Dry(SpotGround ground) =>
        ground switch
        {
            Hard or Screen or SpotGround.Glass => new("Dry towel over it, seams too.", 0.5),
            Opening => new("Leave it open to dry; try it only when it is.", 0.5),
            Webbing => new("Draw a dry towel along; leave it pulled out and clamped for a day.", 0.5),
            _ => new("Press a dry towel on; leave the doors open.", 0.5),
        };

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

    private static IEnumerable<string> OfLiquid(SpotKind kind, SpotGround ground)
    {
        if (FirstAid.IsWet(kind) || ground == Opening)
        {
            yield return ground is Opening or Screen
                ? "Liquid in switches, seat motors or plugs: leave it off, do not drive on a warning lamp, and have a workshop look; never touch orange cables."
                : "Keep seams, buckles and airbag covers dry. What ran into a switch, a seat motor or near orange cables is for a workshop.";
        }
    }

    private static string CautionOf(SpotGround ground) =>
        ground switch
        {
            Webbing => "Water and mild soap only: anything stronger weakens the webbing.",
            Lining => "Never soak it: the glue lets go. Eyes shielded overhead.",
            Screen => "No pressure, nothing abrasive, no paper.",
            Suede => "Not in circles: the nap breaks.",
            _ => "Try the cleaner on a hidden place first; the product's label comes before this.",
        };

    private static IEnumerable<string> OfPlace(SpotKind kind, SurfaceMake make)
    {
        if (make.Kind == SurfaceKind.Wheel)
        {
            yield return "The wheel stays bare: no cream, no dressing; nothing slippery is left on it.";
        }

        if (make.Kind == SurfaceKind.ChildSeat)
        {
            yield return "Harness and buckle as the maker of the seat says: water, at most mild soap, no oil.";
        }
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
                SpotKind.Water when ground == Cloth =>
                    "Look for a white line: salt. Press a towel wrung out of lukewarm water on it, lift, and once more.",
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
