using Replay = Cove.Core.Log.Replay;

namespace Cove.Core.Tests.Upkeep;

/// <summary>What is sealed and protected soils more slowly, until the coat has faded. That it does is common practice, the amounts are the project's own.</summary>
public sealed class CoatTests
{
    private static readonly DateTimeOffset Start = AnyLog.Start;

    private static readonly Vehicle Leather = AnyCar.Of(
        CareBook.ReferenceLayout with
        {
            SeatMaterial = Material.CoatedLeather,
        }
    );

    private static readonly CareKey Seat = new("clean-leather", "driver-seat");
    private static readonly CareKey Dash = new("wipe-dash", "dash");
    private static readonly CareKey Windscreen = new("windscreen", "windscreen");

    // Seen: leather sealed yesterday and leather never sealed came due on the same day.
    [Fact]
    public void Sealed_leather_soils_more_slowly_until_the_coat_has_faded()
    {
        CareLedger bare = After(Leather);
        CareLedger coated = After(Leather, Laid("seal-leather", "driver-seat"));

        Assert.InRange(Rise(coated, Seat, 0, 30) / Rise(bare, Seat, 0, 30), 0.7, 0.8);
        Assert.Equal(Rise(bare, Seat, 200, 230), Rise(coated, Seat, 200, 230), 9);
        Assert.Equal(
            Rise(bare, new("clean-leather", "passenger-seat"), 0, 30),
            Rise(coated, new("clean-leather", "passenger-seat"), 0, 30),
            9
        );
    }

    [Fact]
    public void The_interval_of_a_coated_surface_says_what_the_coat_does()
    {
        CareLedger coated = After(Leather, Laid("seal-leather", "driver-seat"));
        CareItem item = coated.Items.First(item => item.Task.Id == Seat.TaskId);
        Due due = coated
            .StatusOf(item, Start.AddDays(1))
            .Surfaces.First(status => status.Surface.Id == Seat.SurfaceId)
            .Due;

        DueEffect effect = Assert.Single(due.Effects, effect => effect.Cause == "Coat on it");
        Assert.True(effect.Adds > TimeSpan.Zero);
        Assert.Equal(
            due.Interval!.Value.TotalDays,
            due.Baseline.TotalDays + due.Effects.Sum(effect => effect.Adds.TotalDays),
            6
        );
    }

    [Fact]
    public void A_coat_that_did_not_come_clean_counts_for_nothing_and_neither_does_one_that_is_undone()
    {
        TaskDone laid = Laid("seal-leather", "driver-seat");

        double bare = Rise(After(Leather), Seat, 0, 30);
        Assert.Equal(bare, Rise(After(Leather, laid with { Removed = new Share(0.5) }), Seat, 0, 30), 9);
        Assert.Equal(bare, Rise(After(Leather, laid with { UndoneAt = Start }), Seat, 0, 30), 9);
    }

    [Fact]
    public void A_balm_seals_as_it_cleans()
    {
        TaskDone balm = new(new(Guid.NewGuid()), Start, "clean-leather", Share.All)
        {
            SurfaceIds = ["driver-seat"],
            Methods = [new MethodUsed("leather-balm", 1, ["driver-seat"])],
        };

        Assert.True(Rise(After(Leather, balm), Seat, 0, 30) < Rise(After(Leather), Seat, 0, 30));
    }

    // Seen: the shelf said that a dressing was anti-static, and nothing came of it.
    [Fact]
    public void An_antistatic_coat_holds_back_more_dust_than_a_plain_one()
    {
        double bare = Rise(After(Leather), Dash, 0, 7);
        double plain = Rise(After(Leather, Laid("protect-plastics", "dash")), Dash, 0, 7);
        double antistatic = Rise(
            After(Leather, Laid("protect-plastics", "dash", CoatTraits.Antistatic)),
            Dash,
            0,
            7
        );

        Assert.True(antistatic < plain && plain < bare);
    }

    [Fact]
    public void A_coat_that_blocks_ultraviolet_light_lasts_longer_in_the_sun()
    {
        var sunny = new Usage([new UsageEntry(Start, CarUse.Reference with { ParkedInSun = Share.All })]);

        DateTimeOffset Until(CoatTraits traits) =>
            Assert
                .Single(CoatBook.Of(Leather, sunny, [Laid("protect-plastics", "dash", traits)]).Coats)
                .Until;

        Assert.True(Until(CoatTraits.Uv) > Until(CoatTraits.None).AddDays(5));
    }

