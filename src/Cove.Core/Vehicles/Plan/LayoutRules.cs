using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Vehicles.Plan;

/// <summary>What a layout must hold to before a cabin can be built from it.</summary>
internal static class LayoutRules
{
    public static IEnumerable<ValidationError> Check(CabinLayout layout) =>
        Enum.IsDefined(layout.Body)
            ? Frame(layout, BodyShape.Of(layout.Body)).Concat(Fittings(layout))
            : [new ValidationError(nameof(layout.Body), "Choose one of the body types on offer.")];

    private static IEnumerable<ValidationError> Frame(CabinLayout layout, BodyShape body)
    {
        if (!Enum.IsDefined(layout.Size))
        {
            yield return new ValidationError(nameof(layout.Size), "Choose small, mid-size or large.");
        }

        if (!Enum.IsDefined(layout.DriverSide))
        {
            yield return new ValidationError(nameof(layout.DriverSide), "Choose left or right.");
        }

        if (!body.AllowedDoors.Contains(layout.Doors))
        {
            yield return new ValidationError(
                nameof(layout.Doors),
                $"This body has {Or(body.AllowedDoors)} side doors."
            );
        }

        if (layout.FrontSeats < 2 || layout.FrontSeats > body.MostSeatsInFront)
        {
            yield return new ValidationError(
                nameof(layout.FrontSeats),
                body.MostSeatsInFront > 2 ? "Say 2 or 3 seats in front." : "This body has 2 seats in front."
            );
        }

        if (!SeatsFit(layout.SecondRowSeats, body))
        {
            yield return new ValidationError(nameof(layout.SecondRowSeats), SeatsBehind(body));
        }

        if (!SeatsFit(layout.ThirdRowSeats, body))
        {
            yield return new ValidationError(nameof(layout.ThirdRowSeats), SeatsBehind(body));
        }
        else if (layout.ThirdRowSeats > 0 && layout.SecondRowSeats == 0)
        {
            yield return new ValidationError(
                nameof(layout.ThirdRowSeats),
                "A third row needs a second one before it."
            );
        }
        else if (!body.AllowedRows.Contains(layout.Rows))
        {
            yield return new ValidationError(
                layout.Rows > body.AllowedRows.Max() && body.AllowedRows.Max() == 2
                    ? nameof(layout.ThirdRowSeats)
                    : nameof(layout.SecondRowSeats),
                $"This body has {Or(body.AllowedRows)} {(body.AllowedRows.Max() == 1 ? "row" : "rows")} of seats."
            );
        }
    }

    private static IEnumerable<ValidationError> Fittings(CabinLayout layout)
    {
        (string Property, Material Chosen, IReadOnlyList<Material> Offered, string Sentence)[] materials =
        [
            (
                nameof(layout.SeatMaterial),
                layout.SeatMaterial,
                CabinLayout.SeatMaterials,
                "Choose one of the seat covers on offer."
            ),
            (
                nameof(layout.DashMaterial),
                layout.DashMaterial,
                CabinLayout.DashMaterials,
                "Choose one of the dash faces on offer."
            ),
            (
                nameof(layout.HeadlinerMaterial),
                layout.HeadlinerMaterial,
                CabinLayout.HeadlinerMaterials,
                "Choose one of the roof linings on offer."
            ),
            (
                nameof(layout.WheelMaterial),
                layout.WheelMaterial,
                CabinLayout.WheelMaterials,
                "Choose one of the wheel covers on offer."
            ),
            (
                nameof(layout.ClusterMaterial),
                layout.ClusterMaterial,
                CabinLayout.ClusterMaterials,
                "Choose clear plastic or glass for the instrument lens."
            ),
            (
                nameof(layout.Floor),
                layout.Floor,
                CabinLayout.FloorMaterials,
                "Choose pile or rubber for the floor."
            ),
            (
                nameof(layout.FrontMats),
                layout.FrontMats,
                CabinLayout.MatMaterials,
                "Choose rubber, pile or no mats for the front."
            ),
            (
                nameof(layout.RearMats),
                layout.RearMats,
                CabinLayout.MatMaterials,
                "Choose rubber, pile or no mats for the rear."
            ),
            (
                nameof(layout.Boot),
                layout.Boot,
                CabinLayout.BootMaterials,
                "Choose pile or a rubber liner for the boot."
            ),
        ];
        foreach (var (property, chosen, offered, sentence) in materials)
        {
            if (!offered.Contains(chosen))
            {
                yield return new ValidationError(property, sentence);
            }
        }

        if (!CabinLayout.TrimFinishes.Contains(layout.Trim))
        {
            yield return new ValidationError(
                nameof(layout.Trim),
                "Choose gloss, satin, brushed metal or wood for the trim."
            );
        }

        if (layout.Screens is < 0 or > CabinLayout.MostScreens)
        {
            yield return new ValidationError(
                nameof(layout.Screens),
                $"Say 0 to {CabinLayout.MostScreens} screens."
            );
        }

        if (layout.ChildSeats is < 0 or > CabinLayout.MostChildSeats)
        {
            yield return new ValidationError(
                nameof(layout.ChildSeats),
                $"Say 0 to {CabinLayout.MostChildSeats} child seats."
            );
        }
        else if (layout.ChildSeats > layout.SecondRowSeats)
        {
            yield return new ValidationError(
                nameof(layout.ChildSeats),
                "Child seats are placed on the second row; this car has no seat there for as many."
            );
        }

        if (layout.PetCover && layout.SecondRowSeats <= Math.Max(0, layout.ChildSeats))
        {
            yield return new ValidationError(
                nameof(layout.PetCover),
                "A pet cover lies on the second row; there is no free place."
            );
        }
    }

    private static bool SeatsFit(int seats, BodyShape body) =>
        seats == 0 || (seats >= 2 && seats <= body.MostSeatsBehind);

    private static string SeatsBehind(BodyShape body) =>
        body.MostSeatsBehind > 2
            ? "Say 2 or 3 seats, or 0 for no such row."
            : "Say 2 seats, or 0 for no such row.";

    private static string Or(IEnumerable<int> numbers) => string.Join(" or ", numbers.Order());
}
