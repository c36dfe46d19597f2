using System.Collections.Concurrent;

namespace Cove.Web.Features.Cars;

/// <summary>A car as it stands at one instant, kept for those who ask next. What is worked out on the way is for one request at a time; see <see cref="Use"/>.</summary>
/// <param name="day">The car at the instant.</param>
internal sealed class CarAtHand(DayPlan day)
{
    private readonly Lock turn = new();
    private readonly ConcurrentDictionary<string, Lazy<Task<object>>> known = new(StringComparer.Ordinal);

    /// <summary>The car as it stands. What it says of sessions and methods is asked for in <see cref="Use"/>.</summary>
    public DayPlan Day => day;

    /// <summary>Works with it while nobody else does: what it computes, it keeps.</summary>
    public T Use<T>(Func<DayPlan, T> work)
    {
        lock (turn)
        {
            return work(day);
        }
    }

    /// <summary>Works with two cars while nobody else does. They are always taken in the same order, by their ids, so that no two who need the same cars wait for one another.</summary>
    public static T UseBoth<T>(
        (VehicleId Id, CarAtHand Car) one,
        (VehicleId Id, CarAtHand Car) other,
        Func<DayPlan, DayPlan, T> work
    ) =>
        one.Id.Value.CompareTo(other.Id.Value) < 0
            ? one.Car.Use(first => other.Car.Use(second => work(first, second)))
            : other.Car.Use(first => one.Car.Use(second => work(second, first)));

    /// <summary>Works something out once, for all who ask.</summary>
    /// <param name="what">Names it.</param>
    /// <param name="work">Works it out. What fails is tried again by the next who asks.</param>
    public async Task<T> Once<T>(string what, Func<Task<T>> work)
        where T : class
    {
        Lazy<Task<object>> task = known.GetOrAdd(what, _ => new(async () => await work()));
        try
        {
            return (T)await task.Value;
        }
        catch
        {
            known.TryRemove(KeyValuePair.Create(what, task));
            throw;
        }
    }
}
