namespace Cove.Data;

/// <summary>Keeps the owner's products, tools and towels, and what is on record of them.</summary>
public sealed class ShelfStore
{
    private readonly CoveContext context;

    internal ShelfStore(CoveContext context) => this.context = context;

    /// <summary>The shelf as it stands.</summary>
    public async Task<SavedShelf> Load(CancellationToken cancel = default)
    {
        List<ProductRow> rows = await context
            .Products.AsNoTracking()
            .OrderBy(row => row.Position)
            .ToListAsync(cancel);
        KitRow? kit = await context.Kits.AsNoTracking().FirstOrDefaultAsync(cancel);
        var unread = new List<string>();
        Product[] products =
        [
            .. rows.Select(row => UnreadableRowException.Try(() => row.Product, unread)).OfType<Product>(),
        ];
        KitDocument? known = kit is null ? null : UnreadableRowException.Try(() => kit.Kit, unread);
        return new SavedShelf(
            (known ?? new KitDocument()).ToShelf(products),
            rows.ToDictionary(row => new ProductId(row.Id), row => row.Version),
            kit?.Version ?? 0,
            unread
        );
    }

    /// <summary>The owner's towels; none when nothing was told of them.</summary>
    public async Task<IReadOnlyList<OwnedTowels>> Towels(CancellationToken cancel = default) =>
        await context.Kits.AsNoTracking().FirstOrDefaultAsync(cancel) is { } row
            ? UnreadableRowException.Try(() => row.Kit.ToShelf([]).Towels) ?? []
            : [];

    /// <summary>What was used of each product since its bottles were measured. Undone entries of the log do not count.</summary>
    public Task<ILookup<ProductId, ProductUse>> Uses(Shelf shelf, CancellationToken cancel = default) =>
        Uses(shelf.Products, cancel);

    private async Task<ILookup<ProductId, ProductUse>> Uses(
        IEnumerable<Product> products,
        CancellationToken cancel
    )
    {
        DateTimeOffset[] measured =
        [
            .. products.SelectMany(product => product.Bottles).Select(bottle => bottle.MeasuredAt),
        ];
        if (measured.Length == 0)
        {
            return Array.Empty<ProductUse>().ToLookup(use => use.ProductId);
        }

        DateTimeOffset since = measured.Min();
        var uses = await context
            .ProductUses.Where(use => use.Taken)
            .Join(
                context.Log.Where(entry => entry.UndoneAt == null && entry.At >= since),
                use => use.LogId,
                entry => entry.Id,
                (use, entry) =>
                    new
                    {
                        use.ProductId,
                        entry.At,
                        use.Amount,
                        use.Unit,
                    }
            )
            .ToListAsync(cancel);
        return uses.Select(use => new ProductUse(
                new ProductId(use.ProductId),
                use.At,
                new Quantity(use.Amount, use.Unit)
            ))
            .ToLookup(use => use.ProductId);
    }

    /// <summary>Measures the bottles that a vehicle's care was done from by what was used, so that its log may go without giving anything back.</summary>
    /// <param name="vehicleId">The vehicle.</param>
    /// <param name="now">The present instant.</param>
    /// <param name="cancel">Gives up before anything is stored.</param>
    internal async Task MeasureWhatWasUsed(VehicleId vehicleId, DateTimeOffset now, CancellationToken cancel)
    {
        Guid[] used = await context
            .ProductUses.Where(use =>
                use.Taken && context.Log.Any(entry => entry.Id == use.LogId && entry.VehicleId == vehicleId)
            )
            .Select(use => use.ProductId)
            .Distinct()
            .ToArrayAsync(cancel);
        List<ProductRow> rows = await context
            .Products.IgnoreQueryFilters([CoveContext.NotDeleted])
            .Where(row => used.Contains(row.Id))
            .ToListAsync(cancel);
        ProductRow[] readable =
        [
            .. rows.Where(row => UnreadableRowException.Try(() => row.Product) is not null),
        ];
        var uses = await Uses(readable.Select(row => row.Product), cancel);
        foreach (ProductRow row in readable)
        {
            Product product = row.Product;
            var left = BottleStock.Left(product, uses[product.Id]);
            row.Product = product.Measured(left, now);
        }

        await context.SaveChangesAsync(cancel);
    }

