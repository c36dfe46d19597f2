namespace Cove.Core.Tests.Safety;

/// <summary>Makes questions for the rules.</summary>
internal static class Cases
{
    /// <summary>Every surface that an owner can have.</summary>
    public static IReadOnlyList<SurfaceMake> Surfaces { get; } =
    [
        .. Enum.GetValues<SurfaceKind>()
            .SelectMany(kind =>
                SurfaceOptions
                    .Of(kind)
                    .Materials.SelectMany(material =>
                        SurfaceOptions
                            .Of(kind)
                            .Finishes.SelectMany(finish =>
                                FactsOf(kind).Select(facts => new SurfaceMake(kind, material, finish, facts))
                            )
                    )
            ),
    ];

    public static Gen<SurfaceMake> Surface { get; } = Gen.Elements<SurfaceMake>(Surfaces);

    public static Gen<ProductMake> Product { get; } =
        from preset in Gen.Elements(Enum.GetValues<ProductClass>()).Select(ClassPresets.Of)
        from form in Gen.Elements(Enum.GetValues<ProductForm>())
        from ph in Gen.Choose(0, 28).Select(half => half / 2.0)
        from alcohol in Gen.Choose(0, 20).Select(twentieth => twentieth * 5.0)
        from flags in Gen.Choose(0, 255)
        from rare in Gen.Choose(0, 3)
        from sheen in Gen.Elements(Enum.GetValues<Sheen>())
        from hazards in Gen.SubListOf(HazardStatements.All.Select(one => one.Code))
        from like in Gen.Choose(0, 1)
        select like == 0
            ? preset.Make
            : new ProductMake(
                preset.Make.Class,
                form,
                new Chemistry
                {
                    Ph = ph,
                    AlcoholPercent = rare == 0 ? alcohol : 0,
                    Ammonia = rare == 1 && (flags & 1) != 0,
                    Acid = rare == 1 && (flags & 2) != 0,
                    Chlorine = rare == 1 && (flags & 4) != 0,
                    Peroxide = rare == 1 && (flags & 8) != 0,
                    Solvent = rare == 2 && (flags & 16) != 0,
                    Oil = rare == 2 && (flags & 32) != 0,
                    Abrasive = rare == 2 && (flags & 64) != 0,
                    LeavesFilm = rare == 2 && (flags & 128) != 0,
                },
                rare == 3 ? sheen : Sheen.None,
                rare == 3 ? [.. hazards.Take(3)] : []
            );

    public static Gen<Strength> Strength { get; } =
        Gen.OneOf(
            Gen.Constant(Core.Catalogue.Amounts.Strength.Neat),
            Gen.Choose(1, 200).Select(parts => Core.Catalogue.Amounts.Strength.FromWaterParts(parts))
        );

    public static Gen<UseContext> Context { get; } =
        from flags in Gen.Choose(0, 511)
        from plain in Gen.Choose(0, 2)
        from soil in Gen.Elements(Enum.GetValues<Soil>())
        from screens in Gen.Elements(Enum.GetValues<ScreenSchool>())
        from others in Gen.ListOf(Product)
        select plain == 0
            ? UseContext.Usual
            : new UseContext
            {
                SurfaceHot = (flags & 1) != 0,
                InSun = (flags & 2) != 0,
                CabinHot = (flags & 4) != 0,
                CabinClosed = (flags & 8) != 0,
                IgnitionNear = (flags & 16) != 0,
                Unclean = (flags & 32) != 0,
                Damp = (flags & 64) != 0,
                CoatWorn = (flags & 128) != 0,
                GentlerTried = (flags & 256) != 0,
                Soil = plain == 1 ? Soil.Light : soil,
                Screens = screens,
                Session = plain == 2 ? [.. others.Take(2)] : [],
            };

    public static Gen<SafetyCase> Any { get; } =
        from surface in Surface
        from product in Product
        from strength in Strength
        from application in Gen.Elements(Enum.GetValues<Application>())
        from tool in Gen.Elements(Enum.GetValues<Tool>())
        from context in Context
        select new SafetyCase(surface, product, strength, application, tool, context);

    /// <summary>The same question otherwise put.</summary>
    public static SafetyCase With(
        this SafetyCase question,
        ProductMake? product = null,
        Strength? strength = null,
        Application? application = null,
        UseContext? context = null
    ) =>
        new(
            question.Surface,
            product ?? question.Product,
            strength ?? question.Strength,
            application ?? question.Application,
            question.Tool,
            context ?? question.Context
        );

    public static Verdict VerdictOf(this SafetyCase question) => SafetyRules.Judge(question).Verdict;

    /// <summary>A product of a class as usual, at its usual strength, put on in its usual way.</summary>
    public static Judgement Usual(ProductClass productClass, SurfaceMake surface, UseContext? context = null)
    {
        ClassPreset preset = ClassPresets.Of(productClass);
        UsualWay way = UsualWay.Of(preset.Make, surface);
        return SafetyRules.Judge(
            new SafetyCase(
                surface,
                preset.Make,
                preset.Usual,
                way.Application,
                way.Tool,
                context ?? UseContext.Usual
            )
        );
    }

    /// <summary>A surface as usual for its kind.</summary>
    public static SurfaceMake On(SurfaceKind kind, Material? material = null, SurfaceFacts facts = default) =>
        new(
            kind,
            material ?? SurfaceOptions.Of(kind).Materials[0],
            SurfaceOptions.Of(kind).Finishes[0],
            facts
        );

    private static IEnumerable<SurfaceFacts> FactsOf(SurfaceKind kind)
    {
        SurfaceFacts possible = SurfaceOptions.Of(kind).Facts;
        return Enumerable
            .Range(0, 32)
            .Select(bits => (SurfaceFacts)bits)
            .Where(facts => (facts & ~possible) == 0);
    }
}
