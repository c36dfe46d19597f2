using Cove.Core.Catalogue.Products;
using Cove.Core.Catalogue.Tools;
using Cove.Core.Vehicles.Surfaces;
using static Cove.Core.Safety.Verdict;

namespace Cove.Core.Safety.Rules;

/// <summary>Leather with a coat, without one, and what only looks like it.</summary>
internal static class LeatherRules
{
    private const string Mild = "A mild leather cleaner as foam on a soft brush, or a damp towel.";

    public static IReadOnlyList<SafetyRule> All { get; } =
    [
        new(
            "leather.strong",
            KeepOff,
            Harm.Surface,
            Source.Practice,
            c => IsCoated(c) && (c.IsStrong || c.InUse.Solvent || c.Bleaches || c.InUse.Ammonia),
            "Strong cleaners, solvents, ammonia and bleach strip the coat of leather."
        )
        {
            Change = Mild,
        },
        new(
            "leather.alkaline",
            TestFirst,
            Harm.Surface,
            Source.Practice,
            c => IsCoated(c) && !c.IsStrong && (c.IsAlkaline || c.InUse.Acid),
            "Alkaline and acid cleaners dull the coat of leather in time."
        )
        {
            Change = Mild,
        },
        new(
            "leather.alcohol-much",
            KeepOff,
            Harm.Surface,
            Source.Practice,
            c => IsCoated(c) && c.InUse.AlcoholPercent >= 20,
            "Alcohol takes colour and coat off leather."
        )
        {
            Change = Mild,
        },
        new(
            "leather.alcohol",
            TestFirst,
            Harm.Surface,
            Source.Practice,
            c => IsCoated(c) && c.InUse.AlcoholPercent is >= 5 and < 20,
            "Even a little alcohol can take colour off leather."
        )
        {
            Change = Mild,
        },
        new(
            "leather.abrasive",
            KeepOff,
            Harm.Surface,
            Source.Practice,
            c => IsAnyLeather(c) && (c.IsAbrasive || c.With(Tool.Scraper)),
            "It takes the coat off."
        )
        {
            Change = Mild,
        },
        new(
            "leather.stiff",
            KeepOff,
            Harm.Surface,
            Source.Practice,
            c => (IsCoated(c) || IsBare(c)) && c.With(Tool.StiffBrush),
            "Stiff bristles scratch the coat."
        )
        {
            Change = "A soft brush.",
        },
        new(
            "leather.soak",
            KeepOff,
            Harm.Surface,
            Source.Practice,
            c => IsAnyLeather(c) && c.IsSoaked,
            "Water goes through seams into foam, heaters and sensors."
        )
        {
            Change = "Barely damp, and dry at once.",
        },
        new(
            "leather.spray",
            WithCare,
            Harm.Surface,
            Source.Practice,
            c => IsAnyLeather(c) && c.IsDirect,
            "Sprayed on, it wets the seams more than the leather."
        )
        {
            Change = "On the towel or the brush, not on the leather.",
        },
        new(
            "leather.steam",
            TestFirst,
            Harm.Surface,
            Source.Memory,
            c => IsCoated(c) && c.With(Tool.Steamer),
            "Heat and steam shrink leather and lift its coat."
        )
        {
            Change = Mild,
        },
        new(
            "leather.oily",
            KeepOff,
            Harm.Surface,
            Source.Practice,
            c =>
                IsCoated(c)
                && (c.InUse.Oil || c.Shines)
                && !c.Is(ProductClass.LeatherBalm, ProductClass.LeatherConditioner),
            "Oil lies on the coat: greasy, slippery and darker. Shine is oil, not health."
        ),
        new(
            "leather.needless",
            WithCare,
            Harm.Result,
            Source.Practice,
            c => IsCoated(c) && c.Is(ProductClass.LeatherConditioner) && !c.Context.CoatWorn,
            "A sound coat takes no oil in; conditioner is for leather whose coat is old and worn."
        )
        {
            Change = "Seal a sound coat instead.",
        },
        new(
            "leather.worn",
            WithCare,
            Harm.Surface,
            Source.Practice,
            c =>
                IsCoated(c)
                && c.Context.CoatWorn
                && c.IsWet
                && !c.Is(ProductClass.LeatherConditioner, ProductClass.Water),
            "A worn coat lets liquid in."
        )
        {
            Change = "As little as possible; condition it afterwards.",
        },
        new(
            "leather.worn-strong",
            KeepOff,
            Harm.Surface,
            Source.Practice,
            c =>
                IsCoated(c)
                && c.Context.CoatWorn
                && (c.IsAlkaline || c.InUse.Acid || c.InUse.AlcoholPercent >= 5),
            "Where the coat is worn, a strong cleaner goes into the leather itself."
        )
        {
            Change = Mild,
        },
        new(
            "bare-leather.wet",
            TestFirst,
            Harm.Surface,
            Source.Practice,
            c => IsBare(c) && c.IsWet && !IsDampCloth(c) && !c.Is(ProductClass.UncoatedLeatherCleaner),
            "Leather without a coat darkens and rings where it gets wet."
        )
        {
            Change = "Soft dry brush first.",
        },
        new(
            "bare-leather.damp",
            WithCare,
            Harm.Surface,
            Source.Practice,
            c => IsBare(c) && (IsDampCloth(c) || (c.IsWet && c.Is(ProductClass.UncoatedLeatherCleaner))),
            "Leather without a coat darkens where it gets more than barely damp."
        )
        {
            Change = "Brush it dry first, then barely damp, all over rather than in one spot.",
        },
        new(
            "bare-leather.chemistry",
            KeepOff,
            Harm.Surface,
            Source.Practice,
            c =>
                IsBare(c)
                && (
                    c.Stays
                    || c.IsAlkaline
                    || c.InUse.Ph <= 5
                    || c.InUse.Solvent
                    || c.InUse.Ammonia
                    || c.InUse.Acid
                    || c.InUse.AlcoholPercent >= 5
                    || c.Bleaches
                ),
            "It soaks into leather without a coat and stays there as a stain."
        )
        {
            Change = "Soft dry brush, or a cleaner made for uncoated leather.",
        },
        new(
            "bare-leather.spray",
            KeepOff,
            Harm.Surface,
            Source.Practice,
            c => IsBare(c) && (c.RunsOn || c.With(Tool.Steamer)),
            "Leather without a coat drinks it up at once."
        )
        {
            Change = "Barely damp towel, all over rather than in one spot.",
        },
        new(
            "synthetic.strong",
            KeepOff,
            Harm.Surface,
            Source.Practice,
            c => IsSynthetic(c) && (c.IsExtreme || c.InUse.Solvent || c.InUse.Chlorine),
            "It draws the softener out of synthetic leather, which then cracks."
        )
        {
            Change = "Interior cleaner on a towel.",
        },
        new(
            "synthetic.alkaline",
            WithCare,
            Harm.Surface,
            Source.Practice,
            c => IsSynthetic(c) && c.IsStronglyAlkaline,
            "This strong, it dries synthetic leather out in time."
        )
        {
            Change = "Thinner, and wiped off with water.",
        },
        new(
            "synthetic.acid",
            WithCare,
            Harm.Surface,
            Source.Practice,
            c => IsSynthetic(c) && c.IsStronglyAcid,
            "Acid takes the colour of synthetic leather in time."
        )
        {
            Change = "Interior cleaner on a towel.",
        },
        new(
            "synthetic.alcohol",
            TestFirst,
            Harm.Surface,
            Source.Practice,
            c => IsSynthetic(c) && (c.InUse.AlcoholPercent >= 20 || c.InUse.Ammonia || c.InUse.Peroxide),
            "Alcohol, ammonia and peroxide can take colour and softness."
        )
        {
            Change = "Interior cleaner on a towel.",
        },
        new(
            "synthetic.oil",
            WithCare,
            Harm.Result,
            Source.Practice,
            c => IsSynthetic(c) && c.InUse.Oil,
            "Synthetic leather takes no oil in; it only gets greasy."
        )
        {
            Change = "A protectant that dries without shine.",
        },
        new(
            "synthetic.stiff",
            WithCare,
            Harm.Surface,
            Source.Practice,
            c => IsSynthetic(c) && c.With(Tool.StiffBrush),
            "Stiff bristles dull the grain."
        )
        {
            Change = "A soft brush.",
        },
    ];

    private static bool IsCoated(SafetyCase c) => c.Of(Material.CoatedLeather);

    private static bool IsBare(SafetyCase c) => c.Of(Material.UncoatedLeather);

    /// <summary>Plain water on a wrung towel, the one wet thing leather without a coat bears.</summary>
    private static bool IsDampCloth(SafetyCase c) =>
        c.Is(ProductClass.Water) && c.Application == Application.OnTowel;

    private static bool IsSynthetic(SafetyCase c) => c.Of(Material.SyntheticLeather);

    private static bool IsAnyLeather(SafetyCase c) =>
        c.Of(Material.CoatedLeather, Material.UncoatedLeather, Material.SyntheticLeather);
}
