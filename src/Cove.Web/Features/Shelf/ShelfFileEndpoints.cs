using System.Text;
using Microsoft.AspNetCore.Mvc;

namespace Cove.Web.Features.Shelf;

/// <summary>The shelf as comma-separated values.</summary>
internal static class ShelfFileEndpoints
{
    public static void MapShelfFiles(this RouteGroupBuilder api)
    {
        api.MapGet("/shelf/products.csv", Export)
            .WithName("ExportShelf")
            .WithSummary("The products as comma-separated values (RFC 4180), a row for each bottle.")
            .Produces<string>(StatusCodes.Status200OK, CsvBodies.Type);
        api.MapPost("/shelf/products.csv", Import)
            .WithMetadata(new RequestSizeLimitAttribute(ShelfCsv.LargestBytes), new ReadsItself())
            .WithName("ImportShelf")
            .WithSummary(
                "Adds the products of a file of comma-separated values, all of them or none; says what is wrong row by row."
            )
            .Accepts<string>(CsvBodies.Type)
            .Produces<ShelfImportView>(StatusCodes.Status201Created)
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status409Conflict)
            .ProducesProblem(StatusCodes.Status415UnsupportedMediaType);
    }

    private static async Task<IResult> Export(ShelfStore shelves, CancellationToken cancel)
    {
        Core.Catalogue.Shelf shelf = (await shelves.Load(cancel)).Shelf;
        var uses = await shelves.Uses(shelf, cancel);
        string text = ShelfCsv.Write(
            shelf.Products.Select(product =>
            {
                var left = BottleStock.Left(product, uses[product.Id]);
                return ProductDocument.Of(
                    product with
                    {
                        Bottles = [.. product.Bottles.Select((bottle, i) => bottle with { Left = left[i] })],
                    }
                );
            })
        );
        return Results.File(Encoding.UTF8.GetBytes(text), CsvBodies.Type, "cove-shelf.csv");
    }

    private static async Task<IResult> Import(SentShelf sent, ShelfStore shelves, CancellationToken cancel)
    {
        if (sent.File.Content is not { } products)
        {
            return sent.File.Refusal!;
        }

        return await shelves.Add(products, cancel)
            ? Results.Created("/api/shelf", new ShelfImportView(products.Count))
            : Problems.Conflict("These are more products than the shelf takes: up to 200 together.");
    }
}
