using SkiaSharp;

namespace Cove.Data.Photos;

/// <summary>Makes of a file that somebody sends a photo that may be kept: upright, no larger than it has to be, and with nothing in it but the picture.</summary>
/// <remarks>What a file is, its content says; its name is never asked. The picture is drawn anew, so no place, time or device that the camera wrote comes along. How large it is, is read from its head before anything is unpacked.</remarks>
public static class PhotoIntake
{
    /// <summary>The largest file that is read, in bytes.</summary>
    public const int LargestBytes = 30 * 1024 * 1024;

    /// <summary>The longer side of a photo that is kept, in pixels.</summary>
    public const int LongSide = 1600;

    /// <summary>The longer side of the small copy for lists, in pixels.</summary>
    public const int SmallSide = 320;

    /// <summary>The most pixels that are unpacked: what the cameras of telephones take, and no more.</summary>
    private const long MostPixels = 50_000_000;

    private const int Quality = 82;

    private const string HowToSend = "Send a photo as JPEG, PNG or WebP.";

    private static readonly SKEncodedImageFormat[] Taken =
    [
        SKEncodedImageFormat.Jpeg,
        SKEncodedImageFormat.Png,
        SKEncodedImageFormat.Webp,
    ];

    /// <summary>Reads a file.</summary>
    /// <param name="bytes">The file.</param>
    /// <returns>The photo, or a sentence that says why there is none.</returns>
    public static PhotoReading Read(byte[] bytes)
    {
        using SKData data = SKData.CreateCopy(bytes);
        using var codec = SKCodec.Create(data);
        if (codec is null || !Taken.Contains(codec.EncodedFormat))
        {
            return PhotoReading.Refused($"This is no picture that Cove can read. {HowToSend}");
        }

        if (codec.FrameCount > 1)
        {
            return PhotoReading.Refused("This picture moves. Send a single photo.");
        }

        if ((long)codec.Info.Width * codec.Info.Height > MostPixels)
        {
            return PhotoReading.Refused(
                "This picture has more than 50 million pixels. Make it smaller and send it again."
            );
        }

        using SKBitmap? unpacked = Unpack(codec);
        if (unpacked is null)
        {
            return PhotoReading.Refused("This file breaks off or is damaged. Take the photo again.");
        }

        using SKImage upright = Upright(unpacked, codec.EncodedOrigin);
        return PhotoReading.Of(
            new Photo(Jpeg(upright, LongSide), Jpeg(upright, SmallSide), upright.Width, upright.Height)
        );
    }

    /// <summary>Unpacks a picture, no larger than it has to be where its format allows that; null when it is not whole.</summary>
    private static SKBitmap? Unpack(SKCodec codec)
    {
        // JPEG unpacks in eighths: the next one above what is kept, so that nothing is made larger again.
        double least = (double)LongSide / Math.Max(1, Math.Max(codec.Info.Width, codec.Info.Height));
        SKSizeI size = codec.GetScaledDimensions((float)Math.Min(1, Math.Ceiling(least * 8) / 8));
        var info = new SKImageInfo(
            size.Width,
            size.Height,
            SKColorType.Rgba8888,
            SKAlphaType.Premul,
            SKColorSpace.CreateSrgb()
        );
        var bitmap = new SKBitmap(info);
        if (codec.GetPixels(info, bitmap.GetPixels()) == SKCodecResult.Success)
        {
            return bitmap;
        }

        bitmap.Dispose();
        return null;
    }

