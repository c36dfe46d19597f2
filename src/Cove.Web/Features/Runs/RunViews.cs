using System.ComponentModel.DataAnnotations;
using Cove.Web.Features.Choices;
using Cove.Web.Features.Glass;
using Cove.Web.Features.Methods;
using Cove.Web.Features.Today;

namespace Cove.Web.Features.Runs;

/// <summary>A run: the steps, how far it has come, and its clock.</summary>
/// <param name="Id">The run.</param>
/// <param name="VehicleId">The vehicle.</param>
/// <param name="VehicleName">What the owner calls it.</param>
/// <param name="Minutes">The minutes it was planned for.</param>
/// <param name="Now">What the owner's clock shows.</param>
/// <param name="StartedAt">When it began.</param>
/// <param name="StepStartedAt">When the present step began.</param>
/// <param name="FinishedAt">When it was ended; null while it goes on.</param>
/// <param name="PausedAt">When it was paused; null while its clock goes.</param>
/// <param name="PausedSeconds">How long it was paused before that, all together.</param>
/// <param name="Undoable">Index of the step whose answer can be taken back; null when none can.</param>
/// <param name="Events">What was said, in order. Whoever has the steps can work out from it all that stands here of how far the run has come.</param>
/// <param name="Current">Index of the present step; the number of steps when all are answered.</param>
/// <param name="Rounds">Further rounds given to the present step.</param>
/// <param name="Steps">The steps.</param>
/// <param name="Mixtures">What has to be mixed before the first step.</param>
/// <param name="Drying">What is drying or has dried.</param>
/// <param name="OnTimeSeconds">Who is off the plan by no more than this is on time.</param>
/// <param name="Laundry">The towels used, by load of washing. Filled in once every step is answered.</param>
/// <param name="Washing">How towels of each role that the run uses are washed.</param>
/// <param name="LongestStepSeconds">The most that a step counts as having taken.</param>
/// <param name="Next">For each task that was done: when it comes due again. Filled in once the run is over.</param>
internal sealed record RunView(
    Guid Id,
    Guid VehicleId,
    string VehicleName,
    int Minutes,
    DateTimeOffset Now,
    DateTimeOffset StartedAt,
    DateTimeOffset StepStartedAt,
    DateTimeOffset? FinishedAt,
    DateTimeOffset? PausedAt,
    double PausedSeconds,
    int? Undoable,
    IReadOnlyList<RunEventView> Events,
    int Current,
    int Rounds,
    IReadOnlyList<RunStepView> Steps,
    IReadOnlyList<SessionMixtureView> Mixtures,
    IReadOnlyList<RunDryingView> Drying,
    IReadOnlyList<NextDateView> Next,
    IReadOnlyList<LaundryView> Laundry,
    IReadOnlyList<WashingView> Washing,
    double OnTimeSeconds,
    double LongestStepSeconds
);

/// <summary>Something that was said in a run.</summary>
/// <param name="Key">The key under which it was sent.</param>
/// <param name="Kind">What was said.</param>
/// <param name="Step">The step it is about.</param>
/// <param name="At">When.</param>
/// <param name="Towel">The towel it is about; null unless it is about a towel.</param>
internal sealed record RunEventView(
    string Key,
    RunEventKind Kind,
    int Step,
    DateTimeOffset At,
    TowelRole? Towel
);

/// <summary>How towels of a role are washed.</summary>
/// <param name="Role">The role.</param>
/// <param name="Name">The same in words.</param>
/// <param name="Load">What the load is called.</param>
/// <param name="How">How it is washed.</param>
internal sealed record WashingView(TowelRole Role, string Name, string Load, string How);

/// <summary>One step of a run.</summary>
/// <param name="TaskId">The care task, or the chore.</param>
/// <param name="Name">What to do.</param>
/// <param name="PutsBack">Whether it only puts things back.</param>
/// <param name="IsChore">Whether it gets ready or sets back, and tends no surface.</param>
/// <param name="PlannedSeconds">Walking, fetching and hands.</param>
/// <param name="TakenSeconds">How long it took; 0 while it is not answered.</param>
/// <param name="Outcome">How it came out; null while it has not.</param>
/// <param name="DryingSeconds">How long something dries after it; 0 for nothing.</param>
/// <param name="DryingWhat">What dries, as a heading.</param>
/// <param name="Fetch">The kits to fetch first.</param>
/// <param name="Zones">The zones to go to, by name.</param>
/// <param name="Products">What it is done with; none when it is done dry.</param>
/// <param name="Lacks">What to do for want of a product, one sentence each; none when nothing is lacking.</param>
/// <param name="Methods">How it is done, method by method.</param>
/// <param name="Towels">The towels in hand for it.</param>
/// <param name="Cautions">What to beware of.</param>
internal sealed record RunStepView(
    string TaskId,
    string Name,
    bool PutsBack,
    bool IsChore,
    int PlannedSeconds,
    int TakenSeconds,
    RunEventKind? Outcome,
    double DryingSeconds,
    string DryingWhat,
    IReadOnlyList<KitView> Fetch,
    IReadOnlyList<string> Zones,
    IReadOnlyList<UsedProductView> Products,
    IReadOnlyList<string> Lacks,
    IReadOnlyList<RunMethodView> Methods,
    IReadOnlyList<TowelInHandView> Towels,
    IReadOnlyList<string> Cautions
);

