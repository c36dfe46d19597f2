using System.Text.Json;

namespace Cove.Web.Features.Vehicles;

/// <summary>Everything that can be chosen for a vehicle, its surfaces and its use.</summary>
/// <param name="Bodies">The body types with what each allows, and the usual car of each.</param>
/// <param name="Materials">What each answer of the layout that is a material can be, by the name of the field.</param>
/// <param name="TrimFinishes">The finishes of the console trim.</param>
/// <param name="MostScreens">The most screens.</param>
/// <param name="MostChildSeats">The most child seats.</param>
/// <param name="Kinds">The kinds of surface with what each can be made of.</param>
/// <param name="MaterialNames">The names of all materials.</param>
/// <param name="FinishNames">The names of all finishes.</param>
/// <param name="FactNames">The names of all facts.</param>
/// <param name="Preventions">What can be put in place to keep soil away.</param>
/// <param name="ReferenceUse">The use for which the intervals of the table hold.</param>
internal sealed record BuilderChoices(
    IReadOnlyList<BodyChoiceView> Bodies,
    IReadOnlyDictionary<string, IReadOnlyList<Material>> Materials,
    IReadOnlyList<Finish> TrimFinishes,
    int MostScreens,
    int MostChildSeats,
    IReadOnlyList<KindChoiceView> Kinds,
    IReadOnlyList<NamedView> MaterialNames,
    IReadOnlyList<NamedView> FinishNames,
    IReadOnlyList<NamedView> FactNames,
    IReadOnlyList<PreventionChoiceView> Preventions,
    Cove.Data.UseDocument ReferenceUse
)
{
    public static BuilderChoices All { get; } =
        new(
            [
                .. BodyShape.All.Select(body => new BodyChoiceView(
                    body.Body,
                    body.Name,
                    body.AllowedRows,
                    body.AllowedDoors,
                    body.MostSeatsInFront,
                    body.MostSeatsBehind,
                    body.BootLength > 0,
                    CabinLayout.Usual(body.Body)
                )),
            ],
            new Dictionary<string, IReadOnlyList<Material>>(StringComparer.Ordinal)
            {
                [Camel(nameof(CabinLayout.SeatMaterial))] = CabinLayout.SeatMaterials,
                [Camel(nameof(CabinLayout.DashMaterial))] = CabinLayout.DashMaterials,
                [Camel(nameof(CabinLayout.HeadlinerMaterial))] = CabinLayout.HeadlinerMaterials,
                [Camel(nameof(CabinLayout.WheelMaterial))] = CabinLayout.WheelMaterials,
                [Camel(nameof(CabinLayout.ClusterMaterial))] = CabinLayout.ClusterMaterials,
                [Camel(nameof(CabinLayout.Floor))] = CabinLayout.FloorMaterials,
                [Camel(nameof(CabinLayout.FrontMats))] = CabinLayout.MatMaterials,
                [Camel(nameof(CabinLayout.RearMats))] = CabinLayout.MatMaterials,
                [Camel(nameof(CabinLayout.Boot))] = CabinLayout.BootMaterials,
            },
            CabinLayout.TrimFinishes,
            CabinLayout.MostScreens,
            CabinLayout.MostChildSeats,
            [
                .. Enum.GetValues<SurfaceKind>()
                    .Where(kind => kind != SurfaceKind.Air)
                    .Select(kind => (kind, options: SurfaceOptions.Of(kind)))
                    .Select(pair => new KindChoiceView(
                        pair.kind,
                        SurfaceWords.PluralOf(pair.kind),
                        pair.options.Materials,
                        pair.options.Finishes,
                        Cove.Data.SurfaceDocument.FactsOf(pair.options.Facts)
                    )),
            ],
            Names(Enum.GetValues<Material>(), SurfaceWords.NameOf, "None"),
            Names(Enum.GetValues<Finish>(), SurfaceWords.NameOf, "Nothing special"),
            [
                .. Enum.GetValues<SurfaceFacts>()
                    .Where(fact => fact != SurfaceFacts.None)
                    .Select(fact => new NamedView(Camel($"{fact}"), SurfaceWords.NameOf(fact))),
            ],
            [
                .. PreventionTable.All.Select(effect => new PreventionChoiceView(
                    effect.Prevention,
                    effect.Name,
                    effect.Kept.Rest.Value,
                    [
                        .. CareTasks
                            .All.Where(task => task.HeldBackBy.Contains(effect.Prevention))
                            .Select(task => task.Name),
                    ]
                )),
            ],
            Cove.Data.UseDocument.Of(CarUse.Reference)
        );

    private static NamedView[] Names<T>(IEnumerable<T> values, Func<T, string> name, string whenEmpty)
        where T : struct, Enum =>
        [
            .. values.Select(value => new NamedView(
                Camel($"{value}"),
                name(value) is { Length: > 0 } words ? words : whenEmpty
            )),
        ];

    private static string Camel(string name) => JsonNamingPolicy.CamelCase.ConvertName(name);
}

/// <summary>A body type on offer.</summary>
/// <param name="Body">The body type.</param>
/// <param name="Name">Its name.</param>
/// <param name="AllowedRows">How many rows of seats it may have, the usual number first.</param>
/// <param name="AllowedDoors">How many side doors it may have, the usual number first.</param>
/// <param name="MostSeatsInFront">The most seats of the first row.</param>
/// <param name="MostSeatsBehind">The most seats of each row behind it.</param>
/// <param name="HasBoot">Whether there is a load floor inside.</param>
/// <param name="Usual">The usual car of this body, to start from.</param>
internal sealed record BodyChoiceView(
    BodyType Body,
    string Name,
    IReadOnlyList<int> AllowedRows,
    IReadOnlyList<int> AllowedDoors,
    int MostSeatsInFront,
    int MostSeatsBehind,
    bool HasBoot,
    CabinLayout Usual
);

/// <summary>A kind of surface on offer.</summary>
/// <param name="Kind">The kind.</param>
/// <param name="Name">What such surfaces are called.</param>
/// <param name="Materials">What they can be made of, the usual material first.</param>
/// <param name="Finishes">How they can be finished.</param>
/// <param name="Facts">The facts that can hold.</param>
internal sealed record KindChoiceView(
    SurfaceKind Kind,
    string Name,
    IReadOnlyList<Material> Materials,
    IReadOnlyList<Finish> Finishes,
    IReadOnlyList<SurfaceFacts> Facts
);

/// <summary>Something that keeps soil away.</summary>
/// <param name="Prevention">What it is.</param>
/// <param name="Name">Its name.</param>
/// <param name="KeepsOff">The share that it keeps off of what it works against.</param>
/// <param name="Tasks">The tasks it helps, by name.</param>
internal sealed record PreventionChoiceView(
    Preventions Prevention,
    string Name,
    double KeepsOff,
    IReadOnlyList<string> Tasks
);
