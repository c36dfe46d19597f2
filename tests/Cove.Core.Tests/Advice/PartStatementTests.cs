namespace Cove.Core.Tests.Advice;

/// <summary>Work is done where it is needed, in parts, and what is worn is spared. Common practice; the minutes are the project's own.</summary>
public sealed class PartStatementTests
{
    private static readonly Home LeatherHome = new()
    {
        Layout = CabinLayout.Usual(BodyType.Estate) with { SeatMaterial = Material.CoatedLeather },
        Shelf =
        [
            ProductClass.LeatherCleanerMild,
            ProductClass.LeatherCleanerStrong,
            ProductClass.LeatherConditioner,
            ProductClass.LeatherSealant,
        ],
        Place = Workplace.Usual with { Standing = Standing.SomeHours },
    };

    // Seen: one shiny driver's seat took 18.5 minutes, since all five were planned with it.
    [Fact]
    public void One_shiny_drivers_seat_is_about_nine_minutes_and_no_other_seat_is_touched()
    {
        Home home = LeatherHome with
        {
            SoilOf = key => key.TaskId == "clean-leather" && key.SurfaceId == "driver-seat" ? 1.3 : 0.1,
        };
        SessionPlan plan = home.Session(30);
        TaskWork work = Assert.Single(plan.Works, work => work.Status.Item.Task.Id == "clean-leather");
        TimeSpan takes = plan
            .Order.Steps.Where(step => plan.Jobs[step.Job].TaskId == "clean-leather")
            .Aggregate(TimeSpan.Zero, (sum, step) => sum + (step.End - step.Begin));

        Assert.Equal(["driver-seat"], work.Status.Surfaces.Select(status => status.Surface.Id));
        Assert.InRange(takes.TotalMinutes, 4, 10);
    }

    // Seen: a worn seat was left out of everything that rubs, and so was never cleaned, conditioned nor sealed.
    [Fact]
    public void Worn_leather_is_cleaned_mildly_then_conditioned_then_sealed()
    {
        Home home = LeatherHome with { Soil = 2, Worn = ["driver-seat"] };
        SessionPlan plan = home.Session(120);
        OrderedJob Step(TaskId task) => plan.Order.Steps.First(step => plan.Jobs[step.Job].TaskId == task);
        MethodUse cleaning = plan
            .Works.First(work => work.Status.Item.Task.Id == "clean-leather")
            .Uses.First(use => use.Surfaces.Any(surface => surface.Id == "driver-seat"));
        ChoiceForSurfaces with = plan
            .Choices.First(task => task.Task.Id == "clean-leather")
            .Choices.First(choice => choice.Surfaces.Any(surface => surface.Id == "driver-seat"));

        Assert.DoesNotContain(cleaning.Method.Tools, tool => tool is Tool.SoftBrush or Tool.StiffBrush);
        Assert.NotEqual(ProductClass.LeatherCleanerStrong, with.Choice.Best!.Product.Make.Class);
        Assert.True(Step("condition-leather").Begin >= Step("clean-leather").End + TimeSpan.FromMinutes(10));
        Assert.True(Step("seal-leather").Begin >= Step("condition-leather").End + TimeSpan.FromMinutes(10));
        Assert.Equal(
            ["driver-seat"],
            plan.Works.First(work => work.Status.Item.Task.Id == "condition-leather")
                .Status.Surfaces.Select(status => status.Surface.Id)
        );
    }

    [Fact]
    public void A_worn_place_counts_as_due_later_and_only_for_work_that_rubs()
    {
        DueLevel Level(Home home, TaskId task) =>
            home
                .Day.Statuses.First(status => status.Item.Task.Id == task)
                .Surfaces.First(status => status.Surface.Id == "driver-seat")
                .Due.Level;
        Home worn = LeatherHome with { Worn = ["driver-seat"] };

        Assert.True(Level(worn, "clean-leather").Value < Level(LeatherHome, "clean-leather").Value);
        Assert.Equal(Level(LeatherHome, "vacuum-seats"), Level(worn, "vacuum-seats"));
    }

    // Seen: conditioner was part of sealing, so that a sound seat was conditioned too, or a worn one not at all.
    [Fact]
    public void Sound_leather_is_not_conditioned() =>
        Assert.DoesNotContain(LeatherHome.Day.Statuses, status => status.Item.Task.Id == "condition-leather");
}
