using System.Collections.Concurrent;
using Cove.Core.Cars;
using Cove.Core.Methods;
using Cove.Core.Sessions;
using Cove.Core.Upkeep;

namespace Cove.Web.Features.Cars;

/// <summary>A car as it stands at one instant, with what is computed of it. It is for one request at a time; see <see cref="Use"/>.</summary>
/// <param name="car">The car and what serves it.</param>
/// <param name="paces">How fast its owner does chores.</param>
/// <param name="now">The instant.</param>
internal sealed class CarAtHand(CarShelf car, ChorePaces paces, DateTimeOffset now)
{
    private readonly Lock turn = new();
    private readonly ConcurrentDictionary<string, Lazy<Task<object>>> known = new(StringComparer.Ordinal);
    private SessionOffer? offer;

    public CareLedger Ledger => car.Ledger;

    public CarShelf Car => car;

    public ChorePaces Paces => paces;

    public Core.Vehicles.Plan.Cabin Cabin { get; } = car.Ledger.Vehicle.ToCabin();

    public IReadOnlyList<CareStatus> Statuses { get; } = car.Ledger.At(now);

    public MethodBook Book { get; } = car.MethodsAt(now, paces);

    /// <summary>What every length of session would bring.</summary>
    public SessionOffer Offer => offer ??= new SessionOffer(new SessionPlanner(Statuses, Cabin, Book), now);

    /// <summary>Works with it while nobody else does: what it computes, it keeps.</summary>
    public T Use<T>(Func<CarAtHand, T> work)
    {
        lock (turn)
        {
            return work(this);
        }
    }

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
