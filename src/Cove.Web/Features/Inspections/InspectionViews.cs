using System.ComponentModel.DataAnnotations;

namespace Cove.Web.Features.Inspections;

/// <summary>An inspection that can be made on a surface.</summary>
/// <param name="Id">The inspection.</param>
/// <param name="Name">The test in two or three words.</param>
/// <param name="How">What to do and what to look for.</param>
/// <param name="Tells">The tasks it tells of on this surface, by name.</param>
/// <param name="Results">The results to choose from, from clean to far gone.</param>
internal sealed record InspectionView(
    string Id,
    string Name,
    string How,
    IReadOnlyList<string> Tells,
    IReadOnlyList<InspectionResultView> Results
)
{
    public static InspectionView Of(Inspection inspection, Surface surface) =>
        new(
            inspection.Id.Value,
            inspection.Name,
            inspection.How,
            inspection.TellsOfEmbedded
                ? ["How much has settled deep"]
                : [.. inspection.TasksOn(surface).Select(task => task.Name)],
            [
                .. inspection.Results.Select(result => new InspectionResultView(
                    result.Id,
                    result.Words,
                    result.Level.Value
                )),
            ]
        );
}

/// <summary>One result.</summary>
/// <param name="Id">The result.</param>
/// <param name="Words">What one sees.</param>
/// <param name="Level">The level it stands for; 1 is the mark to everyday taste.</param>
internal sealed record InspectionResultView(string Id, string Words, double Level);

/// <summary>A walk round the car.</summary>
/// <param name="Seconds">How long it takes, walking included.</param>
/// <param name="Looks">The looks in walking order.</param>
internal sealed record WalkRoundView(double Seconds, IReadOnlyList<WalkRoundLookView> Looks);

/// <summary>One look of a round.</summary>
/// <param name="SurfaceId">The surface.</param>
/// <param name="Surface">Its name.</param>
/// <param name="Zone">The door to look from.</param>
/// <param name="Decides">The task for which it decides most, by name.</param>
/// <param name="Inspection">What to do.</param>
internal sealed record WalkRoundLookView(
    string SurfaceId,
    string Surface,
    string Zone,
    string Decides,
    InspectionView Inspection
);

/// <summary>What an owner saw.</summary>
public sealed record NewLook
{
    /// <summary>Id of the inspection.</summary>
    [StringLength(40, ErrorMessage = "Choose one of the inspections on offer.")]
    public required string Inspection { get; init; }

    /// <summary>Id of the result.</summary>
    [StringLength(40, ErrorMessage = "Choose one of the results of the inspection.")]
    public required string Result { get; init; }

    /// <summary>Id of the surface.</summary>
    [StringLength(SurfaceRules.LongestName, ErrorMessage = "Name a surface of this vehicle.")]
    public required string SurfaceId { get; init; }

    /// <summary>A note; up to 500 characters.</summary>
    [Note(500, Lines = true)]
    public string Note { get; init; } = string.Empty;
}

/// <summary>What came of a look.</summary>
/// <param name="EntryId">The log entry, by which it can be undone.</param>
/// <param name="Version">The version of that entry.</param>
/// <param name="Tasks">What it said of each task.</param>
internal sealed record LookView(Guid EntryId, int Version, IReadOnlyList<LookedTaskView> Tasks);

/// <summary>What a look said of one task.</summary>
/// <param name="TaskId">The task.</param>
/// <param name="Name">Its name.</param>
/// <param name="Before">The level that was expected; 1 is the mark.</param>
/// <param name="After">The level now.</param>
/// <param name="DaysLeft">Days to the mark; null when it never comes due.</param>
/// <param name="Learnt">What is believed now of how fast it comes round, as a sentence.</param>
internal sealed record LookedTaskView(
    string TaskId,
    string Name,
    double Before,
    double After,
    int? DaysLeft,
    string Learnt
);

/// <summary>What has been learnt of a car.</summary>
/// <param name="Car">What is believed of the car as a whole, as a sentence.</param>
/// <param name="Looks">From how many looks.</param>
/// <param name="Tasks">What is believed of each task that was looked at, those furthest from the reference first.</param>
/// <param name="Pace">How long the owner takes beside the table, as a sentence.</param>
/// <param name="Paces">The same for each task and chore that was done in runs, those furthest from the table first.</param>
internal sealed record LearntView(
    string Car,
    int Looks,
    IReadOnlyList<LearntTaskView> Tasks,
    string Pace,
    IReadOnlyList<LearntTaskView> Paces
);

/// <summary>What has been learnt of one task.</summary>
/// <param name="TaskId">The task.</param>
/// <param name="Name">Its name.</param>
/// <param name="Multiplier">How many times as fast as the reference.</param>
/// <param name="Low">The lower end of the band that holds nine cases of ten.</param>
/// <param name="High">The upper end of that band.</param>
/// <param name="Looks">From how many looks.</param>
/// <param name="Sentence">The same as a sentence.</param>
internal sealed record LearntTaskView(
    string TaskId,
    string Name,
    double Multiplier,
    double Low,
    double High,
    int Looks,
    string Sentence
);
