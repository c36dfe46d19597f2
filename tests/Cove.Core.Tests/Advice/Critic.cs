namespace Cove.Core.Tests.Advice;

/// <summary>Reads a session as a tradesman would and says what is wrong with it. It shares no rule with the planner: it goes by the clock of the session, by the bottles, and by its own short table.</summary>
internal sealed class Critic(AnyHousehold household, SessionPlan plan)
{
    /// <summary>Wet, long-drying or delicate work, which nobody does for filling time.</summary>
    private static readonly HashSet<string> OnlyNearlyDue =
    [
        "cluster-lens",
        "clean-leather",
        "seal-leather",
        "clean-fabric-seats",
        "foam-carpets",
        "foam-fabric-mats",
        "seat-belts",
        "headliner",
        "shifter-slot",
        "protect-plastics",
        "protect-fabric",
        "protect-seals",
        "scent",
    ];

    /// <summary>What has to be dry, and for how many minutes, before something goes on it.</summary>
    private static readonly (string Coat, string Clean, int Minutes)[] Gaps =
    [
        ("seal-leather", "clean-leather", 10),
        ("protect-fabric", "clean-fabric-seats", 30),
        ("protect-plastics", "wipe-dash", 2),
    ];

    private static readonly HashSet<string> DryWork =
    [
        "vacuum-seats",
        "vacuum-carpets",
        "vacuum-seams",
        "pet-hair",
        "dust",
        "boot",
        "brush-vents",
    ];

    private static readonly HashSet<string> WetSeatWork =
    [
        "clean-leather",
        "clean-fabric-seats",
        "clean-synthetic",
        "raise-nap",
        "protect-fabric",
    ];

    private static readonly HashSet<string> OnDryGround =
    [
        "vacuum-seats",
        "vacuum-carpets",
        "boot",
        "brush-vents",
        "cluster-lens",
        "shifter-slot",
        "seal-leather",
        "protect-plastics",
        "protect-fabric",
        "protect-seals",
    ];

    private static readonly HashSet<string> FirstAndLast =
    [
        "things-out",
        "things-back",
        "seats-back",
        "set-back",
        "empty-car",
        "set-up",
        "cover-finished",
    ];

    private readonly (OrderedJob Step, OrderJob Job)[] steps =
    [
        .. plan.Order.Steps.Select(step => (step, plan.Jobs[step.Job])),
    ];

    /// <summary>Everything that is wrong; none for a session that a practitioner would do.</summary>
    public IEnumerable<string> Complaints() =>
        Length()
            .Concat(Dueness())
            .Concat(Products())
            .Concat(Tools())
            .Concat(DryBefore())
            .Concat(DampFromBefore())
            .Concat(Kneeling())
            .Concat(DryWorkOnWet())
            .Concat(Dressing())
            .Concat(Leather())
            .Concat(Standing())
            .Concat(OutAndBack())
            .Concat(SeatsBack())
            .Concat(Place())
            .Concat(Closed())
            .Select(complaint => $"{plan.Minutes} min: {complaint}");

    private IEnumerable<string> Length()
    {
        TimeSpan end = TimeSpan.Zero;
        foreach (var (step, job) in steps)
        {
            if (step.Begin < end)
            {
                yield return $"{job.TaskId} begins before the hands are free";
            }

            end = step.End;
        }

        if (end > TimeSpan.FromMinutes(plan.Minutes))
        {
            yield return $"it takes {end.TotalMinutes} minutes";
        }
    }

    private IEnumerable<string> Dueness() =>
        from work in plan.Works
        where OnlyNearlyDue.Contains(work.Status.Item.Task.Id.Value)
        from surface in work.Status.Surfaces
        where surface.Due.Level.Value < 0.79 && !IsNeededFor(work.Status.Item.Task.Id, surface.Surface.Id)
        select $"{work.Status.Item.Task.Id} on {surface.Surface.Id} at {surface.Due.Level.Value:0.00}";

    private bool IsNeededFor(TaskId task, SurfaceId surface) =>
        plan.Works.Any(other =>
            other.Status.Item.Task.Requires == task
            && other.Status.Surfaces.Any(one => one.Surface.Id == surface)
        );

