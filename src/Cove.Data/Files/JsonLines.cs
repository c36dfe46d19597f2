using System.Globalization;
using System.Text;
using System.Text.Json;

namespace Cove.Data;

/// <summary>Knows on which line of a JSON text each of its values stands.</summary>
public sealed class JsonLines
{
    private readonly Dictionary<string, int> lines = new(StringComparer.Ordinal);

    private JsonLines() { }

    /// <summary>Walks through a text that is known to be well formed.</summary>
    /// <exception cref="JsonException">The text is not well formed.</exception>
    public static JsonLines Of(ReadOnlySpan<byte> json)
    {
        var known = new JsonLines();
        var reader = new Utf8JsonReader(json);
        var path = new Stack<(string Name, int Index)>();
        int line = 1;
        int counted = 0;
        string name = string.Empty;
        while (reader.Read())
        {
            int at = (int)reader.TokenStartIndex;
            line += json[counted..at].Count((byte)'\n');
            counted = at;
            switch (reader.TokenType)
            {
                case JsonTokenType.PropertyName:
                    name = reader.GetString()!;
                    break;
                case JsonTokenType.EndObject:
                case JsonTokenType.EndArray:
                    path.Pop();
                    break;
                default:
                    string value = Enter(path, ref name);
                    known.lines.TryAdd(value, line);
                    if (reader.TokenType is JsonTokenType.StartObject)
                    {
                        path.Push((value, -1));
                    }
                    else if (reader.TokenType is JsonTokenType.StartArray)
                    {
                        path.Push((value, 0));
                    }

                    break;
            }
        }

        return known;
    }

    /// <summary>The line of a value, from 1; that of what holds it when there is no such value.</summary>
    /// <param name="path">A path such as <c>surfaces[3].name</c>.</param>
    public int LineOf(string path)
    {
        string at = path;
        while (at.Length > 0)
        {
            if (lines.TryGetValue(at, out int line))
            {
                return line;
            }

            int cut = at.AsSpan().LastIndexOfAny('.', '[');
            at = cut < 0 ? string.Empty : at[..cut];
        }

        return 1;
    }

    /// <summary>The path of the value that begins here.</summary>
    private static string Enter(Stack<(string Name, int Index)> path, ref string name)
    {
        if (path.Count == 0)
        {
            return string.Empty;
        }

        var (within, index) = path.Peek();
        if (index < 0)
        {
            string member = within.Length == 0 ? name : $"{within}.{name}";
            name = string.Empty;
            return member;
        }

        path.Pop();
        path.Push((within, index + 1));
        return new StringBuilder(within).Append(CultureInfo.InvariantCulture, $"[{index}]").ToString();
    }
}
