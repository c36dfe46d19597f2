using Cove.Web.Features.Choices;
using Cove.Web.Features.Inspections;
using Cove.Web.Features.Methods;
using Cove.Web.Features.Vehicles;

namespace Cove.Web.Features.Cabin;

/// <summary>The cabin as a chart.</summary>
/// <param name="Vehicle">The vehicle.</param>
/// <param name="Now">What the owner's clock shows.</param>
/// <param name="KilometresAWeek">How far the vehicle is driven.</param>
/// <param name="Plan">The drawing.</param>
/// <param name="Version">Names the state of the vehicle; send it in If-Match with a change to a surface.</param>
/// <param name="Zones">The zones, in walking order.</param>
/// <param name="Surfaces">How each surface stands, in walking order.</param>
/// <param name="OverMark">How many surfaces are at or over the mark.</param>
/// <param name="WithinAWeek">How many others come due within a week.</param>
/// <param name="SoonestFirst">Ids of the surfaces, what comes due soonest first.</param>
internal sealed record CabinView(
    VehicleView Vehicle,
    DateTimeOffset Now,
    double KilometresAWeek,
    CabinPlan Plan,
    int Version,
    IReadOnlyList<NamedView> Zones,
    IReadOnlyList<SurfaceOnChartView> Surfaces,
    int OverMark,
    int WithinAWeek,
    IReadOnlyList<string> SoonestFirst
);

/// <summary>How one surface stands. Of all the tasks that tend it, the one that comes due first decides.</summary>
/// <param name="Id">The surface.</param>
/// <param name="Name">Its name.</param>
/// <param name="ShortName">Its name in one or two words.</param>
/// <param name="Zone">The name of the zone it is reached from.</param>
/// <param name="ZoneId">The id of that zone.</param>
/// <param name="Level">The level of that task; 1 is the mark.</param>
/// <param name="DaysLeft">Days to the mark; null when it never comes due.</param>
/// <param name="OverMark">Whether it is at or over the mark.</param>
/// <param name="TaskName">The task that comes due first.</param>
/// <param name="Tinted">Whether tint film is on the inside.</param>
/// <param name="Worn">Whether it is marked as worn, not dirty.</param>
/// <param name="Note">What befell it lately, in a few words; empty for nothing.</param>
internal sealed record SurfaceOnChartView(
    string Id,
    string Name,
    string ShortName,
    string Zone,
    string ZoneId,
    double Level,
    int? DaysLeft,
    bool OverMark,
    string TaskName,
    bool Tinted,
    bool Worn,
    string Note
);

/// <summary>Everything about one surface.</summary>
/// <param name="Id">The surface.</param>
/// <param name="Name">Its name.</param>
/// <param name="Version">Names the state of the vehicle; send it in If-Match with a change to the surface.</param>
/// <param name="About">What it is made of and what to know about it.</param>
/// <param name="Zone">The name of the zone it is reached from.</param>
/// <param name="SquareMetres">Its area.</param>
/// <param name="Wear">What is worn on it and not dirty; null when nothing is.</param>
/// <param name="PartOf">The name of the surface it was cut from; null for a whole one.</param>
/// <param name="PartOfId">The id of that surface.</param>
/// <param name="Now">What the owner's clock shows.</param>
/// <param name="Tasks">The tasks that tend it, the one that comes due first in front.</param>
/// <param name="Inspections">What can be looked at here.</param>
/// <param name="Notes">The latest looks and events here, newest first.</param>
internal sealed record SurfaceView(
    string Id,
    string Name,
    int Version,
    IReadOnlyList<string> About,
    string Zone,
    double SquareMetres,
    string? Wear,
    string? PartOf,
    string? PartOfId,
    DateTimeOffset Now,
    IReadOnlyList<SurfaceTaskView> Tasks,
    IReadOnlyList<InspectionView> Inspections,
    IReadOnlyList<SurfaceNoteView> Notes
);

/// <summary>Something that was seen or happened on a surface.</summary>
/// <param name="Id">The log entry.</param>
/// <param name="Version">Names the state of the entry; send it in If-Match to undo it.</param>
/// <param name="At">When.</param>
/// <param name="IsLook">Whether it was a look rather than an event.</param>
/// <param name="Words">What was seen or happened, with the owner's note.</param>
internal sealed record SurfaceNoteView(Guid Id, int Version, DateTimeOffset At, bool IsLook, string Words);

/// <summary>How one task stands on one surface, and why.</summary>
/// <param name="TaskId">The care task.</param>
/// <param name="Name">What to do.</param>
/// <param name="Level">The level; 1 is the mark.</param>
/// <param name="DaysLeft">Days to the mark; null when it never comes due.</param>
/// <param name="DueDate">The first day at the mark; null when it never comes.</param>
/// <param name="BaselineDays">Days from fresh to the mark at reference use.</param>
/// <param name="Effects">What makes it otherwise here.</param>
/// <param name="IntervalDays">Days from fresh to the mark here; null when it never gets there.</param>
/// <param name="Learnt">What looks have taught of how fast it comes round, as a sentence.</param>
/// <param name="LearntLooks">From how many looks at this task.</param>
/// <param name="History">The level over the last weeks, corner by corner.</param>
/// <param name="Ahead">Where the level goes from now: to the next mark, or four weeks ahead when that is sooner; now, when it is over the mark already.</param>
/// <param name="Minutes">Minutes of hands for the whole task.</param>
/// <param name="Choice">What it is best done with here; null when it is done dry.</param>
/// <param name="Method">How it is done here.</param>
/// <param name="Rounds">How often that is gone through.</param>
/// <param name="AlsoTends">Other surfaces that the task tends, by name.</param>
internal sealed record SurfaceTaskView(
    string TaskId,
    string Name,
    double Level,
    int? DaysLeft,
    DateOnly? DueDate,
    double BaselineDays,
    IReadOnlyList<EffectView> Effects,
    double? IntervalDays,
    string Learnt,
    int LearntLooks,
    IReadOnlyList<LevelPointView> History,
    LevelPointView Ahead,
    double Minutes,
    SurfaceChoiceView? Choice,
    MethodView Method,
    int Rounds,
    IReadOnlyList<string> AlsoTends
);

/// <summary>One cause that makes an interval longer or shorter.</summary>
/// <param name="Cause">The cause.</param>
/// <param name="Days">Days it adds; negative when it shortens.</param>
internal sealed record EffectView(string Cause, double Days);

/// <summary>A level at an instant.</summary>
/// <param name="At">The instant.</param>
/// <param name="Level">The level; 1 is the mark.</param>
/// <param name="Low">The lower end of the band in which it lies in nine cases of ten.</param>
/// <param name="High">The upper end of that band.</param>
internal sealed record LevelPointView(DateTimeOffset At, double Level, double Low, double High);
