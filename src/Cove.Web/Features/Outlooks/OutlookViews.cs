using Cove.Core.Outlook;

namespace Cove.Web.Features.Outlooks;

/// <summary>The year ahead of a car.</summary>
/// <param name="From">The first day.</param>
/// <param name="Until">The last day.</param>
/// <param name="Days">How many days lie between them.</param>
/// <param name="Lanes">Each task, group by group.</param>
/// <param name="Months">What each month takes.</param>
/// <param name="Minutes">The minutes of the year.</param>
/// <param name="Millilitres">The products of the year, without water.</param>
/// <param name="Cost">What they cost, as far as prices are known.</param>
/// <param name="OverdueDays">The days overdue, all tasks added.</param>
/// <param name="DeepClean">When a deep clean will be due.</param>
/// <param name="Currency">The owner's currency; empty for amounts without one.</param>
/// <param name="Difference">What it would change, in words; empty where nothing is asked.</param>
internal sealed record OutlookView(
    DateOnly From,
    DateOnly Until,
    int Days,
    IReadOnlyList<OutlookLaneView> Lanes,
    IReadOnlyList<OutlookMonthView> Months,
    double Minutes,
    double Millilitres,
    decimal Cost,
    double OverdueDays,
    DeepCleanAheadView DeepClean,
    string Currency,
    string Difference
)
{
    public static OutlookView Of(PlannedYear year, string difference, string currency)
    {
        YearOutlook outlook = year.Outlook;
        int days = outlook.Until.DayNumber - outlook.From.DayNumber;
        int[] turns =
        [
            .. outlook.Months.Select(month => month.First.DayNumber - outlook.From.DayNumber),
            days,
        ];
        return new OutlookView(
            outlook.From,
            outlook.Until,
            days,
            [.. outlook.Lanes.Select(lane => OutlookLaneView.Of(lane, turns))],
            [
                .. outlook.Months.Select(month => new OutlookMonthView(
                    month.First,
                    month.Sessions,
                    Math.Round(month.Minutes, 1),
                    Math.Round(month.Millilitres, 1),
                    Math.Round(month.Cost, 2),
                    Math.Round(month.OverdueDays, 1)
                )),
            ],
            Math.Round(outlook.Minutes, 1),
            Math.Round(outlook.Millilitres),
            Math.Round(outlook.Cost, 2),
            Math.Round(outlook.OverdueDays, 1),
            DeepCleanAheadView.Of(year.DeepClean, outlook.From, turns),
            currency,
            difference
        );
    }
}

/// <summary>How far a year may turn out otherwise: nine of ten futures lie within.</summary>
/// <param name="OverdueDays">The days overdue, all tasks added.</param>
/// <param name="Minutes">The minutes of tasks and kits.</param>
/// <param name="Step">Levels are told every so many days.</param>
/// <param name="Lanes">The band of each task.</param>
/// <param name="Missed">How many slots lately passed without a session; as large a share is missed in the futures.</param>
/// <param name="Slots">Out of how many.</param>
internal sealed record OutlookBandView(
    BandView OverdueDays,
    BandView Minutes,
    int Step,
    IReadOnlyList<LaneBandView> Lanes,
    int Missed,
    int Slots
)
{
    public static OutlookBandView Of(YearFutures futures, SlotHabit habit) =>
        new(
            BandView.Of(futures.OverdueDays, 0),
            BandView.Of(futures.Minutes, 0),
            YearFutures.Step,
            [
                .. futures.Lanes.Values.Select(lane => new LaneBandView(
                    lane.TaskId.Value,
                    [.. lane.Levels.Select(level => Math.Round(level.Low, 2))],
                    [.. lane.Levels.Select(level => Math.Round(level.High, 2))],
                    BandView.Of(lane.OverdueDays, 0)
                )),
            ],
            habit.Missed,
            habit.Of
        );
}

/// <summary>A band.</summary>
/// <param name="Low">One future in twenty lies below.</param>
/// <param name="High">One in twenty lies above.</param>
internal sealed record BandView(double Low, double High)
{
    public static BandView Of(Band band, int digits) =>
        new(Math.Round(band.Low, digits), Math.Round(band.High, digits));
}

/// <summary>The band of one task.</summary>
/// <param name="TaskId">The task.</param>
/// <param name="Low">The lower end of its level beside the mark, step by step.</param>
/// <param name="High">The upper end.</param>
/// <param name="OverdueDays">The days it is overdue.</param>
internal sealed record LaneBandView(
    string TaskId,
    IReadOnlyList<double> Low,
    IReadOnlyList<double> High,
    BandView OverdueDays
);

/// <summary>How soil settles deep in the year ahead, and when only a deep clean helps.</summary>
/// <param name="Sentence">When it is due, in words.</param>
/// <param name="Due">The day; null when that is beyond ten years.</param>
/// <param name="Soonest">In nine cases of ten no sooner.</param>
/// <param name="Latest">In nine cases of ten no later; null when that is beyond ten years.</param>
/// <param name="Points">How far it will have come, from turn to turn of the months; 1 is the mark.</param>
internal sealed record DeepCleanAheadView(
    string Sentence,
    DateOnly? Due,
    DateOnly? Soonest,
    DateOnly? Latest,
    IReadOnlyList<EmbeddedPointView> Points
)
{
    public static DeepCleanAheadView Of(
        DeepCleanForecast forecast,
        DateOnly today,
        IReadOnlyList<int> turns
    ) =>
        new(
            DeepCleanWords.Of(forecast, today),
            forecast.Due,
            forecast.Soonest,
            forecast.Latest,
            [
                .. forecast
                    .Path.Where(day => turns.Contains(day.Day))
                    .Select(day => new EmbeddedPointView(
                        day.Day,
                        Math.Round(day.Level, 3),
                        Math.Round(day.Low, 3),
                        Math.Round(day.High, 3)
                    )),
            ]
        );
}

