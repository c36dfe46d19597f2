using System.ComponentModel.DataAnnotations;

namespace Cove.Data;

/// <summary>Tools, towels and schools, as they stand in requests and in the database.</summary>
public sealed record KitDocument
{
    /// <summary>The tools.</summary>
    [MaxLength(20, ErrorMessage = "Name each kind of tool once.")]
    public IReadOnlyList<ToolDocument> Tools { get; init; } = [];

    /// <summary>The towels.</summary>
    [MaxLength(30, ErrorMessage = "Give up to 30 kinds of towel.")]
    public IReadOnlyList<TowelDocument> Towels { get; init; } = [];

    /// <summary>How many products to work with.</summary>
    public ProductSchool ProductSchool { get; init; }

    /// <summary>How far to go with screens.</summary>
    public ScreenSchool ScreenSchool { get; init; }

    /// <summary>Whether dust or crumbs go first.</summary>
    public DustSchool DustSchool { get; init; }

    /// <summary>When in a session glass is done.</summary>
    public GlassTurn GlassTurn { get; init; }

    /// <summary>In which order the places of a car are visited.</summary>
    public ZoneSchool ZoneSchool { get; init; }

    /// <summary>What goes on glass.</summary>
    public GlassLiquid GlassLiquid { get; init; }

    /// <summary>What fabric is cleaned with.</summary>
    public FabricSchool FabricSchool { get; init; }

    /// <summary>How plastics look when they are done.</summary>
    public FinishSchool FinishSchool { get; init; }

    /// <summary>How leather is kept.</summary>
    public LeatherSchool LeatherSchool { get; init; }

    /// <summary>How what was washed gets dry.</summary>
    public DryingSchool DryingSchool { get; init; }

    /// <summary>Whether steam and compressed air may be used.</summary>
    public SteamSchool SteamSchool { get; init; }

    /// <summary>How carpets are left.</summary>
    public PileSchool PileSchool { get; init; }

    /// <summary>Whether the cabin is scented, and by what.</summary>
    public ScentSchool ScentSchool { get; init; }

    /// <summary>How towels are folded.</summary>
    public FoldSchool FoldSchool { get; init; }

    /// <summary>Whether the inside or the outside of the car is done first.</summary>
    public OutsideSchool OutsideSchool { get; init; }

    /// <summary>Writes it down.</summary>
    public static KitDocument Of(Shelf shelf) =>
        new KitDocument
        {
            Tools =
            [
                .. shelf.Tools.Select(tool => new ToolDocument
                {
                    Tool = tool.Tool,
                    Count = tool.Count,
                    Note = tool.Note,
                    Since = tool.Since,
                }),
            ],
            Towels =
            [
                .. shelf.Towels.Select(towels => new TowelDocument
                {
                    Role = towels.Role,
                    Colour = towels.Colour,
                    Count = towels.Count,
                    Since = towels.Since,
                }),
            ],
        }.With(shelf.Ways);

    /// <summary>Names what cannot be; empty when everything can.</summary>
    public IEnumerable<Core.ValidationError> Problems()
    {
        for (int i = 0; i < Tools.Count; i++)
        {
            if (!OwnedTool.Ownable.Contains(Tools[i].Tool))
            {
                yield return new Core.ValidationError(
                    $"tools[{i}].tool",
                    "Towels stand under towels; choose a tool."
                );
            }
            else if (Tools.Take(i).Any(other => other.Tool == Tools[i].Tool))
            {
                yield return new Core.ValidationError(
                    $"tools[{i}].tool",
                    "Name each kind of tool once, with its count."
                );
            }
        }
    }

    internal Shelf ToShelf(IReadOnlyList<Product> products) =>
        new(
            products,
            [
                .. Tools.Select(tool => new OwnedTool(tool.Tool, tool.Count, tool.Note.Trim())
                {
                    Since = tool.Since,
                }),
            ],
            [
                .. Towels.Select(towels => new OwnedTowels(towels.Role, towels.Colour.Trim(), towels.Count)
                {
                    Since = towels.Since,
                }),
            ],
            ToWays()
        );

    /// <summary>The schools alone.</summary>
    public WaysOfWorking ToWays() =>
        new()
        {
            Products = ProductSchool,
            Screens = ScreenSchool,
            Dust = DustSchool,
            Glass = GlassTurn,
            Zones = ZoneSchool,
            GlassLiquid = GlassLiquid,
            Fabric = FabricSchool,
            Finish = FinishSchool,
            Leather = LeatherSchool,
            Drying = DryingSchool,
            Steam = SteamSchool,
            Pile = PileSchool,
            Scent = ScentSchool,
            Fold = FoldSchool,
            Outside = OutsideSchool,
        };

    /// <summary>The same tools and towels with other schools.</summary>
    public KitDocument With(WaysOfWorking ways) =>
        this with
        {
            ProductSchool = ways.Products,
            ScreenSchool = ways.Screens,
            DustSchool = ways.Dust,
            GlassTurn = ways.Glass,
            ZoneSchool = ways.Zones,
            GlassLiquid = ways.GlassLiquid,
            FabricSchool = ways.Fabric,
            FinishSchool = ways.Finish,
            LeatherSchool = ways.Leather,
            DryingSchool = ways.Drying,
            SteamSchool = ways.Steam,
            PileSchool = ways.Pile,
            ScentSchool = ways.Scent,
            FoldSchool = ways.Fold,
            OutsideSchool = ways.Outside,
        };
}

/// <summary>A kind of tool that the owner has.</summary>
public sealed record ToolDocument
{
    /// <summary>What it is.</summary>
    public required Tool Tool { get; init; }

    /// <summary>How many.</summary>
    [Range(1, OwnedTool.MostOfAKind, ErrorMessage = "Say how many: 1 to 99.")]
    public int Count { get; init; } = 1;

    /// <summary>The owner's note, such as which nozzles.</summary>
    [Note(OwnedTool.LongestNote)]
    public string Note { get; init; } = string.Empty;

    /// <summary>The day it was new; null when nobody said.</summary>
    public DateOnly? Since { get; init; }
}

/// <summary>Towels of one role.</summary>
public sealed record TowelDocument
{
    /// <summary>What they are kept for.</summary>
    public required TowelRole Role { get; init; }

    /// <summary>The colour by which the owner tells them.</summary>
    [Note(OwnedTowels.LongestColour)]
    public string Colour { get; init; } = string.Empty;

    /// <summary>How many.</summary>
    [Range(0, OwnedTool.MostOfAKind, ErrorMessage = "Say how many: 0 to 99.")]
    public int Count { get; init; }

    /// <summary>The day they were new; null when nobody said.</summary>
    public DateOnly? Since { get; init; }
}
