using Cove.Core.Catalogue.Tools;
using Cove.Core.Vehicles.Surfaces;
using static Cove.Core.Safety.Verdict;

namespace Cove.Core.Safety.Rules;

/// <summary>What could hurt the person who does the work.</summary>
internal static class PersonRules
{
    public static IReadOnlyList<SafetyRule> All { get; } =
    [
        new(
            "person.biological",
            KeepOff,
            Harm.Person,
            Source.Practice,
            c => c.Context.Soil == Soil.Biological,
            "Blood, vomit, droppings, wide mould or flood water are not a routine job: leave them to licensed cleaners."
        ),
        new(
            "person.sharp",
            KeepOff,
            Harm.Person,
            Source.Practice,
            c => c.Context.Soil == Soil.Sharp,
            "Broken glass and needles are not a routine job: leave them to those equipped for it."
        ),
        new(
            "person.fire-hot",
            KeepOff,
            Harm.Person,
            Source.Practice,
            c => c.BurnsWhenHot && (c.Context.CabinHot || c.Context.SurfaceHot),
            "Its vapour can catch fire in a hot car or on a hot surface."
        )
        {
            Change = "Wait until cabin and surface are cool, and open the doors.",
        },
        new(
            "person.fire-closed",
            KeepOff,
            Harm.Person,
            Source.Practice,
            c => c.BurnsWhenHot && c.Context.CabinClosed,
            "Its vapour gathers in a closed cabin and can catch fire."
        )
        {
            Change = "Open the doors before you begin.",
            Gear = [Gear.FreshAir],
        },
        new(
            "person.fire-near",
            KeepOff,
            Harm.Person,
            Source.Practice,
            c => (c.BurnsWhenHot || c.IsAerosol) && c.Context.IgnitionNear,
            "It is flammable, and there is something near that can set it alight."
        )
        {
            Change = "No smoking, no flame and no spark near the car.",
        },
        new(
            "person.mist-near",
            KeepOff,
            Harm.Person,
            Source.Practice,
            c => c.IsMist && c.Context.IgnitionNear,
            "A mist catches fire far more easily than what it is made of."
        )
        {
            Change = "No flame, spark or cigarette near; or put it on the towel.",
        },
        new(
            "person.mist-closed",
            KeepOff,
            Harm.Person,
            Source.Practice,
            c => c.IsMist && c.Context.CabinClosed,
            "In a closed cabin you breathe the mist."
        )
        {
            Change = "Open the doors first, or put it on the towel.",
            Gear = [Gear.FreshAir],
        },
        new(
            "person.vapour-closed",
            KeepOff,
            Harm.Person,
            Source.Practice,
            c => c.GivesVapour && c.Context.CabinClosed,
            "Its vapour must not be breathed in a closed cabin."
        )
        {
            Change = "Open the doors or run the fan on fresh air.",
            Gear = [Gear.FreshAir],
        },
        new(
            "person.heat-closed",
            KeepOff,
            Harm.Person,
            Source.Practice,
            c => c.Context.CabinHot && c.Context.CabinClosed,
            "A hot, closed cabin is no place to work in: heat stroke comes before you notice."
        )
        {
            Change = "Open the doors, wait until it has cooled, and work in shade.",
        },
        new(
            "person.pressure",
            KeepOff,
            Harm.Person,
            Source.Ghs,
            c => (c.IsAerosol || c.HasHazard("H229")) && (c.Context.CabinHot || c.Context.SurfaceHot),
            "A can under pressure may burst when it gets hot."
        )
        {
            Change = "Keep the can cool, and never leave it in the car.",
        },
        new(
            "person.aerosol-closed",
            KeepOff,
            Harm.Person,
            Source.Practice,
            c => c.IsAerosol && c.Context.CabinClosed,
            "An aerosol fills a closed cabin with mist that is breathed in and may burn."
        )
        {
            Change = "Open the doors before you begin.",
            Gear = [Gear.FreshAir],
        },
        new(
            "person.overhead",
            KeepOff,
            Harm.Person,
            Source.Practice,
            c => c.On(SurfaceKind.Headliner) && c.IsDirect,
            "What is sprayed overhead falls into the eyes."
        )
        {
            Change = "Overhead, put it on the cloth or the brush only.",
            Gear = [Gear.EyeProtection],
        },
        new(
            "person.airbag-wet",
            KeepOff,
            Harm.Person,
            Source.Practice,
            c => c.Has(SurfaceFacts.AirbagBehind) && (c.IsSoaked || c.With(Tool.Steamer)),
            "An airbag lies behind it: water or steam in its seams can keep it from working."
        )
        {
            Change = "Use a barely damp towel.",
        },
        new(
            "person.airbag-spray",
            WithCare,
            Harm.Person,
            Source.Practice,
            c => c.Has(SurfaceFacts.AirbagBehind) && c.IsDirect,
            "An airbag lies behind it; nothing may run into its seams."
        )
        {
            Change = "On the towel, not on the surface.",
        },
        new(
            "person.corrosive",
            WithCare,
            Harm.Person,
            Source.Ghs,
            c => c.IsExtreme,
            "At a pH of 2 or below, or 11.5 or above, it counts as corrosive to skin and eyes."
        )
        {
            Gear = [Gear.Gloves, Gear.EyeProtection],
        },
        new(
            "person.burns",
            WithCare,
            Harm.Person,
            Source.Ghs,
            c => c.HasHazard("H314", "H318"),
            "Its label warns of burns or serious damage to the eyes."
        )
        {
            Gear = [Gear.Gloves, Gear.EyeProtection],
        },
        new(
            "person.irritates",
            WithCare,
            Harm.Person,
            Source.Ghs,
            c => c.HasHazard("H315", "H317", "H319", "P280"),
            "Its label warns of irritated skin or eyes."
        )
        {
            Gear = [Gear.Gloves, Gear.EyeProtection],
        },
        new(
            "person.swallowed",
            WithCare,
            Harm.Person,
            Source.Ghs,
            c => c.HasHazard("H304"),
            "It may be fatal if swallowed: cap locked, out of reach of children and animals."
        ),
        new(
            "person.vapour",
            WithCare,
            Harm.Person,
            Source.Practice,
            c => c.GivesVapour,
            "It gives off vapour."
        )
        {
            Change = "Open the doors or run the fan on fresh air; no smoking.",
            Gear = [Gear.FreshAir],
        },
        new(
            "person.steam",
            WithCare,
            Harm.Person,
            Source.Practice,
            c => c.With(Tool.Steamer),
            "Steam scalds and drives water into every gap."
        )
        {
            Change = "Short bursts, keep it moving, and cover switches with a dry towel.",
            Gear = [Gear.Gloves],
        },
        new(
            "person.air",
            WithCare,
            Harm.Person,
            Source.Practice,
            c => c.With(Tool.CompressedAir),
            "Compressed air throws grit into the eyes."
        )
        {
            Change = "Blow away from your face and vacuum that place again.",
            Gear = [Gear.EyeProtection],
        },
        new(
            "person.heat",
            WithCare,
            Harm.Person,
            Source.Practice,
            c => c.Context.CabinHot,
            "A hot cabin wears you out before you notice."
        )
        {
            Change = "Shade, open doors, something to drink; stop when dizzy.",
        },
    ];
}
