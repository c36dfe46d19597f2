using Replay = Cove.Core.Log.Replay;

namespace Cove.Core.Tests.Log;

/// <summary>What must hold of every replay, whatever the car, its use and its log.</summary>
public sealed class ReplayTests
{
    private static readonly Gen<(Vehicle Car, Usage Usage, IReadOnlyList<LogEntry> Log)> Lives =
        from layout in AnyCar.Layouts
        from use in AnyCar.Uses
        let car = AnyCar.Of(layout)
        from log in AnyLog.Of(car)
        select (car, new Usage([new UsageEntry(AnyLog.Start, use)]), log);

    [Property]
    public Property In_two_parts_it_comes_to_the_same_as_at_once() =>
        Prop.ForAll(
            Lives.ToArbitrary(),
            AnyLog.Instants.ToArbitrary(),
            (life, cut) =>
            {
                LogEntry[] whole = [.. AnyLog.Beginnings(life.Car), .. life.Log.OrderBy(entry => entry.At)];
                Replay parts = whole
                    .Where(entry => entry.At > cut)
                    .Aggregate(
                        Replay.Of(life.Car, life.Usage, whole.Where(entry => entry.At <= cut)),
                        (replay, entry) => replay.Then(entry)
                    );

                return Same(Replay.Of(life.Car, life.Usage, whole), parts);
            }
        );

    [Property]
    public Property The_order_in_which_entries_are_handed_over_does_not_matter() =>
        Prop.ForAll(
            Lives.ToArbitrary(),
            Gen.Choose(0, int.MaxValue).ToArbitrary(),
            (life, seed) =>
            {
                LogEntry[] whole = [.. AnyLog.Beginnings(life.Car), .. life.Log];
                LogEntry[] shuffled = [.. whole];
                new Random(seed).Shuffle(shuffled);

                // One after another, too: whatever reaches back is found out.
                Replay stepwise = shuffled
                    .Where(entry => entry is not LevelBegan)
                    .Aggregate(
                        Replay.Of(life.Car, life.Usage, AnyLog.Beginnings(life.Car)),
                        (replay, entry) => replay.Then(entry)
                    );
                Replay inOrder = Replay.Of(life.Car, life.Usage, whole);
                return Same(inOrder, Replay.Of(life.Car, life.Usage, shuffled)) && Same(inOrder, stepwise);
            }
        );

    [Property]
    public Property What_is_undone_was_never_made() =>
        Prop.ForAll(
            Lives.ToArbitrary(),
            life =>
            {
                LogEntry[] kept = [.. life.Log.Where((_, i) => i % 3 != 0)];
                LogEntry[] undone =
                [
                    .. life.Log.Select(
                        (entry, i) => i % 3 == 0 ? entry with { UndoneAt = AnyLog.Start } : entry
                    ),
                ];

                return Same(
                    Replay.Of(life.Car, life.Usage, [.. AnyLog.Beginnings(life.Car), .. kept]),
                    Replay.Of(life.Car, life.Usage, [.. AnyLog.Beginnings(life.Car), .. undone])
                );
            }
        );

    [Property]
    public Property A_future_is_the_past_once_the_clock_gets_there() =>
        Prop.ForAll(
            Lives.ToArbitrary(),
            AnyLog.Instants.ToArbitrary(),
            AnyLog.Instants.ToArbitrary(),
            (life, instant, another) =>
            {
                (DateTimeOffset now, DateTimeOffset then) =
                    instant <= another ? (instant, another) : (another, instant);
                LogEntry[] all = [.. AnyLog.Beginnings(life.Car), .. life.Log];
                Replay imagined = Replay.Of(life.Car, life.Usage, all, then);
                Replay lived = all.Where(entry => entry.At > now && entry.At <= then)
                    .OrderBy(entry => entry.At)
                    .Aggregate(
                        Replay.Of(life.Car, life.Usage, all, now),
                        (replay, next) => replay.Then(next)
                    );

                return Same(imagined, lived)
                    && LevelsAt(imagined, life, then)
                        .Zip(LevelsAt(lived, life, then), (one, other) => Math.Abs(one - other) < 1e-9)
                        .All(near => near);
            }
        );

