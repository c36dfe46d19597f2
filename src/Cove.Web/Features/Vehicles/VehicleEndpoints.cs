using System.Text.Json;
using Cove.Core.Upkeep;
using Cove.Core.Vehicles;
using Cove.Data;
using Cove.Web.Hosting;

namespace Cove.Web.Features.Vehicles;

internal static class VehicleEndpoints
{
    public const string UnknownVehicle = "There is no such vehicle. Choose one from the list of vehicles.";

    public static void MapVehicles(this RouteGroupBuilder api)
    {
        RouteGroupBuilder vehicles = api.MapGroup("/vehicles");
        vehicles
            .MapGet(
                "/",
                async (VehicleStore store, CancellationToken cancel) =>
                    (await store.All(cancel)).Select(VehicleView.Of).ToArray()
            )
            .WithName("ListVehicles")
            .WithSummary("The owner's vehicles, in the order they were added.");
        vehicles
            .MapGet("/choices", Choices)
            .WithName("GetVehicleChoices")
            .WithSummary("What can be chosen when a vehicle is added.");
        vehicles
            .MapPost("/", Add)
            .WithName("AddVehicle")
            .WithSummary("Adds a vehicle with surfaces and levels that follow from its layout.")
            .Produces<VehicleView>(StatusCodes.Status201Created)
            .ProducesValidationProblem();
        vehicles
            .MapPut("/{vehicleId:guid}/distance", ChangeDistance)
            .WithName("ChangeDistance")
            .WithSummary("Changes how far a vehicle is driven, from now on.")
            .Produces(StatusCodes.Status204NoContent)
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static VehicleChoicesView Choices() =>
        new(
            [.. BodyShape.All.Select(body => new BodyChoiceView(body.Body, body.Name, body.AllowedRows))],
            CabinLayout.SeatMaterials,
            CabinLayout.MatMaterials
        );

    private static async Task<IResult> Add(
        NewVehicle wish,
        VehicleStore store,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        var problems = wish.Layout.Problems();
        if (problems.Count > 0)
        {
            return Problems.Fields(
                problems.ToDictionary(
                    problem => JsonNamingPolicy.CamelCase.ConvertName(problem.Property),
                    problem => new[] { problem.Sentence },
                    StringComparer.Ordinal
                )
            );
        }

        string name = wish.Name.Trim();
        if (name.Length == 0)
        {
            return Problems.Field("name", "Give the car a name.");
        }

        Guid id = await store.Add(
            name,
            wish.Description.Trim(),
            wish.Layout,
            WeeklyDistance.FromKilometres(wish.KilometresAWeek),
            task => wish.Look.StartingLevel(task),
            clock.Now,
            cancel
        );
        return Results.Created($"/api/vehicles/{id}", new VehicleView(id, name, wish.Description.Trim()));
    }

    private static async Task<IResult> ChangeDistance(
        Guid vehicleId,
        NewDistance wish,
        VehicleStore store,
        OwnerClock clock,
        CancellationToken cancel
    ) =>
        await store.ChangeDistance(
            vehicleId,
            WeeklyDistance.FromKilometres(wish.KilometresAWeek),
            clock.Now,
            cancel
        )
            ? Results.NoContent()
            : Problems.NotFound(UnknownVehicle);
}
