namespace Cove.Core.Tests.Choice;

public sealed class SafestWaysTests
{
    private static readonly Shelf Everything = Shelf.Empty with
    {
        Products =
        [
            .. Enum.GetValues<ProductClass>()
                .Select(one => Product.OfClass(new(Guid.NewGuid()), $"{one}", one)),
        ],
    };

    // Two of each make: answers are kept by make.
    private static readonly IReadOnlyList<Surface> Surfaces =
    [
        .. CabinBuilder
            .Build(CareBook.ReferenceLayout)
            .Surfaces.GroupBy(surface => surface.Make)
            .SelectMany(group => group.Take(2)),
    ];

    private static readonly Gen<ShelfRecords> Records =
        from tests in TestOnRecord.ListOf()
        from instructions in InstructionOnRecord.ListOf()
        select new ShelfRecords([.. tests], [.. instructions]);

    private static Gen<SpotTest> TestOnRecord =>
        from surface in Gen.Elements<Surface>(Surfaces)
        from product in Gen.Elements<Product>(Everything.Products)
        from passed in Gen.Elements(true, false)
        select new SpotTest([surface.Id], product.Id, product.Usual, passed, DateTimeOffset.UnixEpoch);

    private static Gen<MakerInstruction> InstructionOnRecord =>
        from surface in Gen.Elements<Surface>(Surfaces)
        from product in Gen.Elements<Product>(Everything.Products)
        from scope in Gen.Choose(0, 2)
        from allows in Gen.Elements(true, false)
        select new MakerInstruction(
            scope == 0 ? default(SurfaceId?) : surface.Id,
            scope == 1 ? null : product.Id,
            allows,
            "Handbook."
        );

    [Property(MaxTest = 10)]
    public Property Cars_that_share_answers_get_the_same_as_cars_that_are_asked_alone() =>
        Prop.ForAll(
            (from one in Records from other in Records select (one, other)).ToArbitrary(),
            given =>
            {
                var shared = new SafestWays(Everything, ShelfRecords.None);
                // Asked in turn, so that each may find what the others left.
                (SafestWays Shared, SafestWays Alone)[] cars =
                [
                    (shared.For(given.one), new SafestWays(Everything, given.one)),
                    (shared.For(given.other), new SafestWays(Everything, given.other)),
                    (shared, new SafestWays(Everything, ShelfRecords.None)),
                ];
                return Surfaces.All(surface =>
                    Everything.Products.All(product =>
                        cars.All(car =>
                            Answer(car.Shared, product, surface) == Answer(car.Alone, product, surface)
                        )
                    )
                );
            }
        );

    [Fact]
    public void A_way_that_is_not_safe_gives_way_to_a_gentler_one()
    {
        Surface headliner = Surfaces.First(surface => surface.Kind == SurfaceKind.Headliner);
        var ways = new SafestWays(Everything, ShelfRecords.None);
        foreach (Product product in Everything.Products)
        {
            Pick pick = ways.Of(product, headliner, UseContext.Usual);
            // Nothing is ever suggested that would fall into the eyes.
            Assert.True(pick.Way.Application < Application.DirectSpray || !pick.Judgement.MayBeDone);
        }
    }

    [Fact]
    public void Without_the_usual_tool_the_towel_is_taken()
    {
        Surface carpet = Surfaces.First(surface => surface.Kind == SurfaceKind.Carpet);
        Product foam = Everything.Products.Single(one => one.Make.Class == ProductClass.FabricCleaner);
        // Once anything is listed, what is not listed is not there.
        Shelf bare = Everything with
        {
            Tools = [new OwnedTool(Tool.Vacuum, 1, string.Empty)],
        };

        Assert.False(bare.Has(Tool.StiffBrush));
        Assert.Equal(
            Tool.MicrofibreTowel,
            new SafestWays(bare, ShelfRecords.None).Of(foam, carpet, UseContext.Usual).Way.Tool
        );
    }

    private static (Verdict, Strength, UsualWay) Answer(SafestWays ways, Product product, Surface surface)
    {
        Pick pick = ways.Of(product, surface, UseContext.Usual);
        return (pick.Judgement.Verdict, pick.Strength, pick.Way);
    }
}
