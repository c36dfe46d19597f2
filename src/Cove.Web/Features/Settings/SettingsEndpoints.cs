namespace Cove.Web.Features.Settings;

/// <summary>How the owner reads quantities, times and money.</summary>
internal static class SettingsEndpoints
{
    public static void MapSettings(this RouteGroupBuilder api)
    {
        RouteGroupBuilder settings = api.MapGroup("/settings");
        settings
            .MapGet("", Get)
            .WithName("GetSettings")
            .WithSummary(
                "How the owner reads quantities, times and money. Every other answer stays in kilometres, millilitres and degrees Celsius."
            )
            .Produces<SettingsView>();
        settings
            .MapPut("", Keep)
            .WithName("KeepSettings")
            .WithSummary("Keeps how the owner reads quantities, times and money.")
            .Produces<SettingsView>()
            .ProducesValidationProblem();
    }

    private static async Task<IResult> Get(SettingsStore store, OwnerClock clock, CancellationToken cancel)
    {
        OwnerSettings? chosen = await store.Find(cancel);
        return Results.Ok(SettingsView.Of(chosen ?? OwnerSettings.Usual, chosen is not null, clock.Today));
    }

    private static async Task<IResult> Keep(
        SettingsRequest request,
        SettingsStore store,
        OwnerClock clock,
        CancellationToken cancel
    )
    {
        if (!OwnerSettings.Volumes.Contains(request.Volume))
        {
            return Problems.Field("volume", "Choose millilitres, US fluid ounces or imperial fluid ounces.");
        }

        OwnerSettings settings = request.ToSettings();
        await store.Keep(settings, cancel);
        return Results.Ok(SettingsView.Of(settings, true, clock.Today));
    }
}
