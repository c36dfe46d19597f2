namespace Cove.Core.Upkeep.Use;

/// <summary>Months of the year, such as those with salt on the roads. Two sets of the same months are equal.</summary>
public readonly record struct MonthSet
{
    private readonly ushort bits;

    private MonthSet(ushort bits) => this.bits = bits;

    /// <summary>No month.</summary>
    public static MonthSet None => default;

    /// <summary>The months in the set, from 1 for January to 12.</summary>
    public IReadOnlyList<int> Months => [.. Enumerable.Range(1, 12).Where(Contains)];

    /// <summary>Makes a set.</summary>
    /// <param name="months">Months from 1 to 12, in any order.</param>
    /// <exception cref="ArgumentOutOfRangeException">A month is not from 1 to 12.</exception>
    public static MonthSet Of(params IEnumerable<int> months)
    {
        int set = 0;
        foreach (int month in months)
        {
            if (month is < 1 or > 12)
            {
                throw new ArgumentOutOfRangeException(
                    nameof(months),
                    month,
                    "A month lies between 1 and 12."
                );
            }

            set |= 1 << month;
        }

        return new MonthSet((ushort)set);
    }

    /// <summary>Whether a month, from 1 to 12, is in the set.</summary>
    public bool Contains(int month) => (bits & (1 << month)) != 0;
}
