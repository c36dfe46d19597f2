using static Cove.Core.Upkeep.Use.Driver;

namespace Cove.Core.Upkeep.Use;

/// <summary>The table of what drives each task beside time. That these things drive soiling is common practice; the shares are Cove's own choice.</summary>
public static class TaskDrivers
{
    private static readonly Dictionary<string, (Driver Driver, double Share)[]> Table = new(
        StringComparer.Ordinal
    )
    {
        ["vacuum-seats"] =
        [
            (Distance, 0.4),
            (People, 0.1),
            (Children, 0.1),
            (Eating, 0.1),
            (Pets, 0.1),
            (OpenAir, 0.05),
            (DustyWork, 0.05),
            (Colour, 0.05),
        ],
        ["vacuum-carpets"] =
        [
            (Distance, 0.5),
            (People, 0.1),
            (Children, 0.08),
            (Eating, 0.05),
            (Pets, 0.05),
            (Grit, 0.12),
            (DustyWork, 0.05),
            (Colour, 0.05),
        ],
        ["wipe-dash"] =
        [
            (Distance, 0.3),
            (People, 0.05),
            (Children, 0.1),
            (Eating, 0.05),
            (OpenAir, 0.15),
            (SkinOils, 0.1),
            (DustyWork, 0.1),
        ],
        ["wipe-screens"] =
        [
            (Distance, 0.2),
            (People, 0.2),
            (Children, 0.05),
            (OpenAir, 0.1),
            (SkinOils, 0.15),
        ],
        ["wipe-gloss-trim"] = [(Distance, 0.2), (OpenAir, 0.2), (SkinOils, 0.1), (DustyWork, 0.1)],
        ["brush-vents"] = [(Distance, 0.4), (OpenAir, 0.2), (DustyWork, 0.1), (Pets, 0.05)],
        ["clean-wheel"] = [(Distance, 0.7), (SkinOils, 0.15), (Eating, 0.05)],
        ["cluster-lens"] = [(Distance, 0.2), (OpenAir, 0.2), (DustyWork, 0.1)],
        ["windscreen"] =
        [
            (Distance, 0.3),
            (People, 0.1),
            (Smoke, 0.1),
            (Sun, 0.2),
            (Pets, 0.02),
            (Vapours, 0.08),
            (TownAir, 0.08),
        ],
        ["other-glass"] =
        [
            (Distance, 0.3),
            (People, 0.1),
            (Children, 0.15),
            (Pets, 0.05),
            (Smoke, 0.1),
            (Sun, 0.1),
            (Vapours, 0.05),
            (TownAir, 0.05),
        ],
        ["cup-holders"] = [(Distance, 0.4), (Eating, 0.3), (Children, 0.1), (People, 0.1)],
        ["wash-rubber-mats"] = [(Distance, 0.6), (Grit, 0.3), (DustyWork, 0.05)],
        ["foam-fabric-mats"] =
        [
            (Distance, 0.6),
            (Grit, 0.15),
            (People, 0.05),
            (DustyWork, 0.05),
            (Colour, 0.05),
        ],
        ["door-shuts"] = [(Distance, 0.6), (Grit, 0.2), (People, 0.1)],
        ["boot"] = [(Distance, 0.3), (Pets, 0.1), (DustyWork, 0.2), (Grit, 0.05)],
        ["clean-leather"] =
        [
            (Distance, 0.6),
            (People, 0.1),
            (Children, 0.05),
            (SkinOils, 0.1),
            (Colour, 0.1),
        ],
        ["clean-synthetic"] =
        [
            (Distance, 0.5),
            (People, 0.1),
            (Children, 0.1),
            (Eating, 0.05),
            (SkinOils, 0.1),
            (Colour, 0.1),
        ],
        ["seal-leather"] = [(Distance, 0.5), (Sun, 0.2), (SkinOils, 0.05)],
        ["clean-fabric-seats"] =
        [
            (Distance, 0.5),
            (People, 0.05),
            (Children, 0.1),
            (Eating, 0.1),
            (Pets, 0.05),
            (Colour, 0.1),
        ],
        ["raise-nap"] = [(Distance, 0.5), (People, 0.1), (Children, 0.1), (Pets, 0.05), (SkinOils, 0.05)],
        ["foam-carpets"] = [(Distance, 0.6), (Grit, 0.15), (Children, 0.05), (Pets, 0.05), (Colour, 0.05)],
        ["protect-plastics"] = [(Distance, 0.2), (Sun, 0.4)],
        ["protect-fabric"] = [(Distance, 0.4), (People, 0.1), (Children, 0.1), (Sun, 0.1)],
        ["protect-seals"] = [(Distance, 0.1), (Sun, 0.2), (Grit, 0.1)],
        ["pedals"] = [(Distance, 0.6), (Grit, 0.15), (DustyWork, 0.05)],
        ["seat-belts"] =
        [
            (Distance, 0.3),
            (People, 0.1),
            (Children, 0.1),
            (Eating, 0.1),
            (SkinOils, 0.1),
            (Smoke, 0.05),
        ],
        ["headliner"] = [(Distance, 0.1), (Smoke, 0.2), (Children, 0.1), (Pets, 0.05)],
        ["shifter-slot"] = [(Distance, 0.3), (Eating, 0.2), (DustyWork, 0.1)],
        ["child-seat"] = [(Distance, 0.3), (Children, 0.1), (Eating, 0.3)],
        ["pet-cover"] = [(Distance, 0.2), (Pets, 0.3)],
        ["scent"] = [(Smoke, 0.1), (Pets, 0.1), (Sun, 0.1)],
    };

    /// <summary>What drives a task.</summary>
    /// <exception cref="KeyNotFoundException">The table has no line for it.</exception>
    public static DriverShares Of(string taskId) =>
        Table[taskId]
            .Aggregate(DriverShares.WithDistance(0), (shares, line) => shares.With(line.Driver, line.Share));
}
