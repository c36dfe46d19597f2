using System.Globalization;

namespace Cove.Web.Tests;

/// <summary>What the trade says to some two hundred questions, asked over HTTP in one call.</summary>
/// <remarks>Common practice, no single source; chemistry that is not given is that of the class. Where practice leaves it open whether care is needed, both answers stand.</remarks>
public sealed class TradeBookTests
{
    /// <summary>Surface | product | strength | application | tool | circumstances | verdicts of the trade. A dash leaves a column out.</summary>
    private const string Book = """
        # Glass: anything for plain glass, on the towel
        windscreen | glassCleaner | - | onTowel | glassTowel | - | good
        windscreen | water | - | onTowel | chamois | - | good
        windscreen | water | - | onTowel | chamois | inSun | good
        windscreen | soapWater | - | onTowel | glassTowel | - | good
        windscreen | glassCleanerWithVinegar | - | onTowel | glassTowel | - | good withCare
        windscreen | glassCleanerWithAmmonia | - | onTowel | glassTowel | - | good withCare
        windscreen | glassCleanerWithAmmonia | - | onTowel | glassTowel | cabinClosed | keepOff
        windscreen | isopropylAlcohol | - | onTowel | glassTowel | - | withCare
        windscreen | isopropylAlcohol | - | onTowel | glassTowel | cabinHot | keepOff
        windscreen | isopropylAlcohol | - | onTowel | glassTowel | ignitionNear | keepOff
        windscreen | glassCleaner | - | directSpray | glassTowel | - | withCare keepOff
        windscreen | glassCleaner | - | soak | glassTowel | - | keepOff
        windscreen | glassCleaner | - | onTowel | glassTowel | inSun | withCare
        windscreen | glassCleaner | - | onTowel | glassTowel | surfaceHot | withCare
        windscreen | glassCleaner | - | onTowel | usedTowel | - | withCare keepOff
        windscreen | glassCleaner | - | onTowel | paperTowel | - | withCare
        windscreen | glassCleaner | - | onTowel | reachTool | - | good
        windscreen | melamineSponge | - | - | - | - | withCare
        windscreen | - | - | - | scraper | - | withCare
        windscreen | - | - | - | steamer | - | withCare
        windscreen | interiorCleaner | - | onTowel | - | - | withCare
        windscreen | solventDressing | - | - | - | - | keepOff
        windscreen | waterBasedDressing | - | - | - | - | keepOff
        windscreen | silicaSpray | 1:5 | - | - | - | keepOff
        windscreen | leatherConditioner | - | - | - | - | keepOff
        # Tint film
        glass+tintFilm | soapWater | - | onTowel | glassTowel | - | good
        glass+tintFilm | water | - | onTowel | glassTowel | - | good
        glass+tintFilm | glassCleaner | - | onTowel | glassTowel | - | good withCare
        glass+tintFilm | glassCleaner ammonia | - | onTowel | glassTowel | - | keepOff
        glass+tintFilm | glassCleaner alcoholPercent=20 | - | onTowel | glassTowel | - | keepOff
        glass+tintFilm | glassCleaner ph=2.8 acid | - | onTowel | glassTowel | - | keepOff
        glass+tintFilm | glassCleanerWithAmmonia | - | onTowel | glassTowel | - | keepOff
        glass+tintFilm | glassCleanerWithAmmonia | 1:50 | onTowel | glassTowel | - | keepOff
        glass+tintFilm | glassCleanerWithVinegar | - | onTowel | glassTowel | - | keepOff
        glass+tintFilm | isopropylAlcohol | 1:1 | onTowel | glassTowel | - | keepOff
        glass+tintFilm | alcoholDetailer | - | onTowel | glassTowel | - | keepOff
        glass+tintFilm | melamineSponge | - | - | - | - | keepOff
        glass+tintFilm | soapWater | - | onTowel | scraper | - | keepOff
        glass+tintFilm | soapWater | - | onTowel | stiffBrush | - | keepOff
        glass+tintFilm | solventCleaner | - | - | - | - | keepOff
        glass+tintFilm | chlorineBleach | 1:20 | - | - | - | keepOff
        glass+tintFilm | glassCleanerWithAmmonia | - | onTowel | glassTowel | maker=allows | good withCare
        windscreen+tintFilm | acidCleaner | - | - | - | - | keepOff
        # Heater lines and aerials
        glass+heaterLines | glassCleaner | - | onTowel | glassTowel | - | withCare
        glass+heaterLines | - | - | - | scraper | - | keepOff
        glass+heaterLines | melamineSponge | - | - | - | - | keepOff
        glass+aerial | melamineSponge | - | - | - | - | keepOff
        glass+heaterLines+tintFilm | soapWater | - | onTowel | glassTowel | - | withCare
        # Plastic panes
        glass:clearPlastic | water | - | onTowel | glassTowel | - | good withCare
        glass:clearPlastic | isopropylAlcohol | - | - | - | - | keepOff
        glass:clearPlastic | glassCleanerWithAmmonia | - | - | - | - | keepOff
        glass:clearPlastic | melamineSponge | - | - | - | - | keepOff
        # Screens: the gentlest that works
        screen | - | - | - | microfibreTowel | - | good
        screen | water | - | onTowel | - | - | good
        screen | rinselessWash | 1:32 | onTowel | - | - | good withCare
        screen | rinselessWash | 1:8 | onTowel | - | - | withCare testFirst
        screen | alcoholDetailer | - | onTowel | - | - | testFirst
        screen | alcoholDetailer | - | onTowel | - | screens=alcoholDetailer,gentlerTried | good withCare
        screen | glassCleaner | - | onTowel | - | - | testFirst keepOff
        screen | glassCleaner | - | onTowel | - | screens=glassCleaner,gentlerTried | good withCare
        screen | glassCleaner | - | directSpray | - | screens=glassCleaner,gentlerTried | keepOff
        screen | glassCleanerWithAmmonia | - | onTowel | - | screens=glassCleaner | keepOff
        screen | isopropylAlcohol | - | onTowel | - | - | keepOff
        screen | interiorCleaner | - | onTowel | - | - | keepOff
        screen | allPurposeCleaner | - | onTowel | - | - | keepOff
        screen | water | - | directSpray | - | - | keepOff
        screen | water | - | onTowel | paperTowel | - | keepOff
        screen | water | - | onTowel | usedTowel | - | keepOff
        screen | - | - | - | stiffBrush | - | keepOff
        screen | melamineSponge | - | - | - | - | keepOff
        screen | - | - | - | steamer | - | keepOff
        screen | solventDressing | - | - | - | - | keepOff
        screen | cleaningGel | - | - | - | - | good
        # The lens over the instruments
        clusterLens | - | - | - | softBrush | - | good
        clusterLens | water | - | onTowel | - | - | withCare
        clusterLens | interiorCleaner | - | onTowel | - | - | testFirst keepOff
        clusterLens | glassCleaner | 1:32 | onTowel | - | - | withCare
        clusterLens | isopropylAlcohol | - | onTowel | - | - | keepOff
        clusterLens | - | - | - | stiffBrush | - | keepOff
        clusterLens | melamineSponge | - | - | - | - | keepOff
        clusterLens | - | - | - | paperTowel | - | keepOff
        # Gloss-black trim
        trim*gloss | cleaningGel | - | - | - | - | good
        trim*gloss | water | - | onTowel | - | - | good withCare
        trim*gloss | alcoholDetailer | - | onTowel | - | - | good withCare
        trim*gloss | - | - | - | microfibreTowel | - | withCare
        trim*gloss | water | - | onTowel | stiffBrush | - | keepOff
        trim*gloss | melamineSponge | - | - | - | - | keepOff
        trim*gloss | solventCleaner | - | - | - | - | keepOff
        trim*gloss | degreaser | 1:4 | - | - | - | keepOff
        trim*gloss | interiorCleaner | - | directSpray | - | - | withCare keepOff
        trim*woodVeneer | solventCleaner | - | - | - | - | keepOff
        trim*woodVeneer | water | - | onTowel | - | - | good withCare
        # Vents, switches, slots
        vents | - | - | - | softBrush | - | good
        vents | - | - | - | compressedAir | - | withCare
        vents | - | - | - | steamer | - | keepOff
        vents | cleaningGel | - | - | - | - | good
        vents | interiorCleaner | - | onBrush | softBrush | - | good withCare
        vents | interiorCleaner | - | directSpray | softBrush | - | keepOff
        switches | interiorCleaner | - | onBrush | softBrush | - | good withCare
        switches | interiorCleaner | - | onTowel | - | - | good withCare
        switches | interiorCleaner | - | foam | softBrush | - | keepOff
        switches | water | - | directSpray | - | - | keepOff
        switches | - | - | - | steamer | - | keepOff
        shifterSlot | interiorCleaner | - | onBrush | softBrush | - | good withCare
        shifterSlot | interiorCleaner | - | soak | - | - | keepOff
        # Dash
        dash | water | - | onTowel | - | - | good
        dash | interiorCleaner | - | onTowel | - | - | good
        dash | interiorCleaner | - | directSpray | - | - | withCare
        dash | interiorCleaner | - | onTowel | - | surfaceHot | withCare
        dash | interiorDetailer | - | onTowel | - | - | good withCare
        dash | allPurposeCleaner | 2 % | onTowel | - | - | good
        dash | allPurposeCleaner | neat | onTowel | - | - | withCare testFirst keepOff
        dash | waterBasedDressing | - | onApplicator | - | - | good
        dash | waterBasedDressing sheen=satin | - | onApplicator | - | - | withCare
        dash | waterBasedDressing sheen=gloss | - | onApplicator | - | - | keepOff
        dash | solventDressing | - | onApplicator | - | - | keepOff
        dash | waterBasedDressing | - | onApplicator | - | unclean | keepOff withCare
        dash | waterBasedDressing | - | onApplicator | - | damp | keepOff withCare
        dash | silicaSpray | 1:5 | - | - | - | good withCare
        dash | silicaSpray | neat | - | - | - | testFirst
        dash | solventCleaner | - | - | - | - | keepOff
        dash | isopropylAlcohol | - | onTowel | - | - | testFirst keepOff
        dash | melamineSponge | - | - | - | - | keepOff
        dash | water | - | onTowel | stiffBrush | - | withCare
        dash | glassCleanerWithAmmonia | - | onTowel | - | - | testFirst
        dash+airbagBehind | interiorCleaner | - | soak | - | - | keepOff
        dash+airbagBehind | - | - | - | steamer | - | keepOff
        # Wheel, pedals: bare
        wheel | interiorCleaner | - | onTowel | - | - | good withCare
        wheel | leatherCleanerMild | - | onTowel | - | - | good
        wheel | soapWater | - | onTowel | - | - | good
        wheel | waterBasedDressing | - | - | - | - | keepOff
        wheel | waterBasedDressing | - | - | - | maker=allows | keepOff
        wheel | leatherConditioner | - | - | - | - | keepOff
        wheel | silicaSpray | 1:5 | - | - | - | keepOff
        wheel | solventCleaner | - | - | - | - | keepOff
        wheel+airbagBehind | interiorCleaner | - | soak | - | - | keepOff
        wheel | melamineSponge | - | - | - | - | keepOff
        pedals | interiorCleaner | - | onBrush | stiffBrush | - | good
        pedals | allPurposeCleaner | 2 % | onBrush | stiffBrush | - | good
        pedals | waterBasedDressing | - | - | - | - | keepOff
        pedals | silicaSpray | - | - | - | - | keepOff
        pedals | solventDressing | - | - | - | maker=allows,spotTest=passed | keepOff
        # Coated leather
        seat:coatedLeather | - | - | - | vacuum | - | good
        seat:coatedLeather | water | - | onTowel | - | - | good
        seat:coatedLeather | leatherCleanerMild | - | onBrush | softBrush | - | good
        seat:coatedLeather | leatherCleanerMild | - | onBrush | softBrush | unclean | withCare
        seat:coatedLeather | leatherCleanerMild | - | onBrush | stiffBrush | - | withCare keepOff
        seat:coatedLeather | leatherCleanerMild | - | soak | softBrush | - | keepOff
        seat:coatedLeather | leatherCleanerMild | - | directSpray | softBrush | - | withCare
        seat:coatedLeather | leatherCleanerStrong | - | onBrush | softBrush | - | testFirst keepOff
        seat:coatedLeather | leatherCleanerStrong | - | onBrush | softBrush | spotTest=passed | good withCare
        seat:coatedLeather | leatherCleanerStrong | - | onBrush | softBrush | spotTest=failed | keepOff
        seat:coatedLeather | leatherCleanerStrong | - | onBrush | softBrush | coatWorn | keepOff
        seat:coatedLeather | interiorCleaner | - | onTowel | - | - | good withCare
        seat:coatedLeather | degreaser | 1:4 | - | - | - | keepOff
        seat:coatedLeather | solventCleaner | - | - | - | - | keepOff
        seat:coatedLeather | isopropylAlcohol | - | onTowel | - | - | keepOff
        seat:coatedLeather | glassCleanerWithAmmonia | - | - | - | - | keepOff
        seat:coatedLeather | chlorineBleach | - | - | - | - | keepOff
        seat:coatedLeather | melamineSponge | - | - | - | - | keepOff
        seat:coatedLeather | leatherSealant | - | - | - | - | good
        seat:coatedLeather | leatherSealant | - | - | - | damp | keepOff withCare
        seat:coatedLeather | leatherConditioner | - | - | - | - | withCare
        seat:coatedLeather | leatherConditioner | - | - | - | coatWorn | good
        seat:coatedLeather | leatherBalm | - | - | - | - | good
        seat:coatedLeather | solventDressing | - | - | - | - | keepOff
        seat:coatedLeather | - | - | - | steamer | - | withCare testFirst
        # Bare and synthetic leather
        seat:uncoatedLeather | leatherCleanerMild | - | onTowel | - | - | testFirst
        seat:uncoatedLeather | leatherConditioner | - | - | - | - | testFirst keepOff
        seat:uncoatedLeather | interiorCleaner | - | directSpray | - | - | keepOff
        seat:syntheticLeather | interiorCleaner | - | onTowel | - | - | good
        seat:syntheticLeather | leatherConditioner | - | - | - | - | withCare
        seat:syntheticLeather | waterBasedDressing | - | onApplicator | - | - | good withCare
        seat:syntheticLeather | waterBasedDressing sheen=gloss | - | onApplicator | - | - | keepOff
        seat:syntheticLeather | solventCleaner | - | - | - | - | keepOff
        seat:syntheticLeather | isopropylAlcohol | - | onTowel | - | - | testFirst
        # Cloth
        seat:wovenFabric | fabricCleaner | 1:8 | onTowel | - | - | good
        seat:wovenFabric | fabricCleaner | 1:8 | foam | softBrush | - | good
        seat:wovenFabric | fabricCleaner | 1:8 | soak | softBrush | - | keepOff
        seat:wovenFabric | soapWater | - | onTowel | - | - | good
        seat:wovenFabric | solventDressing | - | - | - | - | keepOff
        seat:wovenFabric | leatherConditioner | - | - | - | - | keepOff
        seat:wovenFabric | waterBasedDressing | - | - | - | - | keepOff
        seat:wovenFabric | fabricProtector | - | - | - | - | good withCare
        seat:wovenFabric | fabricProtector | - | - | - | damp | keepOff
        seat:wovenFabric | fabricProtector | - | - | - | unclean | keepOff
        seat:wovenFabric | chlorineBleach | - | - | - | - | keepOff
        seat:wovenFabric | peroxideCleaner | - | - | - | - | testFirst
        seat:wovenFabric | melamineSponge | - | - | - | - | keepOff
        seat:wovenFabric+heated | fabricCleaner | 1:8 | directSpray | - | - | withCare
        seat:microsuede | water | - | onTowel | - | - | good withCare
        seat:microsuede | fabricCleaner | 1:8 | soak | - | - | keepOff
        seat:microsuede | fabricProtector | - | - | - | - | testFirst keepOff
        seat:microsuede | solventDressing | - | - | - | - | keepOff
        seat:microsuede | - | - | - | stiffBrush | - | keepOff
        seat:microsuede | - | - | - | softBrush | - | good
        headliner | fabricCleaner | 1:8 | onBrush | softBrush | - | withCare
        headliner | fabricCleaner | 1:8 | directSpray | softBrush | - | keepOff
        headliner | fabricCleaner | 1:8 | soak | softBrush | - | keepOff
        headliner | fabricCleaner | 1:8 | onTowel | usedTowel | - | withCare keepOff
        headliner | - | - | - | steamer | - | keepOff
        headliner | solventCleaner | - | - | - | - | keepOff
        carpet | fabricCleaner | 1:8 | foam | stiffBrush | - | good
        carpet | allPurposeCleaner | 2 % | foam | stiffBrush | - | good withCare
        carpet | waterBasedDressing | - | - | - | - | keepOff
        carpet | - | - | - | extractor | - | withCare
        carpet | fabricCleaner | - | - | - | soil=biological | keepOff
        carpet | - | - | - | vacuum | soil=sharp | keepOff
        # Mats, boot
        mat:rubber | rubberMatCleaner | - | directSpray | stiffBrush | - | good withCare
        mat:rubber | water | - | soak | stiffBrush | - | good
        mat:rubber | waterBasedDressing | - | - | - | - | keepOff
        mat:rubber | solventDressing | - | - | - | - | keepOff
        mat:pile | fabricCleaner | 1:8 | foam | stiffBrush | - | good
        boot | waterBasedDressing | - | - | - | - | keepOff
        # Belts and child seats: water and mild soap
        belts | soapWater | - | onBrush | softBrush | - | good
        belts | soapWater | - | soak | - | - | keepOff
        belts | soapWater | - | onBrush | stiffBrush | - | withCare
        belts | chlorineBleach | 1:50 | - | - | - | keepOff
        belts | solventCleaner | - | - | - | - | keepOff
        belts | allPurposeCleaner | neat | - | - | - | keepOff
        belts | isopropylAlcohol | - | - | - | - | keepOff
        belts | chlorineBleach | 1:50 | - | - | maker=allows | keepOff
        belts | fabricProtector | - | - | - | - | keepOff
        belts | waterBasedDressing | - | - | - | - | keepOff
        childSeat | water | - | onTowel | - | - | good
        childSeat | soapWater | - | onTowel | - | - | withCare
        childSeat | chlorineBleach | - | - | - | maker=allows | keepOff
        childSeat | solventCleaner | - | - | - | - | keepOff
        # Doors
        doorCard:plastic | interiorCleaner | - | onTowel | - | - | good
        doorCard:plastic | interiorCleaner | - | directSpray | - | - | withCare
        doorShuts | allPurposeCleaner | 2 % | onTowel | - | - | good
        doorShuts | melamineSponge | - | - | - | - | keepOff
        doorSeals | waterBasedDressing | - | onApplicator | - | - | good
        doorSeals | solventDressing | - | - | - | - | keepOff
        cupHolders | interiorCleaner | - | onBrush | softBrush | - | good withCare
        cupHolders | soapWater | - | onTowel | - | - | good
        # People
        doorShuts | acidCleaner | - | - | - | session=chlorineBleach | keepOff
        doorShuts | chlorineBleach | 1:20 | - | - | session=glassCleanerWithAmmonia | keepOff
        cupHolders | peroxideCleaner | - | - | - | sameBottle=acidCleaner | keepOff
        dash | interiorCleaner | - | - | - | sameBottle=allPurposeCleaner | keepOff
        cupHolders | interiorCleaner form=aerosol | - | onBrush | - | cabinHot | keepOff
        cupHolders | interiorCleaner hazards=H222 | - | onBrush | - | cabinClosed | keepOff
        cupHolders | interiorCleaner hazards=H319 | - | onBrush | - | - | withCare
        air | scent | - | - | - | - | good withCare
        dash | scent | - | - | - | - | keepOff
        """;

