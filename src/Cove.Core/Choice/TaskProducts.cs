using Cove.Core.Catalogue.Products;
using Cove.Core.Schools;
using Cove.Core.Upkeep.Tasks;

namespace Cove.Core.Choice;

/// <summary>Which classes of product do a care task for an owner who works in some way. What does it for everybody is <see cref="CareTask.Products"/>.</summary>
public static class TaskProducts
{
    /// <summary>The options of a task, the gentlest first; empty for one that is done dry. A shiny dressing comes in only where gloss is wanted.</summary>
    /// <param name="task">The task.</param>
    /// <param name="ways">How the owner likes to work.</param>
    public static IReadOnlyList<TaskOption> Of(CareTask task, WaysOfWorking ways) =>
        task.LeavesFinish && ways.Finish == FinishSchool.Gloss
            ? [.. task.Products, new TaskOption(ProductClass.SolventDressing, TaskOption.Always)]
            : task.Products;

    /// <summary>How far the sheen of a product is from the finish an owner wants of a task, in steps of sheen; 0 for tasks that leave no finish.</summary>
    internal static int FinishGap(CareTask task, Sheen sheen, WaysOfWorking ways) =>
        task.LeavesFinish ? Math.Abs(sheen - SheenOf(ways.Finish)) : 0;

    private static Sheen SheenOf(FinishSchool finish) =>
        finish switch
        {
            FinishSchool.Matte => Sheen.None,
            FinishSchool.Satin => Sheen.Satin,
            FinishSchool.Gloss => Sheen.Gloss,
            _ => throw new ArgumentOutOfRangeException(nameof(finish), finish, "There is no such finish."),
        };
}
