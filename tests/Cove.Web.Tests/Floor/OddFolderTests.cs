using System.Diagnostics;
using System.Runtime.Versioning;
using Microsoft.Data.Sqlite;
using SkiaSharp;

namespace Cove.Web.Tests.Floor;

/// <summary>A start on a folder that is not as Cove left it deletes nothing, changes nothing that is not Cove's, and says in one sentence how to go on.</summary>
[SupportedOSPlatform("linux")]
public sealed class OddFolderTests : IDisposable
{
    /// <summary>A folder with a car and a photo, as a Cove left it that was ended in good order.</summary>
    private static readonly Lazy<Task<string>> Lived = new(LiveIn);

    private readonly string root = Directory.CreateTempSubdirectory("cove-odd-").FullName;

    private string Folder => Path.Combine(root, "data");

    private string DatabaseFile => Path.Combine(Folder, "cove.db");

    private string Photos => Path.Combine(Folder, "photos");

    [Fact]
    public async Task Photos_without_their_database_are_no_fresh_start()
    {
        await Lay();
        File.Move(DatabaseFile, Path.Combine(root, "moved-away.db"));

        await RefusedUntouched("no file cove.db", "--set-photos-aside");
        Assert.False(File.Exists(DatabaseFile));
    }

    [Fact]
    public async Task A_database_of_zero_bytes_beside_photos_is_refused()
    {
        await Lay();
        await File.WriteAllBytesAsync(DatabaseFile, []);

        await RefusedUntouched("0 bytes", "put your cove.db back");
    }

    [Fact]
    public async Task A_database_of_zero_bytes_beside_its_copies_is_refused()
    {
        await Lay();
        Directory.Delete(Photos, recursive: true);
        File.Move(DatabaseFile, Path.Combine(Folder, "cove.before-20261124031202_First.db"));
        await File.WriteAllBytesAsync(DatabaseFile, []);

        await RefusedUntouched("0 bytes", "older copies");
    }

    [Fact]
    public async Task A_database_that_holds_nothing_beside_photos_is_refused()
    {
        await Lay();
        File.Delete(DatabaseFile);
        string other = Path.Combine(root, "other");
        await UpOn(other);
        File.Copy(Path.Combine(other, "cove.db"), DatabaseFile);

        await RefusedUntouched("holds no car", "put your cove.db back");
    }

    [Fact]
    public async Task An_older_database_beside_photos_is_refused_and_the_newer_one_finds_everything_as_it_was()
    {
        await Lay();
        string newest = Path.Combine(root, "newest.db");
        File.Copy(DatabaseFile, newest);
        // As it was before the photo was taken.
        Execute("DELETE FROM Photos; DELETE FROM Answers; UPDATE Log SET At = At - 60000");

        await RefusedUntouched("older copy", "put the newest cove.db back");

        File.Copy(newest, DatabaseFile, overwrite: true);
        await UpOn(Folder);
        Assert.Equal(2, Directory.GetFiles(Photos).Length);
    }

    [Fact]
    public async Task A_database_from_before_there_were_photos_is_refused_beside_them()
    {
        await Lay();
        File.Delete(DatabaseFile);
        Execute(
            await File.ReadAllTextAsync(
                Path.Combine(AppContext.BaseDirectory, "OldDatabases/FifthVersion.sql")
            )
        );

        await RefusedUntouched("older copy", "put the newest cove.db back");
    }

    [Fact]
    public async Task A_database_of_a_newer_version_and_the_photos_beside_it_are_left_as_they_are()
    {
        await Lay();
        Execute("INSERT INTO __EFMigrationsHistory VALUES ('29991231000000_Later', '99.0')");

        await RefusedUntouched("newer Cove", "--data");
    }

    [Fact]
    public async Task A_folder_that_may_only_be_read_is_refused_with_all_that_is_in_it()
    {
        await Lay();
        string[] asNobody =
            Environment.UserName == "root"
                ? ["setpriv", "--reuid=65534", "--clear-groups", "--regid=65534"]
                : [];
        Assert.Equal(0, Run("chmod", "-R", "a+rX,a-w", Folder));
        Assert.Equal(0, Run("chmod", "a+x", root));

        await RefusedUntouched(["may not write"], asNobody);
        Assert.Equal(0, Run("chmod", "-R", "u+w", Folder));
    }

