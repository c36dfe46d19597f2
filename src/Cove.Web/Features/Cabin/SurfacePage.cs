using Cove.Core.Upkeep;
using Cove.Web.Hosting;

namespace Cove.Web.Features.Cabin;

/// <summary>Writes out how a task stands on a surface.</summary>
internal sealed class SurfacePage(OwnerClock clock)
{
    private static readonly TimeSpan Past = TimeSpan.FromDays(70);
    private static readonly TimeSpan Future = TimeSpan.FromDays(28);

    public SurfaceTaskView Task(CareItem item, SurfaceStatus status, CareHistory history)
    {
        DateTimeOffset now = clock.Now;
        Due due = status.Due;
        DateTimeOffset ahead =
            due.DueAt is { } at && at < now + Future ? (at > now ? at : now) : now + Future;
        return new SurfaceTaskView(
            item.Task.Id,
            item.Task.Name,
            due.Level.Value,
            due.DaysLeft(now, clock.Zone),
            due.DueDate(clock.Zone),
            due.BaselineDays,
            [.. due.Effects.Select(effect => new EffectView(effect.Cause, effect.Days))],
            double.IsFinite(due.IntervalDays) ? due.IntervalDays : null,
            [.. history.Trace(now - Past, now).Select(point => Point(point.At, point.Level))],
            Point(ahead, history.LevelAt(ahead)),
            item.Work.TotalMinutes,
            item.Task.Product,
            [.. item.Task.Method.Steps.Select(step => step.Text)],
            item.Task.Method.Cautions,
            [
                .. item
                    .Surfaces.Where(surface => surface.Id != status.Surface.Id)
                    .Select(surface => surface.Name),
            ]
        );
    }

    private LevelPointView Point(DateTimeOffset at, Level level) => new(clock.OnTheWall(at), level.Value);
}
