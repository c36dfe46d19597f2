using System.ComponentModel.DataAnnotations;
using Microsoft.AspNetCore.Mvc;

namespace Cove.Web.Features.Log;

/// <summary>Which entries of a log are asked for; what is left out does not matter.</summary>
public sealed record LogQuery
{
    /// <summary>How many of the newest to pass over.</summary>
    [Range(0, 1_000_000, ErrorMessage = "Say how many entries to pass over, from 0.")]
    [FromQuery(Name = "skip")]
    public int? Skip { get; init; }

    /// <summary>Only those of a kind, by the word that entries have for it.</summary>
    [AllowedValues(
        null,
        "care",
        "event",
        "look",
        "spotTest",
        "note",
        "chore",
        "spot",
        "closure",
        "deepClean",
        ErrorMessage = "Choose care, event, look, spotTest, note, chore, spot, closure or deepClean."
    )]
    [FromQuery(Name = "kind")]
    public string? Kind { get; init; }

    /// <summary>Only those of a care task, by its id.</summary>
    [StringLength(40, ErrorMessage = "Use the id of a care task.")]
    [FromQuery(Name = "task")]
    public string? Task { get; init; }

    /// <summary>Only those about a surface, by its id.</summary>
    [StringLength(SurfaceRules.LongestName, ErrorMessage = "Use the id of a surface of this vehicle.")]
    [FromQuery(Name = "surface")]
    public string? Surface { get; init; }

    /// <summary>Only those in which a product was used or tested.</summary>
    [FromQuery(Name = "product")]
    public Guid? Product { get; init; }

    /// <summary>Only those from a day on.</summary>
    [FromQuery(Name = "from")]
    public DateOnly? From { get; init; }

    /// <summary>Only those up to a day, that day included.</summary>
    [FromQuery(Name = "until")]
    public DateOnly? Until { get; init; }

    /// <summary>Only those in whose note, product or name this stands.</summary>
    [StringLength(80, ErrorMessage = "Look for up to 80 characters.")]
    [FromQuery(Name = "text")]
    public string? Text { get; init; }

    internal LogFilter ToFilter(Vehicle vehicle, OwnerClock clock)
    {
        Surface? surface = vehicle.Surfaces.FirstOrDefault(known => known.Id.Value == Surface);
        return new LogFilter
        {
            Kind = Kind is { } kind ? Enum.Parse<LogEntryKind>(kind, ignoreCase: true) : null,
            Task = Task is { Length: > 0 } task ? new TaskId(task) : default(TaskId?),
            Surface = Surface is { Length: > 0 } about ? new SurfaceId(about) : default(SurfaceId?),
            TasksThere = surface is null
                ? []
                : [.. CareTasks.All.Where(known => known.Tends(surface)).Select(known => known.Id)],
            Product = Product is { } product ? new ProductId(product) : null,
            // Before the first year and after the last no instant can be told.
            From = From is { Year: > 1 } from ? RecordTime.StartOf(from, clock.Zone) : null,
            Before = Until is { Year: < 9999 } until
                ? RecordTime.StartOf(until.AddDays(1), clock.Zone)
                : null,
            Text = Text?.Trim() ?? string.Empty,
        };
    }
}
