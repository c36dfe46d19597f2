using System.Text.Json;

namespace Cove.Data;

/// <summary>What the parts of a vehicle file must hold to together.</summary>
internal static class VehicleFileRules
{
    public static IEnumerable<Flaw> Check(VehicleDocument file, DateTimeOffset now)
    {
        Flaw[] layout =
        [
            .. file
                .Layout.Problems()
                .Select(flaw => flaw with { Property = $"layout.{Camel(flaw.Property)}" }),
        ];
        foreach (Flaw flaw in layout)
        {
            yield return flaw;
        }

        IEnumerable<Flaw> rest = Times(file, now + RecordTime.Leeway)
            .Concat(Odometers(file))
            .Concat(Log(file))
            .Concat(Runs(file));
        if (layout.Length == 0)
        {
            rest = rest.Concat(Surfaces(file)).Concat(Levels(file));
        }

        foreach (Flaw flaw in rest)
        {
            yield return flaw;
        }
    }

    private static IEnumerable<Flaw> Surfaces(VehicleDocument file)
    {
        if (file.Surfaces is null)
        {
            yield break;
        }

        if (file.Surfaces.All(surface => surface.Absent))
        {
            yield return new Flaw("surfaces", "Give at least one surface that is there.");
        }

        Surface[] surfaces = [.. file.Surfaces.Select(surface => surface.ToSurface())];
        for (int i = 0; i < surfaces.Length; i++)
        {
            foreach (Flaw flaw in SurfaceRules.Check(surfaces[i]))
            {
                yield return flaw with
                {
                    Property = $"surfaces[{i}].{FileName(flaw.Property)}",
                };
            }
        }

        foreach (Flaw flaw in SurfaceRules.CheckTogether(surfaces, CabinBuilder.Build(file.Layout).Zones))
        {
            int dot = flaw.Property.LastIndexOf('.');
            yield return flaw with
            {
                Property =
                    dot < 0
                        ? "surfaces"
                        : Camel(flaw.Property[..dot]) + "." + FileName(flaw.Property[(dot + 1)..]),
            };
        }
    }

    private static IEnumerable<Flaw> Levels(VehicleDocument file)
    {
        var known = (
            file.Surfaces ?? [.. CabinBuilder.Build(file.Layout).Surfaces.Select(SurfaceDocument.Of)]
        )
            .Select(surface => surface.Id)
            .ToHashSet(StringComparer.Ordinal);
        var seen = new HashSet<CareKey>();
        for (int i = 0; i < file.Levels.Count; i++)
        {
            LevelDocument level = file.Levels[i];
            if (CareTasks.Find(level.Task) is null)
            {
                yield return new Flaw($"levels[{i}].task", "There is no care task of that id.");
            }
            else if (!known.Contains(level.Surface))
            {
                yield return new Flaw($"levels[{i}].surface", "This vehicle has no surface of that id.");
            }
            else if (!seen.Add(new CareKey(level.Task, level.Surface)))
            {
                yield return new Flaw(
                    $"levels[{i}]",
                    "This task and surface stand here twice. Give them once."
                );
            }
        }
    }

    private static IEnumerable<Flaw> Times(VehicleDocument file, DateTimeOffset latest)
    {
        IEnumerable<(string Path, DateTimeOffset? At)> times =
        [
            ("addedAt", file.AddedAt),
            ("archivedAt", file.ArchivedAt),
            ("learntSince", file.LearntSince),
            .. file.Use.Select((one, i) => ($"use[{i}].from", (DateTimeOffset?)one.From)),
            .. file.Odometer.Select((one, i) => ($"odometer[{i}].at", (DateTimeOffset?)one.At)),
            .. file.Levels.Select((one, i) => ($"levels[{i}].from", (DateTimeOffset?)one.From)),
            .. file.Log.Select((one, i) => ($"log[{i}].at", (DateTimeOffset?)one.At)),
            .. file.Log.Select((one, i) => ($"log[{i}].undoneAt", one.UndoneAt)),
            .. file.Log.Select((one, i) => ($"log[{i}].settledAt", one.SettledAt)),
            .. file.Instructions.Select((one, i) => ($"instructions[{i}].at", (DateTimeOffset?)one.At)),
            .. file.Runs.SelectMany((run, i) => TimesOf(run, $"runs[{i}]")),
        ];
        foreach (var (path, at) in times)
        {
            if (at is { } instant && !RecordTime.IsFit(instant, latest))
            {
                yield return new Flaw(path, RecordTime.HowToGive);
            }
        }

        var begun = new HashSet<DateTimeOffset>();
        for (int i = 0; i < file.Use.Count; i++)
        {
            if (
                RecordTime.IsFit(file.Use[i].From, latest)
                && !begun.Add(RecordTime.ToStored(file.Use[i].From))
            )
            {
                yield return new Flaw(
                    $"use[{i}].from",
                    "Two uses begin at this time. Give each a time of its own."
                );
            }
        }
    }

