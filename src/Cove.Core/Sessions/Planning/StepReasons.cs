using Cove.Core.Methods;
using Cove.Core.Sessions.Ready;
using Cove.Core.Upkeep;
using Cove.Core.Upkeep.Tasks;

namespace Cove.Core.Sessions.Planning;

/// <summary>Says why a task is part of a session.</summary>
public static class StepReasons
{
    /// <summary>The reason as one sentence.</summary>
    /// <param name="work">The task, on the surfaces on which it is done.</param>
    /// <param name="plan">The session.</param>
    public static string Of(TaskWork work, SessionPlan plan)
    {
        CareStatus status = work.Status;
        CareTask task = status.Item.Task;
        string where = status.Surfaces.Count > 1 ? $", most of all: {Lower(status.Worst.Surface.Name)}" : "";
        return status.Worst.Due.Level.Value >= 1 ? $"It is due{where}."
            : Gate.IsDueEnough(task, status.Worst) ? $"It comes due soon{where}."
            : plan.Works.FirstOrDefault(other => other.Status.Item.Task.Requires == task.Id) is { } next
                ? $"It has to come before “{next.Status.Item.Task.Name}”."
            : "It comes due before long.";
    }

    private static string Lower(string name) => char.ToLowerInvariant(name[0]) + name[1..];
}
