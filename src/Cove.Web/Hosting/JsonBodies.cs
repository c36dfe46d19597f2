using System.Buffers;
using System.Security.Cryptography;
using System.Text.Json;
using Microsoft.AspNetCore.Http.Json;
using Microsoft.AspNetCore.Http.Metadata;
using Microsoft.Extensions.Options;
using Microsoft.Net.Http.Headers;

namespace Cove.Web.Hosting;

/// <summary>Holds the JSON of every request to the shape of what its address takes, before anything else is done with it.</summary>
internal static class JsonBodies
{
    /// <summary>What is set aside for a body before any of it has come: whoever says more has to send it.</summary>
    private const int MostBeforehand = 1024 * 1024;

    private const int PieceBytes = 64 * 1024;

    public static void UseJsonBodies(this WebApplication app) => app.Use(Check);

    private static async Task Check(HttpContext http, RequestDelegate next)
    {
        if (TypeTaken(http.GetEndpoint()) is not { } type || !http.Request.HasJsonContentType())
        {
            await next(http);
            return;
        }

        if (!IsUtf8(http.Request.ContentType))
        {
            await Problems.NotJson().ExecuteAsync(http);
            return;
        }

        byte[] body = await ReadAll(http.Request, http.RequestAborted);
        JsonSerializerOptions options = http
            .RequestServices.GetRequiredService<IOptions<JsonOptions>>()
            .Value.SerializerOptions;
        IReadOnlyList<ValidationError> errors = JsonShape.Check(body, type, options, "body");
        if (errors.Count > 0)
        {
            await Problems.Paths(errors).ExecuteAsync(http);
            return;
        }

        http.Request.Body = new MemoryStream(body, writable: false);
        // The framework does not know every way to write that a text is in UTF-8.
        http.Request.ContentType = "application/json";
        await next(http);
    }

    /// <summary>Reads a body up to the limit that holds for its address.</summary>
    public static async Task<byte[]> ReadAll(HttpRequest request, CancellationToken cancel)
    {
        int said = (int)Math.Min(request.ContentLength ?? 0, int.MaxValue);
        using var whole = new MemoryStream(Math.Min(said, MostBeforehand));
        byte[] piece = ArrayPool<byte>.Shared.Rent(PieceBytes);
        try
        {
            for (int read; (read = await request.Body.ReadAsync(piece, cancel)) > 0; )
            {
                if (whole.Length + read > whole.Capacity)
                {
                    // So much has come that what was said of the rest may be believed; where nothing was, a little more.
                    whole.Capacity =
                        said > whole.Capacity
                            ? said
                            : whole.Capacity + Math.Max(MostBeforehand, whole.Capacity / 4);
                }

                whole.Write(piece, 0, read);
            }
        }
        catch (IOException error) when (error is not BadHttpRequestException)
        {
            // Such as a chunk whose size is no number that can be.
            throw new BadHttpRequestException("The body could not be read.", error);
        }
        finally
        {
            ArrayPool<byte>.Shared.Return(piece);
        }

        byte[] body = whole.Length == whole.Capacity ? whole.GetBuffer() : whole.ToArray();
        request.HttpContext.Features.Set(BodyDigest.Of(body));
        return body;
    }

    /// <summary>Whether a text of a type is sent in UTF-8, or does not say in what.</summary>
    public static bool IsText(string? contentType, string mediaType) =>
        MediaTypeHeaderValue.TryParse(contentType, out MediaTypeHeaderValue? type)
        && type.MediaType.Equals(mediaType, StringComparison.OrdinalIgnoreCase)
        && IsUtf8(contentType);

    /// <summary>Whether a text is sent in UTF-8, or does not say.</summary>
    public static bool IsUtf8(string? contentType) =>
        MediaTypeHeaderValue.TryParse(contentType, out MediaTypeHeaderValue? type)
        && (
            !type.Charset.HasValue
            || HeaderUtilities.RemoveQuotes(type.Charset).Equals("utf-8", StringComparison.OrdinalIgnoreCase)
        );

    private static Type? TypeTaken(Endpoint? endpoint) =>
        endpoint?.Metadata.GetMetadata<ReadsItself>() is null
            ? endpoint?.Metadata.GetMetadata<IAcceptsMetadata>()?.RequestType
            : null;
}

/// <summary>Tells the body of a request from others.</summary>
/// <param name="Sha256">Its digest, in hexadecimal.</param>
internal sealed record BodyDigest(string Sha256)
{
    public static BodyDigest Of(byte[] body) => new(Convert.ToHexStringLower(SHA256.HashData(body)));
}

/// <summary>Marks an endpoint that reads its body by itself, as a file.</summary>
internal sealed class ReadsItself;
