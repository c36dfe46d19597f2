namespace Cove.Core.Tests.Advice;

/// <summary>What comes before what, in the situations in which it was seen the wrong way round. Common practice.</summary>
public sealed class OrderStatementTests
{
    private static readonly Home Family = new()
    {
        Layout = CabinLayout.Usual(BodyType.Estate) with
        {
            ChildSeats = 1,
            PetCover = true,
            FrontMats = Material.Rubber,
        },
        Soil = 1.3,
        Use = CarUse.Reference with { Children = 2, Pets = Often.Sometimes },
        Shelf =
        [
            ProductClass.FabricCleaner,
            ProductClass.FabricProtector,
            ProductClass.InteriorCleaner,
            ProductClass.RubberMatCleaner,
            ProductClass.GlassCleaner,
        ],
        Place = Workplace.Usual with { Standing = Standing.UntilTomorrow },
    };

    // Seen: seats were vacuumed round a child seat, and the cover was put back on wet cloth.
    [Fact]
    public void What_lies_loose_leaves_the_car_first_and_comes_back_last()
    {
        SessionPlan plan = (Family with { Shelf = [] }).Session(60);
        OrderedJob[] steps = [.. plan.Order.Steps];
        TaskId Of(OrderedJob step) => plan.Jobs[step.Job].TaskId;
        OrderedJob outside = steps.Single(step => Of(step) == "things-out");
        OrderedJob back = steps.Single(step => Of(step) == "things-back");

        Assert.All(
            steps.Where(step => Of(step) == "vacuum-seats"),
            step => Assert.True(step.Begin >= outside.End)
        );
        Assert.Equal(back, steps[^1]);
    }

    // Seen: a child seat was lifted out and fixed again in the minutes of a boot mat, and the step did not name it.
    [Theory]
    [InlineData(1, "Take out the child seat, covers and liners")]
    [InlineData(2, "Take out 2 child seats, covers and liners")]
    public void Each_child_seat_is_named_and_takes_its_minutes(int seats, string name)
    {
        SessionPlan plan = (
            Family with
            {
                Shelf = [],
                Layout = Family.Layout with { ChildSeats = seats },
            }
        ).Session(60);
        OrderJob outside = plan.Jobs.Single(job => job.TaskId == "things-out");
        OrderJob back = plan.Jobs.Single(job => job.TaskId == "things-back");

        Assert.Equal(name, outside.ChoreName);
        Assert.Equal(name, RunStep.Of(plan).Single(step => step.TaskId == "things-out").Name);
        Assert.Equal(1.5 + (1.5 * seats), outside.Hands.TotalMinutes);
        Assert.Equal(1.5 + (3 * seats), back.Hands.TotalMinutes);
    }

    // Seen: whoever drives within the hour found both child seats in the garage, since a wiped pet cover had to dry.
    [Fact]
    public void Child_seats_come_back_within_every_session_of_a_car_that_is_driven_soon()
    {
        Home family = Family with { Place = Workplace.Usual with { Standing = Standing.AnHour } };
        for (int minutes = 15; minutes <= 120; minutes++)
        {
            SessionPlan plan = family.Session(minutes);
            if (plan.Jobs.All(job => job.TaskId != "things-out"))
            {
                continue;
            }

            OrderedJob back = plan.Order.Steps.Last(step =>
                plan.Jobs[step.Job].TaskId.Value is "things-back" or "seats-back"
            );
            Assert.True(back.End <= TimeSpan.FromMinutes(minutes), $"{minutes} min");
            Assert.True(
                plan.Order.Length - plan.Order.Busy <= SessionRules.WorthWaiting,
                $"{minutes} min: {plan.Order.Length - plan.Order.Busy} of standing about"
            );
        }
    }

    // Seen: a child seat was fixed on a bench that was wet for hours.
    [Fact]
    public void What_would_come_back_onto_wet_seats_is_left_out_and_becomes_a_reminder_with_a_time()
    {
        SessionPlan plan = Family.Session(120);

        Assert.True(plan.Has("clean-fabric-seats"));
        Assert.DoesNotContain(plan.Order.Steps, step => plan.Jobs[step.Job].TaskId == "things-back");
        Assert.True(
            plan.Later.Single(later => later.TaskId == "things-back").From
                > plan.Order.Steps.First(step => plan.Jobs[step.Job].TaskId == "clean-fabric-seats").End
        );
    }

