using Cove.Core.Vehicles.Plan;

namespace Cove.Core.Upkeep.Use;

/// <summary>What the fittings of a new car tell of its use, before the owner says more.</summary>
/// <remarks>It holds for the first entry of a car only. What an owner says of the use later stands as said, whatever is fitted.</remarks>
public static class FirstUse
{
    /// <summary>The use as said, with a child for each child seat and an animal now and then where a pet cover lies.</summary>
    /// <param name="said">What was said of the use. More than the fittings tell is left as it is.</param>
    /// <param name="layout">What is fitted.</param>
    public static CarUse Of(CarUse said, CabinLayout layout) =>
        said with
        {
            Children = Math.Max(said.Children, layout.ChildSeats),
            Pets = layout.PetCover && said.Pets == Often.Never ? Often.Sometimes : said.Pets,
        };

    /// <summary>Says what is taken from the fittings, as one sentence; null when nothing is.</summary>
    public static string? SentenceOf(CabinLayout layout)
    {
        string children = layout.ChildSeats == 1 ? "one child" : $"{layout.ChildSeats} children";
        string? aboard = (layout.ChildSeats > 0, layout.PetCover) switch
        {
            (true, true) => $"{children} on most drives and an animal now and then",
            (true, false) => $"{children} on most drives",
            (false, true) => "an animal aboard now and then",
            _ => null,
        };
        return aboard is null
            ? null
            : $"From what is fitted, Cove counts on {aboard}; change that under Car.";
    }
}
