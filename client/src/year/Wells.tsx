import type { PlannedSlot, Routine, RoutinePlan } from "../api/client";
import { shortDay } from "../shared/format";
import { CatchUp } from "./CatchUp";
import { keyOf, withMove } from "./moves";
import { SlotDayPanel } from "./SlotDayPanel";
import { useHeld } from "./useHeld";
import { Well } from "./Well";

type Props = {
  vehicleId: string;
  plan: RoutinePlan;
  draft: Routine;
  today: string;
  chosen: string | undefined;
  onChoose: (key: string | undefined) => void;
  onChange: (next: Partial<Routine>) => void;
};

/** How many sessions are shown; about eight weeks of a weekly slot and a longer one. */
const SHOWN = 10;

/** The coming sessions as wells cut into the land: minutes are depth, blocks are tasks, ink is fetching. */
export function Wells({ vehicleId, plan, draft, today, chosen, onChoose, onChange }: Props) {
  const shown = plan.slots.slice(0, SHOWN);
  const open = shown.find((slot) => keyOf(slot) === chosen);
  const move = (task: string, from: PlannedSlot, to: PlannedSlot) =>
    onChange({ moves: withMove(draft.moves, task, from, to) });
  const { held, grip } = useHeld(shown, move);
  const target = shown.find((slot) => keyOf(slot) === held?.at);
  return (
    <section aria-labelledby="coming" className="border-b-[1.5px] border-ink pt-4 pb-4">
      <div className="flex flex-wrap items-baseline justify-between gap-x-6 px-4 desk:px-[26px]">
        <h2 id="coming" className="text-20">
          The next sessions
        </h2>
        <p className="text-13 text-soft max-desk:hidden">
          <span className="mr-1.5 inline-block h-[5px] w-5 bg-ink align-middle" />
          fetching things · drag a task to another day, or press Enter on it, arrow keys, Enter ·
          press a day to see it
        </p>
      </div>
      <CatchUp vehicleId={vehicleId} missed={plan.missed} onChange={onChange} />
      {plan.unmet.map((sentence) => (
        <p key={sentence} role="alert" className="mt-1 px-4 text-14 text-coral desk:px-[26px]">
          {sentence}
        </p>
      ))}
      {plan.moves.map(({ move: made, sentence }) => (
        <p key={sentence} className="mt-1 px-4 text-14 desk:px-[26px]">
          {sentence}{" "}
          <button
            type="button"
            className="lnk min-h-6"
            onClick={() =>
              onChange({
                moves: draft.moves.filter(
                  (other) =>
                    other.task !== made.task ||
                    other.toSlot !== made.toSlot ||
                    other.toDay !== made.toDay,
                ),
              })
            }
          >
            Put it back
          </button>
        </p>
      ))}
      <p aria-live="assertive" className="sr-only">
        {held && target
          ? `${held.name}: ${shortDay(target.day)}. Enter puts it down, Escape puts it back.`
          : ""}
      </p>
      {shown.length === 0 ? (
        <p className="mt-2 px-4 text-16 text-soft desk:px-[26px]">
          Nothing comes in the next twelve months.
        </p>
      ) : (
        <ol className="mt-2 flex gap-2 overflow-x-auto bg-deep px-4 py-3 desk:px-[26px]">
          {plan.missed.slice(-2).map((day) => (
            <li key={day} className="flex-none">
              <b className="block font-semibold">{shortDay(day)}</b>
              <span className="note block">missed</span>
              <div className="mt-1 h-[300px] w-[70px] border-[1.5px] border-dashed border-line" />
            </li>
          ))}
          {shown.map((slot) => (
            <Well
              key={keyOf(slot)}
              slot={slot}
              isToday={slot.day === today}
              chosen={slot === open}
              held={held}
              grip={grip}
              onChoose={() => onChoose(slot === open ? undefined : keyOf(slot))}
            />
          ))}
        </ol>
      )}
      {open && (
        <SlotDayPanel
          key={chosen}
          vehicleId={vehicleId}
          slot={open}
          others={shown.filter((slot) => slot !== open)}
          isToday={open.day === today}
          draft={draft}
          onMove={move}
          onChange={(next) => {
            onChoose(undefined);
            onChange(next);
          }}
        />
      )}
    </section>
  );
}
