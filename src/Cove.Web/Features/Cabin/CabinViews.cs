using Cove.Core.Vehicles;
using Cove.Web.Features.Vehicles;

namespace Cove.Web.Features.Cabin;

/// <summary>The cabin as a chart.</summary>
/// <param name="Vehicle">The vehicle.</param>
/// <param name="Now">What the owner's clock shows.</param>
/// <param name="KilometresAWeek">How far the vehicle is driven.</param>
/// <param name="Plan">The drawing.</param>
/// <param name="CentimetresAlong">Centimetres that a plan unit stands for along the car.</param>
/// <param name="CentimetresAcross">Centimetres that a plan unit stands for across the car.</param>
/// <param name="Surfaces">How each surface stands, in walking order.</param>
/// <param name="OverMark">How many surfaces are at or over the mark.</param>
/// <param name="WithinAWeek">How many others come due within a week.</param>
internal sealed record CabinView(
    VehicleView Vehicle,
    DateTimeOffset Now,
    double KilometresAWeek,
    CabinPlan Plan,
    double CentimetresAlong,
    double CentimetresAcross,
    IReadOnlyList<SurfaceOnChartView> Surfaces,
    int OverMark,
    int WithinAWeek
);

/// <summary>How one surface stands. Of all the tasks that tend it, the one that comes due first decides.</summary>
/// <param name="Id">The surface.</param>
/// <param name="Name">Its name.</param>
/// <param name="ShortName">Its name in one or two words.</param>
/// <param name="Zone">The name of the zone it is reached from.</param>
/// <param name="Level">The level of that task; 1 is the mark.</param>
/// <param name="DaysLeft">Days to the mark; null when it never comes due.</param>
/// <param name="OverMark">Whether it is at or over the mark.</param>
/// <param name="TaskName">The task that comes due first.</param>
/// <param name="Tinted">Whether tint film is on the inside.</param>
/// <param name="Note">What befell it lately, in a few words; empty for nothing.</param>
internal sealed record SurfaceOnChartView(
    string Id,
    string Name,
    string ShortName,
    string Zone,
    double Level,
    int? DaysLeft,
    bool OverMark,
    string TaskName,
    bool Tinted,
    string Note
);

/// <summary>Everything about one surface.</summary>
/// <param name="Id">The surface.</param>
/// <param name="Name">Its name.</param>
/// <param name="About">What it is made of and what to know about it.</param>
/// <param name="Zone">The name of the zone it is reached from.</param>
/// <param name="SquareMetres">Its area.</param>
/// <param name="Now">What the owner's clock shows.</param>
/// <param name="Tasks">The tasks that tend it, the one that comes due first in front.</param>
internal sealed record SurfaceView(
    string Id,
    string Name,
    IReadOnlyList<string> About,
    string Zone,
    double SquareMetres,
    DateTimeOffset Now,
    IReadOnlyList<SurfaceTaskView> Tasks
);

/// <summary>How one task stands on one surface, and why.</summary>
/// <param name="TaskId">The care task.</param>
/// <param name="Name">What to do.</param>
/// <param name="Level">The level; 1 is the mark.</param>
/// <param name="DaysLeft">Days to the mark; null when it never comes due.</param>
/// <param name="DueDate">The first day at the mark; null when it never comes.</param>
/// <param name="BaselineDays">Days from fresh to the mark at reference use.</param>
/// <param name="Effects">What makes it otherwise here.</param>
/// <param name="IntervalDays">Days from fresh to the mark here; null when it never gets there.</param>
/// <param name="History">The level over the last weeks, corner by corner.</param>
/// <param name="Ahead">Where the level goes from now: to the next mark, or four weeks ahead when that is sooner; now, when it is over the mark already.</param>
/// <param name="Minutes">Minutes of hands for the whole task.</param>
/// <param name="Product">The role of the product.</param>
/// <param name="Steps">How it is done.</param>
/// <param name="Cautions">What to beware of.</param>
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
    IReadOnlyList<LevelPointView> History,
    LevelPointView Ahead,
    double Minutes,
    string Product,
    IReadOnlyList<string> Steps,
    IReadOnlyList<string> Cautions,
    IReadOnlyList<string> AlsoTends
);

/// <summary>One cause that makes an interval longer or shorter.</summary>
/// <param name="Cause">The cause.</param>
/// <param name="Days">Days it adds; negative when it shortens.</param>
internal sealed record EffectView(string Cause, double Days);

/// <summary>A level at an instant.</summary>
/// <param name="At">The instant.</param>
/// <param name="Level">The level; 1 is the mark.</param>
internal sealed record LevelPointView(DateTimeOffset At, double Level);