    [Fact]
    public async Task What_a_start_that_was_killed_left_unfinished_goes()
    {
        await Lay();
        string copy = Path.Combine(Folder, "cove.before-20261124031202_First.db.part");
        string mine = Path.Combine(Folder, "my-notes.part");
        await File.WriteAllTextAsync(copy, "half a copy");
        await File.WriteAllTextAsync(mine, "mine");

        await UpOn(Folder);

        Assert.False(File.Exists(copy));
        Assert.True(File.Exists(mine));
    }

    [Fact]
    public async Task A_photo_whose_change_was_kept_before_its_files_had_their_names_has_them_after_a_start()
    {
        await Lay();
        string[] photos = Directory.GetFiles(Photos);
        foreach (string photo in photos)
        {
            File.Move(photo, $"{photo}.part");
        }

        await UpOn(Folder);

        Assert.Equal(photos.Order(), Directory.GetFiles(Photos).Order());
    }

    [Fact]
    public async Task Whoever_says_so_goes_on_without_the_photos_and_has_them_back_with_their_database()
    {
        await Lay();
        string[] photos = [.. Directory.GetFiles(Photos).Select(Path.GetFileName).Order()!];
        File.Move(DatabaseFile, Path.Combine(root, "moved-away.db"));

        string said = await UpOn(Folder, "--set-photos-aside");

        Assert.Contains("set aside", said, StringComparison.Ordinal);
        string aside = Assert.Single(Directory.GetDirectories(Path.Combine(Photos, "set-aside")));
        Assert.Equal(photos, Directory.GetFiles(aside).Select(Path.GetFileName).Order());
        Assert.Empty(Directory.GetFiles(Photos));

        File.Move(Path.Combine(root, "moved-away.db"), DatabaseFile, overwrite: true);
        said = await UpOn(Folder);

        Assert.Contains("are back", said, StringComparison.Ordinal);
        Assert.Equal(photos, Directory.GetFiles(Photos).Select(Path.GetFileName).Order());
    }

    [Fact]
    public async Task A_photo_that_no_car_knows_is_set_aside_and_other_files_stay_where_they_are()
    {
        await Lay();
        string stray = $"{Guid.NewGuid()}.jpg";
        await File.WriteAllTextAsync(Path.Combine(Photos, stray), "a picture");
        await File.WriteAllTextAsync(Path.Combine(Photos, "holiday.jpg"), "another");
        await File.WriteAllTextAsync(Path.Combine(Photos, $"{Guid.NewGuid()}.jpg.part"), "half a picture");

        string said = await UpOn(Folder);

        Assert.Contains("set aside", said, StringComparison.Ordinal);
        Assert.Single(
            Directory.GetFiles(Path.Combine(Photos, "set-aside"), stray, SearchOption.AllDirectories)
        );
        Assert.True(File.Exists(Path.Combine(Photos, "holiday.jpg")));
        Assert.Equal(3, Directory.GetFiles(Photos).Length);
    }

    [Fact]
    public async Task A_folder_of_other_things_is_refused_and_keeps_its_modes()
    {
        string script = Path.Combine(Folder, "bin", "run.sh");
        Directory.CreateDirectory(Path.GetDirectoryName(script)!);
        await File.WriteAllTextAsync(script, "true");
        File.SetUnixFileMode(script, (UnixFileMode)0b111_101_101);
        File.SetUnixFileMode(Folder, (UnixFileMode)0b111_101_101);

        await RefusedUntouched("other things", "--data");
        Assert.Equal((UnixFileMode)0b111_101_101, File.GetUnixFileMode(script));
        Assert.Equal((UnixFileMode)0b111_101_101, File.GetUnixFileMode(Folder));
        Assert.False(File.Exists(Path.Combine(Folder, "cove.lock")));
    }

