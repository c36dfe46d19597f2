using System.Globalization;
using Microsoft.AspNetCore.Mvc;

namespace Cove.Web.Features.Vehicles;

/// <summary>Vehicles as files: out, in, and as a copy.</summary>
internal static class VehicleFileEndpoints
{
    private const string Json = "application/json";

    public static void MapVehicleFiles(this RouteGroupBuilder api)
    {
        api.MapGet(
                "/schemas/vehicle",
                () => Results.Json(VehicleFileSchema.Build(), contentType: "application/schema+json")
            )
            .WithName("GetVehicleSchema")
            .WithSummary("The JSON schema of a vehicle file.")
            .Produces<object>(contentType: "application/schema+json");
        api.MapGet("/vehicles/{vehicleId:guid}/file", Export)
            .WithName("ExportVehicle")
            .WithSummary("Everything recorded of a vehicle, as one file.")
            .Produces<VehicleDocument>(contentType: Json)
            .ProducesProblem(StatusCodes.Status404NotFound);
        api.MapPost("/vehicles/import", Import)
            .WithName("ImportVehicle")
            .WithSummary(
                "Adds the vehicle of a file, all of it or nothing. What is wrong is said with the line it stands on. Of a vehicle that is here already it adds another, unless it is asked to say so or to replace that one, which then goes into the wastebasket."
            )
            .Accepts<VehicleDocument>(Json)
            .WithMetadata(new RequestSizeLimitAttribute(VehicleFile.LargestBytes), new ReadsItself())
            .Produces<VehicleInListView>(StatusCodes.Status201Created)
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status409Conflict)
            .ProducesProblem(StatusCodes.Status413PayloadTooLarge);
        api.MapPost("/vehicles/{vehicleId:guid}/copy", Copy)
            .WithName("CopyVehicle")
            .WithSummary("Adds a copy of a vehicle with everything recorded of it, under another name.")
            .Produces<VehicleInListView>(StatusCodes.Status201Created)
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static async Task<IResult> Export(
        VehicleId vehicleId,
        VehicleFileStore files,
        CancellationToken cancel
    ) =>
        await files.Export(vehicleId, cancel) is { } file
            ? Results.File(VehicleFile.Write(file), Json, FileName(file.Name))
            : Problems.NotFound(VehicleEndpoints.UnknownVehicle);

    private static async Task<IResult> Import(
        SentVehicle sent,
        string? existing,
        string? name,
        VehicleFileStore files,
        PhotoStore photos,
        Changes changes,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        changes.Afterwards(() => photos.Tidy());
        if (sent.File.Content is not { } file)
        {
            return sent.File.Refusal!;
        }

        switch (existing)
        {
            case "replace":
                return Created(await files.Replace(file, clock.Now, cancel));
            case "ask" when await files.SameAs(file, cancel) is { } there:
                return Problems.Conflict(
                    $"“{there.Name}” is here already. Put the file in its place, keep both, or leave it as it is."
                );
            case null or "ask" or "keepBoth":
                if (name is not null && !PlainText.IsName(name, Vehicle.LongestName))
                {
                    return Problems.Field(
                        "name",
                        $"Give the car a name of 1 to {Vehicle.LongestName} characters."
                    );
                }

                return Created(
                    await files.Import(name is null ? file : file with { Name = name }, clock.Now, cancel)
                );
            default:
                return Problems.Field("existing", "Choose ask, replace or keepBoth.");
        }
    }

    private static async Task<IResult> Copy(
        VehicleId vehicleId,
        NewCopy request,
        VehicleFileStore files,
        PhotoStore photos,
        Changes changes,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        changes.Afterwards(() => photos.Tidy());
        return await files.Export(vehicleId, cancel) is { } file
            ? Created(
                await files.Import(
                    file with
                    {
                        Id = null,
                        Name = request.Name,
                        ArchivedAt = null,
                        Runs = [],
                        // A run under way is under way on one car only, and what is over belongs to the car it was on.
                        Log = [.. file.Log.Select(entry => entry with { Run = null })],
                    },
                    clock.Now,
                    cancel
                )
            )
            : Problems.NotFound(VehicleEndpoints.UnknownVehicle);
    }

    private static IResult Created(SavedVehicle vehicle) =>
        Results.Created($"/api/vehicles/{vehicle.Id}", VehicleInListView.Of(vehicle));

    /// <summary>A name that every file system takes.</summary>
    private static string FileName(string vehicle)
    {
        string plain = string.Concat(
            vehicle
                .ToLower(CultureInfo.InvariantCulture)
                .Select(letter => char.IsAsciiLetterOrDigit(letter) ? letter : '-')
        );
        return $"{plain.Trim('-')}.cove-vehicle.json";
    }
}
