namespace Cove.Core.Vehicles.Plan;

/// <summary>Generates a cabin from a <see cref="CabinLayout"/>: surfaces with areas, zones, and the plan.</summary>
/// <remarks>The same layout always gives the same cabin, with the same surface ids, so a plan need never be stored. Areas are typical of mid-size cars and are meant to be corrected by the owner.</remarks>
public static class CabinBuilder
{
    /// <summary>Builds the cabin.</summary>
    /// <exception cref="ArgumentException">The layout has <see cref="CabinLayout.Problems"/>.</exception>
    public static Cabin Build(CabinLayout layout)
    {
        ArgumentNullException.ThrowIfNull(layout);
        if (layout.Problems() is [var first, ..])
        {
            throw new ArgumentException(first.Sentence, nameof(layout));
        }

        var sheet = new CabinSheet(layout);
        FrontOfCabin.Draw(sheet);
        RowsOfCabin.Draw(sheet);
        ShellOfCabin.Draw(sheet);
        return sheet.Finish();
    }
}
