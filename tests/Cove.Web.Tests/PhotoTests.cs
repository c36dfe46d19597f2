using System.Net.Http.Headers;
using Cove.Data.Photos;
using MetadataExtractor;
using MetadataExtractor.Formats.Exif;
using SkiaSharp;

namespace Cove.Web.Tests;

/// <summary>Photos over HTTP.</summary>
public sealed class PhotoTests
{
    // The reader of MetadataExtractor shares nothing with what writes the photo.
    [Fact]
    public async Task What_the_camera_wrote_goes_in_and_only_the_picture_comes_out()
    {
        byte[] sent = Pictures.WithExif(
            Pictures.RedAndBlue(400, 300, SKEncodedImageFormat.Jpeg),
            orientation: 1
        );
        Assert.NotNull(Place(sent));
        Assert.Contains(Tags(sent), tag => tag.Description == "Invented");
        using var cove = new CoveHost(demo: true);

        JsonObject photo = await Add(cove, await Entry(cove), sent, "before");

        foreach (string small in (string[])["", "?small=true"])
        {
            byte[] kept = await cove.Http.GetByteArrayAsync($"/api/photos/{photo["id"]}{small}");
            Assert.Null(Place(kept));
            Assert.DoesNotContain(
                ImageMetadataReader.ReadMetadata(new MemoryStream(kept)),
                directory =>
                    directory is ExifDirectoryBase || directory.Name.Contains("XMP", StringComparison.Ordinal)
            );
            Assert.DoesNotContain(Tags(kept), tag => tag.Description == "Invented");
        }
    }

    // Where red and blue lie after each of the eight ways to hold a camera (TIFF 6.0, tag Orientation).
    [Theory]
    [InlineData(1, 400, 300, "left")]
    [InlineData(2, 400, 300, "right")]
    [InlineData(3, 400, 300, "right")]
    [InlineData(4, 400, 300, "left")]
    [InlineData(5, 300, 400, "top")]
    [InlineData(6, 300, 400, "top")]
    [InlineData(7, 300, 400, "bottom")]
    [InlineData(8, 300, 400, "bottom")]
    public void A_photo_is_turned_upright(int orientation, int width, int height, string red)
    {
        byte[] sent = Pictures.WithExif(
            Pictures.RedAndBlue(400, 300, SKEncodedImageFormat.Jpeg),
            (ushort)orientation
        );

        Photo photo = PhotoIntake.Read(sent).Photo!;

        Assert.Equal((width, height), (photo.Width, photo.Height));
        using SKBitmap kept = SKBitmap.Decode(photo.Jpeg);
        Assert.Equal((width, height), (kept.Width, kept.Height));
        foreach (
            var (side, x, y) in new[]
            {
                ("left", 20, height / 2),
                ("right", width - 20, height / 2),
                ("top", width / 2, 20),
                ("bottom", width / 2, height - 20),
            }
        )
        {
            SKColor seen = kept.GetPixel(x, y);
            if (side == red)
            {
                Assert.True(seen.Red > 200 && seen.Blue < 60, $"{side}: {seen}");
            }
        }
    }

    [Theory]
    [InlineData(SKEncodedImageFormat.Jpeg)]
    [InlineData(SKEncodedImageFormat.Png)]
    [InlineData(SKEncodedImageFormat.Webp)]
    public void Each_kind_that_is_taken_comes_out_as_a_smaller_picture(SKEncodedImageFormat format)
    {
        Photo photo = PhotoIntake.Read(Pictures.RedAndBlue(3_000, 1_000, format)).Photo!;

        Assert.Equal(PhotoIntake.LongSide, Math.Max(photo.Width, photo.Height));
        Assert.InRange(photo.Width / (double)photo.Height, 2.98, 3.02);
        using SKBitmap small = SKBitmap.Decode(photo.Small);
        Assert.Equal(PhotoIntake.SmallSide, small.Width);
    }

    [Fact]
    public void Forty_megapixels_are_taken_and_one_pixel_is()
    {
        Photo large = PhotoIntake.Read(Pictures.RedAndBlue(7_300, 5_480, SKEncodedImageFormat.Jpeg)).Photo!;
        Photo tiny = PhotoIntake.Read(Pictures.RedAndBlue(1, 1, SKEncodedImageFormat.Png)).Photo!;

        Assert.Equal(PhotoIntake.LongSide, large.Width);
        Assert.Equal((1, 1), (tiny.Width, tiny.Height));
    }

    [Fact]
    public async Task What_is_no_sound_picture_is_refused_and_leaves_nothing_behind()
    {
        using var cove = new CoveHost(demo: true);
        string entry = await Entry(cove);
        byte[] sound = Pictures.RedAndBlue(800, 600, SKEncodedImageFormat.Jpeg);
        var refused = new Dictionary<string, byte[]>
        {
            ["breaks off"] = sound[..(sound.Length / 2)],
            ["no picture"] = [.. "MZ"u8, .. new byte[4_000]],
            ["50 million"] = Pictures.Bomb(),
            ["JPEG, PNG or WebP"] = Pictures.Moving(),
            ["JPEG, PNG"] = [],
        };

        foreach (var (sentence, bytes) in refused)
        {
            HttpResponseMessage answer = await Send(cove, entry, bytes, "after");
            Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
            string said = await answer.Content.ReadAsStringAsync();
            Assert.Contains(sentence, said, StringComparison.Ordinal);
        }

        Assert.Empty(Files(cove));
        Assert.Empty(PhotosOf(await cove.Get($"/api/vehicles/{await cove.Vehicle()}/log")));
    }

