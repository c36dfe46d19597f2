import type { RoutineOfCar, Slot } from "../api/client";
import { Choice } from "../shared/Choice";
import { shortDay } from "../shared/format";

type Props = {
  slot: Slot;
  number: number;
  routine: RoutineOfCar;
  errors: Record<string, string[]>;
  onChange: (next: Partial<Slot>) => void;
  onRemove: () => void;
};

const PLACES = [
  { value: "drive", label: "On the drive" },
  { value: "garage", label: "In the garage" },
  { value: "street", label: "At the roadside" },
];

const AT_HAND = [
  { value: "both", label: "water and power" },
  { value: "tap", label: "water, no power" },
  { value: "power", label: "power, no water" },
  { value: "none", label: "no water, no power" },
];

const STANDING = [
  { value: "anHour", label: "car is needed" },
  { value: "someHours", label: "may stand some hours" },
  { value: "untilTomorrow", label: "may stand overnight" },
];

const USES = [
  { value: "everything", label: "for everything" },
  { value: "quickOnly", label: "quick work only" },
  { value: "longOnly", label: "long work only" },
];

/** One slot as a sentence whose words are changed by pressing them. */
export function SlotRow({ slot, number, routine, errors, onChange, onRemove }: Props) {
  const words = routine.words.find((known) => known.slotId === slot.id);
  const next = words?.next;
  const known = routine.repeats.some((repeat) => repeat.rule === slot.rule);
  const repeats = [
    ...routine.repeats.map((repeat) => ({ value: repeat.rule, label: repeat.words })),
    ...(known ? [] : [{ value: slot.rule, label: words?.repeats ?? "By a rule of its own" }]),
  ];
  const atHand = slot.tap ? (slot.power ? "both" : "tap") : slot.power ? "power" : "none";
  const name = `Slot ${number}`;
  const nameOf = (taskId: string) =>
    routine.tasks.find((task) => task.taskId === taskId)?.name ?? taskId;
  return (
    <li className="border-t border-hairline py-1.5 last:border-b">
      <div className="flex flex-wrap items-center gap-x-3.5 gap-y-1 text-16">
        <span className="font-semibold max-desk:basis-full">
          <Choice
            plain
            label={`${name}: repeats`}
            value={slot.rule}
            options={repeats}
            onChange={(rule) => onChange({ rule })}
          />
        </span>
        <label className="flex items-center gap-2">
          <span className="text-14 text-soft">from</span>
          <input
            type="date"
            aria-label={`${name}: first day`}
            title={shortDay(slot.from)}
            className="slim w-[138px]"
            value={slot.from}
            onChange={(event) => event.target.value && onChange({ from: event.target.value })}
          />
        </label>
        <label className="flex items-center gap-2">
          <span className="text-14 text-soft">at</span>
          <input
            type="time"
            aria-label={`${name}: begins at`}
            className="slim w-[112px]"
            value={slot.time.slice(0, 5)}
            onChange={(event) =>
              event.target.value && onChange({ time: `${event.target.value}:00` })
            }
          />
        </label>
        <label className="flex items-center gap-2">
          <input
            type="number"
            aria-label={`${name}: minutes`}
            className="slim w-[58px]"
            min={5}
            max={120}
            value={slot.minutes}
            onChange={(event) => onChange({ minutes: Number(event.target.value) })}
          />
          <span className="text-14 text-soft">min</span>
        </label>
        {next && (
          <span className="text-14 text-soft">
            next on <b className="font-semibold text-ink">{shortDay(next)}</b>
          </span>
        )}
        <button
          type="button"
          className="ml-auto min-h-11 px-2 text-14 underline underline-offset-4"
          aria-label={`Remove slot ${number}`}
          onClick={onRemove}
        >
          Remove
        </button>
      </div>
      <div className="flex flex-wrap items-center gap-x-5 gap-y-1 text-14 [&_button]:min-h-8 max-desk:[&_button]:min-h-11">
        <Choice
          plain
          label={`${name}: where`}
          value={slot.ground ?? "drive"}
          options={PLACES}
          onChange={(ground) => onChange({ ground: ground as NonNullable<Slot["ground"]> })}
        />
        <Choice
          plain
          label={`${name}: water and power`}
          value={atHand}
          options={AT_HAND}
          onChange={(has) =>
            onChange({
              tap: has === "both" || has === "tap",
              power: has === "both" || has === "power",
            })
          }
        />
        <Choice
          plain
          label={`${name}: afterwards`}
          value={slot.standing ?? "anHour"}
          options={STANDING}
          onChange={(standing) => onChange({ standing: standing as NonNullable<Slot["standing"]> })}
        />
        <Choice
          plain
          label={`${name}: what it is for`}
          value={slot.use ?? "everything"}
          options={USES}
          onChange={(use) => onChange({ use: use as NonNullable<Slot["use"]> })}
        />
      </div>
      {slot.without && slot.without.length > 0 && (
        <p className="mt-0.5 flex flex-wrap items-center gap-x-3 text-14">
          <span className="text-soft">never in it:</span>
          {slot.without.map((taskId) => (
            <button
              key={taskId}
              type="button"
              className="min-h-8 underline underline-offset-4 max-desk:min-h-11"
              aria-label={`Allow in slot ${number}: ${nameOf(taskId)}`}
              onClick={() =>
                onChange({ without: slot.without?.filter((known) => known !== taskId) ?? [] })
              }
            >
              {nameOf(taskId)}, allow again
            </button>
          ))}
        </p>
      )}
      {Object.values(errors).flat().length > 0 && (
        <p role="alert" className="mt-1 text-14 text-coral">
          {Object.values(errors).flat().join(" ")}
        </p>
      )}
    </li>
  );
}
