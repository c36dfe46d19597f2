using Cove.Core.Log;
using Cove.Core.Routine.Planning;
using Cove.Core.Routine.Slots;
using Cove.Core.Routine.Solving;

namespace Cove.Core.Routine.Proposals;

/// <summary>How much is enough: what more or fewer minutes would come to on this car, pattern by pattern.</summary>
/// <remarks>All patterns are planned on the same days, so that a plan for fewer minutes can be carried over to more: more minutes are never worse. It is made while the car is at hand; its points may then be worked out elsewhere, one after the other.</remarks>
public sealed class Frontier
{
    /// <summary>The year that is compared.</summary>
    private const int Year = 365;

    /// <summary>How far the reckoning goes beyond it.</summary>
    private const int RunOn = 63;

    /// <summary>The time in which what has piled up by today may be worked off.</summary>
    private const int Settled = 56;

    /// <summary>Moves for each pattern: the many share the time of a few.</summary>
    private const int Moves = 20_000;

    private readonly IReadOnlyList<Candidate> candidates;
    private readonly CarProblem car;
    private readonly PatternDays days;

    /// <summary>Lays out the patterns on a car.</summary>
    /// <param name="year">The car.</param>
    /// <param name="like">The owner's routine: days, times, places and pins are taken from it.</param>
    /// <param name="lastDone">The day on which each task was last done, where it was.</param>
    /// <param name="zone">The owner's time zone.</param>
    /// <param name="patterns">The patterns; all of them when left out.</param>
    public Frontier(
        CarYear year,
        CarRoutine like,
        IReadOnlyDictionary<TaskId, DateOnly> lastDone,
        TimeZoneInfo zone,
        IReadOnlyList<SlotPattern>? patterns = null
    )
    {
        patterns ??= SlotPattern.All;
        days = new PatternDays(like, year, zone);
        IReadOnlyList<(SlotDay Day, bool IsLong, int Week)> all = days.All(
            patterns,
            year.Today.AddDays(Year + RunOn),
            like.Away
        );
        car = year.ProblemFor([.. all.Select(day => day.Day)], Year + RunOn);
        candidates =
        [
            .. patterns
                .Select(pattern => CandidateOf(pattern, all, year, like.Pins, lastDone))
                .OrderBy(candidate => candidate.Problem.Slots.Sum(slot => (long)slot.HalfMinutes)),
        ];
    }

    /// <summary>How many points there will be.</summary>
    public int Count => candidates.Count;

    /// <summary>Works out one point after the other, those with fewer minutes first.</summary>
    public IEnumerable<FrontierPoint> Points()
    {
        var found = new List<Found>();
        // They all have the same days, and only days and tasks count in the tables.
        var tables = new CostTables(car.Problem);
        foreach (Candidate candidate in candidates)
        {
            Found? best = found
                .Where(other => candidate.Holds(other.Candidate))
                .MinBy(other => other.InTime.WeightedOverdue);
            SolvedRoutine solved = RoutineSolver.Solve(candidate.Problem, tables, Moves, best?.Visits);
            var one = new Found(candidate, solved.Visits, InTime(candidate, solved.Visits));
            // Minutes count in what the planner makes small, so it may give up some overdue time for them; here it may not.
            if (best is not null && best.InTime.WeightedOverdue < one.InTime.WeightedOverdue)
            {
                one = new Found(candidate, best.Visits, best.InTime);
            }

            found.Add(one);
            yield return PointOf(one);
        }
    }

    /// <summary>What the owner does without a plan; null when there is too little on record.</summary>
    /// <param name="log">What was done in the last <see cref="DoneLately.Reach"/> days.</param>
    /// <param name="year">The car.</param>
    public DoneLately? Lately(IReadOnlyList<LogEntry> log, CarYear year) => DoneLately.From(car, log, year);

    private Candidate CandidateOf(
        SlotPattern pattern,
        IReadOnlyList<(SlotDay Day, bool IsLong, int Week)> all,
        CarYear year,
        IReadOnlyList<Pin> pins,
        IReadOnlyDictionary<TaskId, DateOnly> lastDone
    )
    {
        int quick = year.HalfMinutesIn(pattern.QuickMinutes);
        int rare = year.HalfMinutesIn(pattern.LongMinutes);
        var (pinned, _) = PinnedSlots.Put(
            car with
            {
                Problem = car.Problem with
                {
                    Slots =
                    [
                        .. all.Zip(
                            car.Problem.Slots,
                            (day, slot) => slot with { HalfMinutes = MinutesOn(day.IsLong, day.Week) }
                        ),
                    ],
                },
            },
            pins,
            lastDone,
            year.Today,
            year.Today.AddDays(Year)
        );
        return new Candidate(pattern, pinned.Problem);

        int MinutesOn(bool isLong, int week) =>
            isLong
                ? pattern.LongEvery is { } weeks && week % weeks == 0
                    ? rare
                    : 0
                : week % pattern.QuickEvery == 0
                    ? quick
                    : 0;
    }

    private static SolvedRoutine InTime(Candidate candidate, IReadOnlyList<IReadOnlyList<int>> visits)
    {
        RoutineProblem year = candidate.Problem.UpTo(Year);
        return RoutineSolver.Weigh(year, [.. visits.Take(year.Slots.Count)]);
    }

    private FrontierPoint PointOf(Found found) =>
        new(
            found.Candidate.Pattern,
            days.SlotsOf(found.Candidate.Pattern),
            [
                .. car
                    .Items.Index()
                    .Where(item => !IsNever(found.Candidate.Problem.Tasks[item.Index]))
                    .Select(item => new TaskFare(
                        item.Item,
                        found.InTime.Overdue[item.Index].Days,
                        Longest(found, item.Index),
                        found.Candidate.Problem.Tasks[item.Index].OnlyPinned
                    )),
            ],
            found.InTime.WeightedOverdue
        );

    /// <summary>What the owner never wants is not overdue in any routine.</summary>
    private static bool IsNever(RoutineTask task) => task.OnlyPinned && task.Pinned.Count == 0;

    private static double Longest(Found found, int task)
    {
        RoutineProblem problem = found.Candidate.Problem;
        RoutineTask of = problem.Tasks[task];
        double longest = 0;
        int from = 0;
        double level = of.LevelAtStart;
        foreach (var (slot, tasks) in found.Visits.Index())
        {
            int day = problem.Slots[slot].Day;
            if (day <= Year && tasks.Contains(task))
            {
                Leave(day);
                (from, level) = (day, of.LevelAfter);
            }
        }

        Leave(Year);
        return longest;

        void Leave(int until)
        {
            var over = new OverMark(of.Rise, from, level);
            double before = until > Settled && from < Settled ? over.DaysUntil(Settled) : 0;
            longest = until > Settled ? Math.Max(longest, over.DaysUntil(until) - before) : longest;
        }
    }

    private sealed record Candidate(SlotPattern Pattern, RoutineProblem Problem)
    {
        /// <summary>Whether it has at least the minutes of another on every day.</summary>
        public bool Holds(Candidate other) =>
            Problem
                .Slots.Zip(other.Problem.Slots)
                .All(pair => pair.First.HalfMinutes >= pair.Second.HalfMinutes);
    }

    private sealed record Found(
        Candidate Candidate,
        IReadOnlyList<IReadOnlyList<int>> Visits,
        SolvedRoutine InTime
    );
}
