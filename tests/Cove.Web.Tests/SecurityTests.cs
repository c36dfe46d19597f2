namespace Cove.Web.Tests;

public sealed class SecurityTests
{
    [Theory]
    [InlineData("Origin", "http://elsewhere.example")]
    [InlineData("Origin", "null")]
    [InlineData("Sec-Fetch-Site", "cross-site")]
    [InlineData("Sec-Fetch-Site", "same-site")]
    public async Task Changes_asked_for_by_other_origins_are_refused(string header, string value)
    {
        using var cove = new CoveHost();

        HttpResponseMessage answer = await cove.Post("/api/vehicles", Bodies.Vehicle(), (header, value));

        Assert.Equal(HttpStatusCode.Forbidden, answer.StatusCode);
        Assert.Empty((await cove.Http.GetFromJsonAsync<JsonArray>("/api/vehicles"))!);
    }

    [Fact]
    public async Task Changes_asked_for_by_its_own_pages_are_made()
    {
        using var cove = new CoveHost();

        HttpResponseMessage answer = await cove.Post(
            "/api/vehicles",
            Bodies.Vehicle(),
            ("Origin", "http://localhost"),
            ("Sec-Fetch-Site", "same-origin")
        );

        Assert.Equal(HttpStatusCode.Created, answer.StatusCode);
    }

    [Fact]
    public async Task Other_host_names_are_not_answered()
    {
        using var cove = new CoveHost();
        using var request = new HttpRequestMessage(HttpMethod.Get, "/api/health");
        request.Headers.Host = "elsewhere.example";

        HttpResponseMessage answer = await cove.Http.SendAsync(request);

        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
    }

    [Theory]
    [InlineData("/api/health")]
    [InlineData("/api/nowhere")]
    public async Task Every_answer_carries_the_headers_that_hold_a_browser_back(string path)
    {
        using var cove = new CoveHost();

        HttpResponseMessage answer = await cove.Http.GetAsync(new Uri(path, UriKind.Relative));

        string policy = Assert.Single(answer.Headers.GetValues("Content-Security-Policy"));
        Assert.Contains("script-src 'self';", policy, StringComparison.Ordinal);
        Assert.DoesNotContain("unsafe-eval", policy, StringComparison.Ordinal);
        Assert.Contains("frame-ancestors 'none'", policy, StringComparison.Ordinal);
        Assert.Equal("nosniff", Assert.Single(answer.Headers.GetValues("X-Content-Type-Options")));
        Assert.Equal("no-referrer", Assert.Single(answer.Headers.GetValues("Referrer-Policy")));
    }

    [Fact]
    public async Task Forms_and_plain_text_are_not_taken_for_json()
    {
        using var cove = new CoveHost();
        using var content = new StringContent(Bodies.Vehicle(), System.Text.Encoding.UTF8, "text/plain");

        HttpResponseMessage answer = await cove.Http.PostAsync(
            new Uri("/api/vehicles", UriKind.Relative),
            content
        );

        Assert.Equal(HttpStatusCode.UnsupportedMediaType, answer.StatusCode);
    }

    [Fact]
    public async Task A_method_that_an_address_does_not_take_is_said_to_be_wrong()
    {
        using var cove = new CoveHost();

        HttpResponseMessage answer = await cove.Http.DeleteAsync(new Uri("/api/vehicles", UriKind.Relative));

        Assert.Equal(HttpStatusCode.MethodNotAllowed, answer.StatusCode);
        Assert.Equal("application/problem+json", answer.Content.Headers.ContentType!.MediaType);
    }
}
