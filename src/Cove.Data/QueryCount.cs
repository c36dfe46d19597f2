using System.Data.Common;
using Microsoft.EntityFrameworkCore.Diagnostics;

namespace Cove.Data;

/// <summary>Counts what is asked of the database in one request, for measurements.</summary>
public sealed class QueryCount : DbCommandInterceptor
{
    /// <summary>How many commands were sent so far.</summary>
    public int Count { get; private set; }

    /// <inheritdoc/>
    public override InterceptionResult<DbDataReader> ReaderExecuting(
        DbCommand command,
        CommandEventData eventData,
        InterceptionResult<DbDataReader> result
    )
    {
        Count++;
        return result;
    }

    /// <inheritdoc/>
    public override ValueTask<InterceptionResult<DbDataReader>> ReaderExecutingAsync(
        DbCommand command,
        CommandEventData eventData,
        InterceptionResult<DbDataReader> result,
        CancellationToken cancellationToken = default
    )
    {
        Count++;
        return ValueTask.FromResult(result);
    }
}
