using System.Globalization;
using System.Text;

namespace Cove.Core;

/// <summary>What texts of an owner may be made of, whichever way they come in.</summary>
/// <remarks>It refuses what cannot be seen or turns what stands around it, not what is unusual: every script, accents and pictograms are welcome. It says nothing of meaning; for ids use the rules of what they name.</remarks>
public static class PlainText
{
    /// <summary>Letters and symbols by their category that nevertheless show nothing: the fillers of Hangul, the blank of braille.</summary>
    private static readonly Rune[] Blank = [new(0x115F), new(0x1160), new(0x2800), new(0x3164), new(0xFFA0)];

    /// <summary>Whether a text will do as a name: on one line, with something to see in it.</summary>
    /// <param name="text">The text; spaces around it do not count.</param>
    /// <param name="longest">The most characters it may have.</param>
    public static bool IsName(string text, int longest) =>
        IsNote(text, longest) && text.EnumerateRunes().Any(IsVisible);

    /// <summary>Whether a text will do as a note, empty or not.</summary>
    /// <param name="text">The text.</param>
    /// <param name="longest">The most characters it may have.</param>
    /// <param name="lines">Whether it may have several lines, divided by line feeds.</param>
    public static bool IsNote(string text, int longest, bool lines = false) =>
        text.Length <= longest
        && IsWhole(text)
        && !text.EnumerateRunes().Any(rune => IsUnfit(rune) && !(lines && rune.Value == '\n'));

    /// <summary>Half a character cannot be stored as UTF-8.</summary>
    private static bool IsWhole(string text)
    {
        for (int at = 0; at < text.Length; at++)
        {
            if (char.IsSurrogate(text[at]) && !char.IsSurrogatePair(text, at++))
            {
                return false;
            }
        }

        return true;
    }

    private static bool IsUnfit(Rune rune) =>
        Rune.IsControl(rune)
        || rune.Value is 0x2028 or 0x2029
        || rune.Value is (>= 0x202A and <= 0x202E) or (>= 0x2066 and <= 0x2069);

    private static bool IsVisible(Rune rune) =>
        !Blank.Contains(rune)
        && Rune.GetUnicodeCategory(rune)
            is not (
                UnicodeCategory.Format
                or UnicodeCategory.SpaceSeparator
                or UnicodeCategory.LineSeparator
                or UnicodeCategory.ParagraphSeparator
                or UnicodeCategory.Control
                or UnicodeCategory.NonSpacingMark
                or UnicodeCategory.EnclosingMark
                or UnicodeCategory.OtherNotAssigned
                or UnicodeCategory.PrivateUse
            );
}
