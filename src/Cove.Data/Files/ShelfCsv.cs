using System.Globalization;
using System.Text.Json;

namespace Cove.Data;

/// <summary>Writes a shelf as comma-separated values and reads it back: one row for each bottle.</summary>
/// <remarks>Rows that have the same number in the column <c>product</c> are bottles of one product. Where that column is missing or empty, rows of the same name that follow each other are.</remarks>
public static class ShelfCsv
{
    /// <summary>The largest file that is read, in bytes.</summary>
    public const int LargestBytes = 1024 * 1024;

    /// <summary>Stands for nothing where an empty cell would mean what is usual for the class.</summary>
    private const string None = "none";

    /// <summary>Tells products of one name apart.</summary>
    private const string Number = "product";

    private static readonly string[] Needed = ["name", "class"];

    private static readonly Column[] OfProduct =
    [
        new("name", d => d.Name, (d, v) => d with { Name = v }),
        new("class", d => Word(d.Class), (d, v) => d with { Class = Choice<ProductClass>(v) }),
        new("form", d => Word(d.Form), (d, v) => d with { Form = Choice<ProductForm>(v) }),
        new("ph", d => Text(d.Ph), (d, v) => d with { Ph = Decimals(v) }),
        new("ammonia", d => YesNo(d.Ammonia), (d, v) => d with { Ammonia = IsYes(v) }),
        new("acid", d => YesNo(d.Acid), (d, v) => d with { Acid = IsYes(v) }),
        new("alcoholPercent", d => Text(d.AlcoholPercent), (d, v) => d with { AlcoholPercent = Decimals(v) }),
        new("chlorine", d => YesNo(d.Chlorine), (d, v) => d with { Chlorine = IsYes(v) }),
        new("peroxide", d => YesNo(d.Peroxide), (d, v) => d with { Peroxide = IsYes(v) }),
        new("solvent", d => YesNo(d.Solvent), (d, v) => d with { Solvent = IsYes(v) }),
        new("oil", d => YesNo(d.Oil), (d, v) => d with { Oil = IsYes(v) }),
        new("abrasive", d => YesNo(d.Abrasive), (d, v) => d with { Abrasive = IsYes(v) }),
        new("leavesFilm", d => YesNo(d.LeavesFilm), (d, v) => d with { LeavesFilm = IsYes(v) }),
        new("sheen", d => Word(d.Sheen), (d, v) => d with { Sheen = Choice<Sheen>(v) }),
        new("uv", d => YesNo(d.Uv), (d, v) => d with { Uv = IsYes(v) }),
        new("antistatic", d => YesNo(d.Antistatic), (d, v) => d with { Antistatic = IsYes(v) }),
        new("scented", d => YesNo(d.Scented), (d, v) => d with { Scented = IsYes(v) }),
        new(
            "hazards",
            d => d.Hazards.Count == 0 ? None : string.Join(' ', d.Hazards),
            (d, v) =>
                d with
                {
                    Hazards = v == None ? [] : v.Split(' ', StringSplitOptions.RemoveEmptyEntries),
                }
        ),
        new("weakest", d => d.Weakest, (d, v) => d with { Weakest = v }),
        new("usual", d => d.Usual, (d, v) => d with { Usual = v }),
        new("strongest", d => d.Strongest, (d, v) => d with { Strongest = v }),
        new(
            "shelfLifeMonths",
            d => d.ShelfLifeMonths?.ToString(CultureInfo.InvariantCulture) ?? None,
            (d, v) => d with { ShelfLifeMonths = v == None ? null : Whole(v) }
        ),
        new("note", d => d.Note, (d, v) => d with { Note = v }),
        new("notOn", d => Words(d.NotOn), (d, v) => d with { NotOn = Choices<LabelGround>(v) }),
        new("onlyOn", d => Words(d.OnlyOn), (d, v) => d with { OnlyOn = Choices<LabelGround>(v) }),
    ];

    private static readonly BottleColumn[] OfBottle =
    [
        new("size", b => Text(b.Size), (b, v) => b with { Size = Decimals(v) }),
        new("left", b => Text(b.Left), (b, v) => b with { Left = Decimals(v) }),
        new(
            "price",
            b => b.Price?.ToString(CultureInfo.InvariantCulture) ?? string.Empty,
            (b, v) => b with { Price = Money(v) }
        ),
        new("bought", b => Text(b.Bought), (b, v) => b with { Bought = Day(v) }),
        new("opened", b => Text(b.Opened), (b, v) => b with { Opened = Day(v) }),
        new("mixed", b => b.Mixed ?? string.Empty, (b, v) => b with { Mixed = v }),
        new("mixedOn", b => Text(b.MixedOn), (b, v) => b with { MixedOn = Day(v) }),
    ];

    /// <summary>The names of the columns, in the order they are written.</summary>
    public static IReadOnlyList<string> Columns { get; } =
    [Number, .. OfProduct.Select(column => column.Name), .. OfBottle.Select(column => column.Name)];

