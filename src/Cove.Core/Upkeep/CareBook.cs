using Cove.Core.Schools;
using Cove.Core.Upkeep.Tasks;
using Cove.Core.Vehicles;
using Cove.Core.Vehicles.Plan;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Upkeep;

/// <summary>Finds the care tasks that apply to a vehicle and fits their minutes to its size.</summary>
public static class CareBook
{
    /// <summary>The part of a task's minutes that does not grow with the area: setting to, turning towels. Cove's own choice.</summary>
    internal const double FixedPart = 0.3;

    /// <summary>The layout whose minutes the table of <see cref="CareTasks"/> gives: a mid-size five-seat estate, with a child seat for the task that needs one.</summary>
    public static CabinLayout ReferenceLayout { get; } =
        CabinLayout.Usual(BodyType.Estate) with
        {
            FrontMats = Material.Rubber,
            RearMats = Material.Rubber,
            Trim = Finish.Gloss,
            ChildSeats = 1,
        };

    private static readonly Dictionary<SurfaceKind, Area> ReferenceAreas = AreasOfReferenceCar();

    /// <summary>The tasks of a vehicle, in the order of the table.</summary>
    /// <param name="vehicle">The vehicle.</param>
    /// <param name="ways">How its owner likes to work; every task that there is for the vehicle, whatever the ways, when it is left out.</param>
    public static IReadOnlyList<CareItem> For(Vehicle vehicle, WaysOfWorking? ways = null)
    {
        IReadOnlyList<Surface> present = vehicle.InCare();
        var items = new List<CareItem>();
        foreach (CareTask task in CareTasks.All)
        {
            Surface[] surfaces =
            [
                .. present.Where(surface =>
                    task.Tends(surface) && (ways is null || IsWanted(task, surface, ways))
                ),
            ];
            if (surfaces.Length > 0)
            {
                items.Add(new CareItem(task, surfaces, WorkOf(task, surfaces)));
            }
        }

        return items;
    }

    /// <summary>How large surfaces are beside all that a task tends on the car of <see cref="ReferenceLayout"/>; 1 where that car has none.</summary>
    /// <param name="task">The task.</param>
    /// <param name="surfaces">Some or all of the surfaces that it tends on a car.</param>
    public static double SizeBesideReference(CareTask task, IEnumerable<Surface> surfaces)
    {
        double reference = ReferenceAreaOf(task);
        return reference > 0 ? surfaces.Sum(surface => surface.Area.SquareMetres) / reference : 1;
    }

    /// <summary>What a task tends on the car of <see cref="ReferenceLayout"/>, in square metres; 0 where that car has none.</summary>
    internal static double ReferenceAreaOf(CareTask task) =>
        task.Kinds.Sum(kind => ReferenceAreas.GetValueOrDefault(kind).SquareMetres);

    /// <summary>A balm protects as it cleans, so that nothing is left to seal; it is for sound leather. Scent is for who wants it.</summary>
    private static bool IsWanted(CareTask task, Surface surface, WaysOfWorking ways) =>
        task.Id == "seal-leather" ? ways.Leather != LeatherSchool.Balm || surface.Wear is not null
        : task.Id == "scent" ? ways.Scent != ScentSchool.None
        : true;

    /// <summary>How long a task takes on some surfaces of a car, in whole half minutes: something whatever the size, the rest by area.</summary>
    internal static TimeSpan WorkOf(CareTask task, IReadOnlyList<Surface> surfaces)
    {
        double scale = FixedPart + ((1 - FixedPart) * SizeBesideReference(task, surfaces));
        double halfMinutes = Math.Round(task.Work.TotalMinutes * scale * 2, MidpointRounding.AwayFromZero);
        return TimeSpan.FromMinutes(Math.Max(1, halfMinutes) / 2);
    }

    private static Dictionary<SurfaceKind, Area> AreasOfReferenceCar() =>
        CabinBuilder
            .Build(ReferenceLayout)
            .Surfaces.GroupBy(surface => surface.Kind)
            .ToDictionary(
                group => group.Key,
                group => group.Select(surface => surface.Area).Aggregate((sum, next) => sum + next)
            );
}
