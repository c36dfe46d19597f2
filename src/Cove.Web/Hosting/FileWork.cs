namespace Cove.Web.Hosting;

/// <summary>Reads files that were sent, before any change begins: nobody who stores something waits for a large or hostile file.</summary>
/// <remarks>One is read after the other, so that several together take no more memory than one. A file that takes too long is given up.</remarks>
internal static class FileWork
{
    /// <summary>So long a file may take. Cove's own choice: the largest that Cove writes takes a third of it.</summary>
    private static readonly TimeSpan Longest = TimeSpan.FromSeconds(4);

    private static readonly SemaphoreSlim Turn = new(1);

    /// <summary>The present, or what is latest on record where the clock has been ahead since: nothing in a file that Cove wrote is later.</summary>
    public static async Task<DateTimeOffset> LatestKnown(this HttpContext http)
    {
        IServiceProvider services = http.RequestServices;
        DateTimeOffset now = services.GetRequiredService<OwnerClock>().Now;
        DateTimeOffset? latest = await services.GetRequiredService<LogStore>().Latest(http.RequestAborted);
        return latest > now ? latest.Value : now;
    }

    /// <summary>Reads a file away from the request, as long as its sender waits for it.</summary>
    /// <param name="http">The request.</param>
    /// <param name="read">Reads it; looks at the token as it goes.</param>
    /// <returns>What was read; null when it took too long.</returns>
    public static async Task<T?> Read<T>(HttpContext http, Func<CancellationToken, T> read)
        where T : class
    {
        CancellationToken gone = http.RequestAborted;
        await Turn.WaitAsync(gone);
        try
        {
            using var limit = CancellationTokenSource.CreateLinkedTokenSource(gone);
            limit.CancelAfter(Longest);
            return await Task.Run(() => read(limit.Token), gone);
        }
        catch (OperationCanceledException) when (!gone.IsCancellationRequested)
        {
            return null;
        }
        finally
        {
            Turn.Release();
        }
    }
}

/// <summary>A file that was sent and read, or why it is refused.</summary>
/// <typeparam name="T">What it holds.</typeparam>
/// <param name="Content">What it holds; null when it is refused.</param>
/// <param name="Refusal">The answer to give; null when it was read.</param>
internal sealed record ReadFile<T>(T? Content, IResult? Refusal)
    where T : class
{
    public static ReadFile<T> Of(T content) => new(content, null);

    public static ReadFile<T> Refused(IResult answer) => new(null, answer);
}
