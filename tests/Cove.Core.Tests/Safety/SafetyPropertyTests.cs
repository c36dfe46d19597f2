namespace Cove.Core.Tests.Safety;

public sealed class SafetyPropertyTests
{
    private const int Many = 1500;

    [Property(MaxTest = Many)]
    public Property Adding_a_hazard_never_improves_a_verdict() =>
        Prop.ForAll(
            Cases.Any.ToArbitrary(),
            question =>
                Assert.All(
                    Worsened(question.Product!),
                    worse =>
                        Assert.True(
                            question.VerdictOf() <= question.With(product: worse.Make).VerdictOf(),
                            $"{worse.What} improved it: {Words(question)}"
                        )
                )
        );

    [Property(MaxTest = Many)]
    public Property Raising_the_strength_never_improves_a_verdict() =>
        Prop.ForAll(
            (from question in Cases.Any from other in Cases.Strength select (question, other)).ToArbitrary(),
            pair =>
            {
                bool stronger = pair.other >= pair.question.Strength;
                Verdict here = pair.question.VerdictOf();
                Verdict there = pair.question.With(strength: pair.other).VerdictOf();
                return stronger ? there >= here : there <= here;
            }
        );

    [Property(MaxTest = Many)]
    public Property Wetting_more_never_improves_a_verdict() =>
        Prop.ForAll(
            Cases.Any.ToArbitrary(),
            question =>
                // Towel, applicator and brush wet alike; from the towel on to foam, spray and soaking it gets wetter.
                new[] { Application.OnTowel, Application.Foam, Application.DirectSpray, Application.Soak }
                    .Select(way => question.With(application: way).VerdictOf())
                    .IsAscending()
        );

    [Property(MaxTest = Many)]
    public Property Harm_to_a_person_is_never_overridden() =>
        Prop.ForAll(
            Cases.Any.ToArbitrary(),
            question =>
            {
                Judgement plain = SafetyRules.Judge(question);
                Verdict person = plain
                    .Reasons.Where(reason => reason.Harm == Harm.Person)
                    .Select(reason => reason.Verdict)
                    .DefaultIfEmpty(Verdict.Good)
                    .Max();
                Judgement allowed = SafetyRules.Judge(
                    question.With(
                        context: question.Context with
                        {
                            Maker = MakerSays.Allows,
                            SpotTest = SpotResult.Passed,
                        }
                    )
                );
                return allowed.Verdict >= person
                    && allowed.Reasons.All(reason => reason.Counts || reason.Harm == Harm.Surface);
            }
        );

    [Property(MaxTest = Many)]
    public Property Every_keep_off_has_a_reason_that_counts_with_a_source() =>
        Prop.ForAll(
            Cases.Any.ToArbitrary(),
            question =>
            {
                Judgement judgement = SafetyRules.Judge(question);
                return judgement.Verdict == judgement.Decisive.Verdict
                    && judgement.Decisive.Counts
                    && judgement.Decisive.Source.Name.Length > 0
                    && judgement.Decisive.Sentence.EndsWith('.');
            }
        );

    [Property(MaxTest = Many)]
    public Property A_failed_spot_test_keeps_off_and_a_passed_one_lifts_only_what_was_to_be_tested() =>
        Prop.ForAll(
            Cases.Any.ToArbitrary(),
            question =>
            {
                Judgement plain = SafetyRules.Judge(question);
                Judgement passed = With(SpotResult.Passed);
                return With(SpotResult.Failed).Verdict == Verdict.KeepOff
                    && passed.Verdict <= plain.Verdict
                    && passed.Reasons.All(reason => reason.Counts || reason.Verdict == Verdict.TestFirst)
                    && (plain.Verdict != Verdict.KeepOff || passed.Verdict == Verdict.KeepOff);

                Judgement With(SpotResult result) =>
                    SafetyRules.Judge(question.With(context: question.Context with { SpotTest = result }));
            }
        );

    private static string Words(SafetyCase question) =>
        $"{question.Surface} {question.Product} {question.Strength} {question.Application} {question.Tool}";

    /// <summary>The same product with one hazard more.</summary>
    private static IEnumerable<(string What, ProductMake Make)> Worsened(ProductMake product)
    {
        Chemistry has = product.Chemistry;
        yield return ("ammonia", product with { Chemistry = has with { Ammonia = true } });
        yield return ("acid", product with { Chemistry = has with { Acid = true } });
        yield return ("chlorine", product with { Chemistry = has with { Chlorine = true } });
        yield return ("peroxide", product with { Chemistry = has with { Peroxide = true } });
        yield return ("solvent", product with { Chemistry = has with { Solvent = true } });
        yield return ("oil", product with { Chemistry = has with { Oil = true } });
        yield return ("abrasive", product with { Chemistry = has with { Abrasive = true } });
        yield return ("film", product with { Chemistry = has with { LeavesFilm = true } });
        yield return (
            "alcohol",
            product with
            {
                Chemistry = has with { AlcoholPercent = Math.Min(100, has.AlcoholPercent + 25) },
            }
        );
        yield return (
            "pH",
            product with
            {
                Chemistry = has with
                {
                    Ph = has.Ph >= 7 ? Math.Min(14, has.Ph + 2) : Math.Max(0, has.Ph - 2),
                },
            }
        );
        yield return ("gloss", product with { Sheen = Sheen.Gloss });
        foreach (HazardStatement statement in HazardStatements.All)
        {
            yield return (statement.Code, product with { Hazards = [.. product.Hazards, statement.Code] });
        }
    }
}

internal static class Ascending
{
    public static bool IsAscending<T>(this IEnumerable<T> values)
        where T : struct, Enum
    {
        T[] all = [.. values];
        return all.Zip(all.Skip(1), (one, next) => Comparer<T>.Default.Compare(one, next) <= 0)
            .All(good => good);
    }
}
