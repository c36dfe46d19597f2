using Cove.Core.Upkeep;
using Cove.Core.Upkeep.Levels;
using Cove.Core.Upkeep.Tasks;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Inspections;

/// <summary>A cheap test that says how far a surface has come, with a few results to choose from.</summary>
/// <remarks>Inspections are data; all of them stand in <see cref="InspectionTable"/>. What a result does to levels and to what is learnt follows from <see cref="Observed"/>.</remarks>
/// <param name="Id">Short and stable; it is stored with log entries.</param>
/// <param name="Name">The test in two or three words.</param>
/// <param name="How">What to do and what to look for, as one or two sentences.</param>
/// <param name="Results">The results, from clean to far gone.</param>
/// <param name="LogStdDev">How far results scatter: the standard deviation of the logarithm of the level. Cove's own choice.</param>
/// <param name="Takes">How long one look takes.</param>
public sealed record Inspection(
    InspectionId Id,
    string Name,
    string How,
    IReadOnlyList<InspectionResult> Results,
    double LogStdDev,
    TimeSpan Takes
)
{
    /// <summary>Whether it can be made at any time; some need a photo from before, or a surface that has to dry again.</summary>
    public bool AnyTime { get; init; } = true;

    /// <summary>Whether it judges the cleaning before it, rather than what has settled since.</summary>
    public bool JudgesCleaning { get; init; }

    /// <summary>Whether it tells how much has settled deep in cloth or pile, and of no task's level.</summary>
    public bool TellsOfEmbedded { get; init; }

    /// <summary>Whether it tells anything of a surface.</summary>
    public bool TellsOf(Surface surface) =>
        TellsOfEmbedded ? Embedding.Decides(surface) : TasksOn(surface).Any();

    /// <summary>The care tasks whose level it tells. Each says so itself; see <see cref="CareTask.Checks"/>.</summary>
    public IReadOnlyList<CareTask> Tasks =>
        field ??= [.. CareTasks.All.Where(task => task.Checks.Contains(Id))];

    /// <summary>The tasks it tells of on a surface.</summary>
    public IEnumerable<CareTask> TasksOn(Surface surface) => Tasks.Where(task => task.Tends(surface));

    /// <summary>The levels that a result stands for: half way to its neighbours, on a scale of ratios. The first one tells no least, the last one no most.</summary>
    /// <param name="result">One of <see cref="Results"/>.</param>
    public LevelBand BandOf(InspectionResult result)
    {
        int at = Results.ToList().IndexOf(result);
        return new LevelBand(
            at == 0 ? 0 : Between(Results[at - 1], result),
            at == Results.Count - 1 ? double.PositiveInfinity : Between(result, Results[at + 1])
        );

        static double Between(InspectionResult one, InspectionResult other) =>
            Math.Sqrt(one.Level.Value * other.Level.Value);
    }

    /// <summary>Finds a result; null when there is none of that id.</summary>
    public InspectionResult? Result(string id) => Results.FirstOrDefault(result => result.Id == id);
}

/// <summary>One result of an inspection.</summary>
/// <param name="Id">Short and stable within its inspection.</param>
/// <param name="Words">What one sees, in a few words.</param>
/// <param name="Level">The level it is typical of; see <see cref="Inspection.BandOf"/> for all that it stands for. Cove's own choice.</param>
public sealed record InspectionResult(string Id, string Words, Level Level);
