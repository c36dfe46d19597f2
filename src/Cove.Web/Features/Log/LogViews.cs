using System.ComponentModel.DataAnnotations;
using Cove.Web.Features.Photos;

namespace Cove.Web.Features.Log;

/// <summary>Part of the log, newest first.</summary>
/// <param name="Entries">The entries.</param>
/// <param name="Total">How many there are in all.</param>
/// <param name="Now">What the owner's clock shows.</param>
internal sealed record LogView(IReadOnlyList<LogEntryView> Entries, int Total, DateTimeOffset Now);

/// <summary>One entry.</summary>
/// <param name="Id">The entry.</param>
/// <param name="Version">Names the state of the entry; send it in If-Match with a change.</param>
/// <param name="Kind">What it records.</param>
/// <param name="Name">What was done, happened or was seen.</param>
/// <param name="Surfaces">The surfaces it was about, by name; none for care wherever it applies.</param>
/// <param name="At">When.</param>
/// <param name="PlannedMinutes">Planned minutes; 0 for events.</param>
/// <param name="TakenMinutes">Minutes taken; 0 for events.</param>
/// <param name="CameClean">Whether it came clean; true for events.</param>
/// <param name="Note">The owner's note.</param>
/// <param name="Products">The products that were used; none for other kinds than care.</param>
/// <param name="Photos">The photos that belong to it.</param>
/// <param name="Undone">Whether it was undone and counts no more.</param>
/// <param name="RunId">The run that wrote it; null for what was said without one.</param>
internal sealed record LogEntryView(
    Guid Id,
    int Version,
    LogEntryKind Kind,
    string Name,
    IReadOnlyList<string> Surfaces,
    DateTimeOffset At,
    double PlannedMinutes,
    double TakenMinutes,
    bool CameClean,
    string Note,
    IReadOnlyList<LoggedProductView> Products,
    IReadOnlyList<PhotoView> Photos,
    bool Undone,
    Guid? RunId
);

/// <summary>A product that was used.</summary>
/// <param name="Name">What it was called then.</param>
/// <param name="Strength">The strength.</param>
/// <param name="Amount">How much of the product, without water; in millilitres or pieces.</param>
internal sealed record LoggedProductView(string Name, string Strength, double Amount);

/// <summary>How an entry should read instead.</summary>
public sealed record LogCorrection
{
    /// <summary>When it was really done or happened; not in the future.</summary>
    public required DateTimeOffset At { get; init; }

    /// <summary>Minutes it really took; 0 to 1,440.</summary>
    [Range(0, 1440, ErrorMessage = "Say 0 to 1,440 minutes.")]
    public required double TakenMinutes { get; init; }

    /// <summary>Whether it came clean. Means nothing for events.</summary>
    public required bool CameClean { get; init; }

    /// <summary>The owner's note; up to 500 characters.</summary>
    [Note(500, Lines = true)]
    public required string Note { get; init; }
}

/// <summary>Something that happened to the car.</summary>
public sealed record NewEvent
{
    /// <summary>Id of the event, as listed.</summary>
    [StringLength(40, ErrorMessage = "Choose one of the events on offer.")]
    public required string Event { get; init; }

    /// <summary>The surfaces it touched, up to 200; none for every surface that such an event raises anything on.</summary>
    [MaxLength(200, ErrorMessage = "Name at most 200 surfaces.")]
    public required IReadOnlyList<string> SurfaceIds { get; init; }

    /// <summary>A note; up to 500 characters.</summary>
    [Note(500, Lines = true)]
    public string Note { get; init; } = string.Empty;
}

/// <summary>An event on offer.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What happened.</param>
/// <param name="WholeCar">Whether it usually touches the whole car rather than one place.</param>
/// <param name="Spot">Whether it makes a spot that is seen to before anything else.</param>
/// <param name="Hurts">Whether it can hurt people, so that it closes what it is on instead of being treated.</param>
internal sealed record EventChoiceView(string Id, string Name, bool WholeCar, bool Spot, bool Hurts);
