namespace Cove.Core.Safety;

/// <summary>Whether something may be done to a surface, best first. The worst of all reasons decides.</summary>
public enum Verdict
{
    /// <summary>Go ahead as it stands.</summary>
    Good,

    /// <summary>Go ahead, but with the changes and the gear that are named.</summary>
    WithCare,

    /// <summary>Try it on a hidden spot first. A logged pass on that surface lifts it, a fail turns it into <see cref="KeepOff"/>.</summary>
    TestFirst,

    /// <summary>Do not do it.</summary>
    KeepOff,
}
