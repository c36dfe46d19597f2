import { type ComponentProps, useMemo, useRef, useState } from "react";
import type { Outlook, OutlookBand, OutlookLane } from "../../api/client";
import { shortDay, shortMonth } from "../../shared/format";
import { usePhone } from "../../shared/usePhone";
import { useWidth } from "../../shared/useWidth";
import { type Course, courseOf, worstOf } from "./course";
import { DeepLane } from "./DeepLane";
import { Lane } from "./Lane";

type Group = OutlookLane["group"];
type Props = { now: Outlook; then: Outlook | undefined; band: OutlookBand | undefined };

const GROUPS: { group: Group; name: string; what: string }[] = [
  { group: "glass", name: "Glass", what: "inside" },
  { group: "controls", name: "Controls", what: "wheel, screens, vents" },
  { group: "dash", name: "Dash", what: "doors, console" },
  { group: "floor", name: "Floor", what: "carpets, mats" },
  { group: "seats", name: "Seats", what: "and on them" },
  { group: "boot", name: "Boot", what: "load floor" },
  { group: "seldom", name: "Seldom", what: "belts, seals, roof" },
];

const HEIGHT = 57;
const SMALL = 30;
const BARS = 54;
const DAY_MS = 86_400_000;

/** So far a finger is drawn before it turns to another part, in pixels. */
const SWIPE = 50;

/** The year as lanes, one for each part of the cabin; each opens to its tasks. */
export function Lanes({ now, then, band }: Props) {
  const [ref, width] = useWidth<HTMLDivElement>(700);
  const [open, setOpen] = useState<Group>();
  const [day, setDay] = useState<number>();
  const x = (at: number) => 2 + (at / now.days) * (width - 4);
  const ofNow = useMemo(() => coursesOf(now), [now]);
  const ofThen = useMemo(() => (then ? coursesOf(then) : undefined), [then]);
  const date = day === undefined ? undefined : dateOf(now.from, day);
  const phone = usePhone();
  const present = GROUPS.filter(({ group }) => now.lanes.some((lane) => lane.group === group));
  const [turn, setTurn] = useState(0);
  const onTurn = (by: number) =>
    setTurn((before) => Math.max(0, Math.min(present.length - 1, before + by)));
  const swipe = useSwipe(onTurn);
  const point = (event: React.PointerEvent) => {
    const box = event.currentTarget.getBoundingClientRect();
    const share = (event.clientX - box.left) / box.width;
    setDay(Math.max(0, Math.min(now.days, Math.round(share * now.days))));
  };
  return (
    <section aria-labelledby="ahead" className="px-4 pt-3 pb-2 desk:px-[26px]">
      <div className="flex flex-wrap items-baseline justify-between gap-x-6">
        <h2 id="ahead" className="text-20">
          The year ahead
        </h2>
        <button
          type="button"
          className="lnk no-print text-14 max-desk:hidden"
          onClick={() => window.print()}
        >
          Print the year sheet
        </button>
        <p className="text-13 text-soft">
          <span className="mr-1 inline-block h-2.5 w-4 bg-coral align-middle" /> over the mark
          {then && (
            <>
              <span className="mr-1 ml-4 inline-block w-5 border-t-2 border-dashed border-t5 align-middle" />
              what if
            </>
          )}
        </p>
      </div>
      {phone && (
        <div className="mt-1 flex items-center justify-between">
          <button
            type="button"
            className="act2 min-w-11"
            aria-label="Part before"
            disabled={turn === 0}
            onClick={() => onTurn(-1)}
          >
            ‹
          </button>
          <p aria-live="polite" className="text-14">
            {present[turn]?.name}, {turn + 1} of {present.length}
          </p>
          <button
            type="button"
            className="act2 min-w-11"
            aria-label="Next part"
            disabled={turn === present.length - 1}
            onClick={() => onTurn(1)}
          >
            ›
          </button>
        </div>
      )}
      <div
        {...(phone ? swipe : {})}
        className="grid grid-cols-[minmax(0,1fr)_auto] gap-x-3 desk:grid-cols-[112px_minmax(0,1fr)_auto]"
      >
        <div className="max-desk:hidden" />
        <div ref={ref}>
          <svg width={width} height="24" aria-hidden="true" className="block overflow-visible">
            {now.months.map((month, at) => {
              const from = x(daysBetween(now.from, month.first));
              const next = now.months[at + 1];
              const to = x(next ? daysBetween(now.from, next.first) : now.days);
              return (
                <g key={month.first}>
                  <rect
                    x={from}
                    y="17"
                    width={Math.max(0, to - from)}
                    height="6"
                    fill={at % 2 ? "var(--ink)" : "var(--paper)"}
                    stroke="var(--ink)"
                  />
                  {to - from > 12 && (
                    <text x={from + 3} y="12">
                      {shortMonth(Number(month.first.slice(5, 7))).slice(0, to - from > 26 ? 3 : 1)}
                    </text>
                  )}
                </g>
              );
            })}
          </svg>
        </div>
        <div className="cap self-end pb-1 text-right">
          days over
          <br />
          {then ? "now, what if" : "now"}
        </div>
        {present
          .filter((_, at) => !phone || at === turn)
          .map(({ group, name, what }) => (
            <GroupRows
              key={group}
              name={name}
              what={what}
              lanes={now.lanes.filter((lane) => lane.group === group)}
              then={then}
              band={band}
              ofNow={ofNow}
              ofThen={ofThen}
              isOpen={phone || open === group}
              day={day}
              x={x}
              width={width}
              onOpen={() => setOpen(open === group ? undefined : group)}
              onPoint={point}
              onLeave={() => setDay(undefined)}
            />
          ))}
        {now.deepClean.points.length > 0 && (
          <DeepLane now={now} then={then} x={x} width={width} height={HEIGHT} />
        )}
        <div className="flex flex-col justify-end pb-4 text-14 max-desk:hidden">
          <b className="font-semibold">Minutes</b>
          <span className="text-13 text-soft">each month</span>
        </div>
        <MonthBars now={now} then={then} x={x} width={width} />
        <div />
      </div>
      <label className="no-print mt-1 flex items-center gap-3 text-14">
        <span className="w-[112px] flex-none font-semibold">{date ? shortDay(date) : "A day"}</span>
        <input
          type="range"
          className="h-6 w-full accent-[var(--ink)]"
          min={0}
          max={now.days}
          value={day ?? 0}
          aria-label="Day of the year ahead"
          aria-valuetext={
            date
              ? `${shortDay(date)}: ${GROUPS.map(({ group, name }) => `${name} ${said(worstOf(of(ofNow, now, group)), day ?? 0)}`).join(", ")}`
              : "none chosen"
          }
          onChange={(event) => setDay(Number(event.target.value))}
        />
      </label>
    </section>
  );
}

