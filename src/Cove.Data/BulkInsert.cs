using System.Data.Common;
using Microsoft.EntityFrameworkCore.Metadata;
using Microsoft.EntityFrameworkCore.Storage;
using Microsoft.EntityFrameworkCore.Storage.ValueConversion;

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
        // Made once: to make them anew for each row takes longer than to store it.
        (IProperty Column, ValueConverter? Converter, DbParameter Parameter)[] cells =
        [
            .. columns.Select(
                (column, at) =>
                {
                    RelationalTypeMapping mapping = column.GetRelationalTypeMapping();
                    DbParameter parameter = mapping.CreateParameter(command, $"@p{at}", null, nullable: true);
                    command.Parameters.Add(parameter);
                    return (column, mapping.Converter, parameter);
                }
            ),
        ];
        foreach (T row in rows)
        {
            cancel.ThrowIfCancellationRequested();
            row.OwnerId = context.OwnerId;
            foreach (var (column, converter, parameter) in cells)
            {
                object? value = column.GetGetter().GetClrValue(row);
                parameter.Value =
                    (value is null || converter is null ? value : converter.ConvertToProvider(value))
                    ?? DBNull.Value;
            }

            await command.ExecuteNonQueryAsync(cancel);
        }
    }
}
