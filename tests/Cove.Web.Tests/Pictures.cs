using System.Buffers.Binary;
using System.IO.Compression;
using System.Text;
using SkiaSharp;

namespace Cove.Web.Tests;

/// <summary>Makes picture files, sound ones and others.</summary>
internal static class Pictures
{
    /// <summary>A picture, red on its left half and blue on its right.</summary>
    public static byte[] RedAndBlue(int width, int height, SKEncodedImageFormat format)
    {
        using var surface = SKSurface.Create(new SKImageInfo(width, height));
        surface.Canvas.Clear(SKColors.Blue);
        using var red = new SKPaint { Color = SKColors.Red };
        surface.Canvas.DrawRect(0, 0, width / 2f, height, red);
        using SKImage image = surface.Snapshot();
        using SKData data = image.Encode(format, 90);
        return data.ToArray();
    }

    /// <summary>A JPEG as a camera writes it: with maker, orientation and place (Exif 2.3, TIFF 6.0).</summary>
    /// <param name="jpeg">A JPEG without any of that.</param>
    /// <param name="orientation">The tag Orientation, 1 to 8.</param>
    public static byte[] WithExif(byte[] jpeg, ushort orientation)
    {
        byte[] make = Encoding.ASCII.GetBytes("Invented\0");
        using var tiff = new MemoryStream();
        using var write = new BinaryWriter(tiff);
        write.Write("II*\0"u8);
        write.Write(8u);
        // IFD0: Make, Orientation, pointer to GPS.
        const uint Ifd0End = 8 + 2 + (3 * 12) + 4;
        uint gps = Ifd0End + (uint)make.Length + 1;
        write.Write((ushort)3);
        Tag(0x010F, 2, (uint)make.Length, Ifd0End);
        Tag(0x0112, 3, 1, orientation);
        Tag(0x8825, 4, 1, gps);
        write.Write(0u);
        write.Write(make);
        write.Write((byte)0);
        // GPS: latitude N 12 degrees 30 minutes, longitude E 34 degrees 15 minutes.
        uint numbers = gps + 2 + (4 * 12) + 4;
        write.Write((ushort)4);
        Tag(1, 2, 2, 'N');
        Tag(2, 5, 3, numbers);
        Tag(3, 2, 2, 'E');
        Tag(4, 5, 3, numbers + 24);
        write.Write(0u);
        foreach (uint number in (uint[])[12, 1, 30, 1, 0, 1, 34, 1, 15, 1, 0, 1])
        {
            write.Write(number);
        }

        byte[] payload = [.. "Exif\0\0"u8, .. tiff.ToArray()];
        byte[] length = new byte[2];
        BinaryPrimitives.WriteUInt16BigEndian(length, (ushort)(payload.Length + 2));
        return [0xFF, 0xD8, 0xFF, 0xE1, .. length, .. payload, .. jpeg.AsSpan(2)];

        void Tag(ushort tag, ushort type, uint count, uint value)
        {
            write.Write(tag);
            write.Write(type);
            write.Write(count);
            write.Write(value);
        }
    }

    /// <summary>A PNG of a few bytes whose head says that it is huge.</summary>
    public static byte[] Bomb()
    {
        using var packed = new MemoryStream();
        using (var zip = new ZLibStream(packed, CompressionLevel.SmallestSize, leaveOpen: true))
        {
            zip.Write(new byte[100_000]);
        }

        byte[] head = new byte[13];
        BinaryPrimitives.WriteUInt32BigEndian(head, 60_000);
        BinaryPrimitives.WriteUInt32BigEndian(head.AsSpan(4), 60_000);
        head[8] = 8;
        return
        [
            0x89,
            .. "PNG\r\n"u8,
            0x1A,
            .. "\n"u8,
            .. Chunk("IHDR", head),
            .. Chunk("IDAT", packed.ToArray()),
            .. Chunk("IEND", []),
        ];
    }

    /// <summary>A GIF of two frames (GIF89a).</summary>
    public static byte[] Moving()
    {
        byte[] frame = [0x21, 0xF9, 4, 0, 10, 0, 0, 0, 0x2C, 0, 0, 0, 0, 1, 0, 1, 0, 0, 2, 2, 0x44, 1, 0];
        return [.. "GIF89a"u8, 1, 0, 1, 0, 0x80, 0, 0, 255, 0, 0, 0, 0, 255, .. frame, .. frame, 0x3B];
    }

    private static byte[] Chunk(string kind, byte[] data)
    {
        byte[] named = [.. Encoding.ASCII.GetBytes(kind), .. data];
        byte[] length = new byte[4];
        BinaryPrimitives.WriteUInt32BigEndian(length, (uint)data.Length);
        byte[] sum = new byte[4];
        BinaryPrimitives.WriteUInt32BigEndian(sum, Crc(named));
        return [.. length, .. named, .. sum];
    }

    /// <summary>The check sum of PNG (ISO/IEC 15948, annex D).</summary>
    private static uint Crc(byte[] bytes)
    {
        uint sum = uint.MaxValue;
        foreach (byte next in bytes)
        {
            sum ^= next;
            for (int bit = 0; bit < 8; bit++)
            {
                sum = (sum & 1) != 0 ? 0xEDB88320 ^ (sum >> 1) : sum >> 1;
            }
        }

        return ~sum;
    }
}
