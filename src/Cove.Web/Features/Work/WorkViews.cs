using System.ComponentModel.DataAnnotations;

namespace Cove.Web.Features.Work;

/// <summary>What can be said of work that was done without a run.</summary>
/// <param name="Today">The owner's day.</param>
/// <param name="Tasks">The tasks of the car.</param>
/// <param name="Products">The products on the shelf.</param>
internal sealed record WorkChoicesView(
    DateOnly Today,
    IReadOnlyList<WorkTaskView> Tasks,
    IReadOnlyList<WorkProductView> Products
)
{
    public static WorkChoicesView Of(DayPlan day, OwnerClock clock) =>
        new(
            clock.Today,
            [
                .. day.Statuses.Select(status => new WorkTaskView(
                    status.Item.Task.Id.Value,
                    status.Item.Task.Name,
                    day.Methods.Of(status).Hands.TotalMinutes,
                    [
                        .. status.Surfaces.Select(surface => new WorkSurfaceView(
                            surface.Surface.Id.Value,
                            surface.Surface.Name
                        )),
                    ]
                )),
            ],
            [.. day.Car.Shelf.Products.Select(product => new WorkProductView(product.Id, product.Name))]
        );
}

/// <summary>A task of the car.</summary>
/// <param name="TaskId">The care task.</param>
/// <param name="Name">What to do.</param>
/// <param name="Minutes">What all of it usually takes in hands.</param>
/// <param name="Surfaces">The surfaces it tends.</param>
internal sealed record WorkTaskView(
    string TaskId,
    string Name,
    double Minutes,
    IReadOnlyList<WorkSurfaceView> Surfaces
);

/// <summary>A surface that a task tends.</summary>
/// <param name="Id">The surface.</param>
/// <param name="Name">Its name.</param>
internal sealed record WorkSurfaceView(string Id, string Name);

/// <summary>A product on the shelf.</summary>
/// <param name="Id">The product.</param>
/// <param name="Name">Its name.</param>
internal sealed record WorkProductView(Guid Id, string Name);

/// <summary>The entries that were made.</summary>
/// <param name="EntryIds">Their ids, in the order of the tasks.</param>
internal sealed record WorkRecorded(IReadOnlyList<Guid> EntryIds);

/// <summary>Work that was done without a run.</summary>
public sealed record NewWork
{
    /// <summary>Ids of the care tasks; 1 to 60.</summary>
    [MinLength(1, ErrorMessage = "Say what was done.")]
    [MaxLength(60, ErrorMessage = "Name up to 60 tasks.")]
    public required string[] Tasks { get; init; }

    /// <summary>Ids of the only surfaces they were done on; wherever each task applies when left out.</summary>
    [MaxLength(200, ErrorMessage = "Name up to 200 surfaces.")]
    public string[]? Surfaces { get; init; }

    /// <summary>The day on which it was done, on the owner's calendar and not in the future; null for now.</summary>
    public DateOnly? Day { get; init; }

    /// <summary>Whether it came clean.</summary>
    public bool CameClean { get; init; } = true;

    /// <summary>The minutes it took, all together; 0 when that is not known.</summary>
    [Range(0.0, 1440.0, ErrorMessage = "Say 0 to 1,440 minutes.")]
    public double Minutes { get; init; }

    /// <summary>Whether a professional did it.</summary>
    public bool ByProfessional { get; init; }

    /// <summary>The product of the shelf it was done with; null for another one, or none.</summary>
    public Guid? ProductId { get; init; }

    /// <summary>A note; up to 400 characters.</summary>
    [Note(400, Lines = true)]
    public string Note { get; init; } = string.Empty;

    /// <summary>Whether it is meant to count beside an entry of the same task and day.</summary>
    public bool AnotherTime { get; init; }

    internal WorkWithoutRun ToWork(DateTimeOffset at) =>
        new()
        {
            TaskIds = [.. Tasks.Select(id => new TaskId(id))],
            SurfaceIds = [.. (Surfaces ?? []).Select(id => new SurfaceId(id))],
            At = at,
            CameClean = CameClean,
            Taken = TimeSpan.FromMinutes(Minutes),
            ByProfessional = ByProfessional,
            ProductId = ProductId is { } product ? new ProductId(product) : (ProductId?)null,
            Note = Note.Trim(),
        };
}
