using Cove.Core.Catalogue.Products;
using static Cove.Core.Safety.Verdict;

namespace Cove.Core.Safety.Rules;

/// <summary>Products that must not meet: not in a bottle, and not in one session.</summary>
/// <remarks>Meeting in a session counts, since residues stay on towels, brushes and in the cloth of seats.</remarks>
internal static class MixingRules
{
    private const string OneOfThem =
        "Use one of them today; wash towels, brushes and the surface before the other one.";

    public static IReadOnlyList<SafetyRule> All { get; } =
    [
        Pair(
            "mix.chlorine-ammonia",
            one => one.Chlorine,
            other => other.Ammonia,
            "Chlorine bleach and ammonia give off chloramines, which are poisonous."
        ),
        Pair(
            "mix.chlorine-acid",
            one => one.Chlorine,
            other => other.Acid || other.Ph <= 4,
            "Chlorine bleach and acid give off chlorine gas, which is poisonous."
        ),
        Pair(
            "mix.chlorine-alcohol",
            one => one.Chlorine,
            other => other.AlcoholPercent > 0,
            "Chlorine bleach and alcohol form poisonous chlorinated compounds."
        ),
        Pair(
            "mix.chlorine-peroxide",
            one => one.Chlorine,
            other => other.Peroxide,
            "Chlorine bleach and peroxide give off oxygen and heat, and can burst a bottle."
        ),
        Pair(
            "mix.peroxide-acid",
            one => one.Peroxide,
            other => other.Acid || other.Ph <= 4,
            "Peroxide and vinegar form peracetic acid, which burns skin, eyes and lungs."
        ),
        new(
            "mix.bottle",
            KeepOff,
            Harm.Person,
            Source.Practice,
            // Water topped up is no second product.
            c =>
                c.Product is not null
                && !c.Is(ProductClass.Water)
                && c.Context.SameBottle.Any(other => other.Class != ProductClass.Water),
            "Two products in one bottle: nobody has tested what they do together."
        )
        {
            Change = "A clean bottle for each product, with its own label.",
        },
    ];

    private static SafetyRule Pair(
        string id,
        Func<Chemistry, bool> one,
        Func<Chemistry, bool> other,
        string sentence
    ) =>
        new(id, KeepOff, Harm.Person, Source.Incompatible, c => Meet(c, one, other), sentence)
        {
            Change = OneOfThem,
        };

    private static bool Meet(SafetyCase c, Func<Chemistry, bool> one, Func<Chemistry, bool> other)
    {
        if (c.Product is not { Chemistry: var here })
        {
            return false;
        }

        // Thinned or not, these traits are there.
        bool isOne = one(here);
        bool isOther = other(here);
        return (isOne || isOther)
            && c.Context.Session.Concat(c.Context.SameBottle)
                .Any(there => (isOne && other(there.Chemistry)) || (isOther && one(there.Chemistry)));
    }
}
