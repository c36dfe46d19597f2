using Microsoft.EntityFrameworkCore.Metadata;

namespace Cove.Data;

/// <summary>Gives a vehicle another id, on every row that names it.</summary>
internal static class VehicleKeys
{
    /// <summary>Changes an id. To be called within a transaction.</summary>
    public static async Task Change(CoveContext context, Guid from, Guid to, CancellationToken cancel)
    {
        // The rows point at nothing until the last of them is changed.
        await context.Database.ExecuteSqlRawAsync("PRAGMA defer_foreign_keys = ON", cancel);
        foreach (var (table, column) in Columns(context.Model))
        {
#pragma warning disable EF1002 // Names of the model, not of the owner.
            await context.Database.ExecuteSqlRawAsync(
                $"UPDATE \"{table}\" SET \"{column}\" = {{0}} WHERE \"{column}\" = {{1}}",
                [to, from],
                cancel
            );
#pragma warning restore EF1002
        }
    }

    private static IEnumerable<(string Table, string Column)> Columns(IModel model) =>
        model
            .GetEntityTypes()
            .SelectMany(type => type.GetForeignKeys())
            .Where(key => key.PrincipalEntityType.ClrType == typeof(VehicleRow))
            .Select(key => (key.DeclaringEntityType.GetTableName()!, key.Properties[0].GetColumnName()))
            .Append((model.FindEntityType(typeof(VehicleRow))!.GetTableName()!, nameof(VehicleRow.Id)))
            .Distinct();
}
