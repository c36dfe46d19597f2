using System.ComponentModel.DataAnnotations;
using Cove.Data.Photos;

namespace Cove.Data;

/// <summary>A photo as a vehicle file names it.</summary>
public sealed record PhotoDocument
{
    /// <summary>When the entry that it belongs to was made.</summary>
    public required DateTimeOffset At { get; init; }

    /// <summary>Which side of the work it shows.</summary>
    public required PhotoSide Side { get; init; }

    /// <summary>The size of its file, in bytes.</summary>
    [Range(0, int.MaxValue, ErrorMessage = "Say a size in bytes.")]
    public required int Bytes { get; init; }

    /// <summary>The digest of its file by SHA-256, in hexadecimal.</summary>
    [StringLength(64, ErrorMessage = "Give a digest of 64 hexadecimal figures.")]
    public required string Sha256 { get; init; }
}
