using Cove.Core.Catalogue;
using Cove.Core.Catalogue.Tools;
using Cove.Core.Methods;
using Cove.Core.Methods.Steps;
using Cove.Core.Spots;
using Cove.Core.Upkeep;
using Cove.Core.Upkeep.Tasks;
using Cove.Core.Vehicles.Plan;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Sessions.Ready;

/// <summary>Asks of a task whether it can be done now at all, before it may take minutes: the tools, the place, the weather, dry ground, time to stand. Products are asked for after it, by <see cref="ReadyTasks"/>.</summary>
/// <remarks>A practitioner does not start what cannot be finished. That is common practice; from which level each task may be offered is Cove's own choice and stands with the task.</remarks>
/// <param name="shelf">What is at hand.</param>
/// <param name="place">Where the owner works today.</param>
/// <param name="damp">What is damp already.</param>
/// <param name="spots">The spots and closed surfaces; none when left out.</param>
public sealed class Gate(Shelf shelf, Workplace place, DampSurfaces damp, SpotBook? spots = null)
{
    /// <summary>What is wet for longer is wet for the day. Cove's own choice.</summary>
    private static readonly TimeSpan AllDay = TimeSpan.FromHours(20);

    private readonly SpotBook spots = spots ?? SpotBook.Empty;

    /// <summary>Whether a task is near enough to being due to be offered on a surface.</summary>
    public static bool IsDueEnough(CareTask task, SurfaceStatus status) =>
        status.Due.Level.Value >= task.OfferedFrom;

    /// <summary>Why a task is held back on some surfaces; null when it is not.</summary>
    /// <param name="work">The task as it would be done, with the surfaces in question.</param>
    /// <param name="use">The method, one of the work's, and its surfaces.</param>
    public HeldBack? HoldOn(TaskWork work, MethodUse use)
    {
        CareTask task = work.Status.Item.Task;
        return NoTool(use.Method) ?? NoWater(task) ?? NoPower(use.Method) ?? Weather(task) ?? MustStand(task);

        HeldBack Held(HoldReason reason, string why) => new(On(work.Status, use.Surfaces), reason, why);

        HeldBack? NoTool(Method method) =>
            method
                .Tools.Where(tool => !shelf.Has(tool))
                .Select(tool => ToolWords.NameOf(tool).ToLowerInvariant())
                .FirstOrDefault()
                is { } missing
                ? Held(HoldReason.NoTool, $"It takes a tool you have not listed: {missing}.") with
                {
                    WayOut = "List it among your tools, or get one.",
                }
                : null;

        HeldBack? NoWater(CareTask wet) =>
            !place.Tap && wet.Kits.Contains(Kit.MatWash)
                ? Held(HoldReason.NoWater, "It has to be rinsed, and there is no water here.") with
                {
                    WayOut = "Do it where there is a tap.",
                }
                : null;

        HeldBack? NoPower(Method method) =>
            !place.Power && method.Tools.Any(NeedsPower)
                ? Held(HoldReason.NoPower, "There is no power here for it.") with
                {
                    WayOut = "Do it where there is a socket, or charge a cordless one.",
                }
                : null;

        HeldBack? Weather(CareTask exposed) =>
            place.Hot && DriesTooSoon(exposed)
                ? Held(HoldReason.Weather, "It is too hot: what is put on dries before it is wiped off.") with
                {
                    WayOut = "Do it in the cool of the evening, or in shade.",
                }
            : place.AtGlass.InSun && exposed.Protects
                ? Held(HoldReason.Weather, "In the sun a coat dries before it is even.") with
                {
                    WayOut = "Move into shade.",
                }
            : place.Cold && (exposed.Protects || work.Drying > Standing.AnHour.Length())
                ? Held(HoldReason.Weather, "It is too cold: coats do not take, and nothing dries.") with
                {
                    WayOut = "Wait for a milder day, or do it in a warm garage.",
                }
            : null;

        HeldBack? MustStand(CareTask wet) =>
            work.Drying > place.Standing.Length() && !wet.TakesOut
                ? Held(
                    IsReliedOn(wet) || work.Drying >= AllDay
                        ? HoldReason.WetWhenDriven
                        : HoldReason.MustStand,
                    $"What it wets takes {InWords(work.Drying)} to dry."
                ) with
                {
                    WayOut =
                        Standings.Enough(work.Drying) == Standing.UntilTomorrow
                            ? "Let the car stand until tomorrow."
                            : "Let the car stand until the evening.",
                    Stand = Standings.Enough(work.Drying) ?? Standing.UntilTomorrow,
                }
                : null;
    }

