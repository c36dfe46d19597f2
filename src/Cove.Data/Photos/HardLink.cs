using System.Runtime.InteropServices;

namespace Cove.Data.Photos;

/// <summary>A second name for a file, which takes no more room.</summary>
internal static class HardLink
{
    /// <summary>Gives a file a second name; copies it where the file system knows no such thing.</summary>
    /// <exception cref="IOException">It could not be copied either.</exception>
    public static void OrCopy(string file, string name)
    {
        File.Delete(name);
        if (OperatingSystem.IsWindows() || Link(file, name) != 0)
        {
            File.Copy(file, name);
        }
    }

    [DllImport("libc", EntryPoint = "link", CharSet = CharSet.Ansi, BestFitMapping = false)]
    [DefaultDllImportSearchPaths(DllImportSearchPath.SafeDirectories)]
    private static extern int Link(
        [MarshalAs(UnmanagedType.LPUTF8Str)] string file,
        [MarshalAs(UnmanagedType.LPUTF8Str)] string name
    );
}
