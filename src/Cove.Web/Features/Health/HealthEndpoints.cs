using Cove.Web.Hosting;

namespace Cove.Web.Features.Health;

internal static class HealthEndpoints
{
    public static void MapHealth(this RouteGroupBuilder api) =>
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
            .WithSummary("Says that the server answers, and what its clock shows.");
}

/// <summary>The state of the server.</summary>
/// <param name="Status">Always <c>ok</c> when there is an answer.</param>
/// <param name="Now">What the owner's clock shows.</param>
/// <param name="ClockIsSet">Whether the clock was set by hand rather than showing the real time.</param>
/// <param name="Demo">Whether the data is the invented demo.</param>
internal sealed record HealthView(string Status, DateTimeOffset Now, bool ClockIsSet, bool Demo);
