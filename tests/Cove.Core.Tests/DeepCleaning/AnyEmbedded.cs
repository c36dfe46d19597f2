using Replay = Cove.Core.Log.Replay;

namespace Cove.Core.Tests.DeepCleaning;

/// <summary>Makes logs that tell of soil settling, and reads them.</summary>
internal static class AnyEmbedded
{
    public static readonly DateTimeOffset Start = AnyLog.Start;

    /// <summary>A car with cloth seats, pile on the floor and fabric mats.</summary>
    public static Vehicle Car { get; } =
        AnyCar.Of(
            CabinLayout.Usual(BodyType.Estate) with
            {
                SeatMaterial = Material.WovenFabric,
                Floor = Material.Pile,
                FrontMats = Material.Pile,
                RearMats = Material.Pile,
            }
        );

    public static Usage Used(CarUse use) => new([new UsageEntry(Start.AddDays(-1), use)]);

    public static EmbeddedBook Book(
        IEnumerable<LogEntry> entries,
        DateTimeOffset now,
        Usage? usage = null,
        double begun = 0
    )
    {
        LogEntry[] log = [.. AnyLog.Beginnings(Car, begun), .. entries];
        Usage used = usage ?? Used(CarUse.Reference);
        var replay = Replay.Of(Car, used, log, now);
        return EmbeddedBook.Of(
            Car,
            Replay.Histories(
                Car,
                used,
                log.Where(entry => entry.At <= now),
                replay.Learnt,
                replay.Residues,
                replay.Coats
            ),
            replay.Coats,
            log,
            now
        );
    }

    /// <summary>A task came clean everywhere.</summary>
    public static TaskDone Done(TaskId task, double day) =>
        new(new(Guid.NewGuid()), Start.AddDays(day), task, Share.All);

    public static DeepCleaned Deep(double day, DeepCleanParts parts) =>
        new(new(Guid.NewGuid()), Start.AddDays(day), DeepCleanBy.HiredMachine, parts);

    public static Checked Look(InspectionId test, string result, SurfaceId surface, double day) =>
        new(new(Guid.NewGuid()), Start.AddDays(day), test, result, [surface]);

    /// <summary>Weekly vacuuming, and foam when it is due, as far as it is wanted.</summary>
    public static IEnumerable<LogEntry> Care(int days, bool foam)
    {
        for (int day = 7; day <= days; day += 7)
        {
            yield return Done("vacuum-seats", day);
            yield return Done("vacuum-carpets", day);
        }

        for (int day = 60; foam && day <= days; day += 60)
        {
            yield return Done("foam-carpets", day + 0.1);
            yield return Done("foam-fabric-mats", day + 0.1);
            if (day % 90 == 0)
            {
                yield return Done("clean-fabric-seats", day + 0.1);
            }
        }
    }

    /// <summary>Vacuuming, foam, spills and days out at random, none of it looked at.</summary>
    public static IReadOnlyList<LogEntry> Random(Random random, int days, int entries)
    {
        TaskId[] tasks =
        [
            "vacuum-seats",
            "vacuum-carpets",
            "vacuum-carpets",
            "foam-carpets",
            "clean-fabric-seats",
            "protect-fabric",
            "boot",
        ];
        EventId[] events = ["spill", "beach", "pet", "mud-and-sand"];
        return
        [
            .. Enumerable
                .Range(0, entries)
                .Select(_ => random.NextDouble() * days)
                .Select(day =>
                    random.Next(5) == 0
                        ? (LogEntry)
                            new Happened(
                                new(Guid.NewGuid()),
                                Start.AddDays(day),
                                events[random.Next(events.Length)],
                                [.. Car.InCare().Select(surface => surface.Id)]
                            )
                        : Done(tasks[random.Next(tasks.Length)], day)
                ),
        ];
    }
}
