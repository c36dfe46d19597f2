using System.Globalization;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Design;
using Microsoft.EntityFrameworkCore.Infrastructure;
using Microsoft.Extensions.DependencyInjection;

namespace Cove.Data;

/// <summary>Sets the database up and makes it ready.</summary>
public static class CoveDatabase
{
    private const string FileName = "cove.db";

    /// <summary>Registers the stores over a database file.</summary>
    /// <param name="services">Where to register.</param>
    /// <param name="directory">The folder of the owner's data; created when it is missing.</param>
    public static IServiceCollection AddCoveData(this IServiceCollection services, string directory)
    {
        Directory.CreateDirectory(directory);
        string connection = ConnectionString(Path.Combine(directory, FileName));
        services.AddSingleton(Owner.Local);
        services.AddDbContext<CoveContext>(options => options.UseSqlite(connection));
        // The stores are public but only made here, so that the context stays inside this project.
        services.AddScoped(provider => new CareReplay(Context(provider)));
        services.AddScoped(provider => new VehicleStore(Context(provider), Replay(provider)));
        services.AddScoped(provider => new UseStore(Context(provider), Vehicles(provider), Replay(provider)));
        services.AddScoped(provider => new VehicleFileStore(
            Context(provider),
            Vehicles(provider),
            Replay(provider)
        ));
        services.AddScoped(provider => new LogStore(Context(provider), Vehicles(provider), Replay(provider)));
        services.AddScoped(provider => new RunStore(Context(provider), Vehicles(provider), Replay(provider)));
        services.AddScoped(provider => new ShelfStore(Context(provider)));
        services.AddScoped(provider => new ReminderStore(Context(provider)));
        services.AddScoped(provider => new DemoData(
            Context(provider),
            Vehicles(provider),
            provider.GetRequiredService<ShelfStore>(),
            Replay(provider)
        ));
        return services;
    }

    private static CoveContext Context(IServiceProvider provider) =>
        provider.GetRequiredService<CoveContext>();

    private static VehicleStore Vehicles(IServiceProvider provider) =>
        provider.GetRequiredService<VehicleStore>();

    private static CareReplay Replay(IServiceProvider provider) => provider.GetRequiredService<CareReplay>();

    /// <summary>Brings the database up to date. When there is something to change in an existing file, a copy of it is kept beside it first.</summary>
    /// <param name="services">The services of a running application.</param>
    public static void Prepare(IServiceProvider services)
    {
        using IServiceScope scope = services.CreateScope();
        var context = scope.ServiceProvider.GetRequiredService<CoveContext>();
        string[] pending = [.. context.Database.GetPendingMigrations()];
        if (pending.Length > 0 && context.Database.GetAppliedMigrations().Any())
        {
            KeepCopy(context.Database, pending[0]);
        }

        context.Database.Migrate();
        // Write-ahead logging lets reads go on during a write; it is a property of the file and stays set.
        context.Database.ExecuteSqlRaw("PRAGMA journal_mode = WAL");
    }

    private static void KeepCopy(DatabaseFacade database, string migration)
    {
        var source = (SqliteConnection)database.GetDbConnection();
        string copy = Path.ChangeExtension(
            source.DataSource,
            string.Create(CultureInfo.InvariantCulture, $".before-{migration}.db")
        );
        using var target = new SqliteConnection(ConnectionString(copy));
        source.Open();
        target.Open();
        source.BackupDatabase(target);
    }

    private static string ConnectionString(string file) =>
        new SqliteConnectionStringBuilder
        {
            DataSource = file,
            ForeignKeys = true,
            Pooling = true,
        }.ToString();

    /// <summary>Lets the migrations tool make a context without the web application.</summary>
    internal sealed class Factory : IDesignTimeDbContextFactory<CoveContext>
    {
        public CoveContext CreateDbContext(string[] args) =>
            new(
                new DbContextOptionsBuilder<CoveContext>()
                    .UseSqlite(ConnectionString("design-time.db"))
                    .Options,
                Owner.Local
            );
    }
}
