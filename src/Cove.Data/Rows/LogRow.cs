namespace Cove.Data.Rows;

/// <summary>One entry of the log. Undone entries stay, so that undoing can be undone. What the columns mean for each kind says <see cref="LogRows"/>.</summary>
internal sealed class LogRow : OwnedRow
{
    public Guid Id { get; set; }

    public Guid VehicleId { get; set; }

    public Guid? RunId { get; set; }

    public LogEntryKind Kind { get; set; }

    /// <summary>Id of the care task, the event, the inspection, the product tested, the test or the chore, by kind.</summary>
    public string Subject { get; set; } = string.Empty;

    /// <summary>Ids of the surfaces a task was done on, an event touched or a look was at, one a line; empty for all that the task tends.</summary>
    public string SurfaceIds { get; set; } = string.Empty;

    /// <summary>Id of the result of an inspection or a test; empty for other kinds.</summary>
    public string Result { get; set; } = string.Empty;

    public DateTimeOffset At { get; set; }

    public int PlannedSeconds { get; set; }

    public int TakenSeconds { get; set; }

    /// <summary>The pace of the owner that it was planned with, beside that of the table; 1 before paces were learnt.</summary>
    public double Pace { get; set; } = 1;

    /// <summary>What was left on the surfaces beside a plain coat, as the number of a <see cref="CoatTraits"/>.</summary>
    public int Coat { get; set; }

    /// <summary>What was done in a deep clean, as the number of <see cref="DeepCleanParts"/>.</summary>
    public int Parts { get; set; }

    /// <summary>What it cost; null when that is not known.</summary>
    public decimal? Cost { get; set; }

    /// <summary>The share of the level that was removed.</summary>
    public double Removed { get; set; }

    public string Note { get; set; } = string.Empty;

    /// <summary>The products that were used or tested.</summary>
    public List<ProductUseRow> Products { get; } = [];

    /// <summary>How it was done, as JSON; empty when that is not known.</summary>
    public string MethodsJson { get; set; } = string.Empty;

    /// <summary>When the owner answered what there was to ask after it; null while nothing was answered.</summary>
    public DateTimeOffset? SettledAt { get; set; }

    public DateTimeOffset? UndoneAt { get; set; }

    /// <summary>Counts the changes of this row; a change that names an older number has lost the race.</summary>
    public int Version { get; set; }
}
