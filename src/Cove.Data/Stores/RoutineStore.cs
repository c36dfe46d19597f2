using System.Security.Cryptography;
using System.Text;

namespace Cove.Data;

/// <summary>Keeps the routines of vehicles, the plan that stands for each, and the secret addresses of their calendars.</summary>
public sealed class RoutineStore
{
    private const int KeyBytes = 24;

    private readonly CoveContext context;

    internal RoutineStore(CoveContext context) => this.context = context;

    /// <summary>The routine of a vehicle; an empty one while its owner has made none. Null when the owner has no vehicle of that id.</summary>
    public async Task<SavedRoutine?> Find(VehicleId vehicleId, CancellationToken cancel = default)
    {
        VehicleRow? row = await context
            .Vehicles.AsNoTracking()
            .FirstOrDefaultAsync(vehicle => vehicle.Id == vehicleId, cancel);
        return row is null ? null : Saved(row);
    }

    /// <summary>The other vehicles of the owner that are in use, with their routines.</summary>
    public async Task<IReadOnlyList<OtherRoutine>> Others(
        VehicleId vehicleId,
        CancellationToken cancel = default
    )
    {
        List<VehicleRow> rows = await context
            .Vehicles.AsNoTracking()
            .Where(row => row.Id != vehicleId && row.ArchivedAt == null)
            .OrderBy(row => row.AddedAt)
            .ToListAsync(cancel);
        return [.. rows.Select(row => new OtherRoutine(new VehicleId(row.Id), row.Name, Saved(row)))];
    }

    /// <summary>The vehicle whose calendar has a secret address; null when none has.</summary>
    public async Task<VehicleId?> ByFeedKey(string key, CancellationToken cancel = default)
    {
        if (key.Length == 0)
        {
            return null;
        }

        Guid? found = await context
            .Vehicles.Where(row => row.FeedKey == key && row.ArchivedAt == null)
            .Select(row => (Guid?)row.Id)
            .FirstOrDefaultAsync(cancel);
        return found is { } id ? new VehicleId(id) : null;
    }

    /// <summary>Keeps a routine and the plan that follows from it.</summary>
    /// <param name="vehicleId">The vehicle.</param>
    /// <param name="version">The version of the routine that the change is based on.</param>
    /// <param name="routine">The routine.</param>
    /// <param name="standing">The plan.</param>
    /// <param name="cancel">Gives up before anything is stored.</param>
    public async Task<Changed<SavedRoutine>> Keep(
        VehicleId vehicleId,
        int version,
        CarRoutine routine,
        StandingPlan standing,
        CancellationToken cancel = default
    )
    {
        await using ChangeScope scope = await ChangeScope.Begin(context, cancel);
        VehicleRow? row = await context.Vehicles.FirstOrDefaultAsync(
            vehicle => vehicle.Id == vehicleId,
            cancel
        );
        if (row is null)
        {
            return new Changed<SavedRoutine>(ChangeOutcome.NotFound);
        }

        if (row.RoutineVersion != version)
        {
            return new Changed<SavedRoutine>(ChangeOutcome.Stale);
        }

        row.Routine = RoutineDocument.Of(routine);
        row.Standing = StandingDocument.Of(standing);
        row.RoutineVersion++;
        await context.SaveChangesAsync(cancel);
        await scope.CommitAsync(cancel);
        return new Changed<SavedRoutine>(ChangeOutcome.Made, Saved(row));
    }

    /// <summary>Keeps a plan that follows from a change of another vehicle's routine.</summary>
    public async Task Stand(VehicleId vehicleId, StandingPlan standing, CancellationToken cancel = default)
    {
        VehicleRow? row = await context.Vehicles.FirstOrDefaultAsync(
            vehicle => vehicle.Id == vehicleId,
            cancel
        );
        if (row is not null)
        {
            row.Standing = StandingDocument.Of(standing);
            await context.SaveChangesAsync(cancel);
        }
    }

