using Cove.Core.Sessions;
using Cove.Core.Upkeep;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Finding;

/// <summary>Everything of a car that can be looked for by name, and what is on the shelf.</summary>
public static class CarIndex
{
    /// <summary>All of it: surfaces, tasks, methods, products, and spills that need first aid.</summary>
    /// <param name="at">The car as it stands.</param>
    public static IEnumerable<Findable> Of(DayPlan at) =>
        [
            .. at
                .Ledger.Vehicle.InCare()
                .Select(surface => new Findable(
                    FindableKind.Surface,
                    surface.Id.Value,
                    surface.Name,
                    string.Join(", ", SurfaceWords.About(surface))
                )),
            .. at
                .Statuses.Select(status => status.Item.Task)
                .Select(task => new Findable(FindableKind.Task, task.Id.Value, task.Name, task.ShortName)),
            .. at
                .Statuses.SelectMany(status =>
                    at.Methods.Of(status)
                        .Uses.Select(use => use.Method.Name)
                        .Distinct(StringComparer.Ordinal)
                        .Select(name => (status.Item.Task, Name: name))
                )
                .Select(method => new Findable(
                    FindableKind.Method,
                    method.Task.Id.Value,
                    method.Name,
                    method.Task.Name
                )),
            .. at.Car.Shelf.Products.Select(product => new Findable(
                FindableKind.Product,
                product.Id.Value.ToString(),
                product.Name,
                string.Empty
            )),
            .. CareEvents
                .All.Where(known => known.Spot is not null)
                .Select(known => new Findable(
                    FindableKind.Spill,
                    known.Id.Value,
                    known.Name,
                    $"spill stain spot first aid {SpillWords.Of(known.Spot!.Value)}"
                )),
        ];

    /// <summary>What matches the words, best first.</summary>
    /// <param name="words">What is asked for.</param>
    /// <param name="at">The car as it stands.</param>
    /// <param name="most">How many at most; 1 or more.</param>
    public static IReadOnlyList<Findable> Find(string words, DayPlan at, int most) =>
        [.. WordSearch.Find(words, Of(at), thing => thing.Name, thing => thing.Beside).Take(most)];
}
