namespace Cove.Tests;

/// <summary>How much of the random runs is done: a part in every run, all of it with <c>./cove test --long</c>.</summary>
public static class LongRun
{
    /// <summary>Chooses between the two.</summary>
    public static int Of(int usual, int full) =>
        Environment.GetEnvironmentVariable("COVE_LONG") == "1" ? full : usual;
}
