using System.Runtime.InteropServices;

namespace Cove.Web.Hosting;

/// <summary>Keeps other accounts of this machine from reading what Cove writes, whatever writes it.</summary>
internal static class OwnFiles
{
    private const int NotForOthers = 0b000_111_111;

    /// <summary>Makes every file and folder that is made from now on the owner's alone.</summary>
    public static void KeepPrivate()
    {
        if (!OperatingSystem.IsWindows())
        {
            _ = SetMask(NotForOthers);
        }
    }

    [DllImport("libc", EntryPoint = "umask")]
    [DefaultDllImportSearchPaths(DllImportSearchPath.SafeDirectories)]
    private static extern int SetMask(int mask);
}
