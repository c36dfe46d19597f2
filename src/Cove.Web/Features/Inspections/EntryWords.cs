namespace Cove.Web.Features.Inspections;

/// <summary>Says what a log entry records.</summary>
internal static class EntryWords
{
    /// <summary>What was done, happened or was seen, in a few words.</summary>
    public static string Of(LogEntry entry) =>
        entry switch
        {
            TaskDone done => CareTasks.Find(done.TaskId)!.Name,
            ChoreDone chore => SessionChores.Find(chore.ChoreId)!.Name,
            Happened happened => CareEvents.Find(happened.EventId)!.Name,
            Checked look => Of(look),
            SpotTested test =>
                $"Spot test, {test.ProductName} {test.Strength}: {(test.Passed ? "passed" : "failed")}",
            SpotTreated treated => treated.Outcome switch
            {
                SpotOutcome.LookAgain => "First aid given to a spot",
                SpotOutcome.Gone => "The spot is gone",
                _ => "The spot stays",
            },
            ClosureChanged changed => changed.State == ClosureState.Open
                ? "Open to routine work again"
                : "With a professional",
            DeepCleaned deep => DeepCleanWords.By(deep.By),
            StreakTested => "Which side is the streak on?",
            _ => throw new ArgumentException($"{entry.GetType().Name} is not shown.", nameof(entry)),
        };

    private static string Of(Checked look)
    {
        Inspection inspection = InspectionTable.Find(look.InspectionId)!;
        string words = inspection.Result(look.ResultId)!.Words;
        return $"{inspection.Name}: {char.ToLowerInvariant(words[0])}{words[1..]}";
    }
}
