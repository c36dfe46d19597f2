using Cove.Core.Catalogue.Tools;

namespace Cove.Core.Methods.Towels;

/// <summary>The towels of one role that work takes, beside those that are owned: what is carried are the owner's own, by their colour.</summary>
/// <param name="Role">What they are kept for.</param>
/// <param name="Wanted">How many the work takes; 1 or more.</param>
/// <param name="Owned">How many the owner has of the role; null when nothing was told of towels.</param>
/// <param name="Colour">Their colour; empty when none was told.</param>
public sealed record TowelWant(TowelRole Role, int Wanted, int? Owned, string Colour)
{
    /// <summary>How many to carry: never more than there are.</summary>
    public int Carried => Math.Min(Wanted, Owned ?? Wanted);

    /// <summary>What to carry, as a few words, and what to do where there are too few.</summary>
    public string Words
    {
        get
        {
            string name = ToolWords.NameOf(Role).ToLowerInvariant();
            string colour = Colour.Length > 0 ? $" ({Colour.ToLowerInvariant()})" : string.Empty;
            return Carried == 0
                    ? $"none of yours for {name}: take {Wanted} clean, lint-free ones and keep them for it"
                : Carried < Wanted
                    ? $"{Carried} × {name}{colour}, rinsed and wrung out in between, for there is work for {Wanted}"
                : $"{Carried} × {name}{colour}";
        }
    }

    /// <summary>Sets what work takes beside what is owned.</summary>
    /// <param name="wanted">How many of each role the work takes.</param>
    /// <param name="owned">The owner's towels; none when nothing was told.</param>
    public static IReadOnlyList<TowelWant> Of(
        IReadOnlyDictionary<TowelRole, int> wanted,
        IReadOnlyList<OwnedTowels> owned
    ) =>
        [
            .. wanted
                .OrderBy(want => want.Key)
                .Select(want =>
                {
                    OwnedTowels? own = owned.FirstOrDefault(towels => towels.Role == want.Key);
                    return new TowelWant(
                        want.Key,
                        want.Value,
                        owned.Count == 0 ? null : own?.Count ?? 0,
                        own?.Colour ?? string.Empty
                    );
                }),
        ];
}
