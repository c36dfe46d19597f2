using System.Globalization;
using System.Text;
using Microsoft.Data.Sqlite;

namespace Cove.Web.Tests.Hostile;

/// <summary>Requests drawn from the API's own description, with wrong types, nulls, extremes and hostile text and headers.</summary>
public sealed class HostileRequestTests
{
    private const int Seed = 20260314;

    private static readonly string[] Types =
    [
        "application/json",
        "application/json; charset=utf-8",
        "application/json; charset=bogus",
        "application/json; charset=utf-16",
        "text/csv",
        "text/plain",
        "multipart/form-data",
        ";;;",
    ];

    private static readonly string[] Tags =
    [
        "\"0\"",
        "\"1\"",
        "W/\"0\"",
        "*",
        "0",
        "\"-1\"",
        "\"99999999999\"",
        "\"0\", \"1\"",
        "\"",
    ];

    private static readonly string[] Keys =
    [
        "a-key-of-a-test",
        "short",
        "",
        "ключ-ключ-ключ",
        "key with spaces",
        "another-key-of-a-test",
    ];

    [Fact]
    public async Task No_request_knocks_the_server_over_and_what_is_refused_changes_nothing()
    {
        using var cove = new CoveHost(demo: true);
        JsonObject description = await cove.Get("/openapi/v1.json");
        var random = new Random(Seed);
        List<string> known = await Known(cove);
        var json = new HostileJson(description["components"]!["schemas"]!.AsObject(), random, known);
        Operation[] operations =
        [
            .. description["paths"]!
                .AsObject()
                .SelectMany(path =>
                    path.Value!.AsObject()
                        .Where(operation => operation.Value is JsonObject)
                        .Select(operation => new Operation(
                            operation.Key,
                            path.Key,
                            operation.Value!.AsObject()
                        ))
                ),
        ];
        await using var watching = new SqliteConnection($"Data Source={cove.DatabaseFile};Mode=ReadOnly");
        await watching.OpenAsync();

        var answers = new Dictionary<int, int>();
        int requests = LongRun.Of(1_000, 10_000);
        for (int i = 0; i < requests; i++)
        {
            using HttpRequestMessage request = Draw(operations[random.Next(operations.Length)], json, random);
            string sent = await Written(request);
            long before = DataVersion(watching);
            using HttpResponseMessage answer = await cove.Http.SendAsync(request);
            string body = await answer.Content.ReadAsStringAsync();
            int status = (int)answer.StatusCode;
            answers[status] = answers.GetValueOrDefault(status) + 1;

            Assert.True(status < 500, $"Request {i} was answered {status}:\n{sent}\n{body}");
            Assert.True(
                status < 400 || DataVersion(watching) == before,
                $"Request {i} was refused with {status} and changed something:\n{sent}"
            );
        }

        // A run in which hardly anything is taken, or hardly anything refused, would show little.
        Assert.True(answers.Where(one => one.Key < 300).Sum(one => one.Value) > requests / 20);
        Assert.True(answers.Where(one => one.Key >= 400).Sum(one => one.Value) > requests / 4);
    }

    /// <summary>Counts what others have changed in the file.</summary>
    private static long DataVersion(SqliteConnection connection)
    {
        using SqliteCommand command = connection.CreateCommand();
        command.CommandText = "PRAGMA data_version";
        return (long)command.ExecuteScalar()!;
    }

    private static async Task<List<string>> Known(CoveHost cove)
    {
        string vehicle = await cove.Vehicle();
        JsonObject run = await cove.StartRun(vehicle);
        JsonObject log = await cove.Get($"/api/vehicles/{vehicle}/log");
        JsonObject shelf = await cove.Get("/api/shelf");
        return
        [
            vehicle,
            (string)run["id"]!,
            .. log["entries"]!.AsArray().Take(5).Select(entry => (string)entry!["id"]!),
            .. shelf["products"]!.AsArray().Select(product => (string)product!["id"]!),
            "driver-seat",
            "windscreen",
            "vehicle",
            "product",
            "glass-turn",
            "clean-wheel",
        ];
    }

