using System.Globalization;

namespace Cove.Web.Tests;

/// <summary>The deep clean over HTTP.</summary>
public sealed class DeepCleanTests
{
    private static readonly string[] Everything = ["vacuumed", "washed", "extracted", "glass", "protected"];
    private static readonly string[] AllButExtraction = ["vacuumed", "washed", "glass", "protected"];

    [Fact]
    public async Task Recording_one_resets_what_has_settled_and_undoing_it_brings_it_back()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = $"/api/vehicles/{await cove.Vehicle()}";
        JsonObject before = await cove.Get($"{vehicle}/deep-clean");
        double worst = (double)before["surfaces"]![0]!["level"]!;
        Assert.True(worst > 0.05);

        JsonObject made = await Send(
            cove,
            HttpMethod.Post,
            $"{vehicle}/deep-cleans",
            new
            {
                by = "hiredMachine",
                parts = Everything,
                cost = 45.5,
                hours = 6,
                note = "A long Saturday.",
            },
            HttpStatusCode.Created
        );

        JsonObject after = await cove.Get($"{vehicle}/deep-clean");
        Assert.Equal("2026-03-14", (string)after["lastDone"]!);
        Assert.All(
            after["surfaces"]!.AsArray(),
            surface => Assert.Equal(0, (double)surface!["level"]!, 0.001)
        );
        Assert.True(Due(after) > Due(before));
        Assert.Equal(
            Due(after),
            DateOnly.Parse(
                (string)(await cove.Get($"{vehicle}/outlook"))["deepClean"]!["due"]!,
                CultureInfo.InvariantCulture
            )
        );
        JsonNode entry = (await cove.Get($"{vehicle}/log"))["entries"]![0]!;
        Assert.Equal("Deep clean, with a hired machine", (string)entry["name"]!);
        Assert.Equal(360, (double)entry["takenMinutes"]!);

        (
            await cove.Send(
                HttpMethod.Post,
                $"/api/log/{made["entryId"]}/undo",
                "",
                ("If-Match", $"\"{made["version"]}\"")
            )
        ).EnsureSuccessStatusCode();

        JsonObject undone = await cove.Get($"{vehicle}/deep-clean");
        Assert.Equal(worst, (double)undone["surfaces"]![0]!["level"]!, 0.001);
        Assert.Equal(Due(before), Due(undone));
    }

    [Fact]
    public async Task One_of_another_day_stands_on_that_day()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = $"/api/vehicles/{await cove.Vehicle()}";

        await Send(
            cove,
            HttpMethod.Post,
            $"{vehicle}/deep-cleans",
            new
            {
                by = "shop",
                parts = Everything,
                day = "2026-02-02",
            },
            HttpStatusCode.Created
        );

        JsonObject after = await cove.Get($"{vehicle}/deep-clean");
        Assert.Equal("2026-02-02", (string)after["lastDone"]!);
        Assert.All(
            after["surfaces"]!.AsArray(),
            surface => Assert.InRange((double)surface!["level"]!, 0, 0.2)
        );
    }

    [Fact]
    public async Task Washing_and_protecting_count_for_the_routine_too()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = $"/api/vehicles/{await cove.Vehicle()}";
        await Send(
            cove,
            HttpMethod.Post,
            $"{vehicle}/deep-cleans",
            new { by = "shop", parts = AllButExtraction },
            HttpStatusCode.Created
        );

        JsonArray lanes = (await cove.Get($"{vehicle}/outlook"))["lanes"]!.AsArray();

        Assert.All(
            lanes.Where(lane => (string)lane!["group"]! is "floor" or "seats" or "dash"),
            lane => Assert.Equal(0, (double)lane!["points"]![0]!["level"]!, 0.01)
        );
    }

    [Fact]
    public async Task A_look_after_vacuuming_says_how_deep_soil_sits()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = $"/api/vehicles/{await cove.Vehicle()}";
        JsonObject before = await cove.Get($"{vehicle}/deep-clean");
        JsonNode worst = before["surfaces"]!.AsArray().First(surface => (bool)surface!["decides"]!)!;

        JsonObject look = await Send(
            cove,
            HttpMethod.Post,
            $"{vehicle}/looks",
            new
            {
                inspection = "dust-after-vacuum",
                result = "puff",
                surfaceId = (string)worst["surfaceId"]!,
            },
            HttpStatusCode.Created
        );

        JsonNode told = look["tasks"]![0]!;
        Assert.Equal((double)worst["level"]!, (double)told["before"]!, 0.001);
        Assert.True((double)told["after"]! > (double)told["before"]!);
        JsonObject after = await cove.Get($"{vehicle}/deep-clean");
        Assert.True(Due(after) < Due(before));
        Assert.NotEqual((string)before["pressing"]!, (string)after["pressing"]!);
    }

    [Fact]
    public async Task Prices_are_kept_and_travel_with_the_vehicle()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = $"/api/vehicles/{await cove.Vehicle()}";
        await Send(
            cove,
            HttpMethod.Put,
            $"{vehicle}/deep-clean/prices",
            new { shop = 180, hire = 35.5 },
            HttpStatusCode.OK
        );

        JsonNode prices = (await cove.Get($"{vehicle}/deep-clean"))["prices"]!;
        Assert.Equal(180, (double)prices["shop"]!);
        Assert.Equal(35.5, (double)(await cove.Get($"{vehicle}/file"))["prices"]!["hire"]!);

        JsonObject refused = await Send(
            cove,
            HttpMethod.Put,
            $"{vehicle}/deep-clean/prices",
            new { shop = -1 },
            HttpStatusCode.BadRequest
        );
        Assert.NotNull(refused["errors"]!["shop"]);
    }

    [Fact]
    public async Task What_cannot_be_is_refused()
    {
        using var cove = new CoveHost();
        string vehicle = $"/api/vehicles/{await cove.Vehicle()}";
        foreach (
            var (body, field) in new[]
            {
                ("""{"by":"shop","parts":[]}""", "parts"),
                ("""{"by":"shop","parts":["washed"],"cost":-4}""", "cost"),
                ("""{"by":"shop","parts":["washed"],"hours":400}""", "hours"),
                ("""{"by":"shop","parts":["washed"],"day":"2031-01-01"}""", "day"),
            }
        )
        {
            JsonObject refused = await Send(
                cove,
                HttpMethod.Post,
                $"{vehicle}/deep-cleans",
                JsonNode.Parse(body)!,
                HttpStatusCode.BadRequest
            );

            Assert.NotNull(refused["errors"]![field]);
        }
    }

    private static async Task<JsonObject> Send(
        CoveHost cove,
        HttpMethod method,
        string path,
        object body,
        HttpStatusCode expected
    )
    {
        HttpResponseMessage answer = await cove.Send(method, path, JsonSerializer.Serialize(body));
        Assert.Equal(expected, answer.StatusCode);
        return (await answer.Content.ReadFromJsonAsync<JsonObject>())!;
    }

    private static DateOnly Due(JsonObject deepClean) =>
        DateOnly.Parse((string)deepClean["due"]!, CultureInfo.InvariantCulture);
}
