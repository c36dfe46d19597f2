namespace Cove.Core;

/// <summary>Something that is wrong with what an owner gave.</summary>
/// <param name="Property">The property that holds it, as it is named in C#; with an index where it is one of several.</param>
/// <param name="Sentence">What to give instead, as a sentence to the owner.</param>
public sealed record ValidationError(string Property, string Sentence);
