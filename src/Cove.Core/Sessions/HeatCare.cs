using Cove.Core.Methods;

namespace Cove.Core.Sessions;

/// <summary>What protects whoever works in the heat, said before work begins. Common practice.</summary>
public static class HeatCare
{
    private const int FirstWarmMonth = 5;
    private const int LastWarmMonth = 9;
    private const int FromHour = 11;
    private const int UntilHour = 19;

    /// <summary>What to bear in mind at a place; nothing where it is neither hot nor in the sun.</summary>
    /// <param name="place">Where the owner works today.</param>
    public static IReadOnlyList<string> CautionsAt(Workplace place) =>
        place.Hot || place.AtGlass.InSun
            ?
            [
                "Work in shade with every door open, or wait for the cool of the evening; nobody works in a closed hot car.",
                "Drink before you begin and every quarter of an hour.",
                "Buckles, belt tongues and dark plastics burn: touch them with the back of the hand first.",
                "Dizzy, cold sweat or a headache: stop, get into the cool, drink, and do not drive.",
            ]
            : [];

    /// <summary>Whether to ask how hot it is: nobody has said today, and month and hour suggest heat. Which months and hours do is Cove's own choice, for temperate northern places; whoever lives elsewhere says it with the place.</summary>
    /// <param name="place">Where the owner works today.</param>
    /// <param name="now">The present instant, with the hour as the owner's clock shows it.</param>
    public static bool IsWorthAsking(Workplace place, DateTimeOffset now) =>
        !place.WasSaidToday
        && now.Month is >= FirstWarmMonth and <= LastWarmMonth
        && now.Hour is >= FromHour and < UntilHour;
}
