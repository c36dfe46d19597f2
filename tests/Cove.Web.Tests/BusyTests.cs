using System.Globalization;
using System.Net.Http.Headers;
using System.Text;

namespace Cove.Web.Tests;

/// <summary>Busy times out of a calendar file, over HTTP.</summary>
public sealed class BusyTests(BusyTests.Demo demo) : IClassFixture<BusyTests.Demo>
{
    private readonly CoveHost cove = demo.Cove;

    /// <summary>One server for all: each test says what is busy before it looks.</summary>
    public sealed class Demo : IDisposable
    {
        public CoveHost Cove { get; } = new(demo: true);

        public void Dispose() => Cove.Dispose();
    }

    [Fact]
    public async Task Sessions_that_collide_say_so_and_a_free_time_near_is_offered()
    {
        string plan = $"/api/vehicles/{await cove.Vehicle()}/routine/plan";

        HttpResponseMessage answer = await Send(
            Event(
                "DTSTART:20260321T090000Z",
                "DTEND:20260321T103000Z",
                "RRULE:FREQ=WEEKLY;COUNT=3",
                "EXDATE:20260328T090000Z"
            )
        );

        Assert.Equal(HttpStatusCode.OK, answer.StatusCode);
        JsonArray slots = (await cove.Get(plan))["slots"]!.AsArray();
        JsonNode?[] colliding = [.. slots.Where(slot => slot!["collision"] is not null)];
        Assert.Equal(["2026-03-21", "2026-04-04"], colliding.Select(slot => (string)slot!["day"]!));
        Assert.Equal("2026-03-21", (string)colliding[0]!["collision"]!["freeDay"]!);
        Assert.Equal("08:30:00", (string)colliding[0]!["collision"]!["freeTime"]!);
    }

    [Theory]
    [InlineData(2, "DTSTART;VALUE=DATE:20260321", "DTEND;VALUE=DATE:20260323")]
    [InlineData(1, "DTSTART:20260321T093000", "DURATION:PT20M")]
    [InlineData(1, "DTSTART;TZID=Europe/Berlin:20260321T103000", "DTEND;TZID=Europe/Berlin:20260321T110000")]
    [InlineData(0, "DTSTART:20260321T093000Z", "DTEND:20260321T103000Z", "TRANSP:TRANSPARENT")]
    [InlineData(0, "DTSTART:20260321T093000Z", "DTEND:20260321T103000Z", "STATUS:CANCELLED")]
    [InlineData(0, "DTSTART:20240321T093000Z", "DTEND:20240321T103000Z")]
    [InlineData(
        0,
        "DTSTART:20240321T093000Z",
        "DTEND:20240321T103000Z",
        "RRULE:FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30"
    )]
    [InlineData(
        0,
        "DTSTART:20240321T093000Z",
        "DTEND:20240321T103000Z",
        "RRULE:FREQ=WEEKLY;UNTIL=20250101T000000Z"
    )]
    public async Task A_file_is_read_as_calendars_mean_it(int collisions, params string[] lines)
    {
        string vehicle = await cove.Vehicle();

        HttpResponseMessage answer = await Send(Event(lines));

        Assert.True(answer.IsSuccessStatusCode, await answer.Content.ReadAsStringAsync());
        JsonArray slots = (await cove.Get($"/api/vehicles/{vehicle}/routine/plan"))["slots"]!.AsArray();
        int found = slots
            .Where(slot => string.CompareOrdinal((string)slot!["day"]!, "2026-03-23") < 0)
            .Count(slot => slot!["collision"] is not null);
        Assert.Equal(Math.Min(collisions, 1), found);
    }

    [Theory]
    [InlineData("no calendar at all")]
    [InlineData("")]
    [InlineData("BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nDTSTART:nonsense\r\nEND:VEVENT\r\nEND:VCALENDAR")]
    [InlineData(
        "BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nDTSTART:20260321T093000Z\r\nRRULE:FREQ=SECONDLY\r\nEND:VEVENT\r\nEND:VCALENDAR"
    )]
    [InlineData(
        "BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nDTSTART:20260321T093000Z\r\nRRULE:FREQ=DAILY;INTERVAL=0\r\nEND:VEVENT\r\nEND:VCALENDAR"
    )]
    [InlineData("BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nDTSTART:20260321T093000Z")]
    public async Task A_broken_file_is_answered_with_a_sentence_and_nothing_is_stored(string text)
    {
        await Send(Event("DTSTART:20260321T093000Z", "DTEND:20260321T103000Z"));

        HttpResponseMessage answer = await Send(text);

        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        string title = (string)(await answer.Content.ReadFromJsonAsync<JsonObject>())!["title"]!;
        Assert.EndsWith("Nothing was stored.", title, StringComparison.Ordinal);
        Assert.Equal(1, (int)(await cove.Get("/api/busy"))["times"]!);
    }

    [Fact]
    public async Task More_busy_times_than_Cove_keeps_are_refused()
    {
        string[] daily =
        [
            .. Enumerable
                .Range(0, 8)
                .SelectMany(hour =>
                    new[]
                    {
                        "BEGIN:VEVENT",
                        $"UID:{hour}",
                        string.Create(CultureInfo.InvariantCulture, $"DTSTART:20260321T{hour + 8:00}0000Z"),
                        "DURATION:PT10M",
                        "RRULE:FREQ=DAILY",
                        "END:VEVENT",
                    }
                ),
        ];

        HttpResponseMessage answer = await Send(
            $"BEGIN:VCALENDAR\r\nVERSION:2.0\r\n{string.Join("\r\n", daily)}\r\nEND:VCALENDAR"
        );

        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Contains("4000", await answer.Content.ReadAsStringAsync(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Busy_times_can_be_forgotten()
    {
        await Send(Event("DTSTART:20260321T093000Z", "DTEND:20260321T103000Z"));

        await cove.Send(HttpMethod.Delete, "/api/busy", string.Empty);

        Assert.Equal(0, (int)(await cove.Get("/api/busy"))["times"]!);
    }

    private static string Event(params string[] lines) =>
        $"BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nUID:1\r\n{string.Join("\r\n", lines)}\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n";

    private Task<HttpResponseMessage> Send(string text)
    {
        var content = new ByteArrayContent(Encoding.UTF8.GetBytes(text));
        content.Headers.ContentType = new MediaTypeHeaderValue("text/calendar");
        var request = new HttpRequestMessage(HttpMethod.Post, "/api/busy") { Content = content };
        request.Headers.Add("Idempotency-Key", Guid.NewGuid().ToString("N"));
        return cove.Http.SendAsync(request);
    }
}
