namespace Cove.Core.Tests.Sessions;

/// <summary>A way round of forty seconds with a zone at each of them.</summary>
internal static class Ways
{
    private static readonly Zone[] Zones =
    [
        .. Enumerable.Range(0, 40).Select(second => new Zone($"{second}", $"{second}", default)),
    ];

    public static WayRound Round { get; } =
        new(
            40 * SessionRules.WalkingPace,
            Zones.Select((zone, second) => (zone, second * SessionRules.WalkingPace))
        );

    public static Zone At(int second) => Zones[second];
}
