using Cove.Core.Tests.Routine;

namespace Cove.Core.Tests.Outlook;

public sealed class YearFuturesTests(ITestOutputHelper output)
{
    private static readonly Dictionary<TaskId, DateOnly> NothingDone = [];
    private static readonly Uncertainty Usual = new(0.3, 0.5);

    // 500 cars whose levels and rates are off as the normal-normal model says, drawn here by themselves: car and task
    // effects with the standard deviations 0.4 and 0.3 of the model.
    [Fact]
    public void The_band_holds_nine_in_ten_of_500_cars()
    {
        var random = new Random(171);
        int within = 0;
        int asked = 0;
        int daysWithin = 0;
        const int Plans = 10;
        const int CarsOfEach = 50;
        for (int round = 0; round < Plans; round++)
        {
            CarYear year = new UsualCar(random).Year;
            RoutinePlan plan = new RoutinePlanner(year, NothingDone, TimeZoneInfo.Utc).Plan(
                AnyRoutine.Scarce(random, year.Today),
                12
            );
            var futures = YearFutures.Of(plan, year.Today, _ => Usual);
            int days = plan.Until.DayNumber - year.Today.DayNumber;
            for (int car = 0; car < CarsOfEach; car++)
            {
                double ofCar = 0.4 * Normal(random);
                Dictionary<TaskId, (double, double)> truth = plan.Tasks.ToDictionary(
                    task => task.Item.Task.Id,
                    _ => (Math.Exp(Usual.LogStart * Normal(random)), Math.Exp(ofCar + (0.3 * Normal(random))))
                );
                FutureYear lived = YearFutures.Simulate(plan, year.Today, taskId => truth[taskId]);
                double overdue = 0;
                for (int task = 0; task < plan.Tasks.Count; task++)
                {
                    overdue += lived.OverdueDays(task, days);
                }

                for (int look = 0; look < 20; look++)
                {
                    int task = random.Next(plan.Tasks.Count);
                    int step = random.Next(1, 52);
                    Band band = futures.Lanes[plan.Tasks[task].Item.Task.Id].Levels[step];
                    double level = lived.LevelBefore(task, step * YearFutures.Step);
                    asked++;
                    within += level >= band.Low - 1e-9 && level <= band.High + 1e-9 ? 1 : 0;
                }

                daysWithin +=
                    overdue >= futures.OverdueDays.Low && overdue <= futures.OverdueDays.High ? 1 : 0;
            }
        }

        double levels = (double)within / asked;
        double daysOverdue = (double)daysWithin / (Plans * CarsOfEach);
        output.WriteLine($"levels {levels:P1}, days overdue {daysOverdue:P1}");
        Assert.InRange(levels, 0.85, 0.95);
        Assert.InRange(daysOverdue, 0.85, 0.95);
    }

    [Fact]
    public void Without_doubt_every_future_is_the_plan_or_better()
    {
        var random = new Random(172);
        for (int round = 0; round < LongRun.Of(4, 40); round++)
        {
            CarYear year = new UsualCar(random).Year;
            RoutinePlan plan = new RoutinePlanner(year, NothingDone, TimeZoneInfo.Utc).Plan(
                AnyRoutine.Scarce(random, year.Today),
                12
            );

            var futures = YearFutures.Of(plan, year.Today, _ => default);

            Assert.Equal(futures.OverdueDays.Low, futures.OverdueDays.High, 9);
            // Whoever looks at each slot anew may do a little more than the plan, and never far less.
            Assert.InRange(futures.OverdueDays.Low, plan.OverdueDays * 0.7, (plan.OverdueDays * 1.15) + 10);
        }
    }

