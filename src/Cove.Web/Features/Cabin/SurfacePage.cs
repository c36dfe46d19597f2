using Cove.Web.Features.Choices;
using Cove.Web.Features.Methods;

namespace Cove.Web.Features.Cabin;

/// <summary>Writes out how a task stands on a surface.</summary>
internal sealed class SurfacePage(CarShelf car, OwnerClock clock)
{
    private readonly CareLedger ledger = car.Ledger;
    private readonly MethodBook book = car.MethodsAt(clock.Now, OwnerPaces.Nothing);

    /// <summary>How far back the history of a level is shown.</summary>
    public static readonly TimeSpan Past = TimeSpan.FromDays(70);

    private static readonly TimeSpan Future = TimeSpan.FromDays(28);

    public SurfaceTaskView Task(CareItem item, SurfaceStatus status, CareHistory history)
    {
        DateTimeOffset now = clock.Now;
        Due due = status.Due;
        TaskWork work = book.Of(new CareStatus(item, [status]));
        DateTimeOffset ahead =
            due.DueAt is { } at && at < now + Future ? (at > now ? at : now) : now + Future;
        return new SurfaceTaskView(
            item.Task.Id.Value,
            item.Task.Name,
            due.Level.Value,
            due.DaysLeft(now, clock.Zone),
            due.DueDate(clock.Zone),
            due.Baseline.TotalDays,
            [.. due.Effects.Select(effect => new EffectView(effect.Cause, effect.Adds.TotalDays))],
            due.Interval?.TotalDays,
            RateWords.Of(item.Task, ledger.Learnt),
            ledger.Learnt.Of(item.Task.Id).Looks,
            [.. history.Trace(now - Past, now).Select(point => Point(point, due.Mark))],
            Point(history.PointAt(ahead), due.Mark),
            book.Of(ledger.StatusOf(item, now)).Hands.TotalMinutes,
            SurfaceChoiceView.Of(SessionProducts.Choose([work], car.Chooser)[0]),
            MethodView.Of(work.Uses[0].Method, Grounds.Of(status.Surface.Make)),
            work.Uses[0].Rounds,
            [
                .. item
                    .Surfaces.Where(surface => surface.Id != status.Surface.Id)
                    .Select(surface => surface.Name),
            ]
        );
    }

    private LevelPointView Point(LevelPoint point, Level mark) =>
        new(
            clock.OnTheWall(point.At),
            point.Level.Beside(mark).Value,
            point.Low.Beside(mark).Value,
            point.High.Beside(mark).Value
        );
}
