namespace Cove.Core.Tests.Spots;

public sealed class SpotBookTests
{
    private static readonly DateTimeOffset Now = new(2026, 3, 14, 9, 30, 0, TimeSpan.Zero);

    private static readonly IReadOnlyList<Surface> Surfaces = AnyCar.Of(CareBook.ReferenceLayout).InCare();

    private static Happened Event(string id, double hoursAgo, SurfaceId surface) =>
        new(new(Guid.NewGuid()), Now.AddHours(-hoursAgo), id, [surface]);

    private static SpotTreated Treated(string id, double hoursAgo, SurfaceId surface, SpotOutcome outcome) =>
        new(new(Guid.NewGuid()), Now.AddHours(-hoursAgo), id, surface, outcome);

    private static ClosureChanged Changed(ClosureState state, double hoursAgo, SurfaceId surface) =>
        new(new(Guid.NewGuid()), Now.AddHours(-hoursAgo), state, [surface]);

    private static SpotBook Book(params LogEntry[] log) => new(log, Surfaces, Now);

    // Seen: a fresh spill was answered with pedals and scent, and belts, headliner, screens and vents could have none.
    [Theory]
    [InlineData("driver-belt")]
    [InlineData("headliner")]
    [InlineData("screen")]
    [InlineData("vents")]
    [InlineData("driver-mat")]
    [InlineData("child-seat-1")]
    public void A_spill_is_a_spot_on_any_surface(string surface)
    {
        OpenSpot spot = Assert.Single(Book(Event("sugary-drink", 0.1, surface)).Spots);

        Assert.Equal(SpotKind.SugaryDrink, spot.Kind);
        Assert.NotEmpty(spot.Aid.Steps);
    }

    [Fact]
    public void A_treated_spot_is_looked_at_again_when_it_is_dry_and_a_gone_one_is_done_with()
    {
        Happened spill = Event("milk-or-food", 2, "driver-seat");

        OpenSpot again = Assert.Single(
            Book(spill, Treated("milk-or-food", 1.9, "driver-seat", SpotOutcome.LookAgain)).Spots
        );

        Assert.Equal(Now.AddHours(-1.9).AddMinutes(30), again.LookFrom);
        Assert.Empty(Book(spill, Treated("milk-or-food", 1, "driver-seat", SpotOutcome.Gone)).Spots);
        Assert.Empty(Book(spill, Treated("milk-or-food", 1, "driver-seat", SpotOutcome.Stays)).Spots);
        Assert.Empty(Book(spill with { UndoneAt = Now }).Spots);
        Assert.Single(Book(spill, Treated("milk-or-food", 1, "passenger-seat", SpotOutcome.Gone)).Spots);
    }

    [Fact]
    public void A_spill_is_damp_until_it_was_treated_and_has_dried()
    {
        Assert.Contains("driver-seat", Book(Event("water", 1, "driver-seat")).Damp.Keys);
        Assert.DoesNotContain("driver-seat", Book(Event("pollen", 1, "driver-seat")).Damp.Keys);
        Assert.Equal(
            Now.AddMinutes(24),
            Book(
                Event("water", 1, "driver-seat"),
                Treated("water", 0.1, "driver-seat", SpotOutcome.LookAgain)
            ).Damp["driver-seat"]
        );
    }

    [Theory]
    [InlineData("sickness")]
    [InlineData("mould")]
    [InlineData("broken-glass")]
    [InlineData("fuel-or-oil")]
    [InlineData("harsh-chemical")]
    [InlineData("flood-water")]
    [InlineData("water-at-electrics")]
    [InlineData("needle")]
    [InlineData("droppings")]
    [InlineData("medicine")]
    public void What_hurts_people_closes_the_surface_until_its_owner_opens_it(string happening)
    {
        Happened happened = Event(happening, 5, "driver-seat");

        Closure closure = Assert.Single(Book(happened).Closures);

        Assert.EndsWith(".", closure.Who, StringComparison.Ordinal);
        Assert.Empty(Book(happened).Spots);
        Assert.Empty(Book(happened, Changed(ClosureState.Open, 1, "driver-seat")).Closures);
        Assert.Single(Book(Changed(ClosureState.Open, 6, "driver-seat"), happened).Closures);
    }

    [Fact]
    public void Any_surface_can_be_with_a_professional()
    {
        Closure closure = Assert.Single(Book(Changed(ClosureState.WithProfessional, 30, "wheel")).Closures);

        Assert.Null(closure.Kind);
        Assert.Equal("It is with a professional.", closure.Why);
    }
}
