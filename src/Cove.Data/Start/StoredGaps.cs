using System.Text.Json;
using System.Text.Json.Nodes;

namespace Cove.Data;

/// <summary>Takes the nulls out of stored lists that earlier versions let in, which made the whole shelf unreadable.</summary>
internal static class StoredGaps
{
    private const string AtTheBeginning = "%[null%";
    private const string Further = "%,null%";

    /// <summary>Closes every gap. A row that is no JSON stays as it is.</summary>
    public static void Close(CoveContext context)
    {
        foreach (
            var row in context
                .Kits.IgnoreQueryFilters()
                .Where(row =>
                    EF.Functions.Like(row.KitJson, AtTheBeginning) || EF.Functions.Like(row.KitJson, Further)
                )
                .ToArray()
        )
        {
            row.KitJson = WithoutGaps(row.KitJson);
        }

        foreach (
            var row in context
                .Products.IgnoreQueryFilters()
                .Where(row =>
                    EF.Functions.Like(row.DetailsJson, AtTheBeginning)
                    || EF.Functions.Like(row.DetailsJson, Further)
                )
                .ToArray()
        )
        {
            row.DetailsJson = WithoutGaps(row.DetailsJson);
        }

        context.SaveChanges();
    }

    private static string WithoutGaps(string json)
    {
        try
        {
            JsonNode? read = JsonNode.Parse(json);
            CloseIn(read);
            return read?.ToJsonString() ?? json;
        }
        catch (JsonException)
        {
            return json;
        }
    }

    private static void CloseIn(JsonNode? node)
    {
        switch (node)
        {
            case JsonArray list:
                for (int at = list.Count - 1; at >= 0; at--)
                {
                    if (list[at] is null)
                    {
                        list.RemoveAt(at);
                    }
                    else
                    {
                        CloseIn(list[at]);
                    }
                }

                break;
            case JsonObject whole:
                foreach (var (_, value) in whole)
                {
                    CloseIn(value);
                }

                break;
        }
    }
}
