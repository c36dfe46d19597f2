using Cove.Core.Choice;
using Cove.Core.Methods.Glass;
using Cove.Core.Methods.Steps;
using Cove.Core.Safety;
using Cove.Core.Schools;
using Cove.Core.Upkeep;
using Cove.Core.Upkeep.Tasks;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Methods;

/// <summary>A method as it is used on some surfaces.</summary>
/// <param name="Method">The method.</param>
/// <param name="Rounds">How often it is gone through; 1 or more.</param>
/// <param name="Surfaces">The surfaces; at least one.</param>
public sealed record MethodUse(Method Method, int Rounds, IReadOnlyList<Surface> Surfaces)
{
    /// <summary>The only part of the surfaces that it touches; null when it touches all of them.</summary>
    public Material? Part { get; init; }

    /// <summary>What it asks of products.</summary>
    public IReadOnlyList<ProductRequest> Requests
    {
        get => field ?? MethodRequests.Of(Method, Part);
        init;
    }
}

/// <summary>A care task as it will be done.</summary>
/// <param name="Status">How the task stands.</param>
/// <param name="Uses">The methods, each with its surfaces.</param>
/// <param name="Hands">How long the hands are busy, putting back included, fetching not; in whole half minutes.</param>
/// <param name="Drying">How long what it leaves wet takes to dry.</param>
public sealed record TaskWork(
    CareStatus Status,
    IReadOnlyList<MethodUse> Uses,
    TimeSpan Hands,
    TimeSpan Drying
)
{
    /// <summary>The pace of the owner that the hands are reckoned with, beside that of the table; above 0.</summary>
    public double Pace { get; init; } = 1;

    /// <summary>What the task tends besides, and what other work of the session does along: a mat that is beaten and washed is not vacuumed as well.</summary>
    public IReadOnlyList<Surface> Along { get; init; } = [];

    /// <summary>A task as the table has it: light soil, Cove's own ways, whatever is at hand.</summary>
    public static TaskWork FromTable(CareStatus status)
    {
        CareTask task = status.Item.Task;
        var ask = new MethodAsk(Soil.Light, WaysOfWorking.Default, _ => false);
        return new TaskWork(
            status,
            [
                .. status
                    .Item.Surfaces.GroupBy(surface =>
                        task.Stage == Stage.Glass
                            ? GlassMethods.TwoTowels.Method
                            : MethodLibrary.Choose(task, surface.Make, ask)
                    )
                    .Select(group => new MethodUse(group.Key, 1, [.. group])),
            ],
            status.Item.Work,
            task.Drying
        );
    }
}
