namespace Cove.Web.Tests.Floor;

public sealed class UseVersionTests
{
    [Theory]
    [InlineData("use", """{"people":4}""")]
    [InlineData("distance", """{"kilometresAWeek":300}""")]
    public async Task Of_two_changes_of_the_use_the_later_is_told_and_nothing_is_lost(
        string path,
        string body
    )
    {
        using var cove = new CoveHost();
        string vehicle = await cove.Vehicle();
        string at = $"/api/vehicles/{vehicle}/{path}";
        HttpResponseMessage read = await cove.Http.GetAsync(
            new Uri($"/api/vehicles/{vehicle}/use", UriKind.Relative)
        );
        string tag = read.Headers.ETag!.Tag;

        HttpResponseMessage without = await cove.Send(HttpMethod.Put, at, body);
        HttpResponseMessage first = await cove.Send(
            HttpMethod.Put,
            $"/api/vehicles/{vehicle}/use",
            """{"children":2}""",
            ("If-Match", tag)
        );
        HttpResponseMessage second = await cove.Send(HttpMethod.Put, at, body, ("If-Match", tag));
        JsonObject use = await cove.Get($"/api/vehicles/{vehicle}/use");

        Assert.Equal(HttpStatusCode.PreconditionRequired, without.StatusCode);
        Assert.Equal(HttpStatusCode.OK, first.StatusCode);
        Assert.Equal(HttpStatusCode.PreconditionFailed, second.StatusCode);
        Assert.Equal(2, (int)use["use"]!["children"]!);
        Assert.Equal(1, (int)use["version"]!);
        Assert.Equal(first.Headers.ETag!.Tag, $"\"{use["version"]}\"");
    }

    [Fact]
    public async Task Two_changes_in_one_millisecond_and_one_after_the_clock_was_set_back_all_hold()
    {
        using var cove = new CoveHost();
        string vehicle = await cove.Vehicle();
        string at = $"/api/vehicles/{vehicle}/use";

        await cove.Send(HttpMethod.Put, at, """{"people":3}""", ("If-Match", "\"0\""));
        HttpResponseMessage same = await cove.Send(
            HttpMethod.Put,
            at,
            """{"people":4}""",
            ("If-Match", "\"1\"")
        );
        cove.Clock.Advance(TimeSpan.FromDays(1));
        await cove.Send(HttpMethod.Put, at, """{"people":5}""", ("If-Match", "\"2\""));
        cove.Clock.AdjustTime(cove.Clock.GetUtcNow() - TimeSpan.FromHours(5));
        HttpResponseMessage back = await cove.Send(
            HttpMethod.Put,
            at,
            """{"people":6}""",
            ("If-Match", "\"3\"")
        );

        Assert.Equal(HttpStatusCode.OK, same.StatusCode);
        Assert.Equal(HttpStatusCode.OK, back.StatusCode);
        Assert.Equal(6, (int)(await cove.Get(at))["use"]!["people"]!);
    }
}
