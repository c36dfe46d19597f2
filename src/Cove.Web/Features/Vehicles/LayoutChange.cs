namespace Cove.Web.Features.Vehicles;

/// <summary>A request for a layout in another body, with another number of rows of seats, or both.</summary>
internal sealed record LayoutChange
{
    /// <summary>The layout as it is.</summary>
    public required CabinLayout Layout { get; init; }

    /// <summary>The other body; null to keep it.</summary>
    public BodyType? Body { get; init; }

    /// <summary>The other number of rows; null to keep it.</summary>
    public int? Rows { get; init; }

    /// <summary>What is wrong with it; null when nothing is.</summary>
    public ValidationError? Problem() =>
        Rows is { } rows && !BodyShape.Of(Body ?? Layout.Body).AllowedRows.Contains(rows)
            ? new ValidationError(nameof(Rows), "Choose a number of rows that this body has.")
            : null;

    /// <summary>The layout as it becomes.</summary>
    public CabinLayout Made()
    {
        CabinLayout moved = Body is { } body ? Layout.InBody(body) : Layout;
        return Rows is { } rows ? moved.WithRows(rows) : moved;
    }
}
