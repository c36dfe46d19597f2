using System.ComponentModel.DataAnnotations;

namespace Cove.Web.Features.Shelf;

/// <summary>Reads the text of a label, and says what a product brings to the household.</summary>
internal static class LabelEndpoint
{
    public static void MapLabels(this RouteGroupBuilder api)
    {
        api.MapPost("/shelf/labels", Read)
            .WithName("ReadLabel")
            .WithSummary(
                "Reads the text of a label or safety data sheet: what was found, where, and what was not. Nothing is stored."
            )
            .WithMetadata(new ChangesNothing())
            .Produces<LabelView>()
            .ProducesValidationProblem();
        api.MapGet("/shelf/products/{productId:guid}/welcome", Welcome)
            .WithName("WelcomeProduct")
            .WithSummary(
                "What to know at once of a product: where in the household it must not go, what it must never meet, what it is good for."
            )
            .Produces<WelcomeView>()
            .ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static IResult Read(LabelText request) =>
        Results.Ok(LabelView.Of(LabelReader.Read(request.Text)));

    private static async Task<IResult> Welcome(
        ProductId productId,
        VehicleStore vehicles,
        ShelfStore shelves,
        CancellationToken cancel
    )
    {
        SavedShelf saved = await shelves.Load(cancel);
        if (saved.Shelf.Products.FirstOrDefault(known => known.Id == productId) is not { } product)
        {
            return Problems.NotFound(ShelfEndpoints.UnknownProduct);
        }

        var cars = new List<CarShelf>();
        foreach (SavedVehicle vehicle in (await vehicles.All(cancel)).Where(car => car.ArchivedAt is null))
        {
            if (await vehicles.Ledger(vehicle.Id, cancel) is { } ledger)
            {
                cars.Add(await shelves.For(ledger, cancel));
            }
        }

        return Results.Ok(WelcomeView.Of(ProductWelcome.Of(product, cars, saved.Shelf.Products)));
    }
}

/// <summary>The text of a label or a safety data sheet.</summary>
public sealed record LabelText
{
    /// <summary>The text.</summary>
    [StringLength(LabelReader.LongestText, ErrorMessage = "Paste up to 20,000 characters at a time.")]
    public required string Text { get; init; }
}

/// <summary>What a text says of a product, for the owner to confirm. What it does not say is null.</summary>
/// <param name="Found">What was found, in the order of the text.</param>
/// <param name="NotFound">What was looked for and is not mentioned.</param>
/// <param name="Hazards">Codes of the statements.</param>
/// <param name="Ph">pH.</param>
/// <param name="FlashPointCelsius">Flash point, in °C.</param>
/// <param name="AlcoholPercent">Alcohol, in percent.</param>
/// <param name="Ammonia">Whether it contains ammonia.</param>
/// <param name="Acid">Whether it contains an acid.</param>
/// <param name="Chlorine">Whether it contains chlorine bleach.</param>
/// <param name="Peroxide">Whether it contains peroxide.</param>
/// <param name="Solvent">Whether it contains a solvent.</param>
/// <param name="Oil">Whether it contains silicone, wax or mineral oil.</param>
/// <param name="Abrasive">Whether it is an abrasive.</param>
/// <param name="Aerosol">Whether it comes in a can under pressure.</param>
/// <param name="Weakest">The weakest use it names.</param>
/// <param name="Strongest">The strongest use it names.</param>
/// <param name="NotOn">What it says not to use it on.</param>
/// <param name="OnlyOn">The only things it says it is for; none when it names no such.</param>
/// <param name="Millilitres">How much it says that the container holds.</param>
/// <param name="Scented">Whether it is scented.</param>
/// <param name="Name">What it seems to be called.</param>
internal sealed record LabelView(
    IReadOnlyList<LabelFindingView> Found,
    IReadOnlyList<LabelSubject> NotFound,
    IReadOnlyList<string> Hazards,
    double? Ph,
    double? FlashPointCelsius,
    double? AlcoholPercent,
    bool? Ammonia,
    bool? Acid,
    bool? Chlorine,
    bool? Peroxide,
    bool? Solvent,
    bool? Oil,
    bool? Abrasive,
    bool? Aerosol,
    string? Weakest,
    string? Strongest,
    IReadOnlyList<LabelGround> NotOn,
    IReadOnlyList<LabelGround> OnlyOn,
    double? Millilitres,
    bool? Scented,
    string? Name
)
{
    public static LabelView Of(LabelReading reading) =>
        new(
            [.. reading.Found.Select(LabelFindingView.Of)],
            reading.NotFound,
            reading.Hazards,
            reading.Ph,
            reading.FlashPointCelsius,
            reading.AlcoholPercent,
            reading.Contains(LabelSubject.Ammonia),
            reading.Contains(LabelSubject.Acid),
            reading.Contains(LabelSubject.Chlorine),
            reading.Contains(LabelSubject.Peroxide),
            reading.Contains(LabelSubject.Solvent),
            reading.Contains(LabelSubject.Oil),
            reading.Contains(LabelSubject.Abrasive),
            reading.Contains(LabelSubject.Aerosol),
            reading.Weakest is { } weakest ? $"{weakest}" : null,
            reading.Strongest is { } strongest ? $"{strongest}" : null,
            reading.Limits.NotOn,
            reading.Limits.OnlyOn,
            reading.Millilitres,
            reading.Contains(LabelSubject.Scent),
            reading.Name
        );
}

/// <summary>Something that a text says.</summary>
/// <param name="Subject">What it is about.</param>
/// <param name="Start">Where the words begin, in characters from 0.</param>
/// <param name="Length">How many characters they are.</param>
/// <param name="Denied">Whether the text denies it.</param>
/// <param name="Code">The code of the statement, also of the one that follows from a flash point; null for none.</param>
/// <param name="MayBe">What it may have been about, where it could not be read; null for everything else.</param>
internal sealed record LabelFindingView(
    LabelSubject Subject,
    int Start,
    int Length,
    bool Denied,
    string? Code,
    LabelSubject? MayBe
)
{
    public static LabelFindingView Of(LabelFinding finding) =>
        new(finding.Subject, finding.Start, finding.Length, finding.Denied, finding.Code, finding.MayBe);
}

/// <summary>What to know at once of a product.</summary>
/// <param name="NotHere">Where in the household it must not go.</param>
/// <param name="NeverMeets">What on the shelf it must never meet.</param>
/// <param name="GoodFor">What it does safely, car by car.</param>
internal sealed record WelcomeView(
    IReadOnlyList<KeepOffView> NotHere,
    IReadOnlyList<KeepApartView> NeverMeets,
    IReadOnlyList<GoodForView> GoodFor
)
{
    public static WelcomeView Of(ProductWelcome welcome) =>
        new(
            [
                .. welcome.NotHere.Select(place => new KeepOffView(
                    place.Car.Ledger.Vehicle.Name,
                    [.. place.Surfaces.Select(surface => surface.Name)],
                    place.Why
                )),
            ],
            [.. welcome.NeverMeets.Select(apart => new KeepApartView(apart.Other.Name, apart.Why))],
            [
                .. welcome.GoodFor.Select(good => new GoodForView(
                    good.Car.Ledger.Vehicle.Name,
                    [.. good.Jobs.Select(job => job.Task.Name).Distinct(StringComparer.Ordinal)]
                )),
            ]
        );
}

/// <summary>Places where a product must not go.</summary>
/// <param name="Vehicle">The name of the car.</param>
/// <param name="Surfaces">The names of the surfaces.</param>
/// <param name="Why">Why, as a sentence.</param>
internal sealed record KeepOffView(string Vehicle, IReadOnlyList<string> Surfaces, string Why);

/// <summary>A product that must never be met.</summary>
/// <param name="Product">Its name.</param>
/// <param name="Why">Why, as a sentence.</param>
internal sealed record KeepApartView(string Product, string Why);

/// <summary>What a product does safely in a car.</summary>
/// <param name="Vehicle">The name of the car.</param>
/// <param name="Tasks">The names of the tasks.</param>
internal sealed record GoodForView(string Vehicle, IReadOnlyList<string> Tasks);
