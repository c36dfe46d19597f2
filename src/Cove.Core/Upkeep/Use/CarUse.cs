namespace Cove.Core.Upkeep.Use;

/// <summary>How a car is used: everything about it that makes levels rise faster or slower.</summary>
/// <remarks>
/// The default is reference use, for which the baseline intervals hold: 240 km a week, two adults, something eaten
/// or drunk now and then, no children, animals or smoke, parked half in the sun. Reference use and all paces are
/// Cove's own choice. When it holds is said by a <see cref="UsageEntry"/>.
/// </remarks>
public sealed record CarUse
{
    /// <summary>The most people aboard that can be said.</summary>
    public const int MostPeople = 9;

    /// <summary>The most children that can be said.</summary>
    public const int MostChildren = 6;

    /// <summary>The use for which the baseline intervals hold.</summary>
    public static CarUse Reference { get; } = new();

    /// <summary>The distance driven in a week.</summary>
    public WeeklyDistance Distance { get; init; } = WeeklyDistance.Reference;

    /// <summary>Grown people aboard on a usual drive; 1 to <see cref="MostPeople"/>.</summary>
    /// <exception cref="ArgumentOutOfRangeException">The number is out of range.</exception>
    public int People
    {
        get;
        init => field = Within(value, 1, MostPeople);
    } = 2;

    /// <summary>Children aboard on a usual drive; 0 to <see cref="MostChildren"/>.</summary>
    /// <exception cref="ArgumentOutOfRangeException">The number is out of range.</exception>
    public int Children
    {
        get;
        init => field = Within(value, 0, MostChildren);
    }

    /// <summary>How often something is eaten or drunk aboard.</summary>
    public Often Eating { get; init; } = Often.Sometimes;

    /// <summary>How often an animal is aboard.</summary>
    public Often Pets { get; init; }

    /// <summary>How near smoke comes.</summary>
    public SmokeHabit Smoke { get; init; }

    /// <summary>How often windows are open on dusty roads or in pollen.</summary>
    public Often OpenWindows { get; init; } = Often.Sometimes;

    /// <summary>Months with grit or salt on the roads.</summary>
    public MonthSet GritMonths { get; init; }

    /// <summary>Months of sun cream and bare arms.</summary>
    public MonthSet SunCreamMonths { get; init; }

    /// <summary>The share of its parked hours by day that the car stands in the sun.</summary>
    public Share ParkedInSun { get; init; } = new(0.5);

    /// <summary>How often a dusty trade or hobby is carried aboard.</summary>
    public Often DustyWork { get; init; }

    /// <summary>How light the cabin is.</summary>
    public CabinColour Colour { get; init; } = CabinColour.Medium;

    /// <summary>What the plastics of the dash give off.</summary>
    public DashPlastics Plastics { get; init; }

    /// <summary>How often it is driven in town traffic, behind others, with the heater on.</summary>
    public Often TownDriving { get; init; } = Often.Sometimes;

    /// <summary>How tidy is tidy enough. It moves marks, not levels.</summary>
    public Tidiness Tidiness { get; init; } = Tidiness.Everyday;

    /// <summary>What is in place to keep soil away.</summary>
    public Preventions Preventions { get; init; }

    /// <summary>Whether the time of year changes how levels rise.</summary>
    public bool IsSeasonal => GritMonths != MonthSet.None || SunCreamMonths != MonthSet.None;

    /// <summary>The pace of a driver beside reference use, where it is 1; 0 or more.</summary>
    /// <param name="driver">The driver.</param>
    /// <param name="month">The month of the year, from 1 to 12.</param>
    public double Pace(Driver driver, int month) =>
        driver switch
        {
            Driver.Time => 1,
            Driver.Distance => Distance.Kilometres / WeeklyDistance.Reference.Kilometres,
            Driver.People => People / 2.0,
            Driver.Children => 1 + (1.5 * Children),
            Driver.Eating => Of(Eating, 0.6, 1, 2.5),
            Driver.Pets => Of(Pets, 1, 2.5, 5),
            Driver.Smoke => Smoke switch
            {
                SmokeHabit.None => 1,
                SmokeHabit.Around => 3,
                _ => 8,
            },
            Driver.OpenAir => Of(OpenWindows, 0.8, 1, 2),
            Driver.Grit => GritMonths.Contains(month) ? 3 : 1,
            Driver.Sun => ParkedInSun.Value / 0.5,
            Driver.SkinOils => SunCreamMonths.Contains(month) ? 2.5 : 1,
            Driver.DustyWork => Of(DustyWork, 1, 2.5, 5),
            Driver.Colour => Colour switch
            {
                CabinColour.Dark => 0.9,
                CabinColour.Medium => 1,
                _ => 1.4,
            },
            Driver.Vapours => Plastics switch
            {
                DashPlastics.Settled => 1,
                DashPlastics.New => 2.5,
                _ => 3,
            },
            Driver.TownAir => Of(TownDriving, 0.5, 1, 2),
            _ => throw new ArgumentOutOfRangeException(nameof(driver), driver, "No such driver."),
        };

    private static int Within(int number, int least, int most) =>
        number >= least && number <= most
            ? number
            : throw new ArgumentOutOfRangeException(nameof(number), number, $"Say {least} to {most}.");

    private static double Of(Often often, double never, double sometimes, double daily) =>
        often switch
        {
            Often.Never => never,
            Often.Sometimes => sometimes,
            _ => daily,
        };
}
