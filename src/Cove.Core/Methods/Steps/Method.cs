using Cove.Core.Catalogue.Tools;
using Cove.Core.Safety;
using Cove.Core.Upkeep.Levels;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Methods.Steps;

/// <summary>A way of doing a care task: ordered steps, what to beware of, how to tell that it is good, and what to do when it is not.</summary>
/// <remarks>Methods are data; all of them stand in <see cref="MethodLibrary"/>. Products are named by what they have to do; which one that is on a car is found by its verdicts.</remarks>
/// <param name="Id">Short and stable; it is stored with log entries.</param>
/// <param name="Name">What it is called, in two to four words.</param>
/// <param name="Summary">What one does, in a few words.</param>
/// <param name="Steps">The steps; at least one.</param>
/// <param name="Good">What it looks like when it is good, as one sentence.</param>
/// <param name="Cautions">What could hurt the owner or the car, one sentence each; at least one. Labels and makers' instructions come before them.</param>
public sealed record Method(
    MethodId Id,
    string Name,
    string Summary,
    IReadOnlyList<MethodStep> Steps,
    string Good,
    IReadOnlyList<string> Cautions
)
{
    /// <summary>What to do when it is not good, mildest first; the last rung is to stop.</summary>
    public IReadOnlyList<string> Ladder { get; init; } = Ladders.Usual;

    /// <summary>Its minutes on light soil beside those the table of tasks gives; above 0.</summary>
    public double LightTimes { get; init; } = 1;

    /// <summary>Its minutes on heavy soil beside those the table of tasks gives; at least <see cref="LightTimes"/>. Cove's own choice but for the brush on fabric.</summary>
    public double HeavyTimes { get; init; } = 1.5;

    /// <summary>How long what it leaves wet takes to dry at 20 °C and half humidity, where that is another time than its task says; null where it is not.</summary>
    public TimeSpan? Dries { get; init; }

    /// <summary>What one round takes away.</summary>
    public Removal Removal { get; init; } = new(Share.All, new Share(0.9));

    /// <summary>The only part of a surface of several materials that it touches; null when it touches all of it.</summary>
    public Material? OnlyOn { get; init; }

    /// <summary>Ids of care tasks that are done by it as well.</summary>
    public IReadOnlyList<TaskId> AlsoDoes { get; init; } = [];

    /// <summary>What to wear or do for one's own safety, whatever the product.</summary>
    public IReadOnlyList<Gear> Gear { get; init; } = [];

    /// <summary>The tools it takes.</summary>
    public IEnumerable<Tool> Tools => Steps.Select(step => step.Tool).OfType<Tool>().Distinct();

    /// <summary>What must not happen before something is dry, and how it dries; null when it is dry at once.</summary>
    public DryingNeed? Drying => Steps.Select(step => step.Drying).LastOrDefault(need => need is not null);
}
