using Cove.Core.Catalogue.Tools;

namespace Cove.Core.Methods.Towels;

/// <summary>Sorts used towels into loads of washing. Common practice.</summary>
public static class Laundry
{
    /// <summary>The loads that some towels make.</summary>
    /// <param name="used">How many of each role.</param>
    public static IReadOnlyList<LaundryLoad> Of(IEnumerable<(TowelRole Role, int Count)> used) =>
        [
            .. used.Where(towels => towels.Count > 0)
                .GroupBy(towels => KindOf(towels.Role))
                .OrderBy(load => load.Key)
                .Select(load => new LaundryLoad(
                    load.Key,
                    [
                        .. load.GroupBy(towels => towels.Role, towels => towels.Count)
                            .OrderBy(role => role.Key)
                            .Select(role => (role.Key, role.Sum())),
                    ]
                )),
        ];

    private static LoadKind KindOf(TowelRole role) =>
        role switch
        {
            TowelRole.GlassWet or TowelRole.GlassDry => LoadKind.Glass,
            TowelRole.Dirty or TowelRole.Mats => LoadKind.Dirty,
            _ => LoadKind.Clean,
        };
}

/// <summary>Towels that are washed together.</summary>
/// <param name="Kind">What kind of load.</param>
/// <param name="Towels">How many of each role.</param>
public sealed record LaundryLoad(LoadKind Kind, IReadOnlyList<(TowelRole Role, int Count)> Towels)
{
    /// <summary>What it is called.</summary>
    public string Name =>
        Kind switch
        {
            LoadKind.Glass => "Glass towels, by themselves",
            LoadKind.Clean => "Interior towels",
            _ => "Dirty towels",
        };

    /// <summary>How it is washed, as one sentence.</summary>
    public string How =>
        Kind switch
        {
            LoadKind.Glass =>
                "Wash warm, little detergent, no softener: it would streak the glass. No high heat.",
            LoadKind.Clean =>
                "Wash warm without softener, apart from cotton and from dirty towels. No high heat.",
            _ => "Rinse first, then wash hot enough to be clean, never with the others.",
        };
}

/// <summary>A kind of load.</summary>
public enum LoadKind
{
    /// <summary>Towels kept for glass.</summary>
    Glass,

    /// <summary>Towels for the interior, for buffing and for screens.</summary>
    Clean,

    /// <summary>Towels for pedals, shuts and mats.</summary>
    Dirty,
}
