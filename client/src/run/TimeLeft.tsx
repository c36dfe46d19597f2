import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, ask, Problem, type Run } from "../api/client";
import { newKey } from "../api/key";
import { keys } from "../api/keys";
import * as limits from "../api/limits";
import { outbox } from "./offline";

const USUAL = [5, 10, 20, 40];
const { min: LEAST, max: MOST } = limits.MinutesLeft.minutes;

type Props = { run: Run; onPlanned: () => void };

/** Less time than was thought, or more: what is left is planned anew. This is worked out by Cove, so it takes a network. */
export function TimeLeft({ run, onPlanned }: Props) {
  const queries = useQueryClient();
  const [minutes, setMinutes] = useState("");
  const plan = useMutation({
    mutationFn: async (left: number) => {
      // What was answered counts before anything is planned.
      await outbox.flush();
      return ask(
        api.POST("/api/runs/{runId}/plan", {
          params: { path: { runId: run.id } },
          headers: { "Idempotency-Key": newKey() },
          body: { minutes: left },
        }),
      );
    },
    onSuccess: (planned) => {
      queries.setQueryData(keys.run(run.id), planned);
      onPlanned();
    },
  });
  const left = Number(minutes);
  const sound = Number.isInteger(left) && left >= LEAST && left <= MOST;
  return (
    <section aria-labelledby="time-left" className="mt-4 border-t border-hairline pt-3 text-17">
      <h3 id="time-left" className="text-20">
        How many minutes have you left?
      </h3>
      <p className="text-16 text-soft">What is open is planned anew for them.</p>
      <div className="mt-2 flex flex-wrap gap-2">
        {USUAL.map((usual) => (
          <button
            key={usual}
            type="button"
            className="act2 min-h-12 min-w-14"
            disabled={plan.isPending}
            onClick={() => plan.mutate(usual)}
          >
            {usual}
          </button>
        ))}
        <input
          aria-label="Minutes left"
          className="field !w-20"
          inputMode="numeric"
          value={minutes}
          onChange={(event) => setMinutes(event.target.value)}
        />
        <button
          type="button"
          className="act2 min-h-12"
          disabled={!sound || plan.isPending}
          onClick={() => plan.mutate(left)}
        >
          Plan
        </button>
      </div>
      {plan.isError && (
        <p role="alert" className="mt-2 text-coral">
          {plan.error instanceof Problem && plan.error.isLostServer
            ? "Cove cannot be reached now, so the plan stays as it is. You can go on with the session."
            : plan.error.message}
        </p>
      )}
    </section>
  );
}
