using System.ComponentModel.DataAnnotations.Schema;

namespace Cove.Data.Rows;

internal sealed class ProductRow : OwnedRow
{
    public Guid Id { get; set; }

    public int Position { get; set; }

    /// <summary>A <see cref="ProductDocument"/> as JSON.</summary>
    public required string DetailsJson { get; set; }

    /// <summary>Counts the changes of the product and its bottles; a change that names an older number has lost the race.</summary>
    public int Version { get; set; }

    /// <summary>When it went into the wastebasket; null while it is on the shelf.</summary>
    public DateTimeOffset? DeletedAt { get; set; }

    /// <summary>When it was first seen to be close to its time in the wastebasket; see <see cref="Wastebasket.GoesAt"/>.</summary>
    public DateTimeOffset? DueSeenAt { get; set; }

    [NotMapped]
    public Product Product
    {
        get =>
            StoredJson.Read<ProductDocument, Product>(
                DetailsJson,
                "Products",
                Id,
                document => document.ToProduct(new ProductId(Id), DateTimeOffset.UnixEpoch)
            );
        set => DetailsJson = StoredJson.Write(ProductDocument.Of(value));
    }
}

/// <summary>The tools, towels and schools of an owner; one row each.</summary>
internal sealed class KitRow : OwnedRow
{
    public Guid Id { get; set; }

    /// <summary>A <see cref="KitDocument"/> as JSON.</summary>
    public required string KitJson { get; set; }

    public int Version { get; set; }

    [NotMapped]
    public KitDocument Kit
    {
        get => StoredJson.Read<KitDocument>(KitJson, "Kits", Id);
        set => KitJson = StoredJson.Write(value);
    }
}

/// <summary>A product that an entry of the log is about: one that was used, or that was tested.</summary>
internal sealed class ProductUseRow : OwnedRow
{
    public Guid LogId { get; set; }

    /// <summary>Place among the products of the entry, from 0.</summary>
    public int Position { get; set; }

    /// <summary>The product. It may have left the shelf since.</summary>
    public Guid ProductId { get; set; }

    /// <summary>What it was called then.</summary>
    public required string Name { get; set; }

    /// <summary>The product's share of the mixture.</summary>
    public double Strength { get; set; }

    /// <summary>How much of the product was used, without water, in millilitres or pieces; 0 for a test.</summary>
    public double Amount { get; set; }

    /// <summary>What the amount counts.</summary>
    public QuantityUnit Unit { get; set; }

    /// <summary>Whether it came from the bottles on the shelf. What a file brings in was taken elsewhere, or is counted already.</summary>
    public bool Taken { get; set; }

    public static ProductUseRow Of(ProductUsed product, int position) =>
        new()
        {
            Position = position,
            ProductId = product.ProductId,
            Name = product.Name,
            Strength = product.Strength.Share,
            Amount = product.Amount.Value,
            Unit = product.Amount.Unit,
            Taken = product.FromShelf,
        };

    public ProductUsed ToUsed() =>
        new(
            new ProductId(ProductId),
            Name,
            Core.Catalogue.Amounts.Strength.FromShare(Strength),
            new Quantity(Amount, Unit)
        )
        {
            FromShelf = Taken,
        };
}

internal sealed class InstructionRow : OwnedRow
{
    public Guid Id { get; set; }

    /// <summary>The vehicle; null for an instruction about a product wherever it is used.</summary>
    public Guid? VehicleId { get; set; }

    public string? SurfaceId { get; set; }

    public Guid? ProductId { get; set; }

    public bool Allows { get; set; }

    public required string Note { get; set; }

    public DateTimeOffset At { get; set; }

    public InstructionRecorded ToEntry() =>
        new(
            new EntryId(Id),
            At,
            new MakerInstruction(
                SurfaceId is { } surface ? new SurfaceId(surface) : default(SurfaceId?),
                ProductId is { } product ? new ProductId(product) : null,
                Allows,
                Note
            )
        );
}