    /// <summary>Writes products.</summary>
    public static string Write(IEnumerable<ProductDocument> products) =>
        CsvText.Write([
            Columns,
            .. products.SelectMany(
                (product, place) =>
                    product
                        .Bottles.Select(bottle => OfBottle.Select(column => column.Get(bottle)))
                        .DefaultIfEmpty(OfBottle.Select(_ => string.Empty))
                        .Select(bottle =>
                            (IReadOnlyList<string>)
                                [
                                    $"{place + 1}",
                                    .. OfProduct.Select(column => column.Get(product)),
                                    .. bottle,
                                ]
                        )
            ),
        ]);

    /// <summary>Reads products and holds them to every rule.</summary>
    /// <param name="text">The text; its first row names the columns, in any order. What is left out or empty is as in the preset of the class.</param>
    /// <param name="owned">Names that are on the shelf already.</param>
    /// <param name="now">The present instant.</param>
    /// <param name="today">The owner's present day.</param>
    /// <returns>The products, or everything that is wrong, row by row.</returns>
    public static ShelfReading Read(
        string text,
        IEnumerable<string> owned,
        DateTimeOffset now,
        DateOnly today
    )
    {
        var table = CsvTable.Read(
            text,
            Columns,
            Needed,
            "bottle",
            ProductRules.MostProducts * Product.MostBottles
        );
        return table.Errors.Count > 0
            ? new ShelfReading([], table.Errors)
            : new RowsReader(table, owned, now, today).Read();
    }

    private static string Word<T>(T value)
        where T : struct, Enum => JsonNamingPolicy.CamelCase.ConvertName($"{value}");

    private static string Text(double value) => value.ToString(CultureInfo.InvariantCulture);

