using Cove.Data.Photos;
using Microsoft.EntityFrameworkCore.Design;
using Microsoft.Extensions.DependencyInjection;

namespace Cove.Data;

/// <summary>Sets the database up and makes it ready.</summary>
public static class CoveDatabase
{
    /// <summary>Registers the stores over the database of a folder.</summary>
    /// <param name="services">Where to register.</param>
    /// <param name="folder">The folder of the owner's data. It is let go with the services.</param>
    public static IServiceCollection AddCoveData(this IServiceCollection services, DataFolder folder)
    {
        // Made by the container in name only, so that the container lets it go.
        services.AddSingleton(_ => folder);
        services.AddSingleton(_ => new DataStamp(folder));
        services.AddSingleton(Owner.Local);
        services.AddScoped<QueryCount>();
        services.AddDbContext<CoveContext>(
            (provider, options) =>
                options
                    .UseSqlite(folder.ConnectionString)
                    .AddInterceptors(provider.GetRequiredService<QueryCount>())
        );
        // The stores are public but only made here, so that the context stays inside this project.
        services.AddScoped(provider => new LevelStore(Context(provider)));
        services.AddScoped(provider => new VehicleStore(Context(provider), Levels(provider)));
        services.AddScoped(provider => new UseStore(Context(provider), Vehicles(provider), Levels(provider)));
        services.AddScoped(provider => new VehicleFileStore(
            Context(provider),
            Vehicles(provider),
            Levels(provider)
        ));
        services.AddScoped(provider => new LogStore(Context(provider), Vehicles(provider), Levels(provider)));
        services.AddScoped(provider => new RunStore(Context(provider), Vehicles(provider), Levels(provider)));
        services.AddScoped(provider => new ShelfStore(Context(provider)));
        services.AddScoped(provider => new ReminderStore(Context(provider)));
        services.AddScoped(provider => new PlaceStore(Context(provider)));
        services.AddScoped(provider => new MoneyStore(Context(provider)));
        services.AddScoped(provider => new SettingsStore(Context(provider)));
        services.AddSingleton(provider => new PhotoFiles(
            folder,
            provider.GetRequiredService<TimeProvider>()
        ));
        services.AddScoped(provider => new PhotoStore(
            Context(provider),
            provider.GetRequiredService<PhotoFiles>()
        ));
        services.AddScoped(provider => new RoutineStore(Context(provider)));
        services.AddScoped(provider => new BusyStore(Context(provider)));
        services.AddScoped(provider => new Changes(Context(provider), folder));
        services.AddScoped(provider => new Wastebasket(
            Context(provider),
            provider.GetRequiredService<ShelfStore>()
        ));
        services.AddScoped(provider => new Readiness(Context(provider), folder));
        services.AddScoped(provider => new DemoData(
            Context(provider),
            Vehicles(provider),
            provider.GetRequiredService<ShelfStore>(),
            Levels(provider)
        ));
        return services;
    }

    private static CoveContext Context(IServiceProvider provider) =>
        provider.GetRequiredService<CoveContext>();

    private static VehicleStore Vehicles(IServiceProvider provider) =>
        provider.GetRequiredService<VehicleStore>();

    private static LevelStore Levels(IServiceProvider provider) => provider.GetRequiredService<LevelStore>();

    /// <summary>Brings the database up to date. When there is something to change in an existing file, a copy of it is kept beside it first.</summary>
    /// <param name="services">The services of a running application.</param>
    /// <param name="report">Takes a sentence to the owner where this takes longer than usual.</param>
    /// <exception cref="CannotStartException">The database cannot be used as it is.</exception>
    public static void Prepare(IServiceProvider services, Action<string> report)
    {
        using IServiceScope scope = services.CreateScope();
        IServiceProvider provider = scope.ServiceProvider;
        new DatabaseStart(Context(provider), provider.GetRequiredService<DataFolder>(), report).Run();
    }

    /// <summary>Lets the migrations tool make a context without the web application.</summary>
    internal sealed class Factory : IDesignTimeDbContextFactory<CoveContext>
    {
        public CoveContext CreateDbContext(string[] args) =>
            new(
                new DbContextOptionsBuilder<CoveContext>().UseSqlite("Data Source=design-time.db").Options,
                Owner.Local
            );
    }
}
