import type { PlannedSlot } from "../api/client";
import { clock, shortDay } from "../shared/format";
import { keyOf } from "./moves";
import type { Held, useHeld } from "./useHeld";

/** Height of one minute, in pixels: two minutes are tall enough for a name and a thumb. */
const MINUTE = 12;

/** Height of one column in minutes: longer sessions get more columns, read down and then right. */
const COLUMN = 30;

/** So many free minutes are worth a word. */
const FREE = 4;

type Props = {
  slot: PlannedSlot;
  isToday: boolean;
  chosen: boolean;
  held: Held | undefined;
  grip: ReturnType<typeof useHeld>["grip"];
  onChoose: () => void;
};

/** One session. */
export function Well({ slot, isToday, chosen, held, grip, onChoose }: Props) {
  const key = keyOf(slot);
  const columns = columnsOf(slot);
  const isTarget = held !== undefined && held.at === key && held.from !== key;
  const free = Math.floor(slot.room - slot.used);
  return (
    <li className="flex-none" data-session={key}>
      <button
        type="button"
        aria-expanded={chosen}
        onClick={onChoose}
        className="block min-h-11 text-left"
      >
        <b className="block font-semibold">
          {isToday ? "Today" : shortDay(slot.day)}
          {slot.moved && <span className="note ml-1 font-normal">moved</span>}
        </b>
        <span className="block text-13 text-soft">
          {Math.round(slot.used)} of {slot.minutes} min
        </span>
        {slot.collision && (
          <span className="over block text-13">
            busy {clock(slot.collision.from)} to {clock(slot.collision.to)}
          </span>
        )}
      </button>
      <div
        className={`relative mt-1 flex bg-paper ${chosen ? "outline-[2.5px] outline-ink" : ""} ${
          isTarget ? "outline-[3px] outline-t4 outline-dashed" : ""
        }`}
        style={{ height: Math.min(COLUMN, Math.max(slot.minutes, 5)) * MINUTE }}
      >
        {columns.map((column, at) => (
          <ul
            key={column[0]?.taskId ?? "free"}
            className="w-[112px] flex-none border-r border-ink last:border-r-0"
          >
            {column.map((task) => (
              <li key={task.taskId}>
                {task.fetchMinutes > 0 && (
                  <div
                    className="bg-ink"
                    style={{ height: Math.max(2, task.fetchMinutes * MINUTE * 0.6) }}
                    title="Getting things out"
                  />
                )}
                <button
                  type="button"
                  {...grip(task.taskId, task.shortName, key)}
                  aria-label={`${task.name}, ${task.minutes} min${task.overdue ? ", overdue" : ""}. Press Enter to move it.`}
                  aria-pressed={held?.task === task.taskId && held.from === key}
                  className={`flex w-full cursor-grab items-center overflow-hidden border-b px-1.5 text-left text-13 leading-none ${
                    held?.task === task.taskId && held.from === key
                      ? "border border-dashed border-ink bg-paper text-soft"
                      : task.overdue
                        ? "border-2 border-coral bg-paper"
                        : "border-ink bg-t2"
                  }`}
                  style={{ height: Math.max(2, task.minutes) * MINUTE }}
                  title={`${task.name}, ${task.minutes} min${task.overdue ? ", overdue" : ""}`}
                >
                  <span className="truncate">{task.shortName}</span>
                  {task.pinned && <span className="ml-auto pl-1 text-12">pinned</span>}
                </button>
              </li>
            ))}
            {at === columns.length - 1 && isTarget && held && (
              <li className="bg-t4 px-1.5 py-1 text-13 font-semibold text-paper">{held.name}</li>
            )}
            {at === columns.length - 1 && !isTarget && free >= FREE && (
              <li className="px-1.5 py-1 text-13 text-soft">{free} free</li>
            )}
          </ul>
        ))}
      </div>
    </li>
  );
}

type Task = PlannedSlot["tasks"][number];

/** The tasks in columns, none split. */
function columnsOf(slot: PlannedSlot): Task[][] {
  const columns: Task[][] = [[]];
  let filled = 0;
  for (const task of slot.tasks) {
    const tall = Math.max(2, task.minutes) + task.fetchMinutes * 0.6;
    if (filled + tall > Math.min(COLUMN, slot.minutes) && columns.at(-1)?.length) {
      columns.push([]);
      filled = 0;
    }
    columns.at(-1)?.push(task);
    filled += tall;
  }
  return columns;
}
