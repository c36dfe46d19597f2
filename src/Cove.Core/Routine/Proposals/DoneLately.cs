using Cove.Core.Log;
using Cove.Core.Routine.Planning;
using Cove.Core.Routine.Solving;
using Cove.Core.Upkeep.Tasks;

namespace Cove.Core.Routine.Proposals;

/// <summary>What an owner does without a plan, and what a year of it would come to.</summary>
/// <param name="MinutesAWeek">The minutes on record in an average week.</param>
/// <param name="Tasks">The days overdue in a year of each task that is done as often as it was.</param>
public sealed record DoneLately(double MinutesAWeek, IReadOnlyDictionary<CareTask, double> Tasks)
{
    /// <summary>How far back it looks, in days.</summary>
    public const int Reach = 182;

    /// <summary>A shorter record tells nothing, in days. Cove's own choice.</summary>
    private const int Shortest = 28;

    /// <summary>The days of the year that is reckoned.</summary>
    private const int Year = 365;

    /// <summary>The days overdue in the year, all tasks added.</summary>
    public double OverdueDays => Tasks.Values.Sum();

    /// <summary>Reads it from the log.</summary>
    /// <param name="car">The car's tasks.</param>
    /// <param name="log">What was done in the last <see cref="Reach"/> days.</param>
    /// <param name="year">The car.</param>
    /// <returns>Null when the record is too short.</returns>
    public static DoneLately? From(CarProblem car, IReadOnlyList<LogEntry> log, CarYear year)
    {
        double days = log.Count == 0 ? 0 : (year.Now - log.Min(entry => entry.At)).TotalDays;
        if (days < Shortest)
        {
            return null;
        }

        ILookup<TaskId, TaskDone> done = log.OfType<TaskDone>().ToLookup(entry => entry.TaskId);
        double minutes = log.Sum(entry =>
            entry switch
            {
                TaskDone task => Known(task.Taken, task.Planned),
                ChoreDone chore => Known(chore.Taken, chore.Planned),
                _ => 0,
            }
        );
        return new DoneLately(
            minutes / days * 7,
            car.Items.Index()
                .ToDictionary(
                    item => item.Item.Task,
                    item => OverdueIn(car.Problem.Tasks[item.Index], done[item.Item.Task.Id].Count(), days)
                )
        );
    }

    private static double Known(TimeSpan taken, TimeSpan planned) =>
        (taken > TimeSpan.Zero ? taken : planned).TotalMinutes;

    /// <summary>The days over the mark in a year of visits as far apart as they were; what was never done goes on from where it stands.</summary>
    private static double OverdueIn(RoutineTask task, int times, double days)
    {
        double every = times == 0 ? Year : days / times;
        double overdue = 0;
        int from = 0;
        double level = task.LevelAtStart;
        for (int visit = 1; from < Year; visit++)
        {
            int until = Math.Clamp((int)Math.Round(visit * every), from + 1, Year);
            overdue += new OverMark(task.Rise, from, level).DaysUntil(until);
            (from, level) = (until, task.LevelAfter);
        }

        return overdue;
    }
}
