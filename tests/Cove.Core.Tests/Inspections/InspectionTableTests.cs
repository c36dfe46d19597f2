namespace Cove.Core.Tests.Inspections;

public sealed class InspectionTableTests
{
    [Fact]
    public void Every_task_can_be_looked_at_in_some_way()
    {
        Assert.All(
            CareTasks.All,
            task => Assert.Contains(InspectionTable.All, inspection => inspection.Tasks.Contains(task))
        );
    }

    [Fact]
    public void Results_run_from_clean_to_far_gone_on_both_sides_of_the_mark()
    {
        Assert.All(
            InspectionTable.All,
            inspection =>
            {
                double[] levels = [.. inspection.Results.Select(result => result.Level.Value)];
                Assert.Equal(levels.Order(), levels);
                Assert.True(levels[0] is > 0 and < 0.5);
                // What is left by a cleaning of the day before is no soil of weeks.
                Assert.True(levels[^1] > 1 || inspection.JudgesCleaning);
                Assert.True(inspection.LogStdDev > 0);
                Assert.EndsWith(".", inspection.How, StringComparison.Ordinal);
                Assert.Equal(inspection.TellsOfEmbedded, inspection.Tasks.Count == 0);
                Assert.Equal(
                    levels.Length,
                    inspection.Results.Select(result => result.Id).Distinct().Count()
                );
            }
        );
        Assert.Equal(InspectionTable.All.Count, InspectionTable.All.Select(one => one.Id).Distinct().Count());
    }

    [Property(MaxTest = 60)]
    public Property Every_surface_in_care_can_be_looked_at() =>
        Prop.ForAll(
            AnyCar.Layouts.ToArbitrary(),
            layout => AnyCar.Of(layout).InCare().All(surface => InspectionTable.For(surface).Count > 0)
        );
}
