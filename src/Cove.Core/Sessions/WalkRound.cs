using Cove.Core.Inspections;
using Cove.Core.Sessions.Planning;
using Cove.Core.Upkeep;
using Cove.Core.Upkeep.Levels;
using Cove.Core.Upkeep.Tasks;
using Cove.Core.Vehicles.Plan;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Sessions;

/// <summary>Picks the looks that tell most about what to do next, and puts them in walking order.</summary>
/// <remarks>
/// A look is worth most where much depends on it (stakes), little is known (the spread of the level) and the level may
/// be on either side of the mark by the next session. Picked one after another, each task once, as long as looking
/// and walking round the car fit three minutes.
/// </remarks>
public static class WalkRound
{
    /// <summary>The fewest looks worth walking round for, where the car has as many things to look at.</summary>
    public const int Fewest = 6;

    /// <summary>The most looks of one round.</summary>
    public const int Most = 8;

    /// <summary>How long a round may take, walking included.</summary>
    public static readonly TimeSpan Longest = TimeSpan.FromMinutes(3);

    /// <summary>For how long a look need not be made again.</summary>
    private static readonly TimeSpan Fresh = TimeSpan.FromHours(12);

    /// <summary>Whether a level was looked at so lately that looking again would be asked for nothing.</summary>
    /// <param name="lookedAt">When it was looked at last; null when it never was.</param>
    /// <param name="now">The present instant.</param>
    public static bool IsFresh(DateTimeOffset? lookedAt, DateTimeOffset now) => now - lookedAt < Fresh;

    /// <summary>The looks of a round, in walking order from the driver's door.</summary>
    /// <param name="levels">The levels of the car that are worth a look, as they will stand at the next session.</param>
    /// <param name="cabin">The cabin.</param>
    public static WalkRoundPlan Plan(IReadOnlyList<UncertainLevel> levels, Cabin cabin)
    {
        var places = new SessionPlaces(cabin);
        var zones = cabin.Zones.ToDictionary(zone => zone.Id);
        var walk = cabin
            .Zones.Select((zone, at) => (zone.Id, at))
            .ToDictionary(pair => pair.Id, pair => pair.at);
        var place = cabin
            .Surfaces.Select((surface, at) => (surface.Id, at))
            .ToDictionary(pair => pair.Id, pair => pair.at);
        var byKey = levels.ToDictionary(level => level.Key);
        Candidate[] candidates =
        [
            .. cabin
                .Surfaces.SelectMany(surface =>
                    InspectionTable
                        .For(surface)
                        .Where(inspection => inspection.AnyTime)
                        .Select(inspection => CandidateOf(inspection, surface))
                )
                .Where(candidate => candidate.Worth > 0)
                .OrderByDescending(candidate => candidate.Worth)
                .ThenBy(candidate => candidate.Surface.Id)
                .ThenBy(candidate => candidate.Inspection.Id),
        ];
        var chosen = new List<Candidate>();
        foreach (Candidate candidate in candidates)
        {
            bool isNew = !chosen.Exists(taken =>
                taken.Decides == candidate.Decides || taken.Surface == candidate.Surface
            );
            if (chosen.Count < Most && isNew && Duration([.. chosen, candidate]) <= Longest)
            {
                chosen.Add(candidate);
            }
        }

        Candidate[] order = InOrder(chosen);
        return new WalkRoundPlan(
            [
                .. order.Select(look => new WalkRoundLook(
                    look.Inspection,
                    look.Surface,
                    zones[look.Surface.ZoneId],
                    look.Decides
                )),
            ],
            Duration(order)
        );

        Candidate CandidateOf(Inspection inspection, Surface surface)
        {
            var tasks = inspection
                .TasksOn(surface)
                .Where(task => byKey.ContainsKey(new CareKey(task.Id, surface.Id)))
                .Select(task => (Task: task, Worth: WorthOf(task, byKey[new CareKey(task.Id, surface.Id)])))
                .OrderByDescending(pair => pair.Worth)
                .ToArray();
            return new Candidate(
                inspection,
                surface,
                tasks.Length > 0 ? tasks[0].Task.Id : string.Empty,
                tasks.Sum(pair => pair.Worth)
            );
        }

        Candidate[] InOrder(IEnumerable<Candidate> picked) =>
            [.. picked.OrderBy(look => walk[look.Surface.ZoneId]).ThenBy(look => place[look.Surface.Id])];

        TimeSpan Duration(IEnumerable<Candidate> picked)
        {
            Candidate[] ordered = InOrder(picked);
            TimeSpan takes = TimeSpan.Zero;
            Zone at = places.Start;
            foreach (Candidate look in ordered)
            {
                Zone next = zones[look.Surface.ZoneId];
                takes += places.Way.Between(at, next) + look.Inspection.Takes;
                at = next;
            }

            return takes;
        }
    }

    /// <summary>How much a look at one level is worth.</summary>
    private static double WorthOf(CareTask task, UncertainLevel level)
    {
        // At the next session: how many standard deviations of its logarithm the level stands off the mark.
        double expected = Math.Max(level.Level.Value, 0.01);
        double off = Math.Log(expected / level.Mark.Value) / Math.Max(level.LogStdDev, 0.05);
        return task.Stakes.Weight() * task.Visible * level.LogStdDev * Math.Exp(-off * off / 2);
    }

    private sealed record Candidate(Inspection Inspection, Surface Surface, TaskId Decides, double Worth);
}

/// <summary>A level of which one is not certain.</summary>
/// <param name="Key">The task and the surface.</param>
/// <param name="Level">The level of soil at the next session.</param>
/// <param name="LogStdDev">Standard deviation of its logarithm.</param>
/// <param name="Mark">The level at which the task counts as due.</param>
public sealed record UncertainLevel(CareKey Key, Level Level, double LogStdDev, Level Mark);

/// <summary>A walk round the car.</summary>
/// <param name="Looks">The looks in walking order.</param>
/// <param name="Takes">How long it takes, walking included.</param>
public sealed record WalkRoundPlan(IReadOnlyList<WalkRoundLook> Looks, TimeSpan Takes);

/// <summary>One look of a round.</summary>
/// <param name="Inspection">What to do.</param>
/// <param name="Surface">Where.</param>
/// <param name="Zone">The door to look from.</param>
/// <param name="DecidesTaskId">The task for which it decides most.</param>
public sealed record WalkRoundLook(Inspection Inspection, Surface Surface, Zone Zone, TaskId DecidesTaskId);
