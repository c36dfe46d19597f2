using System.Text.Json;

namespace Cove.Data;

/// <summary>Writes vehicles as JSON files and reads them back.</summary>
public static class VehicleFile
{
    /// <summary>The largest file that is read: what a vehicle takes that has as many entries and runs as Cove keeps.</summary>
    public const int LargestBytes = 128 * 1024 * 1024;

    /// <summary>A file that is wrong throughout is said to be so by its first mistakes.</summary>
    internal const int MostFlaws = 100;

    /// <summary>Writes a vehicle.</summary>
    public static byte[] Write(VehicleDocument document) =>
        JsonSerializer.SerializeToUtf8Bytes(document, CoveJson.File);

    /// <summary>Reads a vehicle and holds it to every rule.</summary>
    /// <param name="json">The file.</param>
    /// <param name="now">The present instant: nothing in the record may lie after it.</param>
    /// <param name="cancel">Gives up.</param>
    public static VehicleFileReading Read(
        ReadOnlyMemory<byte> json,
        DateTimeOffset now,
        CancellationToken cancel = default
    )
    {
        // A mark at the beginning that says "UTF-8" is no part of the text.
        ReadOnlyMemory<byte> text = json.Span.StartsWith("\uFEFF"u8) ? json[3..] : json;
        IReadOnlyList<ValidationError> shape = JsonShape.Check(
            text,
            typeof(VehicleDocument),
            CoveJson.File,
            "file"
        );
        if (shape.Count > 0)
        {
            return Refused(InLines(text.Span, shape));
        }

        cancel.ThrowIfCancellationRequested();
        VehicleDocument document = JsonSerializer.Deserialize<VehicleDocument>(text.Span, CoveJson.File)!;
        cancel.ThrowIfCancellationRequested();
        ValidationError[] errors = [.. Annotations.Check(document).Take(MostFlaws)];
        if (errors.Length == 0)
        {
            errors = [.. VehicleFileRules.Check(document, now).Take(MostFlaws)];
        }

        cancel.ThrowIfCancellationRequested();

        return errors.Length > 0 ? Refused(InLines(text.Span, errors)) : new VehicleFileReading(document, []);
    }

    private static FileFlaw[] InLines(ReadOnlySpan<byte> text, IReadOnlyList<ValidationError> errors)
    {
        JsonLines lines = JsonLines.Of(text, errors.Select(error => error.Property));
        return
        [
            .. errors.Select(error => new FileFlaw(
                lines.LineOf(error.Property),
                error.Property,
                error.Sentence
            )),
        ];
    }

    private static VehicleFileReading Refused(IReadOnlyList<FileFlaw> errors) => new(null, errors);
}

/// <summary>What came of reading a file.</summary>
/// <param name="Document">The vehicle; null when the file is refused.</param>
/// <param name="Errors">What is wrong; empty when nothing is.</param>
public sealed record VehicleFileReading(VehicleDocument? Document, IReadOnlyList<FileFlaw> Errors);

/// <summary>Something wrong in a file.</summary>
/// <param name="Line">The line it stands on, from 1.</param>
/// <param name="Field">The path of the field, such as <c>surfaces[3].name</c>.</param>
/// <param name="Sentence">What to give instead.</param>
public sealed record FileFlaw(int Line, string Field, string Sentence);
