using FsCheck;

namespace Cove.Tests;

/// <summary>How properties that are not tests by themselves draw at random: the same in every run, anew with <c>./cove test --long</c>.</summary>
public static class Draws
{
    /// <summary>Where the usual draws begin.</summary>
    public const string UsualSeed = "8689470832124810807,11172962910615463261";

    /// <summary>Draws so often, and throws with what it found.</summary>
    public static Config Of(int times)
    {
        Config config = Config.QuickThrowOnFailure.WithMaxTest(times);
        ulong[] seed = [.. UsualSeed.Split(',').Select(ulong.Parse)];
        return LongRun.Of(0, 1) == 0 ? config.WithReplay(seed[0], seed[1]) : config;
    }
}
