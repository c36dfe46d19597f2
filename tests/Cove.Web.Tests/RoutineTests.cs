using Ical.Net;
using Ical.Net.CalendarComponents;

namespace Cove.Web.Tests;

/// <summary>The routine of a car over HTTP: kept, planned, told to a calendar.</summary>
public sealed class RoutineTests
{
    private const string Saturdays =
        """{"id":"00000000-0000-4000-8000-00000000a001","rule":"FREQ=WEEKLY","from":"2026-03-14","time":"10:30:00","minutes":25}""";

    [Fact]
    public async Task A_routine_is_kept_and_planned_and_the_next_session_is_told()
    {
        using var cove = new CoveHost(demo: true);
        string routine = await Empty(cove);

        HttpResponseMessage kept = await Keep(cove, routine, Slots(Saturdays), "2");

        Assert.Equal(HttpStatusCode.OK, kept.StatusCode);
        JsonObject plan = await cove.Get($"{routine}/plan");
        JsonObject next = await cove.Get($"{routine}/next");
        Assert.InRange(plan["slots"]!.AsArray().Count, 51, 54);
        Assert.NotEmpty(plan["tasks"]!.AsArray());
        Assert.All(
            plan["slots"]!.AsArray(),
            slot => Assert.True((double)slot!["used"]! <= (double)slot["room"]!)
        );
        Assert.True((bool)next["isToday"]!);
        Assert.Equal("2026-03-14", (string)next["slot"]!["day"]!);
    }

    [Fact]
    public async Task The_session_of_todays_slot_holds_what_was_planned_and_is_started_as_shown()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = $"/api/vehicles/{await cove.Vehicle()}";
        JsonNode slot = (await cove.Get($"{vehicle}/routine/next"))["slot"]!;

        JsonObject today = await cove.Get($"{vehicle}/today?minutes={slot["minutes"]}&slot=true");
        HttpResponseMessage started = await cove.Post(
            $"{vehicle}/runs",
            $$"""{"minutes":{{slot["minutes"]}},"plan":"{{today["plan"]}}","ofSlot":true}""",
            ("Idempotency-Key", "0123456789abcdef")
        );

