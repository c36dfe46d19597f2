using Cove.Tests.Lived;

namespace Cove.Core.Tests.Lived;

public sealed class LivedYearTests
{
    [Fact]
    public void Report()
    {
        var text = new System.Text.StringBuilder();
        foreach (LivedOwner owner in LivedOwner.Eight.Take(1))
        {
            var watch = System.Diagnostics.Stopwatch.StartNew();
            LivedYear plan = LivedYear.ByPlan(owner);
            LivedYear today = LivedYear.ByToday(owner);
            text.AppendLine(
                $"{owner.Name}: forecast {plan.Forecast:0}, lived {plan.Lived:0}, today {today.Lived:0}; minutes {plan.Minutes.Given:0} idle {plan.Minutes.Idle:0} today idle {today.Minutes.Idle:0}; {watch.Elapsed.TotalSeconds:0.0} s"
            );
            foreach (
                TaskId id in plan.LivedOf.Keys.OrderByDescending(id =>
                    plan.LivedOf[id] - plan.ForecastOf.GetValueOrDefault(id)
                )
            )
            {
                text.AppendLine(
                    $"   {id}: forecast {plan.ForecastOf.GetValueOrDefault(id, -1):0} lived {plan.LivedOf[id]:0} today {today.LivedOf[id]:0}; planned {plan.Visits.GetValueOrDefault(id).Planned} done {plan.Visits.GetValueOrDefault(id).Done} today {today.Visits.GetValueOrDefault(id).Done}"
                );
            }
        }
        File.WriteAllLines("/tmp/trace.txt", LivedYear.Trace);
        File.WriteAllText("/tmp/lived.txt", text.ToString());
    }
}
