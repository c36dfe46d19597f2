namespace Cove.Core.Vehicles.Plan;

/// <summary>The body a vehicle has, as far as the plan of its cabin follows from it.</summary>
public enum BodyType
{
    /// <summary>Short boot under a tailgate.</summary>
    Hatchback,

    /// <summary>Long load space with its own side glass.</summary>
    Estate,

    /// <summary>A closed boot behind the rear glass.</summary>
    Saloon,

    /// <summary>Tall body with load-space glass, two or three rows.</summary>
    Suv,

    /// <summary>Tall body for up to three rows of three: people carrier or van.</summary>
    Mpv,

    /// <summary>Double cab with an open load bed behind it.</summary>
    Pickup,

    /// <summary>Low, two doors, two seats or two and two.</summary>
    Roadster,

    /// <summary>Two seats, two doors, a shelf of a boot.</summary>
    CityCar,
}
