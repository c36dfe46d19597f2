using Cove.Core.Methods.Steps;
using Cove.Core.Upkeep.Tasks;
using static Cove.Core.Methods.Steps.Hand;

namespace Cove.Core.Methods.Library;

/// <summary>What comes back to a task once something is dry: putting back what it took out, or a second coat.</summary>
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

    /// <summary>How the step that comes back to a task is done.</summary>
    public static Method MethodOf(CareTask? task) =>
        task?.SecondCoatAfter > TimeSpan.Zero ? ProtectMethods.SecondCoat : Mats;

    /// <summary>What to call the step that comes back to a task.</summary>
    /// <param name="task">A task with a <see cref="CareTask.PutBack"/> or a <see cref="CareTask.SecondCoatAfter"/>.</param>
    public static string NameOf(CareTask task) =>
        task.SecondCoatAfter > TimeSpan.Zero
            ? $"{task.DryingWhat}, second coat"
            : $"{task.DryingWhat} back in";

    /// <summary>The same in one or two words.</summary>
    public static string ShortNameOf(CareTask task) =>
        task.SecondCoatAfter > TimeSpan.Zero ? "Second coat" : "Mats back";
}
