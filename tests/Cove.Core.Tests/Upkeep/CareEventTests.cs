namespace Cove.Core.Tests.Upkeep;

public sealed class CareEventTests
{
    private static readonly DateTimeOffset Now = new(2026, 3, 14, 9, 30, 0, TimeSpan.Zero);

    [Fact]
    public void An_event_raises_only_tasks_that_tend_what_it_touched()
    {
        Vehicle car = AnyCar.Of(CareBook.ReferenceLayout);
        Surface seat = car.Surfaces.Single(surface => surface.Id == "driver-seat");

        var jumps = CareEvents.JumpsOf(CareEvents.Find("spill")!, [seat]);

        Assert.Equal(["clean-fabric-seats", "vacuum-seats"], jumps.Select(jump => jump.Key.TaskId).Order());
        Assert.All(jumps, jump => Assert.Equal("driver-seat", jump.Key.SurfaceId));
        Assert.All(jumps, jump => Assert.True(jump.Amount > 0));
    }

    [Fact]
    public void A_leather_seat_is_raised_for_leather_and_not_for_fabric()
    {
        Vehicle car = AnyCar.Of(CareBook.ReferenceLayout with { SeatMaterial = Material.CoatedLeather });

        var jumps = CareEvents.JumpsOf(
            CareEvents.Find("spill")!,
            car.Surfaces.Where(surface => surface.Kind == SurfaceKind.Seat)
        );

        Assert.Contains(jumps, jump => jump.Key.TaskId == "clean-leather");
        Assert.DoesNotContain(jumps, jump => jump.Key.TaskId == "clean-fabric-seats");
    }

    [Fact]
    public void There_is_no_event_of_an_unknown_id() => Assert.Null(CareEvents.Find("flood"));

    [Theory]
    [InlineData(FirstLook.Fresh)]
    [InlineData(FirstLook.LivedIn)]
    [InlineData(FirstLook.Overdue)]
    public void A_worse_first_look_never_starts_lower(FirstLook look)
    {
        Assert.All(
            CareTasks.All,
            task =>
            {
                foreach (FirstLook worse in Enum.GetValues<FirstLook>().Where(other => other > look))
                {
                    Assert.True(look.StartingLevel(task) <= worse.StartingLevel(task), task.Id.Value);
                }
            }
        );
    }

    [Fact]
    public void The_worst_surface_decides_for_its_task()
    {
        CareLedger ledger = AnyCar.Ledger(
            CareBook.ReferenceLayout,
            Usage.Reference,
            key => new CareState(Now, new Level(key.SurfaceId == "rear-seat-centre" ? 0.9 : 0.2))
        );

        CareStatus seats = ledger.At(Now).Single(status => status.Item.Task.Id == "vacuum-seats");

        Assert.Equal("rear-seat-centre", seats.Worst.Surface.Id);
        Assert.Equal(0.9, seats.Level.Value, 9);
    }

    // Exposure: a seat that is used half as much takes twice as long, and the busiest one takes the baseline.
    [Fact]
    public void A_seldom_used_surface_comes_due_later()
    {
        CareLedger ledger = AnyCar.Ledger(CareBook.ReferenceLayout, Usage.Reference, Now, 0);
        CareStatus seats = ledger.At(Now).Single(status => status.Item.Task.Id == "vacuum-seats");

        double driver = IntervalOf("driver-seat");
        double passenger = IntervalOf("passenger-seat");

        Assert.Equal(7, driver, 9);
        Assert.Equal(7 / 0.75, passenger, 9);

        double IntervalOf(string surface) =>
            seats.Surfaces.Single(status => status.Surface.Id == surface).Due.Interval!.Value.TotalDays;
    }

    [Fact]
    public void A_level_that_is_not_stored_counts_as_fresh()
    {
        var ledger = new CareLedger(
            AnyCar.Of(CareBook.ReferenceLayout),
            Usage.Reference,
            new Dictionary<CareKey, CareState>()
        );

        Assert.All(ledger.At(Now), status => Assert.Equal(default, status.Level));
    }
}
