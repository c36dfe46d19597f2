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

        JsonObject same = await Ask(cove, vehicle, new JsonObject());
        use["children"] = 3;
        JsonObject dirtier = await Ask(cove, vehicle, new JsonObject { ["use"] = use.DeepClone() });
        routine["slots"]![0]!["minutes"] = 40;
        JsonObject cleaner = await Ask(cove, vehicle, new JsonObject { ["routine"] = routine.DeepClone() });

        Assert.Equal(now["lanes"]!.ToJsonString(), same["lanes"]!.ToJsonString());
        Assert.True((double)dirtier["overdueDays"]! > (double)now["overdueDays"]!);
        Assert.True((double)cleaner["overdueDays"]! < (double)now["overdueDays"]!);
        Assert.Contains("more", (string)cleaner["difference"]!, StringComparison.Ordinal);
        Assert.Equal(now.ToJsonString(), (await cove.Get($"{vehicle}/outlook")).ToJsonString());
    }

    [Fact]
    public async Task Single_changes_are_ranked_by_the_days_they_save_and_can_be_asked_for_themselves()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = $"/api/vehicles/{await cove.Vehicle()}";
        double now = (double)(await cove.Get($"{vehicle}/outlook"))["overdueDays"]!;

        JsonArray changes = (await cove.Http.GetFromJsonAsync<JsonArray>($"{vehicle}/outlook/changes"))!;

        double[] saved = [.. changes.Select(change => (double)change!["savedDays"]!)];
        Assert.True(changes.Count > 12);
        Assert.Equal(saved.OrderDescending(), saved);
        Assert.True(saved[0] > 10);
        JsonObject best = await Ask(
            cove,
            vehicle,
            new JsonObject
            {
                ["use"] = changes[0]!["use"]!.DeepClone(),
                ["routine"] = changes[0]!["routine"]!.DeepClone(),
            }
        );
        Assert.Equal(saved[0], now - (double)best["overdueDays"]!, 1.0);
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

    private static async Task<JsonObject> Ask(CoveHost cove, string vehicle, JsonObject asked)
    {
        HttpResponseMessage answer = await cove.Post($"{vehicle}/outlook", asked.ToJsonString());
        answer.EnsureSuccessStatusCode();
        return (await answer.Content.ReadFromJsonAsync<JsonObject>())!;
    }
}
