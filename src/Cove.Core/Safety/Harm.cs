namespace Cove.Core.Safety;

/// <summary>What a rule guards. It decides what may be overridden.</summary>
public enum Harm
{
    /// <summary>The material: stains, scratches, swelling, lost coats. A maker's instruction overrides it, a spot test can lift it.</summary>
    Surface,

    /// <summary>A person: burns, vapour, fire, a slipping foot, a belt that gives way. Nothing overrides it.</summary>
    Person,

    /// <summary>The result: streaks, film, work for nothing. Nothing is hurt, but it is not worth doing so.</summary>
    Result,
}
