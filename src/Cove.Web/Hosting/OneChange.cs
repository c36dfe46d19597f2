using Microsoft.AspNetCore.Http.Features;

namespace Cove.Web.Hosting;

/// <summary>Makes every request that changes something one change of the database: what it stores and its answer are kept together, or nothing is. A request that carries a key is done once, however often it is sent.</summary>
internal static class OneChange
{
    /// <summary>Holds for every endpoint of a group that is not marked with <see cref="ChangesNothing"/>.</summary>
    public static void MakeOneChange(this RouteGroupBuilder group) => group.AddEndpointFilter(Filter);

    private static async ValueTask<object?> Filter(
        EndpointFilterInvocationContext context,
        EndpointFilterDelegate next
    )
    {
        HttpContext http = context.HttpContext;
        if (
            HttpMethods.IsGet(http.Request.Method)
            || http.GetEndpoint()!.Metadata.GetMetadata<ChangesNothing>() is not null
        )
        {
            return await next(context);
        }

        if (!http.Request.HasFitKeyOrNone())
        {
            return Preconditions.MissingKey();
        }

        CancellationToken cancel = http.RequestAborted;
        string? key = http.Request.KeyOfChange();
        // An endpoint that keeps its keys answers a repetition with how things stand now; only what was asked is kept.
        KeepsItsKeys? own = http.GetEndpoint()!.Metadata.GetMetadata<KeepsItsKeys>();
        await using Change change = await http.RequestServices.GetRequiredService<Changes>().Begin(cancel);
        string plain = $"{http.Request.Method} {http.Request.Path}";
        string body =
            own?.Asked(context.Arguments) ?? http.Features.Get<BodyDigest>()?.Sha256 ?? string.Empty;
        string request = $"{plain}{http.Request.QueryString} {body}".TrimEnd();
        GivenAnswer? given = key is null ? null : await change.AnswerTo(key, cancel);
        // Earlier versions kept method and path alone.
        if (given is not null && given.Request != request && given.Request != plain)
        {
            return Problems.Conflict("This key was sent with another request. Send a new key for each.");
        }

        if (given is not null && own is null)
        {
            return new SentAgain(given);
        }

        GivenAnswer answer = await Write(http, await next(context), request);
        if (answer.Status < StatusCodes.Status400BadRequest)
        {
            if (key is not null && given is null)
            {
                DateTimeOffset now = http.RequestServices.GetRequiredService<OwnerClock>().Now;
                await change.Keep(key, own is null ? answer : answer with { Body = [] }, now, cancel);
            }

            await change.Commit(cancel);
        }

        return new SentAgain(answer);
    }

    /// <summary>Writes an answer down without sending it, so that nothing can go wrong with it once the change is kept.</summary>
    private static async Task<GivenAnswer> Write(HttpContext http, object? result, string request)
    {
        using var body = new MemoryStream();
        IHttpResponseBodyFeature sent = http.Features.GetRequiredFeature<IHttpResponseBodyFeature>();
        var written = new StreamResponseBodyFeature(body);
        http.Features.Set<IHttpResponseBodyFeature>(written);
        try
        {
            await (result as IResult ?? Results.Ok(result)).ExecuteAsync(http);
            await written.CompleteAsync();
        }
        finally
        {
            http.Features.Set(sent);
        }

        return new GivenAnswer(
            request,
            http.Response.StatusCode,
            http.Response.Headers.Location.FirstOrDefault(),
            http.Response.ContentType,
            body.ToArray()
        );
    }

    private sealed class SentAgain(GivenAnswer answer) : IResult
    {
        public async Task ExecuteAsync(HttpContext httpContext)
        {
            HttpResponse response = httpContext.Response;
            response.StatusCode = answer.Status;
            if (answer.Location is not null)
            {
                response.Headers.Location = answer.Location;
            }

            if (answer.Body.Length > 0)
            {
                response.ContentType = answer.ContentType;
                response.ContentLength = answer.Body.Length;
                await response.Body.WriteAsync(answer.Body, httpContext.RequestAborted);
            }
        }
    }
}

/// <summary>Marks an endpoint that stores nothing, though it is not asked with GET.</summary>
internal sealed class ChangesNothing;

/// <summary>Marks an endpoint whose keys are part of what it stores.</summary>
/// <param name="asked">Tells requests apart by what they ask for, where not all of their body does; null where it does.</param>
internal sealed class KeepsItsKeys(Func<IList<object?>, string>? asked = null)
{
    public string? Asked(IList<object?> arguments) => asked?.Invoke(arguments);
}
