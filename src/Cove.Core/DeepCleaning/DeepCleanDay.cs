using Cove.Core.Upkeep;
using Cove.Core.Vehicles;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.DeepCleaning;

/// <summary>The day of a deep clean, done by the owner with a machine: what to do in which order, and how long it takes.</summary>
/// <remarks>The order is common practice. Minutes go by the areas of the car and are from memory, meant to be questioned: nobody does this often enough to be measured.</remarks>
/// <param name="Steps">The steps, in order.</param>
/// <param name="Needs">What has to be at hand.</param>
public sealed record DeepCleanDay(IReadOnlyList<DeepCleanStep> Steps, IReadOnlyList<string> Needs)
{
    /// <summary>How long it dries at 20 °C with doors ajar before anything is laid on or put back. Common practice.</summary>
    public static readonly TimeSpan Drying = TimeSpan.FromHours(24);

    /// <summary>What is no owner's work, whatever the machine.</summary>
    public const string NotForOwners =
        "Soaked padding, flood or sewage water, sickness, blood, mould over a wide area: licensed cleaners. Airbags, belt tensioners, switches and orange cables are never wetted; a warning lamp afterwards means a workshop.";

    /// <summary>The hands-on time.</summary>
    public TimeSpan Hands => TimeSpan.FromMinutes(Steps.Sum(step => step.Minutes));

    /// <summary>Lays out the day for a car.</summary>
    public static DeepCleanDay Of(Vehicle vehicle)
    {
        IReadOnlyList<Surface> present = vehicle.InCare();
        double seats = AreaOf(surface => Embedding.TakesIn(surface) && surface.Kind == SurfaceKind.Seat);
        double floor = AreaOf(surface =>
            Embedding.TakesIn(surface)
            && surface.Kind is SurfaceKind.Carpet or SurfaceKind.Mat or SurfaceKind.Boot
        );
        double all = AreaOf(_ => true);
        bool leather = present.Any(surface =>
            surface
                is {
                    Kind: SurfaceKind.Seat,
                    Material: Material.CoatedLeather
                        or Material.LeatherWithMicrosuede
                        or Material.SyntheticLeather
                }
        );
        bool loose = present.Any(surface => surface.Kind is SurfaceKind.ChildSeat or SurfaceKind.PetCover);
        var steps = new List<DeepCleanStep>
        {
            new(
                "empty",
                "Empty the car",
                "Everything out: mats, boot floor, what is in pockets and bins. Photos from the same spots as last time.",
                loose ? 20 : 15
            ),
            new(
                "dust",
                "Dust, and air into seams",
                "Brush vents and seams, blow or pick crumbs out from the rails.",
                15
            )
            {
                Caution = "Compressed air: eyes protected, never at speakers or sensors.",
            },
            new(
                "vacuum",
                "Vacuum, twice",
                "Once over all of it. Then brush the pile up and vacuum across.",
                Minutes(10, seats + floor, 2.5)
            ),
            new(
                "wash",
                "Wash what is hard, from the top down",
                "Headliner spots dabbed, dash, doors, console, shuts. Cloth well wrung; screens covered.",
                Minutes(20, all, 0.8)
            )
            {
                Caution = "Nothing sprayed overhead or into switches.",
            },
        };
        if (leather)
        {
            steps.Add(
                new DeepCleanStep(
                    "leather",
                    "Clean the leather",
                    "Cleaner on the brush, small panels, wiped off damp, dried.",
                    25
                )
            );
        }

        if (seats > 0)
        {
            steps.Add(
                new DeepCleanStep(
                    "extract-seats",
                    "Extract the seats",
                    "Pre-spray, work in with the brush, five minutes. One stroke of water, three dry ones, until the water runs clear.",
                    Minutes(10, seats, 9)
                )
                {
                    Caution =
                        "Damp, not soaked: heating mats, occupancy sensors and airbag seams lie beneath. On the label of the seat first.",
                }
            );
        }

        if (floor > 0)
        {
            steps.Add(
                new DeepCleanStep(
                    "extract-floor",
                    "Extract carpets and mats",
                    "Mats outside on a slope, then the floor from front to back. Three dry strokes for each wet one.",
                    Minutes(10, floor, 7)
                )
                {
                    Caution = "Modules and cables lie under carpets. What stays wet beneath grows mould.",
                }
            );
        }

        steps.AddRange([
            new DeepCleanStep(
                "belts",
                "Wash the belts",
                "Pulled out, soapy water, wiped along, clipped open until dry.",
                10
            )
            {
                Caution = "No bleach, no solvent, no strong cleaner on belts.",
            },
            new DeepCleanStep(
                "dry",
                "Let it dry",
                "Doors ajar, fan or heating on and off, until the pile is dry to the hand in its depth: about a day.",
                5
            )
            {
                Caution = "Never with the engine running indoors.",
            },
            new DeepCleanStep(
                "protect",
                "Protect",
                "Cloth, plastics and leather, on what is quite dry. Nothing on wheel, pedals or floor.",
                30
            )
            {
                Caution = "Doors open, no flame near.",
            },
            new DeepCleanStep("glass", "Glass, last", "Inside of all panes.", 15),
            new DeepCleanStep(
                "back",
                "Put things back",
                "Mats when they and the floor are dry. Photos from the same spots.",
                15
            ),
        ]);
        return new DeepCleanDay(
            steps,
            [
                "An extraction machine with a hand nozzle",
                "Two buckets, hot water, the textile cleaner that its label allows in machines",
                "Vacuum with crevice nozzle",
                "A stiff and a soft brush",
                "Fifteen towels",
                "A dry place to stand for a day and a night",
            ]
        );

        double AreaOf(Func<Surface, bool> which) =>
            present.Where(which).Sum(surface => surface.Area.SquareMetres);
    }

    private static double Minutes(double setting, double squareMetres, double each) =>
        Math.Round(setting + (squareMetres * each));
}

/// <summary>One step of the day.</summary>
/// <param name="Id">Short and stable.</param>
/// <param name="Name">What to do.</param>
/// <param name="How">How, in one to three sentences.</param>
/// <param name="Minutes">How long it takes; above 0.</param>
public sealed record DeepCleanStep(string Id, string Name, string How, double Minutes)
{
    /// <summary>What to beware of; null for nothing beyond the usual.</summary>
    public string? Caution { get; init; }
}
