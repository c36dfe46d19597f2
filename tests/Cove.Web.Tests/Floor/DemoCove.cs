namespace Cove.Web.Tests.Floor;

/// <summary>One application with the invented data for all tests of a class that leave it as it was.</summary>
public sealed class DemoCove : IDisposable
{
    public CoveHost Host { get; } = new(demo: true);

    public void Dispose() => Host.Dispose();
}

/// <summary>One application without any data for all tests of a class that leave it as it was.</summary>
public sealed class EmptyCove : IDisposable
{
    public CoveHost Host { get; } = new();

    public void Dispose() => Host.Dispose();
}
