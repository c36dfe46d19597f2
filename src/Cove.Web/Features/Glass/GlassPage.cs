using Cove.Web.Features.Methods;
using Cove.Web.Features.Vehicles;

namespace Cove.Web.Features.Glass;

/// <summary>Writes the glass of a car out.</summary>
internal sealed class GlassPage(DayPlan day, OwnerClock clock)
{
    private readonly CareLedger ledger = day.Ledger;
    private readonly MethodBook book = day.Methods;

    public GlassView Show(GlassConditions conditions)
    {
        var statuses = day
            .Statuses.Where(status => status.Item.Task.Stage == Stage.Glass)
            .SelectMany(status => status.Surfaces.Select(surface => (status.Item, Status: surface)))
            .ToDictionary(pair => pair.Status.Surface.Id);
        UnfoldedPane[] shapes =
        [
            .. UnfoldedGlass.Of(day.Cabin).Panes.Where(pane => statuses.ContainsKey(pane.SurfaceId)),
        ];
        var zones = day
            .Places.Zones.Select((zone, turn) => (zone.Id, turn))
            .ToDictionary(pair => pair.Id, pair => pair.turn);
        GlassAdvice[] advices =
        [
            .. shapes
                .Select(shape => statuses[shape.SurfaceId])
                .OrderBy(pane => zones[pane.Status.Surface.ZoneId])
                .Select(pane => book.AdviceFor(pane.Item, pane.Status.Surface, conditions)),
        ];
        GlassPlan plan = GlassPlan.Of(advices, book.Ways.Fold);
        PaneView[] panes =
        [
            .. shapes.Select(shape =>
                Pane(
                    shape,
                    statuses[shape.SurfaceId].Status,
                    advices.First(advice => advice.Pane.Surface.Id == shape.SurfaceId),
                    plan.Panes.FirstOrDefault(pane => pane.Pane.Surface.Id == shape.SurfaceId)
                )
            ),
        ];
        return new GlassView(
            VehicleView.Of(ledger.Vehicle),
            clock.OnTheWall(clock.Now),
            conditions.Advice,
            SchoolTable.OrderIn(book.Ways),
            Outside(),
            statuses.Values.Count(pane => pane.Status.Due.Level.IsDue),
            panes,
            Due.SoonestFirst(panes, pane => pane.DaysLeft).FirstOrDefault()?.SurfaceId,
            GlassAdvisor.Clear.Value,
            new GlassPlanView(
                [
                    .. plan
                        .Panes.GroupBy(pane => pane.Option.Glass)
                        .Select(kit => new GlassKitView(
                            kit.Key.Method.Name,
                            [.. kit.Select(pane => pane.Pane.Surface.ShortName)]
                        )),
                ],
                plan.Takes.TotalMinutes,
                [.. TowelWant.Of(plan.Towels, day.Car.Shelf.Towels).Select(GlassTowelsView.Of)]
            ),
            [.. StreakTest.Steps.Select(step => MethodStepView.Of(step, Ground.Windscreen))],
            StreakTest.Findings
        );
    }

    private PaneView Pane(UnfoldedPane shape, SurfaceStatus status, GlassAdvice advice, PlannedPane? planned)
    {
        Surface surface = status.Surface;
        Pane pane = advice.Pane;
        GlassOption? option = planned?.Option;
        return new PaneView(
            surface.Id.Value,
            surface.Name,
            surface.ShortName,
            shape,
            SurfaceWords.About(surface),
            surface.Area.SquareMetres,
            status.Due.Level.Value,
            status.Due.DaysLeft(clock.Now, clock.Zone),
            status.Due.Level.IsDue,
            pane.Film.Light.Value,
            pane.Film.Oily.Value,
            FilmWords.Of(pane.Film),
            pane.Tinted,
            pane.HasLines,
            pane.HowToReach,
            option?.Glass.Method.Name,
            option?.Takes.TotalMinutes ?? 0,
            advice.Wait,
            planned?.ForOneKit ?? false,
            [
                .. advice
                    .Options.OrderBy(other => other.Beside(option))
                    .ThenBy(other => other.Takes)
                    .Select(other => Option(other, option, planned, pane)),
            ]
        );
    }

    private static GlassOptionView Option(
        GlassOption option,
        GlassOption? chosen,
        PlannedPane? planned,
        Pane pane
    ) =>
        new(
            MethodView.Of(option.Glass.Method, Grounds.Of(pane.Surface.Make)),
            option.Beside(chosen),
            option == chosen ? WhyChosen(option, planned!) : option.WhyNot(chosen),
            option.Rounds,
            option.Takes.TotalMinutes,
            (int)Math.Ceiling(Enum.GetValues<TowelRole>().Sum(role => option.Faces(role, pane))),
            option.Left.Whole.Value,
            [.. option.Picks.Select(pick => pick.Product.Name).Distinct(StringComparer.Ordinal)]
        );

    private static string WhyChosen(GlassOption chosen, PlannedPane planned) =>
        chosen.Enough is null ? "Nothing gets it clear today; this leaves the least."
        : planned.ForOneKit ? "A little slower here, but with the kit the other panes need anyway."
        : "The quickest that gets it clear.";

    private string Outside() =>
        book.Ways.Outside switch
        {
            OutsideSchool.OutsideFirst => "The outside is washed already.",
            OutsideSchool.InsideFirst =>
                "Wipe the outside of the panes first: the inside cannot be judged through dirt.",
            _ => "Is the outside clean? If not, wipe it first: the inside cannot be judged through dirt.",
        };
}
