using System.ComponentModel.DataAnnotations;
using Cove.Web.Features.Shelf;

namespace Cove.Web.Features.Dilutions;

/// <summary>The dilution bench.</summary>
internal static class DilutionEndpoints
{
    public static void MapDilutions(this RouteGroupBuilder api)
    {
        api.MapPost("/dilutions", Mix)
            .WithMetadata(new ChangesNothing())
            .WithName("Mix")
            .WithSummary(
                "Works out a mixture from any two of product, water, total and strength, exactly and as it can be measured by hand."
            )
            .Produces<MixtureView>()
            .ProducesValidationProblem();
        api.MapPost("/dilutions/top-up", TopUp)
            .WithMetadata(new ChangesNothing())
            .WithName("TopUp")
            .WithSummary(
                "Works out what to add to a part-full bottle so that it holds a volume at a strength."
            )
            .Produces<MixtureView>()
            .ProducesValidationProblem();
    }

    private static async Task<IResult> Mix(
        NewMixture request,
        ShelfStore shelves,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        var reader = new BenchReader(request.Unit);
        var given = new MixtureRequest
        {
            Product = reader.Volume(request.Product, "product"),
            Water = reader.Volume(request.Water, "water"),
            Total = reader.Volume(request.Total, "total"),
            Strength = reader.Strength(request.Strength, "strength"),
        };
        if (reader.Errors.Count > 0)
        {
            return Problems.Errors(reader.Errors);
        }

        MixtureOrError solved = DilutionBench.Solve(given);
        return solved.ValidationError is { } error
            ? Problems.Errors([error])
            : await Answer(solved.Mixture!, null, null, request.ProductId, shelves, clock, cancel);
    }

    private static async Task<IResult> TopUp(
        NewTopUp request,
        ShelfStore shelves,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        var reader = new BenchReader(request.Unit);
        Volume? held = reader.Volume(request.Held, "held");
        Volume? total = reader.Volume(request.Total, "total");
        Strength? heldStrength = reader.NeededStrength(request.HeldStrength, "heldStrength");
        Strength? target = reader.NeededStrength(request.Target, "target");
        if (reader.Errors.Count > 0)
        {
            return Problems.Errors(reader.Errors);
        }

        MixtureOrError solved = DilutionBench.TopUp(
            held!.Value,
            heldStrength!.Value,
            total!.Value,
            target!.Value
        );
        return solved.ValidationError is { } error
            ? Problems.Errors([error])
            : await Answer(
                solved.Mixture!,
                new Mixture(
                    held.Value * heldStrength.Value.Share,
                    held.Value * (1 - heldStrength.Value.Share)
                ),
                target,
                request.ProductId,
                shelves,
                clock,
                cancel
            );
    }

    private static async Task<IResult> Answer(
        Mixture added,
        Mixture? held,
        Strength? target,
        Guid? productId,
        ShelfStore shelves,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        Mixture whole = held is null
            ? added
            : new Mixture(held.Product + added.Product, held.Water + added.Water);
        Strength strength = target ?? whole.Strength;
        Product? product = null;
        if (productId is { } id)
        {
            product = (await shelves.Load(cancel)).Shelf.Products.FirstOrDefault(known => known.Id == id);
            if (product is null)
            {
                return Problems.Field("productId", ShelfEndpoints.UnknownProduct);
            }

            if (MixingAdvice.Refusal(product, strength) is { } refusal)
            {
                return Problems.Field(target is null ? "strength" : "target", refusal);
            }
        }

        return Results.Ok(
            MixtureView.Of(
                added,
                held,
                strength,
                clock.Today,
                product is null ? null : MixingAdvice.Remark(product, strength)
            )
        );
    }
}

/// <summary>Two of four values of a mixture.</summary>
public sealed record NewMixture
{
    /// <summary>The product on the shelf that is mixed, so that its limits are kept; null for any.</summary>
    public Guid? ProductId { get; init; }

    /// <summary>The unit of the volumes.</summary>
    public VolumeUnit Unit { get; init; }

    /// <summary>The product, in the unit.</summary>
    [Range(0, Volume.MostMillilitres, ErrorMessage = "Give a volume above 0 and up to 100 litres.")]
    public double? Product { get; init; }

    /// <summary>The water, in the unit.</summary>
    [Range(0, Volume.MostMillilitres, ErrorMessage = "Give a volume above 0 and up to 100 litres.")]
    public double? Water { get; init; }

    /// <summary>Product and water together, in the unit.</summary>
    [Range(0, Volume.MostMillilitres, ErrorMessage = "Give a volume above 0 and up to 100 litres.")]
    public double? Total { get; init; }

    /// <summary>The strength, in parts or percent: 1:8, 8:1 and 11.1 % are the same.</summary>
    [StringLength(20, ErrorMessage = Core.Catalogue.Amounts.Strength.HowToWrite)]
    public string? Strength { get; init; }
}

/// <summary>A part-full bottle and what it should hold.</summary>
public sealed record NewTopUp
{
    /// <summary>The product on the shelf that is mixed, so that its limits are kept; null for any.</summary>
    public Guid? ProductId { get; init; }

    /// <summary>The unit of the volumes.</summary>
    public VolumeUnit Unit { get; init; }

    /// <summary>What is in the bottle, in the unit.</summary>
    [Range(0, Volume.MostMillilitres, ErrorMessage = "Give a volume from 0 to 100 litres.")]
    public required double Held { get; init; }

    /// <summary>How strong that is.</summary>
    [StringLength(20, ErrorMessage = Strength.HowToWrite)]
    public required string HeldStrength { get; init; }

    /// <summary>What it should hold afterwards, in the unit.</summary>
    [Range(0, Volume.MostMillilitres, ErrorMessage = "Give a volume above 0 and up to 100 litres.")]
    public required double Total { get; init; }

    /// <summary>How strong it should be afterwards.</summary>
    [StringLength(20, ErrorMessage = Strength.HowToWrite)]
    public required string Target { get; init; }
}
