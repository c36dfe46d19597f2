using System.Collections.Frozen;
using Cove.Core.Catalogue;
using Cove.Core.Catalogue.Tools;
using Cove.Core.Choice;
using Cove.Core.Methods;
using Cove.Core.Methods.Glass;
using Cove.Core.Methods.Steps;
using Cove.Core.Safety;
using Cove.Core.Schools;
using Cove.Core.Upkeep;
using Cove.Core.Upkeep.Levels;
using Cove.Core.Upkeep.Tasks;
using Cove.Core.Upkeep.Use;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Cars;

/// <summary>How the tasks of one car are done at one instant: the method for each surface, and what it takes.</summary>
/// <param name="ledger">The car.</param>
/// <param name="shelf">What is at hand, and how its owner likes to work.</param>
/// <param name="advisor">Chooses for glass.</param>
/// <param name="now">The instant.</param>
public sealed class MethodBook(CareLedger ledger, Shelf shelf, GlassAdvisor advisor, DateTimeOffset now)
{
    /// <summary>From this level of soil on it counts as heavy. Cove's own choice.</summary>
    public static readonly Level Heavy = new(1.5);

    private GlassPlan? plan;

    /// <summary>What has been learnt of the owner's pace.</summary>
    public OwnerPaces Paces { get; init; } = OwnerPaces.Nothing;

    /// <summary>Where the owner works today.</summary>
    public Workplace Place { get; init; } = Workplace.Usual;

    /// <summary>Where an animal left hair, whether animals usually ride along or not.</summary>
    public IReadOnlySet<SurfaceId> Hair { get; init; } = FrozenSet<SurfaceId>.Empty;

    /// <summary>How the owner likes to work.</summary>
    public WaysOfWorking Ways => shelf.Ways;

    /// <summary>How a task will be done.</summary>
    public TaskWork Of(CareStatus status) =>
        status.Item.Task.Stage == Stage.Glass ? OfGlass(status) : OfOthers(status);

    /// <summary>What is advised for a pane.</summary>
    /// <param name="item">The task that tends it.</param>
    /// <param name="pane">The pane.</param>
    /// <param name="conditions">What it is like at the glass.</param>
    public GlassAdvice AdviceFor(CareItem item, Surface pane, GlassConditions conditions) =>
        advisor.Advise(new Pane(pane, ledger.FilmOn(item, pane, now)), conditions);

    /// <summary>Why a pane is better left for now; null for other surfaces, and for a pane that can be got clear.</summary>
    public GlassHold? HoldOn(Surface surface) => AdviceByPane.GetValueOrDefault(surface.Id)?.Hold;

    private TaskWork OfOthers(CareStatus status)
    {
        CareItem item = status.Item;
        var uses = status
            .Surfaces.Select(surface => (surface.Surface, Soil: SoilOf(surface.Due.Soil)))
            .Select(soiled =>
                (soiled.Surface, soiled.Soil, Method: MethodFor(item.Task, soiled.Surface, soiled.Soil))
            )
            .GroupBy(soiled => (soiled.Method, soiled.Soil, Part: item.Task.PartOf(soiled.Surface.Make)))
            .Select(group =>
                (
                    group.Key.Soil,
                    Use: new MethodUse(group.Key.Method, 1, [.. group.Select(soiled => soiled.Surface)])
                    {
                        Part = group.Key.Part,
                    }
                )
            )
            .ToArray();
        double pace = Paces.Of(item.Task.Id).Median;
        double forUse = WorkFactors.ForUse(item.Task, ledger.Usage.At(now).Use);
        bool isHairy =
            ledger.Usage.At(now).Use.Pets > Often.Sometimes
            || item.Surfaces.Any(surface => Hair.Contains(surface.Id));
        if (isHairy && WorkFactors.IsVacuumed(item.Task))
        {
            forUse = Math.Max(forUse, WorkFactors.ForHair);
        }

        double times = uses.Sum(use =>
            PartOf(item, use.Use.Surfaces)
            * Math.Max(
                MethodEffort.TimesOf(use.Use.Method, use.Soil),
                WorkFactors.ForSoilOf(MostSoil(status, use.Use.Surfaces))
            )
            * forUse
        );
        return new TaskWork(
            status,
            [.. uses.Select(use => use.Use)],
            HalfMinutes(item.Work * (times * pace)),
            DryingOf(item.Task, [.. uses.Select(use => use.Use.Method)])
        )
        {
            Pace = pace,
        };
    }

    private Dictionary<SurfaceId, GlassAdvice> AdviceByPane =>
        field ??= ledger
            .Items.Where(item => item.Task.Stage == Stage.Glass)
            .SelectMany(item => item.Surfaces.Select(pane => AdviceFor(item, pane, Place.AtGlass)))
            .ToDictionary(advice => advice.Pane.Surface.Id);

    /// <summary>All panes of the car in one plan, so that a pane is done in the same way whether it is done alone or with the others.</summary>
    private GlassPlan PlanOfGlass() => plan ??= GlassPlan.Of([.. AdviceByPane.Values]);