    [Fact]
    public async Task Only_Coves_own_files_are_closed_to_others_and_none_through_a_link()
    {
        await Lay();
        string outside = Directory.CreateDirectory(Path.Combine(root, "outside")).FullName;
        string linked = Path.Combine(outside, "tool.sh");
        await File.WriteAllTextAsync(linked, "true");
        string notes = Path.Combine(Folder, "notes", "read-me.txt");
        Directory.CreateDirectory(Path.GetDirectoryName(notes)!);
        await File.WriteAllTextAsync(notes, "mine");
        File.CreateSymbolicLink(Path.Combine(Folder, "link"), outside);
        File.CreateSymbolicLink(Path.Combine(Photos, $"{Guid.NewGuid()}.jpg"), linked);
        Directory.Move(Path.Combine(Folder, "logs"), Path.Combine(outside, "logs"));
        File.CreateSymbolicLink(Path.Combine(Folder, "logs"), Path.Combine(outside, "logs"));
        string[] foreign =
        [
            linked,
            notes,
            outside,
            Path.GetDirectoryName(notes)!,
            Path.Combine(outside, "logs"),
            Folder,
        ];
        foreach (string path in foreign)
        {
            File.SetUnixFileMode(path, (UnixFileMode)0b111_101_101);
        }

        File.SetUnixFileMode(DatabaseFile, (UnixFileMode)0b110_100_100);

        await UpOn(Folder);

        Assert.All(
            foreign,
            path => Assert.Equal((path, (UnixFileMode)0b111_101_101), (path, File.GetUnixFileMode(path)))
        );
        Assert.Equal((UnixFileMode)0b110_000_000, File.GetUnixFileMode(DatabaseFile));
    }

    [Fact]
    public async Task On_a_full_disk_it_starts_reads_and_deletes()
    {
        Directory.CreateDirectory(Folder);
        if (Run("mount", "-t", "tmpfs", "-o", "size=72m", "tmpfs", Folder) != 0)
        {
            Assert.Skip("Only whoever may mount can make a disk that is full.");
        }

        try
        {
            await Lay();
            await UpOn(Folder);
            Assert.True(File.Exists(Path.Combine(Folder, "cove.reserve")));
            Fill(Path.Combine(Folder, "everything-else"));

            string said = await UpOn(
                Folder,
                async http =>
                {
                    JsonArray cars = (await http.GetFromJsonAsync<JsonArray>("/api/vehicles"))!;
                    JsonObject log = (
                        await http.GetFromJsonAsync<JsonObject>($"/api/vehicles/{cars[0]!["id"]}/log")
                    )!;
                    JsonNode photo = log["entries"]!
                        .AsArray()
                        .SelectMany(entry => entry!["photos"]!.AsArray())
                        .Single()!;
                    (
                        await http.GetAsync(new Uri($"/api/photos/{photo["id"]}", UriKind.Relative))
                    ).EnsureSuccessStatusCode();
                    (
                        await http.DeleteAsync(new Uri($"/api/photos/{photo["id"]}", UriKind.Relative))
                    ).EnsureSuccessStatusCode();
                }
            );

            Assert.Contains("disk is full", said, StringComparison.Ordinal);
            Assert.Empty(Directory.GetFiles(Photos));
        }
        finally
        {
            Run("umount", Folder);
        }
    }

    [Theory]
    [InlineData("--porrt", "5117")]
    [InlineData("--demoo", "true")]
    [InlineData("data", "/tmp")]
    public async Task An_option_that_there_is_not_is_refused(string option, string value)
    {
        using var cove = new Started([option, value]);

        (int code, string said) = await cove.Ended();

        Assert.Equal(1, code);
        Assert.Contains($"no option \"{option}\"", said, StringComparison.Ordinal);
    }

    public void Dispose() => Directory.Delete(root, recursive: true);

    private static async Task<string> LiveIn()
    {
        string folder = Directory.CreateTempSubdirectory("cove-lived-").FullName;
        AppDomain.CurrentDomain.ProcessExit += (_, _) => Directory.Delete(folder, recursive: true);
        await UpOn(
            folder,
            async http =>
            {
                HttpResponseMessage car = await http.PostAsync(
                    new Uri("/api/vehicles", UriKind.Relative),
                    Json(Bodies.Vehicle())
                );
                string id = (string)(await car.Content.ReadFromJsonAsync<JsonObject>())!["id"]!;
                HttpResponseMessage spill = await http.PostAsync(
                    new Uri($"/api/vehicles/{id}/events", UriKind.Relative),
                    Json("""{"event":"spill","surfaceIds":["driver-seat"]}""")
                );
                string entry = (string)(await spill.Content.ReadFromJsonAsync<JsonObject>())!["id"]!;
                using var picture = new ByteArrayContent(
                    Pictures.RedAndBlue(400, 300, SKEncodedImageFormat.Jpeg)
                );
                picture.Headers.ContentType = new("image/jpeg");
                (
                    await http.PostAsync(new Uri($"/api/log/{entry}/photos", UriKind.Relative), picture)
                ).EnsureSuccessStatusCode();
            }
        );
        return folder;
    }