    [Fact]
    public async Task The_rules_agree_with_the_trade()
    {
        using var cove = new CoveHost();
        string[][] rows =
        [
            .. Book.Split('\n')
                .Where(line => !line.StartsWith('#'))
                .Select(line => line.Split('|', StringSplitOptions.TrimEntries)),
        ];
        var cases = new JsonArray([.. rows.Select(CaseOf)]);

        HttpResponseMessage answer = await cove.Post(
            "/api/verdicts/evaluate",
            new JsonObject { ["cases"] = cases }.ToJsonString()
        );

        Assert.True(answer.IsSuccessStatusCode, await answer.Content.ReadAsStringAsync());
        JsonArray results = (await answer.Content.ReadFromJsonAsync<JsonObject>())!["results"]!.AsArray();
        Assert.Equal(rows.Length, results.Count);
        Assert.Empty(
            rows.Zip(results)
                .Where(pair => !pair.First[6].Split(' ').Contains((string)pair.Second!["verdict"]!))
                .Select(pair =>
                    $"{string.Join(" | ", pair.First)}: {pair.Second!["verdict"]}, {pair.Second["reasons"]![0]!["rule"]}"
                )
        );
    }

    private static JsonObject CaseOf(string[] columns)
    {
        var one = new JsonObject { ["surface"] = SurfaceOf(columns[0]) };
        if (columns[1] != "-")
        {
            one["product"] = Named(columns[1].Split(' '), "class");
        }

        foreach (var (name, text) in new[] { ("strength", 2), ("application", 3), ("tool", 4) })
        {
            if (columns[text] != "-")
            {
                one[name] = columns[text];
            }
        }

        if (columns[5] != "-")
        {
            one["context"] = Named(columns[5].Split(','), null);
        }

        return one;
    }

