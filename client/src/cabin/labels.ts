import type { Cabin, SurfaceOnChart } from "../api/client";
import type { PlanShape } from "../shared/CabinDrawing";
import { bandDepth, step } from "../shared/chart";
import { days } from "../shared/format";

export type Inside = {
  surface: SurfaceOnChart;
  x: number;
  y: number;
  name: string | null;
  strip: boolean;
  turned: boolean;
};
export type Leader = {
  surface: SurfaceOnChart;
  head: string;
  note: string;
  x: number;
  anchor: { x: number; y: number };
  width: number;
  top: boolean;
  /** 0 for the outer row of a margin, 1 for the one nearer to the car. */
  row: number;
};

const LETTER = 6.7;
const NOTE_LETTER = 6.5;
const GAP = 14;
const STEPS = 12;

function textWidth(text: string, letter = LETTER): number {
  return text.length * letter;
}

/** What the chart shows: the whole car, or one zone of it drawn larger. */
export type Frame = {
  x: number;
  y: number;
  width: number;
  height: number;
  /** Size of a letter beside that on the whole chart; letters stay as large on the screen when the plan grows. */
  unit: number;
  /** The zone shown; null for the whole car. */
  zone: string | null;
};

/** How much room a sounding needs inside its area. */
function fitsSounding(surface: SurfaceOnChart, shape: PlanShape, unit: number): boolean {
  const width = textWidth(days(surface.daysLeft), 7.5) + 8;
  const narrowest = shape.narrowest / unit;
  const { bounds } = shape;
  if (shape.layer === "overhead") {
    return false;
  }
  return narrowest >= Math.max(15, width) || (narrowest >= 14.5 && bounds.height > 90 * unit);
}

/** Whether a name stands wholly on the deepest band, where its ink can be read. */
function fitsName(surface: SurfaceOnChart, shape: PlanShape, unit: number): boolean {
  const { bounds, anchor, narrowest } = shape;
  if (surface.overMark || narrowest < 36 * unit || bounds.height < 60 * unit) {
    return false;
  }
  const bands = (step(surface.level) - 1) * bandDepth(narrowest);
  const half = Math.min(anchor.x - bounds.x, bounds.x + bounds.width - anchor.x) - bands - 2;
  return (textWidth(surface.shortName, 6.1) * unit) / 2 <= half;
}

/** Chooses what stands inside each area: the sounding, and the name where it fits. */
export function insideLabels(cabin: Cabin, { unit, zone }: Frame): Inside[] {
  const byId = shown(cabin, zone);
  return cabin.plan.shapes.flatMap((shape) => {
    const surface = byId.get(shape.surfaceId);
    const plated = surface?.overMark && shape.narrowest >= 9 * unit;
    if (!surface || (!fitsSounding(surface, shape, unit) && !plated)) {
      return [];
    }
    const name = fitsName(surface, shape, unit) ? surface.shortName : null;
    return [
      {
        surface,
        x: shape.anchor.x,
        y: shape.anchor.y + (name ? 10 * unit : 0),
        name,
        strip: shape.narrowest < 36 * unit,
        turned:
          shape.bounds.height > shape.bounds.width &&
          shape.narrowest < (textWidth(days(surface.daysLeft), 7.5) + 2) * unit,
      },
    ];
  });
}

/**
 * Names in the margins for areas too small to carry their own, with upright leaders that never slant.
 * What is over the mark or has something to tell is placed first; what finds no room is in the list.
 */
export function leaders(cabin: Cabin, frame: Frame): Leader[] {
  const { unit } = frame;
  const inside = insideLabels(cabin, frame);
  const named = new Set(inside.filter((label) => label.name).map((label) => label.surface.id));
  const byId = shown(cabin, frame.zone);
  const sounded = new Set(inside.map((label) => label.surface.id));
  const middle = frame.y + frame.height / 2;
  const wanted = cabin.plan.shapes
    .flatMap((shape) => {
      const surface = byId.get(shape.surfaceId);
      const unsaid = surface && !named.has(surface.id) && !isSide(shape, sounded.has(surface.id));
      return surface && (unsaid || surface.note !== "") ? [{ surface, shape }] : [];
    })
    .sort((a, b) => weight(b.surface, sounded) - weight(a.surface, sounded));

  const placed: Leader[] = [];
  for (const { surface, shape } of wanted) {
    const head = sounded.has(surface.id)
      ? surface.shortName
      : `${surface.shortName} ${days(surface.daysLeft)}`;
    const width =
      (textWidth(head) + (surface.note ? textWidth(surface.note, NOTE_LETTER) + 6 : 0)) * unit;
    const near = shape.anchor.y < middle;
    const far = surface.overMark || surface.note !== "" || frame.zone !== null ? [!near] : [];
    const spots = [near, ...far].flatMap((top) => [0, 1].map((row) => ({ top, row })));
    const ways = spots.flatMap(({ top, row }) => {
      const ends = leaderEnds(shape, top, unit);
      return ends.map((anchor) => ({
        top,
        row,
        anchor,
        crossing: crosses(anchor, top, surface.id, inside, unit),
      }));
    });
    for (const { top, row, anchor } of [
      ...ways.filter((way) => !way.crossing),
      ...ways.filter((way) => way.crossing),
    ]) {
      const x = room(placed, { top, row }, anchor.x, width, frame);
      if (x !== null) {
        placed.push({ surface, head, note: surface.note, x, anchor, width, top, row });
        break;
      }
    }
  }
  return placed;
}

