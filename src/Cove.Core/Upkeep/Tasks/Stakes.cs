namespace Cove.Core.Upkeep.Tasks;

/// <summary>What is at stake when a task is left undone, gravest last. It weighs tasks against each other.</summary>
/// <remarks>The order is common practice; the numbers are Cove's own choice.</remarks>
public enum Stakes
{
    /// <summary>Only how it looks.</summary>
    Looks = 1,

    /// <summary>The material wears or fades.</summary>
    Wear = 2,

    /// <summary>Hands, skin and air: what people touch and breathe.</summary>
    HygieneAndTouch = 3,

    /// <summary>Seeing out and holding on.</summary>
    SightAndGrip = 5,
}
