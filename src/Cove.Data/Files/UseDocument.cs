using System.ComponentModel.DataAnnotations;

namespace Cove.Data;

/// <summary>How a car is used, as it stands in files, in the database and in requests.</summary>
public sealed record UseDocument
{
    /// <summary>Kilometres driven in a week; 0 to 10,000.</summary>
    [Range(
        0,
        WeeklyDistance.MaximumKilometres,
        ErrorMessage = "Say how far it is driven in a week. No car is driven as far as that."
    )]
    public double KilometresAWeek { get; init; } = WeeklyDistance.Reference.Kilometres;

    /// <summary>Grown people aboard on a usual drive; 1 to 9.</summary>
    [Range(1, CarUse.MostPeople, ErrorMessage = "Say 1 to 9 people.")]
    public int People { get; init; } = CarUse.Reference.People;

    /// <summary>Children aboard on a usual drive; 0 to 6.</summary>
    [Range(0, CarUse.MostChildren, ErrorMessage = "Say 0 to 6 children.")]
    public int Children { get; init; }

    /// <summary>How often something is eaten or drunk aboard.</summary>
    public Often Eating { get; init; } = CarUse.Reference.Eating;

    /// <summary>How often an animal is aboard.</summary>
    public Often Pets { get; init; }

    /// <summary>How near smoke comes.</summary>
    public SmokeHabit Smoke { get; init; }

    /// <summary>How often windows are open on dusty roads or in pollen.</summary>
    public Often OpenWindows { get; init; } = CarUse.Reference.OpenWindows;

    /// <summary>Months with grit or salt on the roads, from 1 to 12.</summary>
    [MaxLength(12, ErrorMessage = "Name each month once.")]
    [EachRange(1, 12, ErrorMessage = "A month lies between 1 and 12.")]
    public IReadOnlyList<int> GritMonths { get; init; } = [];

    /// <summary>Months of sun cream and bare arms, from 1 to 12.</summary>
    [MaxLength(12, ErrorMessage = "Name each month once.")]
    [EachRange(1, 12, ErrorMessage = "A month lies between 1 and 12.")]
    public IReadOnlyList<int> SunCreamMonths { get; init; } = [];

    /// <summary>The share of its parked hours by day that the car stands in the sun; 0 to 1.</summary>
    [Range(0.0, 1.0, ErrorMessage = "Say a share from 0 to 1.")]
    public double ParkedInSun { get; init; } = CarUse.Reference.ParkedInSun.Value;

    /// <summary>How often a dusty trade or hobby is carried aboard.</summary>
    public Often DustyWork { get; init; }

    /// <summary>How light the cabin is.</summary>
    public CabinColour Colour { get; init; } = CarUse.Reference.Colour;

    /// <summary>What the plastics of the dash give off.</summary>
    public DashPlastics Plastics { get; init; }

    /// <summary>How often it is driven in town traffic, with the heater on.</summary>
    public Often TownDriving { get; init; } = CarUse.Reference.TownDriving;

    /// <summary>How tidy is tidy enough.</summary>
    public Tidiness Tidiness { get; init; } = CarUse.Reference.Tidiness;

    /// <summary>What is in place to keep soil away.</summary>
    [MaxLength(12, ErrorMessage = "Name each prevention once.")]
    public IReadOnlyList<Preventions> Preventions { get; init; } = [];

    /// <summary>Writes a use down.</summary>
    public static UseDocument Of(CarUse use) =>
        new()
        {
            KilometresAWeek = use.Distance.Kilometres,
            People = use.People,
            Children = use.Children,
            Eating = use.Eating,
            Pets = use.Pets,
            Smoke = use.Smoke,
            OpenWindows = use.OpenWindows,
            GritMonths = use.GritMonths.Months,
            SunCreamMonths = use.SunCreamMonths.Months,
            ParkedInSun = use.ParkedInSun.Value,
            DustyWork = use.DustyWork,
            Colour = use.Colour,
            Plastics = use.Plastics,
            TownDriving = use.TownDriving,
            Tidiness = use.Tidiness,
            Preventions =
            [
                .. Enum.GetValues<Preventions>()
                    .Where(preventions =>
                        preventions != Core.Upkeep.Use.Preventions.None
                        && use.Preventions.HasFlag(preventions)
                    ),
            ],
        };

    /// <summary>Reads it back.</summary>
    /// <exception cref="ArgumentOutOfRangeException">A value is out of range; see <see cref="Annotations"/>.</exception>
    public CarUse ToUse() =>
        new()
        {
            Distance = WeeklyDistance.FromKilometres(KilometresAWeek),
            People = People,
            Children = Children,
            Eating = Eating,
            Pets = Pets,
            Smoke = Smoke,
            OpenWindows = OpenWindows,
            GritMonths = MonthSet.Of(GritMonths),
            SunCreamMonths = MonthSet.Of(SunCreamMonths),
            ParkedInSun = new Share(ParkedInSun),
            DustyWork = DustyWork,
            Colour = Colour,
            Plastics = Plastics,
            TownDriving = TownDriving,
            Tidiness = Tidiness,
            Preventions = Preventions.Aggregate(
                Core.Upkeep.Use.Preventions.None,
                (all, prevention) => all | prevention
            ),
        };
}
