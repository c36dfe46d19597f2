using System.Text.Json;

namespace Cove.Data;

/// <summary>What the parts of a vehicle file must hold to together.</summary>
internal static class VehicleFileRules
{
    public static IEnumerable<ValidationError> Check(VehicleDocument file, DateTimeOffset now)
    {
        ValidationError[] layout =
        [
            .. file
                .Layout.Problems()
                .Select(error => error with { Property = $"layout.{Camel(error.Property)}" }),
        ];
        foreach (ValidationError error in layout)
        {
            yield return error;
        }

        if (file.RecordedUntil is { } written && !RecordTime.IsFit(written, RecordTime.Latest))
        {
            yield return new ValidationError(
                "recordedUntil",
                "Give a time from 1990 to 2199, or leave it out."
            );
            yield break;
        }

        // The clock may have been ahead when the record was kept, or be behind now.
        DateTimeOffset latest = file.RecordedUntil is { } at && at > now ? at : now;
        IEnumerable<ValidationError> rest = Times(file, latest + RecordTime.Leeway)
            .Concat(Odometers(file))
            .Concat(Log(file))
            .Concat(Routine(file))
            .Concat(Runs(file));
        if (layout.Length == 0)
        {
            rest = rest.Concat(Surfaces(file)).Concat(Levels(file));
        }

        foreach (ValidationError error in rest)
        {
            yield return error;
        }
    }

    /// <summary>A routine of long ago may have run out since, so only what cannot be read is refused.</summary>
    private static IEnumerable<ValidationError> Routine(VehicleDocument file)
    {
        foreach (var (at, slot) in (file.Routine?.Slots ?? []).Index())
        {
            if (RecurrenceRule.Read(slot.Rule, out _) is { } sentence)
            {
                yield return new ValidationError($"routine.slots[{at}].rule", sentence);
            }
        }

        foreach (var (at, pin) in (file.Routine?.Pins ?? []).Index())
        {
            if (CareTasks.Find(new TaskId(pin.Task)) is null)
            {
                yield return new ValidationError($"routine.pins[{at}].task", "There is no such task.");
            }
        }
    }

    private static IEnumerable<ValidationError> Surfaces(VehicleDocument file)
    {
        if (file.Surfaces is null)
        {
            yield break;
        }

        if (file.Surfaces.All(surface => surface.Absent))
        {
            yield return new ValidationError("surfaces", "Give at least one surface that is there.");
        }

        Surface[] surfaces = [.. file.Surfaces.Select(surface => surface.ToSurface())];
        for (int i = 0; i < surfaces.Length; i++)
        {
            foreach (ValidationError error in SurfaceRules.Check(surfaces[i]))
            {
                yield return error with
                {
                    Property = $"surfaces[{i}].{FileName(error.Property)}",
                };
            }
        }

        foreach (
            ValidationError error in SurfaceRules.CheckTogether(
                surfaces,
                CabinBuilder.Build(file.Layout).Zones
            )
        )
        {
            int dot = error.Property.LastIndexOf('.');
            yield return error with
            {
                Property =
                    dot < 0
                        ? "surfaces"
                        : Camel(error.Property[..dot]) + "." + FileName(error.Property[(dot + 1)..]),
            };
        }
    }

