import { useQueryClient } from "@tanstack/react-query";
import type { Schemas } from "../../api/client";
import { keys } from "../../api/keys";
import { refresh } from "../../api/refresh";
import { count } from "../../shared/format";
import { ImportFile } from "../../shared/ImportFile";

/** Adds the products of a spreadsheet, all of them or none. */
export function ImportShelf() {
  const queries = useQueryClient();
  return (
    <ImportFile<Schemas["ShelfImportView"]>
      to="/api/shelf/products.csv"
      type="text/csv"
      accept=".csv,text/csv"
      label="Shelf file"
      button="Import a CSV"
      onTaken={async () => {
        await refresh(queries, keys.shelf);
        await refresh(queries, keys.cars);
      }}
      flaw={(field, sentence) => sentence.replace(":", `, ${field}:`)}
      taken={(answer) => `${count(answer.added, "product")} put on the shelf.`}
    />
  );
}