    // Seen: a gloss dressing on the dash, and the windscreen stayed as clear as before unless one said so on another page.
    [Fact]
    public void An_oily_dressing_on_the_dash_films_the_glass_by_itself_until_it_has_faded()
    {
        CareLedger bare = After(Leather, Laid("protect-plastics", "dash"));
        CareLedger oily = After(Leather, Laid("protect-plastics", "dash", CoatTraits.Oily));
        CareLedger door = After(Leather, Laid("protect-plastics", "driver-door-card", CoatTraits.Oily));

        Assert.True(Rise(oily, Windscreen, 0, 20) > 1.1 * Rise(bare, Windscreen, 0, 20));
        Assert.True(OilyRise(oily, 0, 20) > OilyRise(bare, 0, 20));
        Assert.Equal(Rise(bare, Windscreen, 300, 320), Rise(oily, Windscreen, 300, 320), 9);
        Assert.Equal(Rise(bare, Windscreen, 0, 20), Rise(door, Windscreen, 0, 20), 9);
    }

    [Fact]
    public void A_matte_coat_laid_over_an_oily_one_ends_what_it_gave_off()
    {
        TaskDone oily = Laid("protect-plastics", "dash", CoatTraits.Oily);
        TaskDone matte = Laid("protect-plastics", "dash") with { At = Start.AddDays(10) };

        Assert.Equal(
            Rise(After(Leather, matte), Windscreen, 20, 30),
            Rise(After(Leather, oily, matte), Windscreen, 20, 30),
            9
        );
    }

    [Property]
    public Property Rises_add_up_and_dates_agree_with_them_whatever_coats_lie_on_a_surface() =>
        Prop.ForAll(
            (
                from spells in (
                    from begin in Gen.Choose(0, 300)
                    from days in Gen.Choose(0, 200)
                    from kept in Gen.Choose(20, 100)
                    select new ShieldSpell(
                        Start.AddDays(begin),
                        Start.AddDays(begin + days),
                        new Shield("seal-leather", new Share(kept / 100.0))
                    )
                ).ListOf()
                from use in AnyCar.Uses
                from middle in Gen.Choose(0, 400)
                select (spells, use, middle)
            ).ToArbitrary(),
            said =>
            {
                var (spells, use, middle) = said;
                CareTask task = CareTasks.Find("clean-leather")!;
                var soiling = new Soiling(task.Interval, task.Shares, Share.All) { Spells = [.. spells] };
                var usage = new Usage([new UsageEntry(Start, use)]);
                double whole = soiling.Rise(usage, Start, Start.AddDays(400));
                double parts =
                    soiling.Rise(usage, Start, Start.AddDays(middle))
                    + soiling.Rise(usage, Start.AddDays(middle), Start.AddDays(400));
                double bare = (soiling with { Spells = [] }).Rise(usage, Start, Start.AddDays(400));
                DateTimeOffset? at = soiling.WhenRisenBy(usage, Start, whole / 2);
                return Math.Abs(whole - parts) < 1e-9
                    && whole <= bare + 1e-12
                    && (whole == 0 || Math.Abs(soiling.Rise(usage, Start, at!.Value) - (whole / 2)) < 1e-6);
            }
        );

    private static TaskDone Laid(TaskId taskId, SurfaceId surfaceId, CoatTraits traits = CoatTraits.None) =>
        new(new(Guid.NewGuid()), Start, taskId, Share.All) { SurfaceIds = [surfaceId], Coat = traits };

    private static CareLedger After(Vehicle car, params LogEntry[] log)
    {
        Replay replay = Replay.Of(car, Usage.Reference, [.. AnyLog.Beginnings(car), .. log]);
        return new CareLedger(
            car,
            Usage.Reference,
            replay.States,
            replay.Learnt,
            residues: replay.Residues,
            coats: replay.Coats
        );
    }

    private static double Rise(CareLedger ledger, CareKey key, int from, int to) =>
        ledger.StandingOf(key, Start.AddDays(to))!.Value.Value
        - ledger.StandingOf(key, Start.AddDays(from))!.Value.Value;

    private static double OilyRise(CareLedger ledger, int from, int to)
    {
        CareItem item = ledger.Items.First(item => item.Task.Id == Windscreen.TaskId);
        Surface pane = item.Surfaces.First(surface => surface.Id == Windscreen.SurfaceId);
        return ledger.FilmOn(item, pane, Start.AddDays(to)).Oily.Value
            - ledger.FilmOn(item, pane, Start.AddDays(from)).Oily.Value;
    }
}
