namespace Cove.Core.Tests.Cars;

/// <summary>What has to hold for every task of every car, not only for one rate.</summary>
public sealed class LedgerPropertyTests
{
    private static readonly DateTimeOffset Now = new(2026, 3, 14, 9, 30, 0, TimeSpan.Zero);

    [Property(MaxTest = 30)]
    public Property Driving_further_never_brings_a_later_date() =>
        Prop.ForAll(
            AnyCar.Layouts.ToArbitrary(),
            Gen.Choose(0, 3000).Two().ToArbitrary(),
            (layout, distances) =>
            {
                (int a, int b) = distances;
                IReadOnlyList<CareStatus> less = At(layout, Math.Min(a, b), Now);
                IReadOnlyList<CareStatus> more = At(layout, Math.Max(a, b), Now);
                return less.Zip(more).All(pair => DueOf(pair.Second) <= DueOf(pair.First).AddSeconds(1));
            }
        );

    [Property(MaxTest = 30)]
    public Property Levels_never_fall_while_nothing_is_done() =>
        Prop.ForAll(
            AnyCar.Layouts.ToArbitrary(),
            Gen.Choose(0, 2000).ToArbitrary(),
            Gen.Choose(0, 4000).ToArbitrary(),
            (layout, distance, hours) =>
                At(layout, distance, Now)
                    .Zip(At(layout, distance, Now.AddHours(hours)))
                    .All(pair => pair.First.Level <= pair.Second.Level)
        );

    [Property(MaxTest = 30)]
    public Property The_level_at_the_due_instant_is_the_mark() =>
        Prop.ForAll(
            AnyCar.Layouts.ToArbitrary(),
            Gen.Choose(50, 2000).ToArbitrary(),
            (layout, distance) =>
            {
                CareLedger ledger = Ledger(layout, distance);
                return ledger
                    .At(Now)
                    .All(status =>
                    {
                        DateTimeOffset due = status.Earliest.Due.DueAt!.Value;
                        return Math.Abs(ledger.StatusOf(status.Item, due).Level.Value - 1) < 1e-6;
                    });
            }
        );

    [Property(MaxTest = 30)]
    public Property At_reference_use_every_task_comes_due_after_its_baseline() =>
        Prop.ForAll(
            AnyCar.Layouts.ToArbitrary(),
            layout =>
                AnyCar
                    .Ledger(layout, Usage.Reference, Now, 0)
                    .At(Now)
                    .All(status =>
                        Math.Abs((DueOf(status) - Now).TotalDays - status.Item.Task.Interval.TotalDays) < 1e-6
                    )
        );

    [Property(MaxTest = 30)]
    public Property Each_surface_is_tended_and_each_task_has_surfaces_and_whole_half_minutes() =>
        Prop.ForAll(
            AnyCar.Layouts.ToArbitrary(),
            layout =>
            {
                IReadOnlyList<CareItem> items = CareBook.For(AnyCar.Of(layout));
                bool halves = items.All(item =>
                    item.Work.TotalMinutes >= 0.5
                    && item.Work.TotalMinutes * 2 == Math.Round(item.Work.TotalMinutes * 2)
                );
                bool surfaces = items.All(item =>
                    item.Surfaces.Count > 0 && item.Surfaces.All(item.Task.Tends)
                );
                return halves && surfaces;
            }
        );

    [Fact]
    public void Leather_is_cleaned_and_sealed_and_fabric_is_cleaned_and_protected()
    {
        string[] leather = TasksOf(CareBook.ReferenceLayout with { SeatMaterial = Material.CoatedLeather });
        string[] fabric = TasksOf(CareBook.ReferenceLayout with { SeatMaterial = Material.WovenFabric });
        string[] synthetic = TasksOf(
            CareBook.ReferenceLayout with
            {
                SeatMaterial = Material.SyntheticLeather,
            }
        );

        Assert.Superset(new HashSet<string> { "clean-leather", "seal-leather" }, leather.ToHashSet());
        Assert.Superset(new HashSet<string> { "clean-fabric-seats", "protect-fabric" }, fabric.ToHashSet());
        Assert.DoesNotContain("clean-fabric-seats", leather);
        Assert.DoesNotContain("seal-leather", synthetic);
    }

    [Fact]
    public void Mats_decide_how_mats_are_washed()
    {
        string[] rubber = TasksOf(
            CareBook.ReferenceLayout with
            {
                FrontMats = Material.Rubber,
                RearMats = Material.Rubber,
            }
        );
        string[] bare = TasksOf(
            CareBook.ReferenceLayout with
            {
                FrontMats = Material.None,
                RearMats = Material.None,
            }
        );

        Assert.Contains("wash-rubber-mats", rubber);
        Assert.DoesNotContain("foam-fabric-mats", rubber);
        Assert.DoesNotContain("wash-rubber-mats", bare);
        Assert.Contains("vacuum-carpets", bare);
    }

    private static string[] TasksOf(CabinLayout layout) =>
        [.. CareBook.For(AnyCar.Of(layout)).Select(item => item.Task.Id.Value)];

    private static DateTimeOffset DueOf(CareStatus status) =>
        status.Earliest.Due.DueAt ?? DateTimeOffset.MaxValue.AddDays(-1);

    private static IReadOnlyList<CareStatus> At(
        CabinLayout layout,
        double distance,
        DateTimeOffset instant
    ) => Ledger(layout, distance).At(instant);

    private static CareLedger Ledger(CabinLayout layout, double distance) =>
        AnyCar.Ledger(
            layout,
            new Usage([new UsageEntry(Now.AddDays(-1), WeeklyDistance.FromKilometres(distance))]),
            Now,
            0.2
        );
}
