using System.Collections.Immutable;
using Cove.Core.Catalogue.Tools;
using Cove.Core.Methods.Towels;
using Cove.Core.Schools;

namespace Cove.Core.Sessions.Runs;

/// <summary>Which towel of each role is in hand, and which of its faces: the answers about towels of a run, added up.</summary>
/// <remarks>It counts turns, and knows nothing of folds: how many faces a towel has is said when it is asked.</remarks>
public sealed class TowelCount
{
    /// <summary>For each role the turns since a fresh towel was taken, one number for each time that one was.</summary>
    private readonly ImmutableSortedDictionary<TowelRole, ImmutableList<int>> turns;

    private TowelCount(ImmutableSortedDictionary<TowelRole, ImmutableList<int>> turns) => this.turns = turns;

    /// <summary>No answer yet: the first face of the first towel of each role.</summary>
    public static TowelCount None { get; } =
        new(ImmutableSortedDictionary<TowelRole, ImmutableList<int>>.Empty);

    /// <summary>The roles that answers were about.</summary>
    public IEnumerable<TowelRole> Roles => turns.Keys;

    /// <summary>The towel of a role that is in hand.</summary>
    /// <param name="role">The role.</param>
    /// <param name="fold">How towels are folded.</param>
    public TowelInHand InHand(TowelRole role, FoldSchool fold)
    {
        int faces = TowelFold.FacesOf(fold);
        ImmutableList<int> since = turns.GetValueOrDefault(role, [0]);
        return new TowelInHand(
            role,
            since.Count + since.Sum(turned => turned / faces),
            (since[^1] % faces) + 1,
            faces
        );
    }

    /// <summary>The count after an answer; unchanged when it is not about a towel.</summary>
    public TowelCount After(RunEvent answer)
    {
        if (answer.Towel is not { } role)
        {
            return this;
        }

        ImmutableList<int> since = turns.GetValueOrDefault(role, [0]);
        return new TowelCount(
            turns.SetItem(
                role,
                answer.Kind == RunEventKind.TowelRetired
                    ? since.Add(0)
                    : since.SetItem(since.Count - 1, since[^1] + 1)
            )
        );
    }
}

/// <summary>A towel in hand.</summary>
/// <param name="Role">What it is kept for.</param>
/// <param name="Number">Which towel of that role, from 1.</param>
/// <param name="Face">The face that is used now, from 1.</param>
/// <param name="Faces">How many faces it has as it is folded; see <see cref="TowelFold.FacesOf"/>.</param>
public sealed record TowelInHand(TowelRole Role, int Number, int Face, int Faces);
