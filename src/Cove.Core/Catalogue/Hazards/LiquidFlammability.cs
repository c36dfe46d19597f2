namespace Cove.Core.Catalogue.Hazards;

/// <summary>Sorts flammable liquids by flash point, for owners who find one in a safety data sheet.</summary>
/// <remarks>Limits by GHS, chapter 2.6.</remarks>
public static class LiquidFlammability
{
    /// <summary>The category of a liquid, from 1 (gravest) to 4; null when it is not classed as flammable.</summary>
    /// <param name="flashPointCelsius">Its flash point in °C.</param>
    /// <param name="boilingPointCelsius">Where it begins to boil in °C.</param>
    public static int? CategoryOf(double flashPointCelsius, double boilingPointCelsius) =>
        flashPointCelsius switch
        {
            < 23 => boilingPointCelsius <= 35 ? 1 : 2,
            <= 60 => 3,
            <= 93 => 4,
            _ => null,
        };

    /// <summary>The code of the statement that goes with a category; null where Cove keeps none.</summary>
    /// <param name="category">From 1 to 4.</param>
    /// <remarks>Category 1 (H224) and 4 (H227) do not occur among routine interior products.</remarks>
    public static string? StatementOf(int category) =>
        category switch
        {
            2 => "H225",
            3 => "H226",
            _ => null,
        };
}
