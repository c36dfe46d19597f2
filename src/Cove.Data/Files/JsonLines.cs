using System.Globalization;
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
        var path = new Stack<Holder>();
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
                    known.Leave(path.Pop().Path);
                    break;
                default:
                    string place = Enter(path, ref name);
                    string? value = known.Find(path, place, line);
                    if (reader.TokenType is JsonTokenType.StartObject or JsonTokenType.StartArray)
                    {
                        bool isList = reader.TokenType is JsonTokenType.StartArray;
                        path.Push(new Holder(place, isList ? 0 : -1, value));
                    }

                    break;
            }
        }

        if (known.breaksOff && path.Count > 0)
        {
            string last = path.Peek().Next >= 0 || name.Length > 0 ? Enter(path, ref name) : string.Empty;
            known.BreakPath = path.Reverse().Select(holder => holder.Place).Append(last).Aggregate(Join);
            known.lines.TryAdd(known.BreakPath, known.broken);
        }

        return known;
    }

    /// <summary>Remembers the line of a value that is looked for.</summary>
    /// <returns>Its path, when it or something in it is looked for; null for all others, of which a large text has millions.</returns>
    private string? Find(Stack<Holder> path, string place, int line)
    {
        if (path.TryPeek(out Holder holder) && holder.Path is null)
        {
            return null;
        }

        string value = Join(holder.Path ?? string.Empty, place);
        if (wanted.Contains(value) && lines.TryAdd(value, line))
        {
            open--;
        }

        return within.Contains(value) ? value : null;
    }

    /// <summary>What was looked for in a value and not found by its end is not there.</summary>
    private void Leave(string? value) =>
        open -= value is null ? 0 : within[value].Count(path => !lines.ContainsKey(path));

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

    /// <summary>The place of the value that begins here in what holds it: a name, or a number in brackets.</summary>
    private static string Enter(Stack<Holder> path, ref string name)
    {
        if (path.Count == 0)
        {
            return string.Empty;
        }

        Holder holder = path.Peek();
        if (holder.Next < 0)
        {
            string member = name;
            name = string.Empty;
            return member;
        }

        path.Pop();
        path.Push(holder with { Next = holder.Next + 1 });
        return string.Create(CultureInfo.InvariantCulture, $"[{holder.Next}]");
    }

    private static string Join(string path, string place) =>
        path.Length == 0 || place.Length == 0 || place[0] == '[' ? path + place : $"{path}.{place}";

    /// <summary>An object or a list that has begun and not ended.</summary>
    /// <param name="Place">Its place in what holds it.</param>
    /// <param name="Next">The number of its next element; below 0 for an object.</param>
    /// <param name="Path">Its path, where something in it is looked for.</param>
    private readonly record struct Holder(string Place, int Next, string? Path);
}
