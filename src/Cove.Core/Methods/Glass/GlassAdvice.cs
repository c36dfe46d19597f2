using Cove.Core.Catalogue.Products;
using Cove.Core.Catalogue.Tools;
using Cove.Core.Choice;
using Cove.Core.Upkeep.Levels;

namespace Cove.Core.Methods.Glass;

/// <summary>How to clean a pane, with everything it was compared with.</summary>
/// <param name="Pane">The pane.</param>
/// <param name="Options">Every method, in the order of <see cref="GlassMethods.All"/>.</param>
/// <param name="Chosen">The cheapest that gets there; where none does, the one that leaves least. Null when none may be used now.</param>
/// <param name="Wait">Why to leave it for now, as one sentence; null when there is no reason to.</param>
public sealed record GlassAdvice(
    Pane Pane,
    IReadOnlyList<GlassOption> Options,
    GlassOption? Chosen,
    string? Wait
)
{
    /// <summary>Why the pane is better left for now; null when it can be got clear, or as clear as its tint film allows.</summary>
    public GlassHold? Hold =>
        Wait is { } wait
            ? new GlassHold(true, "In sun or on hot glass it dries to streaks before it is wiped.", wait)
        : Chosen is { } chosen && (chosen.IsEnough || Pane.Tinted) ? null
        : new GlassHold(
            false,
            Chosen is null
                    ? Options
                        .Select(option => option.Gate)
                        .FirstOrDefault(gate => gate?.Kind == GateKind.Kit)
                        ?.Sentence
                        ?? "Nothing at hand may touch this pane."
                : WouldDo?.Gate is { } way ? $"{way.Sentence} That does not get this film off."
                : "Nothing at hand gets this film off.",
            WouldDo is not null ? "Let the film decide, in Ways of working."
                : ToBuy is { } buy ? $"To buy: {ClassPresets.Of(buy).Name.ToLowerInvariant()}."
                : "Leave it to a specialist."
        )
        {
            Buy = WouldDo is null ? ToBuy : null,
        };

    /// <summary>What is at hand and would get the pane clear, but for the owner's own way of working; null when there is nothing.</summary>
    private GlassOption? WouldDo =>
        Options.FirstOrDefault(option =>
            option is { Gate.Kind: GateKind.School, Enough: not null }
            && option.Picks.Count == option.Glass.Wet.Count()
        );

    /// <summary>What the quickest method lacks that would get the pane clear; null when no purchase helps.</summary>
    private ProductClass? ToBuy =>
        Options
            .Where(option => option.Gate is { Kind: GateKind.Kit } && option.Enough is not null)
            .OrderBy(option => option.Takes)
            .Select(option => option.Glass.Wet.ElementAtOrDefault(option.Picks.Count)?.Uses?.Classes[0])
            .FirstOrDefault(wanted => wanted is not null);
}

/// <summary>Why a pane is left for now.</summary>
/// <param name="ForWeather">Whether it only has to wait for shade and cool.</param>
/// <param name="Why">Why, as one sentence.</param>
/// <param name="WayOut">What to do about it, as one sentence.</param>
public sealed record GlassHold(bool ForWeather, string Why, string WayOut)
{
    /// <summary>The class of product to buy; null when buying does not help.</summary>
    public ProductClass? Buy { get; init; }
}

/// <summary>A method on a pane.</summary>
/// <param name="Glass">The method.</param>
/// <param name="Gate">Why it is ruled out; null when it is not.</param>
/// <param name="Enough">The fewest rounds that get the pane clear; null when it takes more than the method has.</param>
/// <param name="Rounds">The rounds that minutes and what is left are said for: those that are enough, or all there are.</param>
/// <param name="Takes">What it takes.</param>
/// <param name="Left">What is left after it.</param>
/// <param name="Picks">The products it is done with, step by step.</param>
public sealed record GlassOption(
    GlassMethod Glass,
    GlassGate? Gate,
    int? Enough,
    int Rounds,
    TimeSpan Takes,
    Film Left,
    IReadOnlyList<Pick> Picks
)
{
    /// <summary>A difference of three seconds is none.</summary>
    private static readonly TimeSpan SameTime = TimeSpan.FromSeconds(3);

    /// <summary>Names what has to be fetched for it: liquids and the tools beside towels. Two methods with the same are done with one kit.</summary>
    public string Kit =>
        string.Join(
            ',',
            Picks
                .Select(pick => $"{pick.Product.Id}")
                .Concat(Glass.Tools.Select(tool => $"{tool}"))
                .Distinct(StringComparer.Ordinal)
                .Order(StringComparer.Ordinal)
        );

    /// <summary>Whether it may be used and gets the pane clear.</summary>
    public bool IsEnough => Gate is null && Enough is not null;

    /// <summary>How it compares with the choice.</summary>
    /// <param name="chosen">The choice; null when there is none.</param>
    public OptionStanding Beside(GlassOption? chosen) =>
        this == chosen ? OptionStanding.Chosen
        : Gate is { Kind: GateKind.Kit or GateKind.School } ? OptionStanding.NotNow
        : Gate is not null ? OptionStanding.RuledOut
        : Enough is null ? OptionStanding.NotEnough
        : OptionStanding.Fits;

    /// <summary>Why it is not the choice, as one sentence.</summary>
    /// <param name="chosen">The choice; null when there is none.</param>
    public string WhyNot(GlassOption? chosen) =>
        Gate is { } gate ? gate.Sentence
        : Enough is null
            ? $"Leaves too much: {Rounds} {(Rounds == 1 ? "round does" : "rounds do")} not get this film off."
        : chosen is null ? "It would do."
        : Takes - chosen.Takes < -SameTime
            ? "A little quicker here, but the other panes would need another kit."
        : Takes - chosen.Takes < SameTime ? "Does as well in the same time."
        : string.Create(
            System.Globalization.CultureInfo.InvariantCulture,
            $"Gets there too, but takes {(Takes - chosen.Takes).TotalMinutes:0.0} minutes longer."
        );

    /// <summary>How many faces of towels of a role it loads. Oily film loads them faster.</summary>
    public double Faces(TowelRole role, Pane pane) =>
        Glass
            .Method.Steps.Where(step => step.Towel?.Role == role)
            .Sum(step => step.Towel!.FacesPerSquareMetre)
        * pane.Surface.Area.SquareMetres
        * Rounds
        * (1 + Math.Min(1, pane.Film.Oily.Value));
}

/// <summary>How a method compares on a pane.</summary>
public enum OptionStanding
{
    /// <summary>It is planned.</summary>
    Chosen,

    /// <summary>It would do too.</summary>
    Fits,

    /// <summary>It does not get the pane clear.</summary>
    NotEnough,

    /// <summary>Something for it is not at hand, or the owner works otherwise.</summary>
    NotNow,

    /// <summary>It must not touch this pane, or not in this weather.</summary>
    RuledOut,
}

/// <summary>Why a method is ruled out.</summary>
/// <param name="Kind">What stands against it.</param>
/// <param name="Sentence">Why, as one sentence.</param>
public sealed record GlassGate(GateKind Kind, string Sentence);

/// <summary>What stands against a method.</summary>
public enum GateKind
{
    /// <summary>The tint film.</summary>
    Film,

    /// <summary>Heater or aerial lines.</summary>
    Lines,

    /// <summary>The pane is of plastic.</summary>
    Plastic,

    /// <summary>Sun, heat or cold.</summary>
    Heat,

    /// <summary>The owner works otherwise.</summary>
    School,

    /// <summary>Something is not at hand, or what is at hand may not touch the pane.</summary>
    Kit,
}
