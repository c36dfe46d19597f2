namespace Cove.Core.Vehicles.Surfaces;

/// <summary>What to say of a surface's make.</summary>
public static class SurfaceWords
{
    /// <summary>What it is made of and what else is to be known, in a few words each.</summary>
    public static IReadOnlyList<string> About(Surface surface)
    {
        var words = new List<string>();
        if (NameOf(surface.Material) is { Length: > 0 } material)
        {
            words.Add(material);
        }

        if (NameOf(surface.Finish) is { Length: > 0 } finish)
        {
            words.Add(finish);
        }

        words.AddRange(
            Enum.GetValues<SurfaceFacts>()
                .Where(fact => fact != SurfaceFacts.None && surface.Facts.HasFlag(fact))
                .Select(NameOf)
        );
        return words;
    }

    /// <summary>The name of one fact.</summary>
    public static string NameOf(SurfaceFacts fact) =>
        fact switch
        {
            SurfaceFacts.TintFilm => "Tint film inside",
            SurfaceFacts.HeaterLines => "Heater lines",
            SurfaceFacts.Heated => "Heated",
            SurfaceFacts.AirbagBehind => "Airbag behind",
            SurfaceFacts.Aerial => "Aerial lines",
            _ => throw new ArgumentOutOfRangeException(nameof(fact), fact, "No such single fact."),
        };

    /// <summary>The name of a material; empty for <see cref="Material.None"/>.</summary>
    public static string NameOf(Material material) =>
        material switch
        {
            Material.Plastic => "Plastic",
            Material.ClearPlastic => "Clear plastic",
            Material.WovenFabric => "Woven fabric",
            Material.FabricWithMicrosuede => "Woven fabric, microsuede inserts",
            Material.CoatedLeather => "Coated leather",
            Material.UncoatedLeather => "Uncoated or nubuck leather",
            Material.LeatherWithMicrosuede => "Coated leather, microsuede inserts",
            Material.Microsuede => "Microsuede",
            Material.SyntheticLeather => "Synthetic leather",
            Material.Pile => "Carpet pile",
            Material.Rubber => "Rubber",
            Material.LiningCloth => "Lining cloth",
            Material.Glass => "Glass",
            Material.Webbing => "Webbing",
            Material.Metal => "Painted metal",
            Material.None => string.Empty,
            _ => throw new ArgumentOutOfRangeException(nameof(material), material, "No such material."),
        };

    /// <summary>What surfaces of a kind are called together, to stand in a sentence.</summary>
    public static string PluralOf(SurfaceKind kind) =>
        kind switch
        {
            SurfaceKind.Dash => "dash, doors and console",
            SurfaceKind.Screen => "screens",
            SurfaceKind.ClusterLens => "instrument lens",
            SurfaceKind.Vents => "vents",
            SurfaceKind.Trim => "trim",
            SurfaceKind.Switches => "switches",
            SurfaceKind.TouchPoints => "touch points",
            SurfaceKind.CupHolders => "cup holders",
            SurfaceKind.Armrest => "armrest",
            SurfaceKind.ShifterSlot => "shifter slot",
            SurfaceKind.Wheel => "wheel",
            SurfaceKind.Pedals => "pedals",
            SurfaceKind.Seat => "seats",
            SurfaceKind.Belts => "belts",
            SurfaceKind.ChildSeat => "child seats",
            SurfaceKind.PetCover => "pet cover",
            SurfaceKind.DoorCard => "doors",
            SurfaceKind.DoorShuts => "door shuts",
            SurfaceKind.DoorSeals => "door seals",
            SurfaceKind.Carpet => "carpets",
            SurfaceKind.Mat => "mats",
            SurfaceKind.Boot => "boot",
            SurfaceKind.Headliner => "headliner",
            SurfaceKind.Windscreen => "windscreen",
            SurfaceKind.Glass => "side and rear glass",
            SurfaceKind.Air => "air",
            _ => throw new ArgumentOutOfRangeException(nameof(kind), kind, "No such kind of surface."),
        };

    /// <summary>What surfaces of one make are called together: by kind, and by what sets them apart from others of their kind.</summary>
    /// <param name="alike">At least one surface, all of one make.</param>
    public static string NameTogether(IReadOnlyList<Surface> alike)
    {
        string plural = PluralOf(alike[0].Kind);
        string name = char.ToUpperInvariant(plural[0]) + plural[1..];
        string? apart =
            alike[0].Facts.HasFlag(SurfaceFacts.TintFilm) ? "tinted"
            : alike[0].Facts.HasFlag(SurfaceFacts.AirbagBehind) ? "airbag behind"
            : alike[0].Kind is SurfaceKind.Mat or SurfaceKind.DoorCard
                ? NameOf(alike[0].Material).ToLowerInvariant()
            : alike[0].Kind == SurfaceKind.Glass ? "clear"
            : null;
        return apart is null ? name : $"{name}, {apart}";
    }

    /// <summary>A part of a surface in short: "Driver, coated leather only".</summary>
    public static string NameOfPart(Surface surface, Material part) =>
        $"{surface.ShortName}, {NameOf(part).ToLowerInvariant()} only";

    /// <summary>The surfaces by their short names, two of them in full and the rest by number: "Driver, Passenger, 2 more".</summary>
    /// <param name="some">At least one surface.</param>
    public static string InShort(IReadOnlyList<Surface> some) =>
        string.Join(
            ", ",
            some.Count <= 3
                ? some.Select(surface => surface.ShortName)
                : some.Take(2).Select(surface => surface.ShortName).Append($"{some.Count - 2} more")
        );

    /// <summary>The name of a finish; empty for <see cref="Finish.Plain"/>, which needs no mention.</summary>
    public static string NameOf(Finish finish) =>
        finish switch
        {
            Finish.Plain => string.Empty,
            Finish.Matte => "Matte",
            Finish.Gloss => "Gloss finish",
            Finish.Satin => "Satin finish",
            Finish.BrushedMetal => "Brushed metal",
            Finish.WoodVeneer => "Wood veneer",
            Finish.CoatedDisplay => "Coated display",
            _ => throw new ArgumentOutOfRangeException(nameof(finish), finish, "No such finish."),
        };
}
