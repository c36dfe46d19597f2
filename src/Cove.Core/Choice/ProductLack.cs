namespace Cove.Core.Choice;

/// <summary>Why there is nothing to do a task with.</summary>
/// <param name="Kind">What is the matter.</param>
/// <param name="Sentence">The same as one sentence to the owner.</param>
public sealed record ProductLack(ProductLackKind Kind, string Sentence);

/// <summary>What is the matter when nothing at hand does a task.</summary>
public enum ProductLackKind
{
    /// <summary>Nothing of the kind is owned.</summary>
    NoneOwned,

    /// <summary>What is owned would harm someone or something.</summary>
    Unsafe,

    /// <summary>What is owned needs a spot test first.</summary>
    Untested,

    /// <summary>What is owned is too weak for the soil.</summary>
    TooWeak,

    /// <summary>What is owned is too old.</summary>
    TooOld,

    /// <summary>There is not enough of it for the area.</summary>
    NotEnough,

    /// <summary>It must not meet something else that the session uses.</summary>
    MustNotMeet,
}
