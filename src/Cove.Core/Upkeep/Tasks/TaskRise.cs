namespace Cove.Core.Upkeep.Tasks;

/// <summary>What an event does to the level of a task.</summary>
/// <param name="EventId">The event.</param>
/// <param name="Amount">By how much the level rises; above 0.</param>
public sealed record TaskRise(EventId EventId, double Amount)
{
    /// <summary>On glass, how much of it is oily film.</summary>
    public Share Oily { get; init; }
}
