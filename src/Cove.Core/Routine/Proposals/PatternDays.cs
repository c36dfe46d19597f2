using Cove.Core.Methods;
using Cove.Core.Routine.Planning;
using Cove.Core.Routine.Slots;

namespace Cove.Core.Routine.Proposals;

/// <summary>The days that patterns of slots may use: those of the quick slot and those of the longer one, all at the times and places that the owner has now.</summary>
internal sealed class PatternDays
{
    private const int DaysOfWeek = 7;

    private readonly Slot quick;
    private readonly Slot rare;
    private readonly DateOnly today;

    /// <summary>Takes days, times and places from a routine; what it lacks comes from a first one.</summary>
    public PatternDays(CarRoutine like, CarYear year, TimeZoneInfo zone)
    {
        today = year.Today;
        CarRoutine first = FirstRoutine.For(year.Now, today);
        Slot[] byFrequency =
        [
            .. like.Slots.OrderByDescending(slot =>
                new CarRoutine([slot]).Days(today, today.AddYears(1), zone).Count
            ),
        ];
        quick = Next(byFrequency.FirstOrDefault() ?? first.Slots[0], zone);
        rare = Next(
            byFrequency.Skip(1).FirstOrDefault(slot => slot.Place.Standing == Standing.UntilTomorrow)
                ?? first.Slots[1] with
                {
                    Place = quick.Place with { Standing = Standing.UntilTomorrow },
                    From = quick.From.AddDays(1),
                },
            zone
        );
    }

    /// <summary>Every day that a pattern may use, the earliest first, with whether it is one of the longer slot, and its week.</summary>
    /// <param name="patterns">The patterns.</param>
    /// <param name="last">The last day.</param>
    /// <param name="away">When the owner is away.</param>
    public IReadOnlyList<(SlotDay Day, bool IsLong, int Week)> All(
        IReadOnlyList<SlotPattern> patterns,
        DateOnly last,
        IReadOnlyList<Away> away
    )
    {
        int[] rhythms = [.. patterns.Select(pattern => pattern.LongEvery).OfType<int>().Distinct()];
        return
        [
            .. Weeks(quick, false)
                .Concat(Weeks(rare, true).Where(day => rhythms.Any(weeks => day.Week % weeks == 0)))
                .Where(day => !away.Any(spell => spell.Covers(day.Day.Day)))
                .OrderBy(day => day.Day.Day)
                .ThenBy(day => day.IsLong),
        ];

        IEnumerable<(SlotDay Day, bool IsLong, int Week)> Weeks(Slot slot, bool isLong)
        {
            for (int week = 0; slot.From.AddDays(week * DaysOfWeek) <= last; week++)
            {
                DateOnly day = slot.From.AddDays(week * DaysOfWeek);
                yield return (new SlotDay(slot, day, day, slot.Time, slot.Minutes), isLong, week);
            }
        }
    }

    /// <summary>A pattern as slots, on the days, times and places of these.</summary>
    public IReadOnlyList<Slot> SlotsOf(SlotPattern pattern)
    {
        var often = quick with
        {
            Rule = SlotPattern.RuleOf(pattern.QuickEvery),
            Minutes = pattern.QuickMinutes,
        };
        return pattern.LongEvery is { } weeks
            ? [often, rare with { Rule = SlotPattern.RuleOf(weeks), Minutes = pattern.LongMinutes }]
            : [often];
    }

    /// <summary>A slot from its next day on, free of single days that were otherwise.</summary>
    private Slot Next(Slot slot, TimeZoneInfo zone)
    {
        Slot bare = slot with { Changes = [], Use = SlotUse.Everything };
        DateOnly next = new CarRoutine([bare])
            .Days(today, today.AddYears(1), zone)
            .Select(day => day.Day)
            .FirstOrDefault(slot.From);
        return bare with { From = next >= today ? next : today };
    }
}
