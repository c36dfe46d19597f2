using Cove.Core.Upkeep.Levels;

namespace Cove.Core.Methods.Glass;

/// <summary>What film is called.</summary>
public static class FilmWords
{
    private static readonly Share MostlyOily = new(0.6);
    private static readonly Share MostlyLight = new(0.4);

    /// <summary>Whether a pane is to be called oily.</summary>
    public static bool IsOily(Film film) => film.Whole > GlassAdvisor.Clear && film.OilyShare >= MostlyOily;

    /// <summary>What lies on a pane, in one or two words.</summary>
    public static string Of(Film film) =>
        film.Whole <= GlassAdvisor.Clear ? "clear"
        : IsOily(film) ? "oily film"
        : film.OilyShare <= MostlyLight ? "dust, prints"
        : "dust on film";
}
