using System.Linq.Expressions;
using Microsoft.EntityFrameworkCore.Storage.ValueConversion;

namespace Cove.Data;

/// <summary>The tables, as seen by one owner.</summary>
internal sealed class CoveContext(DbContextOptions<CoveContext> options, Owner owner) : DbContext(options)
{
    /// <summary>The filter that leaves out what lies in the wastebasket.</summary>
    public const string NotDeleted = nameof(NotDeleted);

    private const string OfOwner = nameof(OfOwner);

    public DbSet<VehicleRow> Vehicles => Set<VehicleRow>();

    public DbSet<CareStateRow> CareStates => Set<CareStateRow>();

    public DbSet<UsageRow> Usage => Set<UsageRow>();

    public DbSet<OdometerRow> Odometer => Set<OdometerRow>();

    public DbSet<LearntRow> Learnt => Set<LearntRow>();

    public DbSet<ResidueRow> Residues => Set<ResidueRow>();

    public DbSet<LogRow> Log => Set<LogRow>();

    public DbSet<SessionRow> Sessions => Set<SessionRow>();

    public DbSet<RunRow> Runs => Set<RunRow>();

    public DbSet<RunEventRow> RunEvents => Set<RunEventRow>();

    public DbSet<ProductRow> Products => Set<ProductRow>();

    public DbSet<KitRow> Kits => Set<KitRow>();

    public DbSet<ProductUseRow> ProductUses => Set<ProductUseRow>();

    public DbSet<InstructionRow> Instructions => Set<InstructionRow>();

    public DbSet<AnswerRow> Answers => Set<AnswerRow>();

    public DbSet<BusyRow> Busy => Set<BusyRow>();

    public DbSet<PhotoRow> Photos => Set<PhotoRow>();

    public DbSet<GonePhotoRow> GonePhotos => Set<GonePhotoRow>();

    public DbSet<SettingsRow> Settings => Set<SettingsRow>();

    /// <summary>The owner to whom every row belongs that is stored through it.</summary>
    public Guid OwnerId => owner.Id;

    public override int SaveChanges(bool acceptAllChangesOnSuccess)
    {
        StampOwner();
        return base.SaveChanges(acceptAllChangesOnSuccess);
    }

    public override Task<int> SaveChangesAsync(
        bool acceptAllChangesOnSuccess,
        CancellationToken cancellationToken = default
    )
    {
        StampOwner();
        return base.SaveChangesAsync(acceptAllChangesOnSuccess, cancellationToken);
    }