    /// <summary>The picture as it was seen, on white where it has holes, and no larger than what is kept.</summary>
    private static SKImage Upright(SKBitmap picture, SKEncodedOrigin origin)
    {
        bool lies =
            origin
            is SKEncodedOrigin.LeftTop
                or SKEncodedOrigin.RightTop
                or SKEncodedOrigin.RightBottom
                or SKEncodedOrigin.LeftBottom;
        int wide = lies ? picture.Height : picture.Width;
        int tall = lies ? picture.Width : picture.Height;
        float scale = Math.Min(1f, (float)LongSide / Math.Max(wide, tall));
        int width = Math.Max(1, (int)Math.Round(wide * scale));
        int height = Math.Max(1, (int)Math.Round(tall * scale));
        using var surface = SKSurface.Create(
            new SKImageInfo(
                width,
                height,
                SKColorType.Rgba8888,
                SKAlphaType.Opaque,
                SKColorSpace.CreateSrgb()
            )
        );
        SKCanvas canvas = surface.Canvas;
        canvas.Clear(SKColors.White);
        canvas.Scale((float)width / wide, (float)height / tall);
        Turn(canvas, origin, wide, tall);
        using SKImage image = SKImage.FromBitmap(picture);
        canvas.DrawImage(image, 0, 0, new SKSamplingOptions(SKFilterMode.Linear, SKMipmapMode.Linear));
        return surface.Snapshot();
    }

    /// <summary>Turns the canvas as the camera was held; see the tag Orientation of TIFF 6.0.</summary>
    private static void Turn(SKCanvas canvas, SKEncodedOrigin origin, int wide, int tall)
    {
        switch (origin)
        {
            case SKEncodedOrigin.TopRight:
                canvas.Scale(-1, 1, wide / 2f, 0);
                break;
            case SKEncodedOrigin.BottomRight:
                canvas.RotateDegrees(180, wide / 2f, tall / 2f);
                break;
            case SKEncodedOrigin.BottomLeft:
                canvas.Scale(1, -1, 0, tall / 2f);
                break;
            case SKEncodedOrigin.LeftTop:
                canvas.RotateDegrees(90);
                canvas.Scale(1, -1);
                break;
            case SKEncodedOrigin.RightTop:
                canvas.Translate(wide, 0);
                canvas.RotateDegrees(90);
                break;
            case SKEncodedOrigin.RightBottom:
                canvas.Translate(wide, tall);
                canvas.RotateDegrees(90);
                canvas.Scale(-1, 1);
                break;
            case SKEncodedOrigin.LeftBottom:
                canvas.Translate(0, tall);
                canvas.RotateDegrees(270);
                break;
            default:
                break;
        }
    }

    private static byte[] Jpeg(SKImage image, int longSide)
    {
        float scale = Math.Min(1f, (float)longSide / Math.Max(image.Width, image.Height));
        using var surface = SKSurface.Create(
            new SKImageInfo(
                Math.Max(1, (int)Math.Round(image.Width * scale)),
                Math.Max(1, (int)Math.Round(image.Height * scale)),
                SKColorType.Rgba8888,
                SKAlphaType.Opaque,
                SKColorSpace.CreateSrgb()
            )
        );
        surface.Canvas.Scale(scale);
        surface.Canvas.DrawImage(
            image,
            0,
            0,
            new SKSamplingOptions(SKFilterMode.Linear, SKMipmapMode.Linear)
        );
        using SKImage small = surface.Snapshot();
        using SKData data = small.Encode(SKEncodedImageFormat.Jpeg, Quality);
        return data.ToArray();
    }
}

/// <summary>A photo that may be kept.</summary>
/// <param name="Jpeg">The picture.</param>
/// <param name="Small">A small copy for lists.</param>
/// <param name="Width">Its width in pixels.</param>
/// <param name="Height">Its height in pixels.</param>
public sealed record Photo(byte[] Jpeg, byte[] Small, int Width, int Height);

/// <summary>What came of reading a file as a photo.</summary>
/// <param name="Photo">The photo; null when there is none.</param>
/// <param name="Refusal">Why there is none, and what to do; null when there is one.</param>
public sealed record PhotoReading(Photo? Photo, string? Refusal)
{
    /// <summary>A photo was read.</summary>
    public static PhotoReading Of(Photo photo) => new(photo, null);

    /// <summary>None was.</summary>
    public static PhotoReading Refused(string sentence) => new(null, sentence);
}
