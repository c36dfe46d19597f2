using System.Text.Json;

namespace Cove.Core.Schools;

/// <summary>A question on which sound practice differs, with the choices there are.</summary>
/// <remarks>Schools are data; all of them stand in <see cref="SchoolTable"/>.</remarks>
public sealed class School
{
    private readonly Func<WaysOfWorking, Enum> read;
    private readonly Func<WaysOfWorking, Enum, WaysOfWorking> write;

    private School(Func<WaysOfWorking, Enum> read, Func<WaysOfWorking, Enum, WaysOfWorking> write) =>
        (this.read, this.write) = (read, write);

    /// <summary>Short and stable.</summary>
    public required string Id { get; init; }

    /// <summary>The question, as an owner would put it.</summary>
    public required string Question { get; init; }

    /// <summary>The choices, Cove's own first.</summary>
    public required IReadOnlyList<SchoolChoice> Choices { get; init; }

    /// <summary>Why Cove starts from the first.</summary>
    public required string WhyDefault { get; init; }

    /// <summary>What the answer changes, as one sentence.</summary>
    public required string Changes { get; init; }

    /// <summary>The choice that holds in some ways of working.</summary>
    public SchoolChoice In(WaysOfWorking ways) => Choices.First(choice => choice.Value.Equals(read(ways)));

    /// <summary>The same ways of working with another choice.</summary>
    /// <param name="ways">The ways of working.</param>
    /// <param name="choice">One of <see cref="Choices"/>.</param>
    public WaysOfWorking With(WaysOfWorking ways, SchoolChoice choice) => write(ways, choice.Value);

    /// <summary>Finds a choice; null when there is none of that id.</summary>
    public SchoolChoice? Find(string id) => Choices.FirstOrDefault(choice => choice.Id == id);

    internal static School Of<T>(
        string id,
        string question,
        string whyDefault,
        string changes,
        Func<WaysOfWorking, T> read,
        Func<WaysOfWorking, T, WaysOfWorking> write,
        params (T Value, string Name, string Means, string Reason)[] choices
    )
        where T : struct, Enum =>
        new(ways => read(ways), (ways, value) => write(ways, (T)value))
        {
            Id = id,
            Question = question,
            WhyDefault = whyDefault,
            Changes = changes,
            Choices =
            [
                .. choices.Select(choice => new SchoolChoice(
                    choice.Value,
                    choice.Name,
                    choice.Means,
                    choice.Reason
                )),
            ],
        };
}

/// <summary>One choice of a school.</summary>
/// <param name="Value">The value that stands for it in <see cref="WaysOfWorking"/>.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Means">What one then does, as one sentence.</param>
/// <param name="Reason">What speaks for it, as one sentence.</param>
public sealed record SchoolChoice(Enum Value, string Name, string Means, string Reason)
{
    /// <summary>Short and stable within its school.</summary>
    public string Id { get; } = JsonNamingPolicy.CamelCase.ConvertName($"{Value}");
}
