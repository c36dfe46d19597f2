namespace Cove.Core.Tests.Advice;
public sealed class TmpStat
{
    [Fact]
    public void Stat()
    {
        var clock = new System.Diagnostics.Stopwatch();
        int bad = 0, n = 0, cells = 0, badCells = 0; double worst = 0; var tasks = new Dictionary<string,int>();
        var times = new List<double>();
        foreach (AnyHousehold h in AnyHousehold.All.Sample(250, 50))
        {
            _ = h.Day.Ready;
 clock.Restart();
            SessionOffer offer = h.Day.Offer;

            times.Add(clock.Elapsed.TotalMilliseconds);
            n++;
            for (int m = 6; m <= 120; m++)
            {
                double a = NothingToAddTests.Worth(offer.At(m - 1), h), b = NothingToAddTests.Worth(offer.At(m), h);
                if (b < a * 0.999) { System.IO.File.AppendAllText("/tmp/stat.txt", $"FALL {m} {a:0}>{b:0} gain {offer.At(m-1).Gain.Value:0.0000} {offer.At(m).Gain.Value:0.0000} [{string.Join(",", offer.At(m-1).Works.Select(t => t.Status.Item.Task.Id + ":" + t.Status.Surfaces.Count+"+"+t.Along.Count))}] [{string.Join(",", offer.At(m).Works.Select(t => t.Status.Item.Task.Id+ ":" + t.Status.Surfaces.Count+"+"+t.Along.Count))}]\n"); break; }
            }
            bool any = false;
            int[] lengths = [5 + (h.Seed % 10), 10 + (h.Seed % 13), 15 + (h.Seed % 46)];
            foreach (CareStatus status in offer.WorthDoing)
            {
                TaskId task = status.Item.Task.Id;
                SessionPlanner asked = h.Day.Planned(SessionRequest.None.With(task));
                foreach (int minutes in lengths.Where(m => !offer.At(m).Has(task)))
                {
                    SessionPlan added = asked.Plan(minutes);
                    cells++;
                    double g = NothingToAddTests.Worth(added, h), w = NothingToAddTests.Worth(offer.At(minutes), h);
                    bool vac = minutes < 10 || added.Has("vacuum-seats") || added.Has("vacuum-carpets") || !(offer.At(minutes).Has("vacuum-seats") || offer.At(minutes).Has("vacuum-carpets"));
                    if (vac && added.Order.Length <= TimeSpan.FromMinutes(minutes) && g > w * 1.0001)
                    {
                        any = true; badCells++; worst = Math.Max(worst, g / w);
                        tasks[task.Value] = tasks.GetValueOrDefault(task.Value) + 1;
                        System.IO.File.AppendAllText("/tmp/stat.txt", $"{h.Seed} {minutes} {task} {g:0}/{w:0} seats={h.Ledger.Vehicle.Layout.ChildSeats} {h.Place.Standing} base=[{string.Join(",", offer.At(minutes).Tasks.Select(t => t.Item.Task.Id))}] added=[{string.Join(",", added.Tasks.Select(t => t.Item.Task.Id))}]\n");
                        if (g > w * 1.04) System.IO.File.AppendAllText("/tmp/stat.txt", $"   base {offer.At(minutes).Order.Length} {string.Join(" ; ", offer.At(minutes).Order.Steps.Select(s => offer.At(minutes).Jobs[s.Job].TaskId + " " + s.Begin.TotalMinutes.ToString("0.0") + "-" + s.End.TotalMinutes.ToString("0.0")))} later {offer.At(minutes).Later.Count}\n   added {added.Order.Length} {string.Join(" ; ", added.Order.Steps.Select(s => added.Jobs[s.Job].TaskId + " " + s.Begin.TotalMinutes.ToString("0.0") + "-" + s.End.TotalMinutes.ToString("0.0")))} later {added.Later.Count}\n  curve {string.Join(" ", Enumerable.Range(minutes, 10).Select(m => m < 121 ? NothingToAddTests.Worth(offer.At(m), h).ToString("0") : ""))} ready {string.Join(",", h.Day.Ready.All.Select(r => r.Status.Item.Task.Id + ":" + string.Join("/", r.Links.Select(l => l.HalfMinutes))))}\n");
                    }
                }
            }
            if (any) bad++;
        }
        times.Sort();
        System.IO.File.AppendAllText("/tmp/stat.txt", $"households {n} bad {bad} cells {cells} bad {badCells} worst {worst:0.000} offer ms mean {times.Average():0.0} p50 {times[times.Count/2]:0.0} p95 {times[times.Count*95/100]:0.0}\n");
    }
}
