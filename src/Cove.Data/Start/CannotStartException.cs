namespace Cove.Data;

/// <summary>Cove cannot start as things stand. The message is one sentence that tells the owner what to do about it.</summary>
/// <param name="sentence">The sentence.</param>
/// <param name="cause">What the system said; null when Cove found out by itself.</param>
public sealed class CannotStartException(string sentence, Exception? cause = null)
    : Exception(sentence, cause);
