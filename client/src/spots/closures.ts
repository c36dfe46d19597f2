import type { Closure } from "../api/client";

/** Closed places that one thing closed at one time, together: they are read and opened as one. */
export function groupsOf(closures: readonly Closure[]): Closure[][] {
  const groups = new Map<string, Closure[]>();
  for (const closure of closures) {
    const key = closure.kind ? `${closure.kind} ${closure.since}` : closure.surfaceId;
    groups.set(key, [...(groups.get(key) ?? []), closure]);
  }
  return [...groups.values()];
}

/** What a group closes, in words. */
export function placesOf(group: readonly Closure[]): string {
  return group.some((closure) => closure.wholeCar)
    ? "The whole car"
    : group.map((closure) => closure.surfaceName).join(", ");
}

/** What lies around a group and is closed with it; empty where that is nothing, or everything. */
export function aroundOf(group: readonly Closure[]): string[] {
  return group.some((closure) => closure.wholeCar)
    ? []
    : [...new Set(group.flatMap((closure) => closure.around))].filter(
        (name) => !group.some((closure) => closure.surfaceName === name),
      );
}
