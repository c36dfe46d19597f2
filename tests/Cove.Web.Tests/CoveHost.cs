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
    private static readonly Lazy<string> EmptyData = new(() => LayDown(demo: false));
    private static readonly Lazy<string> DemoData = new(() => LayDown(demo: true));

    private readonly string directory = Directory.CreateTempSubdirectory("cove-web-").FullName;
    private WebApplicationFactory<Program> factory;

    /// <summary>Starts it.</summary>
    /// <param name="demo">With the invented data, or with none.</param>
    /// <param name="oldDatabase">A script that lays down the database of an earlier version; null for one of this version.</param>
    /// <param name="prepare">Changes the database before the start; null to leave it as it is.</param>
    public CoveHost(bool demo = false, string? oldDatabase = null, string? prepare = null)
    {
        Demo = demo;
        if (oldDatabase is null)
        {
            // Bringing up a database takes most of a start, so each kind is laid down once and copied.
            File.Copy((demo ? DemoData : EmptyData).Value, DatabaseFile);
        }
        else
        {
            Execute(File.ReadAllText(Path.Combine(AppContext.BaseDirectory, oldDatabase)));
        }

        if (prepare is not null)
        {
            Execute(prepare);
        }

        factory = Start();
        Http = factory.CreateClient();
    }

    private CoveHost(bool demo, string directory)
    {
        this.directory = directory;
        Demo = demo;
        factory = Start();
        Http = factory.CreateClient();
    }

    public bool Demo { get; }

    /// <summary>A Saturday morning.</summary>
    public FakeTimeProvider Clock { get; } = new(new DateTimeOffset(2026, 3, 14, 9, 30, 0, TimeSpan.Zero));

    public HttpClient Http { get; private set; }

    public string DatabaseFile => Path.Combine(directory, "cove.db");

    /// <summary>Changes the database behind the back of the application.</summary>
    public void Execute(string sql)
    {
        using var connection = new SqliteConnection($"Data Source={DatabaseFile};Pooling=False");
        connection.Open();
        using SqliteCommand command = connection.CreateCommand();
#pragma warning disable CA2100 // The commands stand in these tests.
        command.CommandText = sql;
#pragma warning restore CA2100
        command.ExecuteNonQuery();
    }

    /// <summary>The first value of the first row that a query gives.</summary>
    public string? Value(string sql)
    {
        using var connection = new SqliteConnection($"Data Source={DatabaseFile};Pooling=False");
        connection.Open();
        using SqliteCommand command = connection.CreateCommand();
#pragma warning disable CA2100 // The queries stand in these tests.
        command.CommandText = sql;
#pragma warning restore CA2100
        return command.ExecuteScalar()?.ToString();
    }

    /// <summary>What the log of the server says so far.</summary>
    public IReadOnlyList<string> LogLines()
    {
        var lines = new List<string>();
        foreach (string file in Directory.GetFiles(Path.Combine(directory, "logs")))
        {
            using var reader = new StreamReader(
                new FileStream(file, FileMode.Open, FileAccess.Read, FileShare.ReadWrite)
            );
            lines.AddRange(reader.ReadToEnd().Split('\n', StringSplitOptions.RemoveEmptyEntries));
        }

        return lines;
    }

    /// <summary>Ends the application and starts it again on the same file, which may be changed in between.</summary>
    public void Restart(Action? between = null)
    {
        factory.Dispose();
        SqliteConnection.ClearAllPools();
        between?.Invoke();
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

    /// <summary>Puts a vehicle into the wastebasket.</summary>
    public async Task DeleteVehicle(string vehicle)
    {
        JsonObject detail = await Get($"/api/vehicles/{vehicle}");
        HttpResponseMessage deleted = await Send(
            HttpMethod.Delete,
            $"/api/vehicles/{vehicle}",
            "",
            ("If-Match", $"\"{detail["version"]}\"")
        );
        deleted.EnsureSuccessStatusCode();
    }

    /// <summary>What to send to start the session that Today shows.</summary>
    public async Task<string> SessionShown(string vehicleId, int minutes = 25)
    {
        JsonObject today = await Get($"/api/vehicles/{vehicleId}/today?minutes={minutes}");
        return $$"""{"minutes":{{minutes}},"plan":"{{today["plan"]}}"}""";
    }

    /// <summary>Starts a run and gives it as the server does.</summary>
    public async Task<JsonObject> StartRun(string vehicleId, int minutes = 25)
    {
        HttpResponseMessage started = await Post(
            $"/api/vehicles/{vehicleId}/runs",
            await SessionShown(vehicleId, minutes),
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

    /// <summary>Lets a first start make a database, and gives its file. The folder goes with the process.</summary>
    private static string LayDown(bool demo)
    {
        string folder = Directory.CreateTempSubdirectory("cove-web-new-").FullName;
        string kept = Path.Combine(folder, "kept.db");
        var host = new CoveHost(demo, folder);
        host.Http.Dispose();
        host.factory.Dispose();
        SqliteConnection.ClearAllPools();
        File.Move(host.DatabaseFile, kept);
        AppDomain.CurrentDomain.ProcessExit += (_, _) => Directory.Delete(folder, recursive: true);
        return kept;
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
