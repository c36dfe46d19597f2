using System.Globalization;
using System.Text;

namespace Cove.Web.Tests;

/// <summary>The log looked through, added up, and as a file.</summary>
public sealed class LogFileTests
{
    private const string Header = "at,kind,subject,takenSeconds,removed,note\n";

    [Fact]
    public async Task A_log_goes_out_and_comes_back_the_same()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = $"/api/vehicles/{await cove.Vehicle()}";
        await cove.Post(
            $"{vehicle}/deep-cleans",
            """{"by":"shop","parts":["washed","extracted"],"cost":180.5,"note":"Two lines,\nand \"quotes\"."}"""
        );
        string text = await cove.Http.GetStringAsync($"{vehicle}/log.csv");
        var made = await cove.Post("/api/vehicles", Bodies.Vehicle());
        string other = $"/api/vehicles/{(await made.Content.ReadFromJsonAsync<JsonObject>())!["id"]}";

        JsonObject first = await Import(cove, other, text, HttpStatusCode.Created);
        JsonObject second = await Import(cove, other, text, HttpStatusCode.Created);

        int rows = (int)(await cove.Get($"{vehicle}/log"))["total"]!;
        Assert.Equal((rows, 0), ((int)first["added"]!, (int)first["known"]!));
        Assert.Equal((0, rows), ((int)second["added"]!, (int)second["known"]!));
        Assert.Equal(text, await cove.Http.GetStringAsync($"{other}/log.csv"));
    }

    [Fact]
    public async Task What_a_spreadsheet_would_run_is_written_as_text_and_read_as_it_was()
    {
        using var cove = new CoveHost();
        string vehicle = $"/api/vehicles/{await cove.Vehicle()}";
        await Import(
            cove,
            vehicle,
            Header + $"{Yesterday(cove)},care,vacuum-seats,60,1,\"=HYPERLINK(\"\"http://x\"\")\"\n",
            HttpStatusCode.Created
        );

        string text = await cove.Http.GetStringAsync($"{vehicle}/log.csv");

        Assert.Contains("'=HYPERLINK", text, StringComparison.Ordinal);
        JsonNode entry = (await cove.Get($"{vehicle}/log"))["entries"]![0]!;
        Assert.Equal("=HYPERLINK(\"http://x\")", (string)entry["note"]!);
        Assert.Equal(1, (int)(await Import(cove, vehicle, text, HttpStatusCode.Created))["known"]!);
    }

    [Fact]
    public async Task Two_rows_of_one_instant_and_task_are_two_and_stay_two()
    {
        using var cove = new CoveHost();
        string vehicle = $"/api/vehicles/{await cove.Vehicle()}";
        string row = $"{Yesterday(cove)},care,vacuum-seats,60,1,\n";

        JsonObject first = await Import(cove, vehicle, Header + row + row, HttpStatusCode.Created);
        JsonObject again = await Import(cove, vehicle, Header + row + row, HttpStatusCode.Created);
        JsonObject third = await Import(cove, vehicle, Header + row + row + row, HttpStatusCode.Created);

        Assert.Equal((2, 0), ((int)first["added"]!, (int)first["known"]!));
        Assert.Equal((0, 2), ((int)again["added"]!, (int)again["known"]!));
        Assert.Equal((1, 2), ((int)third["added"]!, (int)third["known"]!));
    }

    [Fact]
    public async Task What_Cove_wrote_is_read_though_the_clock_has_jumped_back_since()
    {
        using var ahead = new CoveHost(demo: true);
        ahead.Clock.Advance(TimeSpan.FromDays(500));
        string vehicle = $"/api/vehicles/{await ahead.Vehicle()}";
        await ahead.Post($"{vehicle}/events", """{"event":"spill","surfaceIds":["driver-seat"]}""");
        string file = await ahead.Http.GetStringAsync(new Uri($"{vehicle}/file", UriKind.Relative));
        string log = await ahead.Http.GetStringAsync(new Uri($"{vehicle}/log.csv", UriKind.Relative));
        using var cove = new CoveHost();

        HttpResponseMessage imported = await cove.Post("/api/vehicles/import", file);

        Assert.Equal(HttpStatusCode.Created, imported.StatusCode);
        JsonObject again = await Import(cove, vehicle, log, HttpStatusCode.Created);
        Assert.Equal(0, (int)again["added"]!);
        foreach (
            string what in (string[])["today?minutes=25", "cabin", "outlook", "routine/plan", "log", "file"]
        )
        {
            await cove.Get($"{vehicle}/{what}");
        }
    }

    [Fact]
    public async Task A_row_that_is_wrong_is_named_and_nothing_is_taken()
    {
        using var cove = new CoveHost();
        string vehicle = $"/api/vehicles/{await cove.Vehicle()}";
        string good = $"{Yesterday(cove)},care,vacuum-carpets,60,1,good\n";
        foreach (
            var (row, field) in new[]
            {
                ("care,vacuum-seats,60,1,ok\n", "row"),
                ("{0},care,no-such-task,60,1,ok\n", "subject"),
                ("{0},nonsense,vacuum-seats,60,1,ok\n", "kind"),
                ("{0},care,vacuum-seats,sixty,1,ok\n", "takenSeconds"),
                ("{0},care,vacuum-seats,60,7,ok\n", "removed"),
                ("2031-01-01T00:00:00Z,care,vacuum-seats,60,1,ok\n", "at"),
                (",care,vacuum-seats,60,1,ok\n", "at"),
            }
        )
        {
            JsonObject refused = await Import(
                cove,
                vehicle,
                Header + good + row.Replace("{0}", Yesterday(cove), StringComparison.Ordinal),
                HttpStatusCode.BadRequest
            );

            Assert.StartsWith("Line 3: ", (string)refused["errors"]![field]![0]!, StringComparison.Ordinal);
        }

        Assert.Equal(0, (int)(await cove.Get($"{vehicle}/log"))["total"]!);
    }

    [Fact]
    public async Task Details_that_are_none_are_refused()
    {
        using var cove = new CoveHost();
        string vehicle = $"/api/vehicles/{await cove.Vehicle()}";
        foreach (
            string details in (string[])
                [
                    """{"products":[null]}""",
                    """{"methods":[{"method":"x","surfaces":[null]}]}""",
                    """{"products":null}""",
                    """{"unknown":1}""",
                    "[]",
                ]
        )
        {
            string quoted = details.Replace("\"", "\"\"", StringComparison.Ordinal);

            JsonObject refused = await Import(
                cove,
                vehicle,
                $"at,kind,subject,details\n{Yesterday(cove)},care,vacuum-seats,\"{quoted}\"\n",
                HttpStatusCode.BadRequest
            );

            Assert.NotEmpty(refused["errors"]!.AsObject());
        }
    }

    [Fact]
    public async Task Ten_thousand_rows_are_taken()
    {
        using var cove = new CoveHost();
        string vehicle = $"/api/vehicles/{await cove.Vehicle()}";
        var text = new StringBuilder(Header);
        for (int i = 0; i < 10_000; i++)
        {
            text.Append(
                CultureInfo.InvariantCulture,
                $"{cove.Clock.GetUtcNow().AddHours(-i - 1):o},care,{(i % 2 == 0 ? "vacuum-seats" : "vacuum-carpets")},90,1,row {i}\n"
            );
        }

        JsonObject answer = await Import(cove, vehicle, text.ToString(), HttpStatusCode.Created);

        Assert.Equal(10_000, (int)answer["added"]!);
        JsonObject found = await cove.Get($"{vehicle}/log?text=row 9999");
        Assert.Equal(1, (int)found["total"]!);
        JsonNode years = (await cove.Get($"{vehicle}/log/years"))["years"]!;
        Assert.Equal(15_000, years.AsArray().Sum(year => (double)year!["minutes"]!), 5.0);
    }

    [Fact]
    public async Task Filters_find_what_they_say_and_nothing_else()
    {
        using var cove = new CoveHost(demo: true);
        cove.Clock.SetLocalTimeZone(
            TimeZoneInfo.CreateCustomTimeZone("ahead", TimeSpan.FromHours(5), null, null)
        );
        string vehicle = $"/api/vehicles/{await cove.Vehicle()}";
        JsonObject all = await cove.Get($"{vehicle}/log");
        int total = (int)all["total"]!;
        string product = (string)
            (await cove.Get("/api/shelf"))["products"]!
                .AsArray()
                .First(one =>
                    ((string)one!["className"]!).Contains("glass", StringComparison.OrdinalIgnoreCase)
                )!["id"]!;

        foreach (
            var (query, holds) in new (string, Func<JsonNode, bool>)[]
            {
                ("kind=care", entry => (string)entry["kind"]! == "care"),
                ("kind=event", entry => (string)entry["kind"]! == "event"),
                ("task=windscreen", entry => (string)entry["name"]! == "Clean the windscreen inside"),
                ("text=WINDSCREEN", entry => Says(entry, "windscreen")),
                (
                    "surface=driver-seat",
                    entry => entry["surfaces"]!.AsArray().Any(name => (string)name! == "Driver's seat")
                ),
                ("from=2026-02-01", entry => Day(entry) >= new DateOnly(2026, 2, 1)),
                ("until=2025-12-31", entry => Day(entry) <= new DateOnly(2025, 12, 31)),
                ($"product={product}", entry => entry["products"]!.AsArray().Count > 0),
                ("text=%25", entry => Says(entry, "%")),
            }
        )
        {
            JsonObject found = await cove.Get($"{vehicle}/log?{query}");
            Assert.All(found["entries"]!.AsArray(), entry => Assert.True(holds(entry!), query));
            Assert.True((int)found["total"]! < total, query);
        }

        foreach (string edge in (string[])["from=0001-01-01", "until=9999-12-31"])
        {
            Assert.Equal(total, (int)(await cove.Get($"{vehicle}/log?{edge}"))["total"]!);
        }

        int early = (int)(await cove.Get($"{vehicle}/log?until=2025-12-31"))["total"]!;
        int late = (int)(await cove.Get($"{vehicle}/log?from=2026-01-01"))["total"]!;
        Assert.Equal(total, early + late);
        Assert.Equal(
            HttpStatusCode.BadRequest,
            (await cove.Http.GetAsync(new Uri($"{vehicle}/log?skip=-1", UriKind.Relative))).StatusCode
        );
    }

    [Fact]
    public async Task The_record_of_care_counts_what_the_log_holds()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = $"/api/vehicles/{await cove.Vehicle()}";

        JsonObject record = await cove.Get($"{vehicle}/record-of-care");

        JsonNode windscreen = record["tasks"]!
            .AsArray()
            .Single(task => (string)task!["name"]! == "Clean the windscreen inside")!;
        JsonObject log = await cove.Get($"{vehicle}/log?task=windscreen");
        Assert.Equal((int)log["total"]!, (int)windscreen["times"]!);
        Assert.DoesNotContain("cost", record.ToJsonString(), StringComparison.OrdinalIgnoreCase);
    }

    private static bool Says(JsonNode entry, string text) =>
        entry.ToJsonString().Contains(text, StringComparison.OrdinalIgnoreCase);

    private static DateOnly Day(JsonNode entry) =>
        DateOnly.Parse(((string)entry["at"]!)[..10], CultureInfo.InvariantCulture);

    private static string Yesterday(CoveHost cove) =>
        cove.Clock.GetUtcNow().AddDays(-1).ToString("o", CultureInfo.InvariantCulture);

    private static async Task<JsonObject> Import(
        CoveHost cove,
        string vehicle,
        string text,
        HttpStatusCode expected
    )
    {
        HttpResponseMessage answer = await cove.Http.PostAsync(
            new Uri($"{vehicle}/log.csv", UriKind.Relative),
            new StringContent(text, Encoding.UTF8, "text/csv")
        );
        Assert.Equal(expected, answer.StatusCode);
        return (await answer.Content.ReadFromJsonAsync<JsonObject>())!;
    }
}
