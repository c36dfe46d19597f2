namespace Cove.Core.Upkeep.Tasks;

/// <summary>The kinds of work by which an owner may look at a cabin.</summary>
public enum WorkKind
{
    /// <summary>Dusting and vacuuming.</summary>
    Dry,

    /// <summary>Wiping and washing.</summary>
    Wet,

    /// <summary>Protecting.</summary>
    Protect,

    /// <summary>Glass.</summary>
    Glass,
}

/// <summary>Sorts tasks by kind of work.</summary>
public static class WorkKinds
{
    /// <summary>The kind of work that is done in a stage.</summary>
    public static WorkKind KindOfWork(this Stage stage) =>
        stage switch
        {
            Stage.Dust or Stage.VacuumHigh or Stage.VacuumFloor => WorkKind.Dry,
            Stage.Dress or Stage.Protect => WorkKind.Protect,
            Stage.Glass => WorkKind.Glass,
            _ => WorkKind.Wet,
        };
}
