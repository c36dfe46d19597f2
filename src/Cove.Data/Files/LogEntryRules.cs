namespace Cove.Data;

/// <summary>What an entry of the log must hold to, beside the limits that are written on it.</summary>
internal static class LogEntryRules
{
    /// <summary>Names what cannot be; empty when everything can.</summary>
    public static IEnumerable<ValidationError> Check(LogDocument entry)
    {
        bool known = entry.Kind switch
        {
            LogEntryKind.Care => CareTasks.Find(entry.Subject) is not null,
            LogEntryKind.Event => CareEvents.Find(entry.Subject) is not null,
            LogEntryKind.SpotTest => IsSpotTest(entry),
            LogEntryKind.Note => entry.Subject == StreakTest.Id && StreakTest.Find(entry.Result) is not null,
            LogEntryKind.Chore => SessionChores.Find(entry.Subject) is not null,
            LogEntryKind.Spot => CareEvents.Find(entry.Subject)?.Spot is not null
                && entry.Surfaces.Count == 1
                && Enum.TryParse<SpotOutcome>(entry.Result, out _),
            LogEntryKind.Closure => entry.Subject == LogRows.ClosureSubject
                && Enum.TryParse<ClosureState>(entry.Result, out _),
            LogEntryKind.DeepClean => entry.Subject == LogRows.DeepCleanSubject
                && Enum.TryParse<DeepCleanBy>(entry.Result, out _),
            _ => InspectionTable.Find(entry.Subject) is not null,
        };
        if (!known)
        {
            yield return new ValidationError(
                "subject",
                "There is nothing of that id and kind that could be logged."
            );
        }
        else if (
            entry.Kind == LogEntryKind.Look
            && InspectionTable.Find(entry.Subject)!.Result(entry.Result) is null
        )
        {
            yield return new ValidationError("result", "This inspection has no result of that id.");
        }

        if (entry.Methods.Any(method => MethodLibrary.Find(method.Method) is null))
        {
            yield return new ValidationError("methods", "There is no method of that id.");
        }

        if (
            entry
                .Surfaces.Concat(entry.Methods.SelectMany(method => method.Surfaces))
                .Any(id => !SurfaceRules.IsId(id))
        )
        {
            yield return new ValidationError("surfaces", "Name surfaces by their ids.");
        }
    }

    private static bool IsSpotTest(LogDocument entry) =>
        Guid.TryParse(entry.Subject, out Guid product)
        && entry.Products.Any(tested => tested.Id == product)
        && entry.Result is LogRows.SpotPassed or LogRows.SpotFailed;
}
