namespace Cove.Core.Tests.Upkeep;

public sealed class FirstUseTests
{
    private static readonly CabinLayout Family = CabinLayout.Usual(BodyType.Suv) with
    {
        ChildSeats = 2,
        PetCover = true,
    };

    // Seen: a car with two child seats and a pet cover was reckoned with as if two adults drove it.
    [Fact]
    public void Child_seats_and_a_pet_cover_tell_of_children_and_an_animal()
    {
        CarUse use = FirstUse.Of(CarUse.Reference, Family);

        Assert.Equal(2, use.Children);
        Assert.Equal(Often.Sometimes, use.Pets);
        Assert.Contains("2 children", FirstUse.SentenceOf(Family), StringComparison.Ordinal);
        Assert.Contains("animal", FirstUse.SentenceOf(Family), StringComparison.Ordinal);
    }

    [Fact]
    public void What_was_said_goes_beyond_what_is_fitted()
    {
        CarUse said = CarUse.Reference with { Children = 4, Pets = Often.Daily };

        Assert.Equal(said, FirstUse.Of(said, Family));
    }

    [Fact]
    public void A_cabin_without_either_tells_nothing()
    {
        CabinLayout bare = Family with { ChildSeats = 0, PetCover = false };

        Assert.Equal(CarUse.Reference, FirstUse.Of(CarUse.Reference, bare));
        Assert.Null(FirstUse.SentenceOf(bare));
    }
}
