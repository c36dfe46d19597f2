using System.Globalization;
using System.Text;
using Cove.Data;
using CsvHelper;

namespace Cove.Web.Tests;

/// <summary>Comma-separated values by RFC 4180, read back with CsvHelper.</summary>
public sealed class ShelfCsvTests
{
    private static readonly DateTimeOffset Now = new(2026, 3, 14, 9, 30, 0, TimeSpan.Zero);
    private static readonly DateOnly Today = new(2026, 3, 14);

    private static readonly Gen<string> Texts = Gen.Elements(
            "a",
            "b, c",
            "\"quoted\"",
            "line\nbreak",
            "cr\r\nlf",
            "=1+1",
            "+1",
            "-1",
            "@cell",
            "'quote",
            " ",
            "",
            "æ,\"ø\"",
            "\t=x"
        )
        .ListOf()
        .Select(parts => string.Concat(parts));

    // RFC 4180, read back with the reference library CsvHelper.
    [Property]
    public Property What_is_written_is_read_by_another_library() =>
        Prop.ForAll(
            Texts.NonEmptyListOf().NonEmptyListOf().ToArbitrary(),
            rows =>
            {
                string text = CsvText.Write([.. rows.Select(row => (IReadOnlyList<string>)[.. row, "end"])]);
                using var reader = CsvReader.FromText(
                    text,
                    new CsvReaderOptions
                    {
                        HasHeader = false,
                        Separator = ',',
                        TrimWhitespace = false,
                    }
                );
                foreach (IList<string> row in rows)
                {
                    string[] expected = [.. row.Select(Guarded), "end"];
                    if (
                        !reader.Read()
                        || !expected.SequenceEqual(
                            Enumerable.Range(0, reader.FieldCount).Select(reader.GetString)
                        )
                    )
                    {
                        return false;
                    }
                }

                return !reader.Read();
            }
        );

    [Property]
    public Property What_is_written_is_read_back() =>
        Prop.ForAll(
            Texts.NonEmptyListOf().NonEmptyListOf().ToArbitrary(),
            rows =>
            {
                CsvReading read = CsvText.Read(
                    CsvText.Write([.. rows.Select(row => (IReadOnlyList<string>)[.. row, "end"])])
                );
                return read.BrokenLine is null
                    && read.Rows.Count == rows.Count
                    && read.Rows.Zip(rows)
                        .All(pair => pair.First.Cells.SequenceEqual(pair.Second.Append("end")));
            }
        );

    [Theory]
    [InlineData("a,b\r\nc,d\r\n", 2)]
    [InlineData("a,b\nc,d", 2)]
    [InlineData("a,b\rc,d\r", 2)]
    [InlineData("\uFEFFa,b\r\n\r\nc,d\r\n", 2)]
    [InlineData("\"a\"\"b\",c", 1)]
    public void Line_ends_marks_and_blank_lines_are_taken_as_they_come(string text, int rows)
    {
        CsvReading read = CsvText.Read(text);

        Assert.Null(read.BrokenLine);
        Assert.Equal(rows, read.Rows.Count);
        Assert.All(read.Rows, row => Assert.Equal(2, row.Cells.Count));
    }

    [Theory]
    [InlineData("a,\"b\nc", 1)]
    [InlineData("a\nb\"c", 2)]
    [InlineData("a\n\"b\"c", 2)]
    public void Broken_quotes_are_named_by_their_line(string text, int line) =>
        Assert.Equal(line, CsvText.Read(text).BrokenLine);

    [Fact]
    public void A_shelf_survives_being_written_and_read()
    {
        Product[] products =
        [
            .. Enum.GetValues<ProductClass>()
                .Select(one =>
                    Product.OfClass(new(Guid.NewGuid()), $"={one}, \"mine\"", one) with
                    {
                        Note = "-5 for a friend",
                        ShelfLifeMonths = one == ProductClass.Water ? null : 12,
                        Bottles =
                            one == ProductClass.AllPurposeCleaner
                                ?
                                [
                                    Bottle(1000, 600.5) with
                                    {
                                        Price = 13.9m,
                                        Bought = Today,
                                        Opened = Today,
                                    },
                                    Bottle(500, 400) with
                                    {
                                        Mixed = Strength.FromWaterParts(50),
                                        MixedOn = Today,
                                    },
                                ]
                                : [],
                    }
                ),
        ];

        string text = ShelfCsv.Write(products.Select(ProductDocument.Of));
        ShelfReading read = ShelfCsv.Read(text, [], Now, Today);

        Assert.Empty(read.Errors);
        Assert.Equal(text, ShelfCsv.Write(read.Products.Select(ProductDocument.Of)));
        Assert.Equal(products.Length, read.Products.Count);
        // What a spreadsheet would run as a formula is guarded.
        Assert.DoesNotContain("\n=", text, StringComparison.Ordinal);
        Assert.DoesNotContain(",=", text, StringComparison.Ordinal);
    }

