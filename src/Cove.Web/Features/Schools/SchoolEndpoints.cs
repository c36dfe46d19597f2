using System.ComponentModel.DataAnnotations;

namespace Cove.Web.Features.Schools;

/// <summary>The owner's choices between sound ways of working.</summary>
internal static class SchoolEndpoints
{
    public static void MapSchools(this RouteGroupBuilder api)
    {
        api.MapGet("/schools", Get)
            .WithName("GetSchools")
            .WithSummary("The questions on which sound practice differs, with what the owner has chosen.")
            .Produces<SchoolsView>();
        api.MapPut("/schools/{schoolId}", Choose)
            .WithName("ChooseSchool")
            .WithSummary(
                "Chooses. Methods, products and order change everywhere at once. Needs the version of the choices in an If-Match header."
            )
            .Produces<SchoolsView>()
            .ProducesValidationProblem()
            .ProducesProblem(StatusCodes.Status404NotFound)
            .ProducesProblem(StatusCodes.Status412PreconditionFailed)
            .ProducesProblem(StatusCodes.Status428PreconditionRequired);
    }

    private static async Task<IResult> Get(ShelfStore shelves, CancellationToken cancel) =>
        Results.Ok(SchoolsView.Of(await shelves.Load(cancel)));

    private static async Task<IResult> Choose(
        string schoolId,
        SchoolRequest request,
        HttpRequest http,
        ShelfStore shelves,
        CancellationToken cancel
    )
    {
        if (http.IfMatch() is not { } version)
        {
            return Problems.MissingVersion();
        }

        if (SchoolTable.Find(schoolId) is not { } school)
        {
            return Problems.NotFound("There is no such question. Reload the page.");
        }

        if (school.Find(request.Choice) is not { } choice)
        {
            return Problems.Field(
                "choice",
                $"Choose one of: {string.Join(", ", school.Choices.Select(one => one.Id))}."
            );
        }

        SavedShelf saved = await shelves.Load(cancel);
        KitDocument kit = KitDocument.Of(saved.Shelf).With(school.With(saved.Shelf.Ways, choice));
        return (await shelves.ChangeKit(version, kit, cancel)).Outcome == ChangeOutcome.Made
            ? Results.Ok(SchoolsView.Of(await shelves.Load(cancel)))
            : Problems.Stale();
    }
}

/// <summary>Every question, with what was chosen.</summary>
/// <param name="Version">Names the state of the choices; send it in If-Match with a change.</param>
/// <param name="Schools">The questions.</param>
internal sealed record SchoolsView(int Version, IReadOnlyList<SchoolView> Schools)
{
    public static SchoolsView Of(SavedShelf saved) =>
        new(saved.KitVersion, [.. SchoolTable.All.Select(school => SchoolView.Of(school, saved.Shelf.Ways))]);
}

/// <summary>One question.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Question">The question.</param>
/// <param name="Chosen">The id of what was chosen.</param>
/// <param name="Default">The id of Cove's own choice.</param>
/// <param name="WhyDefault">Why Cove starts from it.</param>
/// <param name="Changes">What the answer changes.</param>
/// <param name="Choices">The choices.</param>
internal sealed record SchoolView(
    string Id,
    string Question,
    string Chosen,
    string Default,
    string WhyDefault,
    string Changes,
    IReadOnlyList<SchoolChoiceView> Choices
)
{
    public static SchoolView Of(School school, WaysOfWorking ways) =>
        new(
            school.Id,
            school.Question,
            school.In(ways).Id,
            school.Choices[0].Id,
            school.WhyDefault,
            school.Changes,
            [
                .. school.Choices.Select(choice => new SchoolChoiceView(
                    choice.Id,
                    choice.Name,
                    choice.Means,
                    choice.Reason
                )),
            ]
        );
}

/// <summary>One choice.</summary>
/// <param name="Id">Its id within the question.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Means">What one then does.</param>
/// <param name="Reason">What speaks for it.</param>
internal sealed record SchoolChoiceView(string Id, string Name, string Means, string Reason);

/// <summary>What an owner chooses.</summary>
public sealed record SchoolRequest
{
    /// <summary>The id of a choice of the question.</summary>
    [StringLength(40, MinimumLength = 1, ErrorMessage = "Choose one of the choices of this question.")]
    public required string Choice { get; init; }
}
