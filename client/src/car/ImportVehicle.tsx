import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useRef } from "react";
import { ask, Problem, type Schemas } from "../api/client";
import { keys } from "../api/keys";
import { refresh } from "../api/refresh";
import { sendOnce } from "../api/resend";

/** Adds a car from a file that was exported before. */
export function ImportVehicle({ onAdded }: { onAdded: (vehicleId: string) => void }) {
  const input = useRef<HTMLInputElement>(null);
  const queries = useQueryClient();
  const bring = useMutation({
    mutationFn: async (file: File) => ask(send(file)),
    onSuccess: async (vehicle) => {
      await refresh(queries, keys.vehicles);
      onAdded(vehicle.id);
    },
  });
  const flaws =
    bring.error instanceof Problem
      ? Object.entries(bring.error.errors).flatMap(([field, sentences]) =>
          sentences.map((sentence) => ({ field, sentence })),
        )
      : [];
  return (
    <div>
      <input
        ref={input}
        type="file"
        accept=".json,application/json"
        className="sr-only"
        tabIndex={-1}
        aria-label="Vehicle file"
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
        Bring a car from a file
      </button>
      <p className="mt-2 text-14 text-soft">
        A file that was exported here or on another device, with its log. All of it is taken, or
        nothing.{" "}
        <a className="lnk" href="/api/schemas/vehicle">
          The format is public.
        </a>
      </p>
      {bring.error && (
        <div role="alert" className="mt-3 text-16 text-coral">
          <p className="font-semibold">{bring.error.message}</p>
          {flaws.length > 1 && (
            <ul className="mt-2 text-14">
              {flaws.slice(0, 8).map((flaw) => (
                <li key={flaw.field + flaw.sentence}>
                  {flaw.field}: {flaw.sentence}
                </li>
              ))}
            </ul>
          )}
        </div>
      )}
    </div>
  );
}

/** The file goes out as it is, so that the lines the server names are those of the file. */
async function send(file: File) {
  const response = await sendOnce(
    new Request("/api/vehicles/import", {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: file,
    }),
  );
  const answer = await response.json();
  return response.ok
    ? { data: answer as Schemas["VehicleInListView"], response }
    : { error: answer as unknown, response };
}
