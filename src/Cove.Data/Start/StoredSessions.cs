using System.Globalization;
using System.Text.Json;
using System.Text.Json.Nodes;

namespace Cove.Data;

/// <summary>Rewrites what earlier versions stored of planned sessions in the form of this one.</summary>
/// <remarks>Version 1 wrote choices as their place in a list and left names to be looked up on the car, which may have changed since. The lists as they were then stand here and are never touched again.</remarks>
internal static class StoredSessions
{
    private static readonly string[] Kits =
    [
        "vacuum",
        "dampTowels",
        "dryBrushes",
        "wetKit",
        "fabricKit",
        "leatherKit",
        "protectKit",
        "glassKit",
        "matWash",
    ];

    private static readonly string[] Applications =
    [
        "dry",
        "onTowel",
        "onApplicator",
        "onBrush",
        "foam",
        "directSpray",
        "soak",
    ];

    private static readonly string[] Tools =
    [
        "microfibreTowel",
        "glassTowel",
        "usedTowel",
        "paperTowel",
        "chamois",
        "applicator",
        "softBrush",
        "stiffBrush",
        "gel",
        "vacuum",
        "blower",
        "compressedAir",
        "steamer",
        "extractor",
        "reachTool",
        "scraper",
        "melamineSponge",
    ];

    /// <summary>Rewrites what is of version 1, each session by itself. One that cannot be understood stays as it is.</summary>
    public static void BringUpToDate(CoveContext context)
    {
        foreach (
            SessionRow row in context
                .Sessions.IgnoreQueryFilters()
                .Where(row => EF.Functions.Like(row.Steps, "[%"))
                .OrderBy(row => row.Id)
                .ToArray()
        )
        {
            VehicleRow? vehicle = context
                .Vehicles.IgnoreQueryFilters()
                .AsNoTracking()
                .Include(known => known.Surfaces)
                .FirstOrDefault(known => known.Id == row.VehicleId);
            if (
                vehicle is not null
                && UnreadableRowException.Try(() => Rewrite(row, vehicle.ToVehicle())) is { } steps
            )
            {
                row.Steps = steps;
            }
        }

        context.SaveChanges();
    }

    private static string Rewrite(SessionRow row, Vehicle vehicle)
    {
        try
        {
            JsonArray old = JsonNode.Parse(row.Steps)!.AsArray();
            Dictionary<string, string> zones = vehicle
                .ToCabin()
                .Zones.ToDictionary(zone => zone.Id.Value, zone => zone.Name, StringComparer.Ordinal);
            return StoredJson.Write(
                new SessionDocument
                {
                    Version = SessionDocument.Current,
                    Steps = [.. old.Select(step => Step(step!.AsObject(), vehicle, zones))],
                }
            );
        }
        catch (Exception error)
            when (error
                    is JsonException
                        or InvalidOperationException
                        or FormatException
                        or OverflowException
                        or NullReferenceException
                        or IndexOutOfRangeException
                        or ArgumentException
            )
        {
            throw new UnreadableRowException("Sessions", $"{row.Id}", error);
        }
    }

    private static StepDocument Step(JsonObject old, Vehicle vehicle, Dictionary<string, string> zones)
    {
        string task = (string)old["TaskId"]!;
        bool putsBack = (bool)old["PutsBack"]!;
        double drying = Seconds(old["Drying"]!);
        LoggedMethodDocument[] methods =
        [
            .. Each(old, "Methods")
                .Select(method => new LoggedMethodDocument
                {
                    Method = (string)method["MethodId"]!,
                    Rounds = (int)method["Rounds"]!,
                    Surfaces = Texts(method["SurfaceIds"]),
                }),
        ];
        var touched = methods.SelectMany(method => method.Surfaces).ToHashSet(StringComparer.Ordinal);
        return new StepDocument
        {
            Task = task,
            Name = RunStep.NameOf(task, putsBack),
            PutsBack = putsBack,
            PlannedSeconds = Seconds(old["Planned"]!),
            Kits = [.. old["Fetch"]!.AsArray().Select(kit => Word<Core.Upkeep.Tasks.Kit>(Kits, kit!))],
            Places = [.. Texts(old["Zones"]).Select(id => zones.GetValueOrDefault(id, id))],
            DryingSeconds = drying,
            DryingWhat =
                drying > 0
                    ? Core.Upkeep.Tasks.CareTasks.Find(task)?.DryingWhat ?? string.Empty
                    : string.Empty,
            Surfaces =
            [
                .. vehicle
                    .Surfaces.Where(surface => touched.Contains(surface.Id.Value))
                    .Select(surface => StepSurfaceDocument.Of(StepSurface.Of(surface, null))),
            ],
            Methods = methods,
            Products = [.. Each(old, "Products").Select(Product)],
            Lacks = Texts(old["Lacks"]),
        };
    }

    private static StepProductDocument Product(JsonObject old) =>
        new()
        {
            Id = (Guid)old["ProductId"]!,
            Name = (string)old["Name"]!,
            Strength = (double)old["Strength"]!,
            Application = Word<Core.Catalogue.Tools.Application>(Applications, old["Application"]!),
            Tool = Word<Core.Catalogue.Tools.Tool>(Tools, old["Tool"]!),
            Surfaces = Texts(old["Surfaces"]),
            Amount = (double)old["Amount"]!["Value"]!,
            Cautions = Texts(old["Cautions"]),
        };

    private static IEnumerable<JsonObject> Each(JsonObject old, string name) =>
        old[name]?.AsArray().Select(node => node!.AsObject()) ?? [];

    private static string[] Texts(JsonNode? list) =>
        list is null ? [] : [.. list.AsArray().Select(text => (string)text!)];

    private static T Word<T>(string[] words, JsonNode place)
        where T : struct, Enum => Enum.Parse<T>(words[(int)place], ignoreCase: true);

    private static double Seconds(JsonNode span) =>
        TimeSpan.Parse((string)span!, CultureInfo.InvariantCulture).TotalSeconds;
}