    private static IEnumerable<ValidationError> Levels(VehicleDocument file)
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
                yield return new ValidationError($"levels[{i}].task", "There is no care task of that id.");
            }
            else if (!known.Contains(level.Surface))
            {
                yield return new ValidationError(
                    $"levels[{i}].surface",
                    "This vehicle has no surface of that id."
                );
            }
            else if (!seen.Add(new CareKey(level.Task, level.Surface)))
            {
                yield return new ValidationError(
                    $"levels[{i}]",
                    "This task and surface stand here twice. Give them once."
                );
            }
        }
    }

    /// <summary>The latest instant that a record names; null when it names none.</summary>
    public static DateTimeOffset? LatestOf(VehicleDocument file) => Instants(file).Max(time => time.At);

    private static IEnumerable<(string Path, DateTimeOffset? At)> Instants(VehicleDocument file) =>
        [
            ("addedAt", file.AddedAt),
            ("archivedAt", file.ArchivedAt),
            ("learntSince", file.LearntSince),
            .. file.Use.Select((entry, i) => ($"use[{i}].from", (DateTimeOffset?)entry.From)),
            .. file.Odometer.Select((reading, i) => ($"odometer[{i}].at", (DateTimeOffset?)reading.At)),
            .. file.Levels.Select((level, i) => ($"levels[{i}].from", (DateTimeOffset?)level.From)),
            .. file.Log.Select((entry, i) => ($"log[{i}].at", (DateTimeOffset?)entry.At)),
            .. file.Log.Select((entry, i) => ($"log[{i}].undoneAt", entry.UndoneAt)),
            .. file.Log.Select((entry, i) => ($"log[{i}].settledAt", entry.SettledAt)),
            .. file.Instructions.Select(
                (instruction, i) => ($"instructions[{i}].at", (DateTimeOffset?)instruction.At)
            ),
            .. file.Runs.SelectMany((run, i) => TimesOf(run, $"runs[{i}]")),
        ];

    private static IEnumerable<ValidationError> Times(VehicleDocument file, DateTimeOffset latest)
    {
        foreach (var (path, at) in Instants(file))
        {
            if (at is { } instant && !RecordTime.IsFit(instant, latest))
            {
                yield return new ValidationError(path, RecordTime.HowToGive);
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
                yield return new ValidationError(
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
            .. run.Events.Select((answer, i) => ($"{path}.events[{i}].at", (DateTimeOffset?)answer.At)),
        ];

    /// <summary>Holds each run to what could have been answered in it.</summary>
    private static IEnumerable<ValidationError> Runs(VehicleDocument file)
    {
        if (file.Runs.Count(run => run.FinishedAt is null) > 1)
        {
            yield return new ValidationError("runs", "Only one run can be under way. End the others.");
        }

        for (int i = 0; i < file.Runs.Count; i++)
        {
            RunDocument run = file.Runs[i];
            if (run.Steps.Count == 0)
            {
                yield return new ValidationError($"runs[{i}].steps", "Give at least one step.");
                continue;
            }

            var progress = new RunProgress([.. run.Steps.Select(step => step.ToStep())], run.StartedAt, []);
            for (int place = 0; place < run.Events.Count; place++)
            {
                RunEvent next = run.Events[place].ToEvent();
                string? refusal =
                    next.Towel is null && next.Kind is RunEventKind.FaceTurned or RunEventKind.TowelRetired
                        ? "Say which towel it was about."
                        : progress.Refusal(next);
                if (refusal is not null)
                {
                    yield return new ValidationError($"runs[{i}].events[{place}]", refusal);
                    break;
                }

                progress.Take(next);
            }

            if (progress.FinishedAt is null != run.FinishedAt is null)
            {
                yield return new ValidationError(
                    $"runs[{i}].finishedAt",
                    "A run is over when its events say so, and only then."
                );
            }
        }
    }

    private static IEnumerable<ValidationError> Odometers(VehicleDocument file)
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
            if (known.Exists(earlier => earlier.At == reading.At))
            {
                yield return new ValidationError(
                    $"odometer[{i}].at",
                    "Two readings were taken at this time. Give one."
                );
            }
            else if (Odometer.Refusal(known, reading) is { } refusal)
            {
                yield return new ValidationError($"odometer[{i}].kilometres", refusal);
            }

            known.Add(reading);
        }
    }

    private static IEnumerable<ValidationError> Log(VehicleDocument file)
    {
        for (int i = 0; i < file.Log.Count; i++)
        {
            foreach (ValidationError error in LogEntryRules.Check(file.Log[i]))
            {
                yield return error with
                {
                    Property = $"log[{i}].{error.Property}",
                };
            }

            if (file.Log[i].Run >= file.Runs.Count)
            {
                yield return new ValidationError($"log[{i}].run", "This file has no run at that place.");
            }
        }
    }

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