    private static HttpRequestMessage Draw(Operation operation, HostileJson json, Random random)
    {
        double oddness = random.Next(4) switch
        {
            0 => 0,
            1 => 0.02,
            _ => 0.15,
        };
        string path = operation.Path;
        var query = new List<string>();
        foreach (JsonNode? parameter in operation.Details["parameters"] as JsonArray ?? [])
        {
            string name = (string)parameter!["name"]!;
            string value = (string?)parameter["schema"]?["format"] switch
            {
                "uuid" when random.Next(8) > 0 => json.Write(parameter["schema"]!, 0).Trim('"'),
                _ when parameter["schema"]?["type"] is JsonValue type && (string?)type is "string" =>
                    json.Text(),
                _ => json.Write(parameter["schema"]!, oddness).Trim('"'),
            };
            if ((string)parameter["in"]! == "path")
            {
                path = path.Replace($"{{{name}}}", Uri.EscapeDataString(value), StringComparison.Ordinal);
            }
            else if (random.Next(10) > 0)
            {
                query.Add($"{name}={Uri.EscapeDataString(value)}");
            }
        }

        // A verb that the address does not know is a request as well.
        string verb = random.Next(25) == 0 ? "PATCH" : operation.Verb.ToUpperInvariant();
        var request = new HttpRequestMessage(
            new HttpMethod(verb),
            path + (query.Count > 0 ? "?" + string.Join('&', query) : "")
        );
        if (operation.Details["requestBody"]?["content"] is JsonObject content)
        {
            JsonNode? schema = content["application/json"]?["schema"];
            string body = schema is null ? Csv(random) : json.Write(schema, oddness);
            request.Content = new ByteArrayContent(Encoding.UTF8.GetBytes(body));
            request.Content.Headers.TryAddWithoutValidation(
                "Content-Type",
                random.Next(8) == 0 ? Types[random.Next(Types.Length)]
                    : schema is null ? "text/csv"
                    : "application/json"
            );
        }

        if (random.Next(4) > 0)
        {
            request.Headers.TryAddWithoutValidation(
                "If-Match",
                random.Next(3) == 0 ? Tags[random.Next(Tags.Length)] : $"\"{random.Next(6)}\""
            );
        }

        if (random.Next(2) == 0)
        {
            request.Headers.TryAddWithoutValidation(
                "Idempotency-Key",
                random.Next(3) == 0
                    ? Keys[random.Next(Keys.Length)]
                    : random.Next(int.MaxValue).ToString("D12", CultureInfo.InvariantCulture)
            );
        }

        return request;
    }

    private static string Csv(Random random)
    {
        string[] cells =
        [
            "a",
            "NaN",
            "Infinity",
            "12.7",
            "1234567890123456789012345678901",
            "\"open",
            "interiorCleaner",
            "water",
            "-5",
            "=1+1",
            "",
            "2026-02-30",
            "\0",
        ];
        return "name,class,size,left,price,shelfLifeMonths\n"
            + string.Join(
                '\n',
                Enumerable
                    .Range(0, random.Next(4))
                    .Select(row =>
                        $"P{random.Next(1_000_000)},interiorCleaner,{string.Join(',', Enumerable.Range(0, 4).Select(_ => cells[random.Next(cells.Length)]))}"
                    )
            );
    }

    private static async Task<string> Written(HttpRequestMessage request) =>
        $"{request.Method} {request.RequestUri}\n{request.Headers}{request.Content?.Headers}"
        + (
            request.Content is null
                ? ""
                : Encoding.UTF8.GetString(await request.Content.ReadAsByteArrayAsync())
        );

    private sealed record Operation(string Verb, string Path, JsonObject Details);
}
