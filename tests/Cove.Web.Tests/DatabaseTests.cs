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

        JsonObject today = await cove.Get($"/api/vehicles/{vehicle}/today?minutes=60");
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

    [Fact]
    public async Task A_task_that_is_new_to_a_car_gets_a_level_at_the_next_start()
    {
        using var cove = new CoveHost();
        string vehicle = await cove.Vehicle();
        await using (var connection = new SqliteConnection($"Data Source={cove.DatabaseFile}"))
        {
            await connection.OpenAsync();
            await using SqliteCommand command = connection.CreateCommand();
            command.CommandText = "DELETE FROM CareStates WHERE TaskId = 'pedals'";
            Assert.Equal(1, await command.ExecuteNonQueryAsync());
        }

        cove.Restart();
        cove.Clock.Advance(TimeSpan.FromDays(30));

        JsonObject pedals = await cove.Get($"/api/vehicles/{vehicle}/surfaces/pedals");
        Assert.Equal(0.6 + (30.0 / 60), (double)pedals["tasks"]![0]!["level"]!, 6);
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