    [Fact]
    public void Everything_that_is_wrong_is_said_row_by_row()
    {
        const string Text = """
            name,class,ph,usual,hazards,size,left,opened
            Good one,interiorCleaner,8,,,500,250,2026-01-02
            ,interiorCleaner,8,,,,,
            Second,rum,8,,,,,
            Third,interiorCleaner,acid,,,,,
            Fourth,interiorCleaner,20,,,,,
            Fifth,interiorCleaner,8,lots,,,,
            Sixth,interiorCleaner,8,,H999,,,
            Seventh,interiorCleaner,8,,,500,600,
            Eighth,interiorCleaner,8,,,500,100,tomorrow
            Good one,interiorCleaner,8,,,,,
            Tenth,interiorCleaner
            """;

        ShelfReading read = ShelfCsv.Read(Text, ["Owned"], Now, Today);

        Assert.Empty(read.Products);
        Assert.Equal(
            [
                (3, "name"),
                (4, "class"),
                (5, "ph"),
                (6, "ph"),
                (7, "usual"),
                (8, "hazards"),
                (9, "left"),
                (10, "opened"),
                (11, "name"),
                (12, "row"),
            ],
            read.Errors.Select(error => (error.Line, error.Field))
        );
        Assert.All(read.Errors, error => Assert.EndsWith(".", error.Sentence, StringComparison.Ordinal));
    }

    [Theory]
    [InlineData("", "file")]
    [InlineData("name,class\n", "file")]
    [InlineData("name\nA\n", "class")]
    [InlineData("name,class,colour\nA,water,red\n", "colour")]
    [InlineData("name,class,name\nA,water,B\n", "file")]
    public void A_file_whose_first_row_does_not_do_is_refused(string text, string field) =>
        Assert.Contains(
            ShelfCsv.Read(text, [], Now, Today).Errors,
            error => error.Field == field && error.Line == 1
        );

    [Fact]
    public async Task A_file_with_one_wrong_row_changes_nothing()
    {
        using var cove = new CoveHost();
        HttpResponseMessage refused = await Import(
            cove,
            "name,class,ph\nFirst,interiorCleaner,8\nSecond,interiorCleaner,15\n"
        );
        JsonObject problem = (await refused.Content.ReadFromJsonAsync<JsonObject>())!;
        JsonObject empty = await cove.Get("/api/shelf");

        HttpResponseMessage taken = await Import(
            cove,
            "name,class,ph\nFirst,interiorCleaner,8\nSecond,interiorCleaner,9\n"
        );
        HttpResponseMessage twice = await Import(cove, "name,class\nfirst,water\n");
        string exported = await cove.Http.GetStringAsync(
            new Uri("/api/shelf/products.csv", UriKind.Relative)
        );

        Assert.Equal(HttpStatusCode.BadRequest, refused.StatusCode);
        Assert.StartsWith("Line 3, ph:", (string)problem["title"]!, StringComparison.Ordinal);
        Assert.Empty(empty["products"]!.AsArray());
        Assert.Equal(HttpStatusCode.Created, taken.StatusCode);
        Assert.Equal(HttpStatusCode.BadRequest, twice.StatusCode);
        Assert.Equal(2, (await cove.Get("/api/shelf"))["products"]!.AsArray().Count);
        Assert.StartsWith("product,name,class,form,", exported, StringComparison.Ordinal);
    }

    [Fact]
    public async Task What_is_no_text_or_no_csv_is_refused_with_a_sentence()
    {
        using var cove = new CoveHost();
        using var bytes = new ByteArrayContent([0xC3, 0x28, 0xFF]);
        bytes.Headers.ContentType = new("text/csv");

        HttpResponseMessage notText = await cove.Http.PostAsync(
            new Uri("/api/shelf/products.csv", UriKind.Relative),
            bytes
        );
        HttpResponseMessage notCsv = await cove.Post("/api/shelf/products.csv", "{}");

        Assert.Equal(HttpStatusCode.BadRequest, notText.StatusCode);
        Assert.Equal(HttpStatusCode.UnsupportedMediaType, notCsv.StatusCode);
    }

    private static Task<HttpResponseMessage> Import(CoveHost cove, string text) =>
        cove.Http.PostAsync(
            new Uri("/api/shelf/products.csv", UriKind.Relative),
            new StringContent(text, Encoding.UTF8, "text/csv")
        );

    private static string Guarded(string cell) =>
        cell.Length > 0 && "=+-@\t\r".Contains(cell[0], StringComparison.Ordinal) ? $"'{cell}" : cell;

    private static Bottle Bottle(double size, double left) =>
        new(
            new(Guid.NewGuid()),
            new Quantity(size, QuantityUnit.Millilitres),
            new Quantity(left, QuantityUnit.Millilitres),
            Now
        );
}
