using System.Net.Sockets;
using Microsoft.Data.Sqlite;

namespace Cove.Web.Tests.Floor;

/// <summary>A server that is killed at any moment of a run, a start or a migration loses nothing it has acknowledged, and comes up again.</summary>
public sealed class KillTests
{
    private const int Seed = 314;

    [Fact]
    public async Task No_acknowledged_step_is_lost_or_doubled_by_a_kill()
    {
        string folder = Directory.CreateTempSubdirectory("cove-kill-").FullName;
        try
        {
            await LayDownFirstVersion(folder);
            int port = Started.FreePort();
            using var http = new HttpClient
            {
                BaseAddress = new Uri($"http://127.0.0.1:{port}"),
                Timeout = TimeSpan.FromSeconds(30),
            };
            var random = new Random(Seed);
            var owner = new Owner(http, random);
            int kills = LongRun.Of(5, 100);
            for (int kill = 0; kill < kills; kill++)
            {
                using var cove = new Started(["--data", folder, "--port", $"{port}"]);
                if (kill % 4 == 0)
                {
                    // In the middle of a start, which the first time is a migration.
                    await Task.Delay(random.Next(50, 1500));
                }
                else
                {
                    await cove.Up(http);
                    Task work = owner.Work();
                    await Task.WhenAny(work, Task.Delay(random.Next(20, 1200)));
                    await cove.Kill();
                    await work;
                    continue;
                }

                await cove.Kill();
            }

            using var last = new Started(["--data", folder, "--port", $"{port}"]);
            await last.Up(http);
            await owner.Finish();
            Assert.NotEmpty(owner.Acknowledged);
            Assert.Equal(owner.Expected.Order(), (await owner.Logged()).Order());
        }
        finally
        {
            Directory.Delete(folder, recursive: true);
        }
    }

    private static async Task LayDownFirstVersion(string folder)
    {
        await using var connection = new SqliteConnection(
            $"Data Source={Path.Combine(folder, "cove.db")};Pooling=False"
        );
        await connection.OpenAsync();
        await using SqliteCommand command = connection.CreateCommand();
#pragma warning disable CA2100 // The script stands beside the tests.
        command.CommandText = await File.ReadAllTextAsync(
            Path.Combine(AppContext.BaseDirectory, "OldDatabases/FirstVersion.sql")
        );
#pragma warning restore CA2100
        await command.ExecuteNonQueryAsync();
    }

    /// <summary>Someone who goes through one session after another and sends again what got no answer.</summary>
    private sealed class Owner(HttpClient http, Random random)
    {
        private string? vehicle;
        private string? run;
        private string? startKey;
        private int step;
        private int steps;
        private string? eventKey;

        /// <summary>The answers that came back, as run and step.</summary>
        public List<string> Acknowledged { get; } = [];

        /// <summary>What the log has to hold: every step that was done, each once.</summary>
        public List<string> Expected { get; } = [];

        /// <summary>Goes on until the server is gone.</summary>
        public async Task Work()
        {
            try
            {
                while (true)
                {
                    await Next();
                    await Task.Delay(random.Next(30));
                }
            }
            catch (Exception error)
                when (error
                        is HttpRequestException
                            or IOException
                            or SocketException
                            or OperationCanceledException
                )
            {
                // Killed. What was asked for is asked for again, under its key.
            }
        }

        /// <summary>Finishes what is open, with the server up.</summary>
        public async Task Finish()
        {
            do
            {
                await Next();
            } while (run is not null);
        }

        public async Task<List<string>> Logged()
        {
            var names = new List<string>();
            for (int skip = 0; ; skip += 100)
            {
                var page = (
                    await http.GetFromJsonAsync<JsonObject>(
                        new Uri($"/api/vehicles/{vehicle}/log?skip={skip}", UriKind.Relative)
                    )
                )!;
                JsonArray entries = page["entries"]!.AsArray();
                names.AddRange(entries.Select(entry => (string)entry!["name"]!));
                if (entries.Count < 100)
                {
                    return names;
                }
            }
        }

        private async Task Next()
        {
            vehicle ??= (string)
                ((await http.GetFromJsonAsync<JsonArray>(new Uri("/api/vehicles", UriKind.Relative)))!)[0]![
                    "id"
                ]!;
            if (run is null)
            {
                await Start();
                return;
            }

            eventKey ??= Guid.NewGuid().ToString();
            string kind = step < steps ? "done" : "finished";
            JsonObject after = await Send(
                $"/api/runs/{run}/events",
                $$"""{"kind":"{{kind}}","step":{{step}}}""",
                eventKey
            );
            eventKey = null;
            Acknowledged.Add($"{run} {step}");
            if (kind == "finished")
            {
                run = null;
                startKey = null;
                return;
            }

            JsonNode done = after["steps"]![step]!;
            Assert.Equal("done", (string)done["outcome"]!);
            if (!(bool)done["putsBack"]!)
            {
                Expected.Add((string)done["name"]!);
            }

            step++;
            Assert.Equal(step, (int)after["current"]!);
        }

        private async Task Start()
        {
            startKey ??= Guid.NewGuid().ToString();
            // One step at the least, whatever was done before: the car is used again between sessions.
            await Send(
                $"/api/vehicles/{vehicle}/events",
                """{"event":"beach","surfaceIds":[]}""",
                $"{startKey}-beach"
            );
            Beaches.Add(startKey);
            var today = (
                await http.GetFromJsonAsync<JsonObject>(
                    new Uri($"/api/vehicles/{vehicle}/today?minutes=10", UriKind.Relative)
                )
            )!;
            JsonObject started = await Send(
                $"/api/vehicles/{vehicle}/runs",
                $$"""{"minutes":10,"plan":"{{today["plan"]}}"}""",
                startKey
            );
            run = (string)started["id"]!;
            steps = started["steps"]!.AsArray().Count;
            step = (int)started["current"]!;
        }

        private HashSet<string> Beaches { get; } = [];

        private async Task<JsonObject> Send(string path, string body, string key)
        {
            using var request = new HttpRequestMessage(HttpMethod.Post, path)
            {
                Content = new StringContent(body, System.Text.Encoding.UTF8, "application/json"),
            };
            request.Headers.Add("Idempotency-Key", key);
            using HttpResponseMessage answer = await http.SendAsync(request);
            Assert.True(answer.IsSuccessStatusCode, await answer.Content.ReadAsStringAsync());
            JsonObject said = (await answer.Content.ReadFromJsonAsync<JsonObject>())!;
            if (key.EndsWith("-beach", StringComparison.Ordinal) && !Beaches.Contains(startKey!))
            {
                Expected.Add((string)said["name"]!);
            }

            return said;
        }
    }
}
