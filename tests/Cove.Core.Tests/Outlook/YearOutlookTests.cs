using Cove.Core.Tests.Routine;

namespace Cove.Core.Tests.Outlook;

public sealed class YearOutlookTests
{
    private static readonly Dictionary<TaskId, DateOnly> NothingDone = [];
    private static readonly Dictionary<ProductId, decimal> NoPrices = [];

    [Fact]
    public void Months_add_up_to_the_year_and_to_the_plan()
    {
        var random = new Random(91);
        for (int round = 0; round < LongRun.Of(6, 60); round++)
        {
            CarYear year = new UsualCar(random).Year;
            RoutinePlan plan = Plan(year, AnyRoutine.Scarce(random, year.Today));

            var outlook = YearOutlook.Of(plan, year.Today, NoPrices);

            Assert.Equal(plan.OverdueDays, outlook.OverdueDays, 6);
            Assert.Equal(plan.OverdueDays, outlook.Months.Sum(month => month.OverdueDays), 6);
            PlannedDay[] days = [.. plan.Slots.Where(slot => slot.Day.Day <= plan.Until)];
            Assert.Equal(days.Sum(slot => slot.Minutes), outlook.Minutes, 6);
            Assert.Equal(
                days.Count(slot => slot.Tasks.Count > 0),
                outlook.Months.Sum(month => month.Sessions)
            );
            Assert.InRange(outlook.Months.Count, 12, 13);
            Assert.Equal(year.Today, outlook.Months[0].First);
        }
    }

    [Fact]
    public void A_level_rises_day_by_day_and_falls_where_the_task_is_done()
    {
        var random = new Random(92);
        for (int round = 0; round < LongRun.Of(4, 40); round++)
        {
            CarYear year = new UsualCar(random).Year;
            RoutinePlan plan = Plan(year, AnyRoutine.Scarce(random, year.Today));

            foreach (OutlookLane lane in YearOutlook.Of(plan, year.Today, NoPrices).Lanes)
            {
                Dictionary<TaskId, double> now = year.Statuses.ToDictionary(
                    status => status.Item.Task.Id,
                    status => status.Level.Value
                );
                Assert.Equal(now[lane.Item.Task.Id], lane.Course.Before(0), 9);
                HashSet<int> done =
                [
                    .. plan
                        .Slots.Where(slot => slot.Tasks.Any(visit => visit.Item == lane.Item))
                        .Select(slot => slot.Day.Day.DayNumber - year.Today.DayNumber),
                ];
                Assert.Equal(done.Order(), lane.Course.Visits);
                for (int day = 0; day < 365; day++)
                {
                    Assert.True(lane.Course.Before(day + 1) >= lane.Course.After(day));
                    if (done.Contains(day))
                    {
                        Assert.InRange(lane.Course.After(day), 0, 0.99);
                    }
                    else
                    {
                        Assert.Equal(lane.Course.Before(day), lane.Course.After(day));
                    }
                }
            }
        }
    }

    // The outlook of the first day beside the car as it stands on the days to come, when the plan is carried out.
    [Fact]
    public void Its_first_weeks_are_what_the_days_themselves_say_when_the_plan_is_done()
    {
        var random = new Random(96);
        int compared = 0;
        for (int round = 0; round < LongRun.Of(6, 60); round++)
        {
            var car = new UsualCar(random);
            CarYear year = car.Year;
            RoutinePlan plan = Plan(year, AnyRoutine.Scarce(random, year.Today));
            Dictionary<TaskId, LevelCourse> courses = YearOutlook
                .Of(plan, year.Today, NoPrices)
                .Lanes.ToDictionary(lane => lane.Item.Task.Id, lane => lane.Course);

            foreach (
                IGrouping<DateOnly, PlannedDay> slots in plan.Slots.GroupBy(slot => slot.Day.Day).Take(5)
            )
            {
                foreach (PlannedDay slot in slots)
                {
                    car.Pass(slot, done: true);
                }

                int day = car.Year.Today.DayNumber - year.Today.DayNumber;
                foreach (CareStatus status in car.Year.Statuses)
                {
                    if (!courses.TryGetValue(status.Item.Task.Id, out LevelCourse? course))
                    {
                        continue;
                    }

                    double aDay = course.Before(day + 1) - course.Before(day);
                    double slack = 0.02 + Math.Abs(aDay);
                    if (status.Item.Task.BeginsAnew && course.Visits.Any(visit => visit < day))
                    {
                        Assert.InRange(
                            status.Level.Value,
                            course.Before(day) - slack,
                            course.Before(day) + slack
                        );
                        compared++;
                    }
                    else
                    {
                        // Before it is first done, the worst surface is taken to soil as the fastest does.
                        Assert.True(status.Level.Value <= course.Before(day) + slack);
                    }
                }
            }
        }

        Assert.True(compared > 100);
    }

    public static TheoryData<string> Drivers { get; } =
        new(
            "distance",
            "people",
            "children",
            "eating",
            "animals",
            "smoke",
            "windows",
            "sun",
            "grit",
            "sun cream",
            "dust"
        );

