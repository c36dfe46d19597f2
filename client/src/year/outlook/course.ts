import type { OutlookLane } from "../../api/client";

/** The level of one task, or of the worst of several, on each day: before and after what is done on it. */
export type Course = { before: number[]; after: number[] };

/** The course of one lane, day by day. Between two of its points the level goes straight. */
export function courseOf({ points }: OutlookLane, days: number): Course {
  const before: number[] = [];
  const after: number[] = [];
  let at = 0;
  for (let day = 0; day <= days; day++) {
    while (at + 1 < points.length && (points[at + 1]?.day ?? 0) <= day) {
      at++;
    }
    const last = points[at];
    if (!last) {
      break;
    }
    if (last.day === day) {
      const first = points.find((point) => point.day === day);
      before.push(first?.level ?? last.level);
      after.push(last.level);
    } else {
      const next = points[at + 1] ?? last;
      const share = next.day > last.day ? (day - last.day) / (next.day - last.day) : 0;
      const level = last.level + share * (next.level - last.level);
      before.push(level);
      after.push(level);
    }
  }
  return { before, after };
}

/** The worst of several courses. */
export function worstOf(courses: Course[]): Course {
  const worst = (side: keyof Course) =>
    (courses[0]?.[side] ?? []).map((_, day) =>
      Math.max(...courses.map((course) => course[side][day] ?? 0)),
    );
  return { before: worst("before"), after: worst("after") };
}
