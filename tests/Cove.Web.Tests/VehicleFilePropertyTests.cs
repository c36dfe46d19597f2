using System.Text;
using Cove.Data;

namespace Cove.Web.Tests;

/// <summary>What holds for every vehicle file, whole or broken.</summary>
public sealed class VehicleFilePropertyTests
{
    private static readonly DateTimeOffset Now = new(2026, 3, 14, 9, 30, 0, TimeSpan.Zero);

    private static readonly Gen<string> Texts = Gen.Elements(
        "Dory",
        "a \"quoted\" name",
        "<script>alert(1)</script>",
        "line\\back",
        "ümläut – 船",
        "=1+1"
    );

    private static readonly Gen<UseDocument> Uses =
        from distance in Gen.Choose(0, 2000)
        from people in Gen.Choose(1, CarUse.MostPeople)
        from children in Gen.Choose(0, CarUse.MostChildren)
        from pets in Gen.Elements(Enum.GetValues<Often>())
        from smoke in Gen.Elements(Enum.GetValues<SmokeHabit>())
        from grit in Gen.Choose(1, 12).ListOf()
        from sun in Gen.Choose(0, 100)
        from preventions in Gen.Choose(0, 4095)
        select UseDocument.Of(
            new CarUse
            {
                Distance = WeeklyDistance.FromKilometres(distance),
                People = people,
                Children = children,
                Pets = pets,
                Smoke = smoke,
                GritMonths = MonthSet.Of(grit),
                ParkedInSun = new Core.Share(sun / 100.0),
                Preventions = (Preventions)preventions,
            }
        );

    private static readonly Guid TestedProduct = new("00000000-0000-4000-9000-000000000005");

    private static readonly Gen<LogDocument> Entries =
        from hours in Gen.Choose(1, 20_000)
        from kind in Gen.Elements(Enum.GetValues<LogEntryKind>())
        from task in Gen.Elements<CareTask>(CareTasks.All)
        from happening in Gen.Elements<CareEvent>(CareEvents.All)
        from inspection in Gen.Elements<Inspection>(InspectionTable.All)
        from note in Texts
        from seconds in Gen.Choose(0, 3600)
        select new LogDocument
        {
            At = Now.AddHours(-hours),
            Kind = kind,
            Subject =
                kind == LogEntryKind.Care ? task.Id.Value
                : kind == LogEntryKind.Event ? happening.Id.Value
                : kind == LogEntryKind.SpotTest ? $"{TestedProduct}"
                : kind == LogEntryKind.Note ? StreakTest.Id
                : kind == LogEntryKind.Chore ? "set-up"
                : kind == LogEntryKind.Spot ? "sugary-drink"
                : kind == LogEntryKind.Closure ? "closure"
                : kind == LogEntryKind.DeepClean ? "deep-clean"
                : inspection.Id.Value,
            Surfaces =
                kind == LogEntryKind.Care ? (seconds % 5 == 0 ? ["dash"] : [])
                : kind == LogEntryKind.Spot ? ["dash"]
                : ["dash", "driver-seat"],
            Result =
                kind == LogEntryKind.Look ? inspection.Results[0].Id
                : kind == LogEntryKind.SpotTest ? "passed"
                : kind == LogEntryKind.Note ? StreakTest.Findings[0].Id
                : kind == LogEntryKind.Spot ? $"{(SpotOutcome)(seconds % 3)}"
                : kind == LogEntryKind.Closure ? $"{(ClosureState)(seconds % 2)}"
                : kind == LogEntryKind.DeepClean ? $"{(DeepCleanBy)(seconds % 3)}"
                : string.Empty,
            Products =
                kind == LogEntryKind.SpotTest || (kind == LogEntryKind.Care && seconds % 2 == 0)
                    ?
                    [
                        new LoggedProductDocument
                        {
                            Id = TestedProduct,
                            Name = "Cleaner",
                            Strength = (seconds + 1) / 3601.0,
                            Amount = kind == LogEntryKind.Care ? seconds : 0,
                        },
                    ]
                    : [],
            Parts = kind == LogEntryKind.DeepClean ? seconds % 32 : 0,
            Cost = kind == LogEntryKind.DeepClean && seconds % 2 == 0 ? seconds / 4m : null,
            PlannedSeconds = kind == LogEntryKind.Care ? seconds : 0,
            TakenSeconds = kind == LogEntryKind.Care ? seconds : 0,
            Removed = kind == LogEntryKind.Care ? 1 : 0,
            Note = note,
            Methods =
                kind == LogEntryKind.Care
                    ?
                    [
                        new LoggedMethodDocument
                        {
                            Method = "glass-soap",
                            Rounds = 1 + (seconds % 3),
                            Surfaces = ["windscreen"],
                        },
                    ]
                    : [],
            SettledAt = kind == LogEntryKind.Care && seconds % 3 == 0 ? Now : null,
        };

