namespace Cove.Web.Tests;

/// <summary>How the owner reads quantities, times and money, over HTTP.</summary>
public sealed class SettingsTests
{
    private static object American(string currency = "$") =>
        new
        {
            distance = "mile",
            volume = "usFluidOunce",
            temperature = "fahrenheit",
            hours = "twelve",
            currency,
        };

    [Fact]
    public async Task What_is_chosen_is_kept_with_its_scales_and_nothing_else_changes()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = $"/api/vehicles/{await cove.Vehicle()}";
        JsonObject usual = await cove.Get("/api/settings");
        JsonObject before = await cove.Get($"{vehicle}/today?minutes=25");

        HttpResponseMessage kept = await cove.Http.PutAsJsonAsync("/api/settings", American());

        kept.EnsureSuccessStatusCode();
        JsonObject settings = await cove.Get("/api/settings");
        Assert.False((bool)usual["isChosen"]!);
        Assert.Equal("km", (string)usual["distanceScale"]!["sign"]!);
        Assert.True((bool)settings["isChosen"]!);
        Assert.Equal("2026-03-14", (string)settings["today"]!);
        Assert.Equal("mi", (string)settings["distanceScale"]!["sign"]!);
        Assert.Equal(1.609344, (double)settings["distanceScale"]!["size"]!);
        Assert.Equal("$", (string)(await cove.Get($"{vehicle}/outlook"))["currency"]!);
        Assert.Equal(
            (double)before["kilometresAWeek"]!,
            (double)(await cove.Get($"{vehicle}/today?minutes=25"))["kilometresAWeek"]!
        );
    }

    [Fact]
    public async Task What_cannot_be_chosen_is_refused_by_name()
    {
        using var cove = new CoveHost();

        Assert.Equal(["currency"], await Refused(cove, American("a very long currency")));
        Assert.Equal(
            ["volume"],
            await Refused(
                cove,
                new
                {
                    distance = "mile",
                    volume = "drop",
                    temperature = "celsius",
                    hours = "twelve",
                }
            )
        );
        Assert.False((bool)(await cove.Get("/api/settings"))["isChosen"]!);
    }

    private static async Task<string[]> Refused(CoveHost cove, object body)
    {
        HttpResponseMessage response = await cove.Http.PutAsJsonAsync("/api/settings", body);
        Assert.Equal(HttpStatusCode.BadRequest, response.StatusCode);
        var problem = JsonNode.Parse(await response.Content.ReadAsStringAsync())!;
        return [.. problem["errors"]!.AsObject().Select(error => error.Key)];
    }
}
