using System.Globalization;
using Cove.Core.Learning;
using Cove.Core.Log;

namespace Cove.Core.DeepCleaning;

/// <summary>Says in words how it stands with a deep clean.</summary>
public static class DeepCleanWords
{
    private const int Week = 7;

    /// <summary>A shift shorter than this is not worth a word, in days: the band is far wider.</summary>
    private const int WorthSaying = 10;

    /// <summary>When it is due, in one or two sentences.</summary>
    /// <param name="forecast">The forecast.</param>
    /// <param name="today">The owner's day.</param>
    public static string Of(DeepCleanForecast forecast, DateOnly today)
    {
        if (forecast.Path.Count == 0)
        {
            return "Nothing in this car takes soil in so deep that it needs a deep clean.";
        }

        if (forecast.Due is not { } due)
        {
            return "With this routine no deep clean is due within ten years.";
        }

        string name = forecast.First!.Name;
        string where = $"{char.ToLowerInvariant(name[0])}{name[1..]}";
        return due <= today
            ? $"A deep clean is due: {where} holds more than vacuum and foam bring out."
            : $"A deep clean is due about {Month(due)}{Band(forecast, today)}. First to need it: {where}.";
    }

    /// <summary>What another plan or use does to it, in one sentence; empty where that is nothing to speak of.</summary>
    /// <param name="now">When it is due as it is; null beyond the reckoning.</param>
    /// <param name="then">When it would be due.</param>
    public static string Shift(DateOnly? now, DateOnly? then)
    {
        if (now is not { } known || then is not { } other)
        {
            return (now, then) switch
            {
                (null, { } sooner) => $"It brings a deep clean nearer: it is due about {Month(sooner)}.",
                ({ }, null) => "It puts the deep clean off beyond ten years.",
                _ => string.Empty,
            };
        }

        int days = other.DayNumber - known.DayNumber;
        return Math.Abs(days) < WorthSaying ? string.Empty
            : days > 0 ? $"It puts the deep clean off by {Span(days)}."
            : $"It brings the deep clean nearer by {Span(-days)}.";
    }

    /// <summary>What the routine spares, in one sentence; empty where the price of a shop is not known, or it spares nothing.</summary>
    /// <param name="spacing">How far apart deep cleans lie.</param>
    /// <param name="shop">What a shop asks for one; null when that is not known.</param>
    /// <param name="currency">The owner's currency; empty for amounts without one.</param>
    public static string Spared(DeepCleanSpacing spacing, decimal? shop, string currency)
    {
        if (shop is not { } price || spacing.SparedAYear < 0.1)
        {
            return string.Empty;
        }

        string amount = Math.Round(price * (decimal)spacing.SparedAYear)
            .ToString(CultureInfo.InvariantCulture);
        string money = currency.Length > 0 ? $"{amount} {currency}" : amount;
        return string.Create(
            CultureInfo.InvariantCulture,
            $"To keep it as clean by a shop alone would take {spacing.SparedAYear:0.0} more deep cleans a year, about {money}. The routine saves them."
        );
    }

    /// <summary>A deep clean and who did it, in a few words.</summary>
    public static string By(DeepCleanBy by) =>
        by switch
        {
            DeepCleanBy.Shop => "Deep clean, by a shop",
            DeepCleanBy.HiredMachine => "Deep clean, with a hired machine",
            DeepCleanBy.OwnMachine => "Deep clean, with an own machine",
            _ => throw new ArgumentOutOfRangeException(
                nameof(by),
                by,
                "There is no such way to have it done."
            ),
        };

    /// <summary>How fast soil settles in a car, in one sentence.</summary>
    /// <param name="pressing">What is believed of it.</param>
    public static string OfPressing(RateBelief pressing) =>
        pressing.Looks == 0
            ? "No checks yet, so Cove assumes that soil settles here as in most cars."
            : pressing.Median switch
            {
                > 1.15 => string.Create(
                    CultureInfo.InvariantCulture,
                    $"Soil settles about {pressing.Median:0.0} times as fast here as in most cars."
                ),
                < 0.87 => string.Create(
                    CultureInfo.InvariantCulture,
                    $"Soil settles slower here than in most cars: about {pressing.Median:0.0} of it."
                ),
                _ => "Soil settles here about as fast as in most cars.",
            };

    /// <summary>A number of days as a person would say it: in weeks, then in months.</summary>
    /// <param name="days">The days; 0 or more.</param>
    public static string Span(int days) =>
        days < 14 * Week
            ? Count(Math.Max(1, (int)Math.Round((double)days / Week)), "week")
            : Count((int)Math.Round(days / 30.44), "month");

    private static string Band(DeepCleanForecast forecast, DateOnly today)
    {
        string from = forecast.Soonest is { } day && day > today ? Month(day) : "now";
        return forecast.Latest is { } latest
            ? $", in nine cases of ten between {from} and {Month(latest)}"
            : $", in nine cases of ten not before {from}";
    }

    private static string Count(int amount, string what) =>
        string.Create(CultureInfo.InvariantCulture, $"{amount} {what}{(amount == 1 ? string.Empty : "s")}");

    private static string Month(DateOnly day) => day.ToString("MMMM yyyy", CultureInfo.InvariantCulture);
}
