using System.Text.Json;
using Microsoft.AspNetCore.Http.Json;
using Microsoft.AspNetCore.Http.Metadata;
using Microsoft.Extensions.Options;
using Microsoft.Net.Http.Headers;

namespace Cove.Web.Hosting;

/// <summary>Holds the JSON of every request to the shape of what its address takes, before anything else is done with it.</summary>
internal static class JsonBodies
{
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
        await next(http);
    }

    /// <summary>Reads a body up to the limit that holds for its address.</summary>
    public static async Task<byte[]> ReadAll(HttpRequest request, CancellationToken cancel)
    {
        using var whole = new MemoryStream();
        await request.Body.CopyToAsync(whole, cancel);
        return whole.ToArray();
    }

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

/// <summary>Marks an endpoint that reads its body by itself, as a file.</summary>
internal sealed class ReadsItself;
