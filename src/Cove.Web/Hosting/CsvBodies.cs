using System.Text;

namespace Cove.Web.Hosting;

/// <summary>Comma-separated values as the body of a request.</summary>
internal static class CsvBodies
{
    /// <summary>Their content type.</summary>
    public const string Type = "text/csv";

    private static readonly UTF8Encoding StrictUtf8 = new(false, throwOnInvalidBytes: true);

    /// <summary>Reads the text of a request.</summary>
    /// <param name="http">The request.</param>
    public static async Task<ReadFile<string>> Read(HttpContext http)
    {
        if (!JsonBodies.IsText(http.Request.ContentType, Type))
        {
            return ReadFile<string>.Refused(
                Results.Problem(
                    title: "Send comma-separated values in UTF-8, with the content type text/csv.",
                    statusCode: StatusCodes.Status415UnsupportedMediaType
                )
            );
        }

        try
        {
            byte[] bytes = await JsonBodies.ReadAll(http.Request, http.RequestAborted);
            return ReadFile<string>.Of(StrictUtf8.GetString(bytes));
        }
        catch (DecoderFallbackException)
        {
            return ReadFile<string>.Refused(
                Problems.InFile([
                    new FileFlaw(
                        1,
                        "file",
                        "This file is not text in UTF-8. Save it as UTF-8 and try again."
                    ),
                ])
            );
        }
    }
}