    private IEnumerable<string> Products()
    {
        var taken = new Dictionary<ProductId, double>();
        var makes = new List<ProductMake>();
        foreach (TaskWork work in plan.Works)
        {
            CareTask task = work.Status.Item.Task;
            TaskChoices? chosen = plan.Choices.FirstOrDefault(choice => choice.Task.Id == task.Id);
            foreach (Surface surface in work.Status.Item.Surfaces.Where(_ => task.Products.Count > 0))
            {
                if (
                    work.Uses.Any(use => use.Requests.Count > 0 && use.Surfaces.Contains(surface))
                    && !(
                        chosen?.Choices.Any(choice =>
                            choice.Choice.Best is not null && choice.Surfaces.Contains(surface)
                        )
                        ?? false
                    )
                )
                {
                    yield return $"nothing to do {task.Id} on {surface.Id} with";
                }
            }

            foreach (ChoiceForSurfaces choice in chosen?.Choices ?? [])
            {
                if (choice.Choice.Best is not { } pick)
                {
                    yield return $"{task.Id} lacks a product";
                    continue;
                }

                Product product = pick.Product;
                if (
                    !household.Shelf.Products.Contains(product)
                    && product.Make.Class is not (ProductClass.Water or ProductClass.SoapWater)
                )
                {
                    yield return $"{task.Id} takes {product.Name}, which nobody owns";
                }

                if (product.Bottles.Count > 0 && product.Bottles.All(TooOld))
                {
                    yield return $"{task.Id} takes {product.Name}, which is too old";
                }

                if (pick.Strength > product.Strongest || pick.Strength < product.Weakest)
                {
                    yield return $"{task.Id} takes {product.Name} at {pick.Strength}";
                }

                foreach (Surface surface in choice.Surfaces)
                {
                    if (!Judge(pick, surface, makes).MayBeDone)
                    {
                        yield return $"{product.Name} harms {surface.Id}: {Judge(pick, surface, makes).Decisive.Sentence}";
                    }
                }

                taken[product.Id] =
                    taken.GetValueOrDefault(product.Id) + Consumption.Of(task, choice.Surfaces, pick).Value;
            }

            makes.AddRange(
                (chosen?.Choices ?? [])
                    .Select(choice => choice.Choice.Best?.Product.Make)
                    .OfType<ProductMake>()
            );
        }

        foreach (Product product in household.Shelf.Products.Where(product => product.Bottles.Count > 0))
        {
            double left = product.Bottles.Where(bottle => !TooOld(bottle)).Sum(bottle => bottle.Left.Value);
            if (taken.GetValueOrDefault(product.Id) > left + 1e-9)
            {
                yield return $"it takes {taken[product.Id]} of {product.Name}, of which {left} are left";
            }
        }

        bool TooOld(Bottle bottle) => bottle.Opened?.AddMonths(24) <= household.Today && Ages(bottle);
        bool Ages(Bottle bottle) =>
            household.Shelf.Products.First(product => product.Bottles.Contains(bottle)).ShelfLifeMonths
                is { } months
            && bottle.Opened!.Value.AddMonths(months) <= household.Today;
    }

    private Judgement Judge(Pick pick, Surface surface, IReadOnlyList<ProductMake> session) =>
        SafetyRules.Judge(
            new SafetyCase(
                surface.Make with
                {
                    Material = surface.Make.Parts[0],
                },
                pick.Product.Make,
                pick.Strength,
                pick.Way.Application,
                pick.Way.Tool,
                UseContext.Usual with
                {
                    Session = [.. session.Where(make => make != pick.Product.Make)],
                    Screens = household.Shelf.Ways.Screens,
                }
            )
        );

    private IEnumerable<string> Tools() =>
        household.Shelf.Tools.Count == 0
            ? []
            : from work in plan.Works
            from use in work.Uses
            from step in use.Method.Steps
            where
                step.Tool is { } tool
                && OwnedTool.Ownable.Contains(tool)
                && household.Shelf.Tools.All(owned => owned.Tool != tool)
            select $"{work.Status.Item.Task.Id} takes a {step.Tool}, which nobody owns";

