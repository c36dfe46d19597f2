using Cove.Core.Catalogue.Tools;
using Cove.Core.Methods.Steps;
using Cove.Core.Schools;
using Cove.Core.Upkeep.Tasks;
using static Cove.Core.Methods.Steps.Hand;

namespace Cove.Core.Methods;

/// <summary>Work that no surface asks for but a long session needs: getting ready, and putting back.</summary>
/// <param name="Id">Short and stable; it is stored with log entries and never that of a care task.</param>
/// <param name="Name">What to do, as an owner would say it.</param>
/// <param name="ShortName">One or two words for the lanes.</param>
/// <param name="Work">What it takes before anything has been learnt of the owner's pace. Cove's own choice.</param>
/// <param name="Stage">Where in a session it belongs.</param>
/// <param name="From">The hands of a session, this apart, from which on it is worth it. Cove's own choice.</param>
/// <param name="Method">How it is done.</param>
public sealed record SessionChore(
    TaskId Id,
    string Name,
    string ShortName,
    TimeSpan Work,
    Stage Stage,
    TimeSpan From,
    Method Method
)
{
    /// <summary>The tasks of which one at least has to be part of the session; empty for any.</summary>
    public IReadOnlyList<TaskId> For { get; init; } = [];

    /// <summary>Whether the owner works in a way that asks for it.</summary>
    internal Func<WaysOfWorking, bool> When { get; init; } = _ => true;

    /// <summary>Whether it carries out what lies loose aboard before the work, or back in after it.</summary>
    public bool ForLooseThings { get; init; }

    /// <summary>Whether it brings back the child seats alone, where what else lies loose has to wait. <see cref="ForLooseThings"/> chores bring them with the rest.</summary>
    public bool ForChildSeats { get; init; }

    /// <summary>What a child seat aboard adds to <see cref="Work"/>. Cove's own choice.</summary>
    public TimeSpan PerChildSeat { get; init; }

    /// <summary>Where it is done: at every door, or wherever the person stands.</summary>
    public bool AtEveryDoor { get; init; }

    /// <summary>What it takes with child seats aboard, before anything has been learnt of the owner's pace.</summary>
    /// <param name="childSeats">How many; 0 or more.</param>
    public TimeSpan WorkWith(int childSeats) => Work + (childSeats * PerChildSeat);

    /// <summary>What to call it with child seats aboard, which are handled first and take longest.</summary>
    /// <param name="childSeats">How many; 0 or more.</param>
    public string NameWith(int childSeats) =>
        PerChildSeat == TimeSpan.Zero || childSeats == 0 ? Name
        : ForChildSeats ? (childSeats == 1 ? Name : $"Fix {childSeats} child seats again")
        : childSeats == 1 ? Name.Replace("covers", "the child seat, covers", StringComparison.Ordinal)
        : Name.Replace("covers", $"{childSeats} child seats, covers", StringComparison.Ordinal);

    /// <summary>Whether a session needs it.</summary>
    /// <param name="taskIds">The tasks of the session.</param>
    /// <param name="hands">What they take.</param>
    /// <param name="ways">How the owner likes to work.</param>
    public bool IsNeededFor(IReadOnlyCollection<TaskId> taskIds, TimeSpan hands, WaysOfWorking ways) =>
        !ForLooseThings
        && !ForChildSeats
        && When(ways)
        && hands >= From
        && (For.Count == 0 || For.Any(taskIds.Contains));

    /// <summary>Whether any session with one of <see cref="For"/> needs it, however short.</summary>
    /// <param name="ways">How the owner likes to work.</param>
    public bool IsAlwaysFor(WaysOfWorking ways) => For.Count > 0 && From == TimeSpan.Zero && When(ways);
}

