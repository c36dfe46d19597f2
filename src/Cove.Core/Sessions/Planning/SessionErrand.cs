using Cove.Core.Upkeep.Tasks;
using Cove.Core.Vehicles.Surfaces;

namespace Cove.Core.Sessions.Planning;

/// <summary>What certain work sends one on once a session, however much of that work there is: carrying out what lies on a seat, and back in.</summary>
/// <param name="Takes">What it takes, there and back.</param>
/// <param name="AtLeast">What it takes where the way back is left for later.</param>
/// <param name="IsFor">Whether a task on some surfaces needs it.</param>
internal sealed record SessionErrand(
    TimeSpan Takes,
    TimeSpan AtLeast,
    Func<CareTask, IEnumerable<Surface>, bool> IsFor
);
