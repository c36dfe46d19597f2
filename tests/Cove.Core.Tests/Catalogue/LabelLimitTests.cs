namespace Cove.Core.Tests.Catalogue;

/// <summary>What a label protects is obeyed, and what could not be read is never taken as absent. The labels are invented, in the words that labels use (common practice).</summary>
public sealed class LabelLimitTests
{
    [Theory]
    [InlineData("Do not use on suede, nubuck or untreated leather.", "UncoatedLeather,Suede")]
    [InlineData("Not suitable for touchscreens and displays.", "Screens")]
    [InlineData("Avoid contact with painted surfaces.", "GlossTrim")]
    [InlineData(
        "Never spray directly onto tinted windows, acrylic or polycarbonate.",
        "TintFilm,ClearPlastic"
    )]
    [InlineData("Not for use on vinyl.", "SyntheticLeather")]
    [InlineData("Do not use on glass except windscreens.", "Glass")]
    [InlineData("DO NOT USE ON\nleather or wood", "Leather,Wood")]
    [InlineData("Keep off rubber seals and seat belts", "Rubber,Belts")]
    [InlineData("Do not use on hot glass.", "")]
    [InlineData("Do not use in direct sun. Wipe glass dry with a cloth.", "")]
    [InlineData("Safe on leather, plastics and glass.", "")]
    public void What_it_is_not_for(string label, string grounds) =>
        Assert.Equal(grounds, string.Join(',', LabelReader.Read(label).Limits.NotOn));

    [Theory]
    [InlineData("Only for glass.", "Glass")]
    [InlineData("For use on leather only.", "Leather")]
    [InlineData("Use only on carpets and upholstery.", "Fabric,Carpet")]
    [InlineData("Not only for glass.", "")]
    public void What_alone_it_is_for(string label, string grounds) =>
        Assert.Equal(grounds, string.Join(',', LabelReader.Read(label).Limits.OnlyOn));

    [Fact]
    public void What_the_label_forbids_is_kept_off_and_all_else_is_not_changed() =>
        Assert.All(
            CabinBuilder.Build(CareBook.ReferenceLayout).Surfaces,
            surface =>
            {
                Product plain = Product.OfClass(
                    new ProductId(new Guid(1, 0, 0, new byte[8])),
                    "Cleaner",
                    ProductClass.InteriorCleaner
                );
                Product limited = plain with { Limits = new LabelLimits([LabelGround.Plastic], []) };
                var ways = new SafestWays(Shelf.Empty, ShelfRecords.None);
                Verdict without = ways.Of(plain, surface, UseContext.Usual).Judgement.Verdict;
                Verdict with = new SafestWays(Shelf.Empty, ShelfRecords.None)
                    .Of(limited, surface, UseContext.Usual)
                    .Judgement.Verdict;
                bool isPlastic = surface.Make.Parts.Any(part =>
                    part is Material.Plastic or Material.ClearPlastic
                );
                Assert.Equal(isPlastic ? Verdict.KeepOff : without, with);
            }
        );

    [Theory]
    [InlineData("Contains Amm?nia", LabelSubject.Ammonia)]
    [InlineData("am#onia solution", LabelSubject.Ammonia)]
    [InlineData("Ammomia", LabelSubject.Ammonia)]
    [InlineData("Danger H2?6", LabelSubject.Statement)]
    [InlineData("H31_", LabelSubject.Statement)]
    public void What_could_not_be_read_is_shown_to_look_at(string label, LabelSubject mayBe) =>
        Assert.Contains(LabelReader.Read(label).Unread, finding => finding.MayBe == mayBe);

    [Fact]
    public void An_ammonia_line_that_could_not_be_read_counts_as_possible_until_somebody_looked()
    {
        Assert.True(LabelReader.Read("Glass cleaner\nAmm?nia").Contains(LabelSubject.Ammonia));
        Assert.False(LabelReader.Read("Glass cleaner\nNo ammonia").Contains(LabelSubject.Ammonia));
        Assert.Null(LabelReader.Read("Glass cleaner").Contains(LabelSubject.Ammonia));
    }

    [Theory]
    [InlineData("Contains no alcohols, solvents or abrasives; pH 7, P102, H226, harmonious scent.")]
    [InlineData("Alcoholic drinks, acidic soils, chlorinated pools, ammonites")]
    public void Words_that_are_read_well_are_not_asked_about(string label) =>
        Assert.Empty(LabelReader.Read(label).Unread);

    [Theory]
    [InlineData("500 ml", 500)]
    [InlineData("Net contents 0.5 L", 500)]
    [InlineData("16 fl oz (473 ml)", 473)]
    [InlineData("Mix 20 ml per litre of water", null)]
    [InlineData("Add 5 ml to 1 litre", null)]
    public void How_much_it_holds(string label, int? millilitres) =>
        Assert.Equal(millilitres, LabelReader.Read(label).Millilitres);

    [Theory]
    [InlineData("Clear View Glass Cleaner\n500 ml\nDo not use on tint film.", "Clear View Glass Cleaner")]
    [InlineData("WARNING\nIngredients: water.", null)]
    public void What_it_is_called(string label, string? name) =>
        Assert.Equal(name, LabelReader.Read(label).Name);

    [Theory]
    [InlineData("With fragrance", true)]
    [InlineData("Fragrance-free", false)]
    [InlineData("Unscented", false)]
    [InlineData("Soap", null)]
    public void Whether_it_is_scented(string label, bool? scented) =>
        Assert.Equal(scented, LabelReader.Read(label).Contains(LabelSubject.Scent));

    [Theory]
    [InlineData("Isopropanol 70 % v/v", 70)]
    [InlineData("30% isopropyl alcohol", 30)]
    [InlineData("alcohol: 5-15 %", 15)]
    public void Alcohol_by_percent(string label, double percent) =>
        Assert.Equal(percent, LabelReader.Read(label).AlcoholPercent);
}
