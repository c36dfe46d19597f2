using Cove.Core.Catalogue.Tools;
using Cove.Core.Safety;
using Cove.Core.Schools;
using Cove.Core.Upkeep.Tasks;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Methods.Steps;

/// <summary>A method with the cases it is for.</summary>
/// <param name="TaskIds">The care tasks it does.</param>
/// <param name="Method">The method.</param>
public sealed record TaskMethod(IReadOnlyList<TaskId> TaskIds, Method Method)
{
    /// <summary>The kinds of surface it is for; empty for all that the task tends.</summary>
    public IReadOnlyList<SurfaceKind> Kinds { get; init; } = [];

    /// <summary>The materials it is for; empty for any. Of a surface with parts, the part the task is for counts.</summary>
    public IReadOnlyList<Material> Materials { get; init; } = [];

    /// <summary>The finishes it is for; empty for any.</summary>
    public IReadOnlyList<Finish> Finishes { get; init; } = [];

    /// <summary>The soil it is for; null for any.</summary>
    public Soil? Soil { get; init; }

    /// <summary>Whether a school, a tool or the soil asks for it; those that nobody asks for come after those that somebody does.</summary>
    internal Func<MethodAsk, bool> When { get; init; } = _ => true;

    /// <summary>Whether it can be done on a surface at all, whatever the soil and the schools.</summary>
    public bool IsFor(CareTask task, SurfaceMake surface) =>
        TaskIds.Contains(task.Id)
        && (Kinds.Count == 0 || Kinds.Contains(surface.Kind))
        && (Materials.Count == 0 || Materials.Contains(task.PartOf(surface) ?? surface.Parts[0]))
        && (Finishes.Count == 0 || Finishes.Contains(surface.Finish));
}

/// <summary>What a method is chosen by, beside the surface.</summary>
/// <param name="Soil">The soil.</param>
/// <param name="Ways">How the owner likes to work.</param>
/// <param name="Has">Whether a tool has been listed as there.</param>
public sealed record MethodAsk(Soil Soil, WaysOfWorking Ways, Func<Tool, bool> Has)
{
    /// <summary>Whether a tool is known not to be there.</summary>
    public Func<Tool, bool> Lacks { get; init; } = _ => false;

    /// <summary>Whether animals ride along, so that there is hair.</summary>
    public bool Hair { get; init; }

    /// <summary>Whether the owner marked the surface as worn.</summary>
    public bool Worn { get; init; }
}
