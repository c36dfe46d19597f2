using Cove.Core.Methods.Steps;
using static Cove.Core.Methods.Steps.Hand;

namespace Cove.Core.Methods.Library;

/// <summary>Putting back what a task took out, once it is dry.</summary>
public static class PuttingBack
{
    /// <summary>Mats back in.</summary>
    public static Method Mats { get; } =
        new(
            "mats-back",
            "Mats back in",
            "Dry on both sides, fixed on their pegs",
            [
                Do("Feel them", "Feel that the mats are dry on both sides, and the floor below them."),
                Do("Lay them in", "Lay them in and fix the driver's mat on its pegs."),
            ],
            "They lie flat and the pedals move freely.",
            ["A loose or doubled mat can trap the pedals."]
        );

    /// <summary>What to call the step that puts back what a task took out.</summary>
    /// <param name="task">A task that has a <see cref="Upkeep.Tasks.CareTask.PutBack"/>.</param>
    public static string NameOf(Upkeep.Tasks.CareTask task) => $"{task.DryingWhat} back in";
}
