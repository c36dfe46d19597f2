using System.Globalization;

namespace Cove.Core;

/// <summary>How a day is written in a sentence. What a screen shows by itself is written there.</summary>
public static class DayWords
{
    /// <summary>"Sat 14 Mar", with the year when it is not the present one.</summary>
    /// <param name="day">The day.</param>
    /// <param name="present">A day of the present year.</param>
    public static string Of(DateOnly day, DateOnly present) =>
        day.ToString(day.Year == present.Year ? "ddd d MMM" : "ddd d MMM yyyy", CultureInfo.InvariantCulture);
}
