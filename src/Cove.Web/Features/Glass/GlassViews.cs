using System.ComponentModel.DataAnnotations;
using Cove.Web.Features.Methods;
using Cove.Web.Features.Vehicles;

namespace Cove.Web.Features.Glass;

/// <summary>The glass of a car: how each pane stands, how to clean it and why so.</summary>
/// <param name="Vehicle">The vehicle.</param>
/// <param name="Now">What the owner's clock shows.</param>
/// <param name="Advice">What to do about the conditions; none in fair ones.</param>
/// <param name="Order">Where glass stands in the owner's sessions, in words.</param>
/// <param name="Outside">What to know of the outside of the panes.</param>
/// <param name="OverMark">Panes at or over their mark.</param>
/// <param name="Panes">The panes, unfolded clockwise from the windscreen.</param>
/// <param name="SoonestId">The pane that comes due first; null without panes.</param>
/// <param name="ClearLevel">The level at or below which a pane counts as clear.</param>
/// <param name="Plan">All of them in one go.</param>
/// <param name="StreakSteps">How to find out on which side a streak is.</param>
/// <param name="StreakFindings">What that can come to.</param>
internal sealed record GlassView(
    VehicleView Vehicle,
    DateTimeOffset Now,
    IReadOnlyList<string> Advice,
    string Order,
    string Outside,
    int OverMark,
    IReadOnlyList<PaneView> Panes,
    string? SoonestId,
    double ClearLevel,
    GlassPlanView Plan,
    IReadOnlyList<MethodStepView> StreakSteps,
    IReadOnlyList<StreakFinding> StreakFindings
);

/// <summary>One pane.</summary>
/// <param name="SurfaceId">The pane.</param>
/// <param name="Name">Its name.</param>
/// <param name="ShortName">Its name in one or two words.</param>
/// <param name="Shape">Its outline, laid flat.</param>
/// <param name="About">What it is made of and what to know about it.</param>
/// <param name="SquareMetres">Its area.</param>
/// <param name="Level">Its level; 1 is the mark.</param>
/// <param name="DaysLeft">Days to the mark; null when it never comes due.</param>
/// <param name="OverMark">Whether it is at or over the mark.</param>
/// <param name="Light">The part of the level that is light soil.</param>
/// <param name="Oily">The part that is oily film.</param>
/// <param name="Condition">What lies on it, in one or two words.</param>
/// <param name="Tinted">Whether tint film is on it.</param>
/// <param name="Lined">Whether heater or aerial lines run across it.</param>
/// <param name="Reach">How to get at all of it.</param>
/// <param name="MethodName">The method planned; null when none will do now.</param>
/// <param name="Minutes">What that takes.</param>
/// <param name="Wait">Why to leave it for now; null when there is no reason to.</param>
/// <param name="ForOneKit">Whether another method would be quicker on this pane alone.</param>
/// <param name="Options">Every method beside it, the planned one first.</param>
internal sealed record PaneView(
    string SurfaceId,
    string Name,
    string ShortName,
    UnfoldedPane Shape,
    IReadOnlyList<string> About,
    double SquareMetres,
    double Level,
    int? DaysLeft,
    bool OverMark,
    double Light,
    double Oily,
    string Condition,
    bool Tinted,
    bool Lined,
    string Reach,
    string? MethodName,
    double Minutes,
    string? Wait,
    bool ForOneKit,
    IReadOnlyList<GlassOptionView> Options
);

/// <summary>A method on a pane.</summary>
/// <param name="Method">The method, as it is done on this pane.</param>
/// <param name="Standing">How it compares.</param>
/// <param name="Why">Why, as one sentence.</param>
/// <param name="Rounds">How often it is gone through.</param>
/// <param name="Minutes">What it takes.</param>
/// <param name="Faces">Faces of towels it loads.</param>
/// <param name="Left">The level it leaves.</param>
/// <param name="Products">What it is done with, by name.</param>
internal sealed record GlassOptionView(
    MethodView Method,
    OptionStanding Standing,
    string Why,
    int Rounds,
    double Minutes,
    int Faces,
    double Left,
    IReadOnlyList<string> Products
);

/// <summary>All panes in one go.</summary>
/// <param name="Panes">Short names of the panes, in order, grouped by kit.</param>
/// <param name="Minutes">What it takes, changes of kit included.</param>
/// <param name="Towels">The towels to carry.</param>
internal sealed record GlassPlanView(
    IReadOnlyList<GlassKitView> Panes,
    double Minutes,
    IReadOnlyList<GlassTowelsView> Towels
);

/// <summary>The towels of one role to carry.</summary>
/// <param name="Role">The role.</param>
/// <param name="Count">How many to carry, of those that are owned.</param>
/// <param name="Words">The same in words, with their colour, and what to do where there are too few.</param>
internal sealed record GlassTowelsView(TowelRole Role, int Count, string Words)
{
    public static GlassTowelsView Of(TowelWant want) => new(want.Role, want.Carried, want.Words);
}

/// <summary>Panes that are done with one kit.</summary>
/// <param name="MethodName">The method.</param>
/// <param name="Panes">The panes in order, in short.</param>
internal sealed record GlassKitView(string MethodName, IReadOnlyList<string> Panes);

/// <summary>Towels of one role.</summary>
/// <param name="Role">The role.</param>
/// <param name="Name">The role in words.</param>
/// <param name="Count">How many.</param>
internal sealed record TowelCountView(TowelRole Role, string Name, int Count);

/// <summary>On which side of a pane a streak was found.</summary>
public sealed record NewStreak
{
    /// <summary>The pane.</summary>
    [StringLength(SurfaceRules.LongestName, ErrorMessage = "Name a pane of this vehicle.")]
    public required string SurfaceId { get; init; }

    /// <summary>The id of a finding, as listed with the glass.</summary>
    [StringLength(40, ErrorMessage = "Choose one of the findings on offer.")]
    public required string Finding { get; init; }
}
