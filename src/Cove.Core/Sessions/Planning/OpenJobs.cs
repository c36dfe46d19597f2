namespace Cove.Core.Sessions.Planning;

/// <summary>Which jobs of a problem may begin, and from when, while an order is being made.</summary>
internal sealed class OpenJobs
{
    private readonly List<Precedence>?[] after;
    private readonly int[] waitingFor;
    private readonly TimeSpan[] from;
    private readonly SortedSet<int> ready = [];

    public OpenJobs(OrderProblem problem)
    {
        after = new List<Precedence>?[problem.Jobs.Count];
        waitingFor = new int[problem.Jobs.Count];
        from = new TimeSpan[problem.Jobs.Count];
        foreach (Precedence rule in problem.Precedences)
        {
            (after[rule.Before] ??= []).Add(rule);
            waitingFor[rule.After]++;
        }

        for (int job = 0; job < waitingFor.Length; job++)
        {
            if (waitingFor[job] == 0)
            {
                ready.Add(job);
            }
        }
    }

    /// <summary>The jobs of which everything that must come before is finished, in the order they were named.</summary>
    public IReadOnlyCollection<int> Ready => ready;

    /// <summary>The soonest a ready job may begin, lags included.</summary>
    public TimeSpan From(int job) => from[job];

    public void Finish(int job, TimeSpan end)
    {
        ready.Remove(job);
        foreach (Precedence rule in after[job] ?? [])
        {
            TimeSpan soonest = end + rule.Lag;
            from[rule.After] = soonest > from[rule.After] ? soonest : from[rule.After];
            waitingFor[rule.After]--;
            if (waitingFor[rule.After] == 0)
            {
                ready.Add(rule.After);
            }
        }
    }
}
