using Cove.Core.Methods.Glass;
using Cove.Core.Methods.Steps;
using Cove.Core.Safety;
using Cove.Core.Upkeep;
using Cove.Core.Upkeep.Tasks;

namespace Cove.Core.Methods;

/// <summary>How long a method takes: something whatever the size, and something for each square metre.</summary>
/// <param name="Fixed">Whatever the size: setting to, turning towels.</param>
/// <param name="LightPerSquareMetre">For each square metre of light soil.</param>
/// <param name="HeavyPerSquareMetre">For each square metre of heavy soil.</param>
public sealed record MethodEffort(TimeSpan Fixed, TimeSpan LightPerSquareMetre, TimeSpan HeavyPerSquareMetre)
{
    /// <summary>What a method takes as a way of doing a task.</summary>
    /// <remarks>It follows from the minutes of the task on the reference car, so that each number stands in one place.</remarks>
    /// <param name="task">The task.</param>
    /// <param name="method">One of its methods.</param>
    public static MethodEffort Of(CareTask task, Method method)
    {
        if (GlassMethods.Find(method.Id) is { } glass)
        {
            return new MethodEffort(
                glass.SetUp,
                glass.PerSquareMetre,
                glass.PerSquareMetre * glass.MostRounds
            );
        }

        double area = CareBook.ReferenceAreaOf(task);
        TimeSpan perSquareMetre = area > 0 ? task.Work * ((1 - CareBook.FixedPart) / area) : TimeSpan.Zero;
        return new MethodEffort(
            task.Work * (area > 0 ? CareBook.FixedPart : 1) * method.LightTimes,
            perSquareMetre * method.LightTimes,
            perSquareMetre * method.HeavyTimes
        );
    }

    /// <summary>The minutes of a method beside those of its task.</summary>
    public static double TimesOf(Method method, Soil soil) =>
        soil == Soil.Light ? method.LightTimes : method.HeavyTimes;
}
