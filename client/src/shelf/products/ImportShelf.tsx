import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useRef } from "react";
import { ask, Problem, type Schemas } from "../../api/client";
import { keys } from "../../api/keys";
import { refresh } from "../../api/refresh";
import { sendOnce } from "../../api/resend";
import { count } from "../../shared/format";

/** Adds the products of a spreadsheet, all of them or none. */
export function ImportShelf() {
  const input = useRef<HTMLInputElement>(null);
  const queries = useQueryClient();
  const bring = useMutation({
    mutationFn: async (file: File) => ask(send(file)),
    onSuccess: async () => {
      await refresh(queries, keys.shelf);
      await refresh(queries, keys.cars);
    },
  });
  const flaws =
    bring.error instanceof Problem
      ? Object.entries(bring.error.errors).flatMap(([field, sentences]) =>
          sentences.map((sentence) => ({ field, sentence })),
        )
      : [];
  return (
    <>
      <input
        ref={input}
        type="file"
        accept=".csv,text/csv"
        className="sr-only"
        tabIndex={-1}
        aria-label="Shelf file"
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = "";
          if (file) {
            bring.mutate(file);
          }
        }}
      />
      <button
        type="button"
        className="act2"
        disabled={bring.isPending}
        onClick={() => input.current?.click()}
      >
        Bring in a CSV
      </button>
      {bring.isSuccess && (
        <p role="status" className="basis-full text-16 text-kelp">
          {count(bring.data.added, "product")} put on the shelf.
        </p>
      )}
      {bring.error && (
        <div role="alert" className="basis-full text-16 text-coral">
          <p className="font-semibold">{bring.error.message}</p>
          {flaws.length > 1 && (
            <ul className="mt-1 text-14">
              {flaws.map((flaw) => (
                <li key={flaw.field + flaw.sentence}>
                  {flaw.sentence.replace(":", `, ${flaw.field}:`)}
                </li>
              ))}
            </ul>
          )}
        </div>
      )}
    </>
  );
}

/** The file goes out as it is, so that the lines the server names are those of the file. */
async function send(file: File) {
  const response = await sendOnce(
    new Request("/api/shelf/products.csv", {
      method: "POST",
      headers: { "content-type": "text/csv" },
      body: file,
    }),
  );
  const answer = await response.json();
  return response.ok
    ? { data: answer as Schemas["ShelfImportView"], response }
    : { error: answer as unknown, response };
}
