using Cove.Core.Catalogue.Products;
using Cove.Core.Catalogue.Tools;

namespace Cove.Core.Methods.Steps;

/// <summary>One step of a method: what the hand does, with what, how, and for how long.</summary>
/// <param name="Aim">What it is for, in two or three words.</param>
/// <param name="Text">What to do, as one or two sentences.</param>
/// <param name="Stroke">How the hand moves.</param>
public sealed record MethodStep(string Aim, string Text, Stroke Stroke)
{
    /// <summary>The product it uses; null for none.</summary>
    public ProductNeed? Uses { get; init; }

    /// <summary>What the hand works with; null for the bare hand.</summary>
    public Tool? Tool { get; init; }

    /// <summary>How hard the hand presses.</summary>
    public Pressure Pressure { get; init; }

    /// <summary>How often the hand goes over each place; 1 or more.</summary>
    public int Passes { get; init; } = 1;

    /// <summary>Into how many zones, one above the other, the surface is divided; each is finished before the next. 1 or more.</summary>
    public int Zones { get; init; } = 1;

    /// <summary>How long to wait, or to keep working; null when there is nothing to time.</summary>
    public Wait? Wait { get; init; }

    /// <summary>How what was put on comes off again; null when nothing has to.</summary>
    public string? WipeOff { get; init; }

    /// <summary>What is left to dry; null when nothing is.</summary>
    public DryingNeed? Drying { get; init; }

    /// <summary>The towel it loads; null for none.</summary>
    public TowelUse? Towel { get; init; }

    /// <summary>What to do instead on a pane with heater or aerial lines, where the hand follows the lines; null when that changes nothing.</summary>
    public string? OnLines { get; init; }

    /// <summary>The step as it is done on a ground: on a pane with lines the hand follows them.</summary>
    public MethodStep On(Ground ground) =>
        ground == Ground.LinedPane && OnLines is { } along
            ? this with
            {
                Text = along,
                Stroke = Stroke.Along,
                Zones = 1,
            }
            : this;
}

/// <summary>A product as a step uses it.</summary>
/// <param name="Role">What it has to do.</param>
/// <param name="Application">How it gets onto the surface.</param>
public sealed record ProductNeed(ProductRole Role, Application Application)
{
    /// <summary>The classes that can do it, the most fitting first; empty for those of the care task.</summary>
    public IReadOnlyList<ProductClass> Classes { get; init; } = [];
}

/// <summary>What a product has to do in a step.</summary>
public enum ProductRole
{
    /// <summary>Plain water carries the soil off.</summary>
    Water,

    /// <summary>A cleaner loosens the soil.</summary>
    Cleaner,

    /// <summary>Something stronger loosens oily film.</summary>
    Degreaser,

    /// <summary>Something stays on and shields the surface.</summary>
    Protectant,

    /// <summary>Gel lifts dust out of seams.</summary>
    Gel,

    /// <summary>Something smells.</summary>
    Scent,
}

/// <summary>How hard the hand presses.</summary>
public enum Pressure
{
    /// <summary>Not at all: the tool floats.</summary>
    None,

    /// <summary>The weight of the towel or brush.</summary>
    Light,

    /// <summary>A flat hand.</summary>
    Medium,

    /// <summary>With the arm behind it.</summary>
    Firm,
}

/// <summary>A time within a step.</summary>
/// <param name="Kind">What it is for.</param>
/// <param name="Length">How long; above zero.</param>
public sealed record Wait(WaitKind Kind, TimeSpan Length);

/// <summary>What a time within a step is for.</summary>
public enum WaitKind
{
    /// <summary>A product works by itself while the hands rest.</summary>
    Dwell,

    /// <summary>The hands keep moving.</summary>
    Scrub,

    /// <summary>A coat takes before the next one, or before it is touched.</summary>
    Coat,
}

/// <summary>Something that is left to dry.</summary>
/// <param name="How">How it dries best, as one sentence.</param>
/// <param name="NotBefore">What may not happen until it is dry, as one sentence.</param>
/// <remarks>How long it takes is a matter of the task; see <see cref="Upkeep.Tasks.CareTask.Drying"/>.</remarks>
public sealed record DryingNeed(string How, string NotBefore);

/// <summary>The towel that a step loads.</summary>
/// <param name="Role">The towel's role.</param>
/// <param name="FacesPerSquareMetre">How many faces are loaded on a square metre of light soil; above 0. Cove's own choice.</param>
public sealed record TowelUse(TowelRole Role, double FacesPerSquareMetre);
