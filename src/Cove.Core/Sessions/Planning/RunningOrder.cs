using Cove.Core.Upkeep.Tasks;
using Cove.Core.Vehicles.Plan;

namespace Cove.Core.Sessions.Planning;

/// <summary>The sequence of a session with its clock.</summary>
/// <param name="Steps">The jobs in the order to do them.</param>
/// <param name="Changeover">Walking and swapping of kits, all together.</param>
public sealed record RunningOrder(IReadOnlyList<OrderedJob> Steps, TimeSpan Changeover)
{
    /// <summary>From the start to the end of the last job, waiting included.</summary>
    public TimeSpan Length => Steps.Count == 0 ? TimeSpan.Zero : Steps[^1].End;

    /// <summary>How long the hands are busy: everything but waiting for something to dry.</summary>
    public TimeSpan Busy => Steps.Aggregate(TimeSpan.Zero, (sum, step) => sum + (step.End - step.Begin));

    /// <summary>Brings jobs into order.</summary>
    /// <remarks>
    /// A first rule rather than a search: of the jobs that may begin, take the one that can begin soonest,
    /// then the earliest stage, then one for the kits already in hand, then the nearest, then the first named.
    /// It respects every precedence and is the same each time; it is not proven shortest.
    /// </remarks>
    /// <exception cref="ArgumentException">The precedences go round in a circle.</exception>
    public static RunningOrder Solve(OrderProblem problem)
    {
        ArgumentNullException.ThrowIfNull(problem);
        int count = problem.Jobs.Count;
        var steps = new List<OrderedJob>(count);
        var fetched = new HashSet<Kit>();
        var open = new OpenJobs(problem);
        var hands = new Hands(problem.Start, [], TimeSpan.Zero);
        Dictionary<Stage, int> turns = problem
            .Stages.Select((stage, turn) => (stage, turn))
            .ToDictionary(pair => pair.stage, pair => pair.turn);
        TimeSpan changeover = TimeSpan.Zero;

        while (steps.Count < count)
        {
            Candidate? next = null;
            foreach (int job in open.Ready)
            {
                Candidate candidate = Consider(
                    problem,
                    job,
                    turns[problem.Jobs[job].Stage],
                    open.From(job),
                    hands
                );
                next = next is null || candidate.Rank.CompareTo(next.Rank) < 0 ? candidate : next;
            }

            if (next is null)
            {
                throw new ArgumentException("Some jobs wait for each other in a circle.", nameof(problem));
            }

            OrderJob chosen = problem.Jobs[next.Job];
            TimeSpan fetch = TimeSpan.Zero;
            foreach (Kit kit in chosen.Kits)
            {
                fetch += fetched.Add(kit) ? kit.Facts().Fetch : TimeSpan.Zero;
            }

            TimeSpan work = next.Begin + next.Changeover + fetch;
            TimeSpan end = work + chosen.Hands;
            steps.Add(new OrderedJob(next.Job, next.Begin, work, end, next.Tour));
            open.Finish(next.Job, end);
            changeover += next.Changeover;
            hands = new Hands(
                next.Tour.Count > 0 ? next.Tour[^1] : hands.At,
                chosen.Kits.Count > 0 ? chosen.Kits : hands.Kits,
                end
            );
        }

        return new RunningOrder(steps, changeover);
    }

    private static Candidate Consider(OrderProblem problem, int job, int turn, TimeSpan from, Hands hands)
    {
        OrderJob work = problem.Jobs[job];
        IReadOnlyList<Zone> tour = Tour(problem, work, hands.At);
        TimeSpan walk = tour.Count == 0 ? TimeSpan.Zero : problem.Way.Between(hands.At, tour[0]);
        bool swap = hands.Kits.Count > 0 && work.Kits.Count > 0 && !work.Kits.Any(hands.Kits.Contains);
        return new Candidate(
            job,
            from > hands.Free ? from : hands.Free,
            turn,
            walk + (swap ? OrderProblem.KitSwap : TimeSpan.Zero),
            tour
        );
    }

    /// <summary>The places of a job in the order they are visited: from the nearest one, round the way that comes to an end soonest.</summary>
    private static IReadOnlyList<Zone> Tour(OrderProblem problem, OrderJob job, Zone from)
    {
        if (job.Places.Count <= 1 || problem.PlacesInOrder)
        {
            return job.Places;
        }

        // Places stand in walking order, so a round from the nearest one is a rotation, one way or the other.
        int count = job.Places.Count;
        int first = 0;
        for (int place = 1; place < count; place++)
        {
            if (
                problem.Way.MetresBetween(from, job.Places[place])
                < problem.Way.MetresBetween(from, job.Places[first])
            )
            {
                first = place;
            }
        }

        Zone start = job.Places[first];
        double forward = problem.Way.MetresOnward(start, job.Places[(first + count - 1) % count]);
        double backward = problem.Way.MetresOnward(job.Places[(first + 1) % count], start);
        int stride = forward <= backward ? 1 : count - 1;
        var tour = new Zone[count];
        for (int stop = 0; stop < count; stop++)
        {
            tour[stop] = job.Places[(first + (stop * stride)) % count];
        }

        return tour;
    }

    private sealed record Hands(Zone At, IReadOnlyList<Kit> Kits, TimeSpan Free);

    private sealed record Candidate(
        int Job,
        TimeSpan Begin,
        int Turn,
        TimeSpan Changeover,
        IReadOnlyList<Zone> Tour
    )
    {
        public (TimeSpan, int, TimeSpan, int) Rank => (Begin, Turn, Changeover, Job);
    }
}

/// <summary>One job in its place in the order. All times count from the start of the session.</summary>
/// <param name="Job">Index into the jobs of the problem.</param>
/// <param name="Begin">When the person turns to it: walking, swapping and fetching come first.</param>
/// <param name="Work">When the work itself begins.</param>
/// <param name="End">When the hands are free again.</param>
/// <param name="Tour">The places visited, in order; empty when it is done on the spot.</param>
public sealed record OrderedJob(
    int Job,
    TimeSpan Begin,
    TimeSpan Work,
    TimeSpan End,
    IReadOnlyList<Zone> Tour
);
