using Cove.Core.Upkeep.Use;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Upkeep.Tasks;

/// <summary>A kind of routine work on one or more surfaces of a car.</summary>
/// <remarks>Tasks are data; all of them stand in <see cref="CareTasks"/>. How they are done stands in <see cref="Methods.MethodLibrary"/>.</remarks>
/// <param name="Id">Short and stable; it is stored with every log entry.</param>
/// <param name="Name">What to do, as an owner would say it.</param>
/// <param name="ShortName">One or two words for the lanes.</param>
/// <param name="IntervalDays">Days from fresh to due at reference use; above 0.</param>
/// <param name="Work">Minutes of hands for a whole mid-size car at light soil, putting back included, fetching not.</param>
/// <param name="Kinds">The kinds of surface it tends.</param>
/// <param name="Materials">The materials it is for; null for any.</param>
/// <param name="Stage">Where it belongs in a session.</param>
/// <param name="Kits">What must be fetched for it.</param>
/// <param name="Stakes">What is at stake.</param>
/// <param name="Shares">What drives its level.</param>
public sealed record CareTask(
    string Id,
    string Name,
    string ShortName,
    double IntervalDays,
    TimeSpan Work,
    IReadOnlyList<SurfaceKind> Kinds,
    IReadOnlyList<Material>? Materials,
    Stage Stage,
    IReadOnlyList<Kit> Kits,
    Stakes Stakes,
    DriverShares Shares
)
{
    /// <summary>A task that has to be done first in the same session unless it is fresh already; null for none.</summary>
    public string? Requires { get; init; }

    /// <summary>Whether the work rubs the material, so that a surface marked as worn is better left out of it.</summary>
    public bool Rubs { get; init; }

    /// <summary>How much more of the visible result this task brings than others of its stakes; 1 for most.</summary>
    public double Visible { get; init; } = 1;

    /// <summary>How long what it leaves wet takes to dry at 20 °C and half humidity; zero when it is dry at once.</summary>
    public TimeSpan Drying { get; init; }

    /// <summary>The part of <see cref="Work"/> that puts things back once they are dry; zero for none.</summary>
    public TimeSpan PutBack { get; init; }

    /// <summary>What dries, in a few words; empty when nothing does.</summary>
    public string DryingWhat { get; init; } = string.Empty;

    /// <summary>Tasks whose drying must be over before this one may begin.</summary>
    public IReadOnlyList<string> AfterDryingOf { get; init; } = [];

    /// <summary>Whether its level begins anew when it came clean, however it stood before. On glass it never does: what a method leaves there stays in the reckoning.</summary>
    public bool BeginsAnew => Stage != Stage.Glass;

    /// <summary>Whether a surface is one this task tends.</summary>
    public bool Tends(Surface surface) =>
        Kinds.Contains(surface.Kind)
        && (Materials is null || Materials.Contains(surface.Material))
        && !(Rubs && surface.Wear is not null);
}
