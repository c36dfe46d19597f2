import type { Routine, RoutinePlan, Schemas } from "../api/client";
import { Choice } from "../shared/Choice";
import { shortMonth, tinyDay } from "../shared/format";
import { usePhone } from "../shared/usePhone";

type PlannedTask = RoutinePlan["tasks"][number];
type PinOfTask = Schemas["PinDocument"];
type Props = {
  plan: RoutinePlan;
  draft: Routine;
  errors: Record<string, string[]>;
  onChange: (next: Partial<Routine>) => void;
};

/** Seasons that differ by less are not worth a line. */
const SEASONAL = 1.25;

const WEEKS = [1, 2, 3, 4, 6, 8, 13, 26, 52];
const MONTHS = Array.from({ length: 12 }, (_, month) => month + 1);

/** How often each task is needed and how often it comes; the owner may decide otherwise. */
export function HowOften({ plan, draft, errors, onChange }: Props) {
  const pin = (taskId: string, choice: string) =>
    onChange({
      pins: [
        ...draft.pins.filter((other) => other.task !== taskId),
        ...(choice === "plan" ? [] : [pinOf(taskId, choice)]),
      ],
    });
  const phone = usePhone();
  const decide = (task: PlannedTask) => (
    <Choice
      plain
      label={`${task.name}: you decide`}
      value={choiceOf(draft.pins.find((known) => known.task === task.taskId))}
      options={OPTIONS}
      onChange={(choice) => pin(task.taskId, choice)}
    />
  );
  return (
    <section aria-labelledby="often" className="px-4 pt-4 pb-8 desk:px-[26px]">
      <h2 id="often" className="text-20">
        How often
      </h2>
      <p className="mt-1 max-w-[70ch] text-14 text-soft">
        “Needed” is how long it takes to come due as you use the car now, with the likely range in
        brackets. What you set yourself always counts.
      </p>
      {errors.pins && <p className="mt-1 text-14 text-coral">{errors.pins.join(" ")}</p>}
      {phone ? (
        <ul className="mt-2">
          {plan.tasks.map((task) => (
            <li key={task.taskId} className="border-b border-hairline py-2">
              <b className="text-16 font-semibold">{task.name}</b>
              <p className="text-14 text-soft">
                Needed {task.needed === null ? "never" : `every ${daysSaid(task.needed.days)}`}
                {bandSaid(task)}, {plannedSaid(task)}
                {task.dates[0] && `, next on ${tinyDay(task.dates[0])}`}
                {task.overdueDays >= 1 && (
                  <span className="over"> · {Math.round(task.overdueDays)} days overdue</span>
                )}
              </p>
              {decide(task)}
            </li>
          ))}
        </ul>
      ) : (
        <table className="mt-2 w-full text-14">
          <thead>
            <tr className="border-b border-ink text-left">
              <th scope="col" className="cap py-1.5">
                Task
              </th>
              <th scope="col" className="cap py-1.5 text-right">
                Needed every
              </th>
              <th scope="col" className="cap py-1.5 text-right">
                Planned every
              </th>
              <th scope="col" className="cap py-1.5 text-right">
                Days overdue
              </th>
              <th scope="col" className="cap py-1.5 pl-6">
                Next
              </th>
              <th scope="col" className="cap py-1.5 pl-6">
                You decide
              </th>
            </tr>
          </thead>
          <tbody>
            {plan.tasks.map((task) => (
              <tr key={task.taskId} className="border-b border-hairline">
                <th scope="row" className="py-1 text-left text-[15px] font-semibold">
                  {task.name}
                </th>
                <td className="py-1 text-right">
                  {task.needed === null ? "never" : daysSaid(task.needed.days)}
                  <span className="text-13 text-soft">{bandSaid(task)}</span>
                  {seasonSaid(task) && (
                    <span className="block text-13 text-soft">{seasonSaid(task)}</span>
                  )}
                </td>
                <td className="py-1 text-right">
                  {plannedSaid(task).replace(/^planned every /, "")}
                </td>
                <td
                  className={`py-1 text-right ${task.overdueDays >= 1 ? "over font-semibold" : "text-soft"}`}
                >
                  {task.overdueDays >= 1 ? Math.round(task.overdueDays) : "none"}
                </td>
                <td className="py-1 pl-6 whitespace-nowrap">
                  {task.dates[0] ? tinyDay(task.dates[0]) : ""}
                </td>
                <td className="py-1 pl-6">{decide(task)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {plan.notPlanned.length > 0 && (
        <>
          <h3 className="mt-5 text-17">Not in the plan</h3>
          <ul className="mt-1 text-14">
            {plan.notPlanned.map((left) => (
              <li key={left.taskId} className="border-b border-hairline py-1">
                <b className="font-semibold">{left.name}.</b> {left.why} {left.wayOut}
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}

const OPTIONS = [
  { value: "plan", label: "As planned" },
  ...WEEKS.map((weeks) => ({
    value: `weeks ${weeks}`,
    label: weeks === 1 ? "Every week" : `Every ${weeks} weeks`,
  })),
  ...MONTHS.map((month) => ({ value: `month ${month}`, label: `Each ${shortMonth(month)}` })),
  { value: "never", label: "Never" },
];

function choiceOf(pin: PinOfTask | undefined): string {
  switch (pin?.kind) {
    case "never":
      return "never";
    case "everyWeeks":
      return `weeks ${pin.weeks}`;
    case "inMonths":
      return `month ${pin.months?.[0]}`;
    default:
      return "plan";
  }
}

/** Written out in full, as the server gives it back. */
function pinOf(task: string, choice: string): PinOfTask {
  const [kind, number] = choice.split(" ");
  switch (kind) {
    case "weeks":
      return { task, kind: "everyWeeks", weeks: Number(number), months: [] };
    case "month":
      return { task, kind: "inMonths", weeks: 0, months: [Number(number)] };
    default:
      return { task, kind: "never", weeks: 0, months: [] };
  }
}

/** The band that learning leaves: " (11 to 18)". */
function bandSaid({ needed }: PlannedTask): string {
  return needed ? ` (${Math.round(needed.low)} to ${Math.round(needed.high)})` : "";
}

/** By season, where that makes a difference worth a line: "11 in January, 17 in July". */
function seasonSaid({ needed }: PlannedTask): string {
  return needed && needed.longestDays > needed.shortestDays * SEASONAL
    ? `${Math.round(needed.shortestDays)} in ${shortMonth(needed.shortestMonth)}, ${Math.round(needed.longestDays)} in ${shortMonth(needed.longestMonth)}`
    : "";
}

/** How often it is planned: "planned every 14 days", "once a year". */
function plannedSaid(task: PlannedTask): string {
  return task.plannedDays !== null
    ? `planned every ${daysSaid(task.plannedDays)}`
    : task.dates.length === 1
      ? "once a year"
      : "not at all";
}

function daysSaid(days: number): string {
  return `${Math.round(days)} days`;
}
