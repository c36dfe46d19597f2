import { useMemo, useState } from "react";
import { Link, useSearchParams } from "react-router";
import type { Matrix } from "../../api/client";
import { useVerdicts } from "../../api/shelf";
import { Choice } from "../../shared/Choice";
import { PrintButton } from "../../shared/PrintButton";
import { Sheet } from "../../shared/Sheet";
import { Empty, Failed, Loading } from "../../shared/States";
import { useShortcuts } from "../../shared/shortcuts";
import { usePhone } from "../../shared/usePhone";
import type { ShelfTabProps } from "../tab";
import { AnswerSheet } from "./AnswerSheet";
import { Legend } from "./Legend";
import { MatrixGrid } from "./MatrixGrid";
import { MatrixList } from "./MatrixList";

const ALL = "all";

/** Every product against every surface of this car; the chosen cell says why. */
export function MatrixTab({ vehicleId, shelf, choices }: ShelfTabProps) {
  const matrix = useVerdicts(vehicleId);
  if (matrix.isError) {
    return <Failed error={matrix.error} again={() => matrix.refetch()} />;
  }
  if (!matrix.data) {
    return <Loading what="Checking every product on every surface" />;
  }
  if (shelf.products.length === 0) {
    return (
      <Empty title="The shelf is empty">
        <p>
          List the bottles you have, and Cove says for every surface of this car whether they may
          touch it, how strong and how.
        </p>
        <p className="mt-6">
          <Link className="act text-paper" to={`/cars/${vehicleId}/shelf/products?add`}>
            Put the first product on it
          </Link>
        </p>
      </Empty>
    );
  }
  return <Loaded vehicleId={vehicleId} matrix={matrix.data} choices={choices} />;
}

type LoadedProps = Pick<ShelfTabProps, "vehicleId" | "choices"> & { matrix: Matrix };

function Loaded({ vehicleId, matrix, choices }: LoadedProps) {
  const [zone, setZone] = useState(ALL);
  const [task, setTask] = useState(ALL);
  const [asList, setAsList] = useState(false);
  const [params, setParams] = useSearchParams();
  const columns = useMemo(
    () =>
      matrix.surfaces
        .map((surface, index) => ({ surface, index }))
        .filter(
          ({ surface }) =>
            (zone === ALL || surface.zoneIds.includes(zone)) &&
            (task === ALL || surface.taskIds.includes(task)),
        ),
    [matrix, zone, task],
  );
  const row = matrix.rows.find((row) => row.productId === params.get("product"));
  const column = columns.find(({ surface }) => surface.id === params.get("surface"));
  const phone = usePhone();
  const answer =
    row && column ? (
      <AnswerSheet
        key={`${row.productId} ${column.surface.id}`}
        vehicleId={vehicleId}
        productId={row.productId}
        surfaceId={column.surface.id}
        choices={choices}
      />
    ) : null;
  const choose = (productId: string, surfaceId: string) =>
    setParams({ product: productId, surface: surfaceId }, { replace: true });
  useShortcuts([
    {
      keys: "l",
      label: asList ? "Show as a chart" : "Show as a list",
      run: () => setAsList(!asList),
    },
    { keys: "← → ↑ ↓", label: "Walk the cells; the sheet follows" },
  ]);
  return (
    <div className="grid flex-1 print:block content-start wide:grid-cols-[minmax(0,1fr)_300px] desk-wide:grid-cols-[minmax(0,1fr)_400px]">
      <section aria-label="Verdicts" className="min-w-0 pt-3 pb-6">
        <div className="flex flex-wrap items-center gap-x-6 gap-y-1 px-4 desk:px-[26px]">
          <span className="text-16">
            <span className="text-soft">Where:</span>{" "}
            <Choice
              plain
              label="Zone"
              value={zone}
              options={[{ value: ALL, label: "All round the car" }, ...named(matrix.zones)]}
              onChange={setZone}
            />
          </span>
          <span className="text-16">
            <span className="text-soft">For:</span>{" "}
            <Choice
              plain
              label="Task"
              value={task}
              options={[{ value: ALL, label: "Any work" }, ...named(matrix.tasks)]}
              onChange={setTask}
            />
          </span>
          <button
            type="button"
            className="lnk ml-auto min-h-6 text-14 max-desk:hidden"
            onClick={() => setAsList(!asList)}
          >
            {asList ? "As a chart" : "As a list"}
          </button>
          <span className="max-desk:hidden">
            <PrintButton label="Print" />
          </span>
        </div>
        {columns.length === 0 ? (
          <p className="px-[26px] py-8 text-16 text-soft">No surface here needs that work.</p>
        ) : (
          <>
            <div className={asList ? "hidden" : "max-desk:hidden print:block"}>
              <MatrixGrid matrix={matrix} columns={columns} chosen={params} onChoose={choose} />
            </div>
            <div className={asList ? "" : "desk:hidden print:hidden"}>
              <MatrixList matrix={matrix} columns={columns} chosen={params} onChoose={choose} />
            </div>
            <Legend />
          </>
        )}
      </section>
      <aside
        aria-label="Why"
        className="no-print flex flex-col border-ink max-wide:border-t-[1.5px] max-desk:hidden wide:sticky wide:top-0 wide:h-[calc(100dvh-101px)] wide:overflow-y-auto wide:border-l-[1.5px]"
      >
        {answer && !phone ? (
          answer
        ) : (
          <div className="px-[22px] pt-5 text-16 text-soft ">
            <h2 className="mb-2 text-20 text-ink">May it touch?</h2>
            <p>
              Each cell is one product on one kind of surface, put on in the gentlest usual way.
              Choose one to see why, what to change and what to wear.
            </p>
          </div>
        )}
      </aside>
      <Sheet
        open={phone && answer !== null}
        onClose={() => setParams({}, { replace: true })}
        title="May it touch?"
      >
        {answer}
      </Sheet>
    </div>
  );
}

function named(list: { value: string; name: string }[]) {
  return list.map((row) => ({ value: row.value, label: row.name }));
}