    private static readonly Gen<VehicleDocument> Documents =
        from body in Gen.Elements<BodyShape>(BodyShape.All)
        from seats in Gen.Elements<Material>(CabinLayout.SeatMaterials)
        from name in Texts
        from use in Uses
        from log in Entries.ListOf()
        from parts in Gen.Choose(0, 3)
        from place in Gen.Choose(0, 3)
        select DocumentOf(
            CabinLayout.Usual(body.Body) with
            {
                SeatMaterial = seats,
            },
            name,
            use,
            log,
            parts
        ) with
        {
            Place =
                place == 0
                    ? null
                    : new SaidPlaceDocument
                    {
                        At = Now,
                        Place = new PlaceDocument { Tap = place == 1, Touch = (GlassTouch)(place - 1) },
                    },
        };

    [Property(MaxTest = 60)]
    public Property What_was_written_is_read_back_the_same() =>
        Prop.ForAll(
            Documents.ToArbitrary(),
            document =>
            {
                byte[] file = VehicleFile.Write(document);
                VehicleFileReading read = VehicleFile.Read(file, Now);
                return (
                    read.Errors.Count == 0 && VehicleFile.Write(read.Document!).AsSpan().SequenceEqual(file)
                ).Label(string.Join("; ", read.Errors));
            }
        );

    [Property(MaxTest = 150)]
    public Property A_file_cut_off_anywhere_is_refused_with_a_line_of_it() =>
        Prop.ForAll(
            Documents.ToArbitrary(),
            Gen.Choose(0, 999).ToArbitrary(),
            (document, share) =>
            {
                byte[] file = VehicleFile.Write(document);
                byte[] cut = file[..(file.Length * share / 1000)];
                VehicleFileReading read = VehicleFile.Read(cut, Now);
                int lines = 1 + cut.Count(one => one == (byte)'\n');
                return read.Document is null
                    && read.Errors.Count > 0
                    && read.Errors.All(error => error.Line >= 1 && error.Line <= lines);
            }
        );

    [Property(MaxTest = 300)]
    public Property A_file_with_a_byte_or_a_piece_changed_is_read_or_refused_but_never_breaks_anything() =>
        Prop.ForAll(
            Documents.ToArbitrary(),
            Gen.Choose(0, int.MaxValue).ToArbitrary(),
            (document, seed) =>
            {
                var random = new Random(seed);
                byte[] file = VehicleFile.Write(document);
                int at = random.Next(file.Length);
                byte[] broken = random.Next(3) switch
                {
                    0 => [.. file[..at], (byte)random.Next(256), .. file[Math.Min(file.Length, at + 1)..]],
                    1 => [.. file[..at], .. file[Math.Min(file.Length, at + random.Next(40))..]],
                    _ => [.. file[..at], .. "\"x\": [[{}]], "u8, .. file[at..]],
                };

                VehicleFileReading read = VehicleFile.Read(broken, Now);

                return read.Document is not null
                    ? read.Errors.Count == 0
                    : read.Errors.Count > 0
                        && read.Errors.All(error =>
                            error.Line >= 1 && error.Field.Length > 0 && error.Sentence.EndsWith('.')
                        );
            }
        );

    [Property(MaxTest = 100)]
    public Property The_line_of_every_value_is_the_one_it_stands_on() =>
        Prop.ForAll(
            Documents.ToArbitrary(),
            document =>
            {
                byte[] file = VehicleFile.Write(document);
                string[] lines = Encoding.UTF8.GetString(file).Split('\n');
                JsonLines known = JsonLines.Of(
                    file,
                    [
                        "layout.seatMaterial",
                        .. document.Surfaces!.Select((_, index) => $"surfaces[{index}].id"),
                        .. document.Log.Select((_, index) => $"log[{index}].subject"),
                    ]
                );
                return Line("layout.seatMaterial").Contains("\"seatMaterial\"", StringComparison.Ordinal)
                    && Enumerable
                        .Range(0, document.Surfaces!.Count)
                        .All(index =>
                            Line($"surfaces[{index}].id")
                                .Contains($"\"{document.Surfaces[index].Id}\"", StringComparison.Ordinal)
                        )
                    && Enumerable
                        .Range(0, document.Log.Count)
                        .All(index =>
                            Line($"log[{index}].subject")
                                .Contains(document.Log[index].Subject, StringComparison.Ordinal)
                        );

                string Line(string path) => lines[known.LineOf(path) - 1];
            }
        );

    private static VehicleDocument DocumentOf(
        CabinLayout layout,
        string name,
        UseDocument use,
        IEnumerable<LogDocument> log,
        int parts
    )
    {
        Cabin cabin = CabinBuilder.Build(layout);
        var vehicle = new Vehicle(default, name, string.Empty, layout, cabin.Surfaces);
        if (parts > 1)
        {
            vehicle = SurfaceEdits
                .Split(vehicle, "dash", [.. Enumerable.Range(1, parts).Select(part => $"Part {part}")])
                .Vehicle!;
        }

        return new VehicleDocument
        {
            Format = VehicleDocument.FormatName,
            Version = 1,
            Name = name,
            Layout = layout,
            AddedAt = Now.AddDays(-900),
            Surfaces = [.. vehicle.Surfaces.Select(SurfaceDocument.Of)],
            Use = [new UseEntryDocument { From = Now.AddDays(-900), Use = use }],
            Levels =
            [
                new LevelDocument
                {
                    Task = "wipe-dash",
                    Surface = "dash",
                    From = Now.AddDays(-900),
                    Level = 0.6,
                },
            ],
            Log = [.. log],
        };
    }
}