    private IEnumerable<string> DryBefore()
    {
        foreach (var (coat, clean, minutes) in Gaps)
        {
            foreach (var (after, afterJob) in steps.Where(step => step.Job.TaskId == coat))
            {
                foreach (var (before, _) in steps.Where(step => step.Job.TaskId == clean))
                {
                    if (after.Begin < before.End + TimeSpan.FromMinutes(minutes * 0.59))
                    {
                        yield return $"{afterJob.TaskId} on what {clean} left damp";
                    }
                }
            }
        }

        foreach (var (back, job) in steps.Where(step => step.Job.PutsBack && step.Job.Stage == Stage.PutBack))
        {
            foreach (
                var (wet, wetJob) in steps.Where(step =>
                    !step.Job.PutsBack && (step.Job.TaskId == job.TaskId || step.Job.TaskId == "foam-carpets")
                )
            )
            {
                if (back.Begin < wet.End + wetJob.Drying)
                {
                    yield return $"{job.TaskId} is put back damp, or on a damp floor";
                }
            }
        }

        foreach (
            var (second, job) in steps.Where(step => step.Job.TaskId == "protect-fabric" && step.Job.PutsBack)
        )
        {
            OrderedJob first = steps.First(step => step.Job.TaskId == job.TaskId && !step.Job.PutsBack).Step;
            if (second.Begin < first.End + TimeSpan.FromMinutes(15))
            {
                yield return "the second coat on the first before it has taken";
            }
        }

        foreach (
            var (dry, job) in steps.Where(step => step.Job.TaskId.Value is "vacuum-seats" or "vacuum-carpets")
        )
        {
            if (
                steps.Any(step =>
                    step.Step.End <= dry.Begin
                    && (
                        job.TaskId == "vacuum-seats"
                            ? WetSeatWork.Contains(step.Job.TaskId.Value)
                            : step.Job.TaskId == "foam-carpets"
                    )
                )
            )
            {
                yield return $"{job.TaskId} on damp pile";
            }
        }
    }

    private IEnumerable<string> DampFromBefore() =>
        from done in household.Log.OfType<TaskDone>()
        let task = CareTasks.Find(done.TaskId)!
        where done.At + task.Drying > household.Now
        from work in plan.Works
        where OnDryGround.Contains(work.Status.Item.Task.Id.Value)
        from surface in work.Status.Item.Surfaces
        where task.Tends(surface)
        select $"{work.Status.Item.Task.Id} on {surface.Id}, damp from {done.TaskId}";

    /// <summary>What was washed, foamed or wiped is not vacuumed, brushed or dusted in the same visit before it is dry.</summary>
    private IEnumerable<string> DryWorkOnWet() =>
        from wet in steps
        where !wet.Job.PutsBack && wet.Job.Drying > TimeSpan.Zero
        from dry in steps
        where
            DryWork.Contains(dry.Job.TaskId.Value)
            && dry.Step.Begin >= wet.Step.End
            && dry.Step.Begin < wet.Step.End + wet.Job.Drying
        from surface in SurfacesOf(wet.Job.TaskId).Intersect(SurfacesOf(dry.Job.TaskId))
        select $"{dry.Job.TaskId} on {surface}, which {wet.Job.TaskId} left wet";

    /// <summary>Leather is cleaned, fed, then sealed, each on what is dry; and rear seats that were sealed have nothing laid on them before that has cured: ten and twenty minutes, on a warm and dry day six and twelve. From memory.</summary>
    private IEnumerable<string> Leather()
    {
        string[] turns = ["clean-leather", "condition-leather", "seal-leather"];
        foreach (var (step, job) in steps.Where(step => !step.Job.PutsBack))
        {
            int turn = Array.IndexOf(turns, job.TaskId.Value);
            foreach (
                var (after, later) in steps.Where(one =>
                    turn >= 0
                    && !one.Job.PutsBack
                    && Array.IndexOf(turns, one.Job.TaskId.Value) > turn
                    && one.Step.Begin < step.End + TimeSpan.FromMinutes(6)
                )
            )
            {
                foreach (SurfaceId seat in SurfacesOf(job.TaskId).Intersect(SurfacesOf(later.TaskId)))
                {
                    yield return $"{later.TaskId} on {seat} {after.Begin - step.End} after {job.TaskId}";
                }
            }

            if (
                job.TaskId == "seal-leather"
                && SurfacesOf(job.TaskId).Any(seat => seat.Value.StartsWith("rear", StringComparison.Ordinal))
            )
            {
                foreach (
                    var (back, laid) in steps.Where(one =>
                        (one.Job.TaskId == "seats-back" || (one.Job.TaskId == "things-back" && HasCover))
                        && one.Step.Begin < step.End + TimeSpan.FromMinutes(12)
                    )
                )
                {
                    yield return $"{laid.TaskId} on leather that was sealed {back.Begin - step.End} before";
                }
            }
        }
    }