/// <summary>A method on some of the surfaces of a step.</summary>
/// <param name="Method">The method, as it is done there.</param>
/// <param name="Rounds">How often it is gone through.</param>
/// <param name="Surfaces">The surfaces, in short; none for a chore.</param>
/// <param name="Reach">How to get at panes; null for anything else.</param>
internal sealed record RunMethodView(
    MethodView Method,
    int Rounds,
    IReadOnlyList<string> Surfaces,
    string? Reach
);

/// <summary>A towel in hand.</summary>
/// <param name="Role">What it is kept for.</param>
/// <param name="Name">The same in words.</param>
/// <param name="Number">Which towel of that role, from 1.</param>
/// <param name="Face">The face used now, from 1.</param>
/// <param name="Faces">How many faces it has.</param>
/// <param name="Colour">The colour by which the owner tells towels of that role; empty when none was told.</param>
/// <param name="Folded">How it is folded, as a few words.</param>
internal sealed record TowelInHandView(
    TowelRole Role,
    string Name,
    int Number,
    int Face,
    int Faces,
    string Colour,
    string Folded
)
{
    public static TowelInHandView Of(TowelInHand towel, FoldSchool fold, IReadOnlyList<OwnedTowels> owned) =>
        new(
            towel.Role,
            ToolWords.NameOf(towel.Role),
            towel.Number,
            towel.Face,
            towel.Faces,
            owned.FirstOrDefault(towels => towels.Role == towel.Role)?.Colour ?? string.Empty,
            fold == FoldSchool.Thirds ? "folded in thirds" : "folded to quarters"
        );
}

/// <summary>Towels that are washed together.</summary>
/// <param name="Name">What the load is called.</param>
/// <param name="How">How it is washed.</param>
/// <param name="Towels">The towels.</param>
internal sealed record LaundryView(string Name, string How, IReadOnlyList<TowelCountView> Towels)
{
    public static LaundryView Of(LaundryLoad load) =>
        new(
            load.Name,
            load.How,
            [
                .. load.Towels.Select(towel => new TowelCountView(
                    towel.Role,
                    ToolWords.NameOf(towel.Role),
                    towel.Count
                )),
            ]
        );
}

/// <summary>Something that dries.</summary>
/// <param name="TaskId">The task that left it wet.</param>
/// <param name="What">What dries.</param>
/// <param name="From">When it was left.</param>
/// <param name="DryAt">When it should be dry.</param>
internal sealed record RunDryingView(string TaskId, string What, DateTimeOffset From, DateTimeOffset DryAt);

/// <summary>When a task comes due again.</summary>
/// <param name="TaskId">The care task.</param>
/// <param name="DueDate">The first day at the mark; null when it never comes.</param>
/// <param name="DaysLeft">Days to the mark; null when it never comes due.</param>
internal sealed record NextDateView(string TaskId, DateOnly? DueDate, int? DaysLeft);

/// <summary>A request to start a session.</summary>
public sealed record NewRun
{
    /// <summary>The minutes at hand; 5 to 120.</summary>
    [Range(
        SessionRules.ShortestMinutes,
        SessionRules.LongestMinutes,
        ErrorMessage = "Say between 5 and 120 minutes."
    )]
    public required int Minutes { get; init; }

    /// <summary>Whether it is the session that the routine planned for today's slot.</summary>
    public bool OfSlot { get; init; }

    /// <summary>What the owner asked of the session; nothing when left out.</summary>
    public SessionAsk? Ask { get; init; }

    /// <summary>The session that was on the screen, as Today names it.</summary>
    [StringLength(
        PlannedSession.TagLength,
        MinimumLength = PlannedSession.TagLength,
        ErrorMessage = "Send the plan as Today gives it."
    )]
    public required string Plan { get; init; }
}

/// <summary>An answer given during a run.</summary>
public sealed record NewRunEvent
{
    /// <summary>What is answered.</summary>
    public required RunEventKind Kind { get; init; }

    /// <summary>When it was answered, by the clock of Cove as the device carried it on; now when left out. An answer that waited on the device for a network says so. A time to come counts as now, one before the last answer as that.</summary>
    public DateTimeOffset? At { get; init; }

    /// <summary>The towel it is about, for <c>faceTurned</c> and <c>towelRetired</c>; left out otherwise.</summary>
    public TowelRole? Towel { get; init; }

    /// <summary>Index of the step it is about; 0 to 200. Any for <c>finished</c>.</summary>
    [Range(0, 200, ErrorMessage = "Say the index of a step, from 0.")]
    public required int Step { get; init; }
}

/// <summary>How long an owner has from now on, in a run.</summary>
public sealed record MinutesLeft
{
    /// <summary>The minutes; 1 to 120.</summary>
    [Range(1, SessionRules.LongestMinutes, ErrorMessage = "Say between 1 and 120 minutes.")]
    public required int Minutes { get; init; }
}
