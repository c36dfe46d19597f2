import { NavLink, useParams } from "react-router";
import { useTechniques } from "../api/methods";
import { minutes } from "../shared/format";
import { Empty, Failed, Loading } from "../shared/States";
import { TitleBlock } from "../shared/TitleBlock";
import { usePhone } from "../shared/usePhone";
import { VehicleNameCell } from "../shared/VehicleNameCell";
import { TechniqueSheet } from "./TechniqueSheet";

/** Techniques: how every task of the car is done, to be read in peace. */
export function TechniquesPage() {
  const { vehicleId = "", taskId } = useParams();
  const phone = usePhone();
  const list = useTechniques(vehicleId);
  if (list.isError) {
    return <Failed error={list.error} again={() => list.refetch()} />;
  }
  if (!list.data) {
    return <Loading what="Loading" />;
  }
  const { tasks, chores } = list.data;
  const shown = taskId ?? (phone ? undefined : tasks[0]?.taskId);
  return (
    <main className="flex flex-1 flex-col">
      <TitleBlock
        title="Techniques"
        cells={[
          { label: "Vehicle", value: <VehicleNameCell vehicleId={vehicleId} /> },
          { label: "Tasks", value: tasks.length },
          { label: "Getting ready and setting back", value: chores.length },
        ]}
      />
      <div className="grid flex-1 desk:grid-cols-[312px_minmax(0,1fr)]">
        {(!phone || !shown) && (
          <nav
            aria-label="Tasks"
            className="border-ink desk:sticky desk:top-0 desk:max-h-[calc(100dvh-60px)] desk:overflow-y-auto desk:border-r-[1.5px]"
          >
            {[tasks, chores].map((group) => (
              <ul key={group[0]?.taskId} className="border-b-[1.5px] border-ink last:border-b-0">
                {group.map((task) => (
                  <li key={task.taskId} className="border-b border-hairline last:border-b-0">
                    <NavLink
                      to={`/cars/${vehicleId}/methods/${task.taskId}`}
                      className={`grid min-h-11 grid-cols-[1fr_auto] gap-x-3 px-4 py-2 desk:px-[26px] ${task.taskId === shown ? "bg-deep shadow-[inset_4px_0_0_var(--ink)]" : "hover:bg-deep"}`}
                    >
                      <span className="font-semibold">{task.name}</span>
                      <span className="text-13">{minutes(task.minutes)} min</span>
                      <span className="text-13 text-soft">{task.methods.join(", ")}</span>
                    </NavLink>
                  </li>
                ))}
              </ul>
            ))}
          </nav>
        )}
        {shown ? (
          <TechniqueSheet key={shown} vehicleId={vehicleId} taskId={shown} />
        ) : (
          !phone && (
            <Empty title="Nothing to do here">
              <p>This car has no task yet.</p>
            </Empty>
          )
        )}
      </div>
    </main>
  );
}
