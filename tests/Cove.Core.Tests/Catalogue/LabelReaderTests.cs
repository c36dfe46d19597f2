namespace Cove.Core.Tests.Catalogue;

/// <summary>Texts in the manner of labels and data sheets, well and badly typed. All of them are invented.</summary>
public sealed class LabelReaderTests
{
    /// <summary>A text with what it says: statements; pH; flash point; alcohol; what is contained (+) and denied (-); weakest and strongest use.</summary>
    public static TheoryData<string, string, double?, double?, double?, string, string?, string?> Texts =>
        new()
        {
            {
                "Interior cleaner concentrate. pH 8.5. Dilute 1:10 for routine work, up to 1:4 for heavy soil. Contains no ammonia, no chlorine.",
                "",
                8.5,
                null,
                null,
                "-Ammonia -Chlorine",
                "1:10",
                "1:4"
            },
            {
                "DANGER H314 Causes severe skin burns and eye damage. Contains sodium hypochlorite. Do not mix with acids or ammonia: dangerous gases (chlorine) may be released. pH: 12,5",
                "H314",
                12.5,
                null,
                null,
                "+Chlorine",
                null,
                null
            },
            {
                "Glass cleaner. Ammonia-free. Alcohol 5 - 10 %. Flash point: 42 °C. Ready to use.",
                "H226",
                null,
                42,
                10,
                "-Ammonia",
                "neat",
                "neat"
            },
            {
                "isopropyl alcohol 70% Flash point 12 C  h225 H319 h336 p210",
                "H225 H319 H336 P210",
                null,
                12,
                70,
                "",
                null,
                null
            },
            {
                "Leather cleaner, mild, pH-neutral, solvent free, silicone free, without abrasives.",
                "",
                7,
                null,
                null,
                "-Solvent -Oil -Abrasive",
                null,
                null
            },
            {
                "Contains: white spirit. May be fatal if swallowed and enters\nairways. Flammable liquid and vapour. Fl. pt. see sheet.",
                "H226 H304",
                null,
                null,
                null,
                "+Solvent",
                null,
                null
            },
            {
                "Extremely flammable aerosol. Pressurised container: may burst if heated. Contains propellant, limonene.",
                "H222",
                null,
                null,
                null,
                "+Aerosol +Solvent",
                null,
                null
            },
            {
                "Free of ammonia, acids, chlorine and abrasives. Contains hydrogen peroxide 3 %.",
                "",
                null,
                null,
                null,
                "-Ammonia -Acid -Chlorine -Abrasive +Peroxide",
                null,
                null
            },
            {
                "Does not contain solvents, silicone or ammonia but contains citric acid. pH value (20 °C): 2.4",
                "",
                2.4,
                null,
                null,
                "-Solvent -Oil -Ammonia +Acid",
                null,
                null
            },
            {
                "Windscreen wash. Ethanol 20-30%, propan-2-ol 1-5 %. Highly flammable liquid and vapour.",
                "H225",
                null,
                null,
                30,
                "",
                null,
                null
            },
            {
                "Section 9. Physical properties. pH 10.8 - 11.2 (undil.) Flash point > 93 °C. Ammonia: none. Chlorine: 0 %.",
                "",
                11.2,
                93,
                null,
                "-Ammonia -Chlorine",
                null,
                null
            },
            {
                "50 ml per litre for seats, 20 ml per litre for dashboards.",
                "",
                null,
                null,
                null,
                "",
                "1:50",
                "1:20"
            },
            { "1 part cleaner to 20 parts water. Never above 1:8.", "", null, null, null, "", "1:20", "1:8" },
            {
                "USE UNDILUTED. DO NOT MIX WITH BLEACH. VINEGAR BASED GLASS CLEANER",
                "",
                null,
                null,
                null,
                "+Acid",
                "neat",
                "neat"
            },
            {
                "Oxygen bleach for fabrics, sodium percarbonate. Causes serious eye irritation",
                "H319",
                null,
                null,
                null,
                "+Peroxide",
                null,
                null
            },
            {
                "Removes silicone, wax and oil. Contains naphtha. Do not breathe. May cause drowsiness or dizziness.",
                "H336",
                null,
                null,
                null,
                "+Solvent",
                null,
                null
            },
            {
                "Mild soap. Non-alcohol, no solvents; pH ca. 7,5.",
                "",
                7.5,
                null,
                null,
                "-Solvent -Alcohol",
                null,
                null
            },
            { "ph9 , dilute 1 : 8 . contains  no   amonia", "", 9, null, null, "", "1:8", "1:8" },
            {
                "Protectant with carnauba and silicone oil. Use only outdoors or in a well-ventilated area. P271",
                "P271",
                null,
                null,
                null,
                "+Oil",
                null,
                null
            },
            {
                "Incompatible with strong oxidisers, chlorine and hydrogen peroxide. Keep away from acids.",
                "",
                null,
                null,
                null,
                "",
                null,
                null
            },
            {
                "Contains ammonium hydroxide < 5 %. Causes skin irritation. May cause respiratory irritation.",
                "H315 H335",
                null,
                null,
                null,
                "+Ammonia",
                null,
                null
            },
            {
                "Keep out of reach of children. Wear protective gloves/protective clothing/eye protection/face protection. Causes serious eye damage.",
                "H318 P102 P280",
                null,
                null,
                null,
                "",
                null,
                null
            },
            {
                "Fabric protector, water based. Flash point: 75 °F. Shake well at 10:30.",
                "H226",
                null,
                23.9,
                null,
                "",
                null,
                null
            },
            {
                "Neither ammonia nor chlorine nor acetone. Alcohol-free. 2 % solution for plastics.",
                "",
                null,
                null,
                null,
                "-Ammonia -Chlorine -Solvent -Alcohol",
                "2 %",
                "2 %"
            },
            {
                "H-304 ; H 317; EUH066; P501. Contains benzalkonium chloride.",
                "H304 H317",
                null,
                null,
                null,
                "",
                null,
                null
            },
            { "", "", null, null, null, "", null, null },
        };

