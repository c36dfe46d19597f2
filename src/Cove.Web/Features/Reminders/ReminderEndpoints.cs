using Cove.Web.Features.Vehicles;

namespace Cove.Web.Features.Reminders;

/// <summary>What is to be followed up after a session.</summary>
internal static class ReminderEndpoints
{
    public static void MapReminders(this RouteGroupBuilder api)
    {
        api.MapGet("/vehicles/{vehicleId:guid}/reminders", Open)
            .WithName("ListReminders")
            .WithSummary("What is to be followed up after sessions, the earliest first; some not due yet.")
            .Produces<IReadOnlyList<ReminderView>>()
            .ProducesProblem(StatusCodes.Status404NotFound);
        api.MapPost("/log/{entryId:guid}/settle", Acknowledge)
            .WithName("SettleReminder")
            .WithSummary(
                "Says that there is nothing more to follow up after an entry of the log. Again changes nothing."
            )
            .Produces(StatusCodes.Status204NoContent)
            .ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static async Task<IResult> Open(
        VehicleId vehicleId,
        VehicleStore vehicles,
        ReminderStore reminders,
        OwnerClock clock,
        CancellationToken cancel
    ) =>
        await vehicles.Find(vehicleId, cancel) is null
            ? Problems.NotFound(VehicleEndpoints.UnknownVehicle)
            : Results.Ok(
                (await reminders.Open(vehicleId, clock.Now, clock.Zone, cancel)).Select(reminder =>
                    ReminderView.Of(reminder, clock)
                )
            );

    private static async Task<IResult> Acknowledge(
        EntryId entryId,
        ReminderStore reminders,
        OwnerClock clock,
        CancellationToken cancel
    ) =>
        await reminders.Acknowledge(entryId, clock.Now, cancel)
            ? Results.NoContent()
            : Problems.NotFound("There is no such entry in the log. Reload the page.");
}

/// <summary>Something to follow up.</summary>
/// <param name="Kind">What.</param>
/// <param name="EntryId">The entry of the log it follows from.</param>
/// <param name="From">From when on it is due.</param>
/// <param name="IsDue">Whether it is due.</param>
/// <param name="Title">What it is about, in a few words.</param>
/// <param name="Text">What to do, as one or two sentences.</param>
/// <param name="DoneWords">What the owner says once it is done; null for a question.</param>
/// <param name="Answers">For a question, the results there are; none otherwise.</param>
internal sealed record ReminderView(
    ReminderKind Kind,
    Guid EntryId,
    DateTimeOffset From,
    bool IsDue,
    string Title,
    string Text,
    string? DoneWords,
    IReadOnlyList<ReminderAnswerView> Answers
)
{
    public static ReminderView Of(Reminder reminder, OwnerClock clock)
    {
        bool due = reminder.IsDueAt(clock.Now);
        CareTask task = CareTasks.Find(reminder.TaskId)!;
        Inspection night = InspectionTable.Find("night-check")!;
        return reminder.Kind == ReminderKind.NightCheck
            ? new ReminderView(
                reminder.Kind,
                reminder.EntryId,
                clock.OnTheWall(reminder.From),
                due,
                "How was the glass in the dark?",
                night.How,
                null,
                [.. night.Results.Select(result => new ReminderAnswerView(result.Id, result.Words))]
            )
            : new ReminderView(
                reminder.Kind,
                reminder.EntryId,
                clock.OnTheWall(reminder.From),
                due,
                task.DryingWhat,
                due ? PuttingBack.WhenDry(task) : PuttingBack.WhileDrying(task),
                PuttingBack.DoneWords(task),
                []
            );
    }
}

/// <summary>An answer to a question.</summary>
/// <param name="Id">The id of the result.</param>
/// <param name="Words">The result in words.</param>
internal sealed record ReminderAnswerView(string Id, string Words);
