namespace Cove.Core.Methods;

/// <summary>A way of doing a care task: steps in order, and what to beware of.</summary>
/// <param name="Steps">The steps; at least one.</param>
/// <param name="Cautions">What could hurt the owner or the car, one sentence each. Labels and makers' instructions come before them.</param>
public sealed record Method(IReadOnlyList<MethodStep> Steps, IReadOnlyList<string> Cautions);

/// <summary>One step of a method.</summary>
/// <param name="Text">What to do, as one sentence.</param>
/// <param name="Dwell">How long to let it work before the next step; null when there is nothing to wait for.</param>
public sealed record MethodStep(string Text, TimeSpan? Dwell = null);
