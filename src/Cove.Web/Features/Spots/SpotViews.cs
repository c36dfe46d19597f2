using System.ComponentModel.DataAnnotations;

namespace Cove.Web.Features.Spots;

/// <summary>What has to be seen to on a car before anything else, and what is closed to routine work.</summary>
/// <param name="Now">What the owner's clock shows.</param>
/// <param name="Spots">The spots that still have to be seen to or looked at again, the latest first.</param>
/// <param name="Closures">The closed surfaces.</param>
internal sealed record SpotsView(
    DateTimeOffset Now,
    IReadOnlyList<SpotView> Spots,
    IReadOnlyList<ClosureView> Closures
)
{
    public static SpotsView Of(DayPlan day, OwnerClock clock) =>
        new(
            clock.OnTheWall(clock.Now),
            [.. day.Spots.Spots.Select(spot => SpotView.Of(spot, day, clock))],
            [
                .. day.Spots.Closures.Select(closure =>
                    ClosureView.Of(closure, day.Ledger.Vehicle.InCare().Count, clock)
                ),
            ]
        );
}

/// <summary>A spot with first aid for it.</summary>
/// <param name="Event">The id of the event that made it.</param>
/// <param name="Name">What happened.</param>
/// <param name="Kind">What made it.</param>
/// <param name="SurfaceId">The surface.</param>
/// <param name="SurfaceName">Its name.</param>
/// <param name="Material">What it is made of.</param>
/// <param name="Ground">What it is, as far as first aid goes by it.</param>
/// <param name="At">When it happened.</param>
/// <param name="Note">The owner's words for it.</param>
/// <param name="Outcome">How it stood when somebody last saw to it; null while nobody has.</param>
/// <param name="LookFrom">From when on it can be looked at again; null while nobody has treated it.</param>
/// <param name="First">The one thing to do first.</param>
/// <param name="Steps">The steps.</param>
/// <param name="Takes">What they take, in minutes.</param>
/// <param name="DryingMinutes">How long it dries afterwards.</param>
/// <param name="Never">What not to do.</param>
/// <param name="Cautions">What could hurt the owner or the car.</param>
/// <param name="LookAgain">What to look for when it is dry.</param>
/// <param name="Cleaner">The product to clean it with; null when nothing at hand may, or none is needed.</param>
/// <param name="KeepOff">A cleaner on the shelf that must not touch it; null when there is none.</param>
internal sealed record SpotView(
    string Event,
    string Name,
    SpotKind Kind,
    string SurfaceId,
    string SurfaceName,
    string Material,
    SpotGround Ground,
    DateTimeOffset At,
    string Note,
    SpotOutcome? Outcome,
    DateTimeOffset? LookFrom,
    string First,
    IReadOnlyList<SpotStepView> Steps,
    double Takes,
    double DryingMinutes,
    string Never,
    IReadOnlyList<string> Cautions,
    string LookAgain,
    SpotProductView? Cleaner,
    SpotProductView? KeepOff
)
{
    public static SpotView Of(OpenSpot spot, DayPlan day, OwnerClock clock)
    {
        FirstAid aid = spot.Aid;
        SpotProducts products = day.ProductsFor(spot);
        return new SpotView(
            spot.EventId.Value,
            CareEvents.Find(spot.EventId)!.Name,
            spot.Kind,
            spot.Surface.Id.Value,
            spot.Surface.Name,
            SurfaceWords.NameOf(spot.Surface.Material),
            aid.Ground,
            clock.OnTheWall(spot.At),
            spot.Note,
            spot.Outcome,
            spot.LookFrom is { } from ? clock.OnTheWall(from) : null,
            aid.First,
            [
                .. aid
                    .Steps.Where(step => !step.Cleaner || products.Cleaner is not null)
                    .Select(step => new SpotStepView(step.Text, step.Minutes, step.Cleaner)),
            ],
            aid.Takes.TotalMinutes,
            spot.Drying.TotalMinutes,
            aid.Never,
            aid.Cautions,
            aid.LookAgain,
            products.Cleaner is { } cleaner ? SpotProductView.Of(cleaner) : null,
            products.KeepOff is { } keepOff ? SpotProductView.Of(keepOff) : null
        );
    }
}

