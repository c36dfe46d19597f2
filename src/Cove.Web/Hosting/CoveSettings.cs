using System.Globalization;

namespace Cove.Web.Hosting;

/// <summary>What the application was told when it was started.</summary>
/// <param name="DataDirectory">The folder of the owner's data.</param>
/// <param name="Demo">Whether to fill an empty database with invented data.</param>
/// <param name="Clock">The instant at which the clock is set to start; null for the real time.</param>
internal sealed record CoveSettings(string DataDirectory, bool Demo, DateTimeOffset? Clock)
{
    public static CoveSettings From(IConfiguration configuration)
    {
        string data = configuration["data"] is { Length: > 0 } given
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
            configuration.GetValue("demo", false),
            ClockFrom(configuration["clock"])
        );
    }

    private static DateTimeOffset? ClockFrom(string? given)
    {
        if (string.IsNullOrEmpty(given))
        {
            return null;
        }

        return DateTimeOffset.TryParse(
            given,
            CultureInfo.InvariantCulture,
            DateTimeStyles.AssumeLocal,
            out DateTimeOffset instant
        )
            ? instant
            : throw new InvalidOperationException(
                $"The clock is to be set to \"{given}\", which is not a date and time. Write it like 2026-03-14T10:20."
            );
    }
}