    /// <summary>Gives the calendar of a vehicle a new secret address; the old one is not answered any more.</summary>
    /// <returns>The secret part of it; null when the owner has no vehicle of that id.</returns>
    public async Task<string?> RenewFeed(VehicleId vehicleId, CancellationToken cancel = default)
    {
        string key = Convert.ToHexStringLower(RandomNumberGenerator.GetBytes(KeyBytes));
        int changed = await context
            .Vehicles.Where(vehicle => vehicle.Id == vehicleId)
            .ExecuteUpdateAsync(set => set.SetProperty(row => row.FeedKey, key), cancel);
        return changed > 0 ? key : null;
    }

    /// <summary>Counts the changes of what a calendar says of each day, and keeps count.</summary>
    /// <param name="vehicleId">The vehicle.</param>
    /// <param name="days">What names each day for ever, and what is said of it now.</param>
    /// <param name="now">The present instant.</param>
    /// <param name="cancel">Gives up before anything is stored.</param>
    /// <returns>For each day how often it has changed, and when it last did.</returns>
    public async Task<IReadOnlyDictionary<string, DayRevision>> Revise(
        VehicleId vehicleId,
        IReadOnlyDictionary<string, string> days,
        DateTimeOffset now,
        CancellationToken cancel = default
    )
    {
        await using ChangeScope scope = await ChangeScope.Begin(context, cancel);
        VehicleRow? row = await context.Vehicles.FirstOrDefaultAsync(
            vehicle => vehicle.Id == vehicleId,
            cancel
        );
        if (row is null)
        {
            return new Dictionary<string, DayRevision>(StringComparer.Ordinal);
        }

        Dictionary<string, CalendarDayDocument> known = row.Calendar.Days.ToDictionary(
            day => day.Uid,
            StringComparer.Ordinal
        );
        CalendarDayDocument[] said =
        [
            .. days.Select(day =>
            {
                string content = NameOf(day.Value);
                CalendarDayDocument? before = known.GetValueOrDefault(day.Key);
                return before?.Content == content
                    ? before
                    : new CalendarDayDocument
                    {
                        Uid = day.Key,
                        Content = content,
                        Sequence = before is null ? 0 : before.Sequence + 1,
                        ChangedAt = RecordTime.ToStored(now),
                    };
            }),
        ];
        if (!said.SequenceEqual(row.Calendar.Days))
        {
            row.Calendar = new CalendarDocument { Days = said };
            await context.SaveChangesAsync(cancel);
            await scope.CommitAsync(cancel);
        }

        return said.ToDictionary(
            day => day.Uid,
            day => new DayRevision(day.Sequence, day.ChangedAt),
            StringComparer.Ordinal
        );
    }

    private static string NameOf(string content) =>
        Convert.ToHexStringLower(SHA256.HashData(Encoding.UTF8.GetBytes(content)))[..16];

    private static SavedRoutine Saved(VehicleRow row) =>
        new(
            row.Routine?.ToRoutine() ?? CarRoutine.None,
            row.Standing?.ToPlan(),
            row.RoutineVersion,
            row.FeedKey
        );
}

/// <summary>A routine as it is kept.</summary>
/// <param name="Routine">The routine.</param>
/// <param name="Standing">The plan that stands; null before there was one.</param>
/// <param name="Version">Counts its changes.</param>
/// <param name="FeedKey">The secret part of the address of its calendar; empty while there is none.</param>
public sealed record SavedRoutine(CarRoutine Routine, StandingPlan? Standing, int Version, string FeedKey);

/// <summary>How often what a calendar says of a day has changed.</summary>
/// <param name="Sequence">How often; 0 at first.</param>
/// <param name="ChangedAt">When it last did.</param>
public readonly record struct DayRevision(int Sequence, DateTimeOffset ChangedAt);

/// <summary>The routine of another vehicle of the same owner.</summary>
/// <param name="VehicleId">The vehicle.</param>
/// <param name="Name">What its owner calls it.</param>
/// <param name="Saved">Its routine.</param>
public sealed record OtherRoutine(VehicleId VehicleId, string Name, SavedRoutine Saved);
