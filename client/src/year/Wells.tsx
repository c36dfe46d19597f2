import type { PlannedSlot, Routine, RoutinePlan } from "../api/client";
import { shortDay } from "../shared/format";
import { SlotDayPanel } from "./SlotDayPanel";

type Props = {
  plan: RoutinePlan;
  draft: Routine;
  today: string;
  chosen: string | undefined;
  onChoose: (key: string | undefined) => void;
  onChange: (next: Partial<Routine>) => void;
};

/** How many sessions are shown; about eight weeks of a weekly slot and a longer one. */
const SHOWN = 10;

/** Height of one minute, in pixels: two minutes are tall enough for a name. */
const MINUTE = 9;

/** Height of one column: longer sessions get more columns, read down and then right. */
const COLUMN = 30;

/** The coming sessions as wells cut into the land: minutes are depth, blocks are tasks. */
export function Wells({ plan, draft, today, chosen, onChoose, onChange }: Props) {
  const shown = plan.slots.slice(0, SHOWN);
  const open = shown.find((slot) => keyOf(slot) === chosen);
  return (
    <section aria-labelledby="coming" className="border-b-[1.5px] border-ink pt-4 pb-4">
      <h2 id="coming" className="px-4 text-20 desk:px-[26px]">
        The next sessions
      </h2>
      {plan.missed.length > 0 && (
        <p className="mt-1 px-4 text-14 desk:px-[26px]">
          <b className="font-semibold">
            {plan.missed.map(shortDay).join(" and ")} passed without a session.
          </b>{" "}
          What was to be done then is spread over the sessions below; nothing has to be made up in
          one go.
        </p>
      )}
      {plan.unmet.map((sentence) => (
        <p key={sentence} role="alert" className="mt-1 px-4 text-14 text-coral desk:px-[26px]">
          {sentence}
        </p>
      ))}
      {shown.length === 0 ? (
        <p className="mt-2 px-4 text-16 text-soft desk:px-[26px]">
          Nothing comes in the next twelve months.
        </p>
      ) : (
        <ol className="mt-2 flex gap-2 overflow-x-auto bg-deep px-4 py-3 desk:px-[26px]">
          {shown.map((slot) => (
            <Well
              key={keyOf(slot)}
              slot={slot}
              isToday={slot.day === today}
              chosen={slot === open}
              onChoose={() => onChoose(slot === open ? undefined : keyOf(slot))}
            />
          ))}
        </ol>
      )}
      {open && (
        <SlotDayPanel
          key={chosen}
          slot={open}
          draft={draft}
          onChange={(next) => {
            onChoose(undefined);
            onChange(next);
          }}
        />
      )}
    </section>
  );
}

function keyOf(slot: PlannedSlot): string {
  return `${slot.slotId} ${slot.ruleDay}`;
}

type WellProps = { slot: PlannedSlot; isToday: boolean; chosen: boolean; onChoose: () => void };

function Well({ slot, isToday, chosen, onChoose }: WellProps) {
  const columns = columnsOf(slot);
  return (
    <li className="flex-none">
      <button
        type="button"
        aria-expanded={chosen}
        onClick={onChoose}
        className="block min-h-11 text-left"
      >
        <b className="block font-semibold">{isToday ? "Today" : shortDay(slot.day)}</b>
        <span className="block text-13 text-soft">
          {Math.round(slot.used)} of {slot.minutes} min
        </span>
      </button>
      <div
        className={`mt-1 flex bg-paper ${chosen ? "outline-[2.5px] outline-ink" : ""}`}
        style={{ height: Math.min(COLUMN, Math.max(slot.minutes, 5)) * MINUTE }}
      >
        {columns.map((column) => (
          <ul
            key={column[0]?.taskId ?? "free"}
            className="w-[112px] flex-none border-r border-ink last:border-r-0"
          >
            {column.map((task) => (
              <li
                key={task.taskId}
                className={`flex items-center overflow-hidden border-b px-1.5 text-13 leading-none ${
                  task.overdue ? "border-2 border-coral bg-paper" : "border-ink bg-t2"
                }`}
                style={{ height: Math.max(2, task.minutes) * MINUTE }}
                title={`${task.name}, ${task.minutes} min${task.overdue ? ", overdue" : ""}`}
              >
                <span className="truncate">{task.shortName}</span>
                {task.pinned && <span className="ml-auto pl-1 text-12">pinned</span>}
              </li>
            ))}
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
    const tall = Math.max(2, task.minutes);
    if (filled + tall > Math.min(COLUMN, slot.minutes) && columns.at(-1)?.length) {
      columns.push([]);
      filled = 0;
    }
    columns.at(-1)?.push(task);
    filled += tall;
  }
  return columns;
}
