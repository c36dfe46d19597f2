using Cove.Core.Upkeep.Use;
using Cove.Core.Vehicles;
using Cove.Core.Vehicles.Plan;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Sessions.Planning;

/// <summary>What lies loose on the surfaces of a car and leaves it before they are worked on: child seats, covers, liners, inserts.</summary>
/// <param name="OnFrontSeats">On the seats of the first row.</param>
/// <param name="OnOtherSeats">On the seats behind.</param>
/// <param name="InBoot">In the boot.</param>
/// <param name="InHolders">In cup holders and bins.</param>
public sealed record LooseThings(bool OnFrontSeats, bool OnOtherSeats, bool InBoot, bool InHolders)
{
    /// <summary>Nothing lies loose.</summary>
    public static LooseThings None { get; } = new(false, false, false, false);

    /// <summary>How many child seats are fitted; 0 or more. They lie on the seats behind.</summary>
    public int ChildSeats { get; init; }

    /// <summary>Whether mats lie on the floor.</summary>
    public bool Mats { get; init; }

    /// <summary>What lies loose in a car.</summary>
    /// <param name="vehicle">The car.</param>
    /// <param name="use">How it is used now.</param>
    public static LooseThings Of(Vehicle vehicle, CarUse use)
    {
        bool protectors = use.Preventions.HasFlag(Preventions.SeatProtector);
        return new LooseThings(
            protectors,
            protectors
                || vehicle
                    .InCare()
                    .Any(surface => surface.Kind is SurfaceKind.ChildSeat or SurfaceKind.PetCover),
            use.Preventions.HasFlag(Preventions.BootLiner),
            use.Preventions.HasFlag(Preventions.CupHolderLiners)
        )
        {
            Mats = vehicle.InCare().Any(surface => surface.Kind == SurfaceKind.Mat),
            ChildSeats = vehicle.InCare().Count(surface => surface.Kind == SurfaceKind.ChildSeat),
        };
    }

    /// <summary>Whether something lies in the way of work on a surface, or is what is worked on.</summary>
    public bool LieOn(Surface surface) =>
        surface.Kind switch
        {
            SurfaceKind.ChildSeat or SurfaceKind.PetCover => true,
            SurfaceKind.Seat => FrontSeats.Have(surface) ? OnFrontSeats : OnOtherSeats,
            SurfaceKind.Boot => InBoot,
            SurfaceKind.CupHolders => InHolders,
            _ => false,
        };
}
