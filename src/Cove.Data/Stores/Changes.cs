using Microsoft.EntityFrameworkCore.Storage;

namespace Cove.Data;

/// <summary>Makes a request one change: what it stores and the answer to it are kept together, or neither is.</summary>
/// <remarks>Changes queue here rather than at the file, where whoever finds it busy tries again only now and then.</remarks>
public sealed class Changes
{
    /// <summary>How long a repeated request still gets the first answer.</summary>
    public static readonly TimeSpan AnswersKept = TimeSpan.FromDays(30);

    private readonly CoveContext context;
    private readonly SemaphoreSlim turn;
    private readonly List<Func<Task>> afterwards = [];

    internal Changes(CoveContext context, DataFolder folder)
    {
        this.context = context;
        turn = folder.WriteTurn;
    }

    /// <summary>Has something done once the change under way is kept; it is not done when that fails. For what lies outside the database.</summary>
    public void Afterwards(Func<Task> work) => afterwards.Add(work);

    /// <summary>Waits for its turn and begins.</summary>
    /// <param name="cancel">Gives up waiting.</param>
    public async Task<Change> Begin(CancellationToken cancel)
    {
        await turn.WaitAsync(cancel);
        try
        {
            return new Change(
                context,
                await context.Database.BeginTransactionAsync(cancel),
                turn,
                afterwards
            );
        }
        catch
        {
            turn.Release();
            throw;
        }
    }

    /// <summary>Forgets answers that nobody will ask for again.</summary>
    /// <param name="now">The present instant.</param>
    /// <param name="cancel">Gives up.</param>
    public Task<int> ForgetOldAnswers(DateTimeOffset now, CancellationToken cancel = default)
    {
        DateTimeOffset before = now - AnswersKept;
        return context.Answers.Where(row => row.At < before).ExecuteDeleteAsync(cancel);
    }
}

/// <summary>A change under way. Unless it is committed, nothing of it stays.</summary>
public sealed class Change : IAsyncDisposable
{
    private readonly CoveContext context;
    private readonly IDbContextTransaction transaction;
    private readonly SemaphoreSlim turn;
    private readonly IReadOnlyList<Func<Task>> afterwards;

    internal Change(
        CoveContext context,
        IDbContextTransaction transaction,
        SemaphoreSlim turn,
        IReadOnlyList<Func<Task>> afterwards
    )
    {
        this.afterwards = afterwards;
        this.context = context;
        this.transaction = transaction;
        this.turn = turn;
    }

    /// <summary>The answer that was given to a request of this key before; null when there was none.</summary>
    public async Task<GivenAnswer?> AnswerTo(string key, CancellationToken cancel) =>
        await context.Answers.AsNoTracking().FirstOrDefaultAsync(row => row.Key == key, cancel) is { } row
            ? new GivenAnswer(row.Request, row.Status, row.Location, row.ContentType, row.Body)
            : null;

    /// <summary>Keeps an answer for whoever sends the same request again.</summary>
    public async Task Keep(string key, GivenAnswer answer, DateTimeOffset now, CancellationToken cancel)
    {
        context.Answers.Add(
            new AnswerRow
            {
                Key = key,
                At = now,
                Request = answer.Request,
                Status = answer.Status,
                Location = answer.Location,
                ContentType = answer.ContentType,
                Body = answer.Body,
            }
        );
        await context.SaveChangesAsync(cancel);
    }

    /// <summary>Keeps everything, then does what was to be done afterwards.</summary>
    public async Task Commit(CancellationToken cancel)
    {
        await transaction.CommitAsync(cancel);
        foreach (Func<Task> work in afterwards)
        {
            await work();
        }
    }

    /// <summary>Ends the change and lets the next one begin.</summary>
    public async ValueTask DisposeAsync()
    {
        try
        {
            await transaction.DisposeAsync();
        }
        finally
        {
            turn.Release();
        }
    }
}

/// <summary>An answer to a request that changed something.</summary>
/// <param name="Request">The method and the path it was sent to.</param>
/// <param name="Status">The status.</param>
/// <param name="Location">Where what was made stands; null when nothing was.</param>
/// <param name="ContentType">The type of the body; null without one.</param>
/// <param name="Body">The body.</param>
public sealed record GivenAnswer(
    string Request,
    int Status,
    string? Location,
    string? ContentType,
    byte[] Body
);
