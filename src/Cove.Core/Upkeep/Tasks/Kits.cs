namespace Cove.Core.Upkeep.Tasks;

/// <summary>What each kit is called and what it takes to fetch it.</summary>
public static class Kits
{
    private static readonly Dictionary<Kit, KitFacts> Table = new()
    {
        [Kit.Vacuum] = new("Vacuum", "Vacuum with crevice nozzle and soft brush", Minutes(1)),
        [Kit.DampTowels] = new("Damp towels", "One damp and one dry microfibre towel", Minutes(0.5))
        {
            TakesWater = true,
        },
        [Kit.DryBrushes] = new("Dry brushes", "Soft brush and cleaning gel", Minutes(0.5)),
        [Kit.WetKit] = new("Wet kit", "Interior cleaner, soft brush, two towels", Minutes(1))
        {
            TakesWater = true,
        },
        [Kit.FabricKit] = new("Fabric kit", "Fabric cleaner, upholstery brush, towels", Minutes(1))
        {
            TakesWater = true,
        },
        [Kit.LeatherKit] = new("Leather kit", "Leather cleaner, sealant, applicator", Minutes(0.5))
        {
            TakesWater = true,
        },
        [Kit.ProtectKit] = new("Protect kit", "Protectant and applicator pads", Minutes(0.5)),
        [Kit.GlassKit] = new("Glass kit", "Glass cleaner and two glass towels", Minutes(0.5)),
        [Kit.MatWash] = new("Mat wash", "Hose, mat cleaner, stiff brush", Minutes(1.5)) { TakesWater = true },
    };

    /// <summary>The facts of a kit.</summary>
    /// <exception cref="KeyNotFoundException">The kit is not in the table.</exception>
    public static KitFacts Facts(this Kit kit) => Table[kit];

    private static TimeSpan Minutes(double minutes) => TimeSpan.FromMinutes(minutes);
}

/// <summary>What is known of a kit.</summary>
/// <param name="Name">Its name.</param>
/// <param name="Contents">What it holds, in a few words.</param>
/// <param name="Fetch">Fetching it and putting it away, once a session. Cove's own choice.</param>
public sealed record KitFacts(string Name, string Contents, TimeSpan Fetch)
{
    /// <summary>Whether work with it needs water: to damp a towel, to wipe after a cleaner, to rinse.</summary>
    public bool TakesWater { get; init; }
}
