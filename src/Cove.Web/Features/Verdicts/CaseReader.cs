namespace Cove.Web.Features.Verdicts;

/// <summary>Reads ad-hoc cases, filling in what is left out and gathering what cannot be.</summary>
internal sealed class CaseReader
{
    private readonly List<ValidationError> errors = [];

    /// <summary>What is wrong; empty when nothing is.</summary>
    public IReadOnlyList<ValidationError> Errors => errors;

    /// <summary>Reads one case; null when something in it is wrong.</summary>
    /// <param name="request">The case.</param>
    /// <param name="path">Where it stands in the request.</param>
    public SafetyCase? Read(CaseRequest request, string path)
    {
        int before = errors.Count;
        SurfaceMake surface = Surface(request.Surface);
        ProductMake? product = request.Product is { } given ? Product(given, $"{path}.product") : null;
        Strength strength = Strength.Neat;
        if (request.Strength is { } text)
        {
            if (Strength.Parse(text) is { } read)
            {
                strength = read;
            }
            else
            {
                Report($"{path}.strength", Strength.HowToWrite);
            }
        }
        else if (product is not null)
        {
            strength = ClassPresets.Of(product.Class).Usual;
        }

        UseContext context = Context(request.Context ?? new ContextRequest(), $"{path}.context");
        if (errors.Count > before)
        {
            return null;
        }

        context = context with
        {
            // What no label is given of is taken to be like others of its class.
            StrongestOnLabel = product is null ? null : ClassPresets.Of(product.Class).Strongest,
        };

        UsualWay way = product is null
            ? new UsualWay(Application.Dry, Tool.MicrofibreTowel)
            : UsualWay.Of(product, surface);
        return new SafetyCase(
            surface,
            product,
            strength,
            request.Application ?? way.Application,
            request.Tool ?? way.Tool,
            context
        );
    }

    private static SurfaceMake Surface(SurfaceRequest request)
    {
        var options = SurfaceOptions.Of(request.Kind);
        var facts = SurfaceFacts.None;
        foreach (SurfaceFacts fact in request.Facts ?? [])
        {
            facts |= fact;
        }

        return new SurfaceMake(
            request.Kind,
            request.Material ?? options.Materials[0],
            request.Finish ?? options.Finishes[0],
            facts
        );
    }

    private ProductMake Product(ProductRequest request, string path)
    {
        ProductMake usual = ClassPresets.Of(request.Class).Make;
        Chemistry preset = usual.Chemistry;
        IReadOnlyList<string> hazards = request.Hazards ?? usual.Hazards;
        for (int i = 0; i < hazards.Count; i++)
        {
            if (HazardStatements.Find(hazards[i]) is null)
            {
                Report($"{path}.hazards[{i}]", HazardStatements.HowToGive);
            }
        }

        return new ProductMake(
            request.Class,
            request.Form ?? usual.Form,
            new Chemistry
            {
                Ph = request.Ph ?? preset.Ph,
                Ammonia = request.Ammonia ?? preset.Ammonia,
                Acid = request.Acid ?? preset.Acid,
                AlcoholPercent = request.AlcoholPercent ?? preset.AlcoholPercent,
                Chlorine = request.Chlorine ?? preset.Chlorine,
                Peroxide = request.Peroxide ?? preset.Peroxide,
                Solvent = request.Solvent ?? preset.Solvent,
                Oil = request.Oil ?? preset.Oil,
                Abrasive = request.Abrasive ?? preset.Abrasive,
                LeavesFilm = request.LeavesFilm ?? preset.LeavesFilm,
            },
            request.Sheen ?? usual.Sheen,
            hazards
        );
    }

    private UseContext Context(ContextRequest request, string path) =>
        new()
        {
            SurfaceHot = request.SurfaceHot,
            InSun = request.InSun,
            CabinHot = request.CabinHot,
            CabinClosed = request.CabinClosed,
            IgnitionNear = request.IgnitionNear,
            Unclean = request.Unclean,
            Damp = request.Damp,
            CoatWorn = request.CoatWorn,
            GentlerTried = request.GentlerTried,
            Soil = request.Soil,
            Screens = request.Screens,
            Maker = request.Maker,
            SpotTest = request.SpotTest,
            Session = Products(request.Session, $"{path}.session"),
            SameBottle = Products(request.SameBottle, $"{path}.sameBottle"),
        };

    private ProductMake[] Products(IReadOnlyList<ProductRequest>? requests, string path) =>
        [.. (requests ?? []).Select((request, i) => Product(request, $"{path}[{i}]"))];

    private void Report(string path, string sentence) => errors.Add(new ValidationError(path, sentence));
}
