using Cove.Core.Cars;
using Cove.Core.Methods.Glass;
using Cove.Core.Upkeep;
using Cove.Core.Upkeep.Tasks;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Sessions.Planning;

/// <summary>What a practitioner would not leave out of a session that has room for it, whatever else is more worthwhile by the figures. Common practice.</summary>
/// <remarks>These are customs of choosing, not of ordering: for what must come before what, see <see cref="SessionJobs"/>. What cannot be done today asks for nothing.</remarks>
/// <param name="Vacuum">Whether some vacuuming belongs into the session, because none lies behind it within a week.</param>
/// <param name="WindscreenFirst">Whether the windscreen comes before trim, because it has oily film and evening is near.</param>
public sealed record SessionCustoms(bool Vacuum, bool WindscreenFirst)
{
    /// <summary>From how many minutes on a session has room for some vacuuming.</summary>
    public const int FromMinutes = 10;

    /// <summary>From this hour on evening is near enough for film to matter on the way home. Cove's own choice.</summary>
    private const int EveningIsNear = 15;

    /// <summary>How long vacuuming counts as just done.</summary>
    private static readonly TimeSpan Week = TimeSpan.FromDays(7);

    private static readonly TaskId Windscreen = "windscreen";
    private static readonly TaskId[] Vacuuming = ["vacuum-seats", "vacuum-carpets"];
    private static readonly SurfaceId DriversSeat = "driver-seat";

    /// <summary>No custom asks for anything.</summary>
    public static SessionCustoms None { get; } = new(false, false);

    /// <summary>The customs that ask for something on a car now.</summary>
    /// <param name="car">The car.</param>
    /// <param name="now">The instant, with the hour as the owner's clock shows it.</param>
    public static SessionCustoms Of(CareLedger car, DateTimeOffset now) =>
        new(
            !Vacuuming.Any(task => car.WasFreshWithin(task, now - Week, now)),
            now.Hour >= EveningIsNear && HasOilyWindscreen(car, now)
        );

    /// <summary>Where a surface stands among those of a task: what is taken up first has the lowest rank. Among equals the more soiled comes first.</summary>
    /// <param name="task">The task.</param>
    /// <param name="surface">One of its surfaces.</param>
    /// <param name="things">What lies loose in the car.</param>
    public static int RankOf(CareTask task, Surface surface, LooseThings things) =>
        things.LieOn(surface) ? 2
        : Vacuuming.Contains(task.Id) && (surface.PartOf ?? surface.Id) == DriversSeat ? 0
        : 1;

    /// <summary>What another task is not chosen without, for as long as it is to be had; null for nothing.</summary>
    /// <param name="taskId">The task that would be chosen.</param>
    internal CareKey? BeforeChoosing(TaskId taskId) =>
        taskId == "pedals" ? new CareKey(Vacuuming[0], DriversSeat)
        : taskId == "wipe-gloss-trim" && WindscreenFirst ? new CareKey(Windscreen, Windscreen.Value)
        : (CareKey?)null;

    /// <summary>The tasks one of which the session should have, the one to prefer first; none where no vacuuming is asked for.</summary>
    internal IReadOnlyList<TaskId> Asked => Vacuum ? Vacuuming : [];

    private static bool HasOilyWindscreen(CareLedger car, DateTimeOffset now) =>
        car.Items.FirstOrDefault(item => item.Task.Id == Windscreen) is { } windscreen
        && windscreen.Surfaces.Any(pane =>
            car.FilmOn(windscreen, pane, now) is var film
            && FilmWords.IsOily(film)
            && film.Whole >= car.MarkOf(windscreen.Task, now)
        );
}
