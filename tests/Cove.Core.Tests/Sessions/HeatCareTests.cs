namespace Cove.Core.Tests.Sessions;

/// <summary>Who works in the heat is told what protects them, and is asked when it may be hot.</summary>
public sealed class HeatCareTests
{
    private static readonly DateTimeOffset Noon = new(2026, 7, 4, 13, 0, 0, TimeSpan.Zero);

    [Fact]
    public void Shade_drink_hot_metal_and_dizziness_are_named_when_it_is_hot()
    {
        Workplace hot = Workplace.Usual with { AtGlass = new GlassConditions(false, GlassTouch.Hot, false) };
        string all = string.Join(' ', HeatCare.CautionsAt(hot));
        Assert.Contains("shade", all, StringComparison.Ordinal);
        Assert.Contains("Drink", all, StringComparison.Ordinal);
        Assert.Contains("Buckles", all, StringComparison.Ordinal);
        Assert.Contains("Dizzy", all, StringComparison.Ordinal);
        Assert.Empty(HeatCare.CautionsAt(Workplace.Usual));
    }

    [Fact]
    public void It_is_asked_on_a_summer_day_until_somebody_has_said()
    {
        Assert.True(HeatCare.IsWorthAsking(Workplace.Usual, Noon));
        Assert.False(HeatCare.IsWorthAsking(Workplace.Usual, Noon.AddHours(-6)));
        Assert.False(HeatCare.IsWorthAsking(Workplace.Usual, Noon.AddMonths(5)));
        Assert.False(HeatCare.IsWorthAsking(Workplace.Usual.Still(Noon.AddHours(-1), Noon), Noon));
        Assert.True(HeatCare.IsWorthAsking(Workplace.Usual.Still(Noon.AddDays(-1), Noon), Noon));
    }
}