        Assert.True((bool)today["ofSlot"]!);
        Assert.Equal(HttpStatusCode.Created, started.StatusCode);
        string[] planned = [.. slot["tasks"]!.AsArray().Select(task => (string)task!["taskId"]!)];
        HashSet<string> held = [.. today["steps"]!.AsArray().Select(step => (string)step!["taskId"]!)];
        // What was planned comes first; what is left of the minutes goes to the best of the rest.
        Assert.True(planned.Count(held.Contains) >= planned.Length * 0.75, string.Join(", ", held));
    }

    [Fact]
    public async Task Whoever_has_cleaned_today_is_told_of_the_next_slot()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = $"/api/vehicles/{await cove.Vehicle()}";
        DateTimeOffset now = cove.Clock.GetUtcNow();
        cove.Execute(
            $"UPDATE Log SET At = {now.ToUnixTimeMilliseconds()} WHERE Id = (SELECT Id FROM Log WHERE Kind = 'Care' AND UndoneAt IS NULL LIMIT 1)"
        );

        JsonObject next = await cove.Get($"{vehicle}/routine/next");

        Assert.False((bool)next["isToday"]!);
    }

    [Fact]
    public async Task Slots_that_passed_without_a_session_are_told_and_their_work_comes_later()
    {
        using var cove = new CoveHost(demo: true);
        string routine = await Empty(cove);
        await Keep(cove, routine, Slots(Saturdays), "2");
        cove.Clock.Advance(TimeSpan.FromDays(9));

        JsonObject plan = await cove.Get($"{routine}/plan");

        Assert.Equal(["2026-03-14", "2026-03-21"], plan["missed"]!.AsArray().Select(day => (string)day!));
        Assert.Equal("2026-03-28", (string)plan["slots"]![0]!["day"]!);
        Assert.Contains(plan["slots"]![0]!["tasks"]!.AsArray(), task => (bool)task!["overdue"]!);
    }

    [Theory]
    [InlineData("""{"rule":"FREQ=WEEKLY","minutes":0}""", "slots[0].minutes")]
    [InlineData("""{"rule":"FREQ=WEEKLY","minutes":900}""", "slots[0].minutes")]
    [InlineData("""{"rule":"FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30","minutes":25}""", "slots[0].rule")]
    [InlineData("""{"rule":"FREQ=DAILY","minutes":25}""", "slots[0].rule")]
    [InlineData("""{"rule":"FREQ=SECONDLY","minutes":25}""", "slots[0].rule")]
    [InlineData("""{"rule":"every now and then","minutes":25}""", "slots[0].rule")]
    [InlineData("""{"rule":"FREQ=WEEKLY;UNTIL=20250101","minutes":25}""", "slots[0].rule")]
    public async Task What_no_slot_can_be_is_answered_with_a_sentence_and_nothing_is_stored(
        string part,
        string field
    )
    {
        using var cove = new CoveHost(demo: true);
        string routine = $"/api/vehicles/{await cove.Vehicle()}/routine";
        string before = (await cove.Get(routine))["routine"]!.ToJsonString();
        JsonObject slot = JsonNode.Parse(Saturdays)!.AsObject();
        foreach (var (name, value) in JsonNode.Parse(part)!.AsObject())
        {
            slot[name] = value!.DeepClone();
        }

        HttpResponseMessage answer = await Keep(cove, routine, Slots(slot.ToJsonString()), "1");

        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        JsonNode errors = (await answer.Content.ReadFromJsonAsync<JsonObject>())!["errors"]!;
        Assert.EndsWith(".", (string)errors[field]![0]!, StringComparison.Ordinal);
        Assert.Equal(before, (await cove.Get(routine))["routine"]!.ToJsonString());
    }

    [Fact]
    public async Task A_thousand_slots_are_too_many()
    {
        using var cove = new CoveHost(demo: true);
        string routine = $"/api/vehicles/{await cove.Vehicle()}/routine";

        HttpResponseMessage answer = await Keep(
            cove,
            routine,
            Slots([.. Enumerable.Repeat(Saturdays, 1000)]),
            "1"
        );

        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Contains("12 slots", await answer.Content.ReadAsStringAsync(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_change_needs_the_version_that_was_seen()
    {
        using var cove = new CoveHost(demo: true);
        string routine = $"/api/vehicles/{await cove.Vehicle()}/routine";

        HttpResponseMessage without = await cove.Send(HttpMethod.Put, routine, Slots(Saturdays));
        HttpResponseMessage stale = await Keep(cove, routine, Slots(Saturdays), "0");

        Assert.Equal(HttpStatusCode.PreconditionRequired, without.StatusCode);
        Assert.Equal(HttpStatusCode.PreconditionFailed, stale.StatusCode);
    }

    // Published: RFC 5545. Reference: Ical.Net reads the file back.
    [Fact]
    public async Task The_calendar_read_back_has_the_same_sessions_and_counts_only_what_changed()
    {
        using var cove = new CoveHost(demo: true);
        string routine = await Empty(cove);
        await Keep(cove, routine, Slots(Saturdays), "2");
        JsonArray slots = (await cove.Get($"{routine}/plan"))["slots"]!.AsArray();

        Calendar first = await Read(cove, $"{routine}/calendar");
        Calendar again = await Read(cove, $"{routine}/calendar");
        await Keep(
            cove,
            routine,
            Slots(
                Saturdays.Replace(
                    "\"minutes\":25",
                    """
                    "minutes":25,"changes":[{"day":"2026-03-28","kind":"moved","to":"2026-03-29","time":"11:00:00"}]
                    """,
                    StringComparison.Ordinal
                )
            ),
            "3"
        );
        Calendar moved = await Read(cove, $"{routine}/calendar");

        Assert.Equal(
            slots.Take(first.Events.Count).Select(slot => (DateTimeOffset)slot!["starts"]!),
            first.Events.OrderBy(day => day.Start!.AsUtc).Select(day => new DateTimeOffset(day.Start!.AsUtc))
        );
        Assert.InRange(first.Events.Count, 26, 27);
        Assert.All(
            first.Events,
            day => Assert.Equal(TimeSpan.FromMinutes(25), day.End!.AsUtc - day.Start!.AsUtc)
        );
        Assert.All(first.Events, day => Assert.Single(day.Alarms));
        Assert.Contains(
            first.Events,
            day =>
                day.Description!.Contains(
                    "min: streak-free glass cleaner",
                    StringComparison.OrdinalIgnoreCase
                )
        );
        Assert.Equal(first.Events.Select(Name), again.Events.Select(Name));
        CalendarEvent other = moved.Events.Single(day =>
            day.Uid!.Contains("-20260328@", StringComparison.Ordinal)
        );
        Assert.Equal(1, other.Sequence);
        Assert.Equal(new DateTime(2026, 3, 29, 11, 0, 0, DateTimeKind.Utc), other.Start!.AsUtc);
        Assert.Equal(
            first.Events.Select(day => day.Uid).Order(StringComparer.Ordinal),
            moved.Events.Select(day => day.Uid).Order(StringComparer.Ordinal)
        );

        static string Name(CalendarEvent day) => $"{day.Uid} {day.Sequence} {day.DtStamp}";
    }

    [Fact]
    public async Task A_day_on_which_nothing_happens_changes_hardly_anything_in_the_calendar()
    {
        using var cove = new CoveHost(demo: true);
        string routine = $"/api/vehicles/{await cove.Vehicle()}/routine";
        (
            await Keep(cove, routine, (await cove.Get(routine))["routine"]!.ToJsonString(), "1")
        ).EnsureSuccessStatusCode();
        cove.Clock.Advance(TimeSpan.FromDays(1));
        Calendar sunday = await Read(cove, $"{routine}/calendar");
        cove.Clock.Advance(TimeSpan.FromDays(1));

        Calendar monday = await Read(cove, $"{routine}/calendar");

        int changed = sunday.Events.Count(day =>
            monday.Events.Single(other => other.Uid == day.Uid).Sequence != day.Sequence
        );
        Assert.InRange(changed, 0, sunday.Events.Count / 10);
        Assert.All(
            monday.Events,
            day => Assert.Contains("Care: ", day.Description!, StringComparison.Ordinal)
        );
    }

    [Fact]
    public async Task The_address_of_the_calendar_is_secret_and_a_new_one_ends_the_old()
    {
        using var cove = new CoveHost(demo: true);
        string routine = $"/api/vehicles/{await cove.Vehicle()}/routine";

        string first = await Renew(cove, routine);
        string second = await Renew(cove, routine);

        Assert.Equal(
            HttpStatusCode.NotFound,
            (await cove.Http.GetAsync(new Uri(first, UriKind.Relative))).StatusCode
        );
        Assert.NotEmpty((await Read(cove, second)).Events);
        Assert.True(second.Length > 50);
        Assert.Equal(second, (string)(await cove.Get(routine))["feed"]!);
    }

    private static async Task<string> Renew(CoveHost cove, string routine)
    {
        HttpResponseMessage answer = await cove.Post($"{routine}/feed", string.Empty);
        answer.EnsureSuccessStatusCode();
        return (string)(await answer.Content.ReadFromJsonAsync<JsonObject>())!["feed"]!;
    }

    /// <summary>Takes the routine of the demo away.</summary>
    private static async Task<string> Empty(CoveHost cove)
    {
        string routine = $"/api/vehicles/{await cove.Vehicle()}/routine";
        (await Keep(cove, routine, "{}", "1")).EnsureSuccessStatusCode();
        return routine;
    }

    private static Task<HttpResponseMessage> Keep(
        CoveHost cove,
        string routine,
        string body,
        string version
    ) => cove.Send(HttpMethod.Put, routine, body, ("If-Match", $"\"{version}\""));

    private static string Slots(params string[] slots) => $$"""{"slots":[{{string.Join(',', slots)}}]}""";

    private static async Task<Calendar> Read(CoveHost cove, string path)
    {
        HttpResponseMessage answer = await cove.Http.GetAsync(new Uri(path, UriKind.Relative));
        answer.EnsureSuccessStatusCode();
        Assert.Equal("text/calendar", answer.Content.Headers.ContentType!.MediaType);
        return Calendar.Load(await answer.Content.ReadAsStringAsync())!;
    }
}
