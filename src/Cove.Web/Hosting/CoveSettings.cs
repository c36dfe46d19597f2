using System.Globalization;
using System.Net;
using System.Net.NetworkInformation;

namespace Cove.Web.Hosting;

/// <summary>What the application was told when it was started.</summary>
/// <param name="DataDirectory">The folder of the owner's data.</param>
/// <param name="Demo">Whether to fill an empty database with invented data.</param>
/// <param name="Clock">The instant at which the clock is set to start; null for the real time.</param>
/// <param name="Port">The port, the same on every address.</param>
/// <param name="Listen">Addresses on which other machines are answered; none for this machine alone.</param>
/// <param name="Hosts">Names by which other machines call this one.</param>
/// <param name="SetPhotosAside">Whether photos that the database does not know may be set aside.</param>
internal sealed record CoveSettings(
    string DataDirectory,
    bool Demo,
    DateTimeOffset? Clock,
    int Port,
    IReadOnlyList<IPAddress> Listen,
    IReadOnlyList<string> Hosts,
    bool SetPhotosAside
)
{
    private const int StandardPort = 5117;

    /// <summary>What this machine calls itself.</summary>
    private static readonly string[] OwnNames = ["localhost", "127.0.0.1", "[::1]"];

    /// <summary>Where the server listens: always on this machine, and where it was told to.</summary>
    public IReadOnlyList<string> Urls =>
        [
            // The address that stands for all of them takes this machine's own as well, and the two cannot both be had.
            .. Listen
                .Where(address => !ListensEverywhere || IsAny(address))
                .Concat(ListensEverywhere ? [] : [IPAddress.Loopback])
                .Distinct()
                .Select(address => $"http://{Written(address)}:{Port}"),
        ];

    /// <summary>The names and addresses for which requests are answered; any other is a page of somewhere else that was made to point here.</summary>
    public IReadOnlyList<string> AllowedHosts =>
        [
            .. OwnNames
                .Concat(Listen.Where(address => !IsAny(address)).Select(Written))
                .Concat(ListensEverywhere ? OwnAddresses().Select(Written) : [])
                .Concat(Hosts)
                .Distinct(StringComparer.OrdinalIgnoreCase),
        ];

    /// <summary>Addresses to open, this machine's first.</summary>
    public IReadOnlyList<string> Addresses => [.. (
                Hosts.Count > 0 && Listen.Count > 0 ? Hosts
                : ListensEverywhere
                    ? OwnAddresses().Where(address => !IPAddress.IsLoopback(address)).Select(Written)
                : Listen.Select(Written)
            ).Prepend($"{IPAddress.Loopback}").Distinct(StringComparer.OrdinalIgnoreCase).Select(host => $"http://{host}:{Port}")];

    private bool ListensEverywhere => Listen.Any(IsAny);

    /// <summary>Reads what was given on the command line.</summary>
    /// <exception cref="CannotStartException">Something given cannot be used.</exception>
    public static CoveSettings From(IReadOnlyList<string> arguments)
    {
        IReadOnlyDictionary<string, string> said = CommandLine.Read(arguments);
        string data = said.GetValueOrDefault("data") is { Length: > 0 } given
            ? given
            : Path.Combine(
                Environment.GetFolderPath(
                    Environment.SpecialFolder.LocalApplicationData,
                    Environment.SpecialFolderOption.DoNotVerify
                ),
                "cove"
            );
        return new CoveSettings(
            Path.GetFullPath(data),
            said.GetValueOrDefault("demo") is "true",
            ClockFrom(said.GetValueOrDefault("clock")),
            PortFrom(said.GetValueOrDefault("port")),
            [.. Each(said.GetValueOrDefault("listen")).Select(AddressFrom)],
            [.. Each(said.GetValueOrDefault("host")).Select(HostFrom)],
            said.GetValueOrDefault("set-photos-aside") is "true"
        );
    }

    private static string[] Each(string? list) =>
        (list ?? string.Empty).Split(
            ',',
            StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries
        );

    private static int PortFrom(string? given) =>
        string.IsNullOrEmpty(given) ? StandardPort
        : int.TryParse(given, NumberStyles.None, CultureInfo.InvariantCulture, out int port)
        && port is >= 1 and <= IPEndPoint.MaxPort
            ? port
        : throw new CannotStartException(
            $"The port \"{given}\" cannot be used: give a number from 1 to {IPEndPoint.MaxPort} with --port, such as {StandardPort}."
        );

    private static IPAddress AddressFrom(string given) =>
        IPAddress.TryParse(given.Trim('[', ']'), out IPAddress? address)
            ? address
            : throw new CannotStartException(
                $"\"{given}\" is no address to listen on: give an address of this machine such as 192.0.2.7 with --listen, and names with --host."
            );

    private static string HostFrom(string given) =>
        Uri.CheckHostName(given) is UriHostNameType.Dns or UriHostNameType.IPv4
            ? given
            : throw new CannotStartException(
                $"\"{given}\" is no host name: give a name such as garage.home with --host, without port or http."
            );

    private static DateTimeOffset? ClockFrom(string? given) =>
        string.IsNullOrEmpty(given) ? null
        : DateTimeOffset.TryParse(
            given,
            CultureInfo.InvariantCulture,
            DateTimeStyles.AssumeLocal,
            out DateTimeOffset instant
        )
            ? instant
        : throw new CannotStartException(
            $"The clock cannot be set to \"{given}\": give a date and time with --clock, such as 2026-03-14T10:20."
        );

    private static bool IsAny(IPAddress address) =>
        address.Equals(IPAddress.Any) || address.Equals(IPAddress.IPv6Any);

    private static string Written(IPAddress address) =>
        address.AddressFamily == System.Net.Sockets.AddressFamily.InterNetworkV6
            ? $"[{address}]"
            : $"{address}";

    private static IEnumerable<IPAddress> OwnAddresses() =>
        NetworkInterface
            .GetAllNetworkInterfaces()
            .SelectMany(network => network.GetIPProperties().UnicastAddresses)
            .Select(network => network.Address)
            // A scope such as %eth0 never stands in a request.
            .Where(address => !address.IsIPv6LinkLocal);
}
