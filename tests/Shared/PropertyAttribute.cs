using Cove.Tests;

namespace Cove;

/// <summary>A test that holds for whatever is drawn at random: the same draws in every run, new ones with <c>./cove test --long</c>.</summary>
/// <remarks>A run that failed can so be had again by anyone, and what has just been changed is what made it fail.</remarks>
// The base class takes no place in the source either.
#pragma warning disable xUnit3003
[AttributeUsage(AttributeTargets.Method)]
public sealed class PropertyAttribute : FsCheck.Xunit.PropertyAttribute
#pragma warning restore xUnit3003
{
    /// <summary>Draws anew only in a long run.</summary>
    public PropertyAttribute()
    {
        if (LongRun.Of(0, 1) == 0)
        {
            Replay = Draws.UsualSeed;
        }
    }
}
