namespace Cove.Web.Features.Shelf;

/// <summary>A shelf that was sent as comma-separated values. It is read before any change begins.</summary>
/// <param name="File">Its products, or why it is refused.</param>
internal sealed record SentShelf(ReadFile<IReadOnlyList<Product>> File)
{
    public static async ValueTask<SentShelf?> BindAsync(HttpContext http)
    {
        ReadFile<string> text = await CsvBodies.Read(http);
        if (text.Content is null)
        {
            return new SentShelf(ReadFile<IReadOnlyList<Product>>.Refused(text.Refusal!));
        }

        IServiceProvider services = http.RequestServices;
        var clock = services.GetRequiredService<OwnerClock>();
        Core.Catalogue.Shelf shelf = (
            await services.GetRequiredService<ShelfStore>().Load(http.RequestAborted)
        ).Shelf;
        ShelfReading? reading = await FileWork.Read(
            http,
            _ =>
                ShelfCsv.Read(
                    text.Content,
                    shelf.Products.Select(product => product.Name),
                    clock.Now,
                    clock.Today
                )
        );
        return new SentShelf(
            reading is null ? ReadFile<IReadOnlyList<Product>>.Refused(Problems.TakesTooLong())
            : reading.Errors.Count > 0
                ? ReadFile<IReadOnlyList<Product>>.Refused(Problems.InFile(reading.Errors))
            : ReadFile<IReadOnlyList<Product>>.Of(reading.Products)
        );
    }
}
