namespace Cove.Web.Features.Shelf;

/// <summary>The owner's products, tools and towels.</summary>
internal static class ShelfEndpoints
{
    public const string UnknownProduct = "There is no such product on the shelf. Reload the shelf.";

    private const string Full =
        "The shelf is full: it takes up to 200 products. Take off what you no longer use.";

    public static void MapShelf(this RouteGroupBuilder api)
    {
        RouteGroupBuilder shelf = api.MapGroup("/shelf");
        shelf
            .MapGet("/", Get)
            .WithName("GetShelf")
            .WithSummary("Everything on the shelf.")
            .Produces<ShelfView>();
        shelf
            .MapGet("/choices", () => Results.Ok(ShelfChoices.All))
            .WithName("GetShelfChoices")
            .WithSummary("Everything that can be chosen for a shelf.")
            .Produces<ShelfChoices>();
        shelf
            .MapGet("/hazards", Hazards)
            .WithName("FindHazards")
            .WithSummary(
                "The hazard and precautionary statements whose code or text holds all the words given."
            )
            .Produces<IReadOnlyList<HazardView>>()
            .ProducesValidationProblem();
        shelf
            .MapPost("/products", Add)
            .WithName("AddProduct")
            .WithSummary("Puts a product on the shelf.")
            .Produces<ProductView>(StatusCodes.Status201Created)
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status409Conflict);
        shelf
            .MapPut("/products/{productId:guid}", Change)
            .WithName("ChangeProduct")
            .WithSummary("Changes a product and its bottles. Needs its version in an If-Match header.")
            .Produces<ProductView>()
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status404NotFound)
            .ProducesProblem(StatusCodes.Status412PreconditionFailed)
            .ProducesProblem(StatusCodes.Status428PreconditionRequired);
        shelf
            .MapPost("/products/{productId:guid}/mixtures", KeepMixture)
            .WithName("KeepMixture")
            .WithSummary(
                "Puts a bottle mixed at home on the shelf and takes the product for it out of the others. Needs the version of the product in an If-Match header."
            )
            .Produces<ProductView>()
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status404NotFound)
            .ProducesProblem(StatusCodes.Status412PreconditionFailed)
            .ProducesProblem(StatusCodes.Status428PreconditionRequired);
        shelf
            .MapDelete("/products/{productId:guid}", Remove)
            .WithName("RemoveProduct")
            .WithSummary(
                "Takes a product off the shelf and puts it into the wastebasket; the log keeps what it says of it. Needs its version in an If-Match header."
            )
            .Produces(StatusCodes.Status204NoContent)
            .ProducesProblem(StatusCodes.Status404NotFound)
            .ProducesProblem(StatusCodes.Status412PreconditionFailed)
            .ProducesProblem(StatusCodes.Status428PreconditionRequired);
        shelf
            .MapPut("/kit", ChangeKit)
            .WithName("ChangeKit")
            .WithSummary("Changes tools, towels and schools. Needs their version in an If-Match header.")
            .Produces<ShelfView>()
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status412PreconditionFailed)
            .ProducesProblem(StatusCodes.Status428PreconditionRequired);
    }

    private static async Task<IResult> Get(
        ShelfStore shelves,
        LogStore log,
        OwnerClock clock,
        CancellationToken cancel
    ) => Results.Ok(await Show(shelves, log, clock, cancel));

    private static async Task<ShelfView> Show(
        ShelfStore shelves,
        LogStore log,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        SavedShelf saved = await shelves.Load(cancel);
        var uses = await shelves.Uses(saved.Shelf, cancel);
        return new ShelfView(
            [
                .. saved.Shelf.Products.Select(product =>
                    ProductView.Of(product, saved.Versions[product.Id], uses[product.Id], clock.Today)
                ),
            ],
            KitDocument.Of(saved.Shelf),
            saved.KitVersion,
            [.. ToolWear.Of(saved.Shelf, await log.AllDone(cancel)).Select(WearView.Of)],
            clock.Today
        );
    }

    private static IResult Hazards(string? words) =>
        words is { Length: > 100 }
            ? Problems.Field("words", "Search with up to 100 characters.")
            : Results.Ok(HazardStatements.Search(words ?? string.Empty).Select(HazardView.Of));

    private static async Task<IResult> Add(
        NewProduct request,
        ShelfStore shelves,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        var (product, errors) = Read(request.ToDocument(), ProductId.New(clock.Now), null, clock);
        if (product is null)
        {
            return Problems.Errors(errors);
        }

        return await shelves.Add([product], cancel)
            ? Results.Created(
                $"/api/shelf/products/{product.Id}",
                ProductView.Of(product, 1, [], clock.Today)
            )
            : Problems.Conflict(Full);
    }

    private static async Task<IResult> Change(
        ProductId productId,
        NewProduct request,
        HttpRequest http,
        ShelfStore shelves,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (http.IfMatch() is not { } version)
        {
            return Problems.MissingVersion();
        }

        SavedShelf saved = await shelves.Load(cancel);
        if (saved.Shelf.Products.FirstOrDefault(known => known.Id == productId) is not { } before)
        {
            return Problems.NotFound(UnknownProduct);
        }

        var uses = await shelves.Uses(saved.Shelf, cancel);
        var (product, errors) = Read(
            request.ToDocument(),
            productId,
            new Measured(before, uses[productId]),
            clock
        );
        if (product is null)
        {
            return Problems.Errors(errors);
        }

        return Answer(
            await shelves.Change(version, product, cancel),
            product,
            version,
            uses[productId],
            clock
        );
    }

    private static IResult Answer(
        Changed<Product> changed,
        Product product,
        int version,
        IEnumerable<ProductUse> uses,
        OwnerClock clock
    ) =>
        changed.Outcome switch
        {
            ChangeOutcome.Made => Results.Ok(ProductView.Of(product, version + 1, uses, clock.Today)),
            ChangeOutcome.Stale => Problems.Stale(),
            _ => Problems.NotFound(UnknownProduct),
        };

    private static async Task<IResult> KeepMixture(
        ProductId productId,
        KeptMixture request,
        HttpRequest http,
        ShelfStore shelves,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (http.IfMatch() is not { } version)
        {
            return Problems.MissingVersion();
        }

        SavedShelf saved = await shelves.Load(cancel);
        if (saved.Shelf.Products.FirstOrDefault(known => known.Id == productId) is not { } before)
        {
            return Problems.NotFound(UnknownProduct);
        }

        if (Strength.Parse(request.Strength) is not { } strength)
        {
            return Problems.Field("strength", Strength.HowToWrite);
        }

        var uses = await shelves.Uses(saved.Shelf, cancel);
        Product product = Bottling.Mix(
            before,
            BottleStock.Left(before, uses[productId]),
            Volume.FromMillilitres(request.Millilitres),
            strength,
            BottleId.New(clock.Now),
            clock.Now,
            clock.Today
        );
        ValidationError[] errors =
        [
            .. ProductRules
                .Check(product, clock.Today)
                .Select(error =>
                    error.Property.EndsWith(".Mixed", StringComparison.Ordinal)
                        ? error with
                        {
                            Property = "strength",
                        }
                        : error
                ),
        ];
        return errors.Length > 0
            ? Problems.Errors(errors)
            : Answer(await shelves.Change(version, product, cancel), product, version, [], clock);
    }

    private static async Task<IResult> Remove(
        ProductId productId,
        HttpRequest http,
        ShelfStore shelves,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (http.IfMatch() is not { } version)
        {
            return Problems.MissingVersion();
        }

        return (await shelves.Discard(productId, version, clock.Now, cancel)).Outcome switch
        {
            ChangeOutcome.Made => Results.NoContent(),
            ChangeOutcome.Stale => Problems.Stale(),
            _ => Problems.NotFound(UnknownProduct),
        };
    }

    private static async Task<IResult> ChangeKit(
        KitDocument request,
        HttpRequest http,
        ShelfStore shelves,
        LogStore log,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (http.IfMatch() is not { } version)
        {
            return Problems.MissingVersion();
        }

        ValidationError[] errors = [.. request.Problems()];
        if (errors.Length > 0)
        {
            return Problems.Errors(errors);
        }

        return (await shelves.ChangeKit(version, request, cancel)).Outcome == ChangeOutcome.Made
            ? Results.Ok(await Show(shelves, log, clock, cancel))
            : Problems.Stale();
    }

    /// <summary>Reads a product as it was sent; null with what is wrong.</summary>
    private static (Product? Product, IReadOnlyList<ValidationError> Errors) Read(
        ProductDocument request,
        ProductId id,
        Measured? before,
        OwnerClock clock
    )
    {
        ValidationError[] errors = [.. request.UnreadStrengths()];
        if (errors.Length > 0)
        {
            return (null, errors);
        }

        foreach (var (bottle, i) in request.Bottles.Select((bottle, i) => (bottle, i)))
        {
            if (bottle.MeasuredAt is { } at && !RecordTime.IsFit(at, clock.Now + RecordTime.Leeway))
            {
                return (null, [new ValidationError($"Bottles[{i}].MeasuredAt", RecordTime.HowToGive)]);
            }
        }

        Product product = request.ToProduct(id, clock.Now);
        product = product with
        {
            Bottles = [.. product.Bottles.Select(bottle => Remeasured(bottle, before, clock.Now))],
        };
        errors = [.. ProductRules.Check(product, clock.Today)];
        return errors.Length > 0 ? (null, errors) : (product, []);
    }

    /// <summary>A bottle whose contents were not said otherwise keeps its measurement; others are measured now.</summary>
    private static Bottle Remeasured(Bottle bottle, Measured? before, DateTimeOffset now)
    {
        int known = before?.Product.Bottles.ToList().FindIndex(earlier => earlier.Id == bottle.Id) ?? -1;
        return known >= 0 && BottleStock.IsAsShown(before!.Left[known], bottle.Left)
            ? bottle with
            {
                Left = before.Product.Bottles[known].Left,
                MeasuredAt = before.Product.Bottles[known].MeasuredAt,
            }
            : bottle with
            {
                MeasuredAt = now,
            };
    }

    private sealed record Measured(Product Product, IEnumerable<ProductUse> Uses)
    {
        public IReadOnlyList<Quantity> Left { get; } = BottleStock.Left(Product, Uses);
    }
}
