namespace Cove.Data.Rows;

internal sealed class SurfaceRow : OwnedRow
{
    private const string Table = "SurfaceRow";

    public Guid VehicleId { get; set; }

    public required string SurfaceId { get; set; }

    public int Position { get; set; }

    public required string Name { get; set; }

    public required string ShortName { get; set; }

    public SurfaceKind Kind { get; set; }

    public Material Material { get; set; }

    public Finish Finish { get; set; }

    public double SquareMetres { get; set; }

    public required string ZoneId { get; set; }

    public double Exposure { get; set; }

    public SurfaceFacts Facts { get; set; }

    public string? PartOf { get; set; }

    public bool Absent { get; set; }

    public string? Wear { get; set; }

    public static SurfaceRow Of(Surface surface, int position) =>
        new()
        {
            SurfaceId = surface.Id.Value,
            Position = position,
            Name = surface.Name,
            ShortName = surface.ShortName,
            Kind = surface.Kind,
            Material = surface.Material,
            Finish = surface.Finish,
            SquareMetres = surface.Area.SquareMetres,
            ZoneId = surface.ZoneId.Value,
            Exposure = surface.Exposure.Value,
            Facts = surface.Facts,
            PartOf = surface.PartOf?.Value,
            Absent = surface.Absent,
            Wear = surface.Wear,
        };

    /// <exception cref="UnreadableRowException">The row cannot be understood.</exception>
    public Surface ToSurface()
    {
        try
        {
            return new Surface(
                SurfaceId,
                Name,
                ShortName,
                Known(Kind),
                Known(Material),
                Known(Finish),
                Area.FromSquareMetres(SquareMetres),
                ZoneId,
                new Share(Exposure),
                Known(Facts)
            )
            {
                PartOf = PartOf is { } whole ? new SurfaceId(whole) : default(SurfaceId?),
                Absent = Absent,
                Wear = Wear,
            };
        }
        catch (ArgumentException error)
        {
            throw new UnreadableRowException(Table, $"{VehicleId}, {SurfaceId}", error);
        }
    }

    private TChoice Known<TChoice>(TChoice choice)
        where TChoice : struct, Enum => KnownWord.Check(choice, Table, $"{VehicleId}, {SurfaceId}");

    /// <summary>Takes over everything but the key.</summary>
    public void Take(SurfaceRow next)
    {
        Position = next.Position;
        Name = next.Name;
        ShortName = next.ShortName;
        Kind = next.Kind;
        Material = next.Material;
        Finish = next.Finish;
        SquareMetres = next.SquareMetres;
        ZoneId = next.ZoneId;
        Exposure = next.Exposure;
        Facts = next.Facts;
        PartOf = next.PartOf;
        Absent = next.Absent;
        Wear = next.Wear;
    }
}
