using System.ComponentModel.DataAnnotations;
using System.Text.Json;
using Cove.Core.Outlook;
using Cove.Web.Features.Cars;
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
            .MapPost("/band", Futures)
            .WithName("GetOutlookBand")
            .WithSummary(
                "How far that year may turn out otherwise: 64 futures in which levels and rates are off, the same ones for whatever is asked. Nothing is stored."
            )
            .WithMetadata(new ChangesNothing())
            .Produces<OutlookBandView>()
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status404NotFound);
        outlook
            .MapGet("/coming", Coming)
            .WithName("GetComingUp")
            .WithSummary(
                "What the year brings beside its sessions: coats, bottles that run out, turns of the seasons."
            )
            .Produces<ComingUpView>()
            .ProducesProblem(StatusCodes.Status404NotFound);
        outlook
            .MapPost("/saving", Saving)
            .WithName("AskSaving")
            .WithSummary("What another use or routine would save in the year. Nothing is stored.")
            .WithMetadata(new ChangesNothing())
            .Produces<SavingView>()
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status404NotFound);
        outlook
            .MapGet("/changes", Changes)
            .WithName("GetSingleChanges")
            .WithSummary(
                "Everything its owner could do otherwise, one thing at a time. What each saves is asked one by one."
            )
            .Produces<SingleChangeView[]>()
            .ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static async Task<IResult> Changes(
        VehicleId vehicleId,
        PlannedRoutines routines,
        OwnerClock clock,
        CancellationToken cancel
    ) =>
        await routines.Find(vehicleId, cancel) is var (saved, car)
            ? Results.Ok(
                SingleChanges
                    .For(car.Day.Ledger.UsageAsTold.At(clock.Now).Use, saved.Routine, clock.Now, clock.Today)
                    .Select(change => new SingleChangeView(
                        change.Name,
                        UseDocument.Of(change.Use),
                        RoutineDocument.Of(change.Routine)
                    ))
            )
            : Problems.NotFound(VehicleEndpoints.UnknownVehicle);

    private static async Task<IResult> Coming(
        VehicleId vehicleId,
        PlannedRoutines routines,
        ShelfStore shelves,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (
            await routines.Kept(vehicleId, PlannedRoutines.UsualMonths, cancel) is not var (_, plan)
            || await routines.Find(vehicleId, cancel) is not var (_, car)
        )
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        Core.Catalogue.Shelf shelf = (await shelves.Load(cancel)).Shelf;
        var uses = await shelves.Uses(shelf, cancel);
        return Results.Ok(
            ComingUpView.Of(
                ComingUp.Of(
                    plan,
                    car.Day.Ledger,
                    shelf
                        .Products.Where(product => product.Bottles.Count > 0)
                        .ToDictionary(
                            product => product.Id,
                            product => BottleStock.Left(product, uses[product.Id]).Sum(left => left.Value)
                        ),
                    clock.Now,
                    clock.Today
                )
            )
        );
    }

    private static Task<IResult> Saving(
        VehicleId vehicleId,
        WhatIfRequest request,
        PlannedRoutines routines,
        PlannedYears years,
        OwnerClock clock,
        CancellationToken cancel
    ) =>
        Asked(
            vehicleId,
            request,
            routines,
            clock,
            async asked =>
            {
                YearOutlook now = (await years.Kept(asked.Saved, asked.Kept, asked.Car)).Outlook;
                var then = years.Outlook(asked.Then, asked.Car);
                return new SavingView(
                    Math.Round(now.OverdueDays - then.OverdueDays),
                    Math.Round(asked.Then.GivenAWeek - asked.Kept.GivenAWeek, 1),
                    Math.Round(then.Cost - now.Cost, 2)
                );
            },
            cancel
        );

    private static async Task<IResult> Get(
        VehicleId vehicleId,
        PlannedRoutines routines,
        PlannedYears years,
        SettingsStore settings,
        CancellationToken cancel
    ) =>
        await routines.Kept(vehicleId, PlannedRoutines.UsualMonths, cancel) is var (saved, plan)
        && await routines.Find(vehicleId, cancel) is var (_, car)
            ? Results.Ok(
                OutlookView.Of(
                    await years.Kept(saved, plan, car),
                    string.Empty,
                    await settings.Currency(cancel)
                )
            )
            : Problems.NotFound(VehicleEndpoints.UnknownVehicle);

    private static Task<IResult> WhatIf(
        VehicleId vehicleId,
        WhatIfRequest request,
        PlannedRoutines routines,
        PlannedYears years,
        SettingsStore settings,
        OwnerClock clock,
        CancellationToken cancel
    ) =>
        Asked(
            vehicleId,
            request,
            routines,
            clock,
            async asked =>
            {
                PlannedYear then = await years.Of(asked.Then, asked.Car, asked.Use);
                string currency = await settings.Currency(cancel);
                return OutlookView.Of(
                    then,
                    YearDifference.InWords(
                        await years.Kept(asked.Saved, asked.Kept, asked.Car),
                        then,
                        currency
                    ),
                    currency
                );
            },
            cancel
        );

    private static Task<IResult> Futures(
        VehicleId vehicleId,
        WhatIfRequest request,
        PlannedRoutines routines,
        PlannedYears years,
        OwnerClock clock,
        CancellationToken cancel
    ) =>
        Asked(
            vehicleId,
            request,
            routines,
            clock,
            async asked =>
            {
                SlotHabit habit = await routines.Habit(vehicleId, asked.Saved.Routine, cancel);
                return OutlookBandView.Of(await years.Futures(asked.Then, asked.Car, habit), habit);
            },
            cancel
        );

    /// <summary>Plans what is asked, and answers from it.</summary>
    private static async Task<IResult> Asked<T>(
        VehicleId vehicleId,
        WhatIfRequest request,
        PlannedRoutines routines,
        OwnerClock clock,
        Func<AskedYear, Task<T>> answer,
        CancellationToken cancel
    )
    {
        if (await routines.KeptCars(vehicleId, PlannedRoutines.UsualMonths, cancel) is not { } kept)
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        var (saved, car, plans) = kept;
        CarRoutine? routine = saved.Routine;
        // What is as it is now is no question, and has the answer that stands.
        RoutineDocument? other =
            request.Routine is { } given && !IsSame(given, RoutineDocument.Of(saved.Routine)) ? given : null;
        if (other is not null)
        {
            (IReadOnlyList<ValidationError> errors, routine) =
                other.SlotsOf == saved.Routine.SlotsOf?.Value
                    ? (other.Read(clock.Today, clock.Zone, out CarRoutine? read), read)
                    : await RoutineEndpoints.Faults(vehicleId, other, routines, clock, cancel);
            if (errors.Count > 0)
            {
                return Problems.Paths(
                    errors.Select(error => error with { Property = $"routine.{error.Property}" })
                );
            }
        }

        WaysOfWorking? ways = null;
        if (request.School is { } trial)
        {
            if (
                SchoolTable.Find(trial.School) is not { } school
                || school.Find(trial.Choice) is not { } choice
            )
            {
                return Problems.Field("school", "Choose a question and one of its answers.");
            }

            ways = school.With(car.Day.Ledger.Ways, choice);
        }

        UseDocument present = UseDocument.Of(car.Day.Ledger.UsageAsTold.At(clock.Now).Use);
        CarUse? use = request.Use is { } asked && !IsSame(asked, present) ? asked.ToUse() : null;
        RoutinePlan then =
            use is null && other is null && ways is null
                ? plans.Own
                : await routines.WhatIf(vehicleId, use, ways, routine!, kept, cancel);
        return Results.Ok(await answer(new AskedYear(car, saved, plans.Own, then, use)));
    }

    /// <summary>Whether two documents say the same; their lists are compared by what is in them.</summary>
    private static bool IsSame<T>(T one, T other) =>
        JsonSerializer.Serialize(one) == JsonSerializer.Serialize(other);

    /// <summary>A year that somebody asks about.</summary>
    private sealed record AskedYear(
        CarAtHand Car,
        SavedRoutine Saved,
        RoutinePlan Kept,
        RoutinePlan Then,
        CarUse? Use
    );
}

