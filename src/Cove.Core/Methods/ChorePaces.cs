using Cove.Core.Learning;

namespace Cove.Core.Methods;

/// <summary>What has been learnt of how long an owner takes for chores beside the table.</summary>
/// <remarks>Normal prior and evidence on the logarithm of minutes taken over minutes of the table; the textbook update. Prior and scatter are Cove's own choice.</remarks>
public sealed class ChorePaces
{
    private const double PriorStdDev = 0.5;
    private const double Scatter = 0.4;

    private readonly IReadOnlyDictionary<TaskId, RateBelief> chores;

    private ChorePaces(IReadOnlyDictionary<TaskId, RateBelief> chores) => this.chores = chores;

    /// <summary>Before any session with chores.</summary>
    public static ChorePaces Nothing { get; } = Learn([]);

    /// <summary>What is believed of a chore: 1 for as the table says, 2 for twice as long.</summary>
    public RateBelief Of(TaskId choreId) =>
        chores.GetValueOrDefault(choreId, new RateBelief(0, PriorStdDev, 0));

    /// <summary>What a chore will take, in whole half minutes.</summary>
    public TimeSpan WorkOf(SessionChore chore) =>
        TimeSpan.FromMinutes(Math.Max(1, Math.Round(chore.Work.TotalMinutes * Of(chore.Id).Median * 2)) / 2);

    /// <summary>Learns from the log; the order does not matter.</summary>
    /// <param name="done">Chores done, with the minutes each took. Those of nothing are left out.</param>
    public static ChorePaces Learn(IEnumerable<(TaskId ChoreId, TimeSpan Taken)> done) =>
        new(
            done.Where(chore => chore.Taken > TimeSpan.Zero && SessionChores.Find(chore.ChoreId) is not null)
                .GroupBy(chore => chore.ChoreId, chore => chore.Taken)
                .ToDictionary(chore => chore.Key, chore => Belief(chore.Key, [.. chore]))
        );

    private static RateBelief Belief(TaskId choreId, TimeSpan[] taken)
    {
        double table = SessionChores.Find(choreId)!.Work.TotalSeconds;
        double weight = 1 / (Scatter * Scatter);
        double precision = (1 / (PriorStdDev * PriorStdDev)) + (taken.Length * weight);
        double mean = taken.Order().Sum(span => Math.Log(span.TotalSeconds / table) * weight) / precision;
        return new RateBelief(mean, Math.Sqrt(1 / precision), taken.Length);
    }
}