    /// <summary>What is on record of products on each of some vehicles: spot tests that count, and makers' instructions.</summary>
    public async Task<IReadOnlyDictionary<VehicleId, ShelfRecords>> Records(
        IReadOnlyCollection<VehicleId> vehicleIds,
        CancellationToken cancel = default
    )
    {
        Guid[] ids = [.. vehicleIds.Select(id => id.Value)];
        List<LogRow> tests = await context
            .Log.AsNoTracking()
            .Include(row => row.Products)
            .Where(row =>
                ids.Contains(row.VehicleId) && row.Kind == LogEntryKind.SpotTest && row.UndoneAt == null
            )
            .ToListAsync(cancel);
        List<InstructionRow> instructions = await context
            .Instructions.AsNoTracking()
            .Where(row => row.VehicleId == null || ids.Contains(row.VehicleId.Value))
            .ToListAsync(cancel);
        return vehicleIds.ToDictionary(
            id => id,
            id =>
                ShelfEvidence.Of([
                    .. tests.Where(row => row.VehicleId == id).ToEntries(),
                    .. instructions.Where(row => (row.VehicleId ?? id) == id).Select(row => row.ToEntry()),
                ])
        );
    }

    /// <summary>The shelf as it serves one car.</summary>
    public async Task<CarShelf> For(CareLedger ledger, CancellationToken cancel = default) =>
        new(
            ledger,
            (await Load(cancel)).Shelf,
            (await Records([ledger.Vehicle.Id], cancel))[ledger.Vehicle.Id]
        );

    /// <summary>Puts products on the shelf, all of them or none.</summary>
    /// <param name="products">The products, fit by <see cref="ProductRules"/>.</param>
    /// <param name="cancel">Gives up before anything is stored.</param>
    /// <returns>Whether there was room for them.</returns>
    public async Task<bool> Add(IReadOnlyList<Product> products, CancellationToken cancel = default)
    {
        await using ChangeScope scope = await ChangeScope.Begin(context, cancel);
        int count = await context.Products.CountAsync(cancel);
        if (count + products.Count > ProductRules.MostProducts)
        {
            return false;
        }

        int position =
            (
                await context
                    .Products.IgnoreQueryFilters([CoveContext.NotDeleted])
                    .MaxAsync(row => (int?)row.Position, cancel)
                ?? -1
            ) + 1;
        context.Products.AddRange(
            products.Select(
                (product, i) =>
                    new ProductRow
                    {
                        Id = product.Id,
                        Position = position + i,
                        DetailsJson = string.Empty,
                        Product = product,
                        Version = 1,
                    }
            )
        );
        await context.SaveChangesAsync(cancel);
        await scope.CommitAsync(cancel);
        return true;
    }

    /// <summary>Changes a product and its bottles.</summary>
    /// <param name="version">The version the change was based on.</param>
    /// <param name="product">The product as it should be.</param>
    /// <param name="cancel">Gives up before anything is stored.</param>
    public Task<Changed<Product>> Change(int version, Product product, CancellationToken cancel = default) =>
        Change(product.Id, version, row => row.Product = product, cancel);

    /// <summary>Takes a product off the shelf and puts it into the wastebasket. What the log says of it stays.</summary>
    public Task<Changed<Product>> Discard(
        ProductId id,
        int version,
        DateTimeOffset now,
        CancellationToken cancel = default
    ) => Change(id, version, row => row.DeletedAt = now, cancel);

