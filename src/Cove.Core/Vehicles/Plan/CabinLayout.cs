using System.Text.Json.Serialization;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Vehicles.Plan;

/// <summary>The answers from which a cabin is generated.</summary>
/// <remarks>They describe the car as a whole. What differs from place to place, such as the tint of one pane, is changed on the generated <see cref="Surface"/>; <see cref="Edits.CabinRebuild"/> keeps such changes when an answer changes.</remarks>
public sealed record CabinLayout
{
    /// <summary>The most child seats that are asked for.</summary>
    public const int MostChildSeats = 3;

    /// <summary>The most screens that are asked for.</summary>
    public const int MostScreens = 3;

    /// <summary>The body type.</summary>
    public required BodyType Body { get; init; }

    /// <summary>How large the car is for its body.</summary>
    public SizeClass Size { get; init; } = SizeClass.MidSize;

    /// <summary>Side doors; 2 or 4, as the body allows.</summary>
    public required int Doors { get; init; }

    /// <summary>Seats of the first row; 2, or 3 where the body allows a bench.</summary>
    public int FrontSeats { get; init; } = 2;

    /// <summary>Seats of the second row; 2 or 3, or 0 when there is no second row.</summary>
    public required int SecondRowSeats { get; init; }

    /// <summary>Seats of the third row; 2 or 3, or 0 when there is no third row.</summary>
    public int ThirdRowSeats { get; init; }

    /// <summary>The side the driver sits on, looking forward.</summary>
    public required DriverSide DriverSide { get; init; }

    /// <summary>The cover of the seats; one of <see cref="SeatMaterials"/>.</summary>
    public required Material SeatMaterial { get; init; }

    /// <summary>The face of the dashboard; one of <see cref="DashMaterials"/>.</summary>
    public Material DashMaterial { get; init; } = Material.Plastic;

    /// <summary>The lining of the roof; one of <see cref="HeadlinerMaterials"/>.</summary>
    public Material HeadlinerMaterial { get; init; } = Material.LiningCloth;

    /// <summary>The cover of the steering wheel and the lever grip; one of <see cref="WheelMaterials"/>.</summary>
    public Material WheelMaterial { get; init; } = Material.CoatedLeather;

    /// <summary>The finish of the console trim; one of <see cref="TrimFinishes"/>.</summary>
    public Finish Trim { get; init; } = Finish.Satin;

    /// <summary>Display screens beside the instruments; 0 to <see cref="MostScreens"/>.</summary>
    public int Screens { get; init; } = 1;

    /// <summary>The lens over the instruments; one of <see cref="ClusterMaterials"/>.</summary>
    public Material ClusterMaterial { get; init; } = Material.ClearPlastic;

    /// <summary>The fixed floor; one of <see cref="FloorMaterials"/>.</summary>
    public Material Floor { get; init; } = Material.Pile;

    /// <summary>Mats of the first row; one of <see cref="MatMaterials"/>.</summary>
    public required Material FrontMats { get; init; }

    /// <summary>Mats of the other rows; one of <see cref="MatMaterials"/>.</summary>
    public required Material RearMats { get; init; }

    /// <summary>The top of the load floor; one of <see cref="BootMaterials"/>.</summary>
    public Material Boot { get; init; } = Material.Pile;

    /// <summary>Whether the panes behind the front doors carry tint film on the inside.</summary>
    public bool TintedRear { get; init; }

    /// <summary>Whether there is a glass panel in the roof.</summary>
    public bool Sunroof { get; init; }

    /// <summary>How many child seats are fitted on the second row; 0 to <see cref="MostChildSeats"/>.</summary>
    public int ChildSeats { get; init; }

    /// <summary>Whether a pet cover lies over the places of the second row that have no child seat.</summary>
    public bool PetCover { get; init; }

    /// <summary>Rows of seats, from 1 to 3. It follows from the seats, so it is never stored.</summary>
    [JsonIgnore]
    public int Rows => 1 + (SecondRowSeats > 0 ? 1 : 0) + (ThirdRowSeats > 0 ? 1 : 0);

    /// <summary>The seat covers an owner can choose from.</summary>
    public static IReadOnlyList<Material> SeatMaterials { get; } =
    [
        Material.WovenFabric,
        Material.FabricWithMicrosuede,
        Material.CoatedLeather,
        Material.LeatherWithMicrosuede,
        Material.UncoatedLeather,
        Material.SyntheticLeather,
        Material.Microsuede,
    ];

