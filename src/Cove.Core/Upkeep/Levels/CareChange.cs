namespace Cove.Core.Upkeep;

/// <summary>Something that changed a level at an instant.</summary>
/// <param name="At">When it happened.</param>
public abstract record CareChange(DateTimeOffset At);

/// <summary>The task was done.</summary>
/// <param name="At">When it was finished.</param>
/// <param name="Removed">The share of the level that was removed; all of it when the surface came clean.</param>
public sealed record Cleaned(DateTimeOffset At, Share Removed) : CareChange(At);

/// <summary>An event raised the level at once: a spill, a day on the beach.</summary>
/// <param name="At">When it happened.</param>
/// <param name="Amount">By how much the level rose; 0 or more.</param>
/// <param name="Cause">What happened, in a few words.</param>
public sealed record Jumped(DateTimeOffset At, double Amount, string Cause) : CareChange(At);

/// <summary>The owner looked, and the level is what was seen.</summary>
/// <param name="At">When it was looked at.</param>
/// <param name="Level">The level that the result stands for; above 0.</param>
/// <param name="Spread">How far results of the test scatter: the standard deviation of the logarithm of the level. Above 0.</param>
/// <param name="Looks">How many looks it sums up; 1 for a single one.</param>
public sealed record Observed(DateTimeOffset At, Level Level, double Spread, int Looks = 1) : CareChange(At);
