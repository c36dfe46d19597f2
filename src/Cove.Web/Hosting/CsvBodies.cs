using System.Text;
using Microsoft.Net.Http.Headers;

namespace Cove.Web.Hosting;

/// <summary>Comma-separated values as the body of a request.</summary>
internal static class CsvBodies
{
    /// <summary>Their content type.</summary>
    public const string Type = "text/csv";

    private static readonly UTF8Encoding StrictUtf8 = new(false, throwOnInvalidBytes: true);

    /// <summary>Reads the text of a request.</summary>
    /// <param name="request">The request.</param>
    /// <param name="sent">Its body.</param>
    /// <param name="text">The text; empty when it is refused.</param>
    /// <returns>Why it is refused; null when it is not.</returns>
    public static IResult? Read(HttpRequest request, SentFile sent, out string text)
    {
        text = string.Empty;
        if (
            !MediaTypeHeaderValue.TryParse(request.ContentType, out MediaTypeHeaderValue? type)
            || !type.MediaType.Equals(Type, StringComparison.OrdinalIgnoreCase)
            || !JsonBodies.IsUtf8(request.ContentType)
        )
        {
            return Results.Problem(
                title: "Send comma-separated values in UTF-8, with the content type text/csv.",
                statusCode: StatusCodes.Status415UnsupportedMediaType
            );
        }

        try
        {
            text = StrictUtf8.GetString(sent.Bytes);
            return null;
        }
        catch (DecoderFallbackException)
        {
            return Problems.InFile([
                new FileFlaw(1, "file", "This file is not text in UTF-8. Save it as UTF-8 and try again."),
            ]);
        }
    }
}