    // Seen: a coat laid by hand and one at the end of a deep clean, both said of the same instant.
    [Fact]
    public void Coats_of_one_instant_count_in_any_order()
    {
        Vehicle car = AnyCar.Of(CareBook.ReferenceLayout);
        DateTimeOffset day = AnyLog.Start.AddDays(10);
        LogEntry[] coats =
        [
            new TaskDone(new(Guid.NewGuid()), day, "protect-plastics", new Share(1))
            {
                Coat = CoatTraits.Antistatic,
            },
            new DeepCleaned(new(Guid.NewGuid()), day, DeepCleanBy.Shop, DeepCleanParts.Protected),
        ];
        (Vehicle, Usage, IReadOnlyList<LogEntry>) life = (car, Usage.Reference, coats);

        Assert.Equal(Dust([.. coats]), Dust([.. coats.Reverse()]));

        IEnumerable<double> Dust(LogEntry[] laid) =>
            LevelsAt(
                Replay.Of(car, Usage.Reference, [.. AnyLog.Beginnings(car), .. laid]),
                life,
                day.AddDays(30)
            );
    }

    [Property]
    public Property Checks_of_one_instant_count_in_any_order() =>
        Prop.ForAll(
            Lives.ToArbitrary(),
            life =>
            {
                LogEntry[] looks =
                [
                    .. life
                        .Log.OfType<Checked>()
                        .Select(look => look with { At = AnyLog.Start.AddDays(200) }),
                ];
                LogEntry[] rest =
                [
                    .. AnyLog.Beginnings(life.Car),
                    .. life.Log.Where(entry => entry is not Checked),
                ];

                return Same(
                    Replay.Of(life.Car, life.Usage, [.. rest, .. looks]),
                    Replay.Of(
                        life.Car,
                        life.Usage,
                        [.. looks.Reverse().Select(look => look with { Id = new(Guid.NewGuid()) }), .. rest]
                    )
                );
            }
        );

    [Property]
    public Property States_are_those_of_the_histories() =>
        Prop.ForAll(
            Lives.ToArbitrary(),
            life =>
            {
                LogEntry[] all = [.. AnyLog.Beginnings(life.Car), .. life.Log];
                Replay replay = Replay.Of(life.Car, life.Usage, all);
                var histories = Replay.Histories(
                    life.Car,
                    life.Usage,
                    all,
                    replay.Learnt,
                    replay.Residues,
                    replay.Coats
                );

                return histories.Count == replay.States.Count
                    && histories.All(pair =>
                        Same(pair.Value.StateAt(DateTimeOffset.MaxValue), replay.States[pair.Key])
                    );
            }
        );

    [Fact]
    public void What_was_forgotten_teaches_nothing_but_still_corrects_levels()
    {
        Vehicle car = AnyCar.Of(CareBook.ReferenceLayout);
        var key = new CareKey("vacuum-carpets", "front-carpet");
        DateTimeOffset day = AnyLog.Start.AddDays(3);
        LogEntry[] log =
        [
            .. AnyLog.Beginnings(car),
            new Checked(new(Guid.NewGuid()), day, "pat", "cloud", [key.SurfaceId]),
        ];
        Replay blind = Replay.Of(car, Usage.Reference, AnyLog.Beginnings(car));
        Replay taught = Replay.Of(car, Usage.Reference, log);
        Replay forgot = taught.Then(new LearningForgotten(new(Guid.NewGuid()), day));

        Assert.True(taught.Learnt.Car.LogMean > 0);
        Assert.Equal(0, forgot.Learnt.Car.LogMean);
        Assert.Empty(forgot.Learnt.Tasks);
        Assert.True(LevelOf(forgot) > LevelOf(blind) + 0.1);

        double LevelOf(Replay replay) =>
            new CareLedger(
                car,
                Usage.Reference,
                replay.States,
                replay.Learnt,
                residues: replay.Residues,
                coats: replay.Coats
            )
                .At(day)
                .SelectMany(status => status.Surfaces.Select(surface => (status.Item.Task.Id, surface)))
                .First(one => one.Id == key.TaskId && one.surface.Surface.Id == key.SurfaceId)
                .surface.Due.Soil.Value;
    }