/// <summary>The table of chores.</summary>
public static class SessionChores
{
    /// <summary>Every chore.</summary>
    public static IReadOnlyList<SessionChore> All { get; } =
    [
        new(
            "empty-car",
            "Empty the car",
            "Empty out",
            TimeSpan.FromMinutes(2),
            Stage.Prepare,
            TimeSpan.FromMinutes(30),
            new Method(
                "empty-car",
                "Three piles",
                "Rubbish, goes indoors, goes back in",
                [
                    Do(
                        "Look at the sky",
                        "Rain ahead: empty the boot first, so that things can go back into it. Wind or pollen: keep doors shut as far as possible."
                    ),
                    Do(
                        "Three piles",
                        "Rubbish, what goes indoors, what goes back in. Door pockets and under the seats as well."
                    ),
                    Do("Glance round", "See what each surface needs before you take anything up."),
                ],
                "Nothing loose is left aboard.",
                [Warnings.Sharp]
            )
        )
        {
            AtEveryDoor = true,
        },
        new(
            "things-out",
            "Take out covers and liners",
            "Things out",
            TimeSpan.FromMinutes(1.5),
            Stage.Prepare,
            TimeSpan.Zero,
            new Method(
                "things-out",
                "First of all, out with it",
                "Child seats, covers, liners",
                [
                    Do(
                        "Lift out",
                        "Child seat, pet cover, seat protectors, liners and inserts: whatever lies on what will be cleaned."
                    ),
                    Do("Set aside", "Somewhere clean and dry; shake covers out in the open."),
                ],
                "The seats and floors to be worked on lie bare.",
                ["Note how a child seat is held before you take it out; its maker's manual comes first."]
            )
        )
        {
            ForLooseThings = true,
            PerChildSeat = TimeSpan.FromMinutes(1.5),
        },
        new(
            "set-up",
            "Set seats and doors",
            "Set up",
            TimeSpan.FromMinutes(1),
            Stage.Prepare,
            TimeSpan.FromMinutes(25),
            new Method(
                "set-up",
                "Room to work",
                "Seats, bench, belts, doors",
                [
                    Do(
                        "Key on, if it needs it",
                        "For powered seats only: brake set, in P or neutral, ignition on, then off again."
                    ),
                    Do("Seats and bench", "Front seats fully forward; fold the bench; belts out of the way."),
                    Do("Doors", "Open those on the lee side; one more when something smells."),
                ],
                "Every seam can be reached from a door.",
                [Warnings.Ignition]
            )
        )
        {
            For =
            [
                "vacuum-seats",
                "vacuum-carpets",
                "foam-carpets",
                "clean-fabric-seats",
                "clean-leather",
                "clean-synthetic",
            ],
        },
        new(
            "cover-finished",
            "Cover screens and switches",
            "Cover up",
            TimeSpan.FromMinutes(0.5),
            Stage.Prepare,
            TimeSpan.FromMinutes(20),
            new Method(
                "cover-finished",
                "Dry towels over them",
                "Before anything wet is used above",
                [
                    Do(
                        "Cover",
                        "A dry towel over screens, cluster and switches until the wet work above them is done."
                    ),
                ],
                "Nothing can drip or drift onto them.",
                ["Screens take no overspray: cover them, or use the towel."]
            )
        )
        {
            For = ["headliner", "protect-fabric", "clean-fabric-seats"],
        },
        new(
            "outside-panes",
            "Wipe the panes outside",
            "Panes outside",
            TimeSpan.FromMinutes(3),
            Stage.GlassOutside,
            TimeSpan.Zero,
            new Method(
                "outside-panes",
                "Outside before inside",
                "Upright, so that a streak tells its side",
                [
                    new MethodStep(
                        "Wipe outside",
                        "Damp towel up and down over the outside of the panes; not the towels kept for the inside.",
                        Stroke.Upright
                    )
                    {
                        Tool = Tool.GlassTowel,
                        Pressure = Pressure.Light,
                    },
                    new MethodStep("Dry outside", "Dry towel, up and down.", Stroke.Upright)
                    {
                        Tool = Tool.GlassTowel,
                        Pressure = Pressure.Light,
                    },
                ],
                "What still shows is on the inside.",
                ["Rinse grit off first: it scratches under the towel."]
            )
        )
        {
            For = ["windscreen", "other-glass"],
            When = ways => ways.Outside == OutsideSchool.InsideFirst,
            AtEveryDoor = true,
        },
        new(
            "set-back",
            "Put things and seats back",
            "Set back",
            TimeSpan.FromMinutes(1.5),
            Stage.SetBack,
            TimeSpan.FromMinutes(25),
            new Method(
                "set-back",
                "As it was, and safe to drive",
                "Seats, bench, loose things",
                [
                    Do(
                        "Seats and bench",
                        "Seats and mirrors to where you drive; lock the bench, buckles on top. Belts that hang out to dry stay pulled out."
                    ),
                    Do(
                        "Loose things",
                        "What goes back in, stowed so that nothing can roll under the pedals."
                    ),
                    Do(
                        "Last look",
                        "Towels off, caps shut, nothing left on the roof; a window left open a finger where cloth is damp."
                    ),
                ],
                "Ready to drive.",
                ["Aerosols and alcohol do not stay in a hot car; keep them from children."]
            )
        )
        {
            For =
            [
                "vacuum-seats",
                "vacuum-carpets",
                "foam-carpets",
                "clean-fabric-seats",
                "clean-leather",
                "clean-synthetic",
            ],
        },
        new(
            "seats-back",
            "Fix the child seat again",
            "Child seats",
            TimeSpan.Zero,
            Stage.SetBack,
            TimeSpan.Zero,
            new Method(
                "seats-back",
                "By its maker's manual",
                "Before anybody rides",
                [
                    Do("Feel first", "The child seat and what it stands on are dry to the hand."),
                    Do(
                        "Fix and test",
                        "Fix the child seat by its maker's manual and pull at it to test it. What is still damp stays out."
                    ),
                ],
                "The child seat does not move.",
                ["A child seat that is not fixed as its maker says does not protect."]
            )
        )
        {
            ForChildSeats = true,
            PerChildSeat = TimeSpan.FromMinutes(3),
        },
        new(
            "things-back",
            "Bring covers and liners back",
            "Things back",
            TimeSpan.FromMinutes(1.5),
            Stage.SetBack,
            TimeSpan.Zero,
            new Method(
                "things-back",
                "Back in, last of all",
                "Only onto what is dry",
                [
                    Do("Feel first", "What comes in and what it lies on are dry to the hand."),
                    Do(
                        "Back in",
                        "Liners and covers flat; the child seat fixed by its maker's manual and pulled at to test it."
                    ),
                ],
                "Nothing is trapped below, and the child seat does not move.",
                ["A child seat that is not fixed as its maker says does not protect."]
            )
        )
        {
            ForLooseThings = true,
            PerChildSeat = TimeSpan.FromMinutes(3),
        },
    ];

    /// <summary>Finds a chore; null when there is none of that id.</summary>
    public static SessionChore? Find(TaskId id) => All.FirstOrDefault(chore => chore.Id == id);
}
