namespace Cove.Data.Rows;

/// <summary>A planned session, fixed when its run starts.</summary>
internal sealed class SessionRow : OwnedRow
{
    public Guid Id { get; set; }

    public Guid VehicleId { get; set; }

    public DateTimeOffset PlannedAt { get; set; }

    public int Minutes { get; set; }

    /// <summary>The steps as JSON.</summary>
    public required string Steps { get; set; }
}

internal sealed class RunRow : OwnedRow
{
    public Guid Id { get; set; }

    public Guid VehicleId { get; set; }

    public Guid SessionId { get; set; }

    public SessionRow? Session { get; set; }

    /// <summary>The key under which the start was asked for, so that asking again starts nothing new.</summary>
    public required string StartKey { get; set; }

    public DateTimeOffset StartedAt { get; set; }

    public DateTimeOffset? FinishedAt { get; set; }

    public List<RunEventRow> Events { get; } = [];
}

internal sealed class RunEventRow : OwnedRow
{
    public Guid RunId { get; set; }

    /// <summary>Place in the run, from 0.</summary>
    public int Sequence { get; set; }

    /// <summary>The key under which it was sent, so that sending it again adds nothing.</summary>
    public required string Key { get; set; }

    public RunEventKind Kind { get; set; }

    public int Step { get; set; }

    public DateTimeOffset At { get; set; }

    /// <summary>The towel it is about; null unless it is about a towel.</summary>
    public TowelRole? Towel { get; set; }

    public RunEvent ToEvent() => new(Known(Kind), Step, At, Towel is { } towel ? Known(towel) : null);

    private TChoice Known<TChoice>(TChoice choice)
        where TChoice : struct, Enum => KnownWord.Check(choice, "RunEvents", $"{RunId}, {Sequence}");
}
