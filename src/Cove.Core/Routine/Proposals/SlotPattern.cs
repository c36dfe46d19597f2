using Cove.Core.Routine.Recurrence;

namespace Cove.Core.Routine.Proposals;

/// <summary>A way to give time: one quick slot that comes often, with or without a longer one that comes now and then.</summary>
/// <param name="QuickEvery">Every how many weeks the quick one comes; 1 or 2.</param>
/// <param name="QuickMinutes">How long it is.</param>
/// <param name="LongEvery">Every how many weeks the longer one comes; null for none.</param>
/// <param name="LongMinutes">How long that is; 0 for none.</param>
public sealed record SlotPattern(int QuickEvery, int QuickMinutes, int? LongEvery, int LongMinutes)
{
    private static readonly (int Every, int Minutes)[] Quick =
    [
        (1, 5),
        (1, 10),
        (1, 15),
        (1, 20),
        (1, 25),
        (1, 30),
        (1, 40),
        (2, 15),
        (2, 25),
        (2, 40),
    ];

    /// <summary>The rarer, the longer: what waits longer is more.</summary>
    private static readonly (int? Every, int Minutes)[] Long =
    [
        (null, 0),
        (4, 45),
        (6, 60),
        (8, 75),
        (13, 90),
        (26, 120),
    ];

    /// <summary>All that are compared, sixty of them: quick ones from 5 to 40 minutes, longer ones from three quarters of an hour to two hours. The choice is Cove's own.</summary>
    public static IReadOnlyList<SlotPattern> All { get; } =
    [
        .. Quick.SelectMany(quick =>
            Long.Select(rare => new SlotPattern(quick.Every, quick.Minutes, rare.Every, rare.Minutes))
        ),
    ];

    /// <summary>The minutes that it asks for in an average week.</summary>
    public double MinutesAWeek =>
        (QuickMinutes / (double)QuickEvery) + (LongEvery is { } weeks ? LongMinutes / (double)weeks : 0);

    /// <summary>The pattern as a person would say it.</summary>
    public string InWords()
    {
        string quick = $"{QuickMinutes} minutes {RecurrenceWords.Of(RuleOf(QuickEvery)).ToLowerInvariant()}";
        return LongEvery is { } weeks
            ? $"{quick}, and {LongMinutes} minutes {RecurrenceWords.Of(RuleOf(weeks)).ToLowerInvariant()}"
            : quick;
    }

    /// <summary>The rule by which a slot of it comes.</summary>
    /// <param name="weeks">Every how many weeks.</param>
    internal static RecurrenceRule RuleOf(int weeks) =>
        RecurrenceRule.Parse(weeks == 1 ? "FREQ=WEEKLY" : $"FREQ=WEEKLY;INTERVAL={weeks}");
}
