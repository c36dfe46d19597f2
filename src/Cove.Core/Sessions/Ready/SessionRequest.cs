using System.Collections.Immutable;
using Cove.Core.Upkeep.Tasks;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Sessions.Ready;

/// <summary>What an owner asks of a session beside its minutes: what to leave out, what to do in any case, what comes first or last, and whether it is for only part of the car.</summary>
/// <remarks>It narrows and widens the choice; it never makes anything safe that is not. A task that is kept in still has to pass whatever <see cref="HoldReasons.MayBeOverruled"/> does not let an owner overrule, and what a kept task requires comes with it.</remarks>
public sealed record SessionRequest
{
    /// <summary>Nothing is asked: Cove chooses.</summary>
    public static SessionRequest None { get; } = new();

    /// <summary>The tasks that stay out. A task in both sets stays out.</summary>
    public ImmutableSortedSet<TaskId> LeftOut { get; init; } = [];

    /// <summary>The tasks that are done in any case, on every surface where they can be, due or not, however long the session becomes.</summary>
    public ImmutableSortedSet<TaskId> KeptIn { get; init; } = [];

    /// <summary>The task to begin with, as far as what must come before it allows; null for none.</summary>
    public TaskId? First { get; init; }

    /// <summary>The task to end with, as far as what must come after it allows; null for none.</summary>
    public TaskId? Last { get; init; }

    /// <summary>Whether only glass is done.</summary>
    public bool OnlyGlass { get; init; }

    /// <summary>Whether only what takes no water is done.</summary>
    public bool WithoutWater { get; init; }

    /// <summary>The only surfaces that are worked on; all when empty.</summary>
    public ImmutableSortedSet<SurfaceId> Surfaces { get; init; } = [];

    /// <summary>Whether nothing is asked.</summary>
    public bool IsNone => Tag == None.Tag;

    /// <summary>Names the request: equal texts ask the same.</summary>
    public string Tag =>
        string.Join(
            '|',
            string.Join(',', LeftOut),
            string.Join(',', KeptIn),
            First,
            Last,
            OnlyGlass,
            WithoutWater,
            string.Join(',', Surfaces)
        );

    /// <summary>Whether a task is to be done in any case.</summary>
    public bool Keeps(CareTask task) => KeptIn.Contains(task.Id) && !LeftOut.Contains(task.Id);

    /// <summary>Whether a task on a surface is within what is asked for. What lies outside it is done only for the sake of something within that requires it.</summary>
    public bool Covers(CareTask task, Surface surface) =>
        (!OnlyGlass || task.Stage is Stage.Glass or Stage.GlassOutside)
        && !(WithoutWater && task.Kits.Any(kit => kit.Facts().TakesWater))
        && (Surfaces.IsEmpty || Surfaces.Contains(surface.Id));

    /// <summary>The same, with a task left out.</summary>
    public SessionRequest Without(TaskId taskId) =>
        this with
        {
            LeftOut = LeftOut.Add(taskId),
            KeptIn = KeptIn.Remove(taskId),
        };

    /// <summary>The same, with a task kept in.</summary>
    public SessionRequest With(TaskId taskId) =>
        this with
        {
            LeftOut = LeftOut.Remove(taskId),
            KeptIn = KeptIn.Add(taskId),
        };
}
