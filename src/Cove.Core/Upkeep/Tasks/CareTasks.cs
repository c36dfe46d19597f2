namespace Cove.Core.Upkeep.Tasks;

/// <summary>Every care task there is, gathered from their families.</summary>
public static class CareTasks
{
    /// <summary>Every task, in the order an owner would name them.</summary>
    public static IReadOnlyList<CareTask> All { get; } =
    [
        .. WeeklyTasks.All,
        .. DashTasks.All,
        .. GlassTasks.All,
        .. CarriedInTasks.All,
        .. SeatTasks.All,
        .. ProtectTasks.All,
        .. SeldomTasks.All,
        .. ExtraTasks.All,
    ];

    private static readonly Dictionary<TaskId, CareTask> ById = All.ToDictionary(task => task.Id);

    /// <summary>Finds a task.</summary>
    /// <param name="id">The id of a task.</param>
    /// <returns>The task, or null when there is none of that id.</returns>
    public static CareTask? Find(TaskId id) => ById.GetValueOrDefault(id);
}