    // The plan bends to the use, so the order is that of what is lived through, give or take what planning misses.
    [Theory]
    [MemberData(nameof(Drivers))]
    public void More_of_any_driver_never_makes_the_year_cleaner(string driver)
    {
        var random = new Random(93);
        for (int round = 0; round < LongRun.Of(1, 20); round++)
        {
            var car = new UsualCar(random);
            CarUse less = Least(car.Use, driver);
            CarUse more = Most(less, driver);
            CarRoutine routine = AnyRoutine.Scarce(random, car.Year.Today);
            RoutinePlan standing = Plan(car.Year, routine);

            double with = Planned(more).WeightedOverdue;
            double without = Planned(less).WeightedOverdue;

            Assert.True(with >= (without * 0.98) - 1, $"{driver}: {with} with more, {without} with less");

            RoutinePlan Planned(CarUse use) =>
                new RoutinePlanner(car.YearUsedAs(use), NothingDone, TimeZoneInfo.Utc).Plan(
                    routine,
                    12,
                    StandingPlan.Of(standing)
                );
        }
    }

    // Town air brings nothing but oily film. Where there is more of it, a stronger way to clean the glass is chosen that
    // leaves less, so the days overdue may even be fewer; what settles until then never is.
    [Fact]
    public void More_town_air_never_lets_less_settle_on_the_glass()
    {
        var random = new Random(97);
        var car = new UsualCar(random);
        CarRoutine routine = AnyRoutine.Scarce(random, car.Year.Today);
        RoutinePlan less = Plan(car.YearUsedAs(Least(car.Use, "town")), routine);
        RoutinePlan more = Plan(car.YearUsedAs(Most(car.Use, "town")), routine);

        foreach (
            var (without, with) in less
                .Tasks.Zip(more.Tasks)
                .Where(pair => pair.First.Item.Task.Stage == Stage.Glass)
        )
        {
            int first = Math.Min(without.Course.Visits[0], with.Course.Visits[0]);
            Assert.All(
                Enumerable.Range(1, first),
                day => Assert.True(with.Course.Before(day) > without.Course.Before(day))
            );
        }
    }

    private static CarUse Least(CarUse use, string driver) =>
        driver switch
        {
            "distance" => use with { Distance = WeeklyDistance.FromKilometres(100) },
            "people" => use with { People = 1 },
            "children" => use with { Children = 0 },
            "eating" => use with { Eating = Often.Never },
            "animals" => use with { Pets = Often.Never },
            "smoke" => use with { Smoke = SmokeHabit.None },
            "windows" => use with { OpenWindows = Often.Never },
            "sun" => use with { ParkedInSun = Share.None },
            "grit" => use with { GritMonths = MonthSet.None },
            "sun cream" => use with { SunCreamMonths = MonthSet.None },
            "dust" => use with { DustyWork = Often.Never },
            "town" => use with { TownDriving = Often.Never },
            _ => throw new ArgumentOutOfRangeException(nameof(driver), driver, "No such driver."),
        };

    private static CarUse Most(CarUse use, string driver) =>
        driver switch
        {
            "distance" => use with { Distance = WeeklyDistance.FromKilometres(500) },
            "people" => use with { People = 5 },
            "children" => use with { Children = 3 },
            "eating" => use with { Eating = Often.Daily },
            "animals" => use with { Pets = Often.Daily },
            "smoke" => use with { Smoke = SmokeHabit.Inside },
            "windows" => use with { OpenWindows = Often.Daily },
            "sun" => use with { ParkedInSun = Share.All },
            "grit" => use with { GritMonths = MonthSet.Of(11, 12, 1, 2, 3) },
            "sun cream" => use with { SunCreamMonths = MonthSet.Of(5, 6, 7, 8, 9) },
            "dust" => use with { DustyWork = Often.Daily },
            "town" => use with { TownDriving = Often.Daily },
            _ => throw new ArgumentOutOfRangeException(nameof(driver), driver, "No such driver."),
        };

    [Fact]
    public void With_nothing_changed_it_is_the_same_to_the_last_digit()
    {
        var random = new Random(94);
        for (int round = 0; round < LongRun.Of(4, 40); round++)
        {
            var car = new UsualCar(random);
            CarRoutine routine = AnyRoutine.Scarce(random, car.Year.Today);
            RoutinePlan plan = Plan(car.Year, routine);

            RoutinePlan again = new RoutinePlanner(
                car.YearUsedAs(car.Use),
                NothingDone,
                TimeZoneInfo.Utc
            ).Plan(routine, 12, StandingPlan.Of(plan));

            Assert.Equal(plan.OverdueDays, again.OverdueDays);
            Assert.Equal(plan.MinutesAWeek, again.MinutesAWeek);
        }
    }

    [Fact]
    public void Every_task_has_a_group()
    {
        Assert.All(CareTasks.All, task => Assert.True(Enum.IsDefined(OutlookGroups.Of(task))));
        Assert.Equal(OutlookGroup.Glass, OutlookGroups.Of(CareTasks.Find("windscreen")!));
        Assert.Equal(OutlookGroup.Seldom, OutlookGroups.Of(CareTasks.Find("seat-belts")!));
    }

    private static RoutinePlan Plan(CarYear year, CarRoutine routine) =>
        new RoutinePlanner(year, NothingDone, TimeZoneInfo.Utc).Plan(routine, 12);
}
