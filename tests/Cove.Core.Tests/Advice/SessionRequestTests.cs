namespace Cove.Core.Tests.Advice;

/// <summary>What an owner asks of a session is done, and makes nothing unsound.</summary>
public sealed class SessionRequestTests
{
    private static readonly int Households = LongRun.Of(60, 2_000);

    private static readonly int[] Lengths = [5, 12, 25, 45, 90, 120];

    [Fact]
    public void Whatever_is_left_out_put_first_or_last_or_narrowed_every_session_stays_sound() =>
        Check(household =>
        {
            var random = new Random(household.Seed);
            SessionRequest request = Narrowed(household, random);
            DayPlan day = household.Day.Asked(request);
            return Lengths.SelectMany(minutes =>
                new Critic(household, day.Session(minutes).Plan)
                    .Complaints()
                    // Who asks for something first or last gets it, whatever the usual order of coats and glass.
                    .Where(complaint =>
                        (request.First is null && request.Last is null)
                        || !complaint.Contains("dressed after")
                    )
                    .Concat(
                        day.Session(minutes)
                            .Plan.Works.Where(work => request.LeftOut.Contains(IdOf(work)))
                            .Select(work => $"{IdOf(work)} is done though it was left out")
                    )
            );
        });

    [Fact]
    public void What_is_kept_in_is_done_whatever_the_minutes_wherever_it_can_be() =>
        Check(household =>
        {
            SessionOffer offer = household.Day.Offer;
            return offer
                .WorthDoing.Take(3)
                .SelectMany(status =>
                {
                    SessionRequest request = SessionRequest.None.With(status.Item.Task.Id);
                    SessionPlan plan = household.Day.Asked(request).Session(5).Plan;
                    return new Critic(household, plan)
                        .Complaints()
                        // An owner may keep in what takes longer than there is time, and what was not due yet on some of its surfaces.
                        .Where(complaint =>
                            !complaint.Contains("it takes")
                            && !complaint.Contains($": {status.Item.Task.Id} on")
                        )
                        .Concat(
                            status.Surfaces.All(surface => plan.Does(status.Item.Task.Id, surface.Surface.Id))
                                ? []
                                : [$"{status.Item.Task.Id} is not done though it was kept in"]
                        );
                });
        });

    [Fact]
    public void What_could_harm_stays_out_even_when_it_is_kept_in() =>
        Check(household =>
            household
                .Day.Offer.Held.Where(held =>
                    held.Reason
                        is HoldReason.Closed
                            or HoldReason.Spot
                            or HoldReason.NoProduct
                            or HoldReason.Damp
                )
                .Take(4)
                .SelectMany(held =>
                {
                    TaskId id = held.Status.Item.Task.Id;
                    SessionPlan plan = household.Day.Asked(SessionRequest.None.With(id)).Session(120).Plan;
                    // What was too little for all that is due can be enough for what is put first.
                    return held.Reason == HoldReason.NoProduct
                        ? new Critic(household, plan)
                            .Complaints()
                            .Where(complaint =>
                                !complaint.Contains("it takes") && !complaint.Contains($": {id} on")
                            )
                        : held
                            .Status.Surfaces.Where(surface => plan.Does(id, surface.Surface.Id))
                            .Select(surface => $"{id} on {surface.Surface.Id} is done: {held.Reason}");
                })
        );

    [Fact]
    public void The_first_task_comes_first_but_for_what_must_come_before_it()
    {
        Home home = Usual;
        SessionPlan usual = home.Session(60);
        SessionPlan asked = Asked(home, SessionRequest.None with { First = "windscreen" }, 60);

        Assert.NotEqual("windscreen", Names(usual)[0]);
        Assert.Equal("windscreen", Names(asked)[0]);
        Assert.Equal(Names(usual).Order(), Names(asked).Order());
    }

    [Fact]
    public void The_last_task_comes_last_and_takes_along_what_has_to_follow_it()
    {
        TaskId[] usual = Names(Usual.Session(60));
        TaskId[] asked = Names(Asked(Usual, SessionRequest.None with { Last = usual[0] }, 60));

        Assert.Equal(usual[0], asked[^1]);
    }

    [Fact]
    public void What_requires_a_task_that_is_left_out_waits_with_it()
    {
        Home home = Usual with
        {
            Shelf = [ProductClass.FabricCleaner],
            Place = Workplace.Usual with { Standing = Standing.UntilTomorrow },
        };
        Assert.True(home.Session(120).Has("clean-fabric-seats"));

        DayPlan day = home.Day.Asked(SessionRequest.None.Without("vacuum-seats"));

        Assert.False(day.Session(120).Plan.Has("clean-fabric-seats"));
        Assert.Equal(
            HoldReason.LeftOut,
            day.Offer.Held.First(held => held.Status.Item.Task.Id == "vacuum-seats").Reason
        );
        Assert.Equal(
            HoldReason.OtherFirst,
            day.Offer.Held.First(held => held.Status.Item.Task.Id == "clean-fabric-seats").Reason
        );
    }

