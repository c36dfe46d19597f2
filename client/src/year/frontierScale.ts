import type { Frontier, FrontierPoint } from "../api/client";

/** By what being overdue is counted. */
export type Measure = "days" | "weighted";

/** How much a point is overdue, by the measure. */
export function overdueOf(
  point: { overdueDays: number; weightedOverdue: number | null },
  measure: Measure,
): number {
  return measure === "days" ? point.overdueDays : (point.weightedOverdue ?? point.overdueDays);
}

/** The points that no other betters with as few minutes, from few minutes to many. */
export function coastOf(points: FrontierPoint[], measure: Measure): FrontierPoint[] {
  const coast: FrontierPoint[] = [];
  for (const point of [...points].sort(
    (a, b) => a.minutesAWeek - b.minutesAWeek || overdueOf(a, measure) - overdueOf(b, measure),
  )) {
    const last = coast.at(-1);
    if (!last || overdueOf(point, measure) < overdueOf(last, measure)) {
      coast.push(point);
    }
  }
  return coast;
}

/** What carries a name, the fewest minutes first; two names on one point are one. */
export function namesOf(frontier: Frontier): { name: string; point: FrontierPoint }[] {
  const said: { name: string; point: FrontierPoint }[] = [];
  for (const { name, point: at } of frontier.named) {
    const point = frontier.points[at];
    if (!point || (name === "matters" && isBoth(frontier, at))) {
      continue;
    }
    said.push({ name: NAMES[name] ?? name, point });
  }
  return said.sort((a, b) => a.point.minutesAWeek - b.point.minutesAWeek);
}

/** The same pattern may be the least for what matters and the least for all. */
function isBoth(frontier: Frontier, at: number): boolean {
  return frontier.named.some((other) => other.name === "everything" && other.point === at);
}

const NAMES: Record<string, string> = {
  matters: "Sight, grip, hygiene",
  value: "Best value",
  everything: "All kept up",
};
