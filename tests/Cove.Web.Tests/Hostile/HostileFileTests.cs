using System.Runtime.Versioning;
using System.Text;
using Cove.Web.Tests.Floor;

namespace Cove.Web.Tests.Hostile;

/// <summary>Files that are made to keep a reader busy: they are refused or read, and nobody who stores something waits for them.</summary>
[SupportedOSPlatform("linux")]
public sealed class HostileFileTests : IDisposable
{
    private const long MostMemory = 400L * 1024 * 1024;

    private readonly string folder = Directory.CreateTempSubdirectory("cove-hostile-").FullName;

    private static string Calendar(IEnumerable<string> events) =>
        $"BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//x//y//EN\r\n{string.Concat(events)}END:VCALENDAR\r\n";

    private static string Event(int id, params string[] lines) =>
        $"BEGIN:VEVENT\r\nUID:{id}\r\n{string.Join("\r\n", lines)}\r\nEND:VEVENT\r\n";

    private static IEnumerable<string> Many(int count, params string[] lines) =>
        Enumerable.Range(0, count).Select(id => Event(id, lines));

    public static TheoryData<string, string, string> Files()
    {
        const string start = "DTSTART:20260301T090000Z";
        const string end = "DTEND:20260301T100000Z";
        string far = string.Join(
            ',',
            Enumerable.Range(0, 60_000).Select(i => $"{2000 + (i % 900)}0102T000000Z")
        );
        string row = "2026-01-01T00:00:00Z,care,vacuum-seats,60,1,\n";
        return new()
        {
            {
                "a day left out every second",
                "/api/busy",
                Calendar([Event(1, start, end, "RRULE:FREQ=DAILY", "EXRULE:FREQ=SECONDLY")])
            },
            {
                "thousands of days that never come",
                "/api/busy",
                Calendar(Many(4000, start, end, "RRULE:FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30"))
            },
            {
                "from the first year on",
                "/api/busy",
                Calendar(
                    Many(
                        500,
                        "DTSTART:00010101T090000Z",
                        "DTEND:00010101T100000Z",
                        "RRULE:FREQ=DAILY;COUNT=2147483647"
                    )
                )
            },
            {
                "every day for a century, thousands of times",
                "/api/busy",
                Calendar(
                    Many(
                        5000,
                        "DTSTART:19260301T090000Z",
                        "DTEND:19260301T090001Z",
                        "RRULE:FREQ=DAILY;UNTIL=20260201T000000Z"
                    )
                )
            },
            { "dates without end", "/api/busy", Calendar([Event(1, start, end, $"RDATE:{far}")]) },
            {
                "parts within parts",
                "/api/busy",
                string.Concat(Enumerable.Repeat("BEGIN:VCALENDAR\r\n", 80_000))
            },
            {
                "a log of rows that are all wrong",
                "/api/vehicles/{car}/log.csv",
                "at,kind,subject\n" + string.Concat(Enumerable.Repeat("x,y,z\n", 2_500_000))
            },
            {
                "a row of millions of cells",
                "/api/vehicles/{car}/log.csv",
                $"at,kind,subject\n{new string(',', 15_000_000)}\n"
            },
            {
                "as many entries as a log takes",
                "/api/vehicles/{car}/log.csv",
                "at,kind,subject,takenSeconds,removed,note\n" + string.Concat(Enumerable.Repeat(row, 19_000))
            },
            {
                "as many checks as a log takes",
                "/api/vehicles/{car}/log.csv",
                "at,kind,subject,surfaces,result\n"
                    + string.Concat(
                        Enumerable
                            .Range(0, 19_000)
                            .Select(i =>
                                $"{new DateTime(2020, 1, 1).AddMinutes(170 * i):yyyy-MM-ddTHH:mm:ss}Z,look,pat,front-carpet,puff\n"
                            )
                    )
            },
            {
                "a car that is one long word",
                "/api/vehicles/import",
                $"{{\"format\":\"{new string('x', 60_000_000)}\"}}"
            },
            {
                "a car of lists within lists",
                "/api/vehicles/import",
                $"{{\"surfaces\":{new string('[', 5_000_000)}"
            },
        };
    }

    [Theory]
    [MemberData(nameof(Files))]
    public async Task Whoever_stores_something_meanwhile_does_not_wait_for_it(
        string what,
        string path,
        string file
    )
    {
        int port = Started.FreePort();
        using var http = new HttpClient { BaseAddress = new Uri($"http://127.0.0.1:{port}") };
        using var cove = new Started(["--data", folder, "--port", $"{port}"]);
        await cove.Up(http);
        HttpResponseMessage added = await Send(http, "/api/vehicles", Bodies.Vehicle(), "application/json");
        string car = (string)(await added.Content.ReadFromJsonAsync<JsonObject>())!["id"]!;

        Task<HttpResponseMessage> sent = Send(
            http,
            path.Replace("{car}", car, StringComparison.Ordinal),
            file,
            path.EndsWith("csv", StringComparison.Ordinal) ? "text/csv"
                : path.EndsWith("busy", StringComparison.Ordinal) ? "text/calendar"
                : "application/json"
        );
        int stored = 0;
        do
        {
            HttpResponseMessage product = await Send(
                http,
                "/api/shelf/products",
                """{"name":"Beside","class":"water"}""",
                "application/json"
            );
            Assert.True(product.IsSuccessStatusCode, await product.Content.ReadAsStringAsync());
            stored++;
            await Task.Delay(20);
        } while (!sent.IsCompleted && stored < 190);

        HttpResponseMessage answer = await sent;
        Assert.True(
            answer.StatusCode is HttpStatusCode.Created or HttpStatusCode.BadRequest or HttpStatusCode.OK,
            $"{what}: {answer.StatusCode}"
        );
        Assert.True(stored >= 1);
        Assert.True(cove.MostMemory() < MostMemory, $"{what}: {cove.MostMemory() / 1024 / 1024} MB");
        await cove.Kill();
    }

    public void Dispose() => Directory.Delete(folder, recursive: true);

    private static Task<HttpResponseMessage> Send(HttpClient http, string path, string body, string type) =>
        http.PostAsync(new Uri(path, UriKind.Relative), new StringContent(body, Encoding.UTF8, type));
}