    [Fact]
    public void What_is_not_due_can_be_kept_in()
    {
        Home home = Usual with
        {
            SoilOf = key => key.TaskId == "dust" || key.TaskId == "brush-vents" ? 0.05 : null,
        };
        Assert.Equal(HoldReason.NotDue, home.Held("brush-vents")!.Reason);

        Assert.True(Asked(home, SessionRequest.None.With("brush-vents"), 25).Has("brush-vents"));
    }

    [Fact]
    public void Only_glass_is_glass_and_nothing_else()
    {
        SessionPlan plan = Asked(Usual, SessionRequest.None with { OnlyGlass = true }, 60);

        Assert.NotEmpty(plan.Works);
        Assert.All(
            plan.Works,
            work => Assert.True(work.Status.Item.Task.Stage is Stage.Glass or Stage.GlassOutside)
        );
    }

    [Fact]
    public void Only_one_seat_is_that_seat_and_nothing_else()
    {
        SurfaceId seat = Usual
            .Day.Ledger.Vehicle.InCare()
            .First(surface => surface.Kind == SurfaceKind.Seat)
            .Id;
        SessionPlan plan = Asked(Usual, SessionRequest.None with { Surfaces = [seat] }, 60);

        Assert.NotEmpty(plan.Works);
        Assert.All(
            plan.Works.SelectMany(work => work.Status.Surfaces),
            surface => Assert.Equal(seat, surface.Surface.Id)
        );
    }

    [Fact]
    public void Without_water_there_is_neither_a_damp_towel_nor_anything_diluted()
    {
        SessionPlan plan = Asked(
            Usual with
            {
                Shelf = [ProductClass.AllPurposeCleaner, ProductClass.GlassCleaner],
            },
            SessionRequest.None with
            {
                WithoutWater = true,
            },
            60
        );

        Assert.NotEmpty(plan.Works);
        Assert.DoesNotContain(plan.Works, work => work.Status.Item.Task.Kits.Contains(Kit.DampTowels));
        Assert.All(
            plan.Choices.SelectMany(choice => choice.Choices),
            choice => Assert.True(choice.Choice.Best!.Strength.IsNeat)
        );
    }

    [Fact]
    public void What_a_session_does_of_all_that_is_due_falls_when_something_is_left_out()
    {
        SessionPlan plan = Usual.Session(25);
        TaskId worst = plan.Tasks.MaxBy(status => TaskWorth.Of(status.Item.Task, status.Level))!.Item.Task.Id;

        var reason = RowReason.Of(Usual.Day, SessionRequest.None, 25, worst);

        Assert.True(reason.Without.Gain < reason.With.Gain);
        Assert.StartsWith("Without it", reason.Sentence(isIn: true), StringComparison.Ordinal);
    }

    private static readonly Home Usual = new() { Soil = 1.2, Tools = [.. Enum.GetValues<Tool>()] };

    private static SessionPlan Asked(Home home, SessionRequest request, int minutes) =>
        home.Day.Asked(request).Session(minutes).Plan;

    private static TaskId IdOf(TaskWork work) => work.Status.Item.Task.Id;

    private static TaskId[] Names(SessionPlan plan) =>
        [
            .. plan
                .Order.Steps.Select(step => plan.Jobs[step.Job])
                .Where(job => !job.PutsBack && CareTasks.Find(job.TaskId) is not null)
                .Select(job => job.TaskId),
        ];

    private static SessionRequest Narrowed(AnyHousehold household, Random random)
    {
        TaskId[] tasks = [.. household.Day.Statuses.Select(status => status.Item.Task.Id)];
        SurfaceId[] surfaces = [.. household.Ledger.Vehicle.InCare().Select(surface => surface.Id)];
        return new SessionRequest
        {
            LeftOut = [.. random.GetItems(tasks, random.Next(4))],
            First = random.Next(2) == 0 ? (TaskId?)random.GetItems(tasks, 1)[0] : null,
            Last = random.Next(2) == 0 ? (TaskId?)random.GetItems(tasks, 1)[0] : null,
            OnlyGlass = random.Next(6) == 0,
            WithoutWater = random.Next(5) == 0,
            Surfaces = random.Next(5) == 0 ? [.. random.GetItems(surfaces, 3)] : [],
        };
    }

    private static void Check(Func<AnyHousehold, IEnumerable<string>> complaintsOf) =>
        FsCheck
            .Fluent.Prop.ForAll(
                AnyHousehold.All.ToArbitrary(),
                household =>
                {
                    string[] complaints = [.. complaintsOf(household).Take(5)];
                    return (complaints.Length == 0).Label(string.Join('\n', complaints));
                }
            )
            .Check(Draws.Of(Households));
}
