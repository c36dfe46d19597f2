namespace Cove.Data;

/// <summary>Keeps how the owner reads quantities, times and money.</summary>
public sealed class SettingsStore
{
    private readonly CoveContext context;

    internal SettingsStore(CoveContext context) => this.context = context;

    /// <summary>What the owner has chosen; null while nothing was: see <see cref="OwnerSettings.Usual"/>.</summary>
    public async Task<OwnerSettings?> Find(CancellationToken cancel = default) =>
        await context.Settings.AsNoTracking().FirstOrDefaultAsync(cancel) is { } row
            ? new OwnerSettings(row.Distance, row.Volume, row.Temperature, row.Hours, row.Currency)
            : null;

    /// <summary>The owner's currency; empty for amounts without one.</summary>
    public async Task<string> Currency(CancellationToken cancel = default) =>
        (await Find(cancel) ?? OwnerSettings.Usual).Currency;

    /// <summary>Keeps what the owner has chosen; it takes the place of what was chosen before.</summary>
    public async Task Keep(OwnerSettings settings, CancellationToken cancel = default)
    {
        await using ChangeScope scope = await ChangeScope.Begin(context, cancel);
        SettingsRow? row = await context.Settings.FirstOrDefaultAsync(cancel);
        if (row is null)
        {
            row = new SettingsRow();
            context.Settings.Add(row);
        }

        row.Distance = settings.Distance;
        row.Volume = settings.Volume;
        row.Temperature = settings.Temperature;
        row.Hours = settings.Hours;
        row.Currency = settings.Currency;
        await context.SaveChangesAsync(cancel);
        await scope.CommitAsync(cancel);
    }
}
