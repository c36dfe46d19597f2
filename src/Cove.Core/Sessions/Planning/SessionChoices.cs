namespace Cove.Core.Sessions.Planning;

/// <summary>Finds what to do for every length of session, by the clock of the session itself.</summary>
/// <remarks>
/// Lengths are gone through from the shortest up, so that the answer for one is the same whichever was asked for first,
/// and what was tried for one length is kept for the others. A longer session is never worth less; only where it becomes
/// long enough for what custom asks for may that take the place of something worth more.
/// </remarks>
/// <param name="candidates">What is chosen from.</param>
/// <param name="orders">Brings a choice into order.</param>
/// <param name="seatsComeBack">Whether child seats have to be back by the end, so that choices are sought that leave nothing wet beneath them.</param>
/// <param name="before">What of the minutes is gone before the session begins.</param>
internal sealed class SessionChoices(
    SessionCandidates candidates,
    SessionOrders orders,
    bool seatsComeBack,
    TimeSpan before
)
{
    private const int HalfMinutesAMinute = 2;
    private const int LongestHalfMinutes = SessionRules.LongestMinutes * HalfMinutesAMinute;

    /// <summary>By how many half minutes triage may reckon a choice too long: what is chosen only for the sake of something else can turn out to be needed on fewer surfaces.</summary>
    private const int Ahead = 6;

    private readonly SessionExchange exchange = new(candidates);
    private readonly HashSet<IReadOnlyList<int>> considered = new(ReferenceEqualityComparer.Instance);
    private readonly HashSet<string> tried = [];
    private readonly PriorityQueue<SessionChoice, TimeSpan> waiting = new();
    private readonly List<SessionChoice?> found = [];
    private IReadOnlyList<TriageCurve>? curves;
    private SessionChoice? best;
    private SessionChoice? bestWithAsked;
    private SessionChoice? shortestOfAllKept;

    /// <summary>What to do in a number of minutes; null when nothing worth doing fits. What is kept in is done even where it takes longer than there is time.</summary>
    public SessionChoice? For(int minutes)
    {
        while (found.Count <= minutes - SessionRules.ShortestMinutes)
        {
            found.Add(Next(SessionRules.ShortestMinutes + found.Count));
        }

        SessionChoice? choice = found[minutes - SessionRules.ShortestMinutes];
        SessionChoice? kept = Kept();
        return kept is not null && (choice is null || choice.KeptIn < kept.KeptIn) ? kept : choice;
    }

    private IReadOnlyList<TriageCurve> Curves =>
        curves ??= [
            candidates.Solve(LongestHalfMinutes, _ => false, comesBack: true, walking: 0),
            candidates.Solve(LongestHalfMinutes, _ => false, comesBack: true, walking: 1),
            seatsComeBack
                ? candidates.Solve(
                    LongestHalfMinutes,
                    candidates.KeepsChildSeatsOut,
                    comesBack: true,
                    walking: 0
                )
                : candidates.Solve(LongestHalfMinutes, _ => false, comesBack: false, walking: 0),
        ];

    /// <summary>The shortest session with all that is kept in, or as much of it as two hours hold; null when nothing is.</summary>
    private SessionChoice? Kept()
    {
        if (shortestOfAllKept is null && candidates.KeepsAny)
        {
            // An order may have to drop what triage chose; another curve, or another order, need not.
            shortestOfAllKept = Curves
                .SelectMany(ShortestKept)
                .Where(choice => choice.KeptIn > 0)
                .Aggregate(
                    (SessionChoice?)null,
                    (most, choice) =>
                        most is null
                        || (choice.KeptIn, most.Order.Order.Length).CompareTo(
                            (most.KeptIn, choice.Order.Order.Length)
                        ) > 0
                            ? choice
                            : most
                );
        }

        return shortestOfAllKept;
    }

    /// <summary>The shortest selection of a curve with all that is kept in, in every order.</summary>
    private IEnumerable<SessionChoice> ShortestKept(TriageCurve curve)
    {
        int budget = LongestHalfMinutes;
        int most = candidates.KeptIn(curve.SelectionAt(budget));
        while (budget > 0 && candidates.KeptIn(curve.SelectionAt(budget - 1)) == most)
        {
            budget--;
        }

        IReadOnlyList<int> selection = curve.SelectionAt(budget);
        return most == 0 ? [] : orders.Of(selection).Select(order => Choice(selection, order));
    }

    private SessionChoice? Next(int minutes)
    {
        TimeSpan limit = TimeSpan.FromMinutes(minutes) - before;
        for (
            int budget = found.Count > 0 ? ((minutes - 1) * HalfMinutesAMinute) + Ahead + 1 : 1;
            budget <= Math.Min(LongestHalfMinutes, (minutes * HalfMinutesAMinute) + Ahead);
            budget++
        )
        {
            foreach (TriageCurve curve in Curves)
            {
                Try(curve.SelectionAt(budget), limit);
            }
        }

        // What is worth most may wait or walk too long; one task by itself, as far as it fits, is always something to begin with.
        foreach (int[] alone in candidates.Alone)
        {
            if (candidates.Costs.LeastFor(alone) <= limit)
            {
                Try(alone, limit);
            }
        }

        TakeIn(limit);
        for (SessionChoice? known = null; known != BestIn(minutes); )
        {
            known = BestIn(minutes)!;
            foreach (IReadOnlyList<int> other in exchange.Around(known, limit))
            {
                // What was worth too little once is never worth enough later, unless custom begins to ask for it.
                if (
                    (considered.Add(other) || minutes == SessionCustoms.FromMinutes)
                    && candidates.PullOf(other) > known.Pull
                )
                {
                    Try(other, limit);
                }
            }

            TakeIn(limit);
        }

        return BestIn(minutes);
    }

    private SessionChoice? BestIn(int minutes) =>
        minutes >= SessionCustoms.FromMinutes && bestWithAsked?.KeptIn >= best?.KeptIn ? bestWithAsked : best;

    /// <summary>Looks at what was tried and fits by now.</summary>
    private void TakeIn(TimeSpan limit)
    {
        while (waiting.TryPeek(out SessionChoice? next, out TimeSpan length) && length <= limit)
        {
            waiting.Dequeue();
            best = next.BetterOf(best);
            bestWithAsked = next.HasAsked ? next.BetterOf(bestWithAsked) : bestWithAsked;
        }
    }

    private void Try(IReadOnlyList<int> selection, TimeSpan limit)
    {
        if (selection.Count == 0 || !tried.Add(string.Join(',', selection)))
        {
            return;
        }

        int keeps = candidates.KeptIn(selection);
        TimeSpan? shortest = null;
        int most = -1;
        // The better orders of a choice stand first; a later one is only worth having where it fits and they do not, or
        // where they drop what the owner keeps in.
        foreach (PlannedOrder order in orders.Of(selection))
        {
            SessionChoice choice = Choice(selection, order);
            if (shortest is null || order.Order.Length < shortest || choice.KeptIn > most)
            {
                shortest =
                    order.Order.Length < shortest ? order.Order.Length : shortest ?? order.Order.Length;
                most = Math.Max(most, choice.KeptIn);
                waiting.Enqueue(choice, order.Order.Length);
            }

            if (shortest <= limit && most >= keeps)
            {
                return;
            }
        }
    }

    private SessionChoice Choice(IReadOnlyList<int> selection, PlannedOrder order)
    {
        int[] done = order.Dropped.Count == 0 ? [.. selection] : candidates.Without(order.Dropped, selection);
        IReadOnlyList<int> carriedOut = candidates.CarriedOut(done, order.Works);
        return new SessionChoice(
            selection,
            order,
            candidates.KeptIn(done),
            carriedOut.Any(candidates.Asked.Contains),
            candidates.PullOf(carriedOut),
            candidates.WorthOf(carriedOut)
        );
    }
}

/// <summary>A choice in order.</summary>
/// <param name="Selection">The candidates chosen.</param>
/// <param name="Order">What they come to.</param>
/// <param name="KeptIn">How many tasks it does that the owner keeps in.</param>
/// <param name="HasAsked">Whether it does what custom asks for.</param>
/// <param name="Pull">How strongly it asks to be chosen; see <see cref="SessionCandidates.PullOf"/>.</param>
/// <param name="Worth">What it is worth, in points.</param>
internal sealed record SessionChoice(
    IReadOnlyList<int> Selection,
    PlannedOrder Order,
    int KeptIn,
    bool HasAsked,
    double Pull,
    double Worth
)
{
    /// <summary>That of two which does more, where both fit; of two that are worth the same the shorter one.</summary>
    public SessionChoice BetterOf(SessionChoice? other) =>
        other is null
        || (KeptIn, Pull, other.Order.Order.Length).CompareTo((other.KeptIn, other.Pull, Order.Order.Length))
            > 0
            ? this
            : other;
}
