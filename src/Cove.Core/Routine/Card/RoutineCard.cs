using Cove.Core.Methods.Steps;
using Cove.Core.Routine.Planning;
using Cove.Core.Sessions.Runs;
using Cove.Core.Upkeep;

namespace Cove.Core.Routine.Card;

/// <summary>A routine on paper: what is done how often, with what, and how, to be followed with the computer off.</summary>
/// <param name="Groups">The lines by how often they come, the most frequent first; none is empty.</param>
/// <param name="Cautions">What to beware of, each once, with the numbers of the lines it is for.</param>
public sealed record RoutineCard(IReadOnlyList<CardGroup> Groups, IReadOnlyList<CardCaution> Cautions)
{
    /// <summary>What comes round within this many days is part of each session. Cove's own choice.</summary>
    private const int Session = 10;

    /// <summary>What comes round within this many days is done every few weeks.</summary>
    private const int FewWeeks = 56;

    /// <summary>What comes round within this many days is done each season.</summary>
    private const int Season = 200;

    /// <summary>Writes it.</summary>
    /// <param name="plan">The plan of a year.</param>
    public static RoutineCard Of(RoutinePlan plan)
    {
        var found = new List<(Rhythm Rhythm, CareItem Item, PlannedVisit Visit, DateOnly Next)>();
        foreach (PlannedTask task in plan.Tasks.Where(task => task.Dates.Count > 0))
        {
            PlannedDay first = plan.Slots.First(slot => slot.Day.Day == task.Dates[0] && Holds(slot, task));
            found.Add((RhythmOf(task), task.Item, VisitIn(first, task), task.Dates[0]));
        }

        int number = 0;
        CardLine[] lines =
        [
            .. found
                .OrderBy(line => line.Rhythm)
                .ThenBy(line => line.Item.Task.Stage)
                .Select(line => new CardLine(
                    ++number,
                    line.Rhythm,
                    line.Item,
                    line.Visit.Minutes,
                    line.Visit.Products,
                    line.Visit.Methods,
                    line.Next
                )),
        ];
        return new RoutineCard(
            [.. lines.GroupBy(line => line.Rhythm).Select(group => new CardGroup(group.Key, [.. group]))],
            [
                .. lines
                    .SelectMany(line =>
                        line.Methods.SelectMany(method => method.Cautions)
                            .Concat(line.Products.SelectMany(product => product.Cautions))
                            .Distinct(StringComparer.Ordinal)
                            .Select(sentence => (Sentence: sentence, line.Number))
                    )
                    .GroupBy(caution => caution.Sentence, StringComparer.Ordinal)
                    .OrderByDescending(group => group.Count())
                    .Select(group => new CardCaution(group.Key, [.. group.Select(line => line.Number)])),
            ]
        );
    }

    private static bool Holds(PlannedDay slot, PlannedTask task) =>
        slot.Tasks.Any(visit => visit.Item.Task.Id == task.Item.Task.Id);

    private static PlannedVisit VisitIn(PlannedDay slot, PlannedTask task) =>
        slot.Tasks.First(visit => visit.Item.Task.Id == task.Item.Task.Id);

    private static Rhythm RhythmOf(PlannedTask task) =>
        task.PlannedDays switch
        {
            null => Rhythm.OnceAYear,
            <= Session => Rhythm.EachSession,
            <= FewWeeks => Rhythm.EveryFewWeeks,
            <= Season => Rhythm.EachSeason,
            _ => Rhythm.OnceAYear,
        };
}

/// <summary>How often something comes round.</summary>
public enum Rhythm
{
    /// <summary>Each session, or nearly.</summary>
    EachSession,

    /// <summary>Every few weeks.</summary>
    EveryFewWeeks,

    /// <summary>Each season.</summary>
    EachSeason,

    /// <summary>Once a year.</summary>
    OnceAYear,
}

/// <summary>What comes round as often.</summary>
/// <param name="Rhythm">How often.</param>
/// <param name="Lines">The lines, in the order of work.</param>
public sealed record CardGroup(Rhythm Rhythm, IReadOnlyList<CardLine> Lines);

/// <summary>A task on the card.</summary>
/// <param name="Number">Its number, from 1.</param>
/// <param name="Rhythm">How often it comes round.</param>
/// <param name="Item">The task.</param>
/// <param name="Minutes">The minutes of hands when it has just come due.</param>
/// <param name="Products">What it is done with; nothing for what is done dry.</param>
/// <param name="Methods">How it is done.</param>
/// <param name="Next">When it is done next.</param>
public sealed record CardLine(
    int Number,
    Rhythm Rhythm,
    CareItem Item,
    double Minutes,
    IReadOnlyList<StepProduct> Products,
    IReadOnlyList<Method> Methods,
    DateOnly Next
)
{
    /// <summary>How long it has to dry; zero when it is dry at once.</summary>
    public TimeSpan Drying =>
        Methods.Select(method => method.Dries ?? Item.Task.Drying).DefaultIfEmpty(Item.Task.Drying).Max();
}

/// <summary>Something to beware of.</summary>
/// <param name="Sentence">What.</param>
/// <param name="Lines">The numbers of the lines it is for.</param>
public sealed record CardCaution(string Sentence, IReadOnlyList<int> Lines);
