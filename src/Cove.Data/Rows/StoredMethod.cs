namespace Cove.Data.Rows;

/// <summary>A method as it stands in the JSON of a log row. Its names are those of every version so far; none may change.</summary>
/// <param name="MethodId">The id of the method.</param>
/// <param name="Rounds">How often it was gone through.</param>
/// <param name="SurfaceIds">Ids of the surfaces; none for a chore.</param>
internal sealed record StoredMethod(string MethodId, int Rounds, IReadOnlyList<string> SurfaceIds)
{
    public static StoredMethod Of(MethodUsed method) =>
        new(method.MethodId.Value, method.Rounds, [.. method.SurfaceIds.Select(surface => surface.Value)]);

    public MethodUsed ToMethod() =>
        new(MethodId, Rounds, [.. SurfaceIds.Select(surface => new SurfaceId(surface))]);
}
