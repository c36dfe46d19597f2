namespace Cove.Web.Tests;

/// <summary>Finding things of a car by name, over HTTP.</summary>
public sealed class FindTests
{
    [Theory]
    [InlineData("winds", "surface", "Windscreen")]
    [InlineData("vacuum", "task", "Vacuum")]
    [InlineData("coffee", "spill", "spilled")]
    [InlineData("glass cleaner", "product", "lass")]
    public async Task Half_a_name_finds_what_an_owner_means(string words, string kind, string name)
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = $"/api/vehicles/{await cove.Vehicle()}";

        JsonArray found = (
            await cove.Http.GetFromJsonAsync<JsonArray>($"{vehicle}/find?words={Uri.EscapeDataString(words)}")
        )!;

        Assert.InRange(found.Count, 1, 12);
        Assert.Contains(
            found,
            hit =>
                (string)hit!["kind"]! == kind
                && ((string)hit["name"]!).Contains(name, StringComparison.Ordinal)
        );
    }

    [Fact]
    public async Task Nothing_is_found_for_nothing_and_too_much_is_refused()
    {
        using var cove = new CoveHost();
        string vehicle = $"/api/vehicles/{await cove.Vehicle()}";

        Assert.Empty((await cove.Http.GetFromJsonAsync<JsonArray>($"{vehicle}/find"))!);
        Assert.Equal(
            HttpStatusCode.BadRequest,
            (await cove.Http.GetAsync($"{vehicle}/find?words={new string('a', 81)}")).StatusCode
        );
    }
}
