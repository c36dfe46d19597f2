using Cove.Core.Methods;
using Cove.Core.Sessions;
using Cove.Core.Upkeep;
using Cove.Core.Vehicles;
using Cove.Data;
using Cove.Web.Features.Choices;
using Cove.Web.Features.Methods;
using Cove.Web.Features.Today;
using Cove.Web.Hosting;

namespace Cove.Web.Features.Runs;

/// <summary>Writes a run out for the phone.</summary>
internal sealed class RunPage(CareLedger ledger, OwnerClock clock)
{
    private readonly IReadOnlyList<Zone> zones = ledger.Vehicle.ToCabin().Zones;
    private readonly Dictionary<string, Surface> surfaces = ledger.Vehicle.Surfaces.ToDictionary(
        surface => surface.Id,
        StringComparer.Ordinal
    );

    public RunView Show(SavedRun run)
    {
        RunProgress progress = run.Progress;
        return new RunView(
            run.Id,
            run.VehicleId,
            ledger.Vehicle.Name,
            run.Minutes,
            clock.OnTheWall(clock.Now),
            clock.OnTheWall(progress.StartedAt),
            clock.OnTheWall(progress.StepStartedAt),
            progress.FinishedAt is { } finished ? clock.OnTheWall(finished) : null,
            progress.Current,
            progress.Rounds,
            [.. progress.Steps.Select((step, index) => Step(step, index, progress))],
            [.. progress.Drying.Select(drying => Drying(drying, progress))],
            progress.FinishedAt is null ? [] : Next(progress),
            progress.Current == progress.Steps.Count || progress.FinishedAt is not null
                ? LaundryOf(progress)
                : []
        );
    }

    private RunStepView Step(RunStep step, int index, RunProgress progress)
    {
        RunMethodView[] methods = [.. MethodsOf(step)];
        return new RunStepView(
            step.TaskId,
            NameOf(step),
            step.PutsBack,
            step.IsChore,
            (int)step.Planned.TotalSeconds,
            (int)progress.TakenBy(index).TotalSeconds,
            progress.OutcomeOf(index)?.Kind,
            [.. step.Fetch.Select(kit => new KitView(kit.Facts().Name, kit.Facts().Contents))],
            // The doors of the car may have been said otherwise since the run was planned.
            [
                .. zones
                    .Where(zone => step.Zones.Contains(zone.Id, StringComparer.Ordinal))
                    .Select(zone => zone.Name),
            ],
            [.. step.Products.Select(UsedProductView.Of)],
            step.Lacks,
            methods,
            [.. step.Towels.Order().Select(role => TowelInHandView.Of(progress.Towels.InHand(role)))],
            [
                .. step
                    .Products.SelectMany(product => product.Cautions)
                    .Concat(methods.SelectMany(method => method.Method.Cautions))
                    .Distinct(StringComparer.Ordinal),
            ]
        );
    }

    private static string NameOf(RunStep step) =>
        SessionChores.Find(step.TaskId) is { } chore ? chore.Name
        : step.PutsBack ? PuttingBack.NameOf(CareTasks.Find(step.TaskId)!)
        : CareTasks.Find(step.TaskId)!.Name;

    private IEnumerable<RunMethodView> MethodsOf(RunStep step)
    {
        IReadOnlyList<StepMethod> methods = step.MethodsOrUsual;
        if (
            methods.Count == 0
            && ledger.Items.FirstOrDefault(item => item.Task.Id == step.TaskId) is { } item
        )
        {
            // A run from before methods were kept.
            methods = [.. TaskWork.FromTable(ledger.StatusOf(item, clock.Now)).Uses.Select(StepMethod.Of)];
        }

        foreach (StepMethod use in methods)
        {
            // A pane with lines is wiped otherwise than one without, by the same method.
            var grounds = use
                .SurfaceIds.Select(id => surfaces.GetValueOrDefault(id))
                .OfType<Surface>()
                .GroupBy(surface => Grounds.Of(surface.Make))
                .Select(group => (Ground: group.Key, Surfaces: group.ToArray()))
                .DefaultIfEmpty((Ground.Cabin, []));
            foreach (var (ground, where) in grounds)
            {
                yield return new RunMethodView(
                    MethodView.Of(MethodLibrary.Find(use.MethodId)!, ground),
                    use.Rounds,
                    [.. where.Select(surface => surface.ShortName)],
                    GlassMethods.Find(use.MethodId) is null ? null : new Pane(where[0], default).HowToReach
                );
            }
        }
    }

    private static LaundryView[] LaundryOf(RunProgress progress) =>
        [
            .. Laundry
                .Of(progress.TowelsUsed.Select(towel => (towel.Role, towel.Number)))
                .Select(LaundryView.Of),
        ];

    private RunDryingView Drying(DryingNow drying, RunProgress progress)
    {
        CareTask task = CareTasks.Find(progress.Steps[drying.Step].TaskId)!;
        return new RunDryingView(
            task.Id,
            task.DryingWhat,
            clock.OnTheWall(drying.From),
            clock.OnTheWall(drying.DryAt)
        );
    }

    private NextDateView[] Next(RunProgress progress) =>
        [
            .. progress
                .Steps.Where((_, index) => progress.RemovedBy(index) is not null)
                .Select(step => ledger.Items.First(item => item.Task.Id == step.TaskId))
                .Select(item => (item, ledger.StatusOf(item, clock.Now).Earliest.Due))
                .Select(pair => new NextDateView(
                    pair.item.Task.Id,
                    pair.Due.DueDate(clock.Zone),
                    pair.Due.DaysLeft(clock.Now, clock.Zone)
                )),
        ];
}
