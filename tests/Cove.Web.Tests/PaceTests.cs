namespace Cove.Web.Tests;

/// <summary>The owner's own pace, learnt from what runs took.</summary>
public sealed class PaceTests
{
    private const string Task = "vacuum-seats";

    // Seen: whoever took twice as long was promised the minutes of the table for ever.
    [Fact]
    public async Task After_five_slow_runs_the_minutes_are_the_owners_own_until_they_are_forgotten()
    {
        using var cove = new CoveHost();
        string vehicle = await cove.Vehicle();
        for (int run = 0; run < 5; run++)
        {
            await Run(cove, vehicle, times: 2);
        }

        double learnt = await MinutesOf(cove, vehicle);
        JsonObject said = await cove.Get($"/api/vehicles/{vehicle}/learnt");
        Assert.Contains("times as long", (string)said["pace"]!, StringComparison.Ordinal);
        JsonNode pace = said["paces"]!.AsArray().Single(one => (string)one!["taskId"]! == Task)!;
        Assert.Equal(5, (int)pace["looks"]!);

        HttpResponseMessage forgotten = await cove.Http.DeleteAsync($"/api/vehicles/{vehicle}/learnt");

        Assert.True(forgotten.IsSuccessStatusCode);
        Assert.Empty((await cove.Get($"/api/vehicles/{vehicle}/learnt"))["paces"]!.AsArray());
        Assert.InRange(learnt / await MinutesOf(cove, vehicle), 1.5, 2.3);
    }

    // What was planned at a learnt pace is not learnt once more: who goes on as before stays where they are.
    [Fact]
    public async Task Who_goes_on_as_before_is_believed_the_same()
    {
        using var cove = new CoveHost();
        string vehicle = await cove.Vehicle();
        for (int run = 0; run < 5; run++)
        {
            await Run(cove, vehicle, times: 2);
        }

        double before = await PaceOf(cove, vehicle);
        for (int run = 0; run < 5; run++)
        {
            await Run(cove, vehicle, times: 2);
        }

        Assert.InRange(await PaceOf(cove, vehicle), before * 0.99, 2.1);
    }

    private static async Task<double> PaceOf(CoveHost cove, string vehicle) =>
        (double?)
            (await cove.Get($"/api/vehicles/{vehicle}/learnt"))["paces"]!
                .AsArray()
                .SingleOrDefault(one => (string)one!["taskId"]! == Task)
                ?["multiplier"]
        ?? 1;

    /// <summary>Does the task in a run, so many times as slow as the table says, and leaves the rest; then a fortnight passes.</summary>
    private static async Task Run(CoveHost cove, string vehicle, double times)
    {
        // What the run plans is the table at the pace learnt so far.
        double ofPlanned = times / await PaceOf(cove, vehicle);
        JsonObject run = await cove.StartRun(vehicle, 30);
        JsonNode[] steps = [.. run["steps"]!.AsArray().Select(step => step!)];
        Assert.Contains(steps, step => (string)step["taskId"]! == Task);
        for (int step = 0; step < steps.Length; step++)
        {
            bool mine = (string)steps[step]["taskId"]! == Task;
            if (mine)
            {
                cove.Clock.Advance(TimeSpan.FromSeconds((double)steps[step]["plannedSeconds"]! * ofPlanned));
            }

            (await cove.Say(run, mine ? "done" : "skipped", step)).EnsureSuccessStatusCode();
        }

        (await cove.Say(run, "finished", 0)).EnsureSuccessStatusCode();
        cove.Clock.Advance(TimeSpan.FromDays(14));
    }

    /// <summary>What the task takes by itself, walking and fetching left out, on the method page of the car.</summary>
    private static async Task<double> MinutesOf(CoveHost cove, string vehicle) =>
        (double)(await cove.Get($"/api/vehicles/{vehicle}/methods/{Task}"))["minutes"]!;
}
