using Microsoft.Data.Sqlite;

namespace Cove.Web.Tests;

public sealed class OldDatabaseTests
{
    [Fact]
    public async Task A_file_of_the_first_version_is_brought_along_and_a_copy_of_it_is_kept()
    {
        using var cove = new CoveHost(oldDatabase: "FirstVersion.sql");

        var vehicle = (await cove.Http.GetFromJsonAsync<JsonArray>("/api/vehicles"))![0]!;
        string id = (string)vehicle["id"]!;
        JsonObject detail = await cove.Get($"/api/vehicles/{id}");
        JsonObject use = await cove.Get($"/api/vehicles/{id}/use");
        JsonObject cabin = await cove.Get($"/api/vehicles/{id}/cabin");

        Assert.Equal("Old one", (string)vehicle["name"]!);
        Assert.Equal("suv", (string)detail["layout"]!["body"]!);
        Assert.Equal(3, (int)detail["layout"]!["thirdRowSeats"]!);
        Assert.Equal("gloss", (string)detail["layout"]!["trim"]!);
        Assert.Equal("fabricWithMicrosuede", (string)detail["layout"]!["seatMaterial"]!);
        Assert.True((bool)detail["layout"]!["tintedRear"]!);
        Assert.Equal(310, (double)use["use"]!["kilometresAWeek"]!);
        Assert.True(cabin["surfaces"]!.AsArray().Count > 40);
        Assert.Single(Directory.GetFiles(Path.GetDirectoryName(cove.DatabaseFile)!, "*.before-*"));
    }
}
