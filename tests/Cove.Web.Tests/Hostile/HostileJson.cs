using System.Globalization;
using System.Text;

namespace Cove.Web.Tests.Hostile;

/// <summary>Writes bodies that follow a schema of the API description, and now and then something that does not.</summary>
/// <param name="components">The schemas of the description, by name.</param>
/// <param name="random">Where chance comes from.</param>
/// <param name="known">Ids and words that exist, so that requests get further than the first check.</param>
public sealed class HostileJson(JsonObject components, Random random, IReadOnlyList<string> known)
{
    private const int Deepest = 6;

    private static readonly string[] Odd =
    [
        "null",
        "true",
        "[]",
        "{}",
        "\"\"",
        "-1",
        "0",
        "5e-324",
        "1e308",
        "1e999",
        "-0.0",
        "2147483648",
        "9223372036854775808",
        "12.7",
        "1234567890123456789012345678901",
        "NaN",
        "\"NaN\"",
        "\"\\ud800\"",
        "\"\\u0000\"",
        "\"\\u202Eabc\"",
        "\"\\u200B\\u200B\"",
        "\"1970-01-01T00:00:00Z\"",
        "\"9999-12-31T23:59:59.9999999Z\"",
        "\"0001-01-01T00:00:00+14:00\"",
        "\"'; DROP TABLE Vehicles; --\"",
        "\"../../etc/passwd\"",
        "[null]",
        "[null,null]",
        "[[[[[[[[[[[[[[[[[[[[]]]]]]]]]]]]]]]]]]]]",
        "{\"a\":{\"b\":null}}",
    ];

    private static readonly string[] Texts =
    [
        "a",
        "Kitchen roll",
        "1:8",
        "2 %",
        "neat",
        "æøå 🚗",
        "line\nbreak",
        "<b>x</b>",
        " ",
        "2026-03-10",
        "passed",
        "pat",
        "puff",
        "spill",
        "inside",
    ];

    /// <summary>A body for a schema.</summary>
    /// <param name="schema">The schema.</param>
    /// <param name="oddness">How often a value is another than the schema asks for; 0 to 1.</param>
    public string Write(JsonNode schema, double oddness)
    {
        var text = new StringBuilder();
        Write(text, schema, oddness, 0);
        string body = text.ToString();
        // Now and then it breaks off, or goes on behind its end.
        return random.NextDouble() < oddness / 4
            ? body[..random.Next(body.Length + 1)] + (random.Next(2) == 0 ? "" : "}")
            : body;
    }

    /// <summary>A text as it might stand in a path or a query.</summary>
    public string Text() =>
        random.Next(3) == 0 ? known[random.Next(known.Count)]
        : random.Next(6) == 0 ? new string('x', random.Next(300))
        : Texts[random.Next(Texts.Length)];

    private void Write(StringBuilder text, JsonNode? schema, double oddness, int depth)
    {
        if (schema is null || depth > Deepest || random.NextDouble() < oddness)
        {
            text.Append(Odd[random.Next(Odd.Length)]);
            return;
        }

        if (schema["$ref"] is { } reference)
        {
            Write(text, components[((string)reference!).Split('/')[^1]], oddness, depth);
        }
        else if ((schema["oneOf"] ?? schema["anyOf"]) is JsonArray either)
        {
            Write(text, either[random.Next(either.Count)], oddness, depth);
        }
        else if (schema["enum"] is JsonArray words)
        {
            text.Append(words[random.Next(words.Count)]?.ToJsonString() ?? "null");
        }
        else
        {
            WriteOfType(text, schema, oddness, depth);
        }
    }

    private void WriteOfType(StringBuilder text, JsonNode schema, double oddness, int depth)
    {
        switch (TypeOf(schema))
        {
            case "object":
                WriteObject(text, schema, oddness, depth);
                break;
            case "array":
                text.Append('[');
                int count = random.Next(random.Next(20) == 0 ? 30 : 4);
                for (int i = 0; i < count; i++)
                {
                    text.Append(i > 0 ? "," : "");
                    Write(text, schema["items"], oddness, depth + 1);
                }

                text.Append(']');
                break;
            case "integer":
                text.Append(random.Next(130));
                break;
            case "number":
                text.Append((random.NextDouble() * 100).ToString("0.###", CultureInfo.InvariantCulture));
                break;
            case "boolean":
                text.Append(random.Next(2) == 0 ? "true" : "false");
                break;
            case "null":
                text.Append("null");
                break;
            default:
                text.Append(JsonSerializer.Serialize(TextOf((string?)schema["format"])));
                break;
        }
    }

    private void WriteObject(StringBuilder text, JsonNode schema, double oddness, int depth)
    {
        HashSet<string> required = schema["required"] is JsonArray names
            ? [.. names.Select(name => (string)name!)]
            : [];
        text.Append('{');
        bool first = true;
        foreach (var (name, property) in schema["properties"] as JsonObject ?? [])
        {
            if (!required.Contains(name) && random.Next(3) == 0)
            {
                continue;
            }

            if (random.NextDouble() < oddness / 4)
            {
                continue;
            }

            int times = random.NextDouble() < oddness / 8 ? 2 : 1;
            for (int time = 0; time < times; time++)
            {
                text.Append(first ? "" : ",").Append('"').Append(name).Append("\":");
                first = false;
                Write(text, property, oddness, depth + 1);
            }
        }

        if (random.NextDouble() < oddness / 4)
        {
            text.Append(first ? "" : ",").Append("\"surprise\":1");
        }

        text.Append('}');
    }

    private string TextOf(string? format) =>
        format switch
        {
            "uuid" => random.Next(3) == 0 ? Guid.Empty.ToString() : known[random.Next(known.Count)],
            "date" => random.Next(4) == 0 ? "2026-02-30" : "2026-03-10",
            "date-time" => random.Next(4) == 0 ? "2030-01-01T00:00:00Z" : "2026-03-10T10:00:00Z",
            _ => Text(),
        };

    private string? TypeOf(JsonNode schema) =>
        schema["type"] switch
        {
            JsonArray several => (string?)several[random.Next(several.Count)],
            JsonValue one => (string?)one,
            _ => schema["properties"] is null ? "string" : "object",
        };
}
