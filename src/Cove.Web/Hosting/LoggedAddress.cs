using Microsoft.AspNetCore.Http.Features;

namespace Cove.Web.Hosting;

/// <summary>The address of a request as the log of the server may hold it: where it went, but neither what the owner looked for nor the secret of a calendar.</summary>
internal static class LoggedAddress
{
    private const string Masked = "***";
    private const string CalendarFolder = "/calendar/";

    /// <summary>The address as it was sent, so that nothing in it can begin a line of its own.</summary>
    public static string Of(HttpContext http)
    {
        string target = http.Features.Get<IHttpRequestFeature>() is { RawTarget: { Length: > 0 } raw }
            ? raw
            : $"{http.Request.Path.ToUriComponent()}{http.Request.QueryString.ToUriComponent()}";
        string[] parts = target.Split('?', 2);
        string path = parts[0].StartsWith(CalendarFolder, StringComparison.OrdinalIgnoreCase)
            ? $"{CalendarFolder}{Masked}"
            : parts[0];
        return parts is [_, var query] ? $"{path}?{string.Join('&', query.Split('&').Select(Mask))}" : path;
    }

    /// <summary>A value that can only be a number, a date, a choice of yes or no or an id says nothing of its owner.</summary>
    private static string Mask(string parameter)
    {
        string[] parts = parameter.Split('=', 2);
        return parts is [var name, var value] && !IsHarmless(value) ? $"{name}={Masked}" : parameter;
    }

    private static bool IsHarmless(string value) =>
        value is "true" or "false"
        || Guid.TryParseExact(value, "D", out _)
        || value.All(character => char.IsAsciiDigit(character) || character is '.' or '-');
}
