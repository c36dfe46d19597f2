import { type ReactNode, useState } from "react";
import { useCabin } from "../api/queries";
import { useRoutine } from "../api/routine";
import { useShelf } from "../api/shelf";
import { Choice } from "../shared/Choice";
import { type LogFilter, NO_FILTER } from "./filter";

const ANY = "any";

const KINDS = [
  { value: "care", label: "Care" },
  { value: "chore", label: "Getting ready, setting back" },
  { value: "look", label: "Checks" },
  { value: "event", label: "Events" },
  { value: "deepClean", label: "Deep cleans" },
  { value: "spot", label: "First aid" },
  { value: "spotTest", label: "Spot tests" },
  { value: "closure", label: "Closed and opened" },
  { value: "note", label: "Streak tests" },
];

type Props = {
  vehicleId: string;
  filter: LogFilter;
  onChange: (next: Partial<LogFilter>) => void;
};

/** What is looked for in the log. */
export function LogFilters({
  vehicleId,
  filter,
  onChange,
  children,
}: Props & { children: ReactNode }) {
  const [more, setMore] = useState(false);
  const count = Object.values(filter).filter((value) => value !== "").length;
  return (
    <search className="no-print border-b border-hairline px-4 py-3 desk:px-[26px]">
      <div className="flex flex-wrap items-center gap-3">
        <label className="min-w-[200px] flex-1 desk:max-w-[340px]">
          <span className="sr-only">Look for</span>
          <input
            type="search"
            className="field"
            maxLength={80}
            placeholder="Look for a task, product or note"
            value={filter.text}
            onChange={(event) => onChange({ text: event.target.value })}
          />
        </label>
        <button type="button" className="act2" aria-expanded={more} onClick={() => setMore(!more)}>
          Filter
        </button>
        {count > 0 && (
          <button type="button" className="lnk min-h-11" onClick={() => onChange(NO_FILTER)}>
            Show all
          </button>
        )}
        <span className="flex-1 max-desk:hidden" />
        {children}
      </div>
      {more && <More vehicleId={vehicleId} filter={filter} onChange={onChange} />}
    </search>
  );
}

function More({ vehicleId, filter, onChange }: Props) {
  const tasks = useRoutine(vehicleId).data?.tasks ?? [];
  const surfaces = useCabin(vehicleId).data?.surfaces ?? [];
  const products = useShelf().data?.products ?? [];
  const choice = (
    label: string,
    field: "kind" | "task" | "surface" | "product",
    options: { value: string; label: string }[],
  ) => (
    <div className="min-w-0">
      <span className="cap block">{label}</span>
      <Choice
        label={label}
        value={filter[field] || ANY}
        options={[{ value: ANY, label: "Any" }, ...options]}
        onChange={(value) => onChange({ [field]: value === ANY ? "" : value })}
      />
    </div>
  );
  return (
    <div className="mt-3 grid grid-cols-2 gap-3 desk:grid-cols-6">
      {choice("Kind", "kind", KINDS)}
      {choice(
        "Task",
        "task",
        tasks.map((task) => ({ value: task.taskId, label: task.name })),
      )}
      {choice(
        "Surface",
        "surface",
        surfaces.map((surface) => ({ value: surface.id, label: surface.name })),
      )}
      {choice(
        "Product",
        "product",
        products.map((product) => ({ value: product.id, label: product.details.name })),
      )}
      {(["from", "until"] as const).map((end) => (
        <label key={end} className="min-w-0">
          <span className="cap block">{end === "from" ? "From" : "Until"}</span>
          <input
            type="date"
            className="field"
            value={filter[end]}
            onChange={(event) => onChange({ [end]: event.target.value })}
          />
        </label>
      ))}
    </div>
  );
}