/// <summary>What if: everything that is left out stays as it is.</summary>
public sealed record WhatIfRequest
{
    /// <summary>Another use; null for the present one.</summary>
    public UseDocument? Use { get; init; }

    /// <summary>Another routine; null for the present one.</summary>
    public RoutineDocument? Routine { get; init; }

    /// <summary>Another answer to a question on which sound practice differs; null for the present ones.</summary>
    public SchoolTrial? School { get; init; }
}

/// <summary>Another answer to a question on which sound practice differs.</summary>
public sealed record SchoolTrial
{
    /// <summary>The id of the question.</summary>
    [StringLength(40, ErrorMessage = "Use the id of a question.")]
    public required string School { get; init; }

    /// <summary>The id of the answer.</summary>
    [StringLength(40, ErrorMessage = "Use the id of an answer.")]
    public required string Choice { get; init; }
}

/// <summary>One thing that could be done otherwise.</summary>
/// <param name="Name">What.</param>
/// <param name="Use">The use with it.</param>
/// <param name="Routine">The routine with it.</param>
internal sealed record SingleChangeView(string Name, UseDocument Use, RoutineDocument Routine);

/// <summary>What a change would save in the year.</summary>
/// <param name="Days">The overdue days that it saves; below 0 when it costs some.</param>
/// <param name="MinutesAWeek">The minutes a week that it asks for.</param>
/// <param name="Cost">What more products cost, as far as prices are known.</param>
internal sealed record SavingView(double Days, double MinutesAWeek, decimal Cost);
