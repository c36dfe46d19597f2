using System.Text;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Mvc.Testing;

namespace Cove.Web.Tests;

/// <summary>What only a real listening server does.</summary>
public sealed class RequestSizeTests : IDisposable
{
    private readonly string directory = Directory.CreateTempSubdirectory("cove-size-").FullName;
    private readonly WebApplicationFactory<Program> factory;
    private readonly HttpClient http;

    public RequestSizeTests()
    {
        factory = new WebApplicationFactory<Program>().WithWebHostBuilder(host =>
        {
            host.UseSetting("data", directory);
        });
        factory.UseKestrel(0);
        http = factory.CreateClient();
    }

    [Fact]
    public async Task A_request_that_is_too_large_is_refused_and_changes_nothing()
    {
        string body = Bodies.Vehicle(("description", new string('x', 80_000)));
        using var content = new StringContent(body, Encoding.UTF8, "application/json");

        HttpResponseMessage answer = await http.PostAsync(
            new Uri("/api/vehicles", UriKind.Relative),
            content
        );

        Assert.Equal(HttpStatusCode.RequestEntityTooLarge, answer.StatusCode);
        Assert.Equal("application/problem+json", answer.Content.Headers.ContentType!.MediaType);
        Assert.Empty((await http.GetFromJsonAsync<JsonArray>("/api/vehicles"))!);
    }

    [Fact]
    public async Task A_calendar_of_five_megabytes_is_refused_and_nothing_is_stored()
    {
        using var content = new StringContent(
            "BEGIN:VCALENDAR" + new string('x', 5 * 1024 * 1024),
            Encoding.UTF8,
            "text/calendar"
        );
        using var request = new HttpRequestMessage(HttpMethod.Post, "/api/busy") { Content = content };
        // Asked first, the server refuses before it is sent anything.
        request.Headers.ExpectContinue = true;

        HttpResponseMessage answer = await http.SendAsync(request);

        Assert.Equal(HttpStatusCode.RequestEntityTooLarge, answer.StatusCode);
        Assert.Equal(0, (int)(await http.GetFromJsonAsync<JsonObject>("/api/busy"))!["times"]!);
    }

    [Fact]
    public async Task The_server_does_not_name_itself()
    {
        HttpResponseMessage answer = await http.GetAsync(new Uri("/api/health", UriKind.Relative));

        Assert.False(answer.Headers.Contains("Server"));
    }

    public void Dispose()
    {
        http.Dispose();
        factory.Dispose();
        Microsoft.Data.Sqlite.SqliteConnection.ClearAllPools();
        Directory.Delete(directory, recursive: true);
    }
}
