namespace Cove.Core.Upkeep;

/// <summary>Names a level: a care task on a surface of one vehicle.</summary>
/// <param name="TaskId">The task.</param>
/// <param name="SurfaceId">The surface.</param>
public readonly record struct CareKey(TaskId TaskId, SurfaceId SurfaceId);
