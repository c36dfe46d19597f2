using Cove.Web.Features.Cars;
using Cove.Web.Features.Vehicles;

namespace Cove.Web.Features.Methods;

/// <summary>Methods to be read outside a run.</summary>
internal static class MethodEndpoints
{
    public static void MapMethods(this RouteGroupBuilder api)
    {
        api.MapGet("/vehicles/{vehicleId:guid}/methods", List)
            .WithName("ListMethods")
            .WithSummary("How each task of a car is done now, by name.")
            .Produces<MethodListView>()
            .ProducesProblem(StatusCodes.Status404NotFound);
        api.MapGet("/vehicles/{vehicleId:guid}/methods/{taskId}", Technique)
            .WithName("GetTechnique")
            .WithSummary("Every method for a task on a car, step by step, the chosen ones first.")
            .Produces<TechniqueView>()
            .ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static async Task<IResult> List(
        VehicleId vehicleId,
        CarsAtHand cars,
        CarSources sources,
        CancellationToken cancel
    )
    {
        return await cars.Get(vehicleId, sources, cancel) is { } car
            ? Results.Ok(car.Use(ListOf))
            : Problems.NotFound(VehicleEndpoints.UnknownVehicle);
    }

    private static MethodListView ListOf(DayPlan at) =>
        new(
            [
                .. at
                    .Statuses.Select(at.Methods.Of)
                    .Select(work => new TechniqueTaskView(
                        work.Status.Item.Task.Id.Value,
                        work.Status.Item.Task.Name,
                        [.. work.Uses.Select(use => use.Method.Name).Distinct(StringComparer.Ordinal)],
                        work.Hands.TotalMinutes
                    )),
            ],
            [
                .. SessionChores.All.Select(chore => new TechniqueTaskView(
                    chore.Id.Value,
                    chore.NameWith(at.LooseThings.ChildSeats),
                    [chore.Method.Name],
                    at.Methods.Paces.WorkOf(chore, at.LooseThings.ChildSeats).TotalMinutes
                )),
            ]
        );

    private static async Task<IResult> Technique(
        VehicleId vehicleId,
        TaskId taskId,
        CarsAtHand cars,
        CarSources sources,
        CancellationToken cancel
    )
    {
        if (await cars.Get(vehicleId, sources, cancel) is not { } car)
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        if (SessionChores.Find(taskId) is { } chore)
        {
            return Results.Ok(car.Use(at => OfChore(chore, at.Methods.Paces, at.LooseThings.ChildSeats)));
        }

        if (car.Day.Ledger.Items.FirstOrDefault(item => item.Task.Id == taskId) is not { } item)
        {
            return Problems.NotFound("This vehicle has no such task. Choose one from its methods.");
        }

        TaskWork work = car.Use(at => at.Methods.Of(at.Statuses.First(status => status.Item == item)));
        return Results.Ok(
            new TechniqueView(
                item.Task.Id.Value,
                item.Task.Name,
                work.Hands.TotalMinutes,
                work.Drying.TotalMinutes,
                [
                    .. work
                        .Uses.SelectMany(use => use.Surfaces.Select(surface => (surface, use.Method)))
                        .GroupBy(pair =>
                            (
                                pair.Method,
                                Grounds.Of(pair.surface.Make),
                                string.Join(',', MethodsFor(item, pair.surface).Select(method => method.Id))
                            )
                        )
                        .Select(group =>
                            GroupOf(item, group.Key.Method, [.. group.Select(pair => pair.surface)])
                        ),
                ]
            )
        );
    }

    private static IReadOnlyList<Method> MethodsFor(CareItem item, Surface surface) =>
        MethodLibrary.For(item.Task, surface.Make);

    private static TechniqueGroupView GroupOf(
        CareItem item,
        Method chosen,
        IReadOnlyList<Surface> surfaces
    ) =>
        new(
            surfaces.Count == 1 ? surfaces[0].Name : SurfaceWords.NameTogether(surfaces),
            chosen.Id.Value,
            [
                .. MethodsFor(item, surfaces[0])
                    .OrderByDescending(method => method == chosen)
                    .Select(method =>
                        TechniqueMethodView.Of(item.Task, method, Grounds.Of(surfaces[0].Make))
                    ),
            ]
        );

    private static TechniqueView OfChore(SessionChore chore, OwnerPaces paces, int childSeats)
    {
        double minutes = paces.WorkOf(chore, childSeats).TotalMinutes;
        return new TechniqueView(
            chore.Id.Value,
            chore.NameWith(childSeats),
            minutes,
            0,
            [
                new TechniqueGroupView(
                    string.Empty,
                    chore.Method.Id.Value,
                    [new TechniqueMethodView(MethodView.Of(chore.Method, Ground.Cabin), minutes, 0, 0)]
                ),
            ]
        );
    }
}
