namespace Cove.Core.Tests.Advice;

/// <summary>An owner who adds a task to a session by hand never gets more of what is due out of the same minutes than Cove had offered.</summary>
public sealed class NothingToAddTests
{
    private static readonly int Households = LongRun.Of(60, 2_000);

    [Fact]
    public void No_task_that_an_owner_adds_makes_more_of_the_minutes() =>
        Check.One(
            Config.QuickThrowOnFailure.WithMaxTest(Households),
            Prop.ForAll(
                AnyHousehold.All.ToArbitrary(),
                household =>
                {
                    string[] better = [.. BetterWithOneMore(household)];
                    return (better.Length == 0).Label(string.Join('\n', better.Take(5)));
                }
            )
        );

    private static IEnumerable<string> BetterWithOneMore(AnyHousehold household)
    {
        SessionOffer offer = household.Day.Offer;
        int[] lengths = [5 + (household.Seed % 10), 10 + (household.Seed % 13), 15 + (household.Seed % 46)];
        foreach (CareStatus status in offer.WorthDoing)
        {
            TaskId task = status.Item.Task.Id;
            SessionPlanner asked = household.Day.Planned(SessionRequest.None.With(task));
            foreach (int minutes in lengths.Where(minutes => !offer.At(minutes).Has(task)))
            {
                SessionPlan added = asked.Plan(minutes);
                double gain = Worth(added, household) ;
                double was = Worth(offer.At(minutes), household);
                if (added.Order.Length <= TimeSpan.FromMinutes(minutes) && gain > was * 1.0001)
                {
                    yield return $"{minutes} min: {task} added makes {gain:0} of {was:0}";
                }
            }
        }
    }

    /// <summary>What a plan does of what is worth doing, reckoned from the levels alone.</summary>
    internal static double Worth(SessionPlan plan, AnyHousehold household) =>
        household.Day.Offer.WorthDoing.Sum(status =>
            status
                .Surfaces.Where(surface =>
                    Gate.IsDueEnough(status.Item.Task, surface)
                    && plan.Does(status.Item.Task.Id, surface.Surface.Id)
                )
                .Sum(surface =>
                    TaskWorth.Of(status.Item.Task, surface.Due.Level, status.Item.PartOf(surface.Surface))
                )
        );
}
