using System.Diagnostics;
using System.Runtime.Versioning;
using Microsoft.Data.Sqlite;

namespace Cove.Web.Tests.Floor;

/// <summary>A start that cannot be says why in one sentence and ends with 1.</summary>
[SupportedOSPlatform("linux")]
public sealed class StartTests : IDisposable
{
    private readonly string folder = Directory.CreateTempSubdirectory("cove-start-").FullName;

    private string DatabaseFile => Path.Combine(folder, "cove.db");

    [Theory]
    [InlineData("--port", "0")]
    [InlineData("--port", "70000")]
    [InlineData("--port", "abc")]
    [InlineData("--listen", "no such address")]
    [InlineData("--listen", "203.0.113.7")]
    [InlineData("--host", "http://x")]
    [InlineData("--clock", "yesterday")]
    public async Task A_value_that_cannot_be_used_is_named(string option, string value)
    {
        string port = $"{Started.FreePort()}";
        using var cove = new Started([
            "--data",
            folder,
            .. option == "--port" ? [] : new[] { "--port", port },
            option,
            value,
        ]);

        await Refuses(cove, option);
    }

    [Fact]
    public async Task Data_that_is_a_file_is_refused()
    {
        string file = Path.Combine(folder, "a-file");
        await File.WriteAllTextAsync(file, "x");
        using var cove = new Started(["--data", file]);

        await Refuses(cove, "is a file");
    }

    [Fact]
    public async Task A_file_that_is_no_database_is_refused_and_left_as_it_is()
    {
        await File.WriteAllTextAsync(DatabaseFile, new string('x', 5000));
        using var cove = new Started(["--data", folder]);

        await Refuses(cove, "not a database");
        Assert.Equal(new string('x', 5000), await File.ReadAllTextAsync(DatabaseFile));
    }

    [Fact]
    public async Task A_damaged_database_is_refused()
    {
        await LayDown();
        byte[] bytes = await File.ReadAllBytesAsync(DatabaseFile);
        Array.Fill(bytes, (byte)0x5A, 4096, bytes.Length - 4096);
        await File.WriteAllBytesAsync(DatabaseFile, bytes);
        using var cove = new Started(["--data", folder, "--port", $"{Started.FreePort()}"]);

        await Refuses(cove, "damaged");
    }

    [Fact]
    public async Task A_database_of_a_newer_version_is_refused()
    {
        await LayDown();
        Execute("INSERT INTO __EFMigrationsHistory VALUES ('29991231000000_Later', '99.0')");
        using var cove = new Started(["--data", folder, "--port", $"{Started.FreePort()}"]);

        await Refuses(cove, "newer Cove");
    }

    [Fact]
    public async Task A_second_server_on_the_same_folder_is_refused_and_the_first_goes_on()
    {
        int port = Started.FreePort();
        using var http = new HttpClient { BaseAddress = new Uri($"http://127.0.0.1:{port}") };
        using var first = new Started(["--data", folder, "--port", $"{port}"]);
        await first.Up(http);
        using var second = new Started(["--data", folder, "--port", $"{Started.FreePort()}"]);

        await Refuses(second, "Another Cove");
        await first.Up(http);
    }

    [Fact]
    public async Task An_address_in_use_is_refused()
    {
        int port = Started.FreePort();
        using var taken = new System.Net.Sockets.TcpListener(IPAddress.Loopback, port);
        taken.Start();
        using var cove = new Started(["--data", folder, "--port", $"{port}"]);

        await Refuses(cove, "in use");
    }

    [Fact]
    public async Task A_folder_that_may_not_be_written_to_is_refused()
    {
        string readOnly = Directory.CreateDirectory(Path.Combine(folder, "read-only")).FullName;
        File.SetUnixFileMode(readOnly, UnixFileMode.UserRead | UnixFileMode.UserExecute);
        // Whoever may do anything cannot be kept out by a mode.
        string[] asNobody =
            Environment.UserName == "root"
                ? ["setpriv", "--reuid=65534", "--clear-groups", "--regid=65534"]
                : [];
        if (asNobody.Length > 0)
        {
            Run("chown", "65534", readOnly);
            Run("chmod", "711", folder);
        }

        using var cove = new Started(["--data", readOnly], asNobody);

        await Refuses(cove, "may not write");
    }

    [Fact]
    public async Task A_full_disk_is_refused()
    {
        string small = Directory.CreateDirectory(Path.Combine(folder, "small")).FullName;
        if (Run("mount", "-t", "tmpfs", "-o", "size=64k", "tmpfs", small) != 0)
        {
            Assert.Skip("Only whoever may mount can make a disk that is full.");
        }

        try
        {
            using var cove = new Started(["--data", small]);

            await Refuses(cove, "disk is full");
        }
        finally
        {
            Run("umount", small);
        }
    }

    [Fact]
    public async Task The_mark_of_a_start_that_was_cut_short_is_said_and_taken_over()
    {
        await LayDown();
        Execute(
            "CREATE TABLE IF NOT EXISTS __EFMigrationsLock (Id INTEGER PRIMARY KEY, Timestamp TEXT NOT NULL);"
                + "INSERT INTO __EFMigrationsLock VALUES (1, '2026-03-14 09:30:00+00:00')"
        );
        int port = Started.FreePort();
        using var http = new HttpClient { BaseAddress = new Uri($"http://127.0.0.1:{port}") };
        using var cove = new Started(["--data", folder, "--port", $"{port}"]);

        await cove.Up(http);
        await cove.Kill();

        Assert.Contains("cut short", (await cove.Ended()).Said, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Folder_and_files_are_the_owners_alone()
    {
        Directory.CreateDirectory(folder);
        File.SetUnixFileMode(folder, (UnixFileMode)0b111_101_101);
        await LayDown();

        Assert.Equal((UnixFileMode)0b111_000_000, File.GetUnixFileMode(folder));
        foreach (string file in Directory.GetFiles(folder, "*", SearchOption.AllDirectories))
        {
            Assert.Equal((file, (UnixFileMode)0b110_000_000), (file, File.GetUnixFileMode(file)));
        }

        Assert.Equal((UnixFileMode)0b111_000_000, File.GetUnixFileMode(Path.Combine(folder, "logs")));
    }

    public void Dispose() => Directory.Delete(folder, recursive: true);

    /// <summary>Lets a server make its data, and ends it.</summary>
    private async Task LayDown()
    {
        int port = Started.FreePort();
        using var http = new HttpClient { BaseAddress = new Uri($"http://127.0.0.1:{port}") };
        using var cove = new Started(["--data", folder, "--port", $"{port}"]);
        await cove.Up(http);
        await cove.Kill();
        Execute("PRAGMA wal_checkpoint(TRUNCATE)");
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

    private static int Run(string command, params string[] arguments)
    {
        try
        {
            using Process process = Process.Start(
                new ProcessStartInfo(command, arguments) { RedirectStandardError = true }
            )!;
            process.WaitForExit();
            return process.ExitCode;
        }
        catch (System.ComponentModel.Win32Exception)
        {
            return -1;
        }
    }

    private static async Task Refuses(Started cove, string words)
    {
        (int code, string said) = await cove.Ended();
        Assert.Contains(words, said, StringComparison.Ordinal);
        Assert.DoesNotContain('\n', said);
        Assert.EndsWith(".", said, StringComparison.Ordinal);
        Assert.Equal(1, code);
    }
}
