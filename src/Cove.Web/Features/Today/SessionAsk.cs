using System.Collections.Immutable;
using Microsoft.AspNetCore.Mvc;

namespace Cove.Web.Features.Today;

/// <summary>What an owner asks of a session beside its minutes. Everything may be left out.</summary>
public sealed record SessionAsk
{
    private const int MostNames = 100;

    /// <summary>Ids of the care tasks that stay out.</summary>
    [FromQuery(Name = "leftOut")]
    public string[]? LeftOut { get; init; }

    /// <summary>Ids of the care tasks that are done in any case.</summary>
    [FromQuery(Name = "keptIn")]
    public string[]? KeptIn { get; init; }

    /// <summary>Id of the care task to begin with.</summary>
    [FromQuery(Name = "first")]
    public string? First { get; init; }

    /// <summary>Id of the care task to end with.</summary>
    [FromQuery(Name = "last")]
    public string? Last { get; init; }

    /// <summary>Whether only glass is done.</summary>
    [FromQuery(Name = "onlyGlass")]
    public bool? OnlyGlass { get; init; }

    /// <summary>Whether only what takes no water is done.</summary>
    [FromQuery(Name = "withoutWater")]
    public bool? WithoutWater { get; init; }

    /// <summary>Ids of the only surfaces that are worked on; all of them when none is named.</summary>
    [FromQuery(Name = "surfaces")]
    public string[]? Surfaces { get; init; }

    /// <summary>What is wrong with it; null when nothing is.</summary>
    internal IResult? Refusal()
    {
        string?[] tasks = [.. LeftOut ?? [], .. KeptIn ?? [], First, Last];
        return tasks.OfType<string>().FirstOrDefault(id => CareTasks.Find(id) is null) is { } unknown
                ? Problems.Field("leftOut", $"There is no task “{unknown}”. Take the tasks that Today shows.")
            : tasks.Length > MostNames || Surfaces?.Length > MostNames
                ? Problems.Field("leftOut", $"Name at most {MostNames} tasks and surfaces.")
            : Surfaces?.Any(string.IsNullOrEmpty) == true
                ? Problems.Field("surfaces", "Name the surfaces by their ids.")
            : null;
    }

    /// <summary>The same to the core.</summary>
    internal SessionRequest ToRequest() =>
        new()
        {
            LeftOut = Tasks(LeftOut),
            KeptIn = Tasks(KeptIn),
            First = First is { } first ? new TaskId(first) : (TaskId?)null,
            Last = Last is { } last ? new TaskId(last) : (TaskId?)null,
            OnlyGlass = OnlyGlass == true,
            WithoutWater = WithoutWater == true,
            Surfaces = [.. (Surfaces ?? []).Select(id => new SurfaceId(id))],
        };

    private static ImmutableSortedSet<TaskId> Tasks(string[]? ids) =>
        [.. (ids ?? []).OfType<string>().Select(id => new TaskId(id))];
}
