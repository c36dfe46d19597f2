using Microsoft.EntityFrameworkCore.Storage;

namespace Cove.Data;

/// <summary>A change of a store that is kept whole or not at all. Within a larger change it is a part of that one.</summary>
internal sealed class ChangeScope : IAsyncDisposable
{
    private readonly IDbContextTransaction? own;

    private ChangeScope(IDbContextTransaction? own) => this.own = own;

    /// <summary>Begins a change, or joins the one that is under way.</summary>
    public static async Task<ChangeScope> Begin(CoveContext context, CancellationToken cancel) =>
        new(
            context.Database.CurrentTransaction is null
                ? await context.Database.BeginTransactionAsync(cancel)
                : null
        );

    /// <summary>Keeps the change, or leaves that to the larger one.</summary>
    public Task CommitAsync(CancellationToken cancel) => own?.CommitAsync(cancel) ?? Task.CompletedTask;

    public ValueTask DisposeAsync() => own?.DisposeAsync() ?? ValueTask.CompletedTask;
}
