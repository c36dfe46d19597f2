using System.Globalization;
using System.Text;
using System.Text.Json;

namespace Cove.Data;

/// <summary>Finds on which lines of a JSON text values stand.</summary>
/// <remarks>Only the values that are asked for are remembered, so a large text costs no more than a small one.</remarks>
public sealed class JsonLines
{
    private readonly Dictionary<string, int> lines = new(StringComparer.Ordinal);
    private readonly HashSet<string> wanted;

    private JsonLines(IEnumerable<string> paths) =>
        wanted = paths.SelectMany(WithHolders).ToHashSet(StringComparer.Ordinal);

    /// <summary>Walks through a text that is known to be well formed.</summary>
    /// <param name="json">The text.</param>
    /// <param name="paths">The values to look for, by paths such as <c>surfaces[3].name</c>.</param>
    /// <exception cref="JsonException">The text is not well formed.</exception>
    public static JsonLines Of(ReadOnlySpan<byte> json, IEnumerable<string> paths)
    {
        var known = new JsonLines(paths);
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
                    if (known.wanted.Contains(value))
                    {
                        known.lines.TryAdd(value, line);
                    }

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
    /// <param name="path">One of the paths that were looked for.</param>
    public int LineOf(string path) =>
        WithHolders(path).Where(lines.ContainsKey).Select(holder => lines[holder]).FirstOrDefault(1);

    /// <summary>A path, and those of all that holds it, the nearest first.</summary>
    private static IEnumerable<string> WithHolders(string path)
    {
        string at = path;
        while (at.Length > 0)
        {
            yield return at;
            int cut = at.AsSpan().LastIndexOfAny('.', '[');
            at = cut < 0 ? string.Empty : at[..cut];
        }
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