    [Fact]
    public void A_check_from_before_the_forgetting_teaches_nothing_however_late_it_is_handed_over()
    {
        Vehicle car = AnyCar.Of(CareBook.ReferenceLayout);
        LogEntry[] log =
        [
            .. AnyLog.Beginnings(car),
            new LearningForgotten(new(Guid.NewGuid()), AnyLog.Start.AddDays(9)),
        ];
        var late = new Checked(
            new(Guid.NewGuid()),
            AnyLog.Start.AddDays(3),
            "pat",
            "cloud",
            ["front-carpet"]
        );

        Replay stepwise = Replay.Of(car, Usage.Reference, log).Then(late);

        Assert.Empty(stepwise.Learnt.Tasks);
        Assert.True(Same(stepwise, Replay.Of(car, Usage.Reference, [.. log, late])));
    }

    // Seen: a check that found what was forecast moved dates on the whole car.
    [Property]
    public Property A_check_that_agrees_moves_nothing_on_the_whole_car() =>
        Prop.ForAll(
            Lives.ToArbitrary(),
            Gen.Choose(0, 10_000).ToArbitrary(),
            (life, pick) =>
            {
                LogEntry[] all = [.. AnyLog.Beginnings(life.Car), .. life.Log];
                Replay before = Replay.Of(life.Car, life.Usage, all);
                DateTimeOffset at = all.Max(entry => entry.At).AddDays(20);
                var histories = Replay.Histories(
                    life.Car,
                    life.Usage,
                    all,
                    before.Learnt,
                    before.Residues,
                    before.Coats
                );
                var agreeing = (
                    from surface in life.Car.InCare()
                    from inspection in InspectionTable.For(surface)
                    where !inspection.JudgesCleaning
                    from result in inspection.Results
                    let band = inspection.BandOf(result)
                    let levels = inspection
                        .TasksOn(surface)
                        .Select(task => new CareKey(task.Id, surface.Id))
                        .Where(histories.ContainsKey)
                        .Select(key => histories[key].LevelAt(at).Value)
                        .ToArray()
                    where levels.Length > 0 && levels.All(level => band.Nearest(level) == level)
                    select (surface, inspection, result)
                ).ToArray();
                if (agreeing.Length == 0)
                {
                    return true;
                }

                var (place, test, seen) = agreeing[pick % agreeing.Length];
                Replay after = before.Then(
                    new Checked(new(Guid.NewGuid()), at, test.Id, seen.Id, [place.Id])
                );
                return LevelsAt(before, life, at.AddDays(3))
                    .Zip(LevelsAt(after, life, at.AddDays(3)), (one, other) => Math.Abs(one - other) < 1e-9)
                    .All(same => same);
            }
        );

    private static IEnumerable<double> LevelsAt(
        Replay replay,
        (Vehicle Car, Usage Usage, IReadOnlyList<LogEntry> Log) life,
        DateTimeOffset at
    ) =>
        new CareLedger(
            life.Car,
            life.Usage,
            replay.States,
            replay.Learnt,
            residues: replay.Residues,
            coats: replay.Coats
        )
            .At(at)
            .SelectMany(status => status.Surfaces.Select(surface => surface.Due.Level.Value));

    private static bool Same(Replay one, Replay other) =>
        one.States.Count == other.States.Count
        && one.States.All(pair => Same(pair.Value, other.States[pair.Key]))
        && Math.Abs(one.Learnt.Car.LogMean - other.Learnt.Car.LogMean) < 1e-9
        && one.Learnt.Tasks.Count == other.Learnt.Tasks.Count
        && one.Residues.Methods.Count == other.Residues.Methods.Count
        && one.Residues.Methods.All(pair =>
            Math.Abs(pair.Value.LogMean - other.Residues.Of(pair.Key).LogMean) < 1e-9
        );

    private static bool Same(CareState one, CareState other) =>
        one.At == other.At
        && Math.Abs(one.Level.Value - other.Level.Value) < 1e-9
        && Math.Abs((one.Oily?.Value ?? 0) - (other.Oily?.Value ?? 0)) < 1e-9;
}
