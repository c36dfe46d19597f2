using System.Net.Sockets;
using System.Text;
using Microsoft.AspNetCore.Mvc.Testing;

namespace Cove.Web.Tests.Floor;

/// <summary>How the server answers, whatever is asked.</summary>
public sealed class HostingTests(DemoCove demo) : IClassFixture<DemoCove>
{
    private CoveHost Cove => demo.Host;

    [Theory]
    [InlineData("/assets/app-1a2b3c4d.js", "public, max-age=31536000, immutable")]
    [InlineData("/", "no-store")]
    [InlineData("/cars/1/today", "no-store")]
    [InlineData("/api/health", "no-store")]
    public async Task What_has_a_digest_in_its_name_is_kept_for_a_year_and_nothing_else(
        string path,
        string kept
    )
    {
        HttpResponseMessage answer = await Cove.Http.GetAsync(new Uri(path, UriKind.Relative));

        answer.EnsureSuccessStatusCode();
        Assert.Equal(kept.Split(", ").Order(), answer.Headers.CacheControl!.ToString().Split(", ").Order());
    }

    [Theory]
    [InlineData("/assets/app-1a2b3c4d.js")]
    [InlineData("/api/vehicles/choices")]
    [InlineData("/openapi/v1.json")]
    public async Task Answers_are_compressed_for_whoever_takes_that(string path)
    {
        using var request = new HttpRequestMessage(HttpMethod.Get, path);
        request.Headers.TryAddWithoutValidation("Accept-Encoding", "br");

        HttpResponseMessage answer = await Cove.Http.SendAsync(request);

        Assert.Equal("br", Assert.Single(answer.Content.Headers.ContentEncoding));
    }

    [Fact]
    public async Task A_server_that_cannot_use_its_database_is_alive_but_not_ready_and_says_why()
    {
        using var cove = new CoveHost();
        JsonObject ready = await cove.Get("/api/ready");
        await File.WriteAllBytesAsync(cove.DatabaseFile, new byte[9000]);
        foreach (string beside in new[] { "-wal", "-shm" })
        {
            File.Delete(cove.DatabaseFile + beside);
        }

        Microsoft.Data.Sqlite.SqliteConnection.ClearAllPools();

        HttpResponseMessage health = await cove.Http.GetAsync(new Uri("/api/health", UriKind.Relative));
        HttpResponseMessage now = await cove.Http.GetAsync(new Uri("/api/ready", UriKind.Relative));

        Assert.Equal("ready", (string)ready["status"]!);
        Assert.Equal(HttpStatusCode.OK, health.StatusCode);
        await BadInputTests.AssertProblem(now, HttpStatusCode.ServiceUnavailable, null);
    }

    [Fact]
    public async Task Every_request_leaves_one_line_and_a_mistake_of_the_client_no_trace()
    {
        using var cove = new CoveHost();
        await cove.Post("/api/vehicles", "{");
        await cove.Http.GetAsync(new Uri("/api/vehicles/1%0a2026 EROR forged/today", UriKind.Relative));
        await cove.Http.GetAsync(new Uri("/api/vehicles/x/today?minutes=five", UriKind.Relative));
        await cove.Get("/api/health");

        string[] lines = [.. cove.LogLines().Where(line => line.Contains("/api/", StringComparison.Ordinal))];

        Assert.Equal(4, lines.Length);
        Assert.All(
            lines,
            line =>
                Assert.Matches(
                    @"^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d\.\d{3}[+-]\d\d:\d\d INFO \S+ (GET|POST) \S+ \d{3} in [\d.]+ ms$",
                    line
                )
        );
        Assert.DoesNotContain(
            cove.LogLines(),
            line => line.TrimStart().StartsWith("at ", StringComparison.Ordinal)
        );
    }

    [Fact]
    public async Task The_log_names_the_client_but_neither_calendars_nor_what_was_looked_for()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        HttpResponseMessage feed = await cove.Post($"/api/vehicles/{vehicle}/routine/feed", "");
        string address = (string)(await feed.Content.ReadFromJsonAsync<JsonObject>())!["feed"]!;

