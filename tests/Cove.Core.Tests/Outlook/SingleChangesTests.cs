namespace Cove.Core.Tests.Outlook;

public sealed class SingleChangesTests
{
    private static readonly DateOnly Today = new(2026, 3, 14);
    private static readonly DateTimeOffset Now = new(2026, 3, 14, 9, 0, 0, TimeSpan.Zero);

    [Fact]
    public void Each_changes_one_thing_and_can_be_kept()
    {
        var random = new Random(95);
        CarUse use = CarUse.Reference with { Children = 2, Preventions = Preventions.BootLiner };
        CarRoutine routine = Cove.Core.Tests.Routine.AnyRoutine.Scarce(random, Today);

        IReadOnlyList<SingleChange> changes = SingleChanges.For(use, routine, Now, Today);

        Assert.Equal(changes.Count, changes.DistinctBy(change => change.Name).Count());
        Assert.All(
            changes,
            change =>
            {
                Assert.True(change.Use != use ^ change.Routine != routine, change.Name);
                Assert.Equal(use.Children, change.Use.Children);
                Assert.True(change.Use.Preventions.HasFlag(Preventions.BootLiner));
                Assert.Empty(RoutineRules.Check(change.Routine, Today, TimeZoneInfo.Utc));
            }
        );
        Assert.DoesNotContain(
            changes,
            change => change.Name.Contains("liner in the boot", StringComparison.OrdinalIgnoreCase)
        );
    }

    [Theory]
    [InlineData(9, 18)]
    [InlineData(9, 9)]
    public void Two_slots_that_come_round_alike_have_names_of_their_own(int first, int second)
    {
        Slot weekly = Cove.Core.Tests.Routine.AnyRoutine.Slot("FREQ=WEEKLY", Today, 25);
        var routine = new CarRoutine([
            weekly with
            {
                Time = new TimeOnly(first, 30),
            },
            weekly with
            {
                Id = SlotId.New(Now.AddDays(1)),
                Time = new TimeOnly(second, 30),
            },
        ]);

        IReadOnlyList<SingleChange> changes = SingleChanges.For(CarUse.Reference, routine, Now, Today);

        Assert.Equal(changes.Count, changes.DistinctBy(change => change.Name).Count());
        Assert.Equal(
            6,
            changes.Count(change => change.Name.Contains("minutes more", StringComparison.Ordinal))
        );
    }

    [Fact]
    public void A_longer_slot_is_proposed_only_where_there_is_none()
    {
        var weekly = new CarRoutine([Cove.Core.Tests.Routine.AnyRoutine.Slot("FREQ=WEEKLY", Today, 25)]);

        Assert.Contains(
            SingleChanges.For(CarUse.Reference, weekly, Now, Today),
            change => change.Routine.Slots.Count == 2
        );
        Assert.DoesNotContain(
            SingleChanges.For(
                CarUse.Reference,
                Cove.Core.Tests.Routine.AnyRoutine.Scarce(new Random(1), Today),
                Now,
                Today
            ),
            change => change.Routine.Slots.Count != 2
        );
    }
}
