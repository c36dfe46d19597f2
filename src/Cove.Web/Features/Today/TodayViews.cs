using Cove.Web.Features.Choices;
using Cove.Web.Features.Vehicles;

namespace Cove.Web.Features.Today;

/// <summary>Everything the Today place shows for a number of minutes.</summary>
/// <param name="Vehicle">The vehicle.</param>
/// <param name="Now">What the owner's clock shows.</param>
/// <param name="KilometresAWeek">How far the vehicle is driven.</param>
/// <param name="UseVersion">Names the state of what was said of the use; send it in If-Match with a change.</param>
/// <param name="RunUnderWay">The run that is under way; null when there is none.</param>
/// <param name="Minutes">The minutes asked for.</param>
/// <param name="Plan">Names the session that is shown; send it with the start of a run.</param>
/// <param name="Gain">The share of all upkeep worth doing now that the session takes back, from 0 to 1.</param>
/// <param name="Curve">The same share for every whole minute.</param>
/// <param name="WorthDoing">How many tasks are worth doing now.</param>
/// <param name="OverMark">How many tasks are at or over the mark.</param>
/// <param name="OverMarkCleared">How many of those the session clears.</param>
/// <param name="ComingDueMinutes">The fewest minutes that do everything coming due within a week; null when there is no such number.</param>
/// <param name="FlatMinutes">The minutes from which on it is detail; null when there is no such number.</param>
/// <param name="NextDue">The first day on which something comes due; null when nothing ever does.</param>
/// <param name="Steps">The running order.</param>
/// <param name="Drying">What dries meanwhile.</param>
/// <param name="Walk">The way walked from step to step, on the plan.</param>
/// <param name="Kits">The kits to fetch.</param>
/// <param name="ProductsOnShelf">How many products are on the shelf.</param>
/// <param name="Lacking">What the session needs that is not on the shelf, with the next safe way.</param>
/// <param name="Later">Tasks worth doing that the session leaves.</param>
/// <param name="HandsMinutes">How long the hands are busy.</param>
/// <param name="WaitMinutes">How long the hands wait for something to dry before the end.</param>
/// <param name="Finish">When it ends if it starts now.</param>
/// <param name="Order">The order of work in a few words.</param>
/// <param name="Caution">The sentence to bear in mind; empty when there is no work.</param>
internal sealed record TodayView(
    VehicleView Vehicle,
    DateTimeOffset Now,
    double KilometresAWeek,
    int UseVersion,
    Guid? RunUnderWay,
    int Minutes,
    string Plan,
    double Gain,
    IReadOnlyList<CurvePointView> Curve,
    int WorthDoing,
    int OverMark,
    int OverMarkCleared,
    int? ComingDueMinutes,
    int? FlatMinutes,
    DateOnly? NextDue,
    IReadOnlyList<PlannedStepView> Steps,
    IReadOnlyList<DryingView> Drying,
    IReadOnlyList<WalkLegView> Walk,
    IReadOnlyList<KitView> Kits,
    int ProductsOnShelf,
    IReadOnlyList<LackView> Lacking,
    IReadOnlyList<LaterView> Later,
    double HandsMinutes,
    double WaitMinutes,
    DateTimeOffset Finish,
    string Order,
    string Caution
);

/// <summary>What a session of some minutes takes back.</summary>
/// <param name="Minutes">The minutes.</param>
/// <param name="Gain">The share, from 0 to 1.</param>
internal sealed record CurvePointView(int Minutes, double Gain);

/// <summary>One step of the running order.</summary>
/// <param name="Number">Its number, from 1.</param>
/// <param name="TaskId">The care task, or the chore.</param>
/// <param name="PutsBack">Whether it only puts things back.</param>
/// <param name="Name">What to do.</param>
/// <param name="ShortName">The same in one or two words.</param>
/// <param name="DaysLeft">Days to the mark; null when it never comes due or the step puts things back.</param>
/// <param name="OverMark">Whether the task is at or over its mark.</param>
/// <param name="Kits">Names of the kits it needs.</param>
/// <param name="Methods">Names of the methods it is done by; none where it puts back.</param>
/// <param name="Products">What it is done with; none when it is done dry or nothing at hand is safe and enough.</param>
/// <param name="Begin">Minutes from the start at which the person turns to it.</param>
/// <param name="End">Minutes from the start at which the hands are free again.</param>
/// <param name="Stop">Where the person stands, on the plan.</param>
/// <param name="Zones">The names of the zones worked from.</param>
internal sealed record PlannedStepView(
    int Number,
    string TaskId,
    bool PutsBack,
    string Name,
    string ShortName,
    int? DaysLeft,
    bool OverMark,
    IReadOnlyList<string> Kits,
    IReadOnlyList<string> Methods,
    IReadOnlyList<UsedProductView> Products,
    double Begin,
    double End,
    PlanPoint Stop,
    IReadOnlyList<string> Zones
);

/// <summary>Something that dries during or after the session.</summary>
/// <param name="Number">Number of the step that leaves it wet.</param>
/// <param name="What">What dries.</param>
/// <param name="From">Minutes from the start at which it is left.</param>
/// <param name="To">Minutes from the start at which it is dry.</param>
/// <param name="DryAt">When it is dry if the session starts now.</param>
internal sealed record DryingView(int Number, string What, double From, double To, DateTimeOffset DryAt);

/// <summary>The way from one step to the next, round the car.</summary>
/// <param name="Number">Number of the step walked to.</param>
/// <param name="Points">The corners, on the plan.</param>
internal sealed record WalkLegView(int Number, IReadOnlyList<PlanPoint> Points);

/// <summary>A kit to fetch.</summary>
/// <param name="Name">Its name.</param>
/// <param name="Contents">What it holds.</param>
internal sealed record KitView(string Name, string Contents);

/// <summary>A task that the session leaves for another day.</summary>
/// <param name="TaskId">The care task.</param>
/// <param name="Name">What to do.</param>
/// <param name="ShortName">The same in one or two words.</param>
/// <param name="DaysLeft">Days to the mark; null when it never comes due.</param>
/// <param name="ComesInAt">The session length at which it comes in; null when none does.</param>
internal sealed record LaterView(string TaskId, string Name, string ShortName, int? DaysLeft, int? ComesInAt);
