namespace Cove.Core.Schools;

/// <summary>How many products an owner likes to work with.</summary>
public enum ProductSchool
{
    /// <summary>The fewest that do everything safely.</summary>
    FewProducts,

    /// <summary>The gentlest of all for each material.</summary>
    OnePerMaterial,
}
