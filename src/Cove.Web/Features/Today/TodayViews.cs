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
/// <param name="OfSlot">Whether the session is what the routine planned for today's slot.</param>
/// <param name="Gain">The share of all upkeep worth doing now that the session takes back, from 0 to 1.</param>
/// <param name="Curve">The same share for every whole minute.</param>
/// <param name="WorthDoing">How many tasks are worth doing now.</param>
/// <param name="OverMark">How many tasks are at or over the mark somewhere on the car, whatever the minutes.</param>
/// <param name="OverMarkCleared">Of how many of those everything overdue is done.</param>
/// <param name="OverdueMinutes">The fewest minutes that do everything due now; null when there is no such number.</param>
/// <param name="ComingDueMinutes">The fewest minutes that do everything coming due within a week; null when there is no such number.</param>
/// <param name="FlatMinutes">The minutes from which on it is detail; null when there is no such number.</param>
/// <param name="NextDue">The first day on which something comes due; null when nothing ever does.</param>
/// <param name="Steps">The running order.</param>
/// <param name="Drying">What dries meanwhile.</param>
/// <param name="Walk">The way walked from step to step, on the plan.</param>
/// <param name="Kits">The kits to fetch.</param>
/// <param name="Mixtures">What the session takes of each product: what to mix before starting, and what is left after.</param>
/// <param name="ProductsOnShelf">How many products are on the shelf.</param>
/// <param name="Later">What is worth doing but does not fit these minutes.</param>
/// <param name="NotThisTime">What cannot be done now, whatever the minutes, with the reason and the shortest way out.</param>
/// <param name="BroughtBack">What is brought back only after the session, because it cannot be dry before.</param>
/// <param name="Place">Where the owner works today.</param>
/// <param name="LengthMinutes">How long the session takes, waiting included. It may be less than was asked for, and more where something is kept in.</param>
/// <param name="HandsMinutes">How long the hands are busy.</param>
/// <param name="WaitMinutes">How long the hands wait for something to dry before the end.</param>
/// <param name="Finish">When it ends if it starts now.</param>
/// <param name="Order">The order of work in a few words.</param>
/// <param name="Caution">The sentence to bear in mind; empty when there is no work.</param>
/// <param name="Heat">What protects whoever works in the heat; empty when it is not hot.</param>
/// <param name="AskHeat">Whether to ask how hot it is.</param>
/// <param name="FirstAidMinutes">What of the minutes goes to first aid for fresh spots, before the session begins.</param>
internal sealed record TodayView(
    VehicleView Vehicle,
    DateTimeOffset Now,
    double KilometresAWeek,
    int UseVersion,
    Guid? RunUnderWay,
    int Minutes,
    string Plan,
    bool OfSlot,
    double Gain,
    IReadOnlyList<CurvePointView> Curve,
    int WorthDoing,
    int OverMark,
    int OverMarkCleared,
    int? OverdueMinutes,
    int? ComingDueMinutes,
    int? FlatMinutes,
    DateOnly? NextDue,
    IReadOnlyList<PlannedStepView> Steps,
    IReadOnlyList<DryingView> Drying,
    IReadOnlyList<WalkLegView> Walk,
    IReadOnlyList<KitView> Kits,
    IReadOnlyList<SessionMixtureView> Mixtures,
    int ProductsOnShelf,
    IReadOnlyList<LaterView> Later,
    IReadOnlyList<HeldView> NotThisTime,
    IReadOnlyList<BroughtBackView> BroughtBack,
    PlaceDocument Place,
    double LengthMinutes,
    double HandsMinutes,
    double WaitMinutes,
    DateTimeOffset Finish,
    string Order,
    string Caution,
    IReadOnlyList<string> Heat,
    bool AskHeat,
    double FirstAidMinutes
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
/// <param name="Surfaces">The names of the surfaces it is done on; none for a chore and for what puts back.</param>
/// <param name="Part">The surfaces in short, where it is only some of those the task tends; empty otherwise.</param>
/// <param name="Why">Why it is in; empty for a chore and for what puts back.</param>
/// <param name="Cautions">The first caution of each of its methods, each once.</param>
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
    IReadOnlyList<string> Zones,
    IReadOnlyList<string> Surfaces,
    string Part,
    string Why,
    IReadOnlyList<string> Cautions
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

/// <summary>Something that is worth doing but does not fit these minutes.</summary>
/// <param name="TaskId">The care task.</param>
/// <param name="Name">What to do.</param>
/// <param name="ShortName">The same in one or two words.</param>
/// <param name="Part">The surfaces in short, where it is only some of those the task tends; empty otherwise.</param>
/// <param name="DaysLeft">Days to the mark; null when it never comes due.</param>
/// <param name="OverMark">Whether it is at or over its mark.</param>
/// <param name="ComesInAt">The session length at which it comes in; null when none does.</param>
internal sealed record LaterView(
    string TaskId,
    string Name,
    string ShortName,
    string Part,
    int? DaysLeft,
    bool OverMark,
    int? ComesInAt
);

/// <summary>Something that cannot be done now.</summary>
/// <param name="TaskId">The care task.</param>
/// <param name="Name">What to do.</param>
/// <param name="ShortName">The same in one or two words.</param>
/// <param name="Surfaces">The names of the surfaces that are held back.</param>
/// <param name="Part">The surfaces in short, where it is only some of those the task tends; empty otherwise.</param>
/// <param name="Minutes">What it would take in hands.</param>
/// <param name="DaysLeft">Days to the mark; null when it never comes due.</param>
/// <param name="OverMark">Whether it is at or over its mark.</param>
/// <param name="MayBeKept">Whether the owner may keep it in all the same.</param>
/// <param name="Reason">Why, as a word.</param>
/// <param name="Why">Why, as a sentence.</param>
/// <param name="WayOut">What to do about it, as a sentence; null when there is nothing to do but wait until it is due.</param>
/// <param name="From">From when on it can be done, where it only takes time.</param>
/// <param name="Buy">The name of the class of product to buy; null when buying does not help.</param>
/// <param name="Stand">How long the car would have to stand; null when that is not the matter.</param>
internal sealed record HeldView(
    string TaskId,
    string Name,
    string ShortName,
    IReadOnlyList<string> Surfaces,
    string Part,
    double Minutes,
    int? DaysLeft,
    bool OverMark,
    bool MayBeKept,
    HoldReason Reason,
    string Why,
    string? WayOut,
    DateTimeOffset? From,
    string? Buy,
    Standing? Stand
);

/// <summary>Something that is brought back after the session.</summary>
/// <param name="What">What to do then.</param>
/// <param name="From">Minutes from the start from which on it can be done.</param>
/// <param name="At">When that is, if the session starts now.</param>
internal sealed record BroughtBackView(string What, double From, DateTimeOffset At);

/// <summary>Why a task is in a session, or why it is not.</summary>
/// <param name="TaskId">The care task.</param>
/// <param name="IsIn">Whether it is in.</param>
/// <param name="Sentence">Why, as a sentence.</param>
internal sealed record WhyView(string TaskId, bool IsIn, string Sentence);
