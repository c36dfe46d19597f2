using System.Text.Json;
using Cove.Web.Features.Cars;
using Cove.Web.Features.Vehicles;

namespace Cove.Web.Features.Glass;

/// <summary>The glass of a car.</summary>
internal static class GlassEndpoints
{
    private static readonly string[] Touches =
    [
        .. Enum.GetNames<GlassTouch>().Select(JsonNamingPolicy.CamelCase.ConvertName),
    ];

    public static void MapGlass(this RouteGroupBuilder api)
    {
        api.MapGet("/vehicles/{vehicleId:guid}/glass", Show)
            .WithName("GetGlass")
            .WithSummary(
                "The panes with their film, the method for each with what it was compared with, and all of them in one plan."
            )
            .Produces<GlassView>()
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status404NotFound);
        api.MapPost("/vehicles/{vehicleId:guid}/glass/streaks", Record)
            .WithName("RecordStreak")
            .WithSummary("Notes in the log on which side of a pane a streak was found.")
            .Produces<StreakFinding>(StatusCodes.Status201Created)
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static async Task<IResult> Show(
        VehicleId vehicleId,
        CarsAtHand cars,
        CarSources sources,
        OwnerClock clock,
        CancellationToken cancel,
        bool? sun = null,
        string? touch = null,
        bool? damp = null
    )
    {
        if (await cars.Get(vehicleId, sources, cancel) is not { } car)
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        int feel = touch is null ? -1 : Array.IndexOf(Touches, touch);
        if (touch is not null && feel < 0)
        {
            return Problems.Field("touch", $"Choose one of: {string.Join(", ", Touches)}.");
        }

        return Results.Ok(
            car.Use(at =>
            {
                // What is asked for here holds for this answer, what was said of the place for everything else.
                GlassConditions said = at.Methods.Place.AtGlass;
                return new GlassPage(at, clock).Show(
                    new GlassConditions(
                        sun ?? said.InSun,
                        feel < 0 ? said.Touch : (GlassTouch)feel,
                        damp ?? said.Damp
                    )
                );
            })
        );
    }

    private static async Task<IResult> Record(
        VehicleId vehicleId,
        NewStreak request,
        VehicleStore vehicles,
        LogStore log,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (await vehicles.Ledger(vehicleId, cancel) is not { } ledger)
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        if (
            ledger
                .Vehicle.InCare()
                .FirstOrDefault(surface =>
                    surface.Id == request.SurfaceId
                    && surface.Kind is SurfaceKind.Windscreen or SurfaceKind.Glass
                )
            is not { } pane
        )
        {
            return Problems.Field("surfaceId", "Name a pane of this vehicle.");
        }

        if (StreakTest.Find(request.Finding) is not { } finding)
        {
            return Problems.Field("finding", "Choose one of the findings on offer.");
        }

        DateTimeOffset now = clock.Now;
        SavedEntry saved = await log.Append(
            ledger,
            new StreakTested(EntryId.New(now), now, finding.Id, [pane.Id])
            {
                Note = $"{finding.Sees}. {finding.Means}",
            },
            cancel
        );
        return Results.Created($"/api/log/{saved.Entry.Id}", finding);
    }
}