    private static string Text(DateOnly? day) =>
        day?.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture) ?? string.Empty;

    private static string YesNo(bool value) => value ? "yes" : "no";

    private static T Choice<T>(string text)
        where T : struct, Enum =>
        Enum.GetValues<T>()
            .Select(value => (T?)value)
            .FirstOrDefault(value => string.Equals($"{value}", text, StringComparison.OrdinalIgnoreCase))
        ?? throw new FormatException(
            $"Choose one of: {string.Join(", ", Enum.GetValues<T>().Select(Word))}."
        );

    private static double Decimals(string text) =>
        double.TryParse(text, NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out double value)
        && double.IsFinite(value)
            ? value
            : throw new FormatException("Give a number with a point for decimals, such as 8.5.");

    private static int Whole(string text) =>
        int.TryParse(text, NumberStyles.None, CultureInfo.InvariantCulture, out int value)
            ? value
            : throw new FormatException("Give a whole number.");

    private static decimal Money(string text) =>
        decimal.TryParse(
            text,
            NumberStyles.AllowDecimalPoint,
            CultureInfo.InvariantCulture,
            out decimal value
        )
            ? value
            : throw new FormatException("Give a price with a point for decimals, such as 8.50.");

    private static DateOnly Day(string text) =>
        DateOnly.TryParseExact(
            text,
            "yyyy-MM-dd",
            CultureInfo.InvariantCulture,
            DateTimeStyles.None,
            out DateOnly day
        )
            ? day
            : throw new FormatException("Give a day as year-month-day, such as 2026-03-14.");

    private static string Words<T>(IReadOnlyList<T> values)
        where T : struct, Enum => values.Count == 0 ? None : string.Join(' ', values.Select(Word));

    private static T[] Choices<T>(string text)
        where T : struct, Enum =>
        text == None ? [] : [.. text.Split(' ', StringSplitOptions.RemoveEmptyEntries).Select(Choice<T>)];

    private static bool IsYes(string text) =>
        text.ToLowerInvariant() switch
        {
            "yes" or "true" or "1" => true,
            "no" or "false" or "0" => false,
            _ => throw new FormatException("Say yes or no."),
        };

    private sealed record Column(
        string Name,
        Func<ProductDocument, string> Get,
        Func<ProductDocument, string, ProductDocument> Set
    );

    private sealed record BottleColumn(
        string Name,
        Func<BottleDocument, string> Get,
        Func<BottleDocument, string, BottleDocument> Set
    );

    /// <summary>Reads rows into products, gathering what is wrong.</summary>
    private sealed class RowsReader(
        CsvTable table,
        IEnumerable<string> owned,
        DateTimeOffset now,
        DateOnly today
    )
    {
        private readonly HashSet<string> taken = new(owned, StringComparer.OrdinalIgnoreCase);
        private readonly HashSet<string> named = new(StringComparer.OrdinalIgnoreCase);
        private readonly Dictionary<string, int> numbered = new(StringComparer.Ordinal);
        private readonly List<(ProductDocument Product, int Line)> products = [];
        private readonly List<FileFlaw> errors = [];

        public ShelfReading Read()
        {
            foreach (CsvRow row in table.Rows)
            {
                Take(row);
            }

            var read = new List<Product>();
            foreach (var (document, line) in products)
            {
                ValidationError[] wrong = [.. Annotations.Check(document), .. document.UnreadStrengths()];
                if (wrong.Length == 0)
                {
                    Product product = document.ToProduct(ProductId.New(now), now);
                    wrong = [.. ProductRules.Check(product, today)];
                    read.Add(product);
                }

                errors.AddRange(
                    wrong.Select(error => new FileFlaw(line, FieldOf(error.Property), error.Sentence))
                );
            }

            if (read.Count > ProductRules.MostProducts)
            {
                errors.Add(
                    new FileFlaw(1, "file", $"A shelf has up to {ProductRules.MostProducts} products.")
                );
            }

            return errors.Count > 0
                ? new ShelfReading([], [.. errors.OrderBy(error => error.Line)])
                : new ShelfReading(read, []);
        }

        private void Take(CsvRow row)
        {
            if (table.FlawOf(row) is { } flaw)
            {
                errors.Add(flaw);
                return;
            }

            int before = errors.Count;
            string name = CellOf(row, "name");
            ProductDocument? product = Fill(
                row,
                OfProduct.Select(column => (column.Name, column.Set)),
                Start(row)
            );
            BottleDocument? bottle = OfBottle.Any(column => CellOf(row, column.Name).Length > 0)
                ? Fill(
                    row,
                    OfBottle.Select(column => (column.Name, column.Set)),
                    new BottleDocument { Size = double.NaN, Left = double.NaN }
                )
                : null;
            if (errors.Count > before || product is null)
            {
                return;
            }

            if (bottle is not null && double.IsNaN(bottle.Size))
            {
                errors.Add(new FileFlaw(row.Line, "size", "Say how much the bottle holds when full."));
                return;
            }

            Put(row, name, product, bottle is null ? [] : [Filled(bottle)]);
        }

        /// <summary>A bottle of which nothing else is said is full.</summary>
        private static BottleDocument Filled(BottleDocument bottle) =>
            double.IsNaN(bottle.Left) ? bottle with { Left = bottle.Size } : bottle;

        private void Put(CsvRow row, string name, ProductDocument product, BottleDocument[] bottles)
        {
            string number = CellOf(row, Number);
            if (PlaceOf(number, name) is { } place)
            {
                var (before, line) = products[place];
                if (Same(before, product))
                {
                    products[place] = (before with { Bottles = [.. before.Bottles, .. bottles] }, line);
                }
                else
                {
                    errors.Add(
                        new FileFlaw(
                            row.Line,
                            "name",
                            "This is another bottle of a product above, but not all is the same. Repeat its cells, or give it a name or a number of its own."
                        )
                    );
                }
            }
            else if (taken.Contains(name) || (!named.Add(name) && number.Length == 0))
            {
                errors.Add(
                    new FileFlaw(
                        row.Line,
                        "name",
                        "A product of this name is on the shelf already, or stands further up. Rename this one or leave it out."
                    )
                );
            }
            else
            {
                if (number.Length > 0)
                {
                    numbered[number] = products.Count;
                }

                products.Add((product with { Bottles = bottles }, row.Line));
            }
        }

        /// <summary>The product above of which a row is another bottle; null when it begins one.</summary>
        private int? PlaceOf(string number, string name) =>
            number.Length > 0 ? (numbered.TryGetValue(number, out int place) ? place : null)
            : products.Count > 0 && products[^1].Product.Name == name ? products.Count - 1
            : null;

        private static bool Same(ProductDocument one, ProductDocument other) =>
            OfProduct.All(column => column.Get(one) == column.Get(other));

        /// <summary>The preset of the class, if the class can be read.</summary>
        private ProductDocument? Start(CsvRow row)
        {
            try
            {
                return ProductDocument.Of(
                    Product.OfClass(default, string.Empty, Choice<ProductClass>(CellOf(row, "class")))
                );
            }
            catch (FormatException)
            {
                errors.Add(
                    new FileFlaw(
                        row.Line,
                        "class",
                        $"Choose one of: {string.Join(", ", Enum.GetValues<ProductClass>().Select(Word))}."
                    )
                );
                return null;
            }
        }

        private T? Fill<T>(CsvRow row, IEnumerable<(string Name, Func<T, string, T> Set)> columns, T? start)
            where T : class
        {
            T? filled = start;
            foreach (var (name, set) in columns)
            {
                string cell = CellOf(row, name);
                if (filled is null || cell.Length == 0)
                {
                    continue;
                }

                try
                {
                    filled = set(filled, cell);
                }
                catch (FormatException wrong)
                {
                    errors.Add(new FileFlaw(row.Line, name, wrong.Message));
                }
            }

            return filled;
        }

        private string CellOf(CsvRow row, string column) => table.CellOf(row, column).Trim();

        private static string FieldOf(string property) =>
            JsonNamingPolicy.CamelCase.ConvertName(property[(property.LastIndexOf('.') + 1)..]);
    }
}

/// <summary>What came of reading a shelf.</summary>
/// <param name="Products">The products; empty when something is wrong.</param>
/// <param name="Errors">What is wrong, row by row; empty when nothing is.</param>
public sealed record ShelfReading(IReadOnlyList<Product> Products, IReadOnlyList<FileFlaw> Errors);