    [Theory]
    [MemberData(nameof(Texts))]
    public void A_text_says_what_it_says_and_nothing_it_denies(
        string text,
        string statements,
        double? ph,
        double? flashPoint,
        double? alcohol,
        string contents,
        string? weakest,
        string? strongest
    )
    {
        LabelReading reading = LabelReader.Read(text);

        string[] expected = statements.Split(' ', StringSplitOptions.RemoveEmptyEntries);
        string[] given = [.. reading.Hazards.Where(code => code != "H229").Order(StringComparer.Ordinal)];
        Assert.Equal(expected.Order(StringComparer.Ordinal), given);
        Assert.Equal(ph, reading.Ph);
        Assert.Equal(flashPoint, reading.FlashPointCelsius);
        Assert.Equal(alcohol, reading.AlcoholPercent);
        Assert.Equal(weakest is null ? null : Strength.Parse(weakest), reading.Weakest);
        Assert.Equal(strongest is null ? null : Strength.Parse(strongest), reading.Strongest);
        LabelSubject[] asked =
        [
            LabelSubject.Ammonia,
            LabelSubject.Chlorine,
            LabelSubject.Peroxide,
            LabelSubject.Acid,
            LabelSubject.Solvent,
            LabelSubject.Oil,
            LabelSubject.Abrasive,
            LabelSubject.Aerosol,
        ];
        string[] said = contents.Split(' ', StringSplitOptions.RemoveEmptyEntries);
        Assert.Equal(
            said.Where(word => !word.EndsWith("Alcohol", StringComparison.Ordinal))
                .Order(StringComparer.Ordinal),
            asked
                .Where(subject => reading.Contains(subject) is not null)
                .Select(subject => $"{(reading.Contains(subject) == true ? '+' : '-')}{subject}")
                .Order(StringComparer.Ordinal)
        );
        if (said.Contains("-Alcohol"))
        {
            Assert.False(reading.Contains(LabelSubject.Alcohol));
        }
    }

    [Fact]
    public void What_was_found_stands_in_the_text_and_what_was_not_is_named()
    {
        const string Text = "Interior cleaner. pH 8.5. Contains no ammonia.";

        LabelReading reading = LabelReader.Read(Text);

        Assert.Equal(
            ["pH 8.5", "ammonia"],
            reading.Found.Select(finding => Text.Substring(finding.Start, finding.Length))
        );
        Assert.Contains(LabelSubject.FlashPoint, reading.NotFound);
        Assert.Contains(LabelSubject.Dilution, reading.NotFound);
        Assert.DoesNotContain(LabelSubject.Ammonia, reading.NotFound);
    }

    [Property(MaxTest = 200)]
    public Property Any_text_is_read_and_every_finding_lies_in_it() =>
        Prop.ForAll(
            ArbMap.Default.ArbFor<NonNull<string>>(),
            text =>
                LabelReader
                    .Read(text.Get)
                    .Found.All(finding =>
                        finding.Start >= 0
                        && finding.Length > 0
                        && finding.Start + finding.Length <= text.Get.Length
                    )
        );

    // Seen: what a camera had broken was taken as absent, and a cleaner with ammonia was good on tint film.
    [Theory]
    [InlineData("Glass cleaner. Contains Arnmonia.", LabelSubject.Ammonia, "Arnmonia", null)]
    [InlineData("Glass cleaner, amm0nia free", LabelSubject.Ammonia, "amm0nia", null)]
    [InlineData("DANGER H2Z6 keep away from heat", LabelSubject.Statement, "H2Z6", "H226")]
    [InlineData("P21O and more", LabelSubject.Statement, "P21O", "P210")]
    [InlineData("Isopropy1 a1cohol 70 %", LabelSubject.Alcohol, "Isopropy1 a1cohol 70 %", null)]
    [InlineData("sodium hypoch1orite", LabelSubject.Chlorine, "sodium hypoch1orite", null)]
    public void What_a_camera_has_broken_is_understood_where_it_stands(
        string text,
        LabelSubject subject,
        string at,
        string? code
    )
    {
        LabelFinding finding = Assert.Single(LabelReader.Read(text).Found, found => found.Subject == subject);

        Assert.Equal(at, text.Substring(finding.Start, finding.Length));
        Assert.Equal(code, finding.Code);
        Assert.Equal(text.Contains("free", StringComparison.Ordinal), finding.Denied);
    }

    // Words that only look like codes or like other words stay what they are.
    [Theory]
    [InlineData("Shape HIS PBS H20 P1O colours, 5 cl")]
    [InlineData("A modern car, corner to corner; in turn.")]
    public void What_is_no_code_is_not_mended(string text) => Assert.Empty(LabelReader.Read(text).Found);
}
