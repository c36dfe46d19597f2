using Cove.Core.Methods;
using Cove.Core.Upkeep.Tasks;

namespace Cove.Core.Log;

/// <summary>How long what was done leaves something wet.</summary>
public static class DryingTime
{
    /// <summary>How long a surface stays wet after a task was done on it, by the method that was used there; as the task says where that is not known.</summary>
    /// <param name="done">The entry.</param>
    /// <param name="task">The task of the entry.</param>
    /// <param name="surfaceId">The surface; null for the one that takes longest.</param>
    public static TimeSpan Of(TaskDone done, CareTask task, SurfaceId? surfaceId = null) =>
        done.Methods.Where(method => surfaceId is not { } one || method.SurfaceIds.Contains(one))
            .Select(method => MethodLibrary.Find(method.MethodId)?.Dries)
            .Max()
        ?? task.Drying;
}
