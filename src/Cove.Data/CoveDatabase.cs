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
            Levels(provider),
            provider.GetRequiredService<PhotoFiles>()
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
    /// <param name="setPhotosAside">Whether the owner has said that photos which the database does not know may be set aside, so that it is taken for theirs no more.</param>
    /// <param name="today">The owner's day.</param>
    /// <param name="report">Takes a sentence to the owner where this takes longer than usual, or something was found.</param>
    /// <exception cref="CannotStartException">The database cannot be used as it is.</exception>
    public static async Task Prepare(
        IServiceProvider services,
        bool setPhotosAside,
        DateOnly today,
        Action<string> report
    )
    {
        await using AsyncServiceScope scope = services.CreateAsyncScope();
        IServiceProvider provider = scope.ServiceProvider;
        DataFolder folder = provider.GetRequiredService<DataFolder>();
        var beside = new PhotosBeside(folder, provider.GetRequiredService<PhotoFiles>().Whole());
        new DatabaseStart(Context(provider), folder, beside, report).Run(setPhotosAside);
        var (setAside, back) = await provider.GetRequiredService<PhotoStore>().SortOut(today);
        if (setAside > 0)
        {
            report(
                $"No car knows {setAside} of the photos in {folder.PhotoFolder}. They were set aside there, and wait in Settings until you delete them."
            );
        }

        if (back > 0)
        {
            report($"{back} of the photos that were set aside belong to a car again and are back.");
        }
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
