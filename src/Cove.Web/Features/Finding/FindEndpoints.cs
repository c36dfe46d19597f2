using Cove.Core.Finding;
using Cove.Web.Features.Cars;
using Cove.Web.Features.Vehicles;

namespace Cove.Web.Features.Finding;

/// <summary>Finds what an owner looks for by name.</summary>
internal static class FindEndpoints
{
    private const int MostWords = 80;
    private const int MostFound = 12;

    public static void MapFinding(this RouteGroupBuilder api) =>
        api.MapGet("/vehicles/{vehicleId:guid}/find", Find)
            .WithName("Find")
            .WithSummary(
                "Surfaces, tasks, methods, products and spills whose names hold words that begin so, best first."
            )
            .Produces<FoundView[]>()
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status404NotFound);

    private static async Task<IResult> Find(
        VehicleId vehicleId,
        string? words,
        CarsAtHand cars,
        CarSources sources,
        CancellationToken cancel
    )
    {
        if (words is { Length: > MostWords })
        {
            return Problems.Field("words", $"Look for up to {MostWords} characters.");
        }

        return await cars.Get(vehicleId, sources, cancel) is { } car
            ? Results.Ok(
                car.Use(at => CarIndex.Find(words ?? string.Empty, at, MostFound)).Select(FoundView.Of)
            )
            : Problems.NotFound(VehicleEndpoints.UnknownVehicle);
    }
}

/// <summary>Something that was found.</summary>
/// <param name="Kind">What it is.</param>
/// <param name="Key">Its id; that of the task for a method.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Beside">Words beside the name, such as what a surface is made of.</param>
internal sealed record FoundView(FindableKind Kind, string Key, string Name, string Beside)
{
    public static FoundView Of(Findable found) =>
        new(
            found.Kind,
            found.Key,
            found.Name,
            found.Kind == FindableKind.Spill ? string.Empty : found.Beside
        );
}
