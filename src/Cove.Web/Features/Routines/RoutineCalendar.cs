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

    /// <summary>All that is said of a day: when this is the same, so is the event.</summary>
    public static string ContentOf(CalendarDay day, string car, TimeZoneInfo zone) =>
        $"{day.Planned.Day.StartsAt(zone):O} {day.Planned.Day.Minutes}\n{TitleOf(day.Planned, car)}\n{DescriptionOf(day)}";

    /// <summary>Writes the file.</summary>
    /// <param name="days">The days.</param>
    /// <param name="revisions">How often each has changed, by its uid.</param>
    /// <param name="car">What the owner calls the car.</param>
    /// <param name="start">The address at which a session is started.</param>
    /// <param name="zone">The owner's time zone.</param>
    public static string Write(
        IReadOnlyList<CalendarDay> days,
        IReadOnlyDictionary<string, DayRevision> revisions,
        string car,
        Uri start,
        TimeZoneInfo zone
    )
    {
        var calendar = new Ical.Net.Calendar { ProductId = "-//Cove//Routine//EN", Method = "PUBLISH" };
        calendar.AddProperty("NAME", $"{car}: care");
        calendar.AddProperty("X-WR-CALNAME", $"{car}: care");
        foreach (CalendarDay day in days)
        {
            PlannedDay slot = day.Planned;
            string uid = day.Uid;
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
                Description = DescriptionOf(day),
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

    /// <summary>The session in its order, what to mix and what dries, and what to beware of.</summary>
    private static string DescriptionOf(CalendarDay day)
    {
        RunStep[] steps = [.. day.Session.Session.Steps.Where(step => !step.IsChore)];
        var lines = new List<string>(steps.Select((step, at) => $"{at + 1}. {LineOf(step)}"));
        string[] kits =
        [
            .. steps.SelectMany(step => step.Fetch).Distinct().Select(kit => kit.Facts().Contents),
        ];
        if (kits.Length > 0)
        {
            lines.Add($"Fetch: {string.Join("; ", kits)}.");
        }

        lines.AddRange(day.Session.Mixtures.Select(mixture => $"Mix: {mixture}"));
        lines.AddRange(
            steps
                .Where(step => step.Drying > Standing.AnHour.Length())
                .Select(step =>
                    $"{step.Name}: let it dry for {Math.Round(step.Drying.TotalHours)} hours before the car is used."
                )
        );
        lines.AddRange(day.Session.Cautions.Select(caution => $"Care: {caution}"));
        lines.Add("Product labels and makers' instructions come first.");
        return string.Join('\n', lines);
    }

    private static string LineOf(RunStep step)
    {
        string line = $"{step.Name}, {Math.Max(1, Math.Round(step.Planned.TotalMinutes))} min";
        string[] products =
        [
            .. step
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

/// <summary>A day of a routine as a calendar tells it.</summary>
/// <param name="Planned">The day and what it holds.</param>
/// <param name="Session">The same in its order.</param>
/// <param name="Guest">Tells it apart from the other car's part of the same slot; empty for a car's own slots.</param>
internal sealed record CalendarDay(PlannedDay Planned, OrderedSession Session, string Guest)
{
    /// <summary>What names it for ever, even when it is moved.</summary>
    public string Uid =>
        string.Create(
            CultureInfo.InvariantCulture,
            $"{Planned.Day.Slot.Id}-{Planned.Day.RuleDay:yyyyMMdd}{Guest}@cove"
        );
}
