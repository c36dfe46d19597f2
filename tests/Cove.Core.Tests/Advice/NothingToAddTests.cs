namespace Cove.Core.Tests.Advice;

/// <summary>An owner who changes a session by hand does not get more of what is due out of the same minutes than Cove had offered.</summary>
public sealed class NothingToAddTests
{
    private static readonly int Households = LongRun.Of(40, 2_000);

    [Fact]
    public void Hardly_any_task_that_an_owner_adds_makes_more_of_the_minutes_and_none_much_more()
    {
        // The order of a session is found by rule, not by search, so that a few seconds of walking are left to chance.
        int adds = 0;
        var better = new List<double>();
        foreach (AnyHousehold household in AnyHousehold.All.Sample(Households, 50))
        {
            foreach (double beside in AddingToEach(household))
            {
                adds++;
                if (beside > 1.0001)
                {
                    better.Add(beside);
                }
            }
        }

        Assert.True(better.Count <= adds * 0.04, $"{better.Count} of {adds} adds make more");
        Assert.All(better, beside => Assert.InRange(beside, 1, 1.5));
    }

    [Fact]
    public void Of_a_few_tasks_hardly_any_choice_makes_more_of_the_minutes_and_none_much_more()
    {
        int households = 0;
        var found = new List<double>();
        Check.One(
            Draws.Of(Households / 2),
            Prop.ForAll(
                AnyHousehold.All.ToArbitrary(),
                household =>
                {
                    int minutes = 6 + (household.Seed % 25);
                    TaskId[] few =
                    [
                        .. household
                            .Day.Offer.WorthDoing.Select(status => status.Item.Task.Id)
                            .Where(id => CareTasks.Find(id)!.Requires is null)
                            .OrderBy(id => (household.Seed * 31L) ^ id.Value.Length)
                            .Take(5),
                    ];
                    double chosen = Worth(household.Day.SlotSession(few, minutes).Plan, household);
                    double best = Enumerable
                        .Range(1, (1 << few.Length) - 1)
                        .Select(set => Of(household, few, set))
                        .Where(plan => Fits(plan, minutes, household))
                        .Where(plan => minutes < 10 || plan.Tasks.Any(IsVacuuming) || !few.Any(IsVacuuming))
                        .Where(plan => !LeavesDriversSeatForPedals(plan, few))
                        .Select(plan => Worth(plan, household))
                        .DefaultIfEmpty()
                        .Max();
                    households++;
                    found.AddRange(chosen >= best * 0.95 ? [] : [chosen / best]);
                }
            )
        );

        Assert.True(found.Count <= households * 0.01, $"{found.Count} of {households} choices fall short");
        Assert.True(
            found.Count(part => part < 0.8) <= households * 0.002,
            $"as little as {found.DefaultIfEmpty(1).Min():0.00} of what can be had"
        );
    }

    [Fact]
    public void A_session_of_ten_minutes_vacuums_something_where_nothing_has_been_vacuumed_for_a_week() =>
        Check.One(
            Draws.Of(Households),
            Prop.ForAll(
                AnyHousehold.All.ToArbitrary(),
                household =>
                {
                    // Where child seats or covers have to come out for it, ten minutes are not enough; nor always where an animal's hair has to be gathered first.
                    int enough = household.Ledger.Vehicle.Layout.PetCover ? 13 : 10;
                    bool isFresh = household
                        .Day.Statuses.Where(status => IsVacuuming(status.Item.Task.Id))
                        .SelectMany(status => status.Surfaces)
                        .Any(surface => surface.Due.Soil.Value <= 0.15);
                    bool can =
                        !isFresh
                        && household.Day.Offer.WorthDoing.Any(status =>
                            IsVacuuming(status.Item.Task.Id)
                            && status.Surfaces.Any(surface =>
                                surface.Surface.Kind is SurfaceKind.Carpet or SurfaceKind.Mat
                                && Gate.IsDueEnough(status.Item.Task, surface)
                            )
                        );
                    SessionPlan[] without =
                    [
                        .. household.Day.Offer.Plans.Where(plan =>
                            plan.Minutes - household.Day.Spots.FirstAidTakes.TotalMinutes >= enough
                            && !DoesVacuum(plan)
                        ),
                    ];
                    return (!can || without.Length == 0).Label(
                        $"none in {string.Join(", ", without.Select(plan => plan.Minutes))} min"
                    );
                }
            )
        );

    [Fact]
    public void Pedals_are_not_cleaned_where_the_drivers_seat_is_left() =>
        Check.One(
            Draws.Of(Households),
            Prop.ForAll(
                AnyHousehold.All.ToArbitrary(),
                household =>
                {
                    SurfaceId seat = "driver-seat";
                    bool seatIsReady = household.Day.Offer.WorthDoing.Any(status =>
                        status.Item.Task.Id == "vacuum-seats"
                        && status.Surfaces.Any(surface =>
                            surface.Surface.Id == seat && Gate.IsDueEnough(status.Item.Task, surface)
                        )
                    );
                    return household
                        .Day.Offer.Plans.All(plan =>
                            !seatIsReady || !plan.Has("pedals") || plan.Does("vacuum-seats", seat)
                        )
                        .ToProperty();
                }
            )
        );

