namespace Cove.Core.Routine.Solving;

/// <summary>What it costs to leave a task alone from one visit to the next, for every pair of slots.</summary>
/// <remarks>Slot number <see cref="Edge"/> stands for the day of planning as the place to come from, and for the end of the reckoning as the place to go to.</remarks>
internal sealed class CostTables
{
    private const double Rounding = 1e-9;

    private readonly long[] cost;
    private readonly bool[] early;
    private readonly int width;

    public CostTables(RoutineProblem problem)
    {
        int slots = problem.Slots.Count;
        width = slots + 1;
        Edge = slots;
        cost = new long[problem.Tasks.Count * width * width];
        early = new bool[cost.Length];
        for (int task = 0; task < problem.Tasks.Count; task++)
        {
            for (int from = 0; from <= slots; from++)
            {
                FillFrom(problem, task, from);
            }
        }
    }

    /// <summary>The number that stands for the start and the end.</summary>
    public int Edge { get; }

    /// <summary>What it costs.</summary>
    public long Cost(int task, int from, int to) => cost[(((task * width) + from) * width) + to];

    /// <summary>What it costs from one visit to each later one; only what lies behind it counts.</summary>
    public ReadOnlySpan<long> CostsFrom(int task, int from) =>
        cost.AsSpan(((task * width) + from) * width, width);

    /// <summary>The same for <see cref="IsEarly"/>.</summary>
    public ReadOnlySpan<bool> EarlyFrom(int task, int from) =>
        early.AsSpan(((task * width) + from) * width, width);

    /// <summary>Whether the level is still below the earliest at which the task is done.</summary>
    public bool IsEarly(int task, int from, int to) => early[(((task * width) + from) * width) + to];

    /// <summary>What an area above 1 costs. Ten-thousandths of a weighted day, in units: sums are the same in any order and on any machine.</summary>
    /// <param name="of">The task.</param>
    /// <param name="area">Days times how far above.</param>
    public static long UnitsOf(RoutineTask of, double area) =>
        (long)Math.Round(of.Weight * area * 10_000) * (RoutineProblem.UnitsPerDay / 10_000);

    private void FillFrom(RoutineProblem problem, int task, int from)
    {
        RoutineTask of = problem.Tasks[task];
        int slots = problem.Slots.Count;
        int day = from == slots ? 0 : problem.Slots[from].Day;
        double level = from == slots ? of.LevelAtStart : of.LevelAfter;
        int row = ((task * width) + from) * width;
        var over = new OverMark(of.Rise, day, level);
        for (int to = from == slots ? 0 : from + 1; to <= slots; to++)
        {
            int until = to == slots ? problem.Days : problem.Slots[to].Day;
            cost[row + to] = UnitsOf(of, over.AreaUntil(until));
            early[row + to] =
                to != slots
                && level + of.Rise.RisenBy(until) - of.Rise.RisenBy(day) < of.EarliestLevel - Rounding;
        }
    }
}
