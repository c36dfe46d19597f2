using Cove.Core.Catalogue.Products;
using Cove.Core.Vehicles.Surfaces;
using static Cove.Core.Safety.Verdict;

namespace Cove.Core.Safety.Rules;

/// <summary>What makes hands and feet slip, and what stands between the eyes and the road.</summary>
internal static class GripAndSightRules
{
    public static IReadOnlyList<SafetyRule> All { get; } =
    [
        new(
            "grip.controls",
            KeepOff,
            Harm.Person,
            Source.Practice,
            c => c.On(SurfaceKind.Wheel, SurfaceKind.ShifterSlot, SurfaceKind.Pedals) && c.Stays,
            "It leaves a film on wheel, lever or pedals. What you hold or press stays bare."
        ),
        new(
            "grip.floor",
            KeepOff,
            Harm.Person,
            Source.Practice,
            c =>
                // What is made for cloth sits round the fibres and leaves nothing to slip on.
                !(c.Is(ProductClass.FabricProtector) && c.IsTextile)
                && (
                    (c.On(SurfaceKind.Mat, SurfaceKind.Carpet) && c.Stays)
                    || (c.On(SurfaceKind.Boot) && c.Dresses)
                ),
            "Feet and loads slip on a floor with a film on it."
        ),
        new(
            "grip.seat",
            KeepOff,
            Harm.Person,
            Source.Practice,
            c =>
                c.On(SurfaceKind.Seat)
                && (c.Product is { Sheen: Sheen.Gloss } || (c.InUse.Oil && c.InUse.Solvent)),
            "A shiny or oily seat is slippery: people slide off a sloped bench when the car brakes."
        ),
        new(
            "grip.seat-film",
            WithCare,
            Harm.Person,
            Source.Practice,
            c =>
                c.On(SurfaceKind.Seat)
                && (
                    c.Product is { Sheen: Sheen.Satin }
                    || c.Is(ProductClass.SilicaSpray)
                    || (c.Is(ProductClass.WaterBasedDressing) && !c.Of(Material.SyntheticLeather))
                ),
            "A dressed seat can be slippery."
        )
        {
            Change = "Only a product that dries without shine; buff it until it feels like the bare seat.",
        },
        new(
            "sight.dash-gloss",
            KeepOff,
            Harm.Person,
            Source.Practice,
            c => c.On(SurfaceKind.Dash) && c.Product is { Sheen: Sheen.Gloss },
            "A shiny dash mirrors in the windscreen and hides the road in low sun."
        ),
        new(
            "sight.dash-satin",
            WithCare,
            Harm.Person,
            Source.Practice,
            c => c.On(SurfaceKind.Dash) && c.Product is { Sheen: Sheen.Satin },
            "Even a soft shine on the dash can mirror in the windscreen."
        )
        {
            Change = "Take a matte one for the top of the dash, or buff it until it no longer shines.",
        },
        new(
            "sight.dash-oil",
            KeepOff,
            Harm.Result,
            Source.Practice,
            c => c.On(SurfaceKind.Dash) && c.InUse.Oil,
            "Oil on a warm dash rises and settles on the windscreen as a film that glares at night."
        ),
        new(
            "sight.pane",
            KeepOff,
            Harm.Person,
            Source.Practice,
            c => c.IsPane && c.Dresses,
            "It leaves a film on the glass that glares at night."
        ),
        new(
            "sight.pane-film",
            WithCare,
            Harm.Result,
            Source.Practice,
            c => c.IsPane && c.InUse.LeavesFilm && !c.Dresses,
            "It leaves a thin film on the glass."
        )
        {
            Change = "Wipe after it with a damp glass towel, then dry.",
        },
        new(
            "sight.mask",
            WithCare,
            Harm.Result,
            Source.Practice,
            c => c.On(SurfaceKind.Vents) && c.Stays,
            "The fan carries what stays on the louvres to the glass."
        )
        {
            Change = "Leave vents bare, or use the least and buff it dry.",
        },
    ];
}
