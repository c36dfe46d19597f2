using System.ComponentModel.DataAnnotations;
using Cove.Web.Features.Routines;
using Cove.Web.Features.Vehicles;

namespace Cove.Web.Features.Outlooks;

/// <summary>Takes over what somebody tried: a routine, what keeps soil away, an answer on which practice differs; all of it or nothing.</summary>
internal static class ApplyEndpoint
{
    public static void MapApply(this RouteGroupBuilder api) =>
        api.MapPost("/vehicles/{vehicleId:guid}/outlook/apply", Apply)
            .WithName("ApplyWhatIf")
            .WithSummary(
                "Keeps what is given, each with the version it is based on: all of it, or nothing when one of them was changed meanwhile."
            )
            .Produces(StatusCodes.Status204NoContent)
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status404NotFound)
            .ProducesProblem(StatusCodes.Status409Conflict)
            .ProducesProblem(StatusCodes.Status412PreconditionFailed);

    private static async Task<IResult> Apply(
        VehicleId vehicleId,
        ApplyRequest request,
        RoutineStore store,
        PlannedRoutines routines,
        UseStore uses,
        ShelfStore shelves,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (
            await routines.Find(vehicleId, cancel) is not var (saved, car)
            || await uses.Find(vehicleId, cancel) is not { } use
        )
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        if (
            request.Routine is { } routine
            && await RoutineEndpoints.Store(
                vehicleId,
                routine.Routine,
                routine.Version,
                saved,
                car,
                store,
                routines,
                clock,
                cancel
            )
                is ({ } refusal, _)
        )
        {
            return refusal;
        }

        if (request.Preventions is { } preventions)
        {
            CarUse next = use.Use with
            {
                Preventions = (UseDocument.Of(use.Use) with { Preventions = preventions.Preventions })
                    .ToUse()
                    .Preventions,
            };
            Changed<SavedUse> changed = await uses.Change(
                vehicleId,
                preventions.Version,
                next,
                clock.Now,
                cancel
            );
            if (changed.Outcome != ChangeOutcome.Made)
            {
                return changed.Outcome == ChangeOutcome.Refused
                    ? Problems.Conflict(changed.Reason!)
                    : Problems.Stale();
            }
        }

        return request.School is { } answer ? await Answer(answer, shelves, cancel) : Results.NoContent();
    }

    private static async Task<IResult> Answer(
        AppliedSchool answer,
        ShelfStore shelves,
        CancellationToken cancel
    )
    {
        if (SchoolTable.Find(answer.School) is not { } school || school.Find(answer.Choice) is not { } choice)
        {
            return Problems.Field("school", "Choose a question and one of its answers.");
        }

        SavedShelf saved = await shelves.Load(cancel);
        KitDocument kit = KitDocument.Of(saved.Shelf).With(school.With(saved.Shelf.Ways, choice));
        return (await shelves.ChangeKit(answer.Version, kit, cancel)).Outcome == ChangeOutcome.Made
            ? Results.NoContent()
            : Problems.Stale();
    }
}

/// <summary>What to take over; what is left out stays as it is.</summary>
public sealed record ApplyRequest
{
    /// <summary>Another routine.</summary>
    public AppliedRoutine? Routine { get; init; }

    /// <summary>Other things that keep soil away.</summary>
    public AppliedPreventions? Preventions { get; init; }

    /// <summary>Another answer to a question on which sound practice differs.</summary>
    public AppliedSchool? School { get; init; }
}

/// <summary>A routine to take over.</summary>
public sealed record AppliedRoutine
{
    /// <summary>The version of the routine that it is based on.</summary>
    public required int Version { get; init; }

    /// <summary>The routine.</summary>
    public required RoutineDocument Routine { get; init; }
}

/// <summary>What keeps soil away, to take over.</summary>
public sealed record AppliedPreventions
{
    /// <summary>The version of the use that it is based on.</summary>
    public required int Version { get; init; }

    /// <summary>All that is in place.</summary>
    [MaxLength(20, ErrorMessage = "Name each thing once.")]
    public required IReadOnlyList<Preventions> Preventions { get; init; }
}

/// <summary>An answer to take over.</summary>
public sealed record AppliedSchool
{
    /// <summary>The version of the answers that it is based on.</summary>
    public required int Version { get; init; }

    /// <summary>The id of the question.</summary>
    [StringLength(40, ErrorMessage = "Use the id of a question.")]
    public required string School { get; init; }

    /// <summary>The id of the answer.</summary>
    [StringLength(40, ErrorMessage = "Use the id of an answer.")]
    public required string Choice { get; init; }
}