    // Seen: washed mats, dry after half an hour, went back onto a carpet that was foamed and wet for the night.
    [Fact]
    public void Mats_stay_out_until_mats_and_floor_are_dry()
    {
        SessionPlan plan = (
            Family with
            {
                SoilOf = key => key.TaskId == "foam-carpets" || key.TaskId == "wash-rubber-mats" ? 1.5 : 0.05,
            }
        ).Session(120);
        OrderedJob carpets = plan.Order.Steps.Single(step => plan.Jobs[step.Job].TaskId == "foam-carpets");

        Assert.DoesNotContain(
            plan.Order.Steps,
            step => plan.Jobs[step.Job].TaskId == "wash-rubber-mats" && plan.Jobs[step.Job].PutsBack
        );
        Assert.True(
            plan.Later.Single(later => later.TaskId == "wash-rubber-mats").From
                >= carpets.End + plan.Jobs[carpets.Job].Drying
        );
    }

    // Seen: two coats of protector in one go, one on top of the wet other.
    [Fact]
    public void Two_coats_are_two_jobs_with_the_first_one_dry_between_them()
    {
        Home clean = Family with { SoilOf = key => key.TaskId == "protect-fabric" ? 1.3 : 0.05 };
        SessionPlan plan = clean.Session(90);
        OrderedJob[] coats =
        [
            .. plan.Order.Steps.Where(step => plan.Jobs[step.Job].TaskId == "protect-fabric"),
        ];

        Assert.Equal(2, coats.Length);
        Assert.True(coats[1].Begin - coats[0].End >= CareTasks.Find("protect-fabric")!.SecondCoatAfter);
    }

    // Seen: a session told to free the belts that hung out to dry.
    [Fact]
    public void Setting_back_comes_after_all_work_and_leaves_the_belts_out()
    {
        SessionPlan plan = Family.Session(120);
        OrderedJob[] steps = [.. plan.Order.Steps];
        int set = Array.FindIndex(steps, step => plan.Jobs[step.Job].TaskId == "set-back");

        Assert.True(plan.Has("seat-belts"));
        Assert.All(
            steps[(set + 1)..],
            step => Assert.True(plan.Jobs[step.Job].PutsBack || plan.Jobs[step.Job].TaskId == "things-back")
        );
        Assert.Contains(
            SessionChores.Find("set-back")!.Method.Steps,
            step => step.Text.Contains("stay pulled out", StringComparison.Ordinal)
        );
    }

    // Common practice: a child seat that took vomit or blood is not lifted out in passing.
    [Fact]
    public void A_child_seat_with_sickness_on_it_is_not_carried_out_for_other_work()
    {
        Home home = Family with
        {
            Log =
            [
                new Happened(
                    new(Guid.NewGuid()),
                    new DateTimeOffset(2000, 1, 1, 0, 0, 0, TimeSpan.Zero),
                    "sickness",
                    ["child-seat-1"]
                ),
            ],
        };

        Assert.All(
            Enumerable.Range(5, 116),
            minutes => Assert.DoesNotContain(home.Session(minutes).Jobs, job => job.TaskId == "things-out")
        );
        Assert.Contains(
            home.Day.Offer.Held,
            held =>
                held.Reason == HoldReason.Closed
                && held.Status.Item.Task.Id == "vacuum-seats"
                && held.WayOut!.Contains("maker's instructions", StringComparison.Ordinal)
        );
    }

    // Seen: mats were washed and then vacuumed wet, in one session of six.
    [Fact]
    public void What_is_washed_is_not_vacuumed_and_counts_as_vacuumed_once_it_was_washed()
    {
        SessionPlan plan = Family.Session(120);
        SurfaceId[] mats =
        [
            .. plan
                .Works.Single(work => work.Status.Item.Task.Id == "wash-rubber-mats")
                .Status.Surfaces.Select(surface => surface.Surface.Id),
        ];
        TaskWork vacuum = plan.Works.Single(work => work.Status.Item.Task.Id == "vacuum-carpets");

        Assert.Empty(vacuum.Status.Surfaces.Select(surface => surface.Surface.Id).Intersect(mats));
        Assert.Superset(mats.ToHashSet(), vacuum.Along.Select(surface => surface.Id).ToHashSet());
        Assert.Contains(Recorded(washed: true), mats.Contains);
        Assert.DoesNotContain(Recorded(washed: false), mats.Contains);

        IReadOnlyList<SurfaceId> Recorded(bool washed)
        {
            var progress = new RunProgress(RunStep.Of(plan), DateTimeOffset.UnixEpoch, []);
            for (int step = 0; step < progress.Steps.Count; step++)
            {
                bool skipped = !washed && progress.Steps[step].TaskId == "wash-rubber-mats";
                var answer = new RunEvent(
                    skipped ? RunEventKind.Skipped : RunEventKind.Done,
                    step,
                    DateTimeOffset.UnixEpoch.AddMinutes(step)
                );
                progress.Take(answer);
                if (
                    progress.Steps[step].TaskId == "vacuum-carpets"
                    && RunLog.EntryOf(new(Guid.NewGuid()), progress, answer, new(Guid.NewGuid()))
                        is TaskDone done
                )
                {
                    return done.SurfaceIds;
                }
            }

            return [];
        }
    }
}