/// <summary>How far soil will have settled by a day.</summary>
/// <param name="Day">The day, counted from the first.</param>
/// <param name="Level">How far: 1 is the mark.</param>
/// <param name="Low">The lower end of the band that holds nine cases of ten.</param>
/// <param name="High">The upper end of that band.</param>
internal sealed record EmbeddedPointView(int Day, double Level, double Low, double High);

/// <summary>A task through the year.</summary>
/// <param name="Group">Its group.</param>
/// <param name="TaskId">The task.</param>
/// <param name="Name">What to do.</param>
/// <param name="ShortName">The same in one or two words.</param>
/// <param name="OverdueDays">The days it is overdue.</param>
/// <param name="Visits">The days on which it is done, counted from the first.</param>
/// <param name="Points">The level from turn to turn: between two points it goes straight.</param>
internal sealed record OutlookLaneView(
    OutlookGroup Group,
    string TaskId,
    string Name,
    string ShortName,
    double OverdueDays,
    IReadOnlyList<int> Visits,
    IReadOnlyList<OutlookPointView> Points
)
{
    public static OutlookLaneView Of(OutlookLane lane, IReadOnlyList<int> turns)
    {
        int last = turns[^1];
        int[] visits = [.. lane.Course.Visits.Where(visit => visit <= last)];
        return new OutlookLaneView(
            lane.Group,
            lane.Item.Task.Id.Value,
            lane.Item.Task.Name,
            lane.Item.Task.ShortName,
            Math.Round(lane.OverdueDays, 1),
            visits,
            [.. turns.Concat(visits).Distinct().Order().SelectMany(PointsOn)]
        );

        IEnumerable<OutlookPointView> PointsOn(int day)
        {
            yield return new OutlookPointView(day, Math.Round(lane.Course.Before(day), 3));
            if (visits.Contains(day))
            {
                yield return new OutlookPointView(day, Math.Round(lane.Course.After(day), 3));
            }
        }
    }
}

/// <summary>A level on a day.</summary>
/// <param name="Day">The day, counted from the first.</param>
/// <param name="Level">The level beside the mark: 1 is due.</param>
internal sealed record OutlookPointView(int Day, double Level);

/// <summary>What a month takes.</summary>
/// <param name="First">Its first day in the outlook.</param>
/// <param name="Sessions">The sessions in which something is done.</param>
/// <param name="Minutes">The minutes of tasks and kits.</param>
/// <param name="Millilitres">The products, without water.</param>
/// <param name="Cost">What they cost, as far as prices are known.</param>
/// <param name="OverdueDays">The days overdue, all tasks added.</param>
internal sealed record OutlookMonthView(
    DateOnly First,
    int Sessions,
    double Minutes,
    double Millilitres,
    decimal Cost,
    double OverdueDays
);

/// <summary>What the year brings beside its sessions.</summary>
/// <param name="Coats">The coats that lie on the car now, what fades first coming first.</param>
/// <param name="RunOuts">The products that run out, the first coming first.</param>
/// <param name="Turns">The turns of the seasons, in order.</param>
internal sealed record ComingUpView(
    IReadOnlyList<CoatAheadView> Coats,
    IReadOnlyList<RunOutView> RunOuts,
    IReadOnlyList<SeasonTurnView> Turns
)
{
    public static ComingUpView Of(ComingUp coming) =>
        new(
            [
                .. coming.Coats.Select(coat => new CoatAheadView(
                    coat.Task.Name,
                    coat.Surfaces,
                    Math.Round(coat.Left.Value, 2),
                    coat.Fades,
                    coat.Next
                )),
            ],
            [
                .. coming.RunOuts.Select(runOut => new RunOutView(
                    runOut.ProductId,
                    runOut.Name,
                    runOut.Day,
                    runOut.Buy
                )),
            ],
            [
                .. coming.Turns.Select(turn => new SeasonTurnView(
                    turn.Day,
                    turn.Name,
                    [.. turn.Tasks.Select(task => new TurnTaskView(task.Task.Name, task.Reason))]
                )),
            ]
        );
}

/// <summary>A coat that lies on the car.</summary>
/// <param name="Name">The task that lays it.</param>
/// <param name="Surfaces">On how many surfaces it lies.</param>
/// <param name="Left">How much of its life is left where it is most faded, from 0 to 1.</param>
/// <param name="Fades">The day on which it will have faded there.</param>
/// <param name="Next">The day on which it is laid anew; null when it is not.</param>
internal sealed record CoatAheadView(string Name, int Surfaces, double Left, DateOnly Fades, DateOnly? Next);

/// <summary>A product that runs out.</summary>
/// <param name="ProductId">The product.</param>
/// <param name="Name">Its name.</param>
/// <param name="Day">The first session for which there is too little of it.</param>
/// <param name="Buy">The day by which to buy it.</param>
internal sealed record RunOutView(Guid ProductId, string Name, DateOnly Day, DateOnly Buy);

/// <summary>A turn of the seasons.</summary>
/// <param name="Day">Its day.</param>
/// <param name="Name">What turns.</param>
/// <param name="Tasks">What to see to, what matters most first.</param>
internal sealed record SeasonTurnView(DateOnly Day, string Name, IReadOnlyList<TurnTaskView> Tasks);

/// <summary>What to see to at a turn.</summary>
/// <param name="Name">The task.</param>
/// <param name="Reason">Why.</param>
internal sealed record TurnTaskView(string Name, string Reason);
