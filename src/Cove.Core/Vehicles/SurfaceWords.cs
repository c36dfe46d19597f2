namespace Cove.Core.Vehicles;

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

        if (surface.Finish == Finish.Gloss)
        {
            words.Add("Gloss finish");
        }

        if (surface.Finish == Finish.CoatedDisplay)
        {
            words.Add("Coated display");
        }

        Say(SurfaceFacts.TintFilm, "Tint film inside");
        Say(SurfaceFacts.HeaterLines, "Heater lines");
        Say(SurfaceFacts.Heated, "Heated");
        Say(SurfaceFacts.AirbagBehind, "Airbag behind");
        return words;

        void Say(SurfaceFacts fact, string word)
        {
            if (surface.Facts.HasFlag(fact))
            {
                words.Add(word);
            }
        }
    }

    /// <summary>The name of a material; empty for <see cref="Material.None"/>.</summary>
    public static string NameOf(Material material) =>
        material switch
        {
            Material.Plastic => "Plastic",
            Material.ClearPlastic => "Clear plastic",
            Material.WovenFabric => "Woven fabric",
            Material.FabricWithMicrosuede => "Woven fabric, microsuede inserts",
            Material.CoatedLeather => "Coated leather",
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
}
