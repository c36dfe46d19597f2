using Cove.Core.Tests.Routine;
using static Cove.Core.Tests.DeepCleaning.AnyEmbedded;
using Replay = Cove.Core.Log.Replay;

namespace Cove.Core.Tests.DeepCleaning;

public sealed class DeepCleanForecastTests
{
    private const int Day = 180;
    private static readonly DateTimeOffset Now = Start.AddDays(Day);
    private static readonly DateOnly Today = DateOnly.FromDateTime(Now.UtcDateTime);
    private static readonly Dictionary<TaskId, DateOnly> NothingDone = [];

    [Fact]
    public void With_a_weekly_routine_it_is_due_in_one_to_two_years_with_a_band_round_it()
    {
        DeepCleanForecast forecast = Forecast(CarUse.Reference);

        int since = forecast.Due!.Value.DayNumber - DateOnly.FromDateTime(Start.UtcDateTime).DayNumber;
        Assert.InRange(since, 365, 730);
        Assert.True(forecast.Soonest < forecast.Due && forecast.Due < forecast.Latest);
        Assert.Equal(0, forecast.Path[0].Day);
        Assert.All(
            forecast.Path,
            day => Assert.True(day.Low <= day.Level && day.Level <= day.High, $"{day}")
        );
    }

    [Fact]
    public void It_comes_true_when_the_plan_is_carried_out()
    {
        CareLedger ledger = Ledger(CarUse.Reference, [.. Care(Day, foam: true)]);
        RoutinePlan plan = Plan(ledger, Weekly);
        LogEntry[] before = [.. Care(Day, foam: true)];
        var forecast = DeepCleanForecast.Of(Book(before, Now), ledger, plan, Now, Today);

        foreach (int days in (int[])[60, 200, 330])
        {
            LogEntry[] lived =
            [
                .. before,
                .. plan
                    .Tasks.SelectMany(task => task.Course.Visits.Select(visit => (task.Item.Task.Id, visit)))
                    .Where(done => done.visit < days)
                    .Select(done => Done(done.Id, Day + done.visit + 0.01)),
            ];

            Assert.InRange(
                forecast.Path[days].Level / Book(lived, Now.AddDays(days)).Worst!.Level,
                0.97,
                1.03
            );
        }
    }

    [Fact]
    public void Children_animals_and_kilometres_bring_it_nearer_and_mats_and_covers_put_it_off()
    {
        DateOnly usual = Forecast(CarUse.Reference).Due!.Value;

        Assert.True(Forecast(CarUse.Reference with { Children = 2 }).Due < usual);
        Assert.True(Forecast(CarUse.Reference with { Pets = Often.Daily }).Due < usual);
        Assert.True(
            Forecast(CarUse.Reference with { Distance = WeeklyDistance.FromKilometres(600) }).Due < usual
        );
        Assert.True(
            Forecast(
                CarUse.Reference with
                {
                    Preventions =
                        Preventions.AllWeatherMats | Preventions.SeatProtector | Preventions.ShakenShoes,
                }
            ).Due > usual
        );
    }

    [Fact]
    public void A_protector_slows_what_settles_in_the_seats()
    {
        var random = new Random(161);
        for (int round = 0; round < LongRun.Of(3, 20); round++)
        {
            LogEntry[] care = [.. Care(Day, foam: false)];
            int on = random.Next(Day - 60);

            EmbeddedSoil bare = Seat(Book(care, Now));
            EmbeddedSoil coated = Seat(Book([.. care, Done("protect-fabric", on)], Now));

            Assert.True(coated.Level < bare.Level);
        }

        static EmbeddedSoil Seat(EmbeddedBook book) =>
            book.Surfaces.Where(soil => soil.Surface.Kind == SurfaceKind.Seat).MaxBy(soil => soil.Level)!;
    }

    [Fact]
    public void A_routine_with_less_time_brings_it_nearer()
    {
        CareLedger ledger = Ledger(CarUse.Reference, [.. Care(Day, foam: true)]);
        EmbeddedBook book = Book(Care(Day, foam: true), Now);
        DateOnly? Due(string rule) =>
            DeepCleanForecast
                .Of(
                    book,
                    ledger,
                    Plan(ledger, new CarRoutine([AnyRoutine.Slot(rule, Today.AddDays(3), 30)])),
                    Now,
                    Today
                )
                .Due;

        Assert.True(Due("FREQ=WEEKLY") > Due("FREQ=WEEKLY;INTERVAL=2"));
        Assert.True(Due("FREQ=WEEKLY;INTERVAL=2") > Due("FREQ=WEEKLY;INTERVAL=5"));
    }

    [Fact]
    public void After_a_deep_clean_it_is_a_long_way_off()
    {
        LogEntry[] care = [.. Care(Day, foam: true)];
        CareLedger ledger = Ledger(CarUse.Reference, care);
        RoutinePlan plan = Plan(ledger, Weekly);

        var before = DeepCleanForecast.Of(Book(care, Now), ledger, plan, Now, Today);
        var after = DeepCleanForecast.Of(
            Book([.. care, Deep(Day, DeepCleanParts.Extracted)], Now),
            ledger,
            plan,
            Now,
            Today
        );

        Assert.True(after.Due > before.Due!.Value.AddDays(90));
    }

    private static CarRoutine Weekly { get; } =
        new([
            AnyRoutine.Slot("FREQ=WEEKLY", Today.AddDays(2), 30),
            AnyRoutine.Slot("FREQ=WEEKLY;INTERVAL=8", Today.AddDays(9), 75, Standing.UntilTomorrow),
        ]);

    private static DeepCleanForecast Forecast(CarUse use)
    {
        LogEntry[] care = [.. Care(Day, foam: true)];
        CareLedger ledger = Ledger(use, care);
        return DeepCleanForecast.Of(Book(care, Now), ledger, Plan(ledger, Weekly), Now, Today);
    }

    private static CareLedger Ledger(CarUse use, IReadOnlyList<LogEntry> log) =>
        new CareLedger(Car, Used(CarUse.Reference), new Dictionary<CareKey, CareState>())
            .After(Replay.Of(Car, Used(CarUse.Reference), [.. AnyLog.Beginnings(Car, 0), .. log], Now))
            .UsedAs(use, Now);

    private static RoutinePlan Plan(CareLedger ledger, CarRoutine routine) =>
        new RoutinePlanner(
            new CarYear(
                new CarShelf(ledger, AnyRoutine.FullShelf, ShelfRecords.None),
                OwnerPaces.Nothing,
                Now,
                TimeZoneInfo.Utc
            ),
            NothingDone,
            TimeZoneInfo.Utc
        ).Plan(routine, 12);
}
