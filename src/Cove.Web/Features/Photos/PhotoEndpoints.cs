using System.ComponentModel.DataAnnotations;
using Microsoft.AspNetCore.Mvc;

namespace Cove.Web.Features.Photos;

/// <summary>Photos of entries of the log.</summary>
internal static class PhotoEndpoints
{
    private const string Jpeg = "image/jpeg";
    private const string Unknown = "There is no such photo. Reload the page.";

    public static void MapPhotos(this RouteGroupBuilder api)
    {
        api.MapPost("/log/{entryId:guid}/photos", Add)
            .WithMetadata(new RequestSizeLimitAttribute(PhotoIntake.LargestBytes), new ReadsItself())
            .WithName("AddPhoto")
            .WithSummary(
                "Adds a photo to an entry of the log. It is turned upright and made smaller; everything but the picture is left behind."
            )
            .Accepts<byte[]>(Jpeg, "image/png", "image/webp")
            .Produces<PhotoView>(StatusCodes.Status201Created)
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status404NotFound)
            .ProducesProblem(StatusCodes.Status409Conflict)
            .ProducesProblem(StatusCodes.Status413PayloadTooLarge);
        api.MapGet("/photos/{photoId:guid}", Show)
            .WithName("GetPhoto")
            .WithSummary("The picture, or its small copy.")
            .Produces<byte[]>(StatusCodes.Status200OK, Jpeg)
            .ProducesProblem(StatusCodes.Status404NotFound);
        api.MapDelete("/photos/{photoId:guid}", Delete)
            .WithName("DeletePhoto")
            .WithSummary("Lets a photo go for good.")
            .Produces(StatusCodes.Status204NoContent)
            .ProducesProblem(StatusCodes.Status404NotFound);
        api.MapGet("/photos/set-aside", SetAside)
            .WithName("GetPhotosSetAside")
            .WithSummary("The photos that no car knows: a start found them and set them aside.");
        api.MapDelete("/photos/set-aside", DeleteSetAside)
            .WithName("DeletePhotosSetAside")
            .WithSummary("Deletes for good what was set aside.");
    }

    private static SetAsideView SetAside(PhotoFiles files) => SetAsideView.Of(files);

    private static SetAsideView DeleteSetAside(PhotoFiles files)
    {
        files.DeleteSetAside();
        return SetAsideView.Of(files);
    }

    private static async Task<IResult> Add(
        EntryId entryId,
        SentPhoto sent,
        PhotoStore photos,
        Changes changes,
        OwnerClock clock,
        CancellationToken cancel,
        [AllowedValues("before", "after", ErrorMessage = "Say before or after.")] string side = "after"
    )
    {
        if (sent.Reading.Photo is not { } photo)
        {
            return Problems.Field("photo", sent.Reading.Refusal!);
        }

        Changed<SavedPhoto> added = await photos.Add(
            entryId,
            side == "before" ? PhotoSide.Before : PhotoSide.After,
            photo,
            clock.Now,
            cancel
        );
        if (added.Value is { } saved)
        {
            changes.Afterwards(() =>
            {
                photos.Keep(saved.Id);
                return Task.CompletedTask;
            });
        }

        return added.Outcome switch
        {
            ChangeOutcome.Made => Results.Created(
                $"/api/photos/{added.Value!.Id}",
                PhotoView.Of(added.Value)
            ),
            ChangeOutcome.Refused => Problems.Conflict(added.Reason!),
            _ => Problems.NotFound("There is no such entry. Reload the log."),
        };
    }

    private static async Task<IResult> Show(
        Guid photoId,
        PhotoStore photos,
        HttpContext http,
        CancellationToken cancel,
        bool small = false
    )
    {
        if (await photos.File(photoId, small, cancel) is not { } file)
        {
            return Problems.NotFound(Unknown);
        }

        // A photo never changes under its id.
        http.Response.Headers.CacheControl = "private, max-age=31536000, immutable";
        return Results.File(file.FullName, Jpeg);
    }

    private static async Task<IResult> Delete(
        Guid photoId,
        PhotoStore photos,
        Changes changes,
        CancellationToken cancel
    )
    {
        if (!await photos.Delete(photoId, cancel))
        {
            return Problems.NotFound(Unknown);
        }

        changes.Afterwards(() => photos.DeleteGone());
        return Results.NoContent();
    }
}