    private bool HasCover =>
        household.Ledger.Vehicle.Surfaces.Any(surface => surface.Kind == SurfaceKind.PetCover);

    /// <summary>Plastics are dressed before glass, unless the owner does glass before everything, and never from a wet carpet.</summary>
    private IEnumerable<string> Dressing() =>
        from dress in steps
        where dress.Job.TaskId == "protect-plastics"
        from other in steps
        where
            (
                other.Job.TaskId.Value is "windscreen" or "other-glass"
                && household.Shelf.Ways.Glass == GlassTurn.Last
                && other.Step.End <= dress.Step.Begin
            )
            || (
                other.Job.TaskId.Value is "foam-carpets" or "wash-rubber-floor"
                && other.Step.End <= dress.Step.Begin
                && dress.Step.Begin < other.Step.End + other.Job.Drying
            )
        select $"plastics are dressed after {other.Job.TaskId}";

    private IEnumerable<SurfaceId> SurfacesOf(TaskId task) =>
        plan
            .Works.Where(work => work.Status.Item.Task.Id == task)
            .SelectMany(work => work.Status.Surfaces)
            .Select(surface => surface.Surface.Id);

    private IEnumerable<string> Kneeling() =>
        from glass in steps
        where glass.Job.TaskId.Value is "windscreen" or "other-glass"
        from wet in steps
        where
            (WetSeatWork.Contains(wet.Job.TaskId.Value) || wet.Job.TaskId == "foam-carpets")
            && wet.Step.End <= glass.Step.Begin
            && glass.Step.Begin < wet.Step.End + wet.Job.Drying
        select $"{glass.Job.TaskId} kneeling on what {wet.Job.TaskId} left wet";

    private IEnumerable<string> Standing()
    {
        double hours = household.Place.Standing switch
        {
            Core.Methods.Standing.AnHour => 1,
            Core.Methods.Standing.SomeHours => 6,
            _ => 24,
        };
        return from step in steps
            where
                step.Job.Drying > TimeSpan.FromHours(hours)
                && step.Job.TaskId.Value is not ("wash-rubber-mats" or "foam-fabric-mats")
            select $"{step.Job.TaskId} dries {step.Job.Drying} while the car may stand {hours} hours";
    }

    private IEnumerable<string> OutAndBack()
    {
        int first = steps.TakeWhile(step => FirstAndLast.Contains(step.Job.TaskId.Value)).Count();
        int last = steps.Reverse().TakeWhile(step => FirstAndLast.Contains(step.Job.TaskId.Value)).Count();
        for (int i = first; i < steps.Length - last; i++)
        {
            if (FirstAndLast.Contains(steps[i].Job.TaskId.Value))
            {
                yield return $"{steps[i].Job.TaskId} amid the work";
            }
        }

        bool covered = household
            .Ledger.Vehicle.InCare()
            .Any(surface => surface.Kind is SurfaceKind.ChildSeat or SurfaceKind.PetCover);
        bool rear = plan.Works.Any(work =>
            work.Status.Item.Surfaces.Any(surface =>
                surface.Kind is SurfaceKind.ChildSeat or SurfaceKind.PetCover
                || (
                    surface.Kind == SurfaceKind.Seat
                    && surface.Id.Value.StartsWith("rear", StringComparison.Ordinal)
                )
            )
        );
        if (covered && rear && steps.All(step => step.Job.TaskId != "things-out"))
        {
            yield return "what lies on the seats is not taken out";
        }

        bool bringsBack =
            steps.Any(step => step.Job.TaskId == "things-back")
            || plan.Later.Any(later => later.TaskId == "things-back");
        if (steps.Any(step => step.Job.TaskId == "things-out") && !bringsBack)
        {
            yield return "what was taken out never comes back";
        }

        foreach (
            var (_, job) in steps.Where(step =>
                step.Job.TaskId.Value.EndsWith("mats", StringComparison.Ordinal)
            )
        )
        {
            if (
                !steps.Any(step => step.Job.TaskId == job.TaskId && step.Job.PutsBack)
                && plan.Later.All(later => later.TaskId != job.TaskId)
            )
            {
                yield return $"{job.TaskId}: the mats never come back";
            }
        }
    }

