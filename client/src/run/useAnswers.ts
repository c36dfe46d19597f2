import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { api, ask, Problem, type Run, type RunEventKind, type TowelInHand } from "../api/client";
import { newKey } from "../api/key";
import { keys } from "../api/keys";
import { refresh } from "../api/refresh";
import { answeredElsewhere } from "./elsewhere";

const TRY_AGAIN_MS = 3000;
/** A second tap this soon after a step appeared was meant for the step before. */
const SETTLE_MS = 350;

export type Role = TowelInHand["role"];
type Event = { kind: RunEventKind; step: number; key: string; towel?: Role };

/** Sends what is answered in a run, and keeps sending it until the server has taken it. */
export function useAnswers(run: Run) {
  const queries = useQueryClient();
  const [elsewhere, setElsewhere] = useState<string | null>(null);
  const send = useMutation({
    mutationFn: ({ key, ...body }: Event) =>
      ask(
        api.POST("/api/runs/{runId}/events", {
          params: { path: { runId: run.id } },
          headers: { "Idempotency-Key": key },
          body,
        }),
      ),
    // The same key is sent again until the server has answered, so nothing is lost and nothing counts twice.
    retry: (_, error) => error instanceof Problem && error.isLostServer,
    retryDelay: TRY_AGAIN_MS,
    networkMode: "always",
    onSuccess: async (next) => {
      queries.setQueryData(keys.run(run.id), next);
      await refresh(queries, keys.car(run.vehicleId));
    },
    onError: async (error, sent) => {
      if (!(error instanceof Problem && error.status === 409)) {
        return refresh(queries, keys.run(run.id));
      }
      const now = await queries.fetchQuery({
        queryKey: keys.run(run.id),
        queryFn: () => ask(api.GET("/api/runs/{runId}", { params: { path: { runId: run.id } } })),
        staleTime: 0,
      });
      setElsewhere(answeredElsewhere(now, sent.step));
    },
    onMutate: () => setElsewhere(null),
  });
  const settled = useSettled(`${run.current} ${run.rounds}`);
  const busy = send.isPending || !settled;
  const step = run.current;
  return {
    busy,
    pending: send.isPending,
    failures: send.failureCount,
    error: send.error,
    elsewhere,
    answer: (kind: RunEventKind) => send.mutate({ kind, step, key: newKey() }),
    turn: (kind: "faceTurned" | "towelRetired", towel: Role) =>
      send.mutate({ kind, step, key: newKey(), towel }),
  };
}

/** False for a moment whenever the key changes. */
function useSettled(key: string): boolean {
  const [settledKey, setSettledKey] = useState<string | null>(null);
  useEffect(() => {
    const timer = window.setTimeout(() => setSettledKey(key), SETTLE_MS);
    return () => window.clearTimeout(timer);
  }, [key]);
  return settledKey === key;
}