/** A finger that is drawn sideways turns to the part beside. */
function useSwipe(onTurn: (by: number) => void) {
  const begun = useRef<{ x: number; y: number } | undefined>(undefined);
  return {
    onTouchStart: (event: React.TouchEvent) => {
      const touch = event.touches[0];
      begun.current = touch ? { x: touch.clientX, y: touch.clientY } : undefined;
    },
    onTouchEnd: (event: React.TouchEvent) => {
      const touch = event.changedTouches[0];
      if (touch && begun.current) {
        const across = touch.clientX - begun.current.x;
        const down = touch.clientY - begun.current.y;
        if (Math.abs(across) > SWIPE && Math.abs(across) > 2 * Math.abs(down)) {
          onTurn(across < 0 ? 1 : -1);
        }
      }
      begun.current = undefined;
    },
  };
}

type RowsProps = {
  name: string;
  what: string;
  lanes: OutlookLane[];
  then: Outlook | undefined;
  band: OutlookBand | undefined;
  ofNow: Map<string, Course>;
  ofThen: Map<string, Course> | undefined;
  isOpen: boolean;
  day: number | undefined;
  x: (day: number) => number;
  width: number;
  onOpen: () => void;
  onPoint: (event: React.PointerEvent) => void;
  onLeave: () => void;
};

function GroupRows(props: RowsProps) {
  const { name, what, lanes, then, ofNow, ofThen, isOpen, day, onOpen } = props;
  const courses = lanes.flatMap((lane) => ofNow.get(lane.taskId) ?? []);
  const others = lanes.flatMap((lane) => ofThen?.get(lane.taskId) ?? []);
  const worst = worstOf(courses);
  return (
    <>
      <button
        type="button"
        aria-expanded={isOpen}
        onClick={onOpen}
        className="min-h-11 text-left leading-tight max-desk:col-span-2 desk:self-end"
      >
        <b className="font-semibold">{name}</b>
        <span className="block text-13 text-soft max-desk:ml-2 max-desk:inline">
          {day === undefined ? what : said(worst, day)}
        </span>
      </button>
      <Drawing
        x={props.x}
        width={props.width}
        day={day}
        onPoint={props.onPoint}
        onLeave={props.onLeave}
        course={worst}
        other={ofThen ? worstOf(others) : undefined}
        height={HEIGHT}
      />
      <Over lanes={lanes} then={then} />
      {isOpen && lanes.map((lane) => <TaskRow key={lane.taskId} lane={lane} rows={props} />)}
    </>
  );
}

