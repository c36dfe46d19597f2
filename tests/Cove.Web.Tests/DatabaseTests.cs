using Microsoft.Data.Sqlite;

namespace Cove.Web.Tests;

public sealed class DatabaseTests
{
    [Fact]
    public async Task The_file_is_in_write_ahead_mode_with_full_syncing_and_foreign_keys()
    {
        using var cove = new CoveHost();
        await using var connection = new SqliteConnection(
            $"Data Source={cove.DatabaseFile};Foreign Keys=True"
        );
        await connection.OpenAsync();

        Assert.Equal("wal", await Pragma(connection, "journal_mode"));
        Assert.Equal("2", await Pragma(connection, "synchronous"));
        Assert.Equal("1", await Pragma(connection, "foreign_keys"));
        Assert.Equal("ok", await Pragma(connection, "integrity_check"));
    }

    [Fact]
    public async Task The_demo_has_half_a_year_of_log_and_something_to_do()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();

        JsonObject today = await cove.Get($"/api/vehicles/{vehicle}/today?minutes=25");
        JsonObject log = await cove.Get($"/api/vehicles/{vehicle}/log");

        Assert.True((int)today["worthDoing"]! >= 8);
        Assert.True((int)today["overMark"]! >= 1);
        Assert.NotEmpty(today["drying"]!.AsArray());
        Assert.True((int)log["total"]! > 150);
        Assert.Equal(2, (await cove.Http.GetFromJsonAsync<JsonArray>("/api/vehicles"))!.Count);
    }

    [Fact]
    public async Task Starting_the_demo_again_adds_nothing()
    {
        using var cove = new CoveHost(demo: true);
        string vehicle = await cove.Vehicle();
        int before = (int)(await cove.Get($"/api/vehicles/{vehicle}/log"))["total"]!;

        cove.Restart();

        Assert.Equal(before, (int)(await cove.Get($"/api/vehicles/{vehicle}/log"))["total"]!);
        Assert.Equal(2, (await cove.Http.GetFromJsonAsync<JsonArray>("/api/vehicles"))!.Count);
    }

    private static async Task<string> Pragma(SqliteConnection connection, string name)
    {
        await using SqliteCommand command = connection.CreateCommand();
#pragma warning disable CA2100 // The names are written in this test.
        command.CommandText = $"PRAGMA {name}";
#pragma warning restore CA2100
        return (await command.ExecuteScalarAsync())!.ToString()!;
    }
}
