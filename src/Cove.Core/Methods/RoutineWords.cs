using Cove.Core.Upkeep;

namespace Cove.Core.Methods;

/// <summary>How the putting back of a task is done and called.</summary>
public static class RoutineWords
{
    /// <summary>What to call the step that puts back what a task took out.</summary>
    /// <param name="task">A task that has a <see cref="CareTask.PutBack"/>.</param>
    public static string PutBackName(CareTask task) => $"{task.DryingWhat} back in";

    /// <summary>How to do a step of a session.</summary>
    /// <param name="task">The care task.</param>
    /// <param name="putsBack">Whether the step only puts back what the task took out.</param>
    public static Method MethodOf(CareTask task, bool putsBack) =>
        putsBack ? RoutineMethods.PutMatsBack : task.Method;
}