function TaskRow({ lane, rows }: { lane: OutlookLane; rows: RowsProps }) {
  const course = rows.ofNow.get(lane.taskId);
  const band = rows.band?.lanes.find((known) => known.taskId === lane.taskId);
  return course ? (
    <>
      <span className="self-end text-13 max-desk:col-span-2">
        {lane.shortName}
        {rows.day !== undefined && (
          <span className="block text-soft max-desk:ml-2 max-desk:inline">
            {said(course, rows.day)}
          </span>
        )}
      </span>
      <Drawing
        x={rows.x}
        width={rows.width}
        day={rows.day}
        onPoint={rows.onPoint}
        onLeave={rows.onLeave}
        course={course}
        other={rows.ofThen?.get(lane.taskId)}
        band={band && rows.band ? { ...band, step: rows.band.step } : undefined}
        height={SMALL}
      />
      <Over lanes={[lane]} then={rows.then} />
    </>
  ) : null;
}

type DrawingProps = Pick<RowsProps, "x" | "width" | "day" | "onPoint" | "onLeave"> & {
  course: Course;
  other: Course | undefined;
  band?: ComponentProps<typeof Lane>["band"];
  height: number;
};

function Drawing({ course, other, band, x, width, height, day, onPoint, onLeave }: DrawingProps) {
  return (
    <svg
      width={width}
      height={height + 5}
      aria-hidden="true"
      className="block touch-pan-y overflow-visible"
      onPointerMove={onPoint}
      onPointerLeave={onLeave}
    >
      <g transform="translate(0 3)">
        <Lane course={course} then={other} band={band} x={x} height={height} />
        {day !== undefined && (
          <path d={`M${x(day)} -3V${height}`} stroke="var(--ink)" strokeWidth="1.4" />
        )}
      </g>
    </svg>
  );
}

function Over({ lanes, then }: { lanes: OutlookLane[]; then: Outlook | undefined }) {
  const days = (all: OutlookLane[]) =>
    Math.round(all.reduce((sum, lane) => sum + lane.overdueDays, 0));
  const known = days(lanes);
  return (
    <span className="self-end text-right text-14 whitespace-nowrap">
      <span className={known > 0 ? "over" : "text-soft"}>{known}</span>
      {then && (
        <b className="ml-2.5 inline-block min-w-8 font-semibold text-t5">
          {days(then.lanes.filter((lane) => lanes.some((own) => own.taskId === lane.taskId)))}
        </b>
      )}
    </span>
  );
}

type BarsProps = {
  now: Outlook;
  then: Outlook | undefined;
  x: (day: number) => number;
  width: number;
};

function MonthBars({ now, then, x, width }: BarsProps) {
  const most = Math.max(
    1,
    ...[now, then].flatMap((of) => of?.months.map((month) => month.minutes) ?? []),
  );
  return (
    <svg
      width={width}
      height={BARS + 20}
      aria-hidden="true"
      className="mt-2 block max-desk:col-span-2"
    >
      {now.months.map((month, at) => {
        const next = now.months[at + 1];
        const from = x(daysBetween(now.from, month.first));
        const room = x(next ? daysBetween(now.from, next.first) : now.days) - from;
        const other = then?.months[at];
        const tall = (minutes: number) => (minutes / most) * BARS;
        const wide = Math.max(0, Math.min(18, room / 2 - 3));
        return (
          <g key={month.first}>
            <rect
              x={from + 2}
              y={BARS - tall(month.minutes)}
              width={wide}
              height={tall(month.minutes)}
              fill="var(--t2)"
              stroke="var(--ink)"
              strokeWidth="0.9"
            />
            {other && (
              <rect
                x={from + 3 + wide}
                y={BARS - tall(other.minutes)}
                width={wide}
                height={tall(other.minutes)}
                fill="none"
                stroke="var(--t5)"
                strokeWidth="1.4"
                strokeDasharray="3 2"
              />
            )}
            {room > 30 && (
              <text x={from + 2} y={BARS + 15}>
                {Math.round(month.minutes)}
              </text>
            )}
          </g>
        );
      })}
      <path d={`M${x(0)} ${BARS}H${x(now.days)}`} stroke="var(--ink)" />
    </svg>
  );
}

function coursesOf(outlook: Outlook): Map<string, Course> {
  return new Map(outlook.lanes.map((lane) => [lane.taskId, courseOf(lane, outlook.days)]));
}

function of(courses: Map<string, Course>, outlook: Outlook, group: Group): Course[] {
  return outlook.lanes
    .filter((lane) => lane.group === group)
    .flatMap((lane) => courses.get(lane.taskId) ?? []);
}

/** "64 % of the way to due" */
function said(course: Course, day: number): string {
  return `${Math.round((course.before[day] ?? 0) * 100)} % of the way to due`;
}

function daysBetween(from: string, to: string): number {
  return Math.round((Date.parse(to) - Date.parse(from)) / DAY_MS);
}

function dateOf(from: string, day: number): string {
  return new Date(Date.parse(from) + day * DAY_MS).toISOString().slice(0, 10);
}
