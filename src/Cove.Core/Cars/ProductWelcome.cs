using Cove.Core.Catalogue.Products;
using Cove.Core.Choice;
using Cove.Core.Safety;
using Cove.Core.Safety.Rules;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Cars;

/// <summary>What an owner should know at once of a product that comes onto the shelf.</summary>
/// <param name="NotHere">Where in the household it must not go, a line for each reason.</param>
/// <param name="NeverMeets">What on the shelf it must never meet.</param>
/// <param name="GoodFor">What it does safely, car by car; none for a car where it does nothing.</param>
public sealed record ProductWelcome(
    IReadOnlyList<PlaceToKeepOff> NotHere,
    IReadOnlyList<ProductToKeepApart> NeverMeets,
    IReadOnlyList<(CarShelf Car, IReadOnlyList<ShelfJob> Jobs)> GoodFor
)
{
    /// <summary>Works it out.</summary>
    /// <param name="product">The product, which is on the shelf.</param>
    /// <param name="cars">The cars of the household, with the shelf that serves them; at least one to say more than what it must not meet.</param>
    /// <param name="others">The other products of the shelf.</param>
    public static ProductWelcome Of(
        Product product,
        IReadOnlyList<CarShelf> cars,
        IEnumerable<Product> others
    ) =>
        new(
            [.. cars.SelectMany(car => KeepOffs(product, car))],
            [
                .. others
                    .Where(other => other.Id != product.Id)
                    .Select(other => (other, Why: WhyApart(product, other)))
                    .Where(pair => pair.Why is not null)
                    .Select(pair => new ProductToKeepApart(pair.other, pair.Why!)),
            ],
            [
                .. cars.Select(car =>
                        (
                            car,
                            Jobs: car.Smallest.Roles.FirstOrDefault(role =>
                                role.Product.Id == product.Id
                            )?.Does
                                ?? []
                        )
                    )
                    .Where(pair => pair.Jobs.Count > 0),
            ]
        );

    private static IEnumerable<PlaceToKeepOff> KeepOffs(Product product, CarShelf car) =>
        car
            .Ledger.Vehicle.InCare()
            // Nobody wipes the air.
            .Where(surface => surface.Kind != SurfaceKind.Air)
            .Select(surface => (surface, car.Ways.Of(product, surface, car.Context).Judgement))
            .Where(answer => answer.Judgement.Verdict == Verdict.KeepOff)
            .GroupBy(answer => answer.Judgement.Decisive.Sentence, StringComparer.Ordinal)
            .Select(reason => new PlaceToKeepOff(
                car,
                [.. reason.Select(answer => answer.surface)],
                reason.Key
            ));

    /// <summary>Why two products must never meet, whatever they are used on; null when they may.</summary>
    private static string? WhyApart(Product product, Product other) =>
        SafetyRules
            .Judge(
                new SafetyCase(
                    new SurfaceMake(SurfaceKind.Mat, Material.Rubber),
                    product.Make,
                    product.Usual,
                    Catalogue.Tools.Application.OnTowel,
                    Catalogue.Tools.Tool.MicrofibreTowel,
                    UseContext.Usual with
                    {
                        Session = [other.Make],
                    }
                )
            )
            .Reasons.FirstOrDefault(reason => reason.Source == Source.Incompatible)
            ?.Sentence;
}

/// <summary>Places where a product must not go.</summary>
/// <param name="Car">The car.</param>
/// <param name="Surfaces">The surfaces; at least one.</param>
/// <param name="Why">Why, as one sentence.</param>
public sealed record PlaceToKeepOff(CarShelf Car, IReadOnlyList<Surface> Surfaces, string Why);

/// <summary>A product that another one must never meet.</summary>
/// <param name="Other">The product.</param>
/// <param name="Why">Why, as one sentence.</param>
public sealed record ProductToKeepApart(Product Other, string Why);
