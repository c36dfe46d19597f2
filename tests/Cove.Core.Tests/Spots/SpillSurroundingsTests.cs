using Cove.Core.Methods.Glass;

namespace Cove.Core.Tests.Spots;

/// <summary>How far what hurts people closes the car.</summary>
public sealed class SpillSurroundingsTests
{
    private static readonly DateTimeOffset Now = new(2026, 3, 14, 9, 30, 0, TimeSpan.Zero);

    private static readonly Vehicle Car = AnyCar.Of(CareBook.ReferenceLayout);

    private static SpotBook Book(Workplace place, params LogEntry[] log) =>
        new(log, Car.InCare(), Now, new SpotSurroundings(place.DryingTimes, () => Car.ToCabin().Plan));

    private static SpotBook After(string happening, params SurfaceId[] on) =>
        Book(Workplace.Usual, Happening(happening, on));

    private static Happened Happening(string happening, params SurfaceId[] on) =>
        new(new(Guid.NewGuid()), Now.AddHours(-1), happening, on);

    private static HashSet<string> ClosedBy(SpotBook book) =>
        [
            .. Car.InCare()
                .Where(surface => book.ClosureOf(surface.Id) is not null)
                .Select(surface => surface.Id.Value),
        ];

    // Common practice: splinters lie below and beside their pane, and everywhere under a windscreen.
    [Fact]
    public void A_broken_pane_closes_what_lies_below_and_around_it_and_no_other_pane()
    {
        HashSet<string> side = ClosedBy(After("broken-glass", "driver-glass"));

        Assert.Superset(
            new HashSet<string> { "driver-glass", "driver-door", "driver-seat", "driver-mat" },
            side
        );
        Assert.DoesNotContain("boot", side);
        Assert.DoesNotContain("windscreen", side);
        Assert.Superset(
            new HashSet<string> { "windscreen", "dash" },
            ClosedBy(After("broken-glass", "windscreen"))
        );
    }

    // Common practice: what splashes lands beside as well.
    [Fact]
    public void Sickness_closes_its_neighbours_and_leaves_the_rest_open()
    {
        HashSet<string> closed = ClosedBy(After("sickness", "rear-seat-driver-side"));

        Assert.Superset(new HashSet<string> { "rear-seat-driver-side", "rear-seat-centre" }, closed);
        Assert.DoesNotContain("driver-mat", closed);
        Assert.DoesNotContain("windscreen", closed);
    }

    // Seen: a child seat that was only reached could still be lifted out for work on the next place.
    [Fact]
    public void A_child_seat_that_is_reached_is_as_closed_as_one_it_lies_on()
    {
        Surface seat = Car.InCare().First(surface => surface.Kind == SurfaceKind.ChildSeat);
        SurfaceId under = Car.InCare()
            .First(surface =>
                surface.Kind == SurfaceKind.Seat
                && After("sickness", surface.Id).ClosureOf(seat.Id) is not null
            )
            .Id;

        Assert.Equal(seat.Id, After("sickness", under).ClosedChildSeat!.Surface.Id);
        Assert.Null(After("sickness", "driver-seat").ClosedChildSeat);
    }

    // Common practice: vapour fills a car, and so does flood water.
    [Theory]
    [InlineData("fuel-or-oil")]
    [InlineData("flood-water")]
    public void Fuel_and_flood_water_close_the_whole_car(string happening) =>
        Assert.Equal(Car.InCare().Count, ClosedBy(After(happening, "boot")).Count);

    [Fact]
    public void What_was_closed_because_of_another_place_opens_with_it_or_by_itself()
    {
        Happened fuel = Happening("fuel-or-oil", "boot");

        Assert.Empty(
            ClosedBy(
                Book(
                    Workplace.Usual,
                    fuel,
                    new ClosureChanged(new(Guid.NewGuid()), Now, ClosureState.Open, ["boot"])
                )
            )
        );
        Assert.DoesNotContain(
            "windscreen",
            ClosedBy(
                Book(
                    Workplace.Usual,
                    fuel,
                    new ClosureChanged(new(Guid.NewGuid()), Now, ClosureState.Open, ["windscreen"])
                )
            )
        );
    }

    [Fact]
    public void It_says_which_place_closes_another()
    {
        Closure seat = After("fuel-or-oil", "boot").ClosureOf("driver-seat")!;

        Assert.Contains("Boot", seat.Who, StringComparison.OrdinalIgnoreCase);
        Assert.Equal("driver-seat", seat.Surface.Id);
    }

    // Common practice: cold damp air takes several times as long; the factor is Cove's own.
    [Fact]
    public void A_spot_dries_as_slowly_as_everything_else_in_cold_and_damp()
    {
        LogEntry[] log =
        [
            Happening("water", "driver-seat"),
            new SpotTreated(
                new(Guid.NewGuid()),
                Now.AddMinutes(-20),
                "water",
                "driver-seat",
                SpotOutcome.LookAgain
            ),
        ];
        Workplace cold = Workplace.Usual with
        {
            AtGlass = GlassConditions.Fair with { Touch = GlassTouch.Cold },
        };

        Assert.Equal(Now.AddMinutes(10), Assert.Single(Book(Workplace.Usual, log).Spots).LookFrom);
        Assert.Equal(Now.AddMinutes(55), Assert.Single(Book(cold, log).Spots).LookFrom);
        Assert.Equal(Now.AddMinutes(55), Book(cold, log).Damp["driver-seat"]);
    }
}
