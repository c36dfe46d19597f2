using Cove.Web.Features.Vehicles;

namespace Cove.Web.Features.Verdicts;

/// <summary>Writes out every product against every surface.</summary>
internal sealed class MatrixPage(CarShelf car)
{
    private readonly Core.Vehicles.Plan.Cabin cabin = car.Ledger.Vehicle.ToCabin();

    public MatrixView Show()
    {
        Surface[][] columns =
        [
            .. cabin
                .Surfaces.GroupBy(surface => (surface.Make, RecordsOf(surface)))
                .Select(group => group.ToArray()),
        ];
        return new MatrixView(
            VehicleView.Of(car.Ledger.Vehicle),
            [.. cabin.Zones.Select(zone => new NamedView(zone.Id.Value, zone.Name))],
            [
                .. car
                    .Ledger.Items.Where(item => item.Task.Products.Count > 0)
                    .Select(item => new NamedView(item.Task.Id.Value, item.Task.Name)),
            ],
            [.. columns.Select(Column)],
            [.. car.Shelf.AtHand.Select(product => Row(product, columns))]
        );
    }

    /// <summary>Surfaces of one make stand apart when something else is on record of them.</summary>
    private string RecordsOf(Surface surface) =>
        string.Join(
            ' ',
            car.Records.Tests.Where(test => test.SurfaceIds.Contains(surface.Id))
                .Select(test => $"{test.ProductId}{test.Strength}{test.Passed}")
                .Concat(
                    car.Records.Instructions.Where(instruction => instruction.SurfaceId == surface.Id)
                        .Select(instruction => $"{instruction.ProductId}{instruction.Allows}")
                )
                .Order(StringComparer.Ordinal)
        );

    private MatrixSurfaceView Column(Surface[] alike) =>
        new(
            alike[0].Id.Value,
            alike.Length == 1 ? alike[0].Name : SurfaceWords.NameTogether(alike),
            alike.Length == 1 ? alike[0].ShortName : SurfaceWords.NameTogether(alike),
            SurfaceWords.About(alike[0]),
            [.. alike.Select(surface => surface.Id.Value)],
            [.. alike.Select(surface => surface.Name)],
            [.. alike.Select(surface => surface.ZoneId.Value).Distinct(StringComparer.Ordinal)],
            [
                .. car
                    .Ledger.Items.Where(item => item.Surfaces.Any(surface => surface.Id == alike[0].Id))
                    .Select(item => item.Task.Id.Value),
            ]
        );

    private MatrixRowView Row(Product product, Surface[][] columns) =>
        new(
            product.Id,
            product.Name,
            ClassPresets.Of(product.Make.Class).Name,
            $"{product.Usual}",
            [
                .. columns.Select(column =>
                {
                    Judgement judgement = car.Chooser.Safest(product, column[0], car.Context).Judgement;
                    return new MatrixCellView(judgement.Verdict, judgement.Decisive.Sentence);
                }),
            ]
        );
}
