import type { Schemas } from "../../api/client";
import type { GroundName, GroundShape } from "./grounds";

export type StrokeName = Schemas["Stroke"];

/** A line that the hand follows. Across is solid ink, upright is dashed: the same code everywhere. */
export type HandLine = {
  d: string;
  upright?: boolean;
  /** Where the hand starts, to put a number there; null for lines that only repeat the one before. */
  start: [number, number] | null;
  /** Where it ends, and which way it points there, in degrees; null for no arrow. */
  end: { at: [number, number]; turn: number } | null;
};

const n = (value: number) => Math.round(value * 10) / 10;

/** The lines of a stroke on a ground; none where nothing is rubbed. Coarse lines are for small pictures. */
export function linesOf(
  stroke: StrokeName,
  ground: GroundShape,
  name: GroundName,
  zones = 1,
  coarse = false,
): HandLine[] {
  if (zones > 1) {
    return zonesOf(ground, zones).flatMap((zone) => linesOf(stroke, zone, name, 1, coarse));
  }
  const few =
    ["strip", "cup", "pedals", "rim"].includes(name) ||
    (coarse && ground.field[3] - ground.field[1] < 70);
  switch (stroke) {
    case "across":
      return [rows(ground, few ? 2 : coarse ? 3 : 4)];
    case "upright":
      return [columns(ground, name === "strip" ? 7 : few ? 3 : coarse ? 4 : 6)];
    case "crissCross":
      return [columns(ground, coarse ? 4 : 5), rows(ground, 3)];
    case "circles":
      return [loops(ground, few ? 1 : 2)];
    case "box":
      return [box(ground)];
    case "along":
      return name === "seat" ? down(ground) : along(ground, name === "strip" ? 1 : 4);
    case "aroundRim":
      return name === "rim" ? [rim()] : [box(ground)];
    case "roll":
      return [rolled(ground)];
    case "pressAndLift":
      return presses(ground);
    default:
      return [];
  }
}

/** The ground cut into zones, one above the other, with a little room between. */
export function zonesOf(ground: GroundShape, zones: number): GroundShape[] {
  const [, top, , bottom] = ground.field;
  const high = (bottom - top) / zones;
  return Array.from({ length: zones }, (_, zone) => {
    const from = top + zone * high + (zone > 0 ? 9 : 0);
    const to = top + (zone + 1) * high - (zone < zones - 1 ? 9 : 0);
    const [left, right] = span(ground, to);
    const [headLeft] = span(ground, from);
    return { ...ground, field: [left, from, right, to], lean: headLeft - left };
  });
}

/** The left and right end of the field at a height. */
function span(
  { field: [left, top, right, bottom], lean }: GroundShape,
  y: number,
): [number, number] {
  const rise = bottom > top ? (bottom - y) / (bottom - top) : 0;
  return [left + lean * rise, right - lean * rise];
}

function rows(ground: GroundShape, many: number): HandLine {
  const [, top, , bottom] = ground.field;
  const gap = many > 1 ? (bottom - top) / (many - 1) : 0;
  let d = "";
  let at: [number, number] = [0, 0];
  for (let row = 0; row < many; row++) {
    const y = top + row * gap;
    const [left, right] = span(ground, y);
    const [from, to] = row % 2 === 0 ? [left, right] : [right, left];
    if (row === 0) {
      d = `M${n(from)} ${n(y)}`;
    } else {
      const bulge = row % 2 === 1 ? gap * 0.55 : -gap * 0.55;
      d += `C${n(at[0] + bulge)} ${n(at[1])} ${n(from + bulge)} ${n(y)} ${n(from)} ${n(y)}`;
    }
    d += `L${n(to)} ${n(y)}`;
    at = [to, y];
  }
  const [first] = span(ground, top);
  return { d, start: [first, top], end: { at, turn: many % 2 === 1 ? 0 : 180 } };
}

function columns(ground: GroundShape, many: number): HandLine {
  const [, top, , bottom] = ground.field;
  const [leftFoot, rightFoot] = span(ground, bottom);
  const [leftHead, rightHead] = span(ground, top);
  let d = "";
  let at: [number, number] = [0, 0];
  for (let column = 0; column < many; column++) {
    const share = many > 1 ? column / (many - 1) : 0.5;
    const foot: [number, number] = [leftFoot + share * (rightFoot - leftFoot), bottom];
    const head: [number, number] = [leftHead + share * (rightHead - leftHead), top];
    const [from, to] = column % 2 === 0 ? [foot, head] : [head, foot];
    if (column === 0) {
      d = `M${n(from[0])} ${n(from[1])}`;
    } else {
      const bulge = column % 2 === 1 ? -14 : 14;
      d += `C${n(at[0])} ${n(at[1] + bulge)} ${n(from[0])} ${n(from[1] + bulge)} ${n(from[0])} ${n(from[1])}`;
    }
    d += `L${n(to[0])} ${n(to[1])}`;
    at = to;
  }
  return {
    d,
    upright: true,
    start: [leftFoot, bottom],
    end: { at, turn: many % 2 === 1 ? -90 : 90 },
  };
}

