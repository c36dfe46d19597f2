using System.Text.RegularExpressions;
using Cove.Core.Vehicles.Plan;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Vehicles.Edits;

/// <summary>What every surface of a vehicle must hold to, whether an owner changed it or it was read from a file.</summary>
public static partial class SurfaceRules
{
    /// <summary>The most surfaces a vehicle can have.</summary>
    public const int MostSurfaces = 200;

    /// <summary>The longest name of a surface, in characters.</summary>
    public const int LongestName = 60;

    /// <summary>The longest short name, in characters.</summary>
    public const int LongestShortName = 20;

    /// <summary>The longest note on wear, in characters.</summary>
    public const int LongestWear = 200;

    /// <summary>The largest area of one surface, in square metres.</summary>
    public const double LargestSquareMetres = 50;

    /// <summary>The smallest area that is not nothing: a square centimetre.</summary>
    public const double SmallestSquareMetres = 0.0001;

    /// <summary>Says what is wrong with a surface taken by itself; empty when nothing is.</summary>
    public static IEnumerable<ValidationError> Check(Surface surface)
    {
        if (!IsId(surface.Id.Value))
        {
            yield return new ValidationError(
                nameof(surface.Id),
                $"Use up to {LongestName} small letters, digits and hyphens for the id."
            );
        }

        if (!PlainText.IsName(surface.Name, LongestName))
        {
            yield return new ValidationError(
                nameof(surface.Name),
                $"Use 1 to {LongestName} characters for the name."
            );
        }

        if (!PlainText.IsName(surface.ShortName, LongestShortName))
        {
            yield return new ValidationError(
                nameof(surface.ShortName),
                $"Use 1 to {LongestShortName} characters for the short name."
            );
        }

        if (surface.Wear is { } wear && !PlainText.IsName(wear, LongestWear))
        {
            yield return new ValidationError(
                nameof(surface.Wear),
                $"Use 1 to {LongestWear} characters for what is worn."
            );
        }

        if (
            surface.Area.SquareMetres > LargestSquareMetres
            || surface.Area.SquareMetres is > 0 and < SmallestSquareMetres
        )
        {
            yield return new ValidationError(
                nameof(surface.Area),
                $"Say 0 to {LargestSquareMetres:0} square metres; the least beside 0 is {SmallestSquareMetres}."
            );
        }

        if (surface.Exposure.Value <= 0)
        {
            yield return new ValidationError(
                nameof(surface.Exposure),
                "Say how much use it gets, above 0 and up to 1."
            );
        }

        foreach (ValidationError error in Make(surface))
        {
            yield return error;
        }
    }

    /// <summary>Says what is wrong with the surfaces of a vehicle taken together; empty when nothing is.</summary>
    /// <param name="surfaces">The surfaces.</param>
    /// <param name="zones">The zones of the cabin.</param>
    /// <returns>Errors whose property is <c>Surfaces[index].Property</c>.</returns>
    public static IEnumerable<ValidationError> CheckTogether(
        IReadOnlyList<Surface> surfaces,
        IReadOnlyList<Zone> zones
    )
    {
        if (surfaces.Count > MostSurfaces)
        {
            yield return new ValidationError("Surfaces", $"A vehicle has up to {MostSurfaces} surfaces.");
            yield break;
        }

        var parents = new Dictionary<SurfaceId, SurfaceId?>();
        for (int i = 0; i < surfaces.Count; i++)
        {
            if (!parents.TryAdd(surfaces[i].Id, surfaces[i].PartOf))
            {
                yield return At(i, nameof(Surface.Id), "Two surfaces have this id. Give each its own.");
            }
        }

        for (int i = 0; i < surfaces.Count; i++)
        {
            Surface surface = surfaces[i];
            if (!zones.Any(zone => zone.Id == surface.ZoneId))
            {
                yield return At(
                    i,
                    nameof(Surface.ZoneId),
                    $"This cabin has no such zone. Choose one of: {string.Join(", ", zones.Select(zone => zone.Id))}."
                );
            }

            if (surface.PartOf is { } whole && !parents.ContainsKey(whole))
            {
                yield return At(i, nameof(Surface.PartOf), "There is no surface of that id to be a part of.");
            }
            else if (IsInCycle(surface.Id, parents))
            {
                yield return At(
                    i,
                    nameof(Surface.PartOf),
                    "This surface would be a part of itself. A part belongs to a whole, never round in a circle."
                );
            }
        }
    }

    /// <summary>Whether a text will do as the id of a surface.</summary>
    public static bool IsId(string text) => text.Length <= LongestName && IdShape().IsMatch(text);

    private static IEnumerable<ValidationError> Make(Surface surface)
    {
        if (!Enum.IsDefined(surface.Kind))
        {
            yield return new ValidationError(
                nameof(surface.Kind),
                "Choose one of the kinds of surface on offer."
            );
            yield break;
        }

        var options = SurfaceOptions.Of(surface.Kind);
        if (!options.Materials.Contains(surface.Material))
        {
            yield return new ValidationError(
                nameof(surface.Material),
                $"Choose a material that this kind of surface can have: {Words(options.Materials)}."
            );
        }

        if (!options.Finishes.Contains(surface.Finish))
        {
            yield return new ValidationError(
                nameof(surface.Finish),
                $"Choose a finish that this kind of surface can have: {Words(options.Finishes)}."
            );
        }

        if ((surface.Facts & ~options.Facts) != SurfaceFacts.None)
        {
            yield return new ValidationError(
                nameof(surface.Facts),
                "Leave out facts that cannot hold of this kind of surface."
            );
        }
    }

    private static bool IsInCycle(SurfaceId id, Dictionary<SurfaceId, SurfaceId?> parents)
    {
        SurfaceId? at = parents.GetValueOrDefault(id);
        for (int steps = 0; at is not null && steps <= parents.Count; steps++)
        {
            if (at == id)
            {
                return true;
            }

            at = parents.GetValueOrDefault(at.Value);
        }

        return false;
    }

    private static ValidationError At(int index, string property, string sentence) =>
        new($"Surfaces[{index}].{property}", sentence);

    private static string Words<T>(IEnumerable<T> values)
        where T : struct, Enum =>
        string.Join(", ", values.Select(value => char.ToLowerInvariant($"{value}"[0]) + $"{value}"[1..]));

    [GeneratedRegex("^[a-z0-9][a-z0-9-]*\\z", RegexOptions.ExplicitCapture, 1000)]
    private static partial Regex IdShape();
}
