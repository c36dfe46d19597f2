namespace Cove.Core.Tests.Safety;

public sealed class RuleTableTests
{
    [Fact]
    public void Every_kind_of_surface_and_class_of_product_has_a_verdict_with_a_reason()
    {
        foreach (SurfaceMake surface in Cases.Surfaces)
        {
            foreach (ProductClass productClass in Enum.GetValues<ProductClass>())
            {
                Judgement judgement = Cases.Usual(productClass, surface);

                Assert.NotEmpty(judgement.Reasons);
                Assert.True(judgement.Decisive.Counts);
            }
        }
    }

    [Fact]
    public void Rules_have_ids_of_their_own_and_speak_in_sentences()
    {
        Assert.Equal(
            SafetyRules.All.Count,
            SafetyRules.All.Select(rule => rule.Id).Distinct(StringComparer.Ordinal).Count()
        );
        Assert.All(SafetyRules.All, rule => Assert.EndsWith(".", rule.Sentence, StringComparison.Ordinal));
        Assert.All(SafetyRules.All, rule => Assert.True(rule.Change?.EndsWith('.') ?? true, rule.Id));
        // A rule that says "good" would say nothing: only the worst decides.
        Assert.All(SafetyRules.All, rule => Assert.True(rule.Verdict > Verdict.Good, rule.Id));
    }

    [Fact]
    public void Every_rule_decides_some_case_by_itself()
    {
        // A rule that never holds, or only where another says worse, would be dead weight in the table.
        var undecided = SafetyRules.All.Select(rule => rule.Id).ToHashSet(StringComparer.Ordinal);
        var random = new Random(20261125);
        for (int round = 0; round < 400_000 && undecided.Count > 0; round++)
        {
            SafetyCase question = RandomCase(random);
            SafetyRule[] firing = [.. SafetyRules.All.Where(rule => rule.When(question))];
            if (firing.Length > 0)
            {
                Verdict worst = firing.Max(rule => rule.Verdict);
                foreach (SafetyRule rule in firing.Where(rule => rule.Verdict == worst))
                {
                    undecided.Remove(rule.Id);
                }
            }
        }

        Assert.Empty(undecided);
    }

    private static readonly Dictionary<SurfaceKind, SurfaceMake[]> SurfacesByKind = Cases
        .Surfaces.GroupBy(surface => surface.Kind)
        .ToDictionary(group => group.Key, group => group.ToArray());

    private static SafetyCase RandomCase(Random random)
    {
        ClassPreset preset = ClassPresets.Of(Any<ProductClass>());
        ProductMake[] makes = [.. Makes(preset.Make)];
        UseContext[] contexts = [UseContext.Usual, UseContext.Usual, .. Contexts()];
        SurfaceMake[] surfaces = SurfacesByKind[Any<SurfaceKind>()];
        return new SafetyCase(
            surfaces[random.Next(surfaces.Length)],
            makes[random.Next(makes.Length)],
            random.Next(2) == 0 ? preset.Usual : Strength.Neat,
            Any<Application>(),
            Any<Tool>(),
            contexts[random.Next(contexts.Length)]
        );

        T Any<T>()
            where T : struct, Enum
        {
            T[] all = Enum.GetValues<T>();
            return all[random.Next(all.Length)];
        }
    }

    /// <summary>A product as usual, and with each thing in it that its class need not have.</summary>
    private static IEnumerable<ProductMake> Makes(ProductMake usual)
    {
        yield return usual;
        yield return usual with
        {
            Form = ProductForm.Aerosol,
        };
        yield return usual with
        {
            Chemistry = usual.Chemistry with { AlcoholPercent = 10 },
        };
        yield return usual with
        {
            Chemistry = usual.Chemistry with { AlcoholPercent = 60 },
        };
        yield return usual with
        {
            Chemistry = usual.Chemistry with { LeavesFilm = true },
        };
        yield return usual with
        {
            Chemistry = usual.Chemistry with { Oil = true },
        };
        yield return usual with
        {
            Chemistry = usual.Chemistry with { Ph = 3.5 },
        };
        yield return usual with
        {
            Sheen = Sheen.Satin,
        };
        yield return usual with
        {
            Sheen = Sheen.Gloss,
        };
    }

    private static IEnumerable<UseContext> Contexts()
    {
        yield return new UseContext { SurfaceHot = true };
        yield return new UseContext { InSun = true };
        yield return new UseContext { CabinHot = true };
        yield return new UseContext { CabinClosed = true };
        yield return new UseContext { CabinHot = true, CabinClosed = true };
        yield return new UseContext { IgnitionNear = true };
        yield return new UseContext { Unclean = true };
        yield return new UseContext { StrongestOnLabel = Strength.FromWaterParts(10) };
        yield return new UseContext { Damp = true };
        yield return new UseContext { CoatWorn = true };
        yield return new UseContext { Soil = Soil.Biological };
        yield return new UseContext { Soil = Soil.Sharp };
        yield return new UseContext { Screens = ScreenSchool.DryOnly };
        yield return new UseContext { Screens = ScreenSchool.GlassCleaner };
        foreach (
            ProductClass other in new[]
            {
                ProductClass.ChlorineBleach,
                ProductClass.PeroxideCleaner,
                ProductClass.AcidCleaner,
                ProductClass.GlassCleanerWithAmmonia,
                ProductClass.IsopropylAlcohol,
            }
        )
        {
            yield return new UseContext { Session = [ClassPresets.Of(other).Make] };
            yield return new UseContext { SameBottle = [ClassPresets.Of(other).Make] };
        }
    }
}
