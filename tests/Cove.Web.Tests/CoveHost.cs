using System.Text;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Mvc.Testing;
using Microsoft.AspNetCore.TestHost;
using Microsoft.Data.Sqlite;
using Microsoft.Extensions.DependencyInjection;
using Microsoft.Extensions.DependencyInjection.Extensions;
using Microsoft.Extensions.Time.Testing;

namespace Cove.Web.Tests;

/// <summary>The whole application in the test's own process, on a real database file of its own and a clock that the test moves.</summary>
public sealed class CoveHost : IDisposable
{
    private readonly string directory = Directory.CreateTempSubdirectory("cove-web-").FullName;
    private WebApplicationFactory<Program> factory;

    public CoveHost(bool demo = false, string? oldDatabase = null)
    {
        Demo = demo;
        if (oldDatabase is not null)
        {
            using var connection = new SqliteConnection($"Data Source={DatabaseFile}");
            connection.Open();
            using SqliteCommand command = connection.CreateCommand();
#pragma warning disable CA2100 // The script stands beside the tests.
            command.CommandText = File.ReadAllText(Path.Combine(AppContext.BaseDirectory, oldDatabase));
#pragma warning restore CA2100
            command.ExecuteNonQuery();
        }

        factory = Start();
        Http = factory.CreateClient();
    }

    public bool Demo { get; }

    /// <summary>A Saturday morning.</summary>
    public FakeTimeProvider Clock { get; } = new(new DateTimeOffset(2026, 3, 14, 9, 30, 0, TimeSpan.Zero));

    public HttpClient Http { get; private set; }

    public string DatabaseFile => Path.Combine(directory, "cove.db");

    /// <summary>Ends the application and starts it again on the same file.</summary>
    public void Restart()
    {
        factory.Dispose();
        factory = Start();
        Http = factory.CreateClient();
    }

    public async Task<JsonObject> Get(string path)
    {
        HttpResponseMessage answer = await Http.GetAsync(new Uri(path, UriKind.Relative));
        answer.EnsureSuccessStatusCode();
        return (await answer.Content.ReadFromJsonAsync<JsonObject>())!;
    }

    public Task<HttpResponseMessage> Post(
        string path,
        string body,
        params (string Name, string Value)[] headers
    ) => Send(HttpMethod.Post, path, body, headers);

    public Task<HttpResponseMessage> Send(
        HttpMethod method,
        string path,
        string body,
        params (string Name, string Value)[] headers
    )
    {
        var request = new HttpRequestMessage(method, path)
        {
            Content = new StringContent(body, Encoding.UTF8, "application/json"),
        };
        foreach (var (name, value) in headers)
        {
            request.Headers.TryAddWithoutValidation(name, value);
        }

        return Http.SendAsync(request);
    }

    /// <summary>The id of the first vehicle; a plain hatchback is added where there is none.</summary>
    public async Task<string> Vehicle()
    {
        var vehicles = (await Http.GetFromJsonAsync<JsonArray>("/api/vehicles"))!;
        if (vehicles.Count == 0)
        {
            HttpResponseMessage added = await Post("/api/vehicles", Bodies.Vehicle());
            return (string)(await added.Content.ReadFromJsonAsync<JsonObject>())!["id"]!;
        }

        return (string)vehicles[0]!["id"]!;
    }

    /// <summary>Starts a run and gives it as the server does.</summary>
    public async Task<JsonObject> StartRun(string vehicleId, int minutes = 25)
    {
        HttpResponseMessage started = await Post(
            $"/api/vehicles/{vehicleId}/runs",
            $$"""{"minutes":{{minutes}}}""",
            ("Idempotency-Key", Guid.NewGuid().ToString())
        );
        started.EnsureSuccessStatusCode();
        return (await started.Content.ReadFromJsonAsync<JsonObject>())!;
    }

    public Task<HttpResponseMessage> Say(JsonObject run, string kind, int step, string? key = null) =>
        Post(
            $"/api/runs/{run["id"]}/events",
            $$"""{"kind":"{{kind}}","step":{{step}}}""",
            ("Idempotency-Key", key ?? Guid.NewGuid().ToString())
        );

    public void Dispose()
    {
        Http.Dispose();
        factory.Dispose();
        SqliteConnection.ClearAllPools();
        Directory.Delete(directory, recursive: true);
    }

    private WebApplicationFactory<Program> Start() =>
        new WebApplicationFactory<Program>().WithWebHostBuilder(host =>
        {
            host.UseSetting("data", directory);
            host.UseSetting("demo", Demo ? "true" : "false");
            host.ConfigureTestServices(services =>
            {
                services.RemoveAll<TimeProvider>();
                services.AddSingleton<TimeProvider>(Clock);
            });
        });
}

/// <summary>Request bodies.</summary>
public static class Bodies
{
    /// <summary>A sound vehicle, with some fields replaced or, where the value is null, left out. Fields of layout and use are named with a dot.</summary>
    public static string Vehicle(params (string Field, JsonNode? Value)[] changes)
    {
        var body = new JsonObject
        {
            ["name"] = "Test car",
            ["layout"] = new JsonObject
            {
                ["body"] = "hatchback",
                ["doors"] = 4,
                ["secondRowSeats"] = 3,
                ["driverSide"] = "left",
                ["seatMaterial"] = "wovenFabric",
                ["frontMats"] = "rubber",
                ["rearMats"] = "pile",
            },
            ["use"] = new JsonObject { ["kilometresAWeek"] = 240 },
            ["look"] = "livedIn",
        };
        foreach (var (field, value) in changes)
        {
            string[] path = field.Split('.');
            JsonObject holder = path.Length > 1 ? body[path[0]]!.AsObject() : body;
            if (value is null)
            {
                holder.Remove(path[^1]);
            }
            else
            {
                holder[path[^1]] = value;
            }
        }

        return body.ToJsonString();
    }
}
