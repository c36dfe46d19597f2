using Cove.Core.Upkeep.Tasks;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Upkeep;

/// <summary>Something that happens to a car and raises levels at once.</summary>
/// <param name="Id">Short and stable; it is stored with log entries.</param>
/// <param name="Name">What happened, as an owner would say it.</param>
/// <param name="WholeCar">Whether it usually touches the whole car rather than one place.</param>
public sealed record CareEvent(EventId Id, string Name, bool WholeCar = false)
{
    /// <summary>What kind of spot it makes; null when it makes none.</summary>
    public SpotKind? Spot { get; init; }

    /// <summary>The event that raises levels as this one does; its own when left out.</summary>
    public EventId? RaisesLike { get; init; }

    /// <summary>How much each task rises on the surfaces the event touches. Each task says so itself; see <see cref="CareTask.RaisedBy"/>.</summary>
    public IReadOnlyList<EventJump> Jumps =>
        field ??= [
            .. CareTasks.All.SelectMany(task =>
                task.RaisedBy.Where(rise => rise.EventId == (RaisesLike ?? Id))
                    .Select(rise => new EventJump(task.Id, rise.Amount) { Oily = rise.Oily })
            ),
        ];
}

/// <summary>What an event does to the level of one task.</summary>
/// <param name="TaskId">The task.</param>
/// <param name="Amount">By how much its level rises; above 0.</param>
public sealed record EventJump(TaskId TaskId, double Amount)
{
    /// <summary>On glass, how much of it is oily film.</summary>
    public Share Oily { get; init; }
}

/// <summary>The table of events. What each raises stands with the tasks.</summary>
public static class CareEvents
{
    /// <summary>Every event on offer.</summary>
    public static IReadOnlyList<CareEvent> All { get; } =
    [
        new("spill", "Something was spilled") { Spot = SpotKind.Spill },
        new("sugary-drink", "A sugary drink was spilled")
        {
            Spot = SpotKind.SugaryDrink,
            RaisesLike = "spill",
        },
        new("milk-or-food", "Milk or food was spilled") { Spot = SpotKind.MilkOrFood, RaisesLike = "spill" },
        new("grease-or-cream", "Grease or cream got on it")
        {
            Spot = SpotKind.GreaseOrCream,
            RaisesLike = "spill",
        },
        new("wax-or-gum", "Wax or chewing gum got on it") { Spot = SpotKind.WaxOrGum, RaisesLike = "spill" },
        new("mud-or-clay", "A mark of mud or clay") { Spot = SpotKind.MudOrClay, RaisesLike = "spill" },
        new("ink-or-dye", "Ink, pen or dye got on it") { Spot = SpotKind.InkOrDye, RaisesLike = "spill" },
        new("glue-or-sticker", "Glue, or what a sticker left")
        {
            Spot = SpotKind.GlueOrSticker,
            RaisesLike = "spill",
        },
        new("pollen", "Pollen got on it") { Spot = SpotKind.Pollen, RaisesLike = "spill" },
        new("water", "Water got on it") { Spot = SpotKind.Water },
        new("mud-and-sand", "Mud or clay was carried in"),
        new("smoke", "Smoke got into the car", WholeCar: true),
        new("beach", "A day at the beach", WholeCar: true),
        new("move", "Moved house or carried loads", WholeCar: true),
        new("pet", "An animal rode along"),
        new("sickness", "Someone was sick aboard, or bled") { Spot = SpotKind.SicknessOrBlood },
        new("mould", "Mould was found") { Spot = SpotKind.Mould, RaisesLike = "sickness" },
        new("broken-glass", "Glass broke, or something sharp lies there") { Spot = SpotKind.BrokenGlass },
        new("fuel-or-oil", "Fuel, engine oil or thinner was spilled")
        {
            Spot = SpotKind.FuelOrOil,
            RaisesLike = "spill",
        },
        new("harsh-chemical", "Battery acid, drain cleaner, bleach or the like got on it")
        {
            Spot = SpotKind.HarshChemical,
            RaisesLike = "spill",
        },
        new("flood-water", "Flood water or sewage came in")
        {
            Spot = SpotKind.FloodWater,
            RaisesLike = "sickness",
        },
        new("water-at-electrics", "Water near a seat motor, a sensor, plugs or orange cables")
        {
            Spot = SpotKind.WaterAtElectrics,
            RaisesLike = "spill",
        },
        new("needle", "A needle or syringe lies there") { Spot = SpotKind.Needle, RaisesLike = "sickness" },
        new("droppings", "An animal left droppings or urine")
        {
            Spot = SpotKind.Droppings,
            RaisesLike = "sickness",
        },
        new("medicine", "Medicine was spilled or lost") { Spot = SpotKind.Medicine, RaisesLike = "spill" },
        new("winter-trip", "A winter trip: snow, grit and salt", WholeCar: true),
    ];

    /// <summary>Finds an event; null when there is none of that id.</summary>
    public static CareEvent? Find(EventId id) => All.FirstOrDefault(happening => happening.Id == id);

    /// <summary>The levels an event raises.</summary>
    /// <param name="happening">The event.</param>
    /// <param name="surfaces">The surfaces it touches.</param>
    /// <returns>One jump for each task that tends one of them.</returns>
    public static IReadOnlyList<(CareKey Key, double Amount)> JumpsOf(
        CareEvent happening,
        IEnumerable<Surface> surfaces
    ) =>
        [
            .. surfaces.SelectMany(surface =>
                happening
                    .Jumps.Where(jump => CareTasks.Find(jump.TaskId)!.Tends(surface))
                    .Select(jump => (new CareKey(jump.TaskId, surface.Id), jump.Amount))
            ),
        ];
}
