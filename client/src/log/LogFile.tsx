import { useQueryClient } from "@tanstack/react-query";
import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { keys } from "../api/keys";
import { refresh } from "../api/refresh";
import { count } from "../shared/format";
import { ImportFile } from "../shared/ImportFile";

/** The log on paper and as a file, out and in. */
export function LogFile({ vehicleId, empty = false }: { vehicleId: string; empty?: boolean }) {
  const queries = useQueryClient();
  return (
    <div
      className={`no-print flex flex-wrap items-center gap-3 max-desk:gap-2 max-desk:[&_.act2]:px-2 max-desk:[&_.act2]:text-13 ${empty ? "mt-4 justify-center" : ""}`}
    >
      {!empty && (
        <>
          <Link className="act2" to={`/cars/${vehicleId}/log/record`}>
            Record of care
          </Link>
          <a className="act2" href={`/api/vehicles/${vehicleId}/log.csv`} download="cove-log.csv">
            Export as CSV
          </a>
        </>
      )}
      <ImportFile<Schemas["LogImportView"]>
        to={`/api/vehicles/${vehicleId}/log.csv`}
        type="text/csv"
        accept=".csv,text/csv"
        label="Log file"
        button="Import a CSV"
        onTaken={() => refresh(queries, keys.car(vehicleId))}
        flaw={(field, sentence) => sentence.replace(":", `, ${field}:`)}
        taken={(answer) =>
          `${count(answer.added, "entry").replace("entrys", "entries")} put on record${
            answer.known > 0 ? `; ${answer.known} were there already` : ""
          }.`
        }
      />
    </div>
  );
}
