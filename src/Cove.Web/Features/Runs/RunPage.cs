using Cove.Web.Features.Choices;
using Cove.Web.Features.Methods;
using Cove.Web.Features.Today;

namespace Cove.Web.Features.Runs;

/// <summary>Writes a run out for the phone.</summary>
internal sealed class RunPage(CareLedger ledger, IReadOnlyList<OwnedTowels> towels, OwnerClock clock)
{
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
            progress.PausedAt is { } paused ? clock.OnTheWall(paused) : null,
            progress.Paused.TotalSeconds,
            progress.Undoable,
            [
                .. run.Events.Select(known => new RunEventView(
                    known.Key,
                    known.Event.Kind,
                    known.Event.Step,
                    clock.OnTheWall(known.Event.At),
                    known.Event.Towel
                )),
            ],
            progress.Current,
            progress.Rounds,
            [.. progress.Steps.Select((step, index) => Step(step, index, progress))],
            [
                .. SessionMixture
                    .Of(progress.Steps, _ => null)
                    .Where(mixture => mixture.IsMixed)
                    .Select(SessionMixtureView.Of),
            ],
            [.. progress.Drying.Select(drying => Drying(drying, progress))],
            progress.FinishedAt is null ? [] : Next(progress),
            progress.Current == progress.Steps.Count || progress.FinishedAt is not null
                ? LaundryOf(progress)
                : [],
            [.. progress.Steps.SelectMany(step => step.Towels).Distinct().Order().Select(WashingOf)],
            SessionRules.OnTime.TotalSeconds,
            SessionRules.LongestStep.TotalSeconds
        );
    }

    private RunStepView Step(RunStep step, int index, RunProgress progress)
    {
        RunMethodView[] methods = [.. MethodsOf(step)];
        return new RunStepView(
            step.TaskId.Value,
            step.Name,
            step.PutsBack,
            step.IsChore,
            (int)step.Planned.TotalSeconds,
            (int)progress.TakenBy(index).TotalSeconds,
            progress.OutcomeOf(index)?.Kind,
            step.Drying.TotalSeconds,
            step.DryingWhat,
            [.. step.Fetch.Select(kit => new KitView(kit.Facts().Name, kit.Facts().Contents))],
            step.Zones,
            [.. step.Products.Select(UsedProductView.Of)],
            step.Lacks,
            methods,
            [
                .. step
                    .Towels.Order()
                    .Select(role => TowelInHandView.Of(progress.InHand(role), progress.Fold, towels)),
            ],
            [
                .. step
                    .Products.SelectMany(product => product.Cautions)
                    .Concat(methods.SelectMany(method => method.Method.Cautions))
                    .Distinct(StringComparer.Ordinal),
            ]
        );
    }

    private IEnumerable<RunMethodView> MethodsOf(RunStep step)
    {
        IReadOnlyList<MethodUsed> methods = step.MethodsOrUsual;
        if (
            methods.Count == 0
            && ledger.Items.FirstOrDefault(item => item.Task.Id == step.TaskId) is { } item
        )
        {
            // A run from before methods were kept.
            methods = [.. TaskWork.FromTable(ledger.StatusOf(item, clock.Now)).Uses.Select(MethodUsed.Of)];
        }

        foreach (MethodUsed use in methods)
        {
            // A method that a later version dropped leaves the step with its name and its products.
            if (MethodLibrary.Find(use.MethodId) is not { } method)
            {
                continue;
            }

            // A pane with lines is wiped otherwise than one without, by the same method.
            var grounds = step
                .Surfaces.Where(surface => use.SurfaceIds.Contains(surface.Id))
                .GroupBy(surface => surface.Ground)
                .Select(group => (Ground: group.Key, Surfaces: group.ToArray()))
                .DefaultIfEmpty((Ground.Cabin, []));
            foreach (var (ground, where) in grounds)
            {
                yield return new RunMethodView(
                    MethodView.Of(method, ground),
                    use.Rounds,
                    [.. where.Select(surface => surface.ShortName)],
                    GlassMethods.Find(use.MethodId) is null ? null : where.FirstOrDefault()?.HowToReach
                );
            }
        }
    }

    private static WashingView WashingOf(TowelRole role)
    {
        LaundryLoad load = Laundry.Of([(role, 1)])[0];
        return new WashingView(role, ToolWords.NameOf(role), load.Name, load.How);
    }

    private static LaundryView[] LaundryOf(RunProgress progress) =>
        [
            .. Laundry
                .Of(progress.TowelsUsed.Select(towel => (towel.Role, towel.Number)))
                .Select(LaundryView.Of),
        ];

    private RunDryingView Drying(DryingNow drying, RunProgress progress)
    {
        RunStep step = progress.Steps[drying.Step];
        return new RunDryingView(
            step.TaskId.Value,
            step.DryingWhat,
            clock.OnTheWall(drying.From),
            clock.OnTheWall(drying.DryAt)
        );
    }

    /// <summary>When each task that was done comes due again. One that has left the car since has no date.</summary>
    private NextDateView[] Next(RunProgress progress) =>
        [
            .. progress
                .Steps.Where((_, index) => progress.RemovedBy(index) is not null)
                .Select(step => ledger.Items.FirstOrDefault(item => item.Task.Id == step.TaskId))
                .OfType<CareItem>()
                .Select(item => (item, ledger.StatusOf(item, clock.Now).Earliest.Due))
                .Select(pair => new NextDateView(
                    pair.item.Task.Id.Value,
                    pair.Due.DueDate(clock.Zone),
                    pair.Due.DaysLeft(clock.Now, clock.Zone)
                )),
        ];
}
