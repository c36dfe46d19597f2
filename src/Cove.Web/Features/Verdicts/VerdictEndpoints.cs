using Cove.Web.Features.Cars;
using Cove.Web.Features.Shelf;
using Cove.Web.Features.Vehicles;

namespace Cove.Web.Features.Verdicts;

/// <summary>The products of the shelf on the surfaces of one car, and what is on record of them.</summary>
internal static class VerdictEndpoints
{
    private const string NoSuchSurface = "Name a surface of this vehicle.";

    public static void MapVerdicts(this RouteGroupBuilder api)
    {
        RouteGroupBuilder vehicle = api.MapGroup("/vehicles/{vehicleId:guid}");
        vehicle
            .MapGet("/verdicts", Matrix)
            .WithName("GetVerdicts")
            .WithSummary("Every product of the shelf against every surface of a car.")
            .Produces<MatrixView>()
            .ProducesProblem(StatusCodes.Status404NotFound);
        vehicle
            .MapPost("/verdicts", Ask)
            .WithName("AskVerdict")
            .WithSummary(
                "Whether a product of the shelf may touch a surface of a car, put on so: the verdict with all reasons, and what is on record."
            )
            .WithMetadata(new ChangesNothing())
            .Produces<AnswerView>()
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status404NotFound);
        vehicle
            .MapPost("/spot-tests", Test)
            .WithName("RecordSpotTest")
            .WithSummary(
                "Records a spot test in the log. A pass lifts 'test first', a fail turns it to 'keep off'."
            )
            .Produces<LoggedView>(StatusCodes.Status201Created)
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status404NotFound);
        vehicle
            .MapPost("/instructions", Instruct)
            .WithName("RecordInstruction")
            .WithSummary(
                "Records a maker's instruction. It overrides harm to a surface, never harm to a person."
            )
            .Produces<InstructionView>(StatusCodes.Status201Created)
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status404NotFound);
        api.MapDelete("/instructions/{instructionId:guid}", Withdraw)
            .WithName("RemoveInstruction")
            .WithSummary("Takes a maker's instruction back.")
            .Produces(StatusCodes.Status204NoContent)
            .ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static async Task<IResult> Matrix(
        VehicleId vehicleId,
        CarsAtHand cars,
        CarSources sources,
        CancellationToken cancel
    ) =>
        await cars.Get(vehicleId, sources, cancel) is { } car
            ? Results.Ok(car.Use(at => new MatrixPage(at.Car).Show()))
            : Problems.NotFound(VehicleEndpoints.UnknownVehicle);

    private static async Task<IResult> Ask(
        VehicleId vehicleId,
        NewQuestion request,
        VehicleStore vehicles,
        ShelfStore shelves,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (await vehicles.Ledger(vehicleId, cancel) is not { } ledger)
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        CarShelf car = await shelves.For(ledger, cancel);
        if (car.Shelf.AtHand.FirstOrDefault(known => known.Id == request.ProductId) is not { } product)
        {
            return Problems.Field("productId", ShelfEndpoints.UnknownProduct);
        }

        if (ledger.Vehicle.InCare().FirstOrDefault(known => known.Id == request.SurfaceId) is not { } surface)
        {
            return Problems.Field("surfaceId", NoSuchSurface);
        }

        Pick usual = car.Chooser.Safest(product, surface, car.Context);
        if (Strength.Parse(request.Strength ?? $"{usual.Strength}") is not { } strength)
        {
            return Problems.Field("strength", Strength.HowToWrite);
        }

        var question = new SafetyCase(
            surface.Make,
            product.Make,
            request.Strength is null ? usual.Strength : strength,
            request.Application ?? usual.Way.Application,
            request.Tool ?? usual.Way.Tool,
            car.Records.Fill(
                car.Context with
                {
                    SurfaceHot = request.Hot,
                    InSun = request.Hot,
                    CabinClosed = request.Closed,
                    Unclean = request.Unclean,
                    Damp = request.Damp,
                    StrongestOnLabel = product.Strongest,
                    LabelForbids = product.Limits.Forbid(surface.Make),
                },
                surface.Id,
                product.Id,
                request.Strength is null ? usual.Strength : strength
            )
        );
        return Results.Ok(
            new AnswerView(
                product.Name,
                surface.Name,
                SurfaceWords.About(surface),
                $"{question.Strength}",
                question.Strength.InWords(),
                question.Application,
                question.Tool,
                JudgementView.Of(question),
                [
                    .. car
                        .Records.Tests.Where(test =>
                            test.ProductId == product.Id && test.SurfaceIds.Contains(surface.Id)
                        )
                        .OrderByDescending(test => test.At)
                        .Select(test => new SpotTestView(
                            clock.OnTheWall(test.At),
                            $"{test.Strength}",
                            test.Passed
                        )),
                ],
                [
                    .. Alike(ledger.Vehicle, surface)
                        .Where(other => other.Id != surface.Id)
                        .Select(other => other.Name),
                ],
                [
                    .. (await shelves.Instructions(vehicleId, cancel))
                        .Where(saved =>
                            (saved.Instruction.SurfaceId ?? surface.Id) == surface.Id
                            && (saved.Instruction.ProductId ?? product.Id) == product.Id
                        )
                        .Select(saved => View(saved, clock)),
                ]
            )
        );
    }

    private static async Task<IResult> Test(
        VehicleId vehicleId,
        NewSpotTest request,
        VehicleStore vehicles,
        ShelfStore shelves,
        LogStore log,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (await vehicles.Ledger(vehicleId, cancel) is not { } ledger)
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        SavedShelf saved = await shelves.Load(cancel);
        if (saved.Shelf.Products.FirstOrDefault(known => known.Id == request.ProductId) is not { } product)
        {
            return Problems.Field("productId", ShelfEndpoints.UnknownProduct);
        }

        if (ledger.Vehicle.InCare().FirstOrDefault(known => known.Id == request.SurfaceId) is not { } surface)
        {
            return Problems.Field("surfaceId", NoSuchSurface);
        }

        if (Strength.Parse(request.Strength) is not { } strength)
        {
            return Problems.Field("strength", Strength.HowToWrite);
        }

        DateTimeOffset now = clock.Now;
        SavedEntry tested = await log.Append(
            ledger,
            new SpotTested(
                EntryId.New(now),
                now,
                product.Id,
                product.Name,
                strength,
                request.ForAllAlike
                    ? [.. Alike(ledger.Vehicle, surface).Select(alike => alike.Id)]
                    : [surface.Id],
                request.Passed
            )
            {
                Note = request.Note.Trim(),
            },
            cancel
        );
        return Results.Created(
            $"/api/log/{tested.Entry.Id}",
            new LoggedView(tested.Entry.Id, tested.Version)
        );
    }

    private static async Task<IResult> Instruct(
        VehicleId vehicleId,
        NewInstruction request,
        VehicleStore vehicles,
        ShelfStore shelves,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (await vehicles.Ledger(vehicleId, cancel) is not { } ledger)
        {
            return Problems.NotFound(VehicleEndpoints.UnknownVehicle);
        }

        if (request.SurfaceId is null && request.ProductId is null)
        {
            return Problems.Field(
                "surfaceId",
                "Say which surface or which product the instruction is about."
            );
        }

        if (
            request.SurfaceId is { } surfaceId
            && !ledger.Vehicle.InCare().Any(surface => surface.Id == surfaceId)
        )
        {
            return Problems.Field("surfaceId", NoSuchSurface);
        }

        if (
            request.ProductId is { } productId
            && !(await shelves.Load(cancel)).Shelf.AtHand.Any(product => product.Id == productId)
        )
        {
            return Problems.Field("productId", ShelfEndpoints.UnknownProduct);
        }

        if (!PlainText.IsName(request.Note, MakerInstruction.LongestNote))
        {
            return Problems.Field(
                "note",
                "Say in 1 to 300 characters on one line where the instruction stands and what it says."
            );
        }

        InstructionRecorded saved = await shelves.Record(
            vehicleId,
            new MakerInstruction(
                request.SurfaceId is { } surface ? new SurfaceId(surface) : default(SurfaceId?),
                request.ProductId is { } product ? new ProductId(product) : null,
                request.Allows,
                request.Note.Trim()
            ),
            clock.Now,
            cancel
        );
        return Results.Created($"/api/instructions/{saved.Id}", View(saved, clock));
    }

    private static async Task<IResult> Withdraw(
        EntryId instructionId,
        ShelfStore shelves,
        CancellationToken cancel
    ) =>
        await shelves.RemoveInstruction(instructionId, cancel)
            ? Results.NoContent()
            : Problems.NotFound("There is no such instruction on record. Reload the page.");

    /// <summary>All surfaces of one make, the one given included.</summary>
    private static IEnumerable<Surface> Alike(Vehicle vehicle, Surface surface) =>
        vehicle.InCare().Where(other => other.Make == surface.Make);

    private static InstructionView View(InstructionRecorded saved, OwnerClock clock) =>
        new(
            saved.Id,
            saved.Instruction.Allows,
            saved.Instruction.Note,
            saved.Instruction.SurfaceId is not null,
            saved.Instruction.ProductId is not null,
            clock.OnTheWall(saved.At)
        );
}

/// <summary>An entry that was written into the log.</summary>
/// <param name="Id">The entry.</param>
/// <param name="Version">Names its state; send it in If-Match to undo it.</param>
internal sealed record LoggedView(Guid Id, int Version);
