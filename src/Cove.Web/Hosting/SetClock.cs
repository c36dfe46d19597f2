namespace Cove.Web.Hosting;

/// <summary>A clock that was set by hand and runs on from there; a stand-in for demonstrations and pictures.</summary>
/// <param name="start">What it shows when it is made.</param>
internal sealed class SetClock(DateTimeOffset start) : TimeProvider
{
    private readonly long begun = System.GetTimestamp();

    public override DateTimeOffset GetUtcNow() => start.ToUniversalTime() + System.GetElapsedTime(begun);
}
