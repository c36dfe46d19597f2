using Cove.Core.Methods;
using Cove.Core.Sessions;
using Cove.Core.Upkeep;
using Cove.Core.Vehicles;
using Cove.Data;
using Cove.Web.Features.Choices;
using Cove.Web.Features.Today;
using Cove.Web.Hosting;

namespace Cove.Web.Features.Runs;

/// <summary>Writes a run out for the phone.</summary>
internal sealed class RunPage(CareLedger ledger, OwnerClock clock)
{
    private readonly IReadOnlyList<Zone> zones = ledger.Vehicle.ToCabin().Zones;

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
            progress.FinishedAt is null ? [] : Next(progress)
        );
    }

    private RunStepView Step(RunStep step, int index, RunProgress progress)
    {
        CareTask task = CareTasks.Find(step.TaskId)!;
        Method method = RoutineWords.MethodOf(task, step.PutsBack);
        return new RunStepView(
            task.Id,
            step.PutsBack ? RoutineWords.PutBackName(task) : task.Name,
            step.PutsBack,
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
            [
                .. method.Steps.Select(part => new RunMethodStepView(
                    part.Text,
                    (int?)part.Dwell?.TotalSeconds
                )),
            ],
            [
                .. step
                    .Products.SelectMany(product => product.Cautions)
                    .Concat(method.Cautions)
                    .Distinct(StringComparer.Ordinal),
            ]
        );
    }

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
