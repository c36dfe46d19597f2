using System.Globalization;
using Microsoft.Net.Http.Headers;

namespace Cove.Web.Hosting;

/// <summary>Reads the headers that make changes safe to repeat and safe to race.</summary>
internal static class Preconditions
{
    public const string IdempotencyKey = "Idempotency-Key";

    private const int LongestKey = 64;
    private const int ShortestKey = 8;

    /// <summary>The version in an If-Match header such as <c>"3"</c>; null when there is none that names one version.</summary>
    public static int? IfMatch(this HttpRequest request) =>
        EntityTagHeaderValue.TryParseStrictList(
            request.Headers.IfMatch,
            out IList<EntityTagHeaderValue>? tags
        )
        && tags is [{ IsWeak: false } tag]
        && int.TryParse(
            HeaderUtilities.RemoveQuotes(tag.Tag),
            NumberStyles.None,
            CultureInfo.InvariantCulture,
            out int version
        )
            ? version
            : null;

    /// <summary>The key under which a change is asked for; null when it is missing or unfit.</summary>
    public static string? KeyOfChange(this HttpRequest request)
    {
        string key = request.Headers[IdempotencyKey].ToString();
        bool fit =
            key.Length is >= ShortestKey and <= LongestKey
            && key.All(character => char.IsAsciiLetterOrDigit(character) || character == '-');
        return fit ? key : null;
    }

    /// <summary>Whether a request carries a key that can be used, or none.</summary>
    public static bool HasFitKeyOrNone(this HttpRequest request) =>
        request.Headers[IdempotencyKey].Count == 0 || request.KeyOfChange() is not null;

    public static IResult MissingKey() =>
        Problems.Field(
            IdempotencyKey,
            $"Send this header with {ShortestKey} to {LongestKey} letters, digits or hyphens, new for each change and the same when repeating it."
        );
}