    [Theory]
    [InlineData(17, false)]
    [InlineData(9, true)]
    public void Trim_is_not_wiped_where_an_oily_windscreen_is_left_when_evening_is_near(int hour, bool mayBe)
    {
        var now = new DateTimeOffset(2026, 11, 14, hour, 0, 0, TimeSpan.Zero);
        CareLedger ledger = AnyCar.Ledger(
            AnyCar.Of(CareBook.ReferenceLayout),
            new Usage([new UsageEntry(now.AddDays(-60), CarUse.Reference)]),
            key =>
                key.TaskId == "windscreen"
                    ? new CareState(now, new Level(2.5), Share.All)
                    : new CareState(now, new Level(key.TaskId == "wipe-gloss-trim" ? 1 : 0))
        );
        Product[] glass =
        [
            .. new[]
            {
                ProductClass.GlassCleaner,
                ProductClass.IsopropylAlcohol,
                ProductClass.SoapWater,
            }.Select(
                (known, index) =>
                    Product.OfClass(new ProductId(new Guid(index + 1, 0, 0, new byte[8])), $"{known}", known)
            ),
        ];
        var day = new DayPlan(
            new CarShelf(ledger, new Shelf(glass, [], [], WaysOfWorking.Default), ShelfRecords.None),
            OwnerPaces.Nothing,
            now
        );
        SessionPlan[] trimOnly =
        [
            .. day.Offer.Plans.Where(plan => plan.Has("wipe-gloss-trim") && !plan.Has("windscreen")),
        ];
        Assert.Contains(day.Offer.WorthDoing, status => status.Item.Task.Id == "windscreen");
        Assert.Equal(mayBe, trimOnly.Length > 0);
    }

    private static IEnumerable<double> AddingToEach(AnyHousehold household)
    {
        SessionOffer offer = household.Day.Offer;
        // A minute or two beside first aid are no session.
        int[] lengths =
        [
            .. new[]
            {
                5 + (household.Seed % 10),
                10 + (household.Seed % 13),
                15 + (household.Seed % 46),
            }.Where(minutes =>
                household.Day.Spots.FirstAidTakes + TimeSpan.FromMinutes(2) < TimeSpan.FromMinutes(minutes)
            ),
        ];
        foreach (CareStatus status in offer.WorthDoing)
        {
            TaskId task = status.Item.Task.Id;
            SessionPlanner asked = household.Day.Planned(SessionRequest.None.With(task));
            foreach (int minutes in lengths.Where(minutes => !offer.At(minutes).Has(task)))
            {
                SessionPlan added = asked.Plan(minutes);
                bool fits = Fits(added, minutes, household);
                bool asGood =
                    minutes < 10 || added.Tasks.Any(IsVacuuming) || !offer.At(minutes).Tasks.Any(IsVacuuming);
                yield return fits && asGood
                    ? Worth(added, household) / Math.Max(1, Worth(offer.At(minutes), household))
                    : 0;
            }
        }
    }

    private static SessionPlan Of(AnyHousehold household, TaskId[] few, int set) =>
        household
            .Day.Asked(
                new SessionRequest
                {
                    KeptIn = [.. few.Where((_, index) => (set >> index & 1) > 0)],
                    LeftOut = [.. few.Where((_, index) => (set >> index & 1) == 0)],
                }
            )
            .SlotSession(few, SessionRules.ShortestMinutes)
            .Plan;

    /// <summary>First aid for fresh spots takes its minutes first.</summary>
    private static bool Fits(SessionPlan plan, int minutes, AnyHousehold household) =>
        plan.Order.Length + household.Day.Spots.FirstAidTakes <= TimeSpan.FromMinutes(minutes);

    /// <summary>Pedals wait for the driver's seat where both could be done.</summary>
    private static bool LeavesDriversSeatForPedals(SessionPlan plan, TaskId[] few) =>
        plan.Has("pedals")
        && few.Contains((TaskId)"vacuum-seats")
        && !plan.Does("vacuum-seats", (SurfaceId)"driver-seat");

    private static bool IsVacuuming(CareStatus status) => IsVacuuming(status.Item.Task.Id);

    private static bool IsVacuuming(TaskId task) => task == "vacuum-seats" || task == "vacuum-carpets";

    /// <summary>Mats are beaten and vacuumed before they are washed.</summary>
    private static bool DoesVacuum(SessionPlan plan) =>
        plan.Tasks.Any(task =>
            IsVacuuming(task)
            || task.Item.Task.Id == "wash-rubber-mats"
            || task.Item.Task.Id == "foam-fabric-mats"
        );

    /// <summary>What a plan does of what is due enough, reckoned from the levels alone.</summary>
    private static double Worth(SessionPlan plan, AnyHousehold household) =>
        household.Day.Offer.WorthDoing.Sum(status =>
            status
                .Surfaces.Where(surface =>
                    Gate.IsDueEnough(status.Item.Task, surface)
                    && plan.Does(status.Item.Task.Id, surface.Surface.Id)
                )
                .Sum(surface =>
                    TaskWorth.Of(status.Item.Task, surface.Due.Level, status.Item.PartOf(surface.Surface))
                )
        );
}
