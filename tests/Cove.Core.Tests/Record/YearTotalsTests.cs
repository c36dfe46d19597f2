using Cove.Core.Record;

namespace Cove.Core.Tests.Record;

public sealed class YearTotalsTests
{
    private static readonly TimeZoneInfo Utc = TimeZoneInfo.Utc;
    private static readonly ProductId Cleaner = new(new Guid(1, 0, 0, new byte[8]));
    private static readonly DateTimeOffset Now = new(2026, 3, 1, 0, 0, 0, TimeSpan.Zero);

    [Fact]
    public void A_year_adds_up_what_counts()
    {
        LogEntry[] log =
        [
            Done(2025, 1, 4, 12, 8),
            Done(2025, 1, 4, 3, 0),
            Done(2025, 1, 11, 5, 0),
            Done(2025, 1, 25, 5, 4),
            Done(2025, 1, 26, 5, 4) with
            {
                UndoneAt = Now,
            },
            new ChoreDone(Id(), At(2025, 1, 4), "set-up") { Taken = TimeSpan.FromMinutes(2) },
            new DeepCleaned(Id(), At(2025, 6, 1), DeepCleanBy.Shop, DeepCleanParts.Extracted) { Cost = 180 },
            Done(2026, 2, 7, 9, 0),
        ];

        IReadOnlyList<YearTotals> years = YearTotals.Of(log, [], Prices, Utc, Now);

        Assert.Equal([2026, 2025], years.Select(year => year.Year));
        YearTotals first = years[1];
        Assert.Equal(3, first.Sessions);
        Assert.Equal(27, first.Minutes, 9);
        Assert.Equal(12, first.Millilitres, 9);
        Assert.Equal(0.6m, first.ProductCost);
        Assert.Equal((1, 180m), (first.DeepCleans, first.DeepCleanCost));
        // The 4th and the 11th lie in weeks that follow each other, the 25th does not.
        Assert.Equal(2, first.LongestWeeks);
    }

    [Fact]
    public void Days_overdue_count_from_the_mark_on_and_end_where_the_year_does()
    {
        // Reference use: fresh on the first of December, due after seven days, left alone.
        var usage = Usage.Reference;
        Surface seat = AnyCar
            .Of(CabinLayout.Usual(BodyType.Estate))
            .InCare()
            .Where(surface => surface.Kind == SurfaceKind.Seat)
            .MaxBy(surface => surface.Exposure.Value)!;
        CareItem item = CareBook
            .For(AnyCar.Of(CabinLayout.Usual(BodyType.Estate)))
            .Single(item => item.Task.Id == "vacuum-seats");
        var history = new CareHistory(
            new CareState(At(2025, 12, 1), Level.Fresh),
            item.SoilingOf(seat),
            usage,
            []
        );
        LogEntry[] log = [Done(2025, 12, 1, 5, 0), Done(2026, 1, 2, 5, 0)];

        IReadOnlyList<YearTotals> years = YearTotals.Of(
            log,
            [(new CareKey("vacuum-seats", seat.Id), history, new Level(1))],
            Prices,
            Utc,
            At(2026, 1, 11)
        );

        Assert.Equal(24, years[1].OverdueDays, 6);
        Assert.Equal(10, years[0].OverdueDays, 6);
    }

    [Fact]
    public void The_record_of_care_tells_how_often_and_when_last_and_no_price()
    {
        LogEntry[] log =
        [
            Done(2025, 1, 4, 12, 8),
            Done(2025, 1, 4, 3, 0) with
            {
                TaskId = "windscreen",
            },
            Done(2025, 1, 11, 5, 0),
            Done(2025, 2, 1, 5, 0) with
            {
                UndoneAt = Now,
            },
            new DeepCleaned(Id(), At(2025, 6, 1), DeepCleanBy.Shop, DeepCleanParts.Extracted) { Cost = 180 },
        ];

        RecordOfCare record = RecordOfCare.Of(log, Utc);

        Assert.Equal((new DateOnly(2025, 1, 4), new DateOnly(2025, 6, 1)), (record.From, record.Until));
        Assert.Equal(2, record.Sessions);
        Assert.Equal(
            [("vacuum-seats", 2, new DateOnly(2025, 1, 11)), ("windscreen", 1, new DateOnly(2025, 1, 4))],
            record.Tasks.Select(task => (task.Task.Id.Value, task.Times, task.Last))
        );
        Assert.Equal(DeepCleanBy.Shop, Assert.Single(record.DeepCleans).By);
        Assert.Equal(["Cleaner"], record.Products);
        Assert.Null(RecordOfCare.Of([], Utc).From);
    }

    private static Dictionary<ProductId, decimal> Prices { get; } = new() { [Cleaner] = 0.05m };

    private static EntryId Id() => new(Guid.NewGuid());

    private static DateTimeOffset At(int year, int month, int day) =>
        new(year, month, day, 0, 0, 0, TimeSpan.Zero);

    private static TaskDone Done(int year, int month, int day, double minutes, double millilitres) =>
        new(Id(), At(year, month, day), "vacuum-seats", Share.All)
        {
            Taken = TimeSpan.FromMinutes(minutes),
            Products =
                millilitres > 0
                    ?
                    [
                        new ProductUsed(
                            Cleaner,
                            "Cleaner",
                            Strength.Neat,
                            new Quantity(millilitres, QuantityUnit.Millilitres)
                        ),
                    ]
                    : [],
        };
}
