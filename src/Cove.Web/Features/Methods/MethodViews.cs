namespace Cove.Web.Features.Methods;

/// <summary>A method written out on a ground.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Summary">What one does, in a few words.</param>
/// <param name="Steps">The steps.</param>
/// <param name="Good">What it looks like when it is good.</param>
/// <param name="Ladder">What to do when it is not, mildest first.</param>
/// <param name="Cautions">What to beware of and what to wear.</param>
internal sealed record MethodView(
    string Id,
    string Name,
    string Summary,
    IReadOnlyList<MethodStepView> Steps,
    string Good,
    IReadOnlyList<string> Ladder,
    IReadOnlyList<string> Cautions
)
{
    public static MethodView Of(Method method, Ground ground) =>
        new(
            method.Id.Value,
            method.Name,
            method.Summary,
            [.. method.Steps.Select(step => MethodStepView.Of(step, ground))],
            method.Good,
            method.Ladder,
            [.. method.Cautions, .. method.Gear.Select(SafetyWords.NameOf)]
        );
}

/// <summary>One step of a method.</summary>
/// <param name="Aim">What it is for.</param>
/// <param name="Text">What to do.</param>
/// <param name="Stroke">How the hand moves.</param>
/// <param name="StrokeName">The same in words.</param>
/// <param name="Ground">What it is drawn on.</param>
/// <param name="Pressure">How hard the hand presses, in words; empty where nothing is rubbed.</param>
/// <param name="Passes">How often the hand goes over each place.</param>
/// <param name="Zones">Into how many zones, one above the other, the surface is divided.</param>
/// <param name="Tool">What the hand works with; null for the bare hand.</param>
/// <param name="WaitKind">What is timed; null for nothing.</param>
/// <param name="WaitSeconds">How long; 0 for nothing.</param>
/// <param name="WipeOff">How what was put on comes off; null when nothing has to.</param>
/// <param name="DriesHow">How it dries; null when nothing is left wet.</param>
/// <param name="NotBefore">What may not happen until it is dry.</param>
/// <param name="Towel">The role of the towel it loads; null for none.</param>
/// <param name="TowelName">The same in words.</param>
internal sealed record MethodStepView(
    string Aim,
    string Text,
    Stroke Stroke,
    string StrokeName,
    Ground Ground,
    string Pressure,
    int Passes,
    int Zones,
    string? Tool,
    WaitKind? WaitKind,
    int WaitSeconds,
    string? WipeOff,
    string? DriesHow,
    string? NotBefore,
    TowelRole? Towel,
    string? TowelName
)
{
    public static MethodStepView Of(MethodStep step, Ground ground)
    {
        MethodStep here = step.On(ground);
        return new MethodStepView(
            here.Aim,
            here.Text,
            here.Stroke,
            MethodWords.NameOf(here.Stroke),
            ground,
            here.Stroke == Stroke.Still ? string.Empty : MethodWords.NameOf(here.Pressure),
            here.Passes,
            here.Zones,
            here.Tool is { } tool ? ToolWords.NameOf(tool) : null,
            here.Wait?.Kind,
            (int)(here.Wait?.Length.TotalSeconds ?? 0),
            here.WipeOff,
            here.Drying?.How,
            here.Drying?.NotBefore,
            here.Towel?.Role,
            here.Towel is { } towel ? ToolWords.NameOf(towel.Role) : null
        );
    }
}

/// <summary>How the tasks of a car are done.</summary>
/// <param name="Tasks">The tasks.</param>
/// <param name="Chores">Getting ready and setting back.</param>
internal sealed record MethodListView(
    IReadOnlyList<TechniqueTaskView> Tasks,
    IReadOnlyList<TechniqueTaskView> Chores
);

/// <summary>A task with the names of the methods chosen for it now.</summary>
/// <param name="TaskId">The care task, or the chore.</param>
/// <param name="Name">What to do.</param>
/// <param name="Methods">The methods chosen, by name.</param>
/// <param name="Minutes">What it takes now.</param>
internal sealed record TechniqueTaskView(
    string TaskId,
    string Name,
    IReadOnlyList<string> Methods,
    double Minutes
);

/// <summary>Everything there is to read about doing a task on a car.</summary>
/// <param name="TaskId">The care task, or the chore.</param>
/// <param name="Name">What to do.</param>
/// <param name="Minutes">What it takes now.</param>
/// <param name="DryingMinutes">How long what it leaves wet takes to dry; 0 for nothing.</param>
/// <param name="Groups">The surfaces it tends, together where the same methods are for them.</param>
internal sealed record TechniqueView(
    string TaskId,
    string Name,
    double Minutes,
    double DryingMinutes,
    IReadOnlyList<TechniqueGroupView> Groups
);

/// <summary>Surfaces for which the same methods are.</summary>
/// <param name="Surfaces">The surfaces together, in words; empty for a chore.</param>
/// <param name="ChosenId">The method chosen now.</param>
/// <param name="Methods">The methods there are, the chosen one first.</param>
internal sealed record TechniqueGroupView(
    string Surfaces,
    string ChosenId,
    IReadOnlyList<TechniqueMethodView> Methods
);

/// <summary>A method as a way of doing a task.</summary>
/// <param name="Method">The method.</param>
/// <param name="FixedMinutes">Minutes whatever the size.</param>
/// <param name="LightMinutes">Minutes for each square metre of light soil.</param>
/// <param name="HeavyMinutes">Minutes for each square metre of heavy soil.</param>
internal sealed record TechniqueMethodView(
    MethodView Method,
    double FixedMinutes,
    double LightMinutes,
    double HeavyMinutes
)
{
    public static TechniqueMethodView Of(CareTask task, Method method, Ground ground)
    {
        MethodEffort effort = MethodEffort.Of(task, method);
        return new TechniqueMethodView(
            MethodView.Of(method, ground),
            effort.Fixed.TotalMinutes,
            effort.LightPerSquareMetre.TotalMinutes,
            effort.HeavyPerSquareMetre.TotalMinutes
        );
    }
}
