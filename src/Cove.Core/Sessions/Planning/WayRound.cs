using Cove.Core.Vehicles.Plan;

namespace Cove.Core.Sessions.Planning;

/// <summary>The way round a car, and where on it each zone is reached.</summary>
public sealed class WayRound
{
    private readonly double round;
    private readonly Dictionary<ZoneId, double> places;

    /// <summary>Lays the way out.</summary>
    /// <param name="metres">How long it is all the way round; above 0.</param>
    /// <param name="zones">Each zone with how many metres it is from where the way begins.</param>
    public WayRound(double metres, IEnumerable<(Zone Zone, double At)> zones)
    {
        round = metres;
        places = zones.ToDictionary(place => place.Zone.Id, place => place.At);
    }

    /// <summary>Walking from one zone to another, the shorter way.</summary>
    public TimeSpan Between(Zone from, Zone to) =>
        TimeSpan.FromSeconds(MetresBetween(from, to) / SessionRules.WalkingPace);

    /// <summary>Metres from one zone to another, the shorter way.</summary>
    public double MetresBetween(Zone from, Zone to)
    {
        double way = Math.Abs(places[to.Id] - places[from.Id]);
        return Math.Min(way, round - way);
    }

    /// <summary>Metres from one zone on to another in the direction of the way, however long that is.</summary>
    public double MetresOnward(Zone from, Zone to)
    {
        double way = places[to.Id] - places[from.Id];
        return way < 0 ? way + round : way;
    }
}
