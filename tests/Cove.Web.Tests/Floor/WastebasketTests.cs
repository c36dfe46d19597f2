namespace Cove.Web.Tests.Floor;

public sealed class WastebasketTests
{
    [Fact]
    public async Task A_deleted_car_comes_back_whole()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        JsonObject run = await cove.StartRun(vehicle);
        await cove.Say(run, "done", 0);
        string[] before = await Everything(cove, vehicle, run);

        await cove.DeleteVehicle(vehicle);
        string[] missing = [.. Paths(vehicle, run).Select(path => Status(cove, path))];
        HttpResponseMessage said = await cove.Say(run, "done", 1);
        JsonNode there = Assert.Single((await Basket(cove)))!;
        HttpResponseMessage back = await cove.Post($"/api/wastebasket/vehicle/{vehicle}/restore", "");

        Assert.All(missing, status => Assert.Equal("NotFound", status));
        Assert.Equal(HttpStatusCode.NotFound, said.StatusCode);
        Assert.Equal("Kestrin Marram", (string)there["name"]!);
        Assert.Equal("2026-04-13", (string)there["goesOn"]!);
        Assert.Equal(HttpStatusCode.NoContent, back.StatusCode);
        Assert.Equal(before, await Everything(cove, vehicle, run));
        Assert.Empty(await Basket(cove));
    }

    [Fact]
    public async Task Deleting_needs_the_version_that_was_seen()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        string path = $"/api/vehicles/{vehicle}";

        HttpResponseMessage without = await cove.Send(HttpMethod.Delete, path, "");
        HttpResponseMessage stale = await cove.Send(HttpMethod.Delete, path, "", ("If-Match", "\"7\""));
        HttpResponseMessage weak = await cove.Send(HttpMethod.Delete, path, "", ("If-Match", "W/\"0\""));

        Assert.Equal(HttpStatusCode.PreconditionRequired, without.StatusCode);
        Assert.Equal(HttpStatusCode.PreconditionFailed, stale.StatusCode);
        Assert.Equal(HttpStatusCode.PreconditionRequired, weak.StatusCode);
        await cove.Get(path);
    }

    [Fact]
    public async Task Deleting_a_car_that_is_not_there_measures_no_bottle()
    {
        using var cove = new CoveHost(demo: true);
        string before = (await cove.Get("/api/shelf"))["products"]!.ToJsonString();
        cove.Clock.Advance(TimeSpan.FromDays(2));

        HttpResponseMessage answer = await cove.Send(
            HttpMethod.Delete,
            "/api/vehicles/00000000-0000-0000-0000-000000000001",
            "",
            ("If-Match", "\"0\"")
        );

        Assert.Equal(HttpStatusCode.NotFound, answer.StatusCode);
        Assert.Equal(before, (await cove.Get("/api/shelf"))["products"]!.ToJsonString());
    }

    [Fact]
    public async Task What_a_car_took_from_the_bottles_stays_taken_when_it_goes_for_good_after_thirty_days()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        JsonObject run = await cove.StartRun(vehicle, 60);
        for (int step = 0; step < run["steps"]!.AsArray().Count; step++)
        {
            await cove.Say(run, "done", step);
        }

        double[] before = await Left(cove);
        await cove.DeleteVehicle(vehicle);
        double[] inBasket = await Left(cove);
        cove.Clock.Advance(TimeSpan.FromDays(29));
        cove.Restart();
        JsonArray kept = await Basket(cove);
        cove.Clock.Advance(TimeSpan.FromDays(2));
        cove.Restart();
        await Until(async () => (await Basket(cove)).Count == 0);

        Assert.Single(kept);
        Assert.Equal(before, inBasket);
        Assert.Equal(before, await Left(cove), (one, other) => Math.Abs(one - other) < 0.01);
        Assert.Equal("1", cove.Value("SELECT COUNT(*) FROM Vehicles"));
        Assert.Equal("0", cove.Value("SELECT COUNT(*) FROM Runs"));
    }

    [Fact]
    public async Task A_clock_that_jumps_ahead_does_not_empty_it()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        await cove.DeleteVehicle(vehicle);

        cove.Restart(() => cove.Clock.Advance(TimeSpan.FromDays(4000)));
        await Tidied(cove);
        string goesOn = (string)Assert.Single(await Basket(cove))!["goesOn"]!;
        cove.Restart(() => cove.Clock.Advance(TimeSpan.FromDays(2)));
        // A change waits for the tidy of a start, which holds its turn from the beginning.
        await cove.Post("/api/vehicles", Bodies.Vehicle());

        Assert.Single(await Basket(cove));
        // Past its time when it was first seen, it has the whole time before it again.
        Assert.Equal("2037-03-26", goesOn);
    }

    [Fact]
    public async Task Photos_of_a_car_in_it_are_neither_shown_nor_deleted_and_go_with_it()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        string photo = await Photographed(cove, vehicle);
        await cove.DeleteVehicle(vehicle);

        HttpResponseMessage shown = await cove.Http.GetAsync(new Uri(photo, UriKind.Relative));
        HttpResponseMessage deleted = await cove.Send(HttpMethod.Delete, photo, "");
        await cove.Post($"/api/wastebasket/vehicle/{vehicle}/restore", "");
        HttpResponseMessage back = await cove.Http.GetAsync(new Uri(photo, UriKind.Relative));
        await cove.DeleteVehicle(vehicle);
        await cove.Send(HttpMethod.Delete, $"/api/wastebasket/vehicle/{vehicle}", "");

        Assert.Equal(HttpStatusCode.NotFound, shown.StatusCode);
        Assert.Equal(HttpStatusCode.NotFound, deleted.StatusCode);
        Assert.Equal(HttpStatusCode.OK, back.StatusCode);
        Assert.Empty(Directory.GetFiles(PhotoFolder(cove)));
    }

    [Fact]
    public async Task A_car_that_is_replaced_by_its_own_file_keeps_its_photos_and_the_address_of_its_calendar()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        await Photographed(cove, vehicle);
        JsonObject feed = (
            await (
                await cove.Post($"/api/vehicles/{vehicle}/routine/feed", "")
            ).Content.ReadFromJsonAsync<JsonObject>()
        )!;
        string address = (string)feed["feed"]!;
        string file = await cove.Http.GetStringAsync(
            new Uri($"/api/vehicles/{vehicle}/file", UriKind.Relative)
        );

        HttpResponseMessage replaced = await cove.Post("/api/vehicles/import?existing=replace", file);

        replaced.EnsureSuccessStatusCode();
        JsonNode shown = (await cove.Get($"/api/vehicles/{vehicle}/log"))["entries"]!
            .AsArray()
            .SelectMany(entry => entry!["photos"]!.AsArray())
            .Single()!;
        byte[] picture = await cove.Http.GetByteArrayAsync(
            new Uri($"/api/photos/{shown["id"]}", UriKind.Relative)
        );
        Assert.NotEmpty(picture);
        Assert.Equal(
            HttpStatusCode.OK,
            (await cove.Http.GetAsync(new Uri(address, UriKind.Relative))).StatusCode
        );
        // The one that went has its own still, and each goes without the other.
        string old = (string)(await Basket(cove)).Single()!["id"]!;
        await cove.Send(HttpMethod.Delete, $"/api/wastebasket/vehicle/{old}", "");
        Assert.Equal(2, Directory.GetFiles(PhotoFolder(cove)).Length);
        Assert.Equal(
            picture,
            await cove.Http.GetByteArrayAsync(new Uri($"/api/photos/{shown["id"]}", UriKind.Relative))
        );
    }

    [Fact]
    public async Task A_deleted_product_comes_back_with_its_bottles()
    {
        using var cove = new CoveHost(demo: true);
        JsonObject before = (await cove.Get("/api/shelf"))["products"]![2]!.DeepClone().AsObject();
        await cove.Send(
            HttpMethod.Delete,
            $"/api/shelf/products/{before["id"]}",
            "",
            ("If-Match", $"\"{before["version"]}\"")
        );
        int without = (await cove.Get("/api/shelf"))["products"]!.AsArray().Count;

        await cove.Post($"/api/wastebasket/product/{before["id"]}/restore", "");

        JsonArray products = (await cove.Get("/api/shelf"))["products"]!.AsArray();
        Assert.Equal(without + 1, products.Count);
        Assert.Equal(before["details"]!.ToJsonString(), products[2]!["details"]!.ToJsonString());
    }

    [Fact]
    public async Task A_file_of_a_deleted_car_gives_it_its_id_again_and_both_can_be_had()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        string file = await cove.Http.GetStringAsync(
            new Uri($"/api/vehicles/{vehicle}/file", UriKind.Relative)
        );
        await cove.DeleteVehicle(vehicle);

        HttpResponseMessage imported = await cove.Post("/api/vehicles/import", file);
        string old = (string)(await Basket(cove)).Single()!["id"]!;
        await cove.Post($"/api/wastebasket/vehicle/{old}/restore", "");

        Assert.Equal(vehicle, (string)(await imported.Content.ReadFromJsonAsync<JsonObject>())!["id"]!);
        Assert.NotEqual(vehicle, old);
        string again = await cove.Http.GetStringAsync(new Uri($"/api/vehicles/{old}/file", UriKind.Relative));
        Assert.Equal(file, again.Replace(old, vehicle, StringComparison.Ordinal));
    }

    private static IEnumerable<string> Paths(string vehicle, JsonObject run) =>
        [
            $"/api/vehicles/{vehicle}",
            $"/api/vehicles/{vehicle}/cabin",
            $"/api/vehicles/{vehicle}/log",
            $"/api/vehicles/{vehicle}/use",
            $"/api/vehicles/{vehicle}/learnt",
            $"/api/vehicles/{vehicle}/file",
            $"/api/runs/{run["id"]}",
        ];

    private static async Task<string[]> Everything(CoveHost cove, string vehicle, JsonObject run)
    {
        var said = new List<string>();
        foreach (string path in Paths(vehicle, run))
        {
            string text = await cove.Http.GetStringAsync(new Uri(path, UriKind.Relative));
            // The version tells that something happened meanwhile.
            said.Add(System.Text.RegularExpressions.Regex.Replace(text, "\"version\":\\d+,\"archived\"", ""));
        }

        said.Add((await cove.Get("/api/shelf")).ToJsonString());
        return [.. said.Select((text, at) => at == 1 ? "" : text)];
    }

    private static string Status(CoveHost cove, string path) =>
        cove.Http.GetAsync(new Uri(path, UriKind.Relative)).Result.StatusCode.ToString();

    private static async Task<JsonArray> Basket(CoveHost cove) =>
        (await cove.Http.GetFromJsonAsync<JsonArray>("/api/wastebasket"))!;

    private static async Task<double[]> Left(CoveHost cove) =>
        [
            .. (await cove.Get("/api/shelf"))["products"]!
                .AsArray()
                .SelectMany(product => product!["details"]!["bottles"]!.AsArray())
                .Select(bottle => (double)bottle!["left"]!),
        ];

    private static string PhotoFolder(CoveHost cove) =>
        Path.Combine(Path.GetDirectoryName(cove.DatabaseFile)!, "photos");

    /// <summary>Adds a photo to the newest entry; gives its address.</summary>
    private static async Task<string> Photographed(CoveHost cove, string vehicle)
    {
        string entry = (string)(await cove.Get($"/api/vehicles/{vehicle}/log"))["entries"]![0]!["id"]!;
        using var picture = new ByteArrayContent(
            Pictures.RedAndBlue(40, 30, SkiaSharp.SKEncodedImageFormat.Jpeg)
        );
        picture.Headers.ContentType = new("image/jpeg");
        HttpResponseMessage added = await cove.Http.PostAsync(
            new Uri($"/api/log/{entry}/photos", UriKind.Relative),
            picture
        );
        added.EnsureSuccessStatusCode();
        return added.Headers.Location!.ToString();
    }

    /// <summary>Waits until the tidy of a start is done: it looks at what is close to its time last.</summary>
    private static Task Tidied(CoveHost cove) =>
        Until(() =>
            Task.FromResult(cove.Value("SELECT COUNT(*) FROM Vehicles WHERE DueSeenAt IS NOT NULL") == "1")
        );

    private static async Task Until(Func<Task<bool>> done)
    {
        for (int i = 0; i < 200 && !await done(); i++)
        {
            await Task.Delay(25);
        }
    }
}
