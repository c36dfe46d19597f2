namespace Cove.Core.Vehicles;

/// <summary>The body a vehicle has, as far as the plan of its cabin follows from it.</summary>
public enum BodyType
{
    /// <summary>Five doors, short boot under a tailgate.</summary>
    Hatchback,

    /// <summary>Five doors, long load space with its own side glass.</summary>
    Estate,

    /// <summary>Four doors and a closed boot behind the rear glass.</summary>
    Saloon,

    /// <summary>Tall five-door body with load-space glass.</summary>
    Suv,

    /// <summary>Tall body for two or three rows.</summary>
    Mpv,

    /// <summary>Two seats, two doors, a shelf of a boot.</summary>
    CityCar,
}
