using System.ComponentModel.DataAnnotations;
using Cove.Web.Features.Inspections;

namespace Cove.Web.Features.DeepCleans;

/// <summary>How it stands with the deep clean of a car.</summary>
/// <param name="Sentence">When it is due, in words.</param>
/// <param name="Due">The day; null when that is beyond ten years.</param>
/// <param name="Soonest">In nine cases of ten no sooner.</param>
/// <param name="Latest">In nine cases of ten no later; null when that is beyond ten years.</param>
/// <param name="LastDone">The day of the last one that took anything out; null when there was none.</param>
/// <param name="Pressing">How fast soil settles in this car, in words.</param>
/// <param name="WithRoutine">From one to the next with the routine, in words; empty when that is beyond ten years.</param>
/// <param name="WithoutRoutine">The same if nobody cared for the car.</param>
/// <param name="Spared">What the routine spares beside the price of a shop, in words; empty while that is not known.</param>
/// <param name="Surfaces">What has settled in each surface, the worst first.</param>
/// <param name="Checks">The tests that tell of it.</param>
/// <param name="Steps">The steps of the day, in order.</param>
/// <param name="Needs">What has to be at hand.</param>
/// <param name="Minutes">The hands-on minutes of the day.</param>
/// <param name="DryingHours">How long it dries.</param>
/// <param name="NotForOwners">What is no owner's work.</param>
/// <param name="Prices">What a deep clean costs.</param>
/// <param name="Currency">The owner's currency; empty for amounts without one.</param>
/// <param name="Today">The owner's present day.</param>
internal sealed record DeepCleanView(
    string Sentence,
    DateOnly? Due,
    DateOnly? Soonest,
    DateOnly? Latest,
    DateOnly? LastDone,
    string Pressing,
    string WithRoutine,
    string WithoutRoutine,
    string Spared,
    IReadOnlyList<EmbeddedSurfaceView> Surfaces,
    IReadOnlyList<InspectionView> Checks,
    IReadOnlyList<DeepCleanStepView> Steps,
    IReadOnlyList<string> Needs,
    double Minutes,
    double DryingHours,
    string NotForOwners,
    PricesRequest Prices,
    string Currency,
    DateOnly Today
)
{
    public static DeepCleanView Of(
        EmbeddedBook book,
        DeepCleanForecast forecast,
        DeepCleanSpacing spacing,
        DeepCleanDay day,
        PricesDocument prices,
        string currency,
        OwnerClock clock
    ) =>
        new(
            DeepCleanWords.Of(forecast, clock.Today),
            forecast.Due,
            forecast.Soonest,
            forecast.Latest,
            book.LastDeepClean is { } last ? DateOnly.FromDateTime(clock.OnTheWall(last).DateTime) : null,
            DeepCleanWords.OfPressing(book.Pressing),
            spacing.With is { } with ? DeepCleanWords.Span(with) : string.Empty,
            spacing.Without is { } without ? DeepCleanWords.Span(without) : string.Empty,
            DeepCleanWords.Spared(spacing, prices.Shop, currency),
            [
                .. book
                    .Surfaces.OrderByDescending(soil => soil.Level)
                    .Select(soil => new EmbeddedSurfaceView(
                        soil.Surface.Id.Value,
                        soil.Surface.Name,
                        Math.Round(soil.Level, 3),
                        Math.Round(soil.Low, 3),
                        Math.Round(soil.High, 3),
                        Embedding.Decides(soil.Surface)
                    )),
            ],
            book.Worst is { } worst
                ?
                [
                    .. InspectionTable
                        .All.Where(test => test.TellsOfEmbedded)
                        .Select(test => InspectionView.Of(test, worst.Surface)),
                ]
                : [],
            [
                .. day.Steps.Select(step => new DeepCleanStepView(
                    step.Id,
                    step.Name,
                    step.How,
                    step.Minutes,
                    step.Caution
                )),
            ],
            day.Needs,
            Math.Round(day.Hands.TotalMinutes),
            DeepCleanDay.Drying.TotalHours,
            DeepCleanDay.NotForOwners,
            new PricesRequest { Shop = prices.Shop, Hire = prices.Hire },
            currency,
            clock.Today
        );
}

/// <summary>What has settled in one surface.</summary>
/// <param name="SurfaceId">The surface.</param>
/// <param name="Name">Its name.</param>
/// <param name="Level">How much: 1 is the mark.</param>
/// <param name="Low">The lower end of the band that holds nine cases of ten.</param>
/// <param name="High">The upper end of that band.</param>
/// <param name="Decides">Whether it decides when a deep clean is due.</param>
internal sealed record EmbeddedSurfaceView(
    string SurfaceId,
    string Name,
    double Level,
    double Low,
    double High,
    bool Decides
);

/// <summary>A step of the day.</summary>
/// <param name="Id">The step.</param>
/// <param name="Name">What to do.</param>
/// <param name="How">How.</param>
/// <param name="Minutes">How long it takes.</param>
/// <param name="Caution">What to beware of; null for nothing beyond the usual.</param>
internal sealed record DeepCleanStepView(string Id, string Name, string How, double Minutes, string? Caution);

/// <summary>That a car was cleaned deeply.</summary>
public sealed record NewDeepClean
{
    /// <summary>The day on which it was finished, on the owner's calendar and not in the future; null for now.</summary>
    public DateOnly? Day { get; init; }

    /// <summary>By whom.</summary>
    public required DeepCleanBy By { get; init; }

    /// <summary>What was done; at least one thing.</summary>
    [MaxLength(5, ErrorMessage = "Name each part once.")]
    public required IReadOnlyList<DeepCleanParts> Parts { get; init; }

    /// <summary>What it cost, in the owner's currency; null when that is not known.</summary>
    [Range(0, 1_000_000, ErrorMessage = "Say a price from 0 to 1,000,000.")]
    public decimal? Cost { get; init; }

    /// <summary>The hours it took, drying not included; 0 when that is not known.</summary>
    [Range(0.0, 24.0, ErrorMessage = "Say 0 to 24 hours.")]
    public double Hours { get; init; }

    /// <summary>A note; up to 500 characters.</summary>
    [Note(500, Lines = true)]
    public string Note { get; init; } = string.Empty;
}

/// <summary>What came of recording one.</summary>
/// <param name="EntryId">The log entry, by which it can be undone.</param>
/// <param name="Version">The version of that entry.</param>
internal sealed record DeepCleanRecorded(Guid EntryId, int Version);

/// <summary>What a deep clean costs.</summary>
public sealed record PricesRequest
{
    private const string HowToSay = "Say a price from 0 to 1,000,000.";

    /// <summary>What a shop asks; null when that is not known.</summary>
    [Range(0, 1_000_000, ErrorMessage = HowToSay)]
    public decimal? Shop { get; init; }

    /// <summary>What hiring a machine for a day costs; null when that is not known.</summary>
    [Range(0, 1_000_000, ErrorMessage = HowToSay)]
    public decimal? Hire { get; init; }
}
