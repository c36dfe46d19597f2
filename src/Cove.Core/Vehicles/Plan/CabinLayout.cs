namespace Cove.Core.Vehicles;

/// <summary>The answers from which a cabin is generated.</summary>
/// <param name="Body">The body type.</param>
/// <param name="Rows">Rows of seats; what is allowed depends on the body, see <see cref="BodyShape.AllowedRows"/>.</param>
/// <param name="DriverSide">The side the driver sits on, looking forward.</param>
/// <param name="SeatMaterial">The cover of the seats.</param>
/// <param name="FrontMats">Mats of the first row: rubber, pile, or <see cref="Material.None"/> for bare carpet.</param>
/// <param name="RearMats">Mats of the other rows, as for <paramref name="FrontMats"/>.</param>
/// <param name="GlossTrim">Whether the console trim is gloss black.</param>
/// <param name="TintedRear">Whether the panes behind the front doors carry tint film on the inside.</param>
/// <param name="ChildSeats">How many child seats are fitted; from 0 to 3.</param>
public sealed record CabinLayout(
    BodyType Body,
    int Rows,
    DriverSide DriverSide,
    Material SeatMaterial,
    Material FrontMats,
    Material RearMats,
    bool GlossTrim,
    bool TintedRear,
    int ChildSeats = 0
)
{
    /// <summary>The seat covers an owner can choose from.</summary>
    public static IReadOnlyList<Material> SeatMaterials { get; } =
    [Material.WovenFabric, Material.FabricWithMicrosuede, Material.CoatedLeather, Material.SyntheticLeather];

    /// <summary>The mats an owner can choose from; <see cref="Material.None"/> stands for no mats.</summary>
    public static IReadOnlyList<Material> MatMaterials { get; } =
    [Material.Rubber, Material.Pile, Material.None];

    /// <summary>Says what is wrong with this layout, field by field; empty when a cabin can be built from it.</summary>
    /// <returns>Pairs of the property name and a sentence that tells what to choose instead.</returns>
    public IReadOnlyList<(string Property, string Sentence)> Problems()
    {
        var problems = new List<(string, string)>();
        if (!Enum.IsDefined(Body))
        {
            problems.Add((nameof(Body), "Choose one of the body types on offer."));
        }
        else if (!BodyShape.Of(Body).AllowedRows.Contains(Rows))
        {
            string allowed = string.Join(" or ", BodyShape.Of(Body).AllowedRows);
            problems.Add((nameof(Rows), $"This body has {allowed} rows of seats."));
        }

        if (!SeatMaterials.Contains(SeatMaterial))
        {
            problems.Add((nameof(SeatMaterial), "Choose one of the seat covers on offer."));
        }

        if (!MatMaterials.Contains(FrontMats))
        {
            problems.Add((nameof(FrontMats), "Choose rubber, pile or no mats for the front."));
        }

        if (!MatMaterials.Contains(RearMats))
        {
            problems.Add((nameof(RearMats), "Choose rubber, pile or no mats for the rear."));
        }

        if (ChildSeats is < 0 or > 3)
        {
            problems.Add((nameof(ChildSeats), "Say 0 to 3 child seats."));
        }
        else if (ChildSeats > 0 && Rows == 1)
        {
            problems.Add((nameof(ChildSeats), "Child seats are placed on a second row; this car has none."));
        }

        return problems;
    }
}
