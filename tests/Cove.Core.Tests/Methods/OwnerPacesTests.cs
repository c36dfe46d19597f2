namespace Cove.Core.Tests.Methods;

public sealed class OwnerPacesTests
{
    private static readonly TimeSpan Table = TimeSpan.FromMinutes(4);

    private static (TaskId, TimeSpan, TimeSpan)[] Runs(string id, double ratio, int times) =>
        [.. Enumerable.Repeat((new TaskId(id), Table, Table * ratio), times)];

    // Two-level normal model on the logarithm, in closed form: any statistics textbook.
    [Fact]
    public void The_pace_is_the_posterior_of_the_two_level_model()
    {
        const double Person = 0.4 * 0.4;
        const double Task = 0.3 * 0.3;
        double mean = 0.4 * 0.4 / 5;
        double person = Math.Log(1.6) / (mean + Task) / ((1 / Person) + (1 / (mean + Task)));
        double own = Task / (Task + mean);

        OwnerPaces paces = OwnerPaces.Learn(Runs("vacuum-seats", 1.6, 5));

        Assert.Equal(person, paces.Person.LogMean, 12);
        Assert.Equal(person + (own * (Math.Log(1.6) - person)), paces.Of("vacuum-seats").LogMean, 12);
        Assert.Equal(person, paces.Of("wipe-dash").LogMean, 12);
    }

    // Who is slow at one thing is likely to be so at another, but less certainly.
    [Fact]
    public void After_five_runs_the_pace_is_nearly_that_of_the_owner_and_colours_the_rest()
    {
        OwnerPaces paces = OwnerPaces.Learn(Runs("vacuum-seats", 1.6, 5));

        Assert.InRange(paces.Of("vacuum-seats").Median, 1.45, 1.6);
        Assert.InRange(paces.Of("wipe-dash").Median, 1.1, 1.5);
        Assert.Equal(1, OwnerPaces.Nothing.Of("vacuum-seats").Median);
    }

    // Seen: a tap forgotten for an hour made everything slow.
    [Fact]
    public void A_tap_forgotten_for_an_hour_teaches_nothing()
    {
        (TaskId, TimeSpan, TimeSpan)[] usual = Runs("vacuum-seats", 1.1, 5);

        OwnerPaces paces = OwnerPaces.Learn([
            .. usual,
            ("vacuum-seats", Table, TimeSpan.FromMinutes(64)),
            ("vacuum-seats", Table, TimeSpan.FromSeconds(1)),
            ("vacuum-seats", TimeSpan.Zero, Table),
        ]);

        Assert.Equal(OwnerPaces.Learn(usual).Of("vacuum-seats"), paces.Of("vacuum-seats"));
    }

    [Fact]
    public void Minutes_of_tasks_and_chores_follow_it()
    {
        SessionChore empty = SessionChores.Find("empty-car")!;
        OwnerPaces slow = OwnerPaces.Learn([
            .. Enumerable.Repeat((new TaskId("empty-car"), empty.Work, empty.Work * 2), 8),
        ]);

        Assert.InRange(slow.WorkOf(empty, 0) / empty.Work, 1.75, 2);
        Assert.Equal(empty.Work, OwnerPaces.Nothing.WorkOf(empty, 0));
    }
}