    [Fact]
    public async Task Photos_go_with_the_photo_and_with_their_car()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        string entry = await Entry(cove);
        byte[] sent = Pictures.RedAndBlue(400, 300, SKEncodedImageFormat.Jpeg);
        JsonObject first = await Add(cove, entry, sent, "before");
        await Add(cove, entry, sent, "after");
        Assert.Equal(
            ["before", "after"],
            PhotosOf(await cove.Get($"/api/vehicles/{vehicle}/log")).Select(photo => (string)photo["side"]!)
        );
        JsonArray named = (await cove.Get($"/api/vehicles/{vehicle}/file"))["photos"]!.AsArray();
        Assert.Equal(2, named.Count);
        Assert.Equal(64, ((string)named[0]!["sha256"]!).Length);
        Assert.Equal(4, Files(cove).Length);

        (await cove.Send(HttpMethod.Delete, $"/api/photos/{first["id"]}", "")).EnsureSuccessStatusCode();

        Assert.Equal(2, Files(cove).Length);
        await cove.DeleteVehicle(vehicle);
        Assert.Equal(2, Files(cove).Length);
        (
            await cove.Send(HttpMethod.Delete, $"/api/wastebasket/vehicle/{vehicle}", "")
        ).EnsureSuccessStatusCode();
        Assert.Empty(Files(cove));
    }

    [Fact]
    public async Task An_entry_holds_eight_and_what_a_crash_left_is_swept_away()
    {
        using var cove = new CoveHost(demo: true);
        string entry = await Entry(cove);
        byte[] sent = Pictures.RedAndBlue(40, 30, SKEncodedImageFormat.Jpeg);
        string last = string.Empty;
        for (int i = 0; i < PhotoStore.MostOfEntry; i++)
        {
            last = (string)(await Add(cove, entry, sent, "after"))["id"]!;
        }

        Assert.Equal(HttpStatusCode.Conflict, (await Send(cove, entry, sent, "after")).StatusCode);
        Assert.Equal(2 * PhotoStore.MostOfEntry, Files(cove).Length);
        string folder = Path.GetDirectoryName(Files(cove)[0])!;
        await File.WriteAllTextAsync(Path.Combine(folder, $"{Guid.NewGuid()}.jpg.part"), "half");
        await File.WriteAllTextAsync(Path.Combine(folder, "notes.txt"), "the owner's");

        cove.Restart();
        (await cove.Send(HttpMethod.Delete, $"/api/photos/{last}", "")).EnsureSuccessStatusCode();

        Assert.Equal((2 * (PhotoStore.MostOfEntry - 1)) + 1, Files(cove).Length);
    }

    [Fact]
    public async Task Five_hundred_photos_cost_the_log_no_more_questions()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = $"/api/vehicles/{await cove.Vehicle()}";
        JsonArray entries = (await cove.Get($"{vehicle}/log"))["entries"]!.AsArray();
        string? before = await Questions(cove, $"{vehicle}/log");
        string? today = await Questions(cove, $"{vehicle}/today?minutes=25");
        byte[] sent = Pictures.RedAndBlue(40, 30, SKEncodedImageFormat.Jpeg);
        for (int i = 0; i < 500; i++)
        {
            await Add(cove, (string)entries[i / PhotoStore.MostOfEntry]!["id"]!, sent, "after");
        }

        Assert.Equal(500, PhotosOf(await cove.Get($"{vehicle}/log")).Length);
        Assert.Equal(before, await Questions(cove, $"{vehicle}/log"));
        Assert.Equal(today, await Questions(cove, $"{vehicle}/today?minutes=25"));
    }

    private static async Task<string?> Questions(CoveHost cove, string path)
    {
        HttpResponseMessage answer = await cove.Http.GetAsync(new Uri(path, UriKind.Relative));
        string timing = string.Join(' ', answer.Headers.GetValues("Server-Timing"));
        return timing[timing.IndexOf("queries", StringComparison.Ordinal)..];
    }

    private static async Task<string> Entry(CoveHost cove) =>
        (string)(await cove.Get($"/api/vehicles/{await cove.Vehicle()}/log"))["entries"]![0]!["id"]!;

    private static JsonNode[] PhotosOf(JsonObject log) =>
        [
            .. log["entries"]!
                .AsArray()
                .SelectMany(entry => entry!["photos"]!.AsArray()!)
                .Select(photo => photo!),
        ];

    private static string[] Files(CoveHost cove) =>
        System.IO.Directory.Exists(PhotoFolder(cove)) ? System.IO.Directory.GetFiles(PhotoFolder(cove)) : [];

    private static string PhotoFolder(CoveHost cove) =>
        Path.Combine(Path.GetDirectoryName(cove.DatabaseFile)!, "photos");

    private static GeoLocation? Place(byte[] picture) =>
        ImageMetadataReader
            .ReadMetadata(new MemoryStream(picture))
            .OfType<GpsDirectory>()
            .Select(gps => gps.GetGeoLocation())
            .FirstOrDefault();

    private static IEnumerable<Tag> Tags(byte[] picture) =>
        ImageMetadataReader.ReadMetadata(new MemoryStream(picture)).SelectMany(directory => directory.Tags);

    private static async Task<JsonObject> Add(CoveHost cove, string entry, byte[] bytes, string side)
    {
        HttpResponseMessage answer = await Send(cove, entry, bytes, side);
        Assert.Equal(HttpStatusCode.Created, answer.StatusCode);
        return (await answer.Content.ReadFromJsonAsync<JsonObject>())!;
    }

    private static Task<HttpResponseMessage> Send(CoveHost cove, string entry, byte[] bytes, string side)
    {
        var content = new ByteArrayContent(bytes);
        content.Headers.ContentType = new MediaTypeHeaderValue("image/jpeg");
        return cove.Http.PostAsync(
            new Uri($"/api/log/{entry}/photos?side={side}", UriKind.Relative),
            content
        );
    }
}