    /// <summary>Whoever drives within the hour drives with every child seat fixed, and nobody stands about for it.</summary>
    private IEnumerable<string> SeatsBack()
    {
        int seats = household.Ledger.Vehicle.InCare().Count(surface => surface.Kind == SurfaceKind.ChildSeat);
        if (seats == 0 || steps.All(step => step.Job.TaskId != "things-out"))
        {
            yield break;
        }

        (OrderedJob Step, OrderJob Job)[] back =
        [
            .. steps.Where(step => step.Job.TaskId.Value is "things-back" or "seats-back"),
        ];
        bool drivesSoon = household.Place.Standing == Core.Methods.Standing.AnHour;
        if (drivesSoon && back.Length == 0)
        {
            yield return $"{seats} child seats stay in the garage";
        }

        if (back.Length > 0 && back[0].Step.End - back[0].Step.Begin < TimeSpan.FromMinutes(1.5 * seats))
        {
            yield return $"{seats} child seats are fixed in {back[0].Step.End - back[0].Step.Begin}";
        }

        foreach (var (step, _) in back.Take(1))
        {
            foreach (
                var (wet, job) in steps.Where(other =>
                    other.Step.End <= step.Begin
                    && (
                        other.Job.TaskId == "child-seat"
                        || (
                            WetSeatWork.Contains(other.Job.TaskId.Value) && TouchesRearSeats(other.Job.TaskId)
                        )
                    )
                )
            )
            {
                if (step.Begin < wet.End + job.Drying)
                {
                    yield return $"a child seat is fixed on what {job.TaskId} left wet";
                }
            }
        }
    }

    private bool TouchesRearSeats(TaskId task) =>
        plan.Works.Any(work =>
            work.Status.Item.Task.Id == task
            && work.Status.Item.Surfaces.Any(surface =>
                surface.Kind == SurfaceKind.Seat
                && surface.Id.Value.StartsWith("rear", StringComparison.Ordinal)
            )
        );

    private IEnumerable<string> Place() =>
        from work in plan.Works
        from use in work.Uses
        where
            (!household.Place.Power && use.Method.Steps.Any(step => step.Tool is Tool.Vacuum or Tool.Steamer))
            || (!household.Place.Tap && work.Status.Item.Task.Id == "wash-rubber-mats")
            || (household.Place.Hot && work.Status.Item.Task.Stage is Stage.Protect or Stage.Dress)
        select $"{work.Status.Item.Task.Id} cannot be done here";

    /// <summary>Nothing is done where something sharp or biological lies, where a professional is at it, or before a fresh spot was seen to.</summary>
    private IEnumerable<string> Closed() =>
        from surface in plan.Works.SelectMany(work => work.Status.Item.Surfaces).Distinct()
        let why = WhyClosed(surface.Id)
        where why is not null
        select $"routine work on {surface.Id}: {why}";

    private static readonly HashSet<string> Hurts =
    [
        "sickness",
        "mould",
        "broken-glass",
        "fuel-or-oil",
        "harsh-chemical",
        "flood-water",
        "water-at-electrics",
        "needle",
        "droppings",
        "medicine",
    ];

    private string? WhyClosed(SurfaceId surface)
    {
        string? closed = null;
        var fresh = new HashSet<string>();
        foreach (LogEntry entry in household.Log.OrderBy(entry => entry.At))
        {
            switch (entry)
            {
                case Happened happened when happened.SurfaceIds.Contains(surface):
                    if (Hurts.Contains(happened.EventId.Value))
                    {
                        closed = happened.EventId.Value;
                    }
                    else
                    {
                        fresh.Add(happened.EventId.Value);
                    }

                    break;
                case SpotTreated treated when treated.SurfaceId == surface:
                    fresh.Remove(treated.EventId.Value);
                    break;
                case ClosureChanged changed when changed.SurfaceIds.Contains(surface):
                    closed = changed.State == ClosureState.Open ? null : "with a professional";
                    break;
                default:
                    break;
            }
        }

        return closed ?? fresh.FirstOrDefault();
    }
}
