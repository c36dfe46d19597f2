namespace Cove.Core.Catalogue.Tools;

/// <summary>How a product gets onto a surface, driest first. Each step wets more than the one before; no verdict gets better along it.</summary>
public enum Application
{
    /// <summary>Nothing wet: a dry towel or brush, gel, vacuum or air.</summary>
    Dry,

    /// <summary>On the towel, wrung or with a spray or two.</summary>
    OnTowel,

    /// <summary>On an applicator pad, thinly.</summary>
    OnApplicator,

    /// <summary>On the head of the brush, as a light lather.</summary>
    OnBrush,

    /// <summary>As foam laid onto the surface.</summary>
    Foam,

    /// <summary>Sprayed straight at the surface.</summary>
    DirectSpray,

    /// <summary>Poured, flooded or hosed.</summary>
    Soak,
}
