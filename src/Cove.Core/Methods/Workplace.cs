using Cove.Core.Methods.Glass;

namespace Cove.Core.Methods;

/// <summary>Where and how an owner works today: what there is, what the weather does, and how long the car may stand afterwards.</summary>
public sealed record Workplace
{
    /// <summary>What an owner says of sun, heat, damp and standing holds for this long: tomorrow is another day. Cove's own choice.</summary>
    public static readonly TimeSpan HoldsFor = TimeSpan.FromHours(12);

    /// <summary>What is taken for granted while nobody has said otherwise: a tap, power, shade, and a car that is driven again in an hour.</summary>
    public static Workplace Usual { get; } = new();

    /// <summary>Whether water runs there: a tap or a hose. A bottle of water does for damp towels, not for rinsing.</summary>
    public bool Tap { get; init; } = true;

    /// <summary>Whether there is power: a socket, or a charged battery in the vacuum.</summary>
    public bool Power { get; init; } = true;

    /// <summary>How long the car may stand after the session.</summary>
    public Standing Standing { get; init; }

    /// <summary>What it is like at the glass. The rest of the cabin is taken to feel the same.</summary>
    public GlassConditions AtGlass { get; init; } = GlassConditions.Fair;

    /// <summary>Whether what the day brings was said and not just taken for granted.</summary>
    public bool WasSaidToday { get; init; }

    /// <summary>Whether surfaces are hot to the hand, so that what is put on them dries before it is wiped.</summary>
    public bool Hot => AtGlass.Touch == GlassTouch.Hot;

    /// <summary>Whether it is too cold for coats to take and for foam to dry.</summary>
    public bool Cold => AtGlass.Touch == GlassTouch.Cold;

    /// <summary>How many times as long things take to dry as at 20 °C and half humidity. That cold and damp air take several times as long is common practice; the numbers are Cove's own choice.</summary>
    public double DryingTimes =>
        Cold || AtGlass.Damp ? 2.5
        : Hot ? 0.7
        : 1;

    /// <summary>What still holds of it: what there is stays, what the day brings passes.</summary>
    /// <param name="saidAt">When it was said.</param>
    /// <param name="now">The present instant.</param>
    public Workplace Still(DateTimeOffset saidAt, DateTimeOffset now) =>
        now - saidAt < HoldsFor
            ? this with
            {
                WasSaidToday = true,
            }
            : this with
            {
                Standing = Standing.AnHour,
                AtGlass = GlassConditions.Fair,
            };
}

/// <summary>How long a car may stand after a session, the shortest first.</summary>
public enum Standing
{
    /// <summary>It is driven again in an hour or so.</summary>
    AnHour,

    /// <summary>It stands for some hours, until the evening.</summary>
    SomeHours,

    /// <summary>It stands until the next day.</summary>
    UntilTomorrow,
}

/// <summary>Says how long standing is.</summary>
public static class Standings
{
    /// <summary>The time that can be counted on.</summary>
    /// <exception cref="ArgumentOutOfRangeException">There is no such answer.</exception>
    public static TimeSpan Length(this Standing standing) =>
        standing switch
        {
            Standing.AnHour => TimeSpan.FromHours(1),
            Standing.SomeHours => TimeSpan.FromHours(6),
            Standing.UntilTomorrow => TimeSpan.FromHours(24),
            _ => throw new ArgumentOutOfRangeException(nameof(standing), standing, "No such answer."),
        };

    /// <summary>The least standing that is long enough; null when not even a day is.</summary>
    public static Standing? Enough(TimeSpan drying) =>
        Enum.GetValues<Standing>()
            .Select(standing => (Standing?)standing)
            .FirstOrDefault(standing => standing!.Value.Length() >= drying);
}