/** Doors and side panes run along the hull with their soundings; nobody has to be told which is which. */
function isSide(shape: PlanShape, sounded: boolean): boolean {
  return sounded && shape.bounds.width > 4 * shape.bounds.height;
}

function weight(surface: SurfaceOnChart, sounded: Set<string>): number {
  return (surface.overMark ? 4 : 0) + (surface.note ? 2 : 0) + (sounded.has(surface.id) ? 0 : 3);
}

/** Where a leader may end on an area, the best place first: near the edge it comes from, clear of the sounding. */
function leaderEnds(shape: PlanShape, top: boolean, unit: number): { x: number; y: number }[] {
  const { bounds, anchor } = shape;
  const overhead = shape.layer === "overhead";
  const pieces = shape.outline.split("M").length - 1;
  if (bounds.height > 250 && !overhead && pieces === 1) {
    // Panes and dash bend: their ends lie on the side away from the bulge, where the anchor is.
    const right = anchor.x < bounds.x + bounds.width / 2;
    return [
      {
        x: right ? bounds.x + bounds.width - 14 : bounds.x + 16,
        y: top ? bounds.y + 26 : bounds.y + bounds.height - 26,
      },
    ];
  }
  if (overhead || pieces > 1 || bounds.height < 44 * unit) {
    return [anchor];
  }
  const y = top ? bounds.y + 9 * unit : bounds.y + bounds.height - 9 * unit;
  return [0, 0.25, -0.25, 0.38, -0.38].map((share) => ({ x: anchor.x + share * bounds.width, y }));
}

/** Whether a leader from a margin runs through the sounding of another area on its way. */
function crosses(
  end: { x: number; y: number },
  top: boolean,
  own: string,
  inside: Inside[],
  unit: number,
): boolean {
  return inside.some(
    (label) =>
      label.surface.id !== own &&
      Math.abs(label.x - end.x) < 11 * unit &&
      (top ? label.y < end.y : label.y > end.y),
  );
}

/**
 * Finds where a label may begin so that its leader drops from it, no other label is touched, and no leader
 * from the outer row runs through a label of the inner one.
 */
function room(
  placed: Leader[],
  { top, row }: { top: boolean; row: number },
  anchor: number,
  width: number,
  { x: frameX, width: frameWidth, unit }: Frame,
): number | null {
  const left = frameX + 20 * unit;
  const right = frameX + frameWidth - 20 * unit;
  const margin = placed.filter((label) => label.top === top);
  if (margin.some((label) => Math.abs(label.anchor.x - anchor) < 6 * unit)) {
    return null;
  }
  const covers = (from: number, wide: number, x: number) =>
    x > from - 5 * unit && x < from + wide + 5 * unit;
  const clear = (from: number) =>
    from >= left &&
    from + width <= right &&
    margin.every((label) =>
      label.row === row
        ? from > label.x + label.width + GAP * unit || from + width + GAP * unit < label.x
        : row === 0
          ? !covers(label.x, label.width, anchor)
          : !covers(from, width, label.anchor.x),
    );
  const starts = Array.from(
    { length: STEPS + 1 },
    (_, index) => anchor - 8 * unit - (index / STEPS) * (width - 16 * unit),
  );
  return starts.find(clear) ?? null;
}

/** The surfaces that are labelled: those of the zone shown. */
function shown(cabin: Cabin, zone: string | null): Map<string, SurfaceOnChart> {
  return new Map(
    cabin.surfaces
      .filter((surface) => zone === null || surface.zoneId === zone)
      .map((surface) => [surface.id, surface]),
  );
}
