namespace Cove.Core.Tests.Methods;

public sealed class TowelTests
{
    private static readonly Gen<RunEvent> Sayings =
        from kind in Gen.Elements(RunEventKind.FaceTurned, RunEventKind.TowelRetired)
        from role in Gen.Elements(TowelRole.GlassWet, TowelRole.GlassDry)
        select new RunEvent(kind, 0, DateTimeOffset.UnixEpoch, role);

    [Property]
    public Property Turning_and_retiring_never_goes_back_to_a_used_face() =>
        Prop.ForAll(
            Sayings.ListOf().ToArbitrary(),
            Gen.Elements(Enum.GetValues<FoldSchool>()).ToArbitrary(),
            (sayings, fold) =>
            {
                TowelCount count = TowelCount.None;
                foreach (RunEvent said in sayings)
                {
                    TowelInHand before = count.InHand(said.Towel!.Value, fold);
                    count = count.After(said);
                    TowelInHand after = count.InHand(said.Towel.Value, fold);
                    bool onward =
                        after.Number > before.Number ? after.Face == 1 : after.Face == before.Face + 1;
                    if (!onward || after.Face < 1 || after.Face > TowelFold.FacesOf(fold))
                    {
                        return false;
                    }
                }

                return true;
            }
        );

    // Common practice: folded to quarters a towel has eight faces, in thirds six.
    [Theory]
    [InlineData(0, FoldSchool.Quarters, 0)]
    [InlineData(0.4, FoldSchool.Quarters, 1)]
    [InlineData(8, FoldSchool.Quarters, 1)]
    [InlineData(8.1, FoldSchool.Quarters, 2)]
    [InlineData(6, FoldSchool.Thirds, 1)]
    [InlineData(8, FoldSchool.Thirds, 2)]
    public void Towels_are_counted_from_faces(double faces, FoldSchool fold, int towels) =>
        Assert.Equal(towels, TowelFold.TowelsFor(faces, fold));

    // Seen: four towels were to be carried to the glass by somebody who owns two.
    [Theory]
    [InlineData(2, 2, "2 × glass, wet (light blue)")]
    [InlineData(4, 2, "rinsed and wrung out in between")]
    [InlineData(2, 0, "none of yours for glass, wet")]
    public void The_towels_wanted_are_those_that_are_owned(int wanted, int owned, string words)
    {
        TowelWant want = Assert.Single(
            TowelWant.Of(
                new Dictionary<TowelRole, int> { [TowelRole.GlassWet] = wanted },
                [
                    new OwnedTowels(TowelRole.GlassWet, "Light blue", owned),
                    new OwnedTowels(TowelRole.Buff, "Grey", 3),
                ]
            )
        );

        Assert.Equal(Math.Min(wanted, owned), want.Carried);
        Assert.Contains(words, want.Words, StringComparison.Ordinal);
    }

    [Fact]
    public void Who_has_told_nothing_of_towels_is_told_how_many_are_wanted() =>
        Assert.Equal(
            "2 × glass, dry",
            Assert.Single(TowelWant.Of(new Dictionary<TowelRole, int> { [TowelRole.GlassDry] = 2 }, [])).Words
        );

    // Common practice: glass towels are washed by themselves and without softener, dirty ones apart from clean.
    [Fact]
    public void Glass_towels_are_washed_alone_and_every_towel_in_one_load()
    {
        var used = Enum.GetValues<TowelRole>().Select(role => (role, Count: (int)role + 1)).ToArray();

        IReadOnlyList<LaundryLoad> loads = Laundry.Of([.. used, (TowelRole.Buff, 0)]);

        Assert.Equal(
            [TowelRole.GlassWet, TowelRole.GlassDry],
            loads.Single(load => load.Kind == LoadKind.Glass).Towels.Select(towel => towel.Role)
        );
        Assert.Equal(used.Sum(one => one.Count), loads.SelectMany(load => load.Towels).Sum(one => one.Count));
        Assert.Contains("no softener", loads[0].How, StringComparison.Ordinal);
        Assert.Empty(Laundry.Of([]));
    }
}
