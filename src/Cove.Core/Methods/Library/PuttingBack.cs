using Cove.Core.Catalogue.Tools;
using Cove.Core.Methods.Steps;
using Cove.Core.Upkeep.Tasks;
using static Cove.Core.Methods.Steps.Hand;

namespace Cove.Core.Methods.Library;

/// <summary>What comes back to a task once something is dry: putting back what it took out, a second coat, or raising a nap.</summary>
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

    /// <summary>The nap of suede raised again.</summary>
    public static Method Nap { get; } =
        new(
            "nap-up",
            "Raise the nap",
            "Only when it is dry to the hand",
            [
                Do(
                    "Feel it",
                    "Feel that the suede is dry to the hand; damp, the nap crushes and stays flat."
                ),
                Brush("Raise the nap", "Soft brush in short strokes.", Stroke.Along, Tool.SoftBrush),
            ],
            "Soft and dull; a finger drawn across leaves a light track.",
            ["No dressing, and no hard brush."]
        );

    /// <summary>How the step that comes back to a task is done.</summary>
    public static Method MethodOf(CareTask? task) =>
        task?.SecondCoatAfter > TimeSpan.Zero ? ProtectMethods.SecondCoat
        : task is not null && RaisesNap(task) ? Nap
        : Mats;

    /// <summary>What to call the step that comes back to a task.</summary>
    /// <param name="task">A task with a <see cref="CareTask.PutBack"/> or a <see cref="CareTask.SecondCoatAfter"/>.</param>
    public static string NameOf(CareTask task) =>
        task.SecondCoatAfter > TimeSpan.Zero ? $"{task.DryingWhat}, second coat"
        : RaisesNap(task) ? "Raise the nap again"
        : task.TakesOut ? $"{task.DryingWhat} back in"
        : "Mats back in";

    /// <summary>The same in one or two words.</summary>
    public static string ShortNameOf(CareTask task) =>
        task.SecondCoatAfter > TimeSpan.Zero ? "Second coat"
        : RaisesNap(task) ? "Raise nap"
        : "Mats back";

    /// <summary>What to do when what a task left to dry should be dry.</summary>
    /// <param name="task">A task that is followed up; see <see cref="Log.Reminders"/>.</param>
    public static string WhenDry(CareTask task) =>
        RaisesNap(task) ? "It should be dry. Feel it, then raise the nap with a soft brush."
        : task.Stage == Stage.WetFloor
            ? "The floor should be dry. Feel it, then lay the mats that you took out back in and fix the driver's mat."
        : task.PutBack > TimeSpan.Zero
            ? "They should be dry. Feel both sides and the floor below, then lay them in and fix the driver's mat."
        : "They have had their day. Feel that they are dry to the reel, then let them run back; until then nobody rides there.";

    /// <summary>What to leave alone while it dries.</summary>
    /// <param name="task">A task that is followed up; see <see cref="Log.Reminders"/>.</param>
    public static string WhileDrying(CareTask task) =>
        RaisesNap(task) ? "Still drying. Brush it only when it is dry: damp, the nap crushes."
        : task.Stage == Stage.WetFloor ? "Still drying. Leave the mats out, and nobody treads on it."
        : task.PutBack > TimeSpan.Zero ? "Still drying. Leave them out until mats and floor are dry."
        : "Still drying. Leave them pulled out and clamped; nobody rides on those seats.";

    /// <summary>What its owner says once that is done.</summary>
    /// <param name="task">A task that is followed up; see <see cref="Log.Reminders"/>.</param>
    public static string DoneWords(CareTask task) =>
        RaisesNap(task) ? "The nap is up"
        : task.PutBack > TimeSpan.Zero ? "They are back in"
        : "They have run back";

    private static bool RaisesNap(CareTask task) => task.Stage == Stage.WetLow;
}
