namespace Cove.Core.Schools;

/// <summary>How far an owner goes to clean a screen. The order is that of the ladder: each goes one step further.</summary>
public enum ScreenSchool
{
    /// <summary>The gentlest that works: dry, then damp, and further only by the maker's advice.</summary>
    GentlestFirst,

    /// <summary>Never more than a dry cloth.</summary>
    DryOnly,

    /// <summary>Up to plain water.</summary>
    Water,

    /// <summary>Up to very dilute rinseless wash.</summary>
    DiluteRinseless,

    /// <summary>Up to an alcohol-based detailer.</summary>
    AlcoholDetailer,

    /// <summary>Up to ammonia-free glass cleaner on a cloth.</summary>
    GlassCleaner,
}
