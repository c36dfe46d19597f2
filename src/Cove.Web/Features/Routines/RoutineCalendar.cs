using System.Globalization;
using Ical.Net;
using Ical.Net.CalendarComponents;
using Ical.Net.DataTypes;
using Ical.Net.Serialization;

namespace Cove.Web.Features.Routines;

/// <summary>Writes a routine as a calendar file, RFC 5545: one event for each day of a slot.</summary>
/// <remarks>Each event names its instant in UTC, so it stands right whatever summer time does between here and there.</remarks>
internal static class RoutineCalendar
{
    /// <summary>How far ahead it goes.</summary>
    private const int Weeks = 26;

    /// <summary>How long before a session one is told.</summary>
    private static readonly TimeSpan Alarm = TimeSpan.FromMinutes(30);

    /// <summary>The days that are in it.</summary>
    public static IReadOnlyList<PlannedDay> Days(RoutinePlan plan, DateOnly today) =>
        [.. plan.Slots.Where(slot => slot.Day.Day <= today.AddDays(7 * Weeks))];

    /// <summary>What names a day for ever, even when it is moved.</summary>
    public static string UidOf(PlannedDay slot) =>
        string.Create(CultureInfo.InvariantCulture, $"{slot.Day.Slot.Id}-{slot.Day.RuleDay:yyyyMMdd}@cove");

    /// <summary>All that is said of a day: when this is the same, so is the event.</summary>
    public static string ContentOf(PlannedDay slot, string car, TimeZoneInfo zone) =>
        $"{slot.Day.StartsAt(zone):O} {slot.Day.Minutes}\n{TitleOf(slot, car)}\n{DescriptionOf(slot)}";

    /// <summary>Writes the file.</summary>
    /// <param name="days">The days.</param>
    /// <param name="revisions">How often each has changed, by its uid.</param>
    /// <param name="car">What the owner calls the car.</param>
    /// <param name="start">The address at which a session is started.</param>
    /// <param name="zone">The owner's time zone.</param>
    public static string Write(
        IReadOnlyList<PlannedDay> days,
        IReadOnlyDictionary<string, DayRevision> revisions,
        string car,
        Uri start,
        TimeZoneInfo zone
    )
    {
        var calendar = new Ical.Net.Calendar { ProductId = "-//Cove//Routine//EN", Method = "PUBLISH" };
        calendar.AddProperty("NAME", $"{car}: care");
        calendar.AddProperty("X-WR-CALNAME", $"{car}: care");
        foreach (PlannedDay slot in days)
        {
            string uid = UidOf(slot);
            DayRevision revision = revisions[uid];
            DateTimeOffset begins = slot.Day.StartsAt(zone);
            string title = TitleOf(slot, car);
            var happening = new CalendarEvent
            {
                Uid = uid,
                Sequence = revision.Sequence,
                DtStamp = In(revision.ChangedAt),
                LastModified = In(revision.ChangedAt),
                Start = In(begins),
                End = In(begins.AddMinutes(slot.Day.Minutes)),
                Summary = title,
                Description = DescriptionOf(slot),
                Url = start,
            };
            happening.Alarms.Add(
                new Ical.Net.CalendarComponents.Alarm
                {
                    Action = AlarmAction.Display,
                    Description = title,
                    Trigger = new Trigger(Duration.FromTimeSpanExact(-Alarm)),
                }
            );
            calendar.Events.Add(happening);
        }

        return new CalendarSerializer().SerializeToString(calendar) ?? string.Empty;
    }

    private static CalDateTime In(DateTimeOffset instant) => new(instant.UtcDateTime, "UTC");

    private static string TitleOf(PlannedDay slot, string car) =>
        slot.Tasks.Count == 0
            ? $"{car}: {slot.Day.Minutes} min, nothing due"
            : $"{car}: {slot.Day.Minutes} min: {string.Join(", ", slot.Tasks.Select(visit => visit.Item.Task.ShortName.ToLowerInvariant()))}";

    private static string DescriptionOf(PlannedDay slot)
    {
        var lines = new List<string>(slot.Tasks.Select((visit, at) => $"{at + 1}. {LineOf(visit)}"));
        string[] kits =
        [
            .. slot
                .Tasks.SelectMany(visit => visit.Item.Task.Kits)
                .Distinct()
                .Select(kit => kit.Facts().Contents),
        ];
        if (kits.Length > 0)
        {
            lines.Add($"Fetch: {string.Join("; ", kits)}.");
        }

        lines.AddRange(
            slot.Tasks.Where(visit => visit.Item.Task.Drying > Standing.AnHour.Length())
                .Select(visit =>
                    $"{visit.Item.Task.Name}: let it dry for {Math.Round(visit.Item.Task.Drying.TotalHours)} hours before the car is used."
                )
        );
        lines.Add("Product labels and makers' instructions come first.");
        return string.Join('\n', lines);
    }

    private static string LineOf(PlannedVisit visit)
    {
        string line = string.Create(
            CultureInfo.InvariantCulture,
            $"{visit.Item.Task.Name}, {visit.Minutes:0.#} min"
        );
        string[] products =
        [
            .. visit
                .Products.Select(product =>
                    product.Strength.Share < 1
                        ? $"{product.Name}, {product.Strength.InWords()}"
                        : product.Name
                )
                .Distinct(StringComparer.Ordinal),
        ];
        return products.Length == 0 ? line : $"{line}: {string.Join("; ", products)}";
    }
}
