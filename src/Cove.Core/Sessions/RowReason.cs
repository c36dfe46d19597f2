using System.Globalization;
using Cove.Core.Sessions.Planning;
using Cove.Core.Sessions.Ready;
using Cove.Core.Upkeep.Tasks;

namespace Cove.Core.Sessions;

/// <summary>What one task means to a session: the same minutes planned with it and without it.</summary>
/// <remarks>Both are planned exactly, so this is the true difference and not a guess from shares.</remarks>
/// <param name="TaskId">The task.</param>
/// <param name="With">The session with it; without it where it cannot be done now.</param>
/// <param name="Without">The session that leaves it out.</param>
public sealed record RowReason(TaskId TaskId, SessionPlan With, SessionPlan Without)
{
    /// <summary>Asks it of a day.</summary>
    /// <param name="day">The day, without anything asked of it.</param>
    /// <param name="request">What the owner asks already.</param>
    /// <param name="minutes">As for <see cref="SessionPlanner.Plan"/>.</param>
    /// <param name="taskId">The task.</param>
    public static RowReason Of(DayPlan day, SessionRequest request, int minutes, TaskId taskId) =>
        Of(asked => day.Planned(asked).Plan(minutes), request, taskId);

    /// <summary>Asks it of a session that is planned in its own way.</summary>
    /// <param name="planOf">Plans it with what is asked.</param>
    /// <param name="request">What the owner asks already.</param>
    /// <param name="taskId">The task.</param>
    public static RowReason Of(
        Func<SessionRequest, SessionPlan> planOf,
        SessionRequest request,
        TaskId taskId
    )
    {
        SessionPlan now = planOf(request);
        return now.Has(taskId)
            ? new RowReason(taskId, now, planOf(request.Without(taskId)))
            : new RowReason(taskId, planOf(request.With(taskId)), now);
    }

    /// <summary>What comes in when the task is left out, and goes when it is done.</summary>
    public IReadOnlyList<CareTask> Instead => [.. Only(Without, With)];

    /// <summary>What comes along with the task, because it requires it.</summary>
    public IReadOnlyList<CareTask> Along => [.. Only(With, Without).Where(task => task.Id != TaskId)];

    /// <summary>Why the task is in the session, or why it is not, as one sentence.</summary>
    /// <param name="isIn">Whether it is.</param>
    public string Sentence(bool isIn) =>
        !With.Has(TaskId) ? "It cannot be done now, whatever the time."
        : isIn ? WhyIn()
        : WhyNot();

    private string WhyIn()
    {
        string without =
            $"Without it this session does {Percent(Without)} of what is due instead of {Percent(With)}";
        return Instead.Count == 0 ? $"{without}, and is {Minutes(With, Without)} shorter."
            : Percent(With) == Percent(Without)
                ? $"Without it, {Names(Instead)} would come in, which does as much."
            : $"{without}, though {Names(Instead)} would come in.";
    }

    private string WhyNot()
    {
        string along = Along.Count == 0 ? string.Empty : $" and brings {Names(Along)} along";
        string over =
            With.Order.Length > TimeSpan.FromMinutes(With.Minutes)
                ? $", and takes {Math.Ceiling(With.Order.Length.TotalMinutes):0} min"
                : string.Empty;
        return Instead.Count == 0
            ? $"With it{along}, this session does {Percent(With)} of what is due instead of {Percent(Without)}{over}."
            : $"It would push out {Names(Instead)}{along}: this session would then do {Percent(With)} of what is due instead of {Percent(Without)}{over}.";
    }

    private static IEnumerable<CareTask> Only(SessionPlan one, SessionPlan other) =>
        one.WorksInOrder.Select(work => work.Status.Item.Task).Where(task => !other.Has(task.Id));

    private static string Minutes(SessionPlan longer, SessionPlan shorter) =>
        string.Create(
            CultureInfo.InvariantCulture,
            $"{Math.Max(0, (longer.Order.Length - shorter.Order.Length).TotalMinutes):0.#} min"
        );

    private static string Percent(SessionPlan plan) =>
        string.Create(CultureInfo.InvariantCulture, $"{plan.Gain.Value * 100:0} %");

    private static string Names(IReadOnlyList<CareTask> tasks) =>
        tasks.Count == 1
            ? $"“{tasks[0].Name}”"
            : $"{string.Join(", ", tasks.Take(tasks.Count - 1).Select(task => $"“{task.Name}”"))} and “{tasks[^1].Name}”";
}