/// <summary>One step of first aid.</summary>
/// <param name="Text">What to do.</param>
/// <param name="Minutes">How long it takes.</param>
/// <param name="UsesCleaner">Whether it uses the cleaner.</param>
internal sealed record SpotStepView(string Text, double Minutes, bool UsesCleaner);

/// <summary>A product on a spot, with the verdict.</summary>
/// <param name="ProductId">The product.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Strength">The strength in words that cannot be misread.</param>
/// <param name="Verdict">The verdict.</param>
/// <param name="Why">The reason that decides.</param>
/// <param name="Cautions">What to do otherwise and what to wear.</param>
internal sealed record SpotProductView(
    Guid ProductId,
    string Name,
    string Strength,
    Verdict Verdict,
    string Why,
    IReadOnlyList<string> Cautions
)
{
    public static SpotProductView Of(Pick pick) =>
        new(
            pick.Product.Id,
            pick.Product.Name,
            pick.Strength.InWords(),
            pick.Judgement.Verdict,
            pick.Judgement.Decisive.Sentence,
            SafetyWords.CautionsOf(pick.Judgement)
        );
}

/// <summary>A surface that is closed to routine work.</summary>
/// <param name="SurfaceId">The surface.</param>
/// <param name="SurfaceName">Its name.</param>
/// <param name="Kind">What closed it; null where the owner gave it to a professional.</param>
/// <param name="Since">Since when.</param>
/// <param name="Why">Why, as a sentence.</param>
/// <param name="Who">Who deals with it, as a sentence.</param>
/// <param name="First">What to do first; empty where it is with a professional.</param>
/// <param name="Cautions">What could hurt; none where it is with a professional.</param>
/// <param name="Meanwhile">What to do at once, in order, until somebody comes; none where it is with a professional.</param>
/// <param name="Never">What not to do; empty where it is with a professional.</param>
/// <param name="Around">The names of what lies around it and is closed as well.</param>
/// <param name="WholeCar">Whether nothing of the car is open.</param>
internal sealed record ClosureView(
    string SurfaceId,
    string SurfaceName,
    SpotKind? Kind,
    DateTimeOffset Since,
    string Why,
    string Who,
    string First,
    IReadOnlyList<string> Cautions,
    IReadOnlyList<string> Meanwhile,
    string Never,
    IReadOnlyList<string> Around,
    bool WholeCar
)
{
    public static ClosureView Of(Closure closure, int surfaces, OwnerClock clock)
    {
        FirstAid? aid = closure.Kind is { } kind ? FirstAid.For(kind, closure.Surface.Make) : null;
        return new ClosureView(
            closure.Surface.Id.Value,
            closure.Surface.Name,
            closure.Kind,
            clock.OnTheWall(closure.Since),
            closure.Why,
            closure.Who,
            aid?.First ?? string.Empty,
            aid?.Cautions ?? [],
            aid?.Meanwhile ?? [],
            aid?.Never ?? string.Empty,
            [.. closure.Around.Select(surface => surface.Name)],
            closure.Around.Count == surfaces - 1
        );
    }
}

/// <summary>How a spot stands after somebody saw to it.</summary>
public sealed record SpotAnswer
{
    /// <summary>The id of the event that made it.</summary>
    [StringLength(40, ErrorMessage = "Use the id of an event that makes spots.")]
    public required string Event { get; init; }

    /// <summary>The surface.</summary>
    [StringLength(40, ErrorMessage = "Use the id of a surface of this vehicle.")]
    public required string SurfaceId { get; init; }

    /// <summary>How it stands.</summary>
    public required SpotOutcome Outcome { get; init; }
}

/// <summary>Surfaces to close to routine work, or to open again.</summary>
public sealed record ClosureAnswer
{
    /// <summary>The ids of the surfaces, 1 to 200.</summary>
    [Length(1, 200, ErrorMessage = "Name 1 to 200 surfaces.")]
    public required IReadOnlyList<string> SurfaceIds { get; init; }

    /// <summary>How they stand now.</summary>
    public required ClosureState State { get; init; }
}
