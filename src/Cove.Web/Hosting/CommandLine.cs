namespace Cove.Web.Hosting;

/// <summary>Reads the command line, and nothing else: a variable of the environment that happens to be called <c>HOST</c> or <c>DATA</c> must not say where Cove listens or what it opens.</summary>
internal static class CommandLine
{
    /// <summary>What is said without a value.</summary>
    private static readonly string[] Flags = ["set-photos-aside"];

    private static readonly string[] Options = ["port", "data", "listen", "host", "clock", "demo"];

    /// <summary>What the framework's host says of itself where a program starts Cove instead of a person.</summary>
    private static readonly string[] OfTheFramework = ["environment", "contentRoot", "applicationName"];

    /// <summary>Reads what was given, as <c>--option value</c> or <c>--option=value</c>.</summary>
    /// <param name="arguments">The arguments.</param>
    /// <returns>What was given, by option; a flag that was given has the value <c>true</c>.</returns>
    /// <exception cref="CannotStartException">There is no such option, or it has no value.</exception>
    public static IReadOnlyDictionary<string, string> Read(IReadOnlyList<string> arguments)
    {
        var given = new Dictionary<string, string>(StringComparer.Ordinal);
        for (int at = 0; at < arguments.Count; at++)
        {
            string[] parts = arguments[at].Split('=', 2);
            string name = parts[0].StartsWith("--", StringComparison.Ordinal) ? parts[0][2..] : string.Empty;
            if (Flags.Contains(name))
            {
                given[name] = parts is [_, var set] ? set : "true";
            }
            else if (!Options.Contains(name) && !OfTheFramework.Contains(name))
            {
                throw new CannotStartException(
                    $"Cove has no option \"{parts[0]}\": it knows --{string.Join(", --", Options.Concat(Flags))}."
                );
            }
            else if (parts is [_, var value])
            {
                given[name] = value;
            }
            else
            {
                at++;
                given[name] =
                    at < arguments.Count
                        ? arguments[at]
                        : throw new CannotStartException(
                            $"The option {parts[0]} needs a value: give it after a space."
                        );
            }
        }

        return given;
    }
}
