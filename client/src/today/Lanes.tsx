import type { Today } from "../api/client";
import { clockAfter, clockOrDay, minutes as said } from "../shared/format";
import { useWidth } from "../shared/useWidth";
import { labelOf, numbersAbove } from "./laneLabels";

/** The column of headings on the left; narrower where the screen is. */
const LABEL = { wide: 156, narrow: 58 };
const NARROW = 700;
const ROW = 25;
/** The width of a letter beside a bar, on average. */
const LETTER = 6.3;

type Dry = Today["drying"][number];

/** The running order on a clock: what the hands do, and what dries meanwhile. */
export function Lanes({ today }: { today: Today }) {
  const [ref, full] = useWidth<HTMLDivElement>(726);
  const label = full < NARROW ? LABEL.narrow : LABEL.wide;
  const width = Math.max(0, full - label - 4);
  const length = Math.max(5, today.lengthMinutes);
  const px = (minutes: number) => (minutes / length) * width;
  const blocks = today.steps.map((step) => ({
    step,
    number: step.number,
    shortName: step.shortName,
    left: px(step.begin),
    width: px(step.end - step.begin),
  }));
  const above = numbersAbove(blocks);
  const drying = rowsOf(today.drying, length, width, px, today.now);
  const rows = Math.max(0, ...drying.map((dry) => dry.row + (dry.side === "below" ? 2 : 1)));

  return (
    <div ref={ref} className="relative" aria-hidden="true">
      <Clock now={today.now} length={length} width={width} px={px} label={label} />
      {above.length > 0 && (
        <div className="relative h-4" style={{ marginLeft: label }} data-lane="above">
          {above.map((mark) => (
            <span
              key={mark.text}
              className="absolute top-0 -translate-x-1/2 text-12 leading-4 font-bold whitespace-nowrap"
              style={{ left: mark.at }}
            >
              {mark.text}
            </span>
          ))}
        </div>
      )}
      <div className="flex h-[46px] items-center">
        <b className="text-14 font-bold" style={{ width: label }}>
          Hands
        </b>
        <div className="relative h-full flex-1">
          {blocks.map(({ step, ...block }) => {
            const label = labelOf(block);
            return (
              <div
                key={step.number}
                className={`absolute inset-y-0 overflow-hidden border pt-1 text-13 leading-[1.18] ${
                  step.overMark ? "border-2 border-coral bg-paper" : "border-ink bg-t2"
                } ${label === "name" ? "px-1.5" : "px-0 text-center"}`}
                style={{ left: block.left, width: block.width + 1 }}
              >
                {label !== "above" && <b className="font-bold">{step.number}</b>}{" "}
                {label === "name" && <span className="relative z-10">{step.shortName}</span>}
                {step.overMark && (
                  <svg className="absolute inset-x-0 bottom-0 h-[7px] w-full" aria-hidden="true">
                    <rect width="100%" height="7" fill="url(#hatch-foot)" />
                  </svg>
                )}
              </div>
            );
          })}
        </div>
      </div>
      {drying.length > 0 && (
        <div className="mt-2 flex">
          <b className="text-14 font-bold" style={{ width: label }}>
            Drying
          </b>
          <div className="relative flex-1" style={{ height: rows * ROW }}>
            {drying.map(({ dry, row, from, size, text, words, side }) => (
              <div
                key={dry.number}
                className="absolute h-[19px] text-12 leading-[18px]"
                style={{ top: row * ROW, left: from, width: size }}
              >
                <div
                  className={`absolute inset-0 border-y border-contour bg-t1 before:absolute before:-top-[3px] before:left-0 before:h-[24px] before:border-l-[1.4px] before:border-ink ${
                    dry.to > length + 0.01
                      ? ""
                      : "after:absolute after:-top-[3px] after:right-0 after:h-[24px] after:border-l-[1.4px] after:border-ink"
                  }`}
                />
                <span
                  className={`absolute whitespace-nowrap ${SIDE[side]}`}
                  style={
                    side === "below" ? { left: -Math.max(0, from + words - width) } : undefined
                  }
                >
                  {text}
                </span>
              </div>
            ))}
          </div>
        </div>
      )}
    </div>
  );
}

const SIDE = {
  in: "left-2",
  after: "left-full pl-2",
  before: "right-full pr-2",
  below: "top-full",
} as const;

type ClockProps = {
  now: string;
  length: number;
  width: number;
  label: number;
  px: (minutes: number) => number;
};

/** Clock times over the lane, as many as stand beside each other. */
function Clock({ now, length, width, px, label }: ClockProps) {
  const beat = [5, 10, 15, 20, 30, 60].find((beat) => px(beat) >= 54) ?? 60;
  const beats = Array.from({ length: Math.floor(length / beat) + 1 }, (_, index) => index * beat);
  return (
    <div className="relative h-6" style={{ marginLeft: label }}>
      {beats.map((at) => (
        <div key={at} className="absolute top-0" style={{ left: px(at) }}>
          <span
            className={`block text-12 whitespace-nowrap ${
              at === 0 ? "" : px(at) > width - 20 ? "-translate-x-full" : "-translate-x-1/2"
            }`}
          >
            {clockAfter(now, at)}
          </span>
          <span className="absolute top-[18px] left-0 h-1.5 border-l border-ink" />
        </div>
      ))}
      <div className="absolute inset-x-0 bottom-0 border-b border-ink" />
    </div>
  );
}

type DryBar = {
  dry: Dry;
  row: number;
  from: number;
  size: number;
  text: string;
  words: number;
  side: keyof typeof SIDE;
};

/** The waits, each with its words, on as few rows as hold them without meeting. */
function rowsOf(
  all: readonly Dry[],
  length: number,
  width: number,
  px: (minutes: number) => number,
  now: string,
): DryBar[] {
  const ends: number[] = [];
  return all.map((dry) => {
    const from = px(Math.min(dry.from, length));
    const size = Math.max(2, px(Math.min(dry.to, length)) - from);
    const wait = dry.to - dry.from;
    const text = `${dry.what}: ${wait > 600 ? "a day" : `${said(wait)} min`}, dry ${clockOrDay(dry.dryAt, now)}`;
    const words = text.length * LETTER + 16;
    const side =
      words <= size
        ? "in"
        : from + size + words <= width
          ? "after"
          : words <= from
            ? "before"
            : "below";
    const begin = side === "before" ? from - words : side === "below" ? 0 : from;
    const end = side === "after" ? from + size + words : side === "below" ? width : from + size;
    let row = ends.findIndex((end) => end + 6 <= begin);
    if (row < 0) {
      row = ends.length;
    }
    ends[row] = end;
    if (side === "below") {
      // Its words take the row below.
      ends[row + 1] = width;
    }
    return { dry, row, from, size, text, words, side };
  });
}
