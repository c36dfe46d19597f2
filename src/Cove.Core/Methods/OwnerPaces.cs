using Cove.Core.Learning;
using Cove.Core.Upkeep.Levels;

namespace Cove.Core.Methods;

/// <summary>What has been learnt of how long an owner takes beside the table: one factor for the person, and one for each task and chore.</summary>
/// <remarks>The same two-level model as for the rates of a car, see <see cref="RateLearning"/>, with the person in place of the car. What took more than four times as long as planned, or less than a fifth, is a tap that was forgotten and teaches nothing. Scatter and limits are Cove's own choice.</remarks>
public sealed class OwnerPaces
{
    /// <summary>How far one and the same piece of work scatters: the standard deviation of its logarithm.</summary>
    private const double Scatter = 0.4;

    private const double ForgottenAbove = 4;
    private const double ForgottenBelow = 0.2;

    private readonly LearntRates learnt;

    private OwnerPaces(LearntRates learnt) => this.learnt = learnt;

    /// <summary>Before any run.</summary>
    public static OwnerPaces Nothing { get; } = Learn([]);

    /// <summary>What is believed of the person: 1 for as the table says, 2 for twice as long. It holds for what was never done in a run.</summary>
    public RateBelief Person => learnt.Car;

    /// <summary>What is believed of each task and chore that was done in runs.</summary>
    public IReadOnlyDictionary<TaskId, RateBelief> Tasks => learnt.Tasks;

    /// <summary>What is believed of a task or chore.</summary>
    public RateBelief Of(TaskId id) => learnt.Of(id);

    /// <summary>How many times as long as the table a chore takes.</summary>
    public double FactorOf(SessionChore chore) => Of(chore.Id).Median;

    /// <summary>What a chore will take, in whole half minutes.</summary>
    /// <param name="chore">The chore.</param>
    /// <param name="childSeats">How many child seats are aboard; 0 or more.</param>
    public TimeSpan WorkOf(SessionChore chore, int childSeats) =>
        TimeSpan.FromMinutes(
            Math.Max(1, Math.Round(chore.WorkWith(childSeats).TotalMinutes * FactorOf(chore) * 2)) / 2
        );

    /// <summary>Learns from what runs took; the order does not matter.</summary>
    /// <param name="done">Pieces of work, with what they take at the pace of the table and what they took.</param>
    public static OwnerPaces Learn(IEnumerable<(TaskId Id, TimeSpan Table, TimeSpan Taken)> done) =>
        new(
            RateLearning.Learn(
                done.Where(work => work.Table > TimeSpan.Zero && work.Taken > TimeSpan.Zero)
                    .Select(work => (work.Id, Ratio: work.Taken / work.Table))
                    .Where(work => work.Ratio is > ForgottenBelow and < ForgottenAbove)
                    .Select(work => (work.Id, new RateEvidence(default, Math.Log(work.Ratio), Scatter)))
            )
        );
}
