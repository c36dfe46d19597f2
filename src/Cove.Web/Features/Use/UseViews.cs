using System.ComponentModel.DataAnnotations;

namespace Cove.Web.Features.Use;

/// <summary>How a vehicle is used.</summary>
/// <param name="Use">What the owner last said.</param>
/// <param name="Version">Names the state of what was said; send it in If-Match with a change.</param>
/// <param name="MeasuredKilometresAWeek">What the odometer says of the distance instead; null without two readings.</param>
/// <param name="Readings">The readings of the odometer, newest first.</param>
/// <param name="Feed">What the odometer feed calls itself.</param>
internal sealed record UseView(
    UseDocument Use,
    int Version,
    double? MeasuredKilometresAWeek,
    IReadOnlyList<ReadingView> Readings,
    string Feed
);

/// <summary>A reading of the odometer.</summary>
/// <param name="At">When it was read.</param>
/// <param name="Kilometres">What it showed.</param>
/// <param name="Simulated">Whether it came from the simulated feed.</param>
internal sealed record ReadingView(DateTimeOffset At, double Kilometres, bool Simulated);

/// <summary>What a change of use does to the dates.</summary>
/// <param name="Moved">The tasks whose date is another one, the most hastened first.</param>
/// <param name="Sooner">How many come sooner.</param>
/// <param name="Later">How many come later.</param>
internal sealed record MovesView(IReadOnlyList<MovedView> Moved, int Sooner, int Later)
{
    public static MovesView Of(IReadOnlyList<MovedDate> moved)
    {
        MovedView[] views =
        [
            .. moved.Select(date => new MovedView(
                date.Task.Id.Value,
                date.Task.Name,
                date.Before,
                date.After,
                date.Days
            )),
        ];
        return new MovesView(
            views,
            moved.Count(date => date.Before is null || date.Days < 0),
            moved.Count(date => date.After is null || date.Days > 0)
        );
    }
}

/// <summary>A task whose date moved.</summary>
/// <param name="TaskId">The task.</param>
/// <param name="Name">Its name.</param>
/// <param name="Before">The date before; null when it never came.</param>
/// <param name="After">The date now; null when it never comes.</param>
/// <param name="Days">Days it moved, negative when it came nearer; null from or to never.</param>
internal sealed record MovedView(string TaskId, string Name, DateOnly? Before, DateOnly? After, int? Days);

/// <summary>How far a vehicle is driven from now on.</summary>
public sealed record NewDistance
{
    /// <summary>Kilometres in a week; 0 to 10,000.</summary>
    [Range(
        0,
        WeeklyDistance.MaximumKilometres,
        ErrorMessage = "Say how far it is driven in a week. No car is driven as far as that."
    )]
    public required double KilometresAWeek { get; init; }
}

/// <summary>What the odometer shows.</summary>
public sealed record NewReading
{
    /// <summary>What it shows; 0 to 3,000,000.</summary>
    [Range(
        0,
        Odometer.MostKilometres,
        ErrorMessage = "Give what the odometer shows. No odometer shows less than 0 or as much as that."
    )]
    public required double Kilometres { get; init; }

    /// <summary>When it was read; now, when it is left out.</summary>
    public DateTimeOffset? At { get; init; }
}