    protected override void OnModelCreating(ModelBuilder modelBuilder)
    {
        modelBuilder.Entity<VehicleRow>(vehicle =>
        {
            vehicle.HasMany(row => row.Surfaces).WithOne().HasForeignKey(row => row.VehicleId);
            vehicle.HasMany(row => row.Usage).WithOne().HasForeignKey(row => row.VehicleId);
            vehicle.HasMany(row => row.Odometer).WithOne().HasForeignKey(row => row.VehicleId);
            vehicle.HasMany(row => row.CareStates).WithOne().HasForeignKey(row => row.VehicleId);
            vehicle.HasMany(row => row.Learnt).WithOne().HasForeignKey(row => row.VehicleId);
            vehicle.HasMany(row => row.Residues).WithOne().HasForeignKey(row => row.VehicleId);
            vehicle.Property(row => row.Version).IsConcurrencyToken();
        });
        modelBuilder.Entity<SurfaceRow>().HasKey(row => new { row.VehicleId, row.SurfaceId });
        modelBuilder.Entity<UsageRow>().HasKey(row => new { row.VehicleId, row.From });
        modelBuilder.Entity<OdometerRow>().HasKey(row => new { row.VehicleId, row.At });
        modelBuilder.Entity<LearntRow>().HasKey(row => new { row.VehicleId, row.TaskId });
        modelBuilder.Entity<ResidueRow>().HasKey(row => new { row.VehicleId, row.MethodId });
        modelBuilder.Entity<CareStateRow>(state =>
        {
            state.HasKey(row => new
            {
                row.VehicleId,
                row.TaskId,
                row.SurfaceId,
            });
            state.Ignore(row => row.Key).Ignore(row => row.Beginning).Ignore(row => row.State);
        });
        modelBuilder.Entity<LogRow>(entry =>
        {
            entry.HasOne<VehicleRow>().WithMany().HasForeignKey(row => row.VehicleId);
            entry.HasOne<RunRow>().WithMany().HasForeignKey(row => row.RunId);
            entry.HasIndex(row => new { row.VehicleId, row.At });
            // Tests and events are few among the care of many years.
            entry.HasIndex(row => new
            {
                row.VehicleId,
                row.Kind,
                row.At,
            });
            entry.HasMany(row => row.Products).WithOne().HasForeignKey(row => row.LogId);
            entry.Property(row => row.Version).IsConcurrencyToken();
        });
        modelBuilder.Entity<SessionRow>().HasOne<VehicleRow>().WithMany().HasForeignKey(row => row.VehicleId);
        modelBuilder.Entity<RunRow>(run =>
        {
            run.HasOne(row => row.Session).WithMany().HasForeignKey(row => row.SessionId);
            run.HasOne<VehicleRow>().WithMany().HasForeignKey(row => row.VehicleId);
            run.HasMany(row => row.Events).WithOne().HasForeignKey(row => row.RunId);
            run.HasIndex(row => new { row.OwnerId, row.StartKey }).IsUnique();
        });
        modelBuilder.Entity<RunEventRow>(answer =>
        {
            answer.HasKey(row => new { row.RunId, row.Sequence });
            answer.HasIndex(row => new { row.RunId, row.Key }).IsUnique();
        });
        modelBuilder.Entity<ProductRow>().Property(row => row.Version).IsConcurrencyToken();
        modelBuilder.Entity<KitRow>().Property(row => row.Version).IsConcurrencyToken();
        modelBuilder.Entity<ProductUseRow>(use =>
        {
            use.HasKey(row => new { row.LogId, row.Position });
            use.HasIndex(row => row.ProductId);
        });
        modelBuilder
            .Entity<InstructionRow>()
            .HasOne<VehicleRow>()
            .WithMany()
            .HasForeignKey(row => row.VehicleId);
        modelBuilder.Entity<AnswerRow>().HasKey(row => new { row.OwnerId, row.Key });
        modelBuilder.Entity<PhotoRow>(photo =>
        {
            photo.HasOne<LogRow>().WithMany().HasForeignKey(row => row.EntryId);
            photo.HasIndex(row => row.EntryId);
        });
        modelBuilder.Entity<SettingsRow>().HasKey(row => row.OwnerId);
        modelBuilder
            .Entity<BusyRow>()
            .HasKey(row => new
            {
                row.OwnerId,
                row.StartsAt,
                row.EndsAt,
            });
        FilterByOwner(modelBuilder);
        modelBuilder.Entity<VehicleRow>().HasQueryFilter(NotDeleted, row => row.DeletedAt == null);
        modelBuilder.Entity<ProductRow>().HasQueryFilter(NotDeleted, row => row.DeletedAt == null);
    }

    protected override void ConfigureConventions(ModelConfigurationBuilder configurationBuilder)
    {
        // Text keeps the file readable with any SQLite tool; a number of milliseconds can be compared and sorted.
        configurationBuilder.Properties<Enum>().HaveConversion<string>();
        Known<LogEntryKind>();
        Known<RunEventKind>();
        Known<TowelRole>();
        Known<QuantityUnit>();
        Known<SurfaceKind>();
        Known<SurfaceFacts>();
        Known<Material>();
        Known<Finish>();
        configurationBuilder.Properties<DateTimeOffset>().HaveConversion<UnixMilliseconds>();

        void Known<TChoice>()
            where TChoice : struct, Enum =>
            configurationBuilder.Properties<TChoice>().HaveConversion<KnownWord<TChoice>>();
    }

    private void StampOwner()
    {
        foreach (var entry in ChangeTracker.Entries<OwnedRow>())
        {
            if (entry.State == EntityState.Added)
            {
                entry.Entity.OwnerId = OwnerId;
            }
        }
    }

    /// <summary>No index leads with the owner: a file is one household, in which such an index finds every row and keeps the planner from the ones that find few.</summary>
    private void FilterByOwner(ModelBuilder modelBuilder)
    {
        foreach (var type in modelBuilder.Model.GetEntityTypes())
        {
            ParameterExpression row = Expression.Parameter(type.ClrType);
            modelBuilder
                .Entity(type.ClrType)
                .HasQueryFilter(
                    OfOwner,
                    Expression.Lambda(
                        Expression.Equal(
                            Expression.Property(row, nameof(OwnedRow.OwnerId)),
                            Expression.Property(Expression.Constant(this), nameof(OwnerId))
                        ),
                        row
                    )
                );
        }
    }

    private sealed class UnixMilliseconds()
        : ValueConverter<DateTimeOffset, long>(
            instant => instant.ToUnixTimeMilliseconds(),
            milliseconds => DateTimeOffset.FromUnixTimeMilliseconds(milliseconds)
        );
}
