namespace Cove.Core.Tests.Routine;

public sealed class RoutineCardTests
{
    [Fact]
    public void The_card_has_every_planned_task_once_in_the_rhythm_of_its_dates()
    {
        var random = new Random(71);
        for (int round = 0; round < LongRun.Of(4, 40); round++)
        {
            CarYear year = new UsualCar(random).Year;
            RoutinePlan plan = new RoutinePlanner(
                year,
                new Dictionary<TaskId, DateOnly>(),
                TimeZoneInfo.Utc
            ).Plan(
                new CarRoutine([
                    AnyRoutine.Slot("FREQ=WEEKLY", year.Today, 25),
                    AnyRoutine.Slot("FREQ=WEEKLY;INTERVAL=8", year.Today, 75, Standing.UntilTomorrow),
                ]),
                12
            );

            var card = RoutineCard.Of(plan);

            CardLine[] lines = [.. card.Groups.SelectMany(group => group.Lines)];
            Assert.Equal(
                plan.Tasks.Where(task => task.Dates.Count > 0)
                    .Select(task => task.Item.Task.Id.Value)
                    .Order(),
                lines.Select(line => line.Item.Task.Id.Value).Order()
            );
            Assert.Equal(Enumerable.Range(1, lines.Length), lines.Select(line => line.Number));
            foreach (CardLine line in lines)
            {
                PlannedTask task = plan.Tasks.Single(task => task.Item == line.Item);
                Assert.Equal(task.Dates[0], line.Next);
                Assert.NotEmpty(line.Methods);
                double times = task.Dates.Count;
                (double fewest, double most) = line.Rhythm switch
                {
                    Rhythm.EachSession => (30, 70),
                    Rhythm.EveryFewWeeks => (4.0, 40),
                    Rhythm.EachSeason => (2.0, 9),
                    _ => (1.0, 3),
                };
                Assert.InRange(times, fewest, most);
            }

            Assert.Equal(card.Cautions.Count, card.Cautions.DistinctBy(caution => caution.Sentence).Count());
            Assert.All(
                lines,
                line => Assert.Contains(card.Cautions, caution => caution.Lines.Contains(line.Number))
            );
        }
    }
}
