using Cove.Core.Upkeep.Levels;
using Cove.Core.Upkeep.Tasks;
using Cove.Core.Upkeep.Use;

namespace Cove.Core.Upkeep;

/// <summary>What makes a task take longer than on a car that is kept up every week. That soil, children, animals and their hair do is common practice; the numbers are Cove's own choice.</summary>
public static class WorkFactors
{
    /// <summary>How much longer for each level of soil above the everyday mark.</summary>
    private const double ForSoil = 0.5;

    /// <summary>A place left for months takes two to three times as long, not more.</summary>
    private const double MostForSoil = 2.5;

    /// <summary>How much longer for each child aboard, up to four.</summary>
    private const double ForChild = 0.1;

    private const int MostChildren = 4;

    /// <summary>How many times as long vacuuming takes where hair lies woven in and has to be gathered first.</summary>
    public const double ForHair = 2.2;

    /// <summary>How many times as long for the soil there is, from 1 to 2.5.</summary>
    public static double ForSoilOf(Level soil) =>
        Math.Clamp(1 + (ForSoil * (soil.Value - Level.Everyday.Value)), 1, MostForSoil);

    /// <summary>How many times as long for who rides along, 1 or more: children and animals count where they soil.</summary>
    /// <param name="task">The task.</param>
    /// <param name="use">How the car is used.</param>
    public static double ForUse(CareTask task, CarUse use)
    {
        double children = DrivenBy(task, Driver.Children)
            ? 1 + (ForChild * Math.Min(MostChildren, use.Children))
            : 1;
        double animals = DrivenBy(task, Driver.Pets)
            ? use.Pets switch
            {
                Often.Never => 1,
                Often.Sometimes => 1.15,
                _ => 1.3,
            }
            : 1;
        return children * animals;
    }

    /// <summary>Whether hair is got out of what a task tends.</summary>
    public static bool IsVacuumed(CareTask task) =>
        task.Stage is Stage.VacuumHigh or Stage.VacuumFloor && DrivenBy(task, Driver.Pets);

    private static bool DrivenBy(CareTask task, Driver driver) =>
        task.Drivers.Any(known => known.Driver == driver);
}
