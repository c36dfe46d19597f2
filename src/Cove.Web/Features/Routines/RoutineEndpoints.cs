using System.ComponentModel.DataAnnotations;
using Cove.Web.Features.Cars;
using Cove.Web.Features.Vehicles;

namespace Cove.Web.Features.Routines;

/// <summary>The routine of a car, and what it comes to.</summary>
internal static class RoutineEndpoints
{
    public static void MapRoutines(this RouteGroupBuilder api)
    {
        RouteGroupBuilder routine = api.MapGroup("/vehicles/{vehicleId:guid}/routine");
        routine
            .MapGet("", Get)
            .WithName("GetRoutine")
            .WithSummary("When a car is cleaned: its slots, the times away, and what is pinned.")
            .Produces<RoutineView>()
            .ProducesProblem(StatusCodes.Status404NotFound);
        routine
            .MapPut("", Keep)
            .WithName("KeepRoutine")
            .WithSummary(
                "Keeps a routine and plans it. Needs the version of the routine in an If-Match header."
            )
            .Produces<RoutineView>()
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status404NotFound)
            .ProducesProblem(StatusCodes.Status412PreconditionFailed)
            .ProducesProblem(StatusCodes.Status428PreconditionRequired);
        routine
            .MapGet("/plan", Plan)
            .WithName("GetRoutinePlan")
            .WithSummary("What each coming slot holds, and how each task fares.")
            .Produces<RoutinePlanView>()
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status404NotFound);
        routine
            .MapGet("/next", Next)
            .WithName("GetNextSlot")
            .WithSummary("The next day of a slot and what it will hold.")
            .Produces<NextSlotView>()
            .ProducesProblem(StatusCodes.Status404NotFound);
        routine
            .MapPost("/plan", Preview)
            .WithName("PreviewRoutinePlan")
            .WithSummary("The same for a routine that is not kept yet. Nothing is stored.")
            .WithMetadata(new ChangesNothing())
            .Produces<RoutinePlanView>()
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static async Task<IResult> Get(
        VehicleId vehicleId,
        HttpResponse response,
        PlannedRoutines routines,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (await routines.Find(vehicleId, cancel) is not var (saved, car))
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        response.Headers.ETag = $"\"{saved.Version}\"";
        return Results.Ok(await ViewOf(vehicleId, saved, car, routines, clock, cancel));
    }

    private static async Task<IResult> Keep(
        VehicleId vehicleId,
        RoutineDocument request,
        HttpRequest http,
        RoutineStore store,
        PlannedRoutines routines,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (await routines.Find(vehicleId, cancel) is not var (saved, car))
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        if (http.IfMatch() is not { } version)
        {
            return Problems.MissingVersion();
        }

        var (refusal, stored) = await Store(
            vehicleId,
            request,
            version,
            saved,
            car,
            store,
            routines,
            clock,
            cancel
        );
        if (refusal is not null)
        {
            return refusal;
        }

        http.HttpContext.Response.Headers.ETag = $"\"{stored!.Version}\"";
        return Results.Ok(await ViewOf(vehicleId, stored, car, routines, clock, cancel));
    }

    /// <summary>Plans a routine and keeps it in the place of the one that is kept.</summary>
    /// <returns>The routine as it is kept, or why it is not.</returns>
    internal static async Task<(IResult? Refusal, SavedRoutine? Stored)> Store(
        VehicleId vehicleId,
        RoutineDocument request,
        int version,
        SavedRoutine saved,
        CarAtHand car,
        RoutineStore store,
        PlannedRoutines routines,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (
            await Faults(vehicleId, request, routines, clock, cancel) is var (errors, routine)
            && errors.Count > 0
        )
        {
            return (Problems.Paths(errors), null);
        }

        routine = routine!.From(clock.Today);
        PlannedCars kept = (await routines.KeptCars(vehicleId, PlannedRoutines.UsualMonths, cancel))!.Plans;
        PlannedCars plans = await routines.Instead(vehicleId, routine, saved, kept, car, cancel);
        Changed<SavedRoutine> changed = await store.Keep(
            vehicleId,
            version,
            routine,
            StandingPlan.Of(plans.Own),
            cancel
        );
        if (changed.Outcome == ChangeOutcome.Made && plans.Other is var (other, plan))
        {
            await store.Stand(other, StandingPlan.Of(plan), cancel);
        }

        return changed.Outcome switch
        {
            ChangeOutcome.Made => (null, changed.Value),
            ChangeOutcome.Stale => (Problems.Stale(), null),
            _ => (Problems.NotFound(VehicleEndpoints.UnknownVehicle), null),
        };
    }

    private static async Task<IResult> Plan(
        VehicleId vehicleId,
        PlannedRoutines routines,
        OwnerClock clock,
        CancellationToken cancel,
        [Range(
            RoutinePlanner.FewestMonths,
            RoutinePlanner.MostMonths,
            ErrorMessage = "Say between 1 and 24 months."
        )]
            int months = PlannedRoutines.UsualMonths
    ) =>
        await routines.Kept(vehicleId, months, cancel) is var (saved, plan)
            ? Results.Ok(
                RoutinePlanView.Of(plan, await CalendarOf(routines, vehicleId, saved, clock, cancel), "")
            )
            : Problems.NotFound(VehicleEndpoints.UnknownVehicle);

    private static async Task<IResult> Preview(
        VehicleId vehicleId,
        RoutineDocument request,
        PlannedRoutines routines,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (await routines.Find(vehicleId, cancel) is not var (saved, car))
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        if (
            await Faults(vehicleId, request, routines, clock, cancel) is var (errors, routine)
            && errors.Count > 0
        )
        {
            return Problems.Paths(errors);
        }

        PlannedCars kept = (await routines.KeptCars(vehicleId, PlannedRoutines.UsualMonths, cancel))!.Plans;
        RoutinePlan now = kept.Own;
        RoutinePlan then = (await routines.Instead(vehicleId, routine!, saved, kept, car, cancel)).Own;
        return Results.Ok(
            RoutinePlanView.Of(
                then,
                await CalendarOf(routines, vehicleId, saved, clock, cancel),
                now.Slots.Count == 0 ? "" : PlannedRoutines.Difference(now, then)
            )
        );
    }

    private static async Task<OwnerCalendar> CalendarOf(
        PlannedRoutines routines,
        VehicleId vehicleId,
        SavedRoutine saved,
        OwnerClock clock,
        CancellationToken cancel
    ) =>
        new(
            await routines.Missed(vehicleId, saved.Routine, cancel),
            await routines.Busy(cancel),
            clock.Now,
            clock.Zone
        );

    private static async Task<IResult> Next(
        VehicleId vehicleId,
        PlannedRoutines routines,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (await routines.Kept(vehicleId, PlannedRoutines.UsualMonths, cancel) is not var (saved, plan))
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        if (plan.Slots.Count == 0)
        {
            bool offered = saved.Routine is { Slots.Count: 0, IsDeclined: false, SlotsOf: null };
            return Results.Ok(new NextSlotView(null, false, false, [], offered));
        }

        PlannedDay next = plan.Slots[0];
        bool isTomorrow = next.Day.Day == clock.Today.AddDays(1);
        OrderedSession? session = isTomorrow
            ? await routines.Order(
                vehicleId,
                next.Day.Slot.Place,
                [.. next.Tasks.Select(visit => visit.Item.Task.Id)],
                next.Day.Minutes,
                cancel
            )
            : null;
        return Results.Ok(
            new NextSlotView(
                PlannedSlotView.Of(next, OwnerCalendar.Empty(clock), plan),
                next.Day.Day == clock.Today,
                isTomorrow,
                session?.Mixtures ?? [],
                false
            )
        );
    }

    /// <summary>What is wrong with a routine; the routine itself when nothing is.</summary>
    internal static async Task<(IReadOnlyList<ValidationError> Errors, CarRoutine? Routine)> Faults(
        VehicleId vehicleId,
        RoutineDocument request,
        PlannedRoutines routines,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        IReadOnlyList<ValidationError> errors = request.Read(
            clock.Today,
            clock.Zone,
            out CarRoutine? routine
        );
        return
            routine?.SlotsOf is { } host
            && (await routines.Hosts(vehicleId, cancel)).All(other => other.VehicleId != host)
            ? (
                [
                    new ValidationError(
                        "slotsOf",
                        "Choose a car that has slots of its own and shares them with no other."
                    ),
                ],
                null
            )
            : (errors, routine);
    }

    private static async Task<RoutineView> ViewOf(
        VehicleId vehicleId,
        SavedRoutine saved,
        CarAtHand car,
        PlannedRoutines routines,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        SharedSlots? shared = await routines.Shared(vehicleId, saved, car, cancel);
        IReadOnlyList<OtherRoutine> hosts = await routines.Hosts(vehicleId, cancel);
        return new RoutineView(
            RoutineDocument.Of(saved.Routine),
            saved.Version,
            clock.Today,
            [
                .. saved.Routine.Slots.Select(slot => new SlotWordsView(
                    slot.Id,
                    RecurrenceWords.Of(slot.Rule),
                    new CarRoutine([slot])
                        .Days(clock.Today, clock.Today.AddYears(2), clock.Zone)
                        .Select(day => (DateOnly?)day.Day)
                        .FirstOrDefault()
                )),
            ],
            [.. car.Day.Ledger.Items.Select(item => new RoutineTaskView(item.Task.Id.Value, item.Task.Name))],
            RoutineDocument.Of(FirstRoutine.For(clock.Now, clock.Today)),
            [.. FirstRoutine.Repeats.Select(rule => new RepeatView(rule.Text, RecurrenceWords.Of(rule)))],
            saved.FeedKey.Length == 0 ? string.Empty : FeedView.PathOf(saved.FeedKey),
            shared is null ? null : new SharedView(shared.Other.VehicleId, shared.Other.Name, shared.IsHost),
            [.. hosts.Select(host => new SharedView(host.VehicleId, host.Name, false))]
        );
    }
}
