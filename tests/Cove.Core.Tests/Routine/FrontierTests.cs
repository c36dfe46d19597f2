namespace Cove.Core.Tests.Routine;

public sealed class FrontierTests
{
    private static readonly Dictionary<TaskId, DateOnly> NothingDone = [];

    [Fact]
    public void More_minutes_are_never_worse_and_named_points_are_what_their_names_say()
    {
        var random = new Random(31);
        for (int round = 0; round < LongRun.Of(1, 20); round++)
        {
            CarYear year = new UsualCar(random).Year;
            FrontierPoint[] points = [.. Of(year, AnyRoutine.Scarce(random, year.Today)).Points()];

            foreach (FrontierPoint less in points)
            {
                foreach (FrontierPoint more in points.Where(more => Contains(more.Pattern, less.Pattern)))
                {
                    Assert.True(
                        more.WeightedOverdue <= less.WeightedOverdue + 1e-9,
                        $"{more.Pattern.InWords()} is worse than {less.Pattern.InWords()}."
                    );
                }
            }

            var named = NamedPoints.Of(points);
            FrontierPoint? least = named.KeepsUp;
            Assert.True(least is null || !least.Tasks.Any(IsLate));
            Assert.All(
                points.Where(point => least is null || point.MinutesAWeek < least.MinutesAWeek),
                point => Assert.Contains(point.Tasks, IsLate)
            );
            Assert.True(least is null || named.KeepsWhatMatters!.MinutesAWeek <= least.MinutesAWeek);
            Assert.InRange(named.BestValue!.MinutesAWeek, 5, 60);
        }
    }

    // What the words of a pattern say, not what the sweep reckons with.
    private static bool Contains(SlotPattern more, SlotPattern less) =>
        less.QuickEvery % more.QuickEvery == 0
        && more.QuickMinutes >= less.QuickMinutes
        && (
            less.LongEvery is not { } rare
            || (more.LongEvery is { } often && rare % often == 0 && more.LongMinutes >= less.LongMinutes)
        );

    private static bool IsLate(TaskFare task) =>
        task.Longest > 7 && task.Longest > 0.2 * task.Item.Task.Interval.TotalDays;

    [Fact]
    public void A_point_taken_over_is_the_routine_that_was_shown()
    {
        var car = new UsualCar(new Random(33));
        CarYear year = car.Year;
        var kept = new CarRoutine([
            AnyRoutine.Slot("FREQ=WEEKLY;BYDAY=TU,SA", year.Today.AddDays(-40), 25),
            AnyRoutine.Slot("FREQ=MONTHLY;BYDAY=2SU", year.Today, 60, Standing.UntilTomorrow),
        ]);
        var pattern = new SlotPattern(1, 25, 8, 75);

        FrontierPoint point = Assert.Single(Of(year, kept, pattern).Points());

        RoutinePlan plan = new RoutinePlanner(year, NothingDone, TimeZoneInfo.Utc).Plan(
            new CarRoutine(point.Slots),
            12
        );
        double given =
            plan.Slots.Where(slot => slot.Day.Day <= plan.Until).Sum(slot => slot.Day.Minutes) / 52.14;
        Assert.InRange(given, pattern.MinutesAWeek - 1.5, pattern.MinutesAWeek + 2);
        Assert.InRange(plan.WeightedOverdue, 0, (point.WeightedOverdue * 1.15) + 2);
        Assert.All(point.Slots, slot => Assert.True(slot.From >= year.Today));
        Assert.Empty(RoutineRules.Check(new CarRoutine(point.Slots), year.Today, TimeZoneInfo.Utc));
    }

    [Fact]
    public void What_is_pinned_to_never_is_not_overdue()
    {
        CarYear year = new UsualCar(new Random(34)).Year;
        var kept = new CarRoutine([AnyRoutine.Slot("FREQ=WEEKLY", year.Today, 25)])
        {
            Pins = [new Pin("boot", PinKind.Never)],
        };

        FrontierPoint point = Assert.Single(Of(year, kept, new SlotPattern(1, 25, null, 0)).Points());

        Assert.DoesNotContain(point.Tasks, task => task.Item.Task.Id == "boot");
    }

    [Fact]
    public void What_is_done_now_is_read_from_the_log_where_there_is_enough_of_it()
    {
        CarYear year = new UsualCar(new Random(35)).Year;
        Frontier frontier = Of(
            year,
            new CarRoutine([AnyRoutine.Slot("FREQ=WEEKLY", year.Today, 25)]),
            new SlotPattern(1, 25, null, 0)
        );
        TaskDone[] weekly = [.. Enumerable.Range(1, 10).Select(week => Wheel(year.Now.AddDays(-7 * week)))];

        DoneLately lately = frontier.Lately(weekly, year)!;

        Assert.Equal(3, lately.MinutesAWeek, 3);
        Assert.InRange(Overdue(lately, "clean-wheel"), 0, 14);
        Assert.InRange(Overdue(lately, "brush-vents"), 250, 365);
        Assert.Null(frontier.Lately(weekly[..3], year));
    }

    private static double Overdue(DoneLately lately, string taskId) =>
        lately.Tasks.Single(task => task.Key.Id == taskId).Value;

    private static TaskDone Wheel(DateTimeOffset at) =>
        new(EntryId.New(at), at, "clean-wheel", Share.All) { Taken = TimeSpan.FromMinutes(3) };

    [Theory]
    [InlineData(
        20,
        35,
        30,
        5,
        "15 minutes a week more and 25 fewer days overdue in the year. Less often overdue: wheel."
    )]
    [InlineData(20, 20.2, 30, 29.8, "As many minutes a week and as many days overdue in the year.")]
    [InlineData(20, 19, 30, 31, "1 minute a week less and 1 more day overdue in the year.")]
    public void The_difference_is_said_in_words(
        double minutesNow,
        double minutesThen,
        double now,
        double then,
        string words
    )
    {
        CareTask wheel = CareTasks.Find("clean-wheel")!;

        Assert.StartsWith(
            words,
            RoutineDifference.InWords(
                minutesNow,
                new Dictionary<CareTask, double> { [wheel] = now },
                minutesThen,
                new Dictionary<CareTask, double> { [wheel] = then }
            ),
            StringComparison.OrdinalIgnoreCase
        );
    }

    private static Frontier Of(CarYear year, CarRoutine like, params SlotPattern[] patterns) =>
        new(year, like, NothingDone, TimeZoneInfo.Utc, patterns.Length > 0 ? patterns : null);
}
