namespace Cove.Core.Tests.Catalogue;

public sealed class HazardTests
{
    // UN GHS (Purple Book), annex 3.
    [Theory]
    [InlineData("H222", "Extremely flammable aerosol")]
    [InlineData("H225", "Highly flammable liquid and vapour")]
    [InlineData("H226", "Flammable liquid and vapour")]
    [InlineData("H229", "Pressurized container: may burst if heated")]
    [InlineData("H304", "May be fatal if swallowed and enters airways")]
    [InlineData("H314", "Causes severe skin burns and eye damage")]
    [InlineData("H315", "Causes skin irritation")]
    [InlineData("H317", "May cause an allergic skin reaction")]
    [InlineData("H318", "Causes serious eye damage")]
    [InlineData("H319", "Causes serious eye irritation")]
    [InlineData("H335", "May cause respiratory irritation")]
    [InlineData("H336", "May cause drowsiness or dizziness")]
    [InlineData("P102", "Keep out of reach of children.")]
    [InlineData("P271", "Use only outdoors or in a well-ventilated area.")]
    public void Statements_are_worded_as_the_system_words_them(string code, string text) =>
        Assert.Equal(text, HazardStatements.Find(code)!.Text);

    [Fact]
    public void Statements_are_found_by_code_and_by_words_in_any_case()
    {
        Assert.Equal(["H225"], HazardStatements.Search("h225").Select(one => one.Code));
        Assert.Equal(["H314", "H318", "H319"], HazardStatements.Search("EYE causes").Select(one => one.Code));
        Assert.Equal(HazardStatements.All.Count, HazardStatements.Search(" ").Count);
        Assert.Empty(HazardStatements.Search("explosive"));
    }

    // UN GHS, chapter 2.6: category by flash point, and by boiling point below 23 °C.
    [Theory]
    [InlineData(-20, 35, 1)]
    [InlineData(22.9, 35.1, 2)]
    [InlineData(23, 100, 3)]
    [InlineData(60, 100, 3)]
    [InlineData(60.1, 100, 4)]
    [InlineData(93, 200, 4)]
    [InlineData(93.1, 200, null)]
    public void Liquids_are_sorted_by_flash_point(double flash, double boiling, int? category) =>
        Assert.Equal(category, LiquidFlammability.CategoryOf(flash, boiling));

    // Published safety data: isopropyl alcohol flashes at 12 °C and boils at 82 °C: category 2, H225.
    [Fact]
    public void Isopropyl_alcohol_is_category_2_and_its_preset_says_so()
    {
        int? category = LiquidFlammability.CategoryOf(12, 82);

        Assert.Equal(2, category);
        Assert.Equal("H225", LiquidFlammability.StatementOf(category!.Value));
        Assert.Contains("H225", ClassPresets.Of(ProductClass.IsopropylAlcohol).Make.Hazards);
    }

    // UN GHS, tables 3.2.3 and 3.3.3, from memory.
    [Theory]
    [InlineData("H314", 5, "H314")]
    [InlineData("H314", 4.9, "H315")]
    [InlineData("H314", 0.9, null)]
    [InlineData("H318", 3, "H318")]
    [InlineData("H318", 2.9, "H319")]
    [InlineData("H319", 10, "H319")]
    [InlineData("H319", 9.9, null)]
    [InlineData("H225", 1, "H225")]
    public void Thinning_lifts_hazards_to_health_below_the_limits_for_mixtures(
        string code,
        double percent,
        string? left
    ) => Assert.Equal(left is null ? [] : [left], ThinnedHazards.At([code], Strength.FromPercent(percent)));

    [Fact]
    public void Every_preset_is_a_product_that_the_rules_accept()
    {
        foreach (ProductClass one in Enum.GetValues<ProductClass>())
        {
            Product product = Product.OfClass(new(Guid.NewGuid()), ClassPresets.Of(one).Name, one);

            Assert.Empty(ProductRules.Check(product, new DateOnly(2026, 3, 14)));
            Assert.Equal(one, product.Make.Class);
        }
    }
}