    /// <summary>kind:material*finish+fact+fact</summary>
    private static JsonObject SurfaceOf(string text)
    {
        string[] facts = text.Split('+');
        string[] finish = facts[0].Split('*');
        string[] material = finish[0].Split(':');
        var surface = new JsonObject
        {
            ["kind"] = material[0],
            ["facts"] = new JsonArray([.. facts.Skip(1).Select(fact => JsonValue.Create(fact))]),
        };
        if (material.Length > 1)
        {
            surface["material"] = material[1];
        }

        if (finish.Length > 1)
        {
            surface["finish"] = finish[1];
        }

        return surface;
    }

    /// <summary>Words that hold, and name=value pairs; the first word is the value of a name of its own where there is one.</summary>
    private static JsonObject Named(string[] words, string? first)
    {
        var named = new JsonObject();
        foreach (string word in words)
        {
            string[] pair = word.Split('=');
            if (pair.Length == 1 && first is not null && named.Count == 0)
            {
                named[first] = word;
            }
            else
            {
                named[pair[0]] = pair.Length == 1 ? true : ValueOf(pair[0], pair[1]);
            }
        }

        return named;
    }

    private static JsonNode ValueOf(string name, string text) =>
        name switch
        {
            "session" or "sameBottle" => new JsonArray(new JsonObject { ["class"] = text }),
            "hazards" => new JsonArray(JsonValue.Create(text)),
            "ph" or "alcoholPercent" => double.Parse(text, CultureInfo.InvariantCulture),
            _ => text,
        };
}
