using System.Globalization;
using System.Security.Cryptography;
using System.Text;
using Cove.Core.Cars;
using Cove.Core.Schools;
using Cove.Core.Sessions.Planning;
using Cove.Core.Sessions.Runs;

namespace Cove.Core.Sessions;

/// <summary>A session as it would be started: its plan, what it is done with, and the steps that a run would keep.</summary>
/// <param name="Plan">What is done, and in which order.</param>
/// <param name="Fold">How the owner folds towels.</param>
public sealed record PlannedSession(SessionPlan Plan, FoldSchool Fold)
{
    /// <summary>What its tasks are done with.</summary>
    public IReadOnlyList<TaskChoices> Choices => Plan.Choices;

    /// <summary>The length of a <see cref="Tag"/>, in characters.</summary>
    public const int TagLength = 16;

    /// <summary>The steps; none when nothing is worth doing in these minutes.</summary>
    public IReadOnlyList<RunStep> Steps { get; } = Plan.Tasks.Count == 0 ? [] : RunStep.Of(Plan, Fold);

    /// <summary>Names what would be done: two sessions with the same tag have the same work in the same order, with the same methods, products and minutes. Whoever starts a session says by it which one was on the screen.</summary>
    public string Tag => field ??= TagOf(Plan.Minutes, Steps);

    private static string TagOf(int minutes, IReadOnlyList<RunStep> steps)
    {
        var text = new StringBuilder().Append(CultureInfo.InvariantCulture, $"{minutes}\n");
        foreach (RunStep step in steps)
        {
            text.Append(
                CultureInfo.InvariantCulture,
                $"{step.TaskId} {step.PutsBack} {step.Planned.TotalSeconds:0} {string.Join(',', step.Fetch)}"
            );
            foreach (var method in step.Methods)
            {
                text.Append(
                    CultureInfo.InvariantCulture,
                    $" {method.MethodId}x{method.Rounds}:{string.Join(',', method.SurfaceIds)}"
                );
            }

            foreach (StepProduct product in step.Products)
            {
                text.Append(
                    CultureInfo.InvariantCulture,
                    $" {product.ProductId}@{product.Strength.Share:0.####} {product.Application} {product.Tool}"
                );
            }

            text.Append('\n');
        }

        return Convert.ToHexStringLower(SHA256.HashData(Encoding.UTF8.GetBytes(text.ToString())))[
            ..TagLength
        ];
    }
}
