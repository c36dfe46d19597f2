using Cove.Core.Finding;
using FsCheck;
using FsCheck.Xunit;

namespace Cove.Core.Tests.Finding;

public sealed class WordSearchTests
{
    private static readonly (string Name, string Beside)[] Things =
    [
        ("Clean the windscreen inside", "Windscreen"),
        ("Windscreen", "glass, heated"),
        ("Driver's seat", "fabric"),
        ("Vacuum the seats", "Seats"),
        ("Café au lait", "spill"),
    ];

    private static string[] Find(string words) =>
        [
            .. WordSearch
                .Find(words, Things, thing => thing.Name, thing => thing.Beside)
                .Select(thing => thing.Name),
        ];

    [Fact]
    public void What_begins_with_the_words_comes_before_what_only_holds_them()
    {
        Assert.Equal(["Windscreen", "Clean the windscreen inside"], Find("wind"));
        Assert.Equal(["Driver's seat", "Vacuum the seats"], Find("seat"));
    }

    [Fact]
    public void Every_word_must_be_found_somewhere()
    {
        Assert.Equal(["Driver's seat"], Find("seat fabric"));
        Assert.Empty(Find("seat leather"));
        Assert.Empty(Find(" - "));
    }

    [Fact]
    public void Case_and_order_do_not_matter()
    {
        Assert.Equal(["Café au lait"], Find("LAIT café"));
        Assert.Equal(["Driver's seat"], Find("seat driver"));
    }

    /// <summary>Whatever a thing is called, the beginning of its name finds it.</summary>
    [Property]
    public bool Half_a_name_finds_the_thing(NonEmptyString name, PositiveInt length)
    {
        string plain = new([.. name.Get.Where(char.IsAsciiLetterOrDigit)]);
        return plain.Length == 0
            || WordSearch
                .Find(plain[..Math.Min(length.Get, plain.Length)], [plain], text => text, _ => string.Empty)
                .Count == 1;
    }
}
