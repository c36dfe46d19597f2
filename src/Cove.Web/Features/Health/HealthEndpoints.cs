namespace Cove.Web.Features.Health;

internal static class HealthEndpoints
{
    public static void MapHealth(this RouteGroupBuilder api)
    {
        api.MapGet(
                "/health",
                (OwnerClock clock, CoveSettings settings) =>
                    new HealthView(
                        "ok",
                        clock.OnTheWall(clock.Now),
                        settings.Clock is not null,
                        settings.Demo
                    )
            )
            .WithName("GetHealth")
            .WithSummary("Says that the server answers, and what its clock shows. It touches nothing else.");
        api.MapGet("/ready", Ready)
            .WithName("GetReadiness")
            .WithSummary(
                "Says whether Cove can do its work: it touches the database and the disk, and says what is wrong."
            )
            .Produces<ReadyView>()
            .ProducesProblem(StatusCodes.Status503ServiceUnavailable);
    }

    private static async Task<IResult> Ready(Readiness readiness, CancellationToken cancel)
    {
        ReadinessReport report = await readiness.Check(cancel);
        return report.Problems.Count == 0
            ? Results.Ok(new ReadyView("ready", report.Unread))
            : Results.Problem(
                title: string.Join(' ', report.Problems),
                statusCode: StatusCodes.Status503ServiceUnavailable
            );
    }
}

/// <summary>The state of the server.</summary>
/// <param name="Status">Always <c>ok</c> when there is an answer.</param>
/// <param name="Now">What the owner's clock shows.</param>
/// <param name="ClockIsSet">Whether the clock was set by hand rather than showing the real time.</param>
/// <param name="Demo">Whether the data is the invented demo.</param>
internal sealed record HealthView(string Status, DateTimeOffset Now, bool ClockIsSet, bool Demo);

/// <summary>That Cove can do its work.</summary>
/// <param name="Status">Always <c>ready</c>.</param>
/// <param name="Unread">Rows of the database that cannot be understood and are left out, one sentence each; usually none.</param>
internal sealed record ReadyView(string Status, IReadOnlyList<string> Unread);
