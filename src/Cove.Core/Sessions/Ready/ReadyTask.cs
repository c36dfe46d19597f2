using Cove.Core.Cars;
using Cove.Core.Methods;
using Cove.Core.Upkeep;

namespace Cove.Core.Sessions.Ready;

/// <summary>A task that can be done now on the surfaces that need it.</summary>
/// <param name="Work">How it is done on all of them, the most soiled first.</param>
/// <param name="Choices">What it is done with.</param>
public sealed record ReadyTask(TaskWork Work, TaskChoices Choices)
{
    private const double HalfMinutesAMinute = 2;

    /// <summary>How it stands on the surfaces that need it.</summary>
    public CareStatus Status => Work.Status;

    /// <summary>The task done on fewer of the surfaces, the most soiled first, each link with more of them than the one before: setting to is paid by the first, the rest goes by area. The last is the whole.</summary>
    public required IReadOnlyList<ChainLink> Links { get; init; }

    /// <summary>Makes a ready task of one link: all of it, or none.</summary>
    public static ReadyTask Whole(TaskWork work, TaskChoices choices) =>
        new(work, choices)
        {
            Links = [new ChainLink(work, [.. work.Status.Surfaces], HalfMinutes(work.Hands))],
        };

    /// <summary>Makes a ready task that may be done in part.</summary>
    /// <param name="work">The whole of it, its surfaces in the order in which they are taken up.</param>
    /// <param name="choices">What it is done with.</param>
    /// <param name="workOn">How it is done on some of the surfaces.</param>
    public static ReadyTask InParts(TaskWork work, TaskChoices choices, Func<CareStatus, TaskWork> workOn)
    {
        var links = new List<ChainLink>();
        IReadOnlyList<SurfaceStatus> surfaces = work.Status.Surfaces;
        int whole = HalfMinutes(work.Hands);
        int taken = 0;
        var more = new List<SurfaceStatus>();
        for (int count = 1; count < surfaces.Count; count++)
        {
            more.Add(surfaces[count - 1]);
            TaskWork part = workOn(work.Status.On([.. surfaces.Take(count)]));
            int takes = Math.Min(HalfMinutes(part.Hands), whole - 1);
            // What takes no half minute of its own goes with the next.
            if (takes > taken)
            {
                links.Add(new ChainLink(part, [.. more], takes - taken));
                taken = takes;
                more.Clear();
            }
        }

        more.Add(surfaces[^1]);
        links.Add(new ChainLink(work, [.. more], Math.Max(1, whole - taken)));
        return new ReadyTask(work, choices) { Links = links };
    }

    /// <summary>The first link that has a surface; null when none has.</summary>
    public int? LinkWith(SurfaceId surfaceId) =>
        Links
            .Index()
            .Where(link => link.Item.Adds.Any(status => status.Surface.Id == surfaceId))
            .Select(link => (int?)link.Index)
            .FirstOrDefault();

    private static int HalfMinutes(TimeSpan span) =>
        (int)Math.Round(span.TotalMinutes * HalfMinutesAMinute, MidpointRounding.AwayFromZero);
}

/// <summary>One link of a <see cref="ReadyTask"/>.</summary>
/// <param name="Work">The task with all surfaces up to this link.</param>
/// <param name="Adds">The surfaces that this link adds; at least one.</param>
/// <param name="HalfMinutes">What it adds to the hands; 1 or more.</param>
public sealed record ChainLink(TaskWork Work, IReadOnlyList<SurfaceStatus> Adds, int HalfMinutes);
