using Cove.Core.Catalogue.Tools;
using Cove.Core.Choice;
using Cove.Core.Learning;
using Cove.Core.Schools;
using Cove.Core.Upkeep.Levels;

namespace Cove.Core.Methods.Glass;

/// <summary>Chooses how to clean a pane: of the methods that may touch it and get it clear, the one that takes the least time.</summary>
/// <remarks>Gates come first and never bend to minutes. Whatever the school, nothing reaches tint film that harms it: its method and its product each have to pass.</remarks>
/// <param name="kit">What is at hand.</param>
/// <param name="residues">What this car leaves of each method beside the table.</param>
public sealed class GlassAdvisor(GlassKit kit, LearntResidues residues)
{
    /// <summary>A pane at or below this level counts as clear. Cove's own choice; what the night check calls clear lies below it.</summary>
    public static readonly Level Clear = new(0.2);

    /// <summary>Compares every method on a pane.</summary>
    /// <param name="pane">The pane.</param>
    /// <param name="conditions">What it is like at the glass.</param>
    public GlassAdvice Advise(Pane pane, GlassConditions conditions)
    {
        GlassOption[] options = [.. GlassMethods.All.Select(method => Consider(method, pane, conditions))];
        GlassOption? best = options.Where(option => option.IsEnough).MinBy(option => option.Takes);
        if (best is not null)
        {
            return new GlassAdvice(pane, options, best, null);
        }

        if (conditions.DriesTooSoon)
        {
            GlassConditions shade = conditions with { InSun = false, Touch = GlassTouch.Cool };
            if (Advise(pane, shade).Chosen is { IsEnough: true } later)
            {
                return new GlassAdvice(
                    pane,
                    options,
                    null,
                    $"Wait until it is cool and in shade; then {later.Glass.Method.Name.ToLowerInvariant()} will do."
                );
            }
        }

        // Nothing gets there: what leaves the least, or nothing.
        return new GlassAdvice(
            pane,
            options,
            options.Where(option => option.Gate is null).MinBy(option => option.Left.Whole.Value),
            null
        );
    }

    private GlassOption Consider(GlassMethod glass, Pane pane, GlassConditions conditions)
    {
        double residue = residues.Of(glass.Method.Id).Median;
        int? enough = Enumerable
            .Range(1, glass.MostRounds)
            .Select(rounds => (int?)rounds)
            .FirstOrDefault(rounds => LeftAfter(glass, pane.Film, rounds!.Value, residue).Whole <= Clear);
        int taken = enough ?? glass.MostRounds;
        GlassFind[] finds = [.. glass.Wet.Select(step => kit.Find(step, pane, conditions))];
        return new GlassOption(
            glass,
            GateOf(glass, pane, conditions) ?? Missing(glass, finds),
            enough,
            taken,
            glass.SetUp
                + (
                    glass.PerSquareMetre
                    * (pane.Reach(kit.Has(Tool.ReachTool)) * pane.Surface.Area.SquareMetres * taken)
                ),
            LeftAfter(glass, pane.Film, taken, residue),
            [.. finds.Select(find => find.Pick).OfType<Pick>()]
        );
    }

    private static Film LeftAfter(GlassMethod glass, Film film, int rounds, double residue) =>
        film.After(glass.Method.Removal, rounds).Times(residue);

    /// <summary>Why a method is ruled out on a pane, the gravest first; null when it is not.</summary>
    private GlassGate? GateOf(GlassMethod glass, Pane pane, GlassConditions conditions) =>
        pane.Tinted && glass.NotOnFilm is { } film ? new GlassGate(GateKind.Film, $"Tint film: {Lower(film)}")
        : pane.HasLines && glass.NotOnLines is { } lines
            ? new GlassGate(GateKind.Lines, $"Heater or aerial lines: {Lower(lines)}")
        : pane.IsPlastic && glass.NotOnPlastic is { } plastic ? new GlassGate(GateKind.Plastic, plastic)
        : conditions.Touch == GlassTouch.Cold && glass.NotOnCold is { } cold
            ? new GlassGate(GateKind.Heat, cold)
        : conditions.DriesTooSoon && !glass.BearsHeat
            ? new GlassGate(GateKind.Heat, "In sun or on hot glass it dries to streaks before it is wiped.")
        : glass == GlassMethods.Steam && kit.Ways.Steam == SteamSchool.Avoid
            ? new GlassGate(GateKind.School, "You work without steam.")
        : kit.Ways.GlassLiquid == GlassLiquid.WaterOnly && glass.Liquid == GlassMethodLiquid.Cleaner
            ? new GlassGate(GateKind.School, "You work with water only.")
        : kit.Ways.GlassLiquid == GlassLiquid.Cleaner
        && glass.Liquid == GlassMethodLiquid.Water
        && !conditions.DriesTooSoon
            ? new GlassGate(GateKind.School, "You work with a cleaner on glass.")
        : null;

    private GlassGate? Missing(GlassMethod glass, GlassFind[] finds) =>
        glass.Tools.FirstOrDefault(tool => !kit.Has(tool), Tool.MicrofibreTowel) is var tool
        && tool != Tool.MicrofibreTowel
            ? new GlassGate(GateKind.Kit, $"There is no {Lower(ToolWords.NameOf(tool))} in your kit.")
        : finds.FirstOrDefault(find => find.Pick is null)?.WhyNot is { } why
            ? new GlassGate(GateKind.Kit, why)
        : null;

    private static string Lower(string sentence) => char.ToLowerInvariant(sentence[0]) + sentence[1..];
}
