namespace Cove.Web.Hosting;

/// <summary>At the start and once a day, lets go of what has been kept long enough: the wastebasket's contents, files of photos that are no more, and the answers to old requests.</summary>
internal sealed class DailyTidy(IServiceScopeFactory scopes, OwnerClock clock, TimeProvider time)
    : BackgroundService
{
    private static readonly TimeSpan Pause = TimeSpan.FromDays(1);

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        using var timer = new PeriodicTimer(Pause, time);
        do
        {
            await Tidy(stoppingToken);
        } while (await timer.WaitForNextTickAsync(stoppingToken));
    }

    private async Task Tidy(CancellationToken cancel)
    {
        await using AsyncServiceScope scope = scopes.CreateAsyncScope();
        IServiceProvider services = scope.ServiceProvider;
        var changes = services.GetRequiredService<Changes>();
        await using Change change = await changes.Begin(cancel);
        await services.GetRequiredService<Wastebasket>().DeleteOld(clock.Now, cancel);
        await changes.ForgetOldAnswers(clock.Now, cancel);
        await change.Commit(cancel);
        await services.GetRequiredService<PhotoStore>().Tidy(cancel);
    }
}
