using System.Collections.Immutable;
using Cove.Core.Catalogue.Tools;
using Cove.Core.Methods.Towels;

namespace Cove.Core.Sessions.Runs;

/// <summary>Which towel of each role is in hand, and which of its faces: the answers about towels of a run, added up.</summary>
public sealed class TowelCount
{
    private readonly ImmutableSortedDictionary<TowelRole, TowelInHand> towels;

    private TowelCount(ImmutableSortedDictionary<TowelRole, TowelInHand> towels) => this.towels = towels;

    /// <summary>No answer yet: the first face of the first towel of each role.</summary>
    public static TowelCount None { get; } = new(ImmutableSortedDictionary<TowelRole, TowelInHand>.Empty);

    /// <summary>The roles that answers were about.</summary>
    public IEnumerable<TowelRole> Roles => towels.Keys;

    /// <summary>The towel of a role that is in hand.</summary>
    public TowelInHand InHand(TowelRole role) => towels.GetValueOrDefault(role, new TowelInHand(role, 1, 1));

    /// <summary>The count after an answer; unchanged when it is not about a towel.</summary>
    public TowelCount After(RunEvent answer)
    {
        if (answer.Towel is not { } role)
        {
            return this;
        }

        TowelInHand now = InHand(role);
        bool fresh = answer.Kind == RunEventKind.TowelRetired || now.Face == TowelFold.Faces;
        return new TowelCount(
            towels.SetItem(
                role,
                fresh ? new TowelInHand(role, now.Number + 1, 1) : now with { Face = now.Face + 1 }
            )
        );
    }
}

/// <summary>A towel in hand.</summary>
/// <param name="Role">What it is kept for.</param>
/// <param name="Number">Which towel of that role, from 1.</param>
/// <param name="Face">The face that is used now, from 1 to <see cref="TowelFold.Faces"/>.</param>
public sealed record TowelInHand(TowelRole Role, int Number, int Face);