    /// <summary>What has to be carried out and brought back takes minutes in the futures as it does in the plan.</summary>
    [Fact]
    public void With_child_seats_and_liners_the_futures_have_no_more_minutes_than_the_plan()
    {
        var random = new Random(174);
        for (int round = 0; round < LongRun.Of(4, 40); round++)
        {
            var car = new UsualCar(random);
            CarYear year = car.YearUsedAs(
                car.Use with
                {
                    Children = 2,
                    Preventions = Preventions.SeatProtector | Preventions.BootLiner | Preventions.PetCover,
                }
            );
            RoutinePlan plan = new RoutinePlanner(year, NothingDone, TimeZoneInfo.Utc).Plan(
                AnyRoutine.Scarce(random, year.Today),
                12
            );

            var futures = YearFutures.Of(plan, year.Today, _ => default);

            double room = plan.Slots.Where(slot => slot.Day.Day <= plan.Until).Sum(slot => slot.Room);
            Assert.True(futures.Minutes.High <= room + 1e-9, $"{futures.Minutes.High} of {room}");
            Assert.InRange(futures.OverdueDays.Low, plan.OverdueDays * 0.85, (plan.OverdueDays * 1.15) + 10);
        }
    }

    /// <summary>Whoever comes less often works less and is overdue for longer, in the whole band, and nobody who comes never works.</summary>
    [Fact]
    public void The_more_slots_are_missed_the_more_days_are_overdue()
    {
        var random = new Random(175);
        for (int round = 0; round < LongRun.Of(3, 30); round++)
        {
            CarYear year = new UsualCar(random).Year;
            RoutinePlan plan = new RoutinePlanner(year, NothingDone, TimeZoneInfo.Utc).Plan(
                AnyRoutine.Scarce(random, year.Today),
                12
            );

            YearFutures[] byShare =
            [
                .. new[] { 0, 0.3, 0.6, 1 }.Select(missed =>
                    YearFutures.Of(plan, year.Today, _ => default, missed)
                ),
            ];

            Assert.All(
                byShare.Zip(byShare.Skip(1)),
                pair =>
                {
                    Assert.True(pair.Second.OverdueDays.Low >= pair.First.OverdueDays.Low);
                    Assert.True(pair.Second.OverdueDays.High >= pair.First.OverdueDays.High);
                    Assert.True(pair.Second.Minutes.High <= pair.First.Minutes.High);
                }
            );
            Assert.Equal(new Band(0, 0), byShare[^1].Minutes);
        }
    }

    [Fact]
    public void The_same_car_has_the_same_futures_and_more_doubt_a_wider_band()
    {
        var random = new Random(173);
        CarYear year = new UsualCar(random).Year;
        RoutinePlan plan = new RoutinePlanner(year, NothingDone, TimeZoneInfo.Utc).Plan(
            AnyRoutine.Scarce(random, year.Today),
            12
        );

        var one = YearFutures.Of(plan, year.Today, _ => Usual);
        var other = YearFutures.Of(plan, year.Today, _ => Usual);
        var narrow = YearFutures.Of(plan, year.Today, _ => new Uncertainty(0.1, 0.1));

        Assert.Equal(one.OverdueDays, other.OverdueDays);
        Assert.All(one.Lanes, lane => Assert.Equal(lane.Value.Levels, other.Lanes[lane.Key].Levels));
        Assert.True(Width(narrow.OverdueDays) < Width(one.OverdueDays));
        Assert.All(
            one.Lanes.Values.SelectMany(lane => lane.Levels),
            band => Assert.True(band.Low >= 0 && band.Low <= band.High)
        );
    }

    [Fact]
    public void A_band_leaves_one_in_twenty_on_either_side()
    {
        // Nineteen numbers cut a line into twenty equal parts.
        Assert.Equal(new Band(1, 19), Band.Of(Enumerable.Range(1, 19).Select(number => (double)number)));
        Assert.Equal(new Band(7, 7), Band.Of([7]));
    }

    private static double Width(Band band) => band.High - band.Low;

    private static double Normal(Random random) =>
        Math.Sqrt(-2 * Math.Log(1 - random.NextDouble())) * Math.Cos(2 * Math.PI * random.NextDouble());
}