    /// <summary>Why no routine work is done on a surface at all; null when it is open.</summary>
    /// <param name="status">The task.</param>
    /// <param name="surface">One of its surfaces.</param>
    public HeldBack? ClosedOn(CareStatus status, SurfaceStatus surface) =>
        spots.ClosureOf(surface.Surface.Id) is { } closure
            ? new HeldBack(status.On([surface]), HoldReason.Closed, closure.Why) { WayOut = closure.Who }
        : IsBehindChildSeat(surface.Surface) && spots.ClosedChildSeat is { } seat
            ? new HeldBack(
                status.On([surface]),
                HoldReason.Closed,
                $"The child seat has to come out for it, and it is closed: {seat.Why}"
            )
            {
                WayOut = "Gloves and a mask, and its maker's instructions, before anybody lifts it out.",
            }
        : spots.FreshOn(surface.Surface.Id) is not null
            ? new HeldBack(
                status.On([surface]),
                HoldReason.Spot,
                "A fresh spot comes before anything else there."
            )
            {
                WayOut = "See to the spot first.",
            }
        : null;

    private static bool IsBehindChildSeat(Surface surface) =>
        surface.Kind == SurfaceKind.PetCover
        || (surface.Kind == SurfaceKind.Seat && !FrontSeats.Have(surface));

    /// <summary>Why a task has to wait until a surface is dry; null when it need not.</summary>
    /// <param name="status">The task.</param>
    /// <param name="surface">One of its surfaces.</param>
    public HeldBack? DampOn(CareStatus status, SurfaceStatus surface) =>
        NeedsDryGround(status.Item.Task.Stage) && DryAt(surface.Surface.Id) is { } dry
            ? new HeldBack(status.On([surface]), HoldReason.Damp, "It is still damp there.")
            {
                WayOut = "Wait until it is dry to the hand.",
                From = dry,
            }
            : null;

    private DateTimeOffset? DryAt(SurfaceId surfaceId) =>
        new[]
        {
            damp.DryAt(surfaceId),
            spots.Damp.TryGetValue(surfaceId, out DateTimeOffset at) ? at : null,
        }.Max();

    /// <summary>A task on some surfaces, those that its status names.</summary>
    internal static CareStatus On(CareStatus status, IReadOnlyList<Surface> surfaces) =>
        status.On([.. status.Surfaces.Where(one => surfaces.Contains(one.Surface))]);

    /// <summary>Nothing is vacuumed, brushed or protected on damp ground.</summary>
    private static bool NeedsDryGround(Stage stage) =>
        stage is Stage.Dust or Stage.VacuumHigh or Stage.VacuumFloor or Stage.Dress or Stage.Protect;

    /// <summary>What keeps a person safe on the road is not driven wet.</summary>
    private static bool IsReliedOn(CareTask task) =>
        task.Kinds.Any(kind => kind is SurfaceKind.Belts or SurfaceKind.ChildSeat);

    private static bool DriesTooSoon(CareTask task) =>
        task.Protects || (task.Products.Count > 0 && task.Drying > TimeSpan.Zero);

    private static bool NeedsPower(Tool tool) =>
        tool is Tool.Vacuum or Tool.Steamer or Tool.Extractor or Tool.CompressedAir or Tool.Blower;

    private static string InWords(TimeSpan span) =>
        span >= TimeSpan.FromHours(20) ? "a day"
        : span >= TimeSpan.FromHours(1.75) ? $"about {Math.Round(span.TotalHours):0} hours"
        : span >= TimeSpan.FromMinutes(50) ? "about an hour"
        : $"about {Math.Round(span.TotalMinutes / 5) * 5:0} minutes";
}
