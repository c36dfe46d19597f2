using System.Text.Json;
using Cove.Core;

namespace Cove.Data;

/// <summary>Writes vehicles as JSON files and reads them back.</summary>
public static class VehicleFile
{
    /// <summary>The largest file that is read.</summary>
    public const int LargestBytes = 16 * 1024 * 1024;

    /// <summary>Writes a vehicle.</summary>
    public static byte[] Write(VehicleDocument document) =>
        JsonSerializer.SerializeToUtf8Bytes(document, CoveJson.File);

    /// <summary>Reads a vehicle and holds it to every rule.</summary>
    /// <param name="json">The file.</param>
    /// <param name="now">The present instant: nothing in the record may lie after it.</param>
    public static VehicleFileReading Read(ReadOnlyMemory<byte> json, DateTimeOffset now)
    {
        ReadOnlySpan<byte> text = json.Span;
        try
        {
            // A mark at the beginning that says "UTF-8" is no part of the text.
            if (text.StartsWith("\uFEFF"u8))
            {
                text = text[3..];
            }

            VehicleDocument? document = JsonSerializer.Deserialize<VehicleDocument>(text, CoveJson.File);
            if (document is null)
            {
                return Refused([new FileFlaw(1, "file", "Give an object in braces.")]);
            }

            Flaw[] flaws = [.. Annotations.Check(document)];
            if (flaws.Length == 0)
            {
                flaws = [.. VehicleFileRules.Check(document, now)];
            }

            return flaws.Length > 0 ? Refused(InLines(text, flaws)) : new VehicleFileReading(document, []);
        }
        catch (JsonException error)
        {
            int line = (int)(error.LineNumber ?? 0) + 1;
            return Refused([
                .. JsonWords
                    .Explain(error, "file")
                    .Select(flaw => new FileFlaw(line, flaw.Property, flaw.Sentence)),
            ]);
        }
        catch (InvalidOperationException)
        {
            return Refused([
                new FileFlaw(1, "file", "This file is not text in UTF-8. Save it as UTF-8 and try again."),
            ]);
        }
    }

    private static FileFlaw[] InLines(ReadOnlySpan<byte> text, Flaw[] flaws)
    {
        JsonLines lines = JsonLines.Of(text, flaws.Select(flaw => flaw.Property));
        return
        [
            .. flaws.Select(flaw => new FileFlaw(lines.LineOf(flaw.Property), flaw.Property, flaw.Sentence)),
        ];
    }

    private static VehicleFileReading Refused(IReadOnlyList<FileFlaw> flaws) => new(null, flaws);
}

/// <summary>What came of reading a file.</summary>
/// <param name="Document">The vehicle; null when the file is refused.</param>
/// <param name="Flaws">What is wrong; empty when nothing is.</param>
public sealed record VehicleFileReading(VehicleDocument? Document, IReadOnlyList<FileFlaw> Flaws);

/// <summary>Something wrong in a file.</summary>
/// <param name="Line">The line it stands on, from 1.</param>
/// <param name="Field">The path of the field, such as <c>surfaces[3].name</c>.</param>
/// <param name="Sentence">What to give instead.</param>
public sealed record FileFlaw(int Line, string Field, string Sentence);