    /// <summary>The faces a dashboard can have.</summary>
    public static IReadOnlyList<Material> DashMaterials { get; } =
    [Material.Plastic, Material.SyntheticLeather, Material.CoatedLeather, Material.WovenFabric];

    /// <summary>The linings a roof can have.</summary>
    public static IReadOnlyList<Material> HeadlinerMaterials { get; } =
    [Material.LiningCloth, Material.Microsuede, Material.Plastic];

    /// <summary>The covers a steering wheel can have.</summary>
    public static IReadOnlyList<Material> WheelMaterials { get; } =
    [Material.CoatedLeather, Material.SyntheticLeather, Material.Microsuede, Material.Plastic];

    /// <summary>The finishes console trim can have.</summary>
    public static IReadOnlyList<Finish> TrimFinishes { get; } =
    [Finish.Gloss, Finish.Satin, Finish.BrushedMetal, Finish.WoodVeneer];

    /// <summary>The lenses instruments can have.</summary>
    public static IReadOnlyList<Material> ClusterMaterials { get; } = [Material.ClearPlastic, Material.Glass];

    /// <summary>The fixed floors on offer.</summary>
    public static IReadOnlyList<Material> FloorMaterials { get; } = [Material.Pile, Material.Rubber];

    /// <summary>The mats an owner can choose from; <see cref="Material.None"/> stands for no mats.</summary>
    public static IReadOnlyList<Material> MatMaterials { get; } =
    [Material.Rubber, Material.Pile, Material.None];

    /// <summary>What the load floor can be topped with: its own pile or a rubber liner.</summary>
    public static IReadOnlyList<Material> BootMaterials { get; } = [Material.Pile, Material.Rubber];

    /// <summary>The usual car of a body, to start answering from.</summary>
    public static CabinLayout Usual(BodyType body)
    {
        BodyShape shape = BodyShape.Of(body);
        int rows = shape.AllowedRows[0];
        return new CabinLayout
        {
            Body = body,
            Doors = shape.AllowedDoors[0],
            SecondRowSeats = rows > 1 ? shape.MostSeatsBehind : 0,
            ThirdRowSeats = rows > 2 ? shape.MostSeatsBehind : 0,
            DriverSide = DriverSide.Right,
            SeatMaterial = Material.WovenFabric,
            FrontMats = Material.Pile,
            RearMats = rows > 1 ? Material.Pile : Material.None,
        };
    }

    /// <summary>The same cabin in another body: what belongs to the frame becomes as usual there, what was chosen inside stays.</summary>
    public CabinLayout InBody(BodyType body)
    {
        CabinLayout usual = Usual(body);
        return this with
        {
            Body = body,
            Doors = usual.Doors,
            FrontSeats = usual.FrontSeats,
            SecondRowSeats = usual.SecondRowSeats,
            ThirdRowSeats = usual.ThirdRowSeats,
            RearMats = MatsBehind(usual.SecondRowSeats),
            ChildSeats = 0,
            PetCover = false,
        };
    }

    /// <summary>The same cabin with another number of rows of seats, from 1 to 3. A row that goes takes along what lies on it; one that comes is as usual.</summary>
    public CabinLayout WithRows(int rows)
    {
        int usual = BodyShape.Of(Body).MostSeatsBehind;
        int second = rows > 1 ? (SecondRowSeats > 0 ? SecondRowSeats : usual) : 0;
        return this with
        {
            SecondRowSeats = second,
            ThirdRowSeats = rows > 2 ? (ThirdRowSeats > 0 ? ThirdRowSeats : usual) : 0,
            RearMats = MatsBehind(second),
            ChildSeats = rows > 1 ? ChildSeats : 0,
            PetCover = rows > 1 && PetCover,
        };
    }

    /// <summary>Mats lie before a bench. Where there was one already, none stays none: the owner said so.</summary>
    private Material MatsBehind(int secondRowSeats) =>
        secondRowSeats == 0 ? Material.None
        : RearMats == Material.None && SecondRowSeats == 0 ? Material.Pile
        : RearMats;

    /// <summary>Says what is wrong with this layout, field by field; empty when a cabin can be built from it.</summary>
    public IReadOnlyList<ValidationError> Problems() => [.. LayoutRules.Check(this)];
}
