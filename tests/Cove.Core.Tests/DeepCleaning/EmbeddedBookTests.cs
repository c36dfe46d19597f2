using static Cove.Core.Tests.DeepCleaning.AnyEmbedded;

namespace Cove.Core.Tests.DeepCleaning;

public sealed class EmbeddedBookTests
{
    private static readonly Surface DriversSeat = Car.InCare()
        .Where(surface => surface.Kind == SurfaceKind.Seat)
        .MaxBy(surface => surface.Exposure.Value)!;

    // Source: common practice. A car that is cared for weekly wants a deep clean after one to two years, one that
    // nobody cares for within months.
    [Theory]
    [InlineData(true)]
    [InlineData(false)]
    public void Weekly_care_puts_it_off_for_one_to_two_years(bool foam)
    {
        LogEntry[] care = [.. Care(800, foam)];

        Assert.InRange(Worst(care, 365), 0.4, 1);
        Assert.True(Worst(care, 730) >= 1);
        Assert.InRange(Worst([], 21), 0.05, 0.5);
        Assert.True(Worst([], 120) >= 1);
    }

    [Fact]
    public void Vacuuming_takes_nothing_out_and_what_is_in_never_falls_by_itself()
    {
        var random = new Random(151);
        for (int round = 0; round < LongRun.Of(20, 400); round++)
        {
            LogEntry[] log =
            [
                .. AnyEmbedded
                    .Random(random, 300, 40)
                    .Where(entry => entry is not TaskDone done || !Embedding.IsFoam(done.TaskId)),
            ];
            double[] days = [.. Enumerable.Range(0, 12).Select(_ => random.NextDouble() * 320).Order()];

            EmbeddedBook before = Book(log, Start.AddDays(days[0]));
            foreach (double day in days[1..])
            {
                EmbeddedBook after = Book(log, Start.AddDays(day));
                Assert.All(
                    before.Surfaces.Zip(after.Surfaces),
                    pair => Assert.True(pair.Second.Level >= pair.First.Level - 1e-12)
                );
                before = after;
            }
        }
    }

    [Fact]
    public void One_more_vacuuming_foaming_or_coat_never_brings_it_nearer()
    {
        var random = new Random(152);
        TaskId[] more =
        [
            "vacuum-seats",
            "vacuum-carpets",
            "foam-carpets",
            "clean-fabric-seats",
            "protect-fabric",
        ];
        for (int round = 0; round < LongRun.Of(40, 1_000); round++)
        {
            IReadOnlyList<LogEntry> log = AnyEmbedded.Random(random, 300, 30);
            DateTimeOffset now = Start.AddDays(200 + random.Next(150));
            TaskDone one = Done(more[random.Next(more.Length)], random.NextDouble() * 300);

            IReadOnlyList<EmbeddedSoil> without = Book(log, now).Surfaces;
            IReadOnlyList<EmbeddedSoil> with = Book([.. log, one], now).Surfaces;

            Assert.All(
                without.Zip(with),
                pair => Assert.True(pair.Second.Level <= pair.First.Level + 1e-9, $"{one.TaskId}, {round}")
            );
        }
    }

    [Fact]
    public void Foam_takes_a_part_of_what_came_in_since_the_last_and_no_more()
    {
        double none = Level([], DriversSeat, 60);
        double once = Level([Done("clean-fabric-seats", 60)], DriversSeat, 60);
        double twice = Level(
            [Done("clean-fabric-seats", 60), Done("clean-fabric-seats", 60.01)],
            DriversSeat,
            60.01
        );

        Assert.Equal(none * 0.7, once, 9);
        Assert.Equal(once, twice, 3);
    }

    [Fact]
    public void Extraction_takes_all_of_it_and_washing_alone_what_foam_does()
    {
        LogEntry[] care = [.. Care(400, foam: false)];
        const DeepCleanParts Whole =
            DeepCleanParts.Vacuumed | DeepCleanParts.Washed | DeepCleanParts.Extracted;

        EmbeddedBook extracted = Book([.. care, Deep(401, Whole)], Start.AddDays(401));
        EmbeddedBook washed = Book([.. care, Deep(401, DeepCleanParts.Washed)], Start.AddDays(401));

        Assert.All(extracted.Surfaces, soil => Assert.Equal(0, soil.Level));
        Assert.Equal(Start.AddDays(401), extracted.LastDeepClean);
        Assert.Null(washed.LastDeepClean);
        Assert.InRange(washed.Worst!.Level, 0.6, 0.9);
    }

