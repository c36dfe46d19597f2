using Cove.Core.Inspections;
using Cove.Core.Methods;
using Cove.Core.Upkeep;
using Cove.Core.Upkeep.Tasks;
using Cove.Data;

namespace Cove.Web.Features.Inspections;

/// <summary>Says what a log entry records.</summary>
internal static class EntryWords
{
    /// <summary>What was done, happened or was seen, in a few words.</summary>
    public static string Of(LogEntry entry) =>
        entry.Kind switch
        {
            LogEntryKind.Care => CareTasks.Find(entry.Subject)!.Name,
            LogEntryKind.SpotTest =>
                $"Spot test, {entry.Products[0].Name} {entry.Products[0].Strength}: {entry.Result}",
            LogEntryKind.Note => "Which side is the streak on?",
            LogEntryKind.Chore => SessionChores.Find(entry.Subject)!.Name,
            LogEntryKind.Event => CareEvents.Find(entry.Subject)!.Name,
            _ => $"{InspectionTable.Find(entry.Subject)!.Name}: {Seen(entry)}",
        };

    private static string Seen(LogEntry entry)
    {
        string words = InspectionTable.Find(entry.Subject)!.Result(entry.Result)!.Words;
        return char.ToLowerInvariant(words[0]) + words[1..];
    }
}
