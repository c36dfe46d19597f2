using Cove.Core.Methods.Glass;
using Cove.Core.Methods.Library;
using Cove.Core.Methods.Steps;
using Cove.Core.Upkeep.Tasks;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Methods;

/// <summary>Every method, and which is taken when.</summary>
public static class MethodLibrary
{
    /// <summary>Every method but those for glass, for which the <see cref="GlassAdvisor"/> chooses; where several are for one case, the first that is asked for is taken.</summary>
    public static IReadOnlyList<TaskMethod> All { get; } =
    [
        .. DryMethods.All,
        .. HardMethods.All,
        .. LeatherMethods.All,
        .. TextileMethods.All,
        .. ProtectMethods.All,
    ];

    private static readonly Dictionary<MethodId, Method> ById = All.Select(known => known.Method)
        .Concat(GlassMethods.All.Select(glass => glass.Method))
        .Concat([PuttingBack.Mats, PuttingBack.Nap, ProtectMethods.SecondCoat])
        .Concat(SessionChores.All.Select(chore => chore.Method))
        .ToDictionary(method => method.Id);

    /// <summary>Finds a method; null when there is none of that id.</summary>
    public static Method? Find(MethodId id) => ById.GetValueOrDefault(id);

    /// <summary>Every method by which a task can be done on a surface, whatever the soil and the schools.</summary>
    /// <param name="task">The task.</param>
    /// <param name="surface">A surface that it tends.</param>
    public static IReadOnlyList<Method> For(CareTask task, SurfaceMake surface) =>
        task.Stage == Stage.Glass
            ? [.. GlassMethods.All.Select(glass => glass.Method)]
            : [.. All.Where(known => known.IsFor(task, surface)).Select(known => known.Method)];

    /// <summary>Chooses a method for a surface that is not glass.</summary>
    /// <param name="task">The task.</param>
    /// <param name="surface">A surface that it tends.</param>
    /// <param name="ask">The soil, the schools and the tools.</param>
    /// <exception cref="ArgumentException">The library has no method for it.</exception>
    public static Method Choose(CareTask task, SurfaceMake surface, MethodAsk ask)
    {
        TaskMethod[] fitting = [.. All.Where(known => known.IsFor(task, surface))];
        // What lacks a tool is only chosen where every way does.
        TaskMethod[] able = [.. fitting.Where(known => !known.Method.Tools.Any(ask.Lacks))];
        able = able.Length > 0 ? able : fitting;
        return (
                able.FirstOrDefault(known => known.When(ask) && (known.Soil ?? ask.Soil) == ask.Soil)
                ?? able.FirstOrDefault(known => known.When(ask))
                ?? able.FirstOrDefault()
            )?.Method
            ?? throw new ArgumentException($"There is no method for {task.Id} on {surface}.", nameof(task));
    }
}
