namespace Cove.Web.Tests;

/// <summary>The year ahead over HTTP.</summary>
public sealed class OutlookTests
{
    [Fact]
    public async Task The_year_ahead_is_that_of_the_plan_and_its_months_add_up()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = $"/api/vehicles/{await cove.Vehicle()}";

        JsonObject outlook = await cove.Get($"{vehicle}/outlook");
        JsonObject plan = await cove.Get($"{vehicle}/routine/plan");

        Assert.Equal((double)plan["overdueDays"]!, (double)outlook["overdueDays"]!, 1.0);
        JsonArray months = outlook["months"]!.AsArray();
        Assert.Equal((double)outlook["minutes"]!, months.Sum(month => (double)month!["minutes"]!), 1.0);
        Assert.Equal(
            (double)outlook["overdueDays"]!,
            months.Sum(month => (double)month!["overdueDays"]!),
            1.0
        );
        Assert.Equal(plan["tasks"]!.AsArray().Count, outlook["lanes"]!.AsArray().Count);
        Assert.All(
            outlook["lanes"]!.AsArray(),
            lane =>
            {
                JsonArray points = lane!["points"]!.AsArray();
                Assert.Equal(0, (int)points[0]!["day"]!);
                Assert.Equal((int)outlook["days"]!, (int)points[^1]!["day"]!);
            }
        );
    }

    // Today says how the car stands; the outlook began from the same.
    [Fact]
    public async Task Its_first_day_is_what_the_cabin_says_today()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = $"/api/vehicles/{await cove.Vehicle()}";

        JsonArray lanes = (await cove.Get($"{vehicle}/outlook"))["lanes"]!.AsArray();
        JsonArray steps = (await cove.Get($"{vehicle}/today?minutes=120"))["steps"]!.AsArray();

        foreach (JsonNode? step in steps.Where(step => !(bool)step!["putsBack"]!))
        {
            JsonNode? lane = lanes.FirstOrDefault(lane =>
                (string)lane!["taskId"]! == (string)step!["taskId"]!
            );
            if (lane is not null)
            {
                Assert.Equal((bool)step!["overMark"]!, (double)lane["points"]![0]!["level"]! >= 1);
            }
        }
    }

    [Fact]
    public async Task What_if_changes_what_is_asked_and_nothing_is_stored()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = $"/api/vehicles/{await cove.Vehicle()}";
        JsonObject now = await cove.Get($"{vehicle}/outlook");
        JsonObject use = (await cove.Get($"{vehicle}/use"))["use"]!.AsObject();
        JsonObject routine = (await cove.Get($"{vehicle}/routine"))["routine"]!.AsObject();

        JsonObject same = await Ask(cove, $"{vehicle}/outlook", new JsonObject());
        use["children"] = 3;
        JsonObject dirtier = await Ask(
            cove,
            $"{vehicle}/outlook",
            new JsonObject { ["use"] = use.DeepClone() }
        );
        routine["slots"]![0]!["minutes"] = 40;
        JsonObject cleaner = await Ask(
            cove,
            $"{vehicle}/outlook",
            new JsonObject { ["routine"] = routine.DeepClone() }
        );

        Assert.Equal(now["lanes"]!.ToJsonString(), same["lanes"]!.ToJsonString());
        Assert.True((double)dirtier["overdueDays"]! > (double)now["overdueDays"]!);
        Assert.True((double)cleaner["overdueDays"]! < (double)now["overdueDays"]!);
        Assert.Contains("more", (string)cleaner["difference"]!, StringComparison.Ordinal);
        Assert.Equal(now.ToJsonString(), (await cove.Get($"{vehicle}/outlook")).ToJsonString());
    }

    [Fact]
    public async Task What_a_single_change_saves_is_what_the_year_with_it_says()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = $"/api/vehicles/{await cove.Vehicle()}";
        double now = (double)(await cove.Get($"{vehicle}/outlook"))["overdueDays"]!;

        JsonArray changes = (await cove.Http.GetFromJsonAsync<JsonArray>($"{vehicle}/outlook/changes"))!;

        Assert.True(changes.Count > 12);
        foreach (int at in (int[])[0, changes.Count - 1])
        {
            var asked = new JsonObject
            {
                ["use"] = changes[at]!["use"]!.DeepClone(),
                ["routine"] = changes[at]!["routine"]!.DeepClone(),
            };
            JsonObject saving = await Ask(cove, $"{vehicle}/outlook/saving", asked);
            JsonObject year = await Ask(cove, $"{vehicle}/outlook", asked);
            Assert.Equal((double)saving["days"]!, now - (double)year["overdueDays"]!, 1.0);
        }
    }

    [Fact]
    public async Task The_band_lies_round_the_year_and_is_the_same_each_time()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = $"/api/vehicles/{await cove.Vehicle()}";
        JsonObject outlook = await cove.Get($"{vehicle}/outlook");

        JsonObject band = await Ask(cove, $"{vehicle}/outlook/band", []);
        JsonObject again = await Ask(cove, $"{vehicle}/outlook/band", []);

        Assert.Equal(band.ToJsonString(), again.ToJsonString());
        Assert.InRange(
            (double)outlook["overdueDays"]!,
            (double)band["overdueDays"]!["low"]!,
            (double)band["overdueDays"]!["high"]!
        );
        Assert.Equal(outlook["lanes"]!.AsArray().Count, band["lanes"]!.AsArray().Count);
    }

    [Fact]
    public async Task Another_way_of_working_is_tried_without_being_kept()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = $"/api/vehicles/{await cove.Vehicle()}";
        string kept = Told(await cove.Get($"{vehicle}/outlook"));
        JsonNode school = null!;
        string then = kept;
        // Not every way tells on every plan: the first that does will do.
        foreach (JsonNode? asked in (await cove.Get("/api/schools"))["schools"]!.AsArray())
        {
            school = asked!;
            string other = school["choices"]!
                .AsArray()
                .Select(choice => (string)choice!["id"]!)
                .First(id => id != (string)school["chosen"]!);
            JsonObject outlook = await Ask(
                cove,
                $"{vehicle}/outlook",
                new JsonObject
                {
                    ["school"] = new JsonObject { ["school"] = (string)school["id"]!, ["choice"] = other },
                }
            );
            then = Told(outlook);
            if (then != kept)
            {
                break;
            }
        }

        Assert.NotEqual(kept, then);
        JsonNode after = (await cove.Get("/api/schools"))["schools"]!
            .AsArray()
            .First(one => (string)one!["id"]! == (string)school["id"]!)!;
        Assert.Equal((string)school["chosen"]!, (string)after["chosen"]!);
        HttpResponseMessage refused = await cove.Post(
            $"{vehicle}/outlook",
            """{"school":{"school":"fabric","choice":"no such answer"}}"""
        );
        Assert.Equal(HttpStatusCode.BadRequest, refused.StatusCode);

        static string Told(JsonObject outlook) => $"{outlook["minutes"]} {outlook["millilitres"]}";
    }

    [Fact]
    public async Task What_cannot_be_is_answered_with_the_field()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = $"/api/vehicles/{await cove.Vehicle()}";

        HttpResponseMessage answer = await cove.Post($"{vehicle}/outlook", """{"use":{"children":90}}""");

        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Contains("children", await answer.Content.ReadAsStringAsync(), StringComparison.Ordinal);
    }

    private static async Task<JsonObject> Ask(CoveHost cove, string path, JsonObject asked)
    {
        HttpResponseMessage answer = await cove.Post(path, asked.ToJsonString());
        answer.EnsureSuccessStatusCode();
        return (await answer.Content.ReadFromJsonAsync<JsonObject>())!;
    }
}
