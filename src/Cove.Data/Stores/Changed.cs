namespace Cove.Data;

/// <summary>How an attempt to change something ended.</summary>
public enum ChangeOutcome
{
    /// <summary>It was changed and is safely stored.</summary>
    Made,

    /// <summary>There is nothing of that id.</summary>
    NotFound,

    /// <summary>Someone else changed it first; read it again and decide anew.</summary>
    Stale,

    /// <summary>It cannot be done as things stand.</summary>
    Refused,
}

/// <summary>The result of an attempt to change something.</summary>
/// <typeparam name="T">What was to be changed.</typeparam>
/// <param name="Outcome">How it ended.</param>
/// <param name="Value">The thing as it is now; set when the change was made.</param>
/// <param name="Reason">A sentence that tells what to do; set when it was refused.</param>
public sealed record Changed<T>(ChangeOutcome Outcome, T? Value = null, string? Reason = null)
    where T : class;
