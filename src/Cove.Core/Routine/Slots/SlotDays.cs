namespace Cove.Core.Routine.Slots;

/// <summary>Works out the days of one slot.</summary>
internal static class SlotDays
{
    /// <summary>The days of a slot from its first one to a last one, in no order. A day that is added where the rule has one already is that one.</summary>
    /// <param name="slot">The slot.</param>
    /// <param name="last">The last day.</param>
    /// <param name="zone">The owner's time zone.</param>
    public static IEnumerable<SlotDay> Of(Slot slot, DateOnly last, TimeZoneInfo zone) =>
        Each(slot, last, zone).DistinctBy(day => day.RuleDay);

    private static IEnumerable<SlotDay> Each(Slot slot, DateOnly last, TimeZoneInfo zone)
    {
        ILookup<DateOnly, SlotChange> changes = slot.Changes.ToLookup(change => change.Day);
        // A day may be moved forward from beyond the last one.
        DateOnly reach = slot
            .Changes.Where(change => change.Kind == SlotChangeKind.Moved)
            .Select(change => change.Day)
            .Append(last)
            .Max();
        foreach (DateOnly day in slot.Rule.Days(slot.From, reach, IsPast))
        {
            SlotChange? change = changes[day].FirstOrDefault(one => one.Kind != SlotChangeKind.Added);
            if (change?.Kind == SlotChangeKind.Skipped)
            {
                continue;
            }

            yield return new SlotDay(
                slot,
                day,
                change?.To ?? day,
                change?.Time ?? slot.Time,
                change?.Minutes ?? slot.Minutes
            );
        }

        foreach (SlotChange added in slot.Changes.Where(change => change.Kind == SlotChangeKind.Added))
        {
            yield return new SlotDay(
                slot,
                added.Day,
                added.Day,
                added.Time ?? slot.Time,
                added.Minutes ?? slot.Minutes
            );
        }

        bool IsPast(DateOnly day, DateTimeOffset end) => LocalTime.InstantOf(day, slot.Time, zone) > end;
    }
}
