using System.Text;
using Cove.Core.Record;
using Cove.Web.Features.Inspections;
using Cove.Web.Features.Vehicles;
using Microsoft.AspNetCore.Mvc;

namespace Cove.Web.Features.Log;

/// <summary>What a log comes to: years, the record of care, and the log as a file.</summary>
internal static class RecordEndpoints
{
    public static void MapRecord(this RouteGroupBuilder api)
    {
        RouteGroupBuilder vehicle = api.MapGroup("/vehicles/{vehicleId:guid}");
        vehicle
            .MapGet("/log/years", Years)
            .WithName("GetLogYears")
            .WithSummary("What each calendar year of care came to, the latest first.")
            .Produces<LogYearsView>()
            .ProducesProblem(StatusCodes.Status404NotFound);
        vehicle
            .MapGet("/record-of-care", Record)
            .WithName("GetRecordOfCare")
            .WithSummary("What was done to the car in all its time, for whoever takes it over.")
            .Produces<RecordOfCareView>()
            .ProducesProblem(StatusCodes.Status404NotFound);
        vehicle
            .MapGet("/log.csv", Export)
            .WithName("ExportLog")
            .WithSummary(
                "The log as comma-separated values (RFC 4180), a row for each entry, the oldest first."
            )
            .Produces<string>(StatusCodes.Status200OK, CsvBodies.Type)
            .ProducesProblem(StatusCodes.Status404NotFound);
        vehicle
            .MapPost("/log.csv", Import)
            .WithMetadata(new RequestSizeLimitAttribute(LogCsv.LargestBytes), new ReadsItself())
            .WithName("ImportLog")
            .WithSummary(
                "Puts the entries of a file of comma-separated values on record, all of them or none; what is there already is passed over."
            )
            .Accepts<string>(CsvBodies.Type)
            .Produces<LogImportView>(StatusCodes.Status201Created)
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status404NotFound)
            .ProducesProblem(StatusCodes.Status415UnsupportedMediaType);
    }

    private static async Task<IResult> Years(
        VehicleId vehicleId,
        VehicleStore vehicles,
        LevelStore levels,
        LogStore log,
        ShelfStore shelves,
        SettingsStore settings,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (await vehicles.Ledger(vehicleId, cancel) is not { } ledger)
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        var histories = await levels.Histories(ledger, DateTimeOffset.MinValue, cancel: cancel);
        Core.Catalogue.Shelf shelf = (await shelves.Load(cancel)).Shelf;
        IReadOnlyList<YearTotals> years = YearTotals.Of(
            await log.Whole(vehicleId, cancel),
            [.. histories.Select(pair => (pair.Key, pair.Value, ledger.MarkOf(pair.Key, clock.Now)))],
            shelf
                .Products.Where(product => product.UnitPrice is not null)
                .ToDictionary(product => product.Id, product => product.UnitPrice!.Value),
            clock.Zone,
            clock.Now
        );
        return Results.Ok(
            new LogYearsView([.. years.Select(LogYearView.Of)], await settings.Currency(cancel))
        );
    }

    private static async Task<IResult> Record(
        VehicleId vehicleId,
        VehicleStore vehicles,
        LogStore log,
        OwnerClock clock,
        CancellationToken cancel
    ) =>
        await vehicles.Ledger(vehicleId, cancel) is { } ledger
            ? Results.Ok(
                RecordOfCareView.Of(
                    ledger.Vehicle,
                    RecordOfCare.Of(await log.Whole(vehicleId, cancel), clock.Zone),
                    clock.Today
                )
            )
            : Problems.NotFound(VehicleEndpoints.UnknownVehicle);

    private static async Task<IResult> Export(
        VehicleId vehicleId,
        VehicleFileStore files,
        CancellationToken cancel
    ) =>
        await files.Log(vehicleId, cancel) is { } entries
            ? Results.File(
                Encoding.UTF8.GetBytes(
                    LogCsv.Write(
                        entries.Select(row =>
                            (row.Document, row.Entry is null ? string.Empty : EntryWords.Of(row.Entry))
                        )
                    )
                ),
                CsvBodies.Type,
                "cove-log.csv"
            )
            : Problems.NotFound(VehicleEndpoints.UnknownVehicle);

    private static async Task<IResult> Import(
        VehicleId vehicleId,
        SentLog sent,
        VehicleStore vehicles,
        VehicleFileStore files,
        CancellationToken cancel
    )
    {
        if (await vehicles.Ledger(vehicleId, cancel) is not { } ledger)
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        if (sent.File.Content is not { } entries)
        {
            return sent.File.Refusal!;
        }

        int added = await files.AddLog(ledger, entries, cancel);
        return Results.Created(
            $"/api/vehicles/{vehicleId}/log",
            new LogImportView(added, entries.Count - added)
        );
    }
}
