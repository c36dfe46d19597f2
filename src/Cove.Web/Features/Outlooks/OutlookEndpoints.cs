using Cove.Core.Outlook;
using Cove.Web.Features.Routines;
using Cove.Web.Features.Vehicles;

namespace Cove.Web.Features.Outlooks;

/// <summary>The year ahead of a car, as its routine has it and as it would be if something were otherwise.</summary>
internal static class OutlookEndpoints
{
    public static void MapOutlook(this RouteGroupBuilder api)
    {
        RouteGroupBuilder outlook = api.MapGroup("/vehicles/{vehicleId:guid}/outlook");
        outlook
            .MapGet("", Get)
            .WithName("GetOutlook")
            .WithSummary("How clean each part will be in the year ahead, and what it takes.")
            .Produces<OutlookView>()
            .ProducesProblem(StatusCodes.Status404NotFound);
        outlook
            .MapPost("", WhatIf)
            .WithName("AskWhatIf")
            .WithSummary(
                "The same if the use or the routine were otherwise, with the difference in words. Nothing is stored."
            )
            .WithMetadata(new ChangesNothing())
            .Produces<OutlookView>()
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status404NotFound);
        outlook
            .MapGet("/changes", Changes)
            .WithName("GetSingleChanges")
            .WithSummary(
                "Everything its owner could do otherwise, each tried alone; what saves most overdue days first."
            )
            .Produces<SingleChangeView[]>()
            .ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static async Task<IResult> Changes(
        VehicleId vehicleId,
        PlannedRoutines routines,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (
            await routines.Kept(vehicleId, PlannedRoutines.UsualMonths, cancel) is not var (saved, kept)
            || await routines.Find(vehicleId, cancel) is not var (_, car)
        )
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        CarUse use = car.Day.Ledger.UsageAsTold.At(clock.Now).Use;
        return Results.Ok(
            await car.Once(
                $"single changes {saved.Version}",
                async () =>
                {
                    var tried = new List<SingleChangeView>();
                    foreach (
                        SingleChange change in SingleChanges.For(use, saved.Routine, clock.Now, clock.Today)
                    )
                    {
                        RoutinePlan then = await routines.WhatIf(
                            vehicleId,
                            change.Use == use ? null : change.Use,
                            change.Routine,
                            saved,
                            kept,
                            car,
                            CancellationToken.None
                        );
                        tried.Add(
                            new SingleChangeView(
                                change.Name,
                                Math.Round(kept.OverdueDays - then.OverdueDays),
                                Math.Round(then.GivenAWeek - kept.GivenAWeek, 1),
                                UseDocument.Of(change.Use),
                                RoutineDocument.Of(change.Routine)
                            )
                        );
                    }

                    return tried.OrderByDescending(change => change.SavedDays).ToArray();
                }
            )
        );
    }

    private static async Task<IResult> Get(
        VehicleId vehicleId,
        PlannedRoutines routines,
        PlannedYears years,
        MoneyStore money,
        CancellationToken cancel
    ) =>
        await routines.Kept(vehicleId, PlannedRoutines.UsualMonths, cancel) is var (_, plan)
        && await routines.Find(vehicleId, cancel) is var (_, car)
            ? Results.Ok(
                OutlookView.Of(await years.Of(plan, car), string.Empty, await money.Currency(cancel))
            )
            : Problems.NotFound(VehicleEndpoints.UnknownVehicle);

    private static async Task<IResult> WhatIf(
        VehicleId vehicleId,
        WhatIfRequest request,
        PlannedRoutines routines,
        PlannedYears years,
        MoneyStore money,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (
            await routines.Kept(vehicleId, PlannedRoutines.UsualMonths, cancel) is not var (saved, kept)
            || await routines.Find(vehicleId, cancel) is not var (_, car)
        )
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        CarRoutine? routine = saved.Routine;
        if (
            request.Routine is { } asked
            && asked.Read(clock.Today, clock.Zone, out routine) is { Count: > 0 } errors
        )
        {
            return Problems.Paths(
                errors.Select(error => error with { Property = $"routine.{error.Property}" })
            );
        }

        CarUse? use = request.Use?.ToUse();
        RoutinePlan planned = await routines.WhatIf(vehicleId, use, routine!, saved, kept, car, cancel);
        PlannedYear then = await years.Of(planned, car, use);
        string currency = await money.Currency(cancel);
        return Results.Ok(
            OutlookView.Of(then, YearDifference.InWords(await years.Of(kept, car), then, currency), currency)
        );
    }
}

/// <summary>What if: everything that is left out stays as it is.</summary>
public sealed record WhatIfRequest
{
    /// <summary>Another use; null for the present one.</summary>
    public UseDocument? Use { get; init; }

    /// <summary>Another routine; null for the present one.</summary>
    public RoutineDocument? Routine { get; init; }
}

/// <summary>One thing that could be done otherwise.</summary>
/// <param name="Name">What.</param>
/// <param name="SavedDays">The overdue days of the year that it saves; below 0 when it costs some.</param>
/// <param name="MoreMinutes">The minutes a week that it asks for.</param>
/// <param name="Use">The use with it.</param>
/// <param name="Routine">The routine with it.</param>
internal sealed record SingleChangeView(
    string Name,
    double SavedDays,
    double MoreMinutes,
    UseDocument Use,
    RoutineDocument Routine
);
