using Cove.Core.Catalogue.Amounts;
using Cove.Core.Upkeep.Levels;
using Cove.Core.Upkeep.Use;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Upkeep.Tasks;

/// <summary>A kind of routine work on one or more surfaces of a car, with everything that is known of it.</summary>
/// <remarks>
/// Tasks are data, a family to a file; all of them stand in <see cref="CareTasks"/>. Adding one means a definition there
/// and its methods in <see cref="Methods.MethodLibrary"/>; levels, triage, running order, chart, events, checks and stock
/// take it up by themselves. Beside each definition stands where its interval and minutes come from: <i>practice</i> is
/// common practice without a single source, <i>memory</i> is a starting value from memory.
/// </remarks>
/// <param name="Id">Short and stable; it is stored with every log entry.</param>
/// <param name="Name">What to do, as an owner would say it.</param>
/// <param name="ShortName">One or two words for the lanes.</param>
public sealed record CareTask(TaskId Id, string Name, string ShortName)
{
    /// <summary>How long it takes from fresh to due at reference use; above zero.</summary>
    public required TimeSpan Interval { get; init; }

    /// <summary>Hands-on time for a whole mid-size car at light soil, putting back included, fetching not.</summary>
    public required TimeSpan Work { get; init; }

    /// <summary>The kinds of surface it tends.</summary>
    public required IReadOnlyList<SurfaceKind> Kinds { get; init; }

    /// <summary>The materials it is for; null for any.</summary>
    public IReadOnlyList<Material>? Materials { get; init; }

    /// <summary>From how near to being due it may be offered at all; from 0 to 1. Quick dry work may come early; what is wet, dries long or is delicate only when it is nearly due (common practice; the numbers are Cove's own choice).</summary>
    public required double OfferedFrom { get; init; }

    /// <summary>Where it belongs in a session.</summary>
    public required Stage Stage { get; init; }

    /// <summary>What must be fetched for it.</summary>
    public required IReadOnlyList<Kit> Kits { get; init; }

    /// <summary>What is at stake.</summary>
    public required Stakes Stakes { get; init; }

    /// <summary>What drives its level beside time, each with its share of the whole, above 0 and together at most 1. That these things drive soiling is common practice; the shares are Cove's own choice.</summary>
    public required IReadOnlyList<(Driver Driver, double Share)> Drivers
    {
        get;
        init =>
            (field, Shares) = (
                value,
                value.Aggregate(
                    DriverShares.WithDistance(0),
                    (shares, driver) => shares.With(driver.Driver, driver.Share)
                )
            );
    }

    /// <summary>How its soiling divides among all drivers, time included.</summary>
    public DriverShares Shares { get; private init; } = DriverShares.WithDistance(0);

    /// <summary>What owners can put in place to slow it; see <see cref="PreventionTable"/>. That it helps is common practice.</summary>
    public IReadOnlyList<Preventions> HeldBackBy { get; init; } = [];

    /// <summary>The coats that slow it where they lie.</summary>
    public IReadOnlyList<Shield> ShieldedBy { get; init; } = [];

    /// <summary>The events that raise its level at once; see <see cref="CareEvents"/>. The amounts are Cove's own choice.</summary>
    public IReadOnlyList<TaskRise> RaisedBy { get; init; } = [];

    /// <summary>Ids of the inspections that tell its level; see <see cref="Inspections.InspectionTable"/>.</summary>
    public required IReadOnlyList<InspectionId> Checks { get; init; }

    /// <summary>The classes of product that do it, the gentlest first, each with the soil up to which it suffices; none for work that is done dry. The order is common practice, how far each reaches is Cove's own choice.</summary>
    public IReadOnlyList<TaskOption> Products { get; init; } = [];

    /// <summary>How much of a mixture it takes on the car of <see cref="CareBook.ReferenceLayout"/>, it grows with the area. For fabric and carpets common practice, 150 ml for the seats and 100 ml for the floor of a mid-size car; the others from memory, about a millilitre to a spray.</summary>
    public Volume Mixture { get; init; }

    /// <summary>Whether it leaves a finish that one sees, so that the owner's wish for a sheen counts.</summary>
    public bool LeavesFinish { get; init; }

    /// <summary>A task that has to be done first in the same session unless it is fresh already; null for none.</summary>
    public TaskId? Requires { get; init; }

    /// <summary>Whether the work rubs the material. A surface marked as worn is then cleaned gently, and its mark is forgiven: worn is not dirty.</summary>
    public bool Rubs { get; init; }

    /// <summary>Whether it is for what is worn, and for nothing else.</summary>
    public bool OnlyWorn { get; init; }

    /// <summary>How much more of the visible result this task brings than others of its stakes; 1 for most.</summary>
    public double Visible { get; init; } = 1;

    /// <summary>Whether it lays a coat on what is clean and dry, on plastics or on anything else.</summary>
    public bool Protects => Stage is Stage.Dress or Stage.Protect;

    /// <summary>How long what it leaves wet takes to dry at 20 °C and half humidity when it is done by its usual method; zero when it is dry at once. A method that wets more says so itself, see <see cref="Methods.Steps.Method.Dries"/>.</summary>
    public TimeSpan Drying { get; init; }

    /// <summary>The part of <see cref="Work"/> that comes back once things are dry, to put them back or to brush them up; zero for none.</summary>
    public TimeSpan PutBack { get; init; }

    /// <summary>Whether it carries out what it tends and puts it back, so that the car may be driven while that dries.</summary>
    public bool TakesOut => Stage == Stage.MatsOut && PutBack > TimeSpan.Zero;

    /// <summary>How long the first coat takes before the second may go on; zero for work of one go.</summary>
    public TimeSpan SecondCoatAfter { get; init; }

    /// <summary>What dries, in a few words; empty when nothing does.</summary>
    public string DryingWhat { get; init; } = string.Empty;

    /// <summary>Tasks whose drying must be over before this one may begin.</summary>
    public IReadOnlyList<TaskId> AfterDryingOf { get; init; } = [];

    /// <summary>Whether its level begins anew when it came clean, however it stood before. On glass it never does: what a method leaves there stays in the reckoning.</summary>
    public bool BeginsAnew => Stage != Stage.Glass;

    /// <summary>The only part of a surface of several materials that this task is for; null where it is for all of it.</summary>
    /// <param name="surface">A surface that it tends.</param>
    public Material? PartOf(SurfaceMake surface)
    {
        Material[] parts = [.. surface.Parts.Where(part => Materials is null || Materials.Contains(part))];
        return surface.Parts.Count > 1 && parts.Length == 1 ? parts[0] : null;
    }

    /// <summary>Whether a surface is one this task tends.</summary>
    public bool Tends(Surface surface) =>
        Kinds.Contains(surface.Kind)
        && (Materials is null || Materials.Contains(surface.Material))
        && !(OnlyWorn && surface.Wear is null);

    /// <summary>Whether it has to spare a surface: it rubs, and the surface is worn.</summary>
    public bool Spares(Surface surface) => Rubs && surface.Wear is not null;
}
