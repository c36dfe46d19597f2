namespace Cove.Core.Tests.Methods;

public sealed class FilmTests
{
    private static readonly DateTimeOffset Start = new(2026, 1, 1, 0, 0, 0, TimeSpan.Zero);

    private static readonly CareItem Windscreen = CareBook
        .For(AnyCar.Of(CareBook.ReferenceLayout))
        .Single(item => item.Task.Id == "windscreen");

    private static readonly Gen<CarUse> Uses =
        from smoke in Gen.Elements(Enum.GetValues<SmokeHabit>())
        from sun in Gen.Choose(0, 4)
        from plastics in Gen.Elements(Enum.GetValues<DashPlastics>())
        from town in Gen.Elements(Enum.GetValues<Often>())
        from people in Gen.Choose(1, 6)
        select new CarUse
        {
            Smoke = smoke,
            ParkedInSun = new Share(sun / 4.0),
            Plastics = plastics,
            TownDriving = town,
            People = people,
        };

    private static Soiling Soiling => Windscreen.SoilingOf(Windscreen.Surfaces[0]);

    private static CareHistory History(CarUse use, params CareChange[] changes) =>
        new(new CareState(Start, Level.Fresh), Soiling, new Usage([new UsageEntry(Start, use)]), changes);

    [Property]
    public Property Light_soil_and_oily_film_add_up_to_the_level_at_any_time() =>
        Prop.ForAll(
            Uses.ToArbitrary(),
            Gen.Choose(1, 80).ToArbitrary(),
            (use, days) =>
            {
                CareHistory history = History(
                    use,
                    new Jumped(Start.AddDays(5), 0.4, "Smoke") { Oily = Share.All },
                    new Cleaned(Start.AddDays(9), Share.All)
                    {
                        Film = new FilmCleaning("m", GlassMethods.TwoTowels.Method.Removal, 1),
                    },
                    new Observed(Start.AddDays(20), new Level(0.8), 0.3)
                );
                DateTimeOffset at = Start.AddDays(days);
                Film film = history.FilmAt(at);
                CareState state = history.StateAt(at);
                Film fromState = state.FilmAt(at, Soiling, history.Usage);
                return Math.Abs(film.Whole.Value - history.LevelAt(at).Value) < 1e-9
                    && Math.Abs(fromState.Oily.Value - film.Oily.Value) < 1e-9;
            }
        );

    [Fact]
    public void Smoke_sun_and_new_plastics_bring_film_and_nothing_but_film()
    {
        Film reference = History(CarUse.Reference).FilmAt(Start.AddDays(14));
        foreach (
            CarUse use in new CarUse[]
            {
                new() { Smoke = SmokeHabit.Inside },
                new() { ParkedInSun = Share.All },
                new() { Plastics = DashPlastics.New },
                new() { Plastics = DashPlastics.OilyDressing },
            }
        )
        {
            Film film = History(use).FilmAt(Start.AddDays(14));
            Assert.True(film.Oily > reference.Oily);
            Assert.Equal(reference.Light.Value, film.Light.Value, 9);
        }

        Assert.Equal(1, reference.Whole.Value, 9);
    }

    [Fact]
    public void A_weak_method_leaves_the_film_and_the_next_date_comes_sooner()
    {
        DateTimeOffset cleaned = Start.AddDays(20);
        CareHistory With(GlassMethod glass) =>
            History(
                new CarUse { Smoke = SmokeHabit.Inside },
                new Cleaned(cleaned, Share.All)
                {
                    Film = new FilmCleaning(glass.Method.Id, glass.Method.Removal, 1),
                }
            );

        Film weak = With(GlassMethods.Chamois).FilmAt(cleaned);
        Film strong = With(GlassMethods.ThreeSteps).FilmAt(cleaned);

        Assert.True(weak.Oily.Value > 3 * strong.Oily.Value);
        Assert.True(weak.OilyShare > new Share(0.8));
    }

    // The normal-normal update of any statistics textbook, against its precision form written out.
    [Fact]
    public void Looks_in_the_dark_teach_what_a_method_leaves()
    {
        ResidueEvidence[] looks =
        [
            new("m", Start, Math.Log(2.5), Math.Log(2.5), 0.4),
            new("m", Start.AddDays(14), Math.Log(1.8), Math.Log(1.8), 0.5),
        ];

        LearntResidues learnt = LearntResidues.Learn(looks);

        double weights = (1 / 0.25) + (1 / 0.16) + (1 / 0.25);
        double mean = ((Math.Log(2.5) / 0.16) + (Math.Log(1.8) / 0.25)) / weights;
        Assert.Equal(mean, learnt.Of("m").LogMean, 12);
        Assert.Equal(Math.Sqrt(1 / weights), learnt.Of("m").LogStdDev, 12);
        Assert.Equal(2, learnt.Of("m").Looks);
        Assert.Equal(1, learnt.Of("other").Median);
        LearntResidues turned = LearntResidues.Learn(looks.Reverse());
        Assert.Equal(learnt.Of("m"), turned.Of("m"));
    }

    [Theory]
    [InlineData(0.1, false)]
    [InlineData(0.55, true)]
    public void Haze_says_that_more_is_left_and_a_clear_night_does_not(double seen, bool more)
    {
        CareHistory history = History(
            CarUse.Reference,
            new Cleaned(Start.AddDays(14), Share.All)
            {
                Film = new FilmCleaning("m", GlassMethods.TwoTowels.Method.Removal, 1),
            },
            new Observed(Start.AddDays(15), new Level(seen), 0.3) { JudgesCleaning = true }
        );

        ResidueEvidence evidence = Assert.Single(history.Residues());

        Assert.Equal(more, evidence.From > 0);
    }

    [Fact]
    public void A_look_before_any_cleaning_judges_none()
    {
        CareHistory history = History(
            CarUse.Reference,
            new Observed(Start.AddDays(3), new Level(0.5), 0.3) { JudgesCleaning = true }
        );

        Assert.Empty(history.Residues());
    }
}