    private static IEnumerable<(string Path, DateTimeOffset? At)> TimesOf(RunDocument run, string path) =>
        [
            ($"{path}.plannedAt", run.PlannedAt),
            ($"{path}.startedAt", run.StartedAt),
            ($"{path}.finishedAt", run.FinishedAt),
            .. run.Events.Select((one, i) => ($"{path}.events[{i}].at", (DateTimeOffset?)one.At)),
        ];

    /// <summary>Holds each run to what could have been said in it.</summary>
    private static IEnumerable<Flaw> Runs(VehicleDocument file)
    {
        if (file.Runs.Count(run => run.FinishedAt is null) > 1)
        {
            yield return new Flaw("runs", "Only one run can be under way. End the others.");
        }

        for (int i = 0; i < file.Runs.Count; i++)
        {
            RunDocument run = file.Runs[i];
            if (run.Steps.Count == 0)
            {
                yield return new Flaw($"runs[{i}].steps", "Give at least one step.");
                continue;
            }

            var progress = new RunProgress([.. run.Steps.Select(step => step.ToStep())], run.StartedAt, []);
            for (int said = 0; said < run.Events.Count; said++)
            {
                RunEvent next = run.Events[said].ToEvent();
                string? refusal =
                    next.Towel is null && next.Kind is RunEventKind.FaceTurned or RunEventKind.TowelRetired
                        ? "Say which towel it was about."
                        : progress.Refusal(next);
                if (refusal is not null)
                {
                    yield return new Flaw($"runs[{i}].events[{said}]", refusal);
                    break;
                }

                progress.Take(next);
            }

            if (progress.FinishedAt is null != run.FinishedAt is null)
            {
                yield return new Flaw(
                    $"runs[{i}].finishedAt",
                    "A run is over when its events say so, and only then."
                );
            }
        }
    }

    private static IEnumerable<Flaw> Odometers(VehicleDocument file)
    {
        var known = new List<OdometerReading>();
        for (int i = 0; i < file.Odometer.Count; i++)
        {
            if (!RecordTime.IsFit(file.Odometer[i].At, DateTimeOffset.MaxValue))
            {
                continue;
            }

            var reading = new OdometerReading(
                RecordTime.ToStored(file.Odometer[i].At),
                file.Odometer[i].Kilometres
            );
            if (known.Exists(one => one.At == reading.At))
            {
                yield return new Flaw($"odometer[{i}].at", "Two readings were taken at this time. Give one.");
            }
            else if (Odometer.Refusal(known, reading) is { } refusal)
            {
                yield return new Flaw($"odometer[{i}].kilometres", refusal);
            }

            known.Add(reading);
        }
    }

    private static IEnumerable<Flaw> Log(VehicleDocument file)
    {
        for (int i = 0; i < file.Log.Count; i++)
        {
            LogDocument entry = file.Log[i];
            bool known = entry.Kind switch
            {
                LogEntryKind.Care => CareTasks.Find(entry.Subject) is not null,
                LogEntryKind.Event => CareEvents.Find(entry.Subject) is not null,
                LogEntryKind.SpotTest => IsSpotTest(entry),
                LogEntryKind.Note => entry.Subject == StreakTest.Id
                    && StreakTest.Find(entry.Result) is not null,
                LogEntryKind.Chore => SessionChores.Find(entry.Subject) is not null,
                _ => InspectionTable.Find(entry.Subject) is not null,
            };
            if (!known)
            {
                yield return new Flaw(
                    $"log[{i}].subject",
                    "There is nothing of that id and kind that could be logged."
                );
            }
            else if (
                entry.Kind == LogEntryKind.Look
                && InspectionTable.Find(entry.Subject)!.Result(entry.Result) is null
            )
            {
                yield return new Flaw($"log[{i}].result", "This inspection has no result of that id.");
            }

            if (entry.Run >= file.Runs.Count)
            {
                yield return new Flaw($"log[{i}].run", "This file has no run at that place.");
            }

            if (entry.Methods.Any(method => MethodLibrary.Find(method.Method) is null))
            {
                yield return new Flaw($"log[{i}].methods", "There is no method of that id.");
            }

            if (
                entry
                    .Surfaces.Concat(entry.Methods.SelectMany(method => method.Surfaces))
                    .Any(id => !SurfaceRules.IsId(id))
            )
            {
                yield return new Flaw($"log[{i}].surfaces", "Name surfaces by their ids.");
            }
        }
    }

    private static bool IsSpotTest(LogDocument entry) =>
        Guid.TryParse(entry.Subject, out Guid product)
        && entry.Products.Any(one => one.Id == product)
        && entry.Result is LogRows.SpotPassed or LogRows.SpotFailed;

    private static string Camel(string name) => JsonNamingPolicy.CamelCase.ConvertName(name);

    /// <summary>What a property of a surface is called in the file.</summary>
    private static string FileName(string property) =>
        property switch
        {
            nameof(Surface.Area) => "squareMetres",
            nameof(Surface.ZoneId) => "zone",
            _ => Camel(property),
        };
}