    /// <summary>How a task is done when it has just come due, with soil and film as they usually are then.</summary>
    public IReadOnlyList<MethodUse> UsesAtMark(CareItem item)
    {
        Level mark = ledger.MarkOf(item.Task, now);
        if (item.Task.Stage != Stage.Glass)
        {
            return
            [
                .. item
                    .Surfaces.GroupBy(surface =>
                        (
                            Method: MethodFor(item.Task, surface, SoilOf(mark)),
                            Part: item.Task.PartOf(surface.Make)
                        )
                    )
                    .Select(group => new MethodUse(group.Key.Method, 1, [.. group])
                    {
                        Part = group.Key.Part,
                    }),
            ];
        }

        Conditions conditions = ledger.Usage.ConditionsAt(now);
        GlassPlan due = GlassPlan.Of([
            .. item.Surfaces.Select(pane =>
                advisor.Advise(
                    new Pane(
                        pane,
                        Film.Of(
                            mark.Value,
                            mark.Value * ledger.SoilingOf(item, pane).OilyMix(conditions).Value
                        )
                    ),
                    GlassConditions.Fair
                )
            ),
        ]);
        return UsesOf(due, item.Surfaces);
    }

    private TaskWork OfGlass(CareStatus status)
    {
        Surface[] panes = [.. status.Surfaces.Select(surface => surface.Surface)];
        PlannedPane[] planned = [.. PlanOfGlass().Panes.Where(pane => panes.Contains(pane.Pane.Surface))];
        // The first kit is fetched with the glass kit.
        int changes = planned.Select(pane => pane.Option.Kit).Distinct(StringComparer.Ordinal).Count() - 1;
        TimeSpan hands =
            GlassPlan.HandsOf(planned)
            + (Math.Max(0, changes) * GlassPlan.KitChange)
            + panes
                .Except(planned.Select(pane => pane.Pane.Surface))
                .Aggregate(
                    TimeSpan.Zero,
                    (sum, pane) =>
                        sum
                        + GlassMethods.TwoTowels.SetUp
                        + (GlassMethods.TwoTowels.PerSquareMetre * pane.Area.SquareMetres)
                );
        double pace = Paces.Of(status.Item.Task.Id).Median;
        return new TaskWork(status, UsesOf(PlanOfGlass(), panes), HalfMinutes(hands * pace), TimeSpan.Zero)
        {
            Pace = pace,
        };
    }

    /// <summary>How some panes are done by a plan. Where nothing at hand may touch a pane, the usual way stands with what it lacks.</summary>
    private static MethodUse[] UsesOf(GlassPlan plan, IReadOnlyList<Surface> panes)
    {
        PlannedPane[] planned = [.. plan.Panes.Where(pane => panes.Contains(pane.Pane.Surface))];
        Surface[] lacking = [.. panes.Except(planned.Select(pane => pane.Pane.Surface))];
        return
        [
            .. planned
                .GroupBy(pane =>
                    (
                        pane.Option.Glass,
                        pane.Option.Rounds,
                        With: string.Join(',', pane.Option.Picks.Select(pick => pick.Product.Id))
                    )
                )
                .Select(group => new MethodUse(
                    group.Key.Glass.Method,
                    group.Key.Rounds,
                    [.. group.Select(pane => pane.Pane.Surface)]
                )
                {
                    Requests = RequestsFor(group.Key.Glass, group.First().Option),
                }),
            .. lacking.Length > 0
                ? [new MethodUse(GlassMethods.TwoTowels.Method, 1, lacking)]
                : Array.Empty<MethodUse>(),
        ];
    }

    /// <summary>The method for a surface that is not glass.</summary>
    /// <param name="task">The task.</param>
    /// <param name="surface">The surface.</param>
    /// <param name="soil">The soil.</param>
    public Method MethodFor(CareTask task, Surface surface, Soil soil) =>
        MethodLibrary.Choose(
            task,
            surface.Make,
            new MethodAsk(soil, Ways, shelf.Owns)
            {
                Worn = surface.Wear is not null,
                Hair = Hair.Contains(surface.Id) || ledger.Usage.At(now).Use.Pets != Often.Never,
                Lacks = tool => !shelf.Has(tool),
            }
        );

    /// <summary>What soil a level stands for.</summary>
    public static Soil SoilOf(Level level) => level >= Heavy ? Soil.Heavy : Soil.Light;

    private TimeSpan DryingOf(CareTask task, Method[] by)
    {
        TimeSpan table = by.Max(method => method.Dries ?? task.Drying);
        // A day for belts is a rule, not a matter of how one dries.
        return table >= TimeSpan.FromHours(12)
            ? table
            : table
                * Place.DryingTimes
                * Ways.Drying switch
                {
                    DryingSchool.Evaporate => 1.5,
                    DryingSchool.Blower when shelf.Has(Tool.Blower) => 0.6,
                    _ => 1,
                };
    }

    /// <summary>The products the advisor found, and no others.</summary>
    private static IReadOnlyList<ProductRequest> RequestsFor(GlassMethod glass, GlassOption option) =>
        [
            .. glass
                .Wet.Zip(option.Picks)
                .DistinctBy(pair => pair.Second.Product.Id)
                .Select(pair => new ProductRequest(
                    [pair.Second.Product.Make.Class],
                    pair.Second.Way,
                    ProductId: pair.Second.Product.Id
                )),
        ];

    private static Level MostSoil(CareStatus status, IReadOnlyList<Surface> surfaces) =>
        status.Surfaces.Where(surface => surfaces.Contains(surface.Surface)).Max(surface => surface.Due.Soil);

    private static double PartOf(CareItem item, IReadOnlyList<Surface> surfaces)
    {
        double all = item.Surfaces.Sum(surface => surface.Area.SquareMetres);
        return all > 0
            ? surfaces.Sum(surface => surface.Area.SquareMetres) / all
            : (double)surfaces.Count / item.Surfaces.Count;
    }

    private static TimeSpan HalfMinutes(TimeSpan hands) =>
        TimeSpan.FromMinutes(
            Math.Max(1, Math.Round(hands.TotalMinutes * 2, MidpointRounding.AwayFromZero)) / 2
        );
}
