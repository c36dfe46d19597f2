using System.Text;

namespace Cove.Web.Features.Routines;

/// <summary>A calendar file that was sent. It is read before any change begins.</summary>
/// <param name="File">The busy times in it, or why it is refused.</param>
internal sealed record SentCalendar(ReadFile<BusyTimes> File)
{
    /// <summary>The content type of calendar files.</summary>
    public const string Type = "text/calendar";

    private static readonly UTF8Encoding StrictUtf8 = new(false, throwOnInvalidBytes: true);

    public static async ValueTask<SentCalendar?> BindAsync(HttpContext http)
    {
        if (!JsonBodies.IsText(http.Request.ContentType, Type))
        {
            return new SentCalendar(
                ReadFile<BusyTimes>.Refused(
                    Results.Problem(
                        title: "Send a calendar file in UTF-8, with the content type text/calendar.",
                        statusCode: StatusCodes.Status415UnsupportedMediaType
                    )
                )
            );
        }

        string text;
        try
        {
            text = StrictUtf8.GetString(await JsonBodies.ReadAll(http.Request, http.RequestAborted));
        }
        catch (DecoderFallbackException)
        {
            return Refused("This file is not text in UTF-8. Export the calendar anew.");
        }

        var clock = http.RequestServices.GetRequiredService<OwnerClock>();
        ReadFile<BusyTimes>? read = await FileWork.Read(
            http,
            cancel =>
                BusyCalendar.Read(text, clock.Now, clock.Zone, out BusyTimes? busy, cancel) is { } sentence
                    ? Refused(sentence).File
                    : ReadFile<BusyTimes>.Of(busy!)
        );
        return read is null
            ? Refused(
                "This calendar takes too long to work out. Export a shorter time, or one with fewer entries that repeat."
            )
            : new SentCalendar(read);
    }

    private static SentCalendar Refused(string sentence) =>
        new(
            ReadFile<BusyTimes>.Refused(
                Results.Problem(
                    title: $"{sentence} Nothing was stored.",
                    statusCode: StatusCodes.Status400BadRequest
                )
            )
        );
}