    /// <summary>Lays the folder down as it was lived in.</summary>
    private async Task Lay()
    {
        Directory.CreateDirectory(Folder);
        Assert.Equal(0, Run("cp", "-a", $"{await Lived.Value}/.", Folder));
    }

    private static StringContent Json(string body) =>
        new(body, System.Text.Encoding.UTF8, "application/json");

    /// <summary>Has a server refuse to start on the folder, and nothing in it be another than before.</summary>
    private Task RefusedUntouched(params string[] words) => RefusedUntouched(words, []);

    private async Task RefusedUntouched(string[] words, string[] asWhom)
    {
        Dictionary<string, byte[]> before = Contents();
        using var cove = new Started(["--data", Folder, "--port", $"{Started.FreePort()}"], asWhom);

        (int code, string said) = await cove.Ended();

        Assert.Equal(1, code);
        Assert.All(words, word => Assert.Contains(word, said, StringComparison.Ordinal));
        Assert.DoesNotContain('\n', said);
        Assert.EndsWith(".", said, StringComparison.Ordinal);
        Dictionary<string, byte[]> after = Contents();
        Assert.Equal(before.Keys.Order(), after.Keys.Order());
        Assert.All(before, file => Assert.Equal(file.Value, after[file.Key]));
    }

    /// <summary>Everything in the folder but what belongs to the running server alone.</summary>
    private Dictionary<string, byte[]> Contents() =>
        Directory
            .GetFiles(Folder, "*", SearchOption.AllDirectories)
            .Where(file => !file.Contains("/logs/", StringComparison.Ordinal))
            .Where(file => Path.GetFileName(file) is not ("cove.lock" or "cove.db-wal" or "cove.db-shm"))
            .ToDictionary(file => file, File.ReadAllBytes, StringComparer.Ordinal);

    private static Task<string> UpOn(string folder, params string[] arguments) =>
        UpOn(folder, _ => Task.CompletedTask, arguments);

    /// <summary>Has a server up on a folder for a while, and ends it in good order; gives what it said.</summary>
    private static async Task<string> UpOn(
        string folder,
        Func<HttpClient, Task> work,
        params string[] arguments
    )
    {
        int port = Started.FreePort();
        using var http = new HttpClient { BaseAddress = new Uri($"http://127.0.0.1:{port}") };
        using var cove = new Started(["--data", folder, "--port", $"{port}", .. arguments]);
        await cove.Up(http);
        await work(http);
        return await cove.End();
    }

    private void Execute(string sql)
    {
        using var connection = new SqliteConnection($"Data Source={DatabaseFile};Pooling=False");
        connection.Open();
        using SqliteCommand command = connection.CreateCommand();
#pragma warning disable CA2100 // The commands stand in these tests.
        command.CommandText = sql;
#pragma warning restore CA2100
        command.ExecuteNonQuery();
    }

    /// <summary>Takes up all the room there is.</summary>
    private static void Fill(string file)
    {
        using var all = new FileStream(file, FileMode.Create, FileAccess.Write, FileShare.None, 0);
        foreach (int size in (int[])[1 << 20, 4096, 1])
        {
            byte[] block = new byte[size];
            try
            {
                while (true)
                {
                    all.Write(block);
                }
            }
            catch (IOException)
            {
                // Smaller pieces may still fit.
            }
        }
    }

    private static int Run(string command, params string[] arguments)
    {
        using Process process = Process.Start(
            new ProcessStartInfo(command, arguments) { RedirectStandardError = true }
        )!;
        process.WaitForExit();
        return process.ExitCode;
    }
}
