using Cove.Web.Features.Outlooks;
using Cove.Web.Features.Routines;
using Cove.Web.Features.Vehicles;

namespace Cove.Web.Features.DeepCleans;

/// <summary>The deep clean of a car: when it is due, what its day takes, what it costs, and that it was done.</summary>
internal static class DeepCleanEndpoints
{
    public static void MapDeepCleans(this RouteGroupBuilder api)
    {
        RouteGroupBuilder vehicle = api.MapGroup("/vehicles/{vehicleId:guid}");
        vehicle
            .MapGet("/deep-clean", Get)
            .WithName("GetDeepClean")
            .WithSummary("When a deep clean will be due, what its day takes and what the routine spares.")
            .Produces<DeepCleanView>()
            .ProducesProblem(StatusCodes.Status404NotFound);
        vehicle
            .MapPost("/deep-cleans", Record)
            .WithName("RecordDeepClean")
            .WithSummary("Records that the car was cleaned deeply; levels follow.")
            .Produces<DeepCleanRecorded>(StatusCodes.Status201Created)
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status404NotFound);
        vehicle
            .MapPut("/deep-clean/prices", KeepPrices)
            .WithName("KeepPrices")
            .WithSummary("Says what a deep clean costs.")
            .Produces<PricesRequest>()
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static async Task<IResult> Get(
        VehicleId vehicleId,
        PlannedRoutines routines,
        PlannedYears years,
        MoneyStore money,
        SettingsStore settings,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (
            await routines.Kept(vehicleId, PlannedRoutines.UsualMonths, cancel) is not var (_, plan)
            || await routines.Find(vehicleId, cancel) is not var (_, car)
            || await money.Prices(vehicleId, cancel) is not { } prices
        )
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        EmbeddedBook book = await years.Embedded(car);
        CareLedger ledger = car.Day.Ledger;
        return Results.Ok(
            DeepCleanView.Of(
                book,
                DeepCleanForecast.Of(book, ledger, plan, clock.Now, clock.Today),
                DeepCleanSpacing.Of(book, ledger, plan, clock.Now, clock.Today),
                DeepCleanDay.Of(ledger.Vehicle),
                prices,
                await settings.Currency(cancel),
                clock
            )
        );
    }

    private static async Task<IResult> Record(
        VehicleId vehicleId,
        NewDeepClean request,
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
            request.Day is { } day
            && (day > clock.Today || day < DateOnly.FromDateTime(RecordTime.Earliest.DateTime))
        )
        {
            return Problems.Field("day", "Give a day from 1990 on that is not in the future.");
        }

        // Of another day only the day is known.
        DateTimeOffset at =
            request.Day is { } other && other < clock.Today
                ? RecordTime.StartOf(other, clock.Zone).AddHours(12)
                : clock.Now;

        DeepCleanParts parts = request.Parts.Aggregate(DeepCleanParts.None, (all, part) => all | part);
        if (parts == DeepCleanParts.None)
        {
            return Problems.Field("parts", "Say what was done.");
        }

        SavedEntry saved = await log.Append(
            ledger,
            new DeepCleaned(EntryId.New(clock.Now), RecordTime.ToStored(at), request.By, parts)
            {
                Cost = request.Cost,
                Taken = TimeSpan.FromHours(request.Hours),
                Note = request.Note.Trim(),
            },
            cancel
        );
        return Results.Created(
            $"/api/log/{saved.Entry.Id}",
            new DeepCleanRecorded(saved.Entry.Id, saved.Version)
        );
    }

    private static async Task<IResult> KeepPrices(
        VehicleId vehicleId,
        PricesRequest request,
        MoneyStore money,
        CancellationToken cancel
    ) =>
        await money.Keep(vehicleId, new PricesDocument { Shop = request.Shop, Hire = request.Hire }, cancel)
            ? Results.Ok(request)
            : Problems.NotFound(VehicleEndpoints.UnknownVehicle);
}