        await cove.Http.GetAsync(new Uri(address, UriKind.Relative));
        await cove.Http.GetAsync(new Uri($"/CALENDAR{address["/calendar".Length..]}", UriKind.Relative));
        await cove.Http.GetStringAsync(
            new Uri($"/api/vehicles/{vehicle}/find?words=spilt%20wine", UriKind.Relative)
        );
        await cove.Get($"/api/vehicles/{vehicle}/log?text=secret&from=2026-01-05");
        await cove.Get($"/api/vehicles/{vehicle}/today?minutes=25&slot=true");

        string log = string.Join('\n', cove.LogLines());
        string key = address.Split('/')[^1].Replace(".ics", "", StringComparison.Ordinal);
        Assert.DoesNotContain(key, log, StringComparison.OrdinalIgnoreCase);
        Assert.DoesNotContain("wine", log, StringComparison.Ordinal);
        Assert.DoesNotContain("secret", log, StringComparison.Ordinal);
        Assert.Contains("find?words=***", log, StringComparison.Ordinal);
        Assert.Contains("log?text=***&from=2026-01-05", log, StringComparison.Ordinal);
        Assert.Contains("today?minutes=25&slot=true", log, StringComparison.Ordinal);
        Assert.All(
            cove.LogLines().Where(line => line.Contains("/api/", StringComparison.Ordinal)),
            line => Assert.Contains("INFO local/", line, StringComparison.Ordinal)
        );
    }

    [Theory]
    [InlineData("FFFFFFFFFFFFFFFFF")]
    [InlineData("7FFFFFFFFFFFFFFF")]
    [InlineData("-1")]
    [InlineData("many")]
    public async Task A_chunk_of_an_absurd_size_is_a_mistake_of_the_client(string size)
    {
        string folder = Directory.CreateTempSubdirectory("cove-chunks-").FullName;
        await using var factory = new WebApplicationFactory<Program>().WithWebHostBuilder(host =>
        {
            host.UseSetting("data", folder);
        });
        factory.UseKestrel(0);
        using HttpClient http = factory.CreateClient();

        foreach (string path in (string[])["/api/shelf/products", "/api/vehicles/import", "/api/busy"])
        {
            string status = await Raw(
                http.BaseAddress!,
                $"POST {path} HTTP/1.1",
                "Content-Type: application/json\r\nTransfer-Encoding: chunked",
                $"{size}\r\n{{}}\r\n0\r\n\r\n"
            );

            Assert.Contains(
                status,
                (string[])
                    [
                        "HTTP/1.1 400 Bad Request",
                        "HTTP/1.1 413 Payload Too Large",
                        "HTTP/1.1 415 Unsupported Media Type",
                    ]
            );
        }

        Directory.Delete(folder, recursive: true);
    }

    [Theory]
    [InlineData("application/json; charset=\"UTF-8\"")]
    [InlineData("application/json; charset=\"utf-8\"")]
    [InlineData("application/json;charset=UTF-8")]
    public async Task A_charset_may_stand_in_quotes(string type)
    {
        using var cove = new CoveHost();
        using var content = new ByteArrayContent("""{"name":"Quoted","class":"water"}"""u8.ToArray());
        content.Headers.TryAddWithoutValidation("Content-Type", type);

        HttpResponseMessage answer = await cove.Http.PostAsync(
            new Uri("/api/shelf/products", UriKind.Relative),
            content
        );

        Assert.Equal(HttpStatusCode.Created, answer.StatusCode);
    }

    [Fact]
    public async Task Whose_file_is_gone_or_empty_is_not_ready()
    {
        using var cove = new CoveHost();
        await cove.Get("/api/ready");
        File.Move(cove.DatabaseFile, cove.DatabaseFile + ".away");

        HttpResponseMessage gone = await cove.Http.GetAsync(new Uri("/api/ready", UriKind.Relative));
        await File.WriteAllBytesAsync(cove.DatabaseFile, []);
        HttpResponseMessage empty = await cove.Http.GetAsync(new Uri("/api/ready", UriKind.Relative));

        await BadInputTests.AssertProblem(gone, HttpStatusCode.ServiceUnavailable, null);
        await BadInputTests.AssertProblem(empty, HttpStatusCode.ServiceUnavailable, null);
    }

    [Theory]
    [InlineData("DELETE", "/api/vehicles/{car}/surfaces/%2e%2e")]
    [InlineData("DELETE", "/api/vehicles/{car}/surfaces/..")]
    [InlineData("DELETE", "/api/vehicles/{car}/surfaces/.%2E/")]
    [InlineData("PUT", "/api/vehicles/{car}/surfaces/%2e")]
    [InlineData("GET", "/api/vehicles/../vehicles")]
    public async Task A_part_of_dots_reaches_no_other_address(string method, string path)
    {
        string folder = Directory.CreateTempSubdirectory("cove-dots-").FullName;
        await using var factory = new WebApplicationFactory<Program>().WithWebHostBuilder(host =>
        {
            host.UseSetting("data", folder);
        });
        factory.UseKestrel(0);
        using HttpClient http = factory.CreateClient();
        HttpResponseMessage added = await http.PostAsync(
            new Uri("/api/vehicles", UriKind.Relative),
            new StringContent(Bodies.Vehicle(), Encoding.UTF8, "application/json")
        );
        string car = (string)(await added.Content.ReadFromJsonAsync<JsonObject>())!["id"]!;

        string status = await Raw(
            http.BaseAddress!,
            $"{method} {path.Replace("{car}", car, StringComparison.Ordinal)} HTTP/1.1"
        );

        Assert.Equal("HTTP/1.1 400 Bad Request", status);
        Assert.Single((await http.GetFromJsonAsync<JsonArray>(new Uri("/api/vehicles", UriKind.Relative)))!);
        Directory.Delete(folder, recursive: true);
    }

    [Theory]
    [InlineData("0.0.0.0", "localhost garage.home 127.0.0.1", "elsewhere.example 203.0.113.9")]
    [InlineData("127.0.0.2,127.0.0.3", "127.0.0.3 127.0.0.2 127.0.0.1 garage.home", "127.0.0.9")]
    public async Task Only_requests_to_its_own_names_are_answered_wherever_it_listens(
        string listen,
        string answered,
        string refused
    )
    {
        string folder = Directory.CreateTempSubdirectory("cove-hosts-").FullName;
        int port = Started.FreePort();
        using var http = new HttpClient { BaseAddress = new Uri($"http://127.0.0.1:{port}") };
        using var cove = new Started([
            "--data",
            folder,
            "--port",
            $"{port}",
            "--listen",
            listen,
            "--host",
            "garage.home",
        ]);
        await cove.Up(http);

        foreach (string name in answered.Split(' '))
        {
            Assert.Equal((name, HttpStatusCode.Created), (name, await AddAs(http, $"{name}:{port}")));
        }

        foreach (string name in refused.Split(' '))
        {
            Assert.Equal((name, HttpStatusCode.BadRequest), (name, await AddAs(http, $"{name}:{port}")));
        }

        await cove.Kill();
        Directory.Delete(folder, recursive: true);
    }

    /// <summary>Adds a car with a page of that host asking, and gives the status.</summary>
    private static async Task<HttpStatusCode> AddAs(HttpClient http, string host)
    {
        using var request = new HttpRequestMessage(HttpMethod.Post, "/api/vehicles")
        {
            Content = new StringContent(Bodies.Vehicle(), Encoding.UTF8, "application/json"),
        };
        request.Headers.Host = host;
        request.Headers.TryAddWithoutValidation("Origin", $"http://{host}");
        using HttpResponseMessage answer = await http.SendAsync(request);
        return answer.StatusCode;
    }

    /// <summary>Sends a first line as it is, which a client of the framework would mend.</summary>
    private static Task<string> Raw(Uri server, string line) =>
        Raw(server, line, "If-Match: \"0\"\r\nContent-Length: 0", string.Empty);

    private static async Task<string> Raw(Uri server, string line, string headers, string body)
    {
        using var client = new TcpClient();
        await client.ConnectAsync(server.Host, server.Port);
        await using NetworkStream stream = client.GetStream();
        await stream.WriteAsync(
            Encoding.ASCII.GetBytes(
                $"{line}\r\nHost: localhost:{server.Port}\r\n{headers}\r\nConnection: close\r\n\r\n{body}"
            )
        );
        using var reader = new StreamReader(stream);
        return (await reader.ReadLineAsync())!;
    }
}
