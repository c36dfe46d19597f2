using System.Diagnostics;
using System.Net.Sockets;

namespace Cove.Web.Tests.Floor;

/// <summary>The application as a process of its own, as <c>./cove</c> starts it.</summary>
public sealed class Started : IDisposable
{
    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(60);

    private readonly Process process;
    private readonly Task<string> errors;

    public Started(IEnumerable<string> arguments, params string[] before)
    {
        string[] command =
        [
            .. before,
            "dotnet",
            Path.Combine(
                // The published application, where there is one: it starts in a third of the time.
                Environment.GetEnvironmentVariable("COVE_APP") ?? AppContext.BaseDirectory,
                "Cove.Web.dll"
            ),
            .. arguments,
        ];
        var start = new ProcessStartInfo(command[0])
        {
            RedirectStandardError = true,
            RedirectStandardOutput = true,
            UseShellExecute = false,
        };
        foreach (string argument in command.Skip(1))
        {
            start.ArgumentList.Add(argument);
        }

        process = Process.Start(start)!;
        errors = process.StandardError.ReadToEndAsync();
        _ = process.StandardOutput.ReadToEndAsync();
    }

    /// <summary>A port that nothing listens on.</summary>
    public static int FreePort()
    {
        using var probe = new TcpListener(IPAddress.Loopback, 0);
        probe.Start();
        return ((IPEndPoint)probe.LocalEndpoint).Port;
    }

    /// <summary>Waits for the end; gives the exit code and what was said as an error.</summary>
    public async Task<(int Code, string Said)> Ended()
    {
        using var patience = new CancellationTokenSource(Patience);
        await process.WaitForExitAsync(patience.Token);
        return (process.ExitCode, (await errors).Trim());
    }

    /// <summary>Waits until it answers at an address.</summary>
    public async Task Up(HttpClient http)
    {
        for (DateTime until = DateTime.UtcNow + Patience; ; )
        {
            try
            {
                using HttpResponseMessage answer = await http.GetAsync(
                    new Uri("/api/health", UriKind.Relative)
                );
                return;
            }
            catch (HttpRequestException) when (DateTime.UtcNow < until)
            {
                Assert.False(process.HasExited, process.HasExited ? await errors : null);
                await Task.Delay(50);
            }
        }
    }

    /// <summary>The most memory it has had at any moment, in bytes.</summary>
    [System.Runtime.Versioning.SupportedOSPlatform("linux")]
    public long MostMemory()
    {
        string peak = File.ReadLines($"/proc/{process.Id}/status")
            .First(line => line.StartsWith("VmHWM:", StringComparison.Ordinal));
        return long.Parse(peak.Split(' ', StringSplitOptions.RemoveEmptyEntries)[1], null) * 1024;
    }

    /// <summary>Ends it without a word, as a power cut does.</summary>
    public async Task Kill()
    {
        process.Kill();
        await process.WaitForExitAsync();
    }

    /// <summary>Ends it in good order, as Ctrl+C does; gives what was said as an error.</summary>
    public async Task<string> End()
    {
        using (Process kill = Process.Start("kill", ["-TERM", $"{process.Id}"]))
        {
            await kill.WaitForExitAsync();
        }

        return (await Ended()).Said;
    }

    public void Dispose()
    {
        if (!process.HasExited)
        {
            process.Kill();
        }

        process.Dispose();
    }
}
