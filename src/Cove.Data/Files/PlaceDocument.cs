namespace Cove.Data;

/// <summary>Where an owner works on a car, as it stands in files, in the database and in requests.</summary>
public sealed record PlaceDocument
{
    /// <summary>Whether water runs there.</summary>
    public bool Tap { get; init; } = true;

    /// <summary>Whether there is power: a socket, or a charged battery in the vacuum.</summary>
    public bool Power { get; init; } = true;

    /// <summary>How long the car may stand after the session. Holds for the day.</summary>
    public Standing Standing { get; init; }

    /// <summary>Whether the sun shines on the glass. Holds for the day.</summary>
    public bool Sun { get; init; }

    /// <summary>How the glass feels to the hand. Holds for the day.</summary>
    public GlassTouch Touch { get; init; }

    /// <summary>Whether the glass is misted or damp inside. Holds for the day.</summary>
    public bool Damp { get; init; }

    /// <summary>Writes a place down.</summary>
    public static PlaceDocument Of(Workplace place) =>
        new()
        {
            Tap = place.Tap,
            Power = place.Power,
            Standing = place.Standing,
            Sun = place.AtGlass.InSun,
            Touch = place.AtGlass.Touch,
            Damp = place.AtGlass.Damp,
        };

    /// <summary>The place that was written down.</summary>
    public Workplace ToPlace() =>
        new()
        {
            Tap = Tap,
            Power = Power,
            Standing = Standing,
            AtGlass = new GlassConditions(Sun, Touch, Damp),
        };
}

/// <summary>A place and when it was said.</summary>
public sealed record SaidPlaceDocument
{
    /// <summary>When it was said.</summary>
    public required DateTimeOffset At { get; init; }

    /// <summary>The place.</summary>
    public required PlaceDocument Place { get; init; }
}
