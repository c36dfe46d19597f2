using System.Globalization;
using System.Text;
using System.Text.Json;

namespace Cove.Data;

/// <summary>Finds on which lines of a JSON text values stand.</summary>
/// <remarks>Only the values that are asked for are remembered, and the walk ends with the last of them, so a large text costs little more than a small one.</remarks>
public sealed class JsonLines
{
    private readonly Dictionary<string, int> lines = new(StringComparer.Ordinal);
    private readonly HashSet<string> wanted;

    /// <summary>What is looked for, by what holds it.</summary>
    private readonly ILookup<string, string> within;

    /// <summary>How many have neither been found nor turned out not to be there.</summary>
    private int open;

    private bool breaksOff;

    /// <summary>Where what is to blame cannot be found: the first line, or the one where the text breaks off.</summary>
    private int broken = 1;

    private JsonLines(IEnumerable<string> paths)
    {
        wanted = paths.SelectMany(WithHolders).ToHashSet(StringComparer.Ordinal);
        within = wanted.ToLookup(
            path => WithHolders(path).ElementAtOrDefault(1) ?? string.Empty,
            StringComparer.Ordinal
        );
        open = wanted.Count;
    }

    /// <summary>Walks through a text, up to where it is not well formed.</summary>
    /// <param name="json">The text.</param>
    /// <param name="paths">The values to look for, by paths such as <c>surfaces[3].name</c>.</param>
    public static JsonLines Of(ReadOnlySpan<byte> json, IEnumerable<string> paths)
    {
        var known = new JsonLines(paths);
        var reader = new Utf8JsonReader(json, new JsonReaderOptions { MaxDepth = 1000 });
        var path = new Stack<(string Name, int Index)>();
        int line = 1;
        int counted = 0;
        string name = string.Empty;
        // Whoever looks for nothing wants to know where the text breaks off.
        while ((known.open > 0 || known.wanted.Count == 0) && known.Go(ref reader))
        {
            int at = (int)reader.TokenStartIndex;
            line += json[counted..at].Count((byte)'\n');
            counted = at;
            switch (reader.TokenType)
            {
                case JsonTokenType.PropertyName:
                    name = NameOf(ref reader);
                    break;
                case JsonTokenType.EndObject:
                case JsonTokenType.EndArray:
                    known.Leave(path.Pop().Name);
                    break;
                default:
                    string value = Enter(path, ref name);
                    if (known.wanted.Contains(value) && known.lines.TryAdd(value, line))
                    {
                        known.open--;
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

        if (known.breaksOff && path.Count > 0)
        {
            known.BreakPath =
                path.Peek().Index >= 0 || name.Length > 0 ? Enter(path, ref name) : path.Peek().Name;
            known.lines.TryAdd(known.BreakPath, known.broken);
        }

        return known;
    }

    /// <summary>What was looked for in a value and not found by its end is not there.</summary>
    private void Leave(string value) => open -= within[value].Count(path => !lines.ContainsKey(path));

    private static string NameOf(ref Utf8JsonReader reader)
    {
        try
        {
            return reader.GetString()!;
        }
        catch (InvalidOperationException)
        {
            // Not text in UTF-8: nothing that is looked for has such a name.
            return string.Empty;
        }
    }

    /// <summary>Reads on; where the text is broken, remembers the line and ends.</summary>
    private bool Go(ref Utf8JsonReader reader)
    {
        try
        {
            return reader.Read();
        }
        catch (JsonException error)
        {
            broken = (int)(error.LineNumber ?? 0) + 1;
            breaksOff = true;
            return false;
        }
    }

    /// <summary>The path at which the text is not well formed; empty at its beginning or behind its end.</summary>
    public string BreakPath { get; private set; } = string.Empty;

    /// <summary>The line of a value, from 1; that of what holds it when there is no such value.</summary>
    /// <param name="path">One of the paths that were looked for.</param>
    public int LineOf(string path) =>
        WithHolders(path).Where(lines.ContainsKey).Select(holder => lines[holder]).FirstOrDefault(broken);

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
