using Cove.Core.Catalogue.Products;
using Cove.Core.Catalogue.Tools;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Safety;

/// <summary>How a product is usually put on a surface, and with what. Towel, brush or applicator first; sprayed only where it is robust.</summary>
/// <param name="Application">How it gets onto the surface.</param>
/// <param name="Tool">What the hand works with.</param>
public sealed record UsualWay(Application Application, Tool Tool)
{
    /// <summary>The usual way for a product on a surface. Common practice.</summary>
    public static UsualWay Of(ProductMake product, SurfaceMake surface) =>
        product switch
        {
            { Class: ProductClass.MelamineSponge } => new(Application.OnTowel, Tool.MelamineSponge),
            { Class: ProductClass.CleaningGel } or { Form: ProductForm.Gel } => new(
                Application.Dry,
                Tool.Gel
            ),
            { Form: ProductForm.Solid } => new(Application.Dry, Tool.MicrofibreTowel),
            { Class: ProductClass.FabricProtector } => new(Application.DirectSpray, Tool.MicrofibreTowel),
            { Chemistry.LeavesFilm: true, Class: not ProductClass.InteriorDetailer } => new(
                Application.OnApplicator,
                Tool.Applicator
            ),
            _ => OfCleaner(product, surface),
        };

    private static UsualWay OfCleaner(ProductMake product, SurfaceMake surface) =>
        surface switch
        {
            { Kind: SurfaceKind.Windscreen or SurfaceKind.Glass or SurfaceKind.Screen } => new(
                Application.OnTowel,
                Tool.GlassTowel
            ),
            {
                Kind: SurfaceKind.Headliner or SurfaceKind.Belts or SurfaceKind.Vents or SurfaceKind.Switches
            } => new(Application.OnBrush, Tool.SoftBrush),
            { Kind: SurfaceKind.Pedals } => new(Application.OnBrush, Tool.StiffBrush),
            { Kind: SurfaceKind.Mat, Material: Material.Rubber } => new(
                Application.DirectSpray,
                Tool.StiffBrush
            ),
            { Material: Material.Pile } => new(Application.Foam, Tool.StiffBrush),
            _ when product.Class is ProductClass.LeatherCleanerMild or ProductClass.LeatherCleanerStrong =>
                new(Application.OnBrush, Tool.SoftBrush),
            _ => new(Application.OnTowel, Tool.MicrofibreTowel),
        };
}
