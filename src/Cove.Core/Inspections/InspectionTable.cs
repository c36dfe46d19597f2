using Cove.Core.Upkeep.Levels;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Inspections;

/// <summary>The table of inspections. The tests are common practice; the levels their results stand for, and how far they scatter, are Cove's own choice.</summary>
public static class InspectionTable
{
    /// <summary>Every inspection on offer.</summary>
    public static IReadOnlyList<Inspection> All { get; } =
    [
        new(
            "finger-swipe",
            "Finger swipe",
            "Draw a clean fingertip a hand's width across the surface and look at it in the light.",
            [
                Sees("clean", "Fingertip stays clean", 0.2),
                Sees("grey", "A grey shade on it", 0.7),
                Sees("track", "A track stays on the surface", 1.1),
                Sees("rolls", "Dust rolls up before the finger", 1.7),
            ],
            0.3,
            Seconds(8)
        ),
        new(
            "pat",
            "Pat by hand",
            "Pat once, flat and firm, and look against the light for what rises.",
            [
                Sees("nothing", "Nothing rises", 0.25),
                Sees("specks", "A few specks", 0.75),
                Sees("puff", "A puff of dust", 1.2),
                Sees("cloud", "A cloud, or crumbs jump", 1.8),
            ],
            0.35,
            Seconds(8)
        ),
        new(
            "sheen",
            "Sheen",
            "Look along the surface towards a window. Clean leather and rims are matte; shine is oil, not health.",
            [
                Sees("matte", "Matte all over", 0.25),
                Sees("edges", "Shine where hands and legs rub", 0.85),
                Sees("shiny", "Shiny over most of it", 1.5),
            ],
            0.35,
            Seconds(6)
        ),
        new(
            "towel-colour",
            "Towel after one wipe",
            "Wipe once with a damp white towel, a hand's width, and look at the towel.",
            [
                Sees("white", "Towel stays white", 0.2),
                Sees("tinge", "A tinge", 0.7),
                Sees("brown", "Plainly grey or brown", 1.2),
                Sees("dark", "Dark at once", 1.8),
            ],
            0.3,
            Seconds(15)
        ),
        new(
            "half-and-half",
            "Half and half",
            "Clean one half of a small patch, leave the other, and compare when it is dry: wet cloth always looks darker.",
            [
                Sees("same", "No line to be seen", 0.3),
                Sees("faint", "A faint line", 0.8),
                Sees("clear", "A clear line", 1.3),
            ],
            0.2,
            TimeSpan.FromMinutes(3)
        )
        {
            AnyTime = false,
        },
        new(
            "water-bead",
            "Water bead",
            "Put one drop of water on and watch it for ten seconds, then dab it off.",
            [
                Sees("beads", "It stands as a bead", 0.3),
                Sees("flattens", "It flattens slowly", 0.85),
                Sees("soaks", "It soaks in or spreads", 1.4),
            ],
            0.3,
            Seconds(20)
        ),
        new(
            "glare",
            "Glare",
            "Look through the pane at a lamp in the dark or into low sun, from the seat. For screens and lenses, look at them switched off and from the side.",
            [
                Sees("clear", "Clear", 0.2),
                Sees("veil", "A faint veil", 0.7),
                Sees("haze", "Haze round the light", 1.15),
                Sees("dazzle", "It dazzles, or prints all over", 1.7),
            ],
            0.3,
            Seconds(8)
        ),
        new(
            "night-check",
            "Night check",
            "The evening after the glass was done, look through the windscreen at the lamps of others, from the driver's seat.",
            [Sees("clear", "Clear", 0.1), Sees("streaks", "Streaks", 0.35), Sees("haze", "Some haze", 0.55)],
            0.3,
            Seconds(8)
        )
        {
            AnyTime = false,
            JudgesCleaning = true,
        },
        new(
            "smell",
            "First breath",
            "Open the door of the closed car and take one breath before airing it. Damp is to be found and dried, never covered.",
            [
                Sees("fresh", "Fresh, or as I like it", 0.3),
                Sees("stale", "Nothing much, a little stale", 0.8),
                Sees("smells", "It smells", 1.4),
            ],
            0.4,
            Seconds(8)
        ),
        new(
            "photo",
            "Same spot, two photos",
            "Hold the photo from the day it was clean beside the surface, taken from the same spot in the same light.",
            [
                Sees("same", "As on that day", 0.25),
                Sees("duller", "A little duller", 0.75),
                Sees("worse", "Plainly worse", 1.4),
            ],
            0.35,
            Seconds(30)
        )
        {
            AnyTime = false,
        },
        new(
            "dust-after-vacuum",
            "Pat right after vacuuming",
            "Vacuum a hand's breadth well, then pat it flat and firm. What still rises has settled deep.",
            [
                Sees("nothing", "Nothing rises", 0.3),
                Sees("specks", "A little dust", 0.7),
                Sees("puff", "A puff of dust", 1.1),
            ],
            0.4,
            Seconds(40)
        )
        {
            AnyTime = false,
            TellsOfEmbedded = true,
        },
        new(
            "grey-after-foam",
            "Towel right after foam",
            "When it has been foamed and wiped, press a fresh white towel on once and look at the towel.",
            [
                Sees("white", "Towel stays white", 0.25),
                Sees("grey", "Still a grey tinge", 0.7),
                Sees("dark", "Still plainly grey", 1.2),
            ],
            0.35,
            Seconds(20)
        )
        {
            AnyTime = false,
            TellsOfEmbedded = true,
        },
        new(
            "colour-when-wet",
            "Colour only when wet",
            "Wet a fingertip's breadth of clean cloth or pile. Where the old colour comes back and greys again as it dries, soil sits deep.",
            [
                Sees("same", "Only darker, as any wet cloth", 0.35),
                Sees("fresher", "Fresher than around it", 0.8),
                Sees("another", "Quite another colour", 1.3),
            ],
            0.4,
            Seconds(30)
        )
        {
            AnyTime = false,
            TellsOfEmbedded = true,
        },
    ];

    /// <summary>Finds an inspection; null when there is none of that id.</summary>
    public static Inspection? Find(InspectionId id) => All.FirstOrDefault(inspection => inspection.Id == id);

    /// <summary>The inspections that tell something of a surface.</summary>
    public static IReadOnlyList<Inspection> For(Surface surface) =>
        [.. All.Where(inspection => inspection.TellsOf(surface))];

    private static InspectionResult Sees(string id, string words, double level) =>
        new(id, words, new Level(level));

    private static TimeSpan Seconds(double seconds) => TimeSpan.FromSeconds(seconds);
}