/** Overlapping circles, row by row: a rolling point drawn as short chords. */
function loops(ground: GroundShape, many: number): HandLine {
  const [, top, , bottom] = ground.field;
  const high = (bottom - top) / many;
  const radius = Math.min(high * 0.42, 30);
  let d = "";
  let first: [number, number] | null = null;
  let at: [number, number] = [0, 0];
  for (let row = 0; row < many; row++) {
    const y = top + high * (row + 0.5);
    const [left, right] = span(ground, y);
    const length = right - left - 2 * radius;
    const turns = Math.max(2, Math.round(length / (radius * 1.25)));
    const chords = turns * 14;
    for (let chord = 0; chord <= chords; chord++) {
      const share = chord / chords;
      const along = row % 2 === 0 ? share : 1 - share;
      const angle = share * turns * 2 * Math.PI;
      at = [
        left + radius + along * length - Math.sin(angle) * radius * 0.95,
        y - Math.cos(angle) * radius,
      ];
      d += `${d ? "L" : "M"}${n(at[0])} ${n(at[1])}`;
      first ??= at;
    }
  }
  return { d, start: first, end: { at, turn: many % 2 === 1 ? 0 : 180 } };
}

function box(ground: GroundShape): HandLine {
  const [, top, , bottom] = ground.field;
  const [leftHead, rightHead] = span(ground, top);
  const [leftFoot, rightFoot] = span(ground, bottom);
  const from: [number, number] = [leftHead, top];
  const d = `M${n(leftHead)} ${n(top)}L${n(rightHead)} ${n(top)}L${n(rightFoot)} ${n(bottom)}L${n(leftFoot)} ${n(bottom)}L${n(leftHead - (leftHead - leftFoot) * 0.12)} ${n(top + (bottom - top) * 0.2)}`;
  return {
    d,
    start: from,
    end: {
      at: [leftHead - (leftHead - leftFoot) * 0.12, top + (bottom - top) * 0.2],
      turn: -90,
    },
  };
}

/** One direction only, again and again. */
function along(ground: GroundShape, many: number): HandLine[] {
  const [, top, , bottom] = ground.field;
  return Array.from({ length: many }, (_, line) => {
    const y = many > 1 ? top + ((bottom - top) * line) / (many - 1) : (top + bottom) / 2;
    const [left, right] = span(ground, y);
    return {
      d: `M${n(left)} ${n(y)}L${n(right)} ${n(y)}`,
      start: line === 0 ? ([left, y] as [number, number]) : null,
      end: { at: [right, y] as [number, number], turn: 0 },
    };
  });
}

/** One direction only, from the head of a seat to its foot. */
function down(ground: GroundShape): HandLine[] {
  const [, top, , bottom] = ground.field;
  const [leftHead, rightHead] = span(ground, top);
  const [leftFoot, rightFoot] = span(ground, bottom);
  return [0, 0.33, 0.67, 1].map((share, line) => {
    const head: [number, number] = [leftHead + share * (rightHead - leftHead), top];
    const foot: [number, number] = [leftFoot + share * (rightFoot - leftFoot), bottom];
    return {
      d: `M${n(head[0])} ${n(head[1])}L${n(foot[0])} ${n(foot[1])}`,
      start: line === 0 ? head : null,
      end: {
        at: foot,
        turn: (Math.atan2(foot[1] - head[1], foot[0] - head[0]) * 180) / Math.PI,
      },
    };
  });
}

/** Round a rim, wound about it as a towel is twisted. */
function rim(): HandLine {
  const [x, y, middle, swing, winds] = [175, 100, 77, 15, 16];
  let d = "";
  let at: [number, number] = [0, 0];
  const chords = 220;
  const sweep = 1.86 * Math.PI;
  for (let chord = 0; chord <= chords; chord++) {
    const angle = -Math.PI / 2 + (chord / chords) * sweep;
    const radius = middle + Math.sin((chord / chords) * winds * 2 * Math.PI) * swing;
    at = [x + Math.cos(angle) * radius, y + Math.sin(angle) * radius];
    d += `${chord ? "L" : "M"}${n(at[0])} ${n(at[1])}`;
  }
  return { d, start: [x, y - middle], end: { at, turn: -55 } };
}

/** A ball of gel rolled over a seam and lifted off. */
function rolled({ field: [left, top, right, bottom] }: GroundShape): HandLine {
  const y = (top + bottom) / 2;
  const radius = Math.min(26, (bottom - top) / 2.4);
  let d = `M${n(left)} ${n(y + radius)}`;
  const turns = 3;
  const step = (right - left) / turns;
  for (let turn = 0; turn < turns; turn++) {
    const x = left + step * (turn + 0.5);
    d += `L${n(x)} ${n(y + radius)}A${n(radius)} ${n(radius)} 0 1 0 ${n(x - 0.1)} ${n(y + radius)}`;
  }
  d += `L${n(right - 20)} ${n(y + radius)}Q${n(right)} ${n(y + radius)} ${n(right)} ${n(y + radius - 26)}`;
  return {
    d,
    start: [left, y + radius],
    end: { at: [right, y + radius - 26], turn: -90 },
  };
}

/** Down flat, straight off again, the next place beside it. */
function presses(ground: GroundShape): HandLine[] {
  const [, top, , bottom] = ground.field;
  const y = bottom - (bottom - top) * 0.12;
  const [left, right] = span(ground, y);
  const many = right - left > 150 ? 3 : 2;
  const step = (right - left) / many;
  return Array.from({ length: many }, (_, place) => {
    const x = left + step * (place + 0.5);
    const lift = Math.min(bottom - top, 84);
    return [
      {
        d: `M${n(x - 12)} ${n(y - lift)}L${n(x - 12)} ${n(y)}`,
        start: place === 0 ? ([x - 12, y - lift] as [number, number]) : null,
        end: { at: [x - 12, y] as [number, number], turn: 90 },
      },
      {
        d: `M${n(x + 12)} ${n(y)}L${n(x + 12)} ${n(y - lift)}`,
        upright: true,
        start: null,
        end: { at: [x + 12, y - lift] as [number, number], turn: -90 },
      },
    ];
  }).flat();
}
