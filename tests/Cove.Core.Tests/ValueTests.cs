namespace Cove.Core.Tests;

public sealed class ValueTests
{
    [Theory]
    [InlineData(-0.001)]
    [InlineData(1.001)]
    [InlineData(double.NaN)]
    [InlineData(double.NegativeInfinity)]
    public void A_share_lies_between_nothing_and_all(double value) =>
        Assert.Throws<ArgumentOutOfRangeException>(() => new Share(value));

    [Theory]
    [InlineData(-1)]
    [InlineData(1001)]
    [InlineData(double.NaN)]
    public void An_area_is_neither_negative_nor_absurd(double value) =>
        Assert.Throws<ArgumentOutOfRangeException>(() => Area.FromSquareMetres(value));

    [Theory]
    [InlineData(-1)]
    [InlineData(10_001)]
    [InlineData(double.NaN)]
    [InlineData(double.PositiveInfinity)]
    public void A_weekly_distance_can_be_driven(double value) =>
        Assert.Throws<ArgumentOutOfRangeException>(() => WeeklyDistance.FromKilometres(value));

    [Fact]
    public void Areas_add_up_and_compare()
    {
        Area door = Area.FromSquareMetres(0.8);
        Area seat = Area.FromSquareMetres(1.2);

        Assert.Equal(2.0, (door + seat).SquareMetres, 12);
        Assert.Equal(1.5, seat / door, 12);
        Assert.Throws<DivideByZeroException>(() => seat / default(Area));
    }

    [Property]
    public Property A_share_and_its_rest_make_the_whole() =>
        Prop.ForAll(
            Gen.Choose(0, 1000).ToArbitrary(),
            thousandths =>
            {
                var share = new Share(thousandths / 1000.0);
                return Math.Abs(share.Value + share.Rest.Value - 1) < 1e-12
                    && Share.None <= share
                    && share <= Share.All;
            }
        );

    [Property]
    public Property Removing_never_raises_a_level_and_rising_never_lowers_it() =>
        Prop.ForAll(
            Gen.Choose(0, 4000).ToArbitrary(),
            Gen.Choose(0, 1000).ToArbitrary(),
            Gen.Choose(0, 2000).ToArbitrary(),
            (level, removed, rise) =>
            {
                var before = new Level(level / 1000.0);
                return before.Without(new Share(removed / 1000.0)) <= before
                    && before.Plus(rise / 1000.0) >= before
                    && before.Without(Share.All) == Level.Fresh
                    && before.Without(Share.None) == before;
            }
        );

    [Property]
    public Property Shares_of_the_drivers_add_up_to_the_whole() =>
        Prop.ForAll(
            Gen.Choose(0, 100).ToArbitrary(),
            percent =>
            {
                DriverShares shares = DriverShares.WithDistance(percent / 100.0);
                return Math.Abs(Enum.GetValues<Driver>().Sum(driver => shares.Of(driver).Value) - 1) < 1e-12;
            }
        );

    [Fact]
    public void At_reference_use_every_driver_runs_at_its_reference_pace()
    {
        Assert.All(
            Enum.GetValues<Driver>(),
            driver => Assert.Equal(1, CarUse.Reference.Pace(driver, month: 7), 12)
        );
    }
}
