using System.Data.Common;
using Microsoft.EntityFrameworkCore.Metadata;
using Microsoft.EntityFrameworkCore.Storage;

namespace Cove.Data;

/// <summary>Stores thousands of rows at once.</summary>
/// <remarks>A context keeps track of every row it stores, which takes as long as all else together; a file of twenty thousand entries would keep everybody else from storing anything for seconds. Nothing is tracked here, and rows that hang on these go by a call of their own. For single rows use the context.</remarks>
internal static class BulkInsert
{
    /// <summary>Inserts rows, within the transaction that is under way.</summary>
    /// <typeparam name="T">Which table.</typeparam>
    /// <param name="context">The context; what it tracks is not touched.</param>
    /// <param name="rows">The rows, with all keys set.</param>
    /// <param name="cancel">Gives up; what was inserted goes with the transaction.</param>
    public static async Task InsertAll<T>(
        this CoveContext context,
        IEnumerable<T> rows,
        CancellationToken cancel
    )
        where T : OwnedRow
    {
        IEntityType type = context.Model.FindEntityType(typeof(T))!;
        IProperty[] columns = [.. type.GetProperties()];
        await using DbCommand command = context.Database.GetDbConnection().CreateCommand();
        command.Transaction = context.Database.CurrentTransaction?.GetDbTransaction();
#pragma warning disable CA2100 // Names of the model, not of the owner.
        command.CommandText =
            $"INSERT INTO \"{type.GetTableName()}\" ({string.Join(", ", columns.Select(column => $"\"{column.GetColumnName()}\""))}) VALUES ({string.Join(", ", columns.Select((_, at) => $"@p{at}"))})";
#pragma warning restore CA2100
        foreach (T row in rows)
        {
            row.OwnerId = context.OwnerId;
            command.Parameters.Clear();
            for (int at = 0; at < columns.Length; at++)
            {
                command.Parameters.Add(
                    columns[at]
                        .GetRelationalTypeMapping()
                        .CreateParameter(
                            command,
                            $"@p{at}",
                            columns[at].GetGetter().GetClrValue(row),
                            columns[at].IsNullable
                        )
                );
            }

            await command.ExecuteNonQueryAsync(cancel);
        }
    }
}