    /// <summary>Changes tools, towels and schools.</summary>
    /// <param name="version">The version the change was based on; 0 for the first time.</param>
    /// <param name="kit">How they should be.</param>
    /// <param name="cancel">Gives up before anything is stored.</param>
    public async Task<Changed<KitDocument>> ChangeKit(
        int version,
        KitDocument kit,
        CancellationToken cancel = default
    )
    {
        await using ChangeScope scope = await ChangeScope.Begin(context, cancel);
        KitRow? row = await context.Kits.FirstOrDefaultAsync(cancel);
        if ((row?.Version ?? 0) != version)
        {
            return new Changed<KitDocument>(ChangeOutcome.Stale);
        }

        if (row is null)
        {
            row = new KitRow { Id = Guid.CreateVersion7(), KitJson = string.Empty };
            context.Kits.Add(row);
        }

        row.Kit = kit;
        row.Version++;
        await context.SaveChangesAsync(cancel);
        await scope.CommitAsync(cancel);
        return new Changed<KitDocument>(ChangeOutcome.Made, kit);
    }

    /// <summary>The makers' instructions that bear on a vehicle.</summary>
    public async Task<IReadOnlyList<InstructionRecorded>> Instructions(
        VehicleId vehicleId,
        CancellationToken cancel = default
    )
    {
        List<InstructionRow> rows = await context
            .Instructions.AsNoTracking()
            .Where(row => row.VehicleId == vehicleId || row.VehicleId == null)
            .OrderBy(row => row.At)
            .ToListAsync(cancel);
        return [.. rows.Select(row => row.ToEntry())];
    }

    /// <summary>Records a maker's instruction.</summary>
    /// <param name="vehicleId">The vehicle it is about.</param>
    /// <param name="instruction">What it says.</param>
    /// <param name="at">When it was recorded.</param>
    /// <param name="cancel">Gives up before anything is stored.</param>
    public async Task<InstructionRecorded> Record(
        VehicleId vehicleId,
        MakerInstruction instruction,
        DateTimeOffset at,
        CancellationToken cancel = default
    )
    {
        RecordFullException.ThrowIfFull(
            await context.Instructions.CountAsync(
                instruction => instruction.VehicleId == vehicleId || instruction.VehicleId == null,
                cancel
            ),
            VehicleDocument.MostInstructions,
            "makers' instructions"
        );
        var row = new InstructionRow
        {
            Id = Guid.CreateVersion7(at),
            VehicleId = instruction.SurfaceId is null ? null : vehicleId,
            SurfaceId = instruction.SurfaceId?.Value,
            ProductId = instruction.ProductId,
            Allows = instruction.Allows,
            Note = instruction.Note,
            At = at,
        };
        context.Instructions.Add(row);
        await context.SaveChangesAsync(cancel);
        return row.ToEntry();
    }

    /// <summary>Takes a maker's instruction back.</summary>
    /// <returns>Whether there was one of that id.</returns>
    public async Task<bool> RemoveInstruction(EntryId id, CancellationToken cancel = default) =>
        await context
            .Instructions.Where(row =>
                row.Id == id
                && (row.VehicleId == null || context.Vehicles.Any(vehicle => vehicle.Id == row.VehicleId))
            )
            .ExecuteDeleteAsync(cancel) > 0;

    private async Task<Changed<Product>> Change(
        ProductId id,
        int version,
        Action<ProductRow> change,
        CancellationToken cancel
    )
    {
        ProductRow? row = await context.Products.FirstOrDefaultAsync(row => row.Id == id, cancel);
        if (row is null)
        {
            return new Changed<Product>(ChangeOutcome.NotFound);
        }

        if (row.Version != version)
        {
            return new Changed<Product>(ChangeOutcome.Stale);
        }

        change(row);
        row.Version++;
        try
        {
            await context.SaveChangesAsync(cancel);
        }
        catch (DbUpdateConcurrencyException)
        {
            return new Changed<Product>(ChangeOutcome.Stale);
        }

        return new Changed<Product>(ChangeOutcome.Made, row.Product);
    }
}

/// <summary>The shelf, with what names its state.</summary>
/// <param name="Shelf">The shelf.</param>
/// <param name="Versions">The version of each product.</param>
/// <param name="KitVersion">The version of tools, towels and schools; 0 while none are recorded.</param>
/// <param name="Unread">A sentence for each row that cannot be understood and is left out.</param>
public sealed record SavedShelf(
    Shelf Shelf,
    IReadOnlyDictionary<ProductId, int> Versions,
    int KitVersion,
    IReadOnlyList<string> Unread
);