    [Fact]
    public void Only_what_was_extracted_is_free_of_it()
    {
        DeepCleaned seat = Deep(100, DeepCleanParts.Extracted) with { SurfaceIds = [DriversSeat.Id] };

        EmbeddedBook book = Book([seat], Start.AddDays(100));

        Assert.Equal(0, book.Surfaces.Single(soil => soil.Surface.Id == DriversSeat.Id).Level);
        Assert.All(
            book.Surfaces.Where(soil => soil.Surface.Id != DriversSeat.Id),
            soil => Assert.True(soil.Level > 0, soil.Surface.Name)
        );
    }

    [Fact]
    public void A_look_that_agrees_changes_no_level_and_narrows_the_band()
    {
        LogEntry[] care = [.. Care(200, foam: false)];
        EmbeddedSoil before = Find(Book(care, Start.AddDays(201)));
        Assert.InRange(before.Level, 0.46, 0.87);

        EmbeddedSoil after = Find(
            Book([.. care, Look("dust-after-vacuum", "specks", DriversSeat.Id, 201)], Start.AddDays(201))
        );

        Assert.Equal(before.Level, after.Level, 9);
        Assert.True(after.LogStdDev < before.LogStdDev);
        Assert.True(after.Low < after.Level && after.Level < after.High);
    }

    [Fact]
    public void A_look_that_sees_more_corrects_the_surface_and_teaches_the_car()
    {
        LogEntry[] care = [.. Care(200, foam: false)];
        EmbeddedBook before = Book(care, Start.AddDays(201));
        LogEntry[] log = [.. care, Look("grey-after-foam", "dark", DriversSeat.Id, 201)];

        EmbeddedBook after = Book(log, Start.AddDays(201));

        Assert.True(Find(after).Level > Find(before).Level * 1.15);
        Assert.True(after.Pressing.Median > before.Pressing.Median * 1.05);
        Assert.All(
            after.Surfaces.Where(soil => soil.Surface.Id != DriversSeat.Id && soil.Level > 0.1),
            soil =>
                Assert.True(
                    soil.Level > before.Surfaces.Single(other => other.Surface == soil.Surface).Level,
                    soil.Surface.Name
                )
        );
        EmbeddedBook forgotten = Book(
            [.. log, new LearningForgotten(default, Start.AddDays(201))],
            Start.AddDays(201)
        );
        Assert.Equal(1, forgotten.Pressing.Median, 9);
        Assert.True(Find(forgotten).Level > Find(before).Level * 1.1);
    }

    [Fact]
    public void The_order_of_the_log_does_not_matter()
    {
        var random = new Random(153);
        IReadOnlyList<LogEntry> log =
        [
            .. AnyEmbedded.Random(random, 300, 40),
            Look("dust-after-vacuum", "puff", DriversSeat.Id, 150),
            Deep(180, DeepCleanParts.Extracted),
        ];

        Assert.Equal(
            Book(log, Start.AddDays(300)).Surfaces.Select(soil => soil.Level),
            Book([.. log.OrderBy(_ => random.Next())], Start.AddDays(300)).Surfaces.Select(soil => soil.Level)
        );
    }

    [Fact]
    public void Leather_and_rubber_take_nothing_in()
    {
        Vehicle leather = AnyCar.Of(
            CabinLayout.Usual(BodyType.Estate) with
            {
                SeatMaterial = Material.CoatedLeather,
                FrontMats = Material.Rubber,
                RearMats = Material.Rubber,
            }
        );

        Assert.DoesNotContain(
            leather.InCare().Where(Embedding.TakesIn),
            surface => surface.Kind is SurfaceKind.Seat or SurfaceKind.Mat
        );
        Assert.Contains(leather.InCare(), Embedding.Decides);
    }

    private static double Worst(IEnumerable<LogEntry> log, int day) =>
        Book(log, Start.AddDays(day)).Worst!.Level;

    private static double Level(IEnumerable<LogEntry> log, Surface surface, double day) =>
        Book(log, Start.AddDays(day)).Surfaces.Single(soil => soil.Surface.Id == surface.Id).Level;

    private static EmbeddedSoil Find(EmbeddedBook book) =>
        book.Surfaces.Single(soil => soil.Surface.Id == DriversSeat.Id);
}
