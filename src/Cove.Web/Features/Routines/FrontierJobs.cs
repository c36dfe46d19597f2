namespace Cove.Web.Features.Routines;

/// <summary>Compares patterns of slots in the background: one comparison at a time for each car, and the last ones kept.</summary>
internal sealed class FrontierJobs(IHostApplicationLifetime life)
{
    /// <summary>A household looks at few cars at a time.</summary>
    private const int MostKept = 4;

    private readonly Lock turn = new();
    private readonly List<FrontierJob> jobs = [];

    /// <summary>The comparison of a car; null when there is none, or it was of another state.</summary>
    /// <param name="vehicleId">The car.</param>
    /// <param name="state">Names what it was made from.</param>
    public FrontierJob? Find(VehicleId vehicleId, string state)
    {
        lock (turn)
        {
            return jobs.FirstOrDefault(job => job.VehicleId == vehicleId && job.State == state);
        }
    }

    /// <summary>Begins a comparison. One of the same car that is under way is broken off.</summary>
    /// <param name="vehicleId">The car.</param>
    /// <param name="state">Names what it is made from.</param>
    /// <param name="frontier">The patterns.</param>
    /// <param name="own">What the owner's own routine comes to.</param>
    /// <param name="lately">What the owner does without a plan; null when too little is on record.</param>
    public FrontierJob Begin(
        VehicleId vehicleId,
        string state,
        Frontier frontier,
        RoutinePlan own,
        DoneLately? lately
    )
    {
        var job = new FrontierJob(vehicleId, state, frontier, own, lately, life.ApplicationStopping);
        lock (turn)
        {
            foreach (FrontierJob old in jobs.Where(old => old.VehicleId == vehicleId).ToArray())
            {
                old.Cancel();
                jobs.Remove(old);
            }

            jobs.Insert(0, job);
            foreach (FrontierJob old in jobs.Skip(MostKept).ToArray())
            {
                old.Cancel();
                jobs.Remove(old);
            }
        }

        job.Start();
        return job;
    }
}

/// <summary>One comparison. Its points appear as they are found.</summary>
internal sealed class FrontierJob(
    VehicleId vehicleId,
    string state,
    Frontier frontier,
    RoutinePlan own,
    DoneLately? lately,
    CancellationToken stopping
)
{
    private readonly CancellationTokenSource cancel = CancellationTokenSource.CreateLinkedTokenSource(
        stopping
    );
    private readonly Lock turn = new();
    private readonly List<FrontierPoint> points = [];

    public VehicleId VehicleId => vehicleId;

    public string State => state;

    public RoutinePlan Own => own;

    public DoneLately? Lately => lately;

    /// <summary>How many points there will be.</summary>
    public int Total => frontier.Count;

    /// <summary>Whether points are still to come.</summary>
    public bool IsRunning { get; private set; } = true;

    /// <summary>The points found so far, those with fewer minutes first.</summary>
    public IReadOnlyList<FrontierPoint> Points
    {
        get
        {
            lock (turn)
            {
                return [.. points];
            }
        }
    }

    /// <summary>Breaks it off; what was found stays.</summary>
    public void Cancel() => cancel.Cancel();

    public void Start() => _ = Task.Run(Work, CancellationToken.None);

    private void Work()
    {
        try
        {
            foreach (FrontierPoint point in frontier.Points())
            {
                lock (turn)
                {
                    points.Add(point);
                }

                if (cancel.IsCancellationRequested)
                {
                    return;
                }
            }
        }
        finally
        {
            IsRunning = false;
        }
    }
}
