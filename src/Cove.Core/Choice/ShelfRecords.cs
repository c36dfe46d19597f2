using Cove.Core.Catalogue.Amounts;
using Cove.Core.Safety;

namespace Cove.Core.Choice;

/// <summary>What the owner has tried and been told of products on the surfaces of one car.</summary>
/// <param name="Tests">The spot tests.</param>
/// <param name="Instructions">The makers' instructions.</param>
public sealed record ShelfRecords(IReadOnlyList<SpotTest> Tests, IReadOnlyList<MakerInstruction> Instructions)
{
    /// <summary>Nothing on record.</summary>
    public static ShelfRecords None { get; } = new([], []);

    /// <summary>Whether nothing is on record.</summary>
    public bool IsEmpty => Tests.Count == 0 && Instructions.Count == 0;

    /// <summary>Whether anything is on record of a product on a surface.</summary>
    public bool Mention(SurfaceId surfaceId, ProductId productId) =>
        Tests.Any(test => test.ProductId == productId && test.SurfaceIds.Contains(surfaceId))
        || Instructions.Any(instruction =>
            (instruction.SurfaceId ?? surfaceId) == surfaceId
            && (instruction.ProductId ?? productId) == productId
        );

    /// <summary>The circumstances with what is on record for a surface, a product and a strength filled in.</summary>
    /// <remarks>A test passed at a strength holds for that one and every thinner one. A test failed holds for every strength, until a thinner mixture has been tried and has passed: nobody is led to try the next thinner one unasked. At one strength a fail outweighs a pass, and a maker who forbids one who allows.</remarks>
    public UseContext Fill(UseContext context, SurfaceId surfaceId, ProductId productId, Strength strength)
    {
        if (IsEmpty)
        {
            return context;
        }

        var tests = Tests.Where(test => test.ProductId == productId && test.SurfaceIds.Contains(surfaceId));
        SpotResult spot =
            tests.Any(test => !test.Passed && test.Strength <= strength) ? SpotResult.Failed
            : tests.Any(test => test.Passed && test.Strength >= strength) ? SpotResult.Passed
            : tests.Any(test => !test.Passed) ? SpotResult.Failed
            : context.SpotTest;
        var applying = Instructions.Where(instruction =>
            (instruction.SurfaceId ?? surfaceId) == surfaceId
            && (instruction.ProductId ?? productId) == productId
        );
        MakerSays maker =
            applying.Any(instruction => !instruction.Allows) ? MakerSays.Forbids
            : applying.Any() ? MakerSays.Allows
            : context.Maker;
        return context with { SpotTest = spot, Maker = maker };
    }
}

/// <summary>A test on a hidden spot.</summary>
/// <param name="SurfaceIds">The surfaces it speaks for: the one it was made on, and others of the same make.</param>
/// <param name="ProductId">The product.</param>
/// <param name="Strength">The strength tested.</param>
/// <param name="Passed">Whether towel and spot stayed as they were.</param>
/// <param name="At">When.</param>
public sealed record SpotTest(
    IReadOnlyList<SurfaceId> SurfaceIds,
    ProductId ProductId,
    Strength Strength,
    bool Passed,
    DateTimeOffset At
);

/// <summary>What a maker's instruction says, as the owner recorded it.</summary>
/// <param name="SurfaceId">The surface it is about; null for every surface.</param>
/// <param name="ProductId">The product it is about; null for every product.</param>
/// <param name="Allows">Whether it allows or forbids.</param>
/// <param name="Note">Where it stands and what it says.</param>
public sealed record MakerInstruction(SurfaceId? SurfaceId, ProductId? ProductId, bool Allows, string Note)
{
    /// <summary>The longest note, in characters.</summary>
    public const int LongestNote = 300;
}
