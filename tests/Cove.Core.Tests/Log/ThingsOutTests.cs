namespace Cove.Core.Tests.Log;

public sealed class ThingsOutTests
{
    private static readonly DateTimeOffset Start = new(2026, 3, 14, 9, 30, 0, TimeSpan.Zero);

    [Fact]
    public void Nothing_is_out_before_anything_was_carried_out() => Assert.Null(ThingsOut.Of([]));

    [Theory]
    [InlineData("things-out", true, true)]
    [InlineData("things-out seats-back", true, false)]
    [InlineData("things-out things-back", false, false)]
    [InlineData("things-out seats-back things-back", false, false)]
    [InlineData("things-out things-back things-out", true, true)]
    [InlineData("things-back", false, false)]
    [InlineData("empty-car set-back", false, false)]
    public void What_is_out_follows_from_what_was_done(string chores, bool areOut, bool seats)
    {
        ChoreDone[] log = [.. chores.Split(' ').Select((chore, minute) => Done(chore, minute))];

        var things = ThingsOut.Of(log.Reverse());

        Assert.Equal(areOut, things is not null);
        Assert.Equal(seats, things?.ChildSeats ?? false);
    }

    [Fact]
    public void What_was_undone_was_not_brought_back()
    {
        ChoreDone back = Done("things-back", 5) with { UndoneAt = Start.AddMinutes(6) };

        Assert.NotNull(ThingsOut.Of([Done("things-out", 0), back]));
    }

    [Theory]
    [InlineData(0, "Covers or liners are out of the car.")]
    [InlineData(1, "The child seat is out of the car.")]
    [InlineData(2, "2 child seats are out of the car.")]
    public void It_names_what_matters_most(int seats, string sentence) =>
        Assert.Equal(sentence, new ThingsOut(Start, ChildSeats: true).InWords(seats));

    private static ChoreDone Done(string chore, int minute) =>
        new(EntryId.New(Start), Start.AddMinutes(minute), chore);
}
