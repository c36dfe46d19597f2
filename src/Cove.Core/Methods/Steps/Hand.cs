using Cove.Core.Catalogue.Products;
using Cove.Core.Catalogue.Tools;

namespace Cove.Core.Methods.Steps;

/// <summary>The moves that methods are written in.</summary>
internal static class Hand
{
    /// <summary>Nothing is rubbed: something is looked at, carried, set or left.</summary>
    public static MethodStep Do(string aim, string text) => new(aim, text, Stroke.Still);

    /// <summary>A towel is drawn over the surface.</summary>
    public static MethodStep Wipe(
        string aim,
        string text,
        Stroke stroke,
        TowelRole towel,
        double facesPerSquareMetre,
        ProductNeed? uses = null
    ) =>
        new(aim, text, stroke)
        {
            Tool = towel is TowelRole.GlassWet or TowelRole.GlassDry or TowelRole.Screens
                ? Tool.GlassTowel
                : Tool.MicrofibreTowel,
            Pressure = Pressure.Light,
            Towel = new TowelUse(towel, facesPerSquareMetre),
            Uses = uses,
        };

    /// <summary>A brush is moved over the surface.</summary>
    public static MethodStep Brush(
        string aim,
        string text,
        Stroke stroke,
        Tool brush,
        ProductNeed? uses = null,
        Wait? wait = null
    ) =>
        new(aim, text, stroke)
        {
            Tool = brush,
            Pressure = brush == Tool.StiffBrush ? Pressure.Medium : Pressure.Light,
            Uses = uses,
            Wait = wait,
        };

    /// <summary>The nozzle is drawn over the surface.</summary>
    public static MethodStep Vacuum(string aim, string text, Stroke stroke) =>
        new(aim, text, stroke) { Tool = Tool.Vacuum, Pressure = Pressure.Light };

    /// <summary>A thin coat is laid on with a pad.</summary>
    public static MethodStep Coat(string aim, string text, Stroke stroke, Wait? wait = null) =>
        new(aim, text, stroke)
        {
            Tool = Tool.Applicator,
            Pressure = Pressure.Light,
            Uses = new ProductNeed(ProductRole.Protectant, Application.OnApplicator),
            Wait = wait,
        };

    public static ProductNeed Water(Application application) =>
        new(ProductRole.Water, application) { Classes = [ProductClass.Water] };

    public static ProductNeed Cleaner(Application application, params ProductClass[] classes) =>
        new(ProductRole.Cleaner, application) { Classes = classes };

    public static Wait Dwell(double seconds) => new(WaitKind.Dwell, TimeSpan.FromSeconds(seconds));

    public static Wait Scrub(double seconds) => new(WaitKind.Scrub, TimeSpan.FromSeconds(seconds));

    public static Wait Take(double minutes) => new(WaitKind.Coat, TimeSpan.FromMinutes(minutes));
}
