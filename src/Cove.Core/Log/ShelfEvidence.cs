using Cove.Core.Choice;

namespace Cove.Core.Log;

/// <summary>Reads out of a log what it says of products on surfaces.</summary>
public static class ShelfEvidence
{
    /// <summary>The spot tests and makers' instructions of a log; what was undone does not count.</summary>
    /// <param name="log">Entries in any order.</param>
    public static ShelfRecords Of(IEnumerable<LogEntry> log)
    {
        LogEntry[] counting = [.. log.Where(entry => entry.Counts)];
        return new ShelfRecords(
            [.. counting.OfType<SpotTested>().Select(entry => entry.Test)],
            [.. counting.OfType<InstructionRecorded>().Select(entry => entry.Instruction)]
        );
    }
}
