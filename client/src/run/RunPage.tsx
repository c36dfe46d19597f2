import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { useNavigate, useParams } from "react-router";
import {
  api,
  ask,
  Problem,
  type Run,
  type RunEventKind,
  type RunStep,
  type TowelInHand,
} from "../api/client";
import { newKey } from "../api/key";
import { keys } from "../api/keys";
import { useRun } from "../api/queries";
import { refresh } from "../api/refresh";
import { Caution } from "../shared/Caution";
import { clockOrDay, seconds } from "../shared/format";
import { Sheet } from "../shared/Sheet";
import { LostServer } from "../shared/Shell";
import { Failed, Loading } from "../shared/States";
import { useShortcuts } from "../shared/shortcuts";
import { UsedProducts } from "../shared/UsedProducts";
import { Drying } from "./Drying";
import { answeredElsewhere } from "./elsewhere";
import { Parts } from "./Parts";
import { readyToRing } from "./ring";
import { StepBar } from "./StepBar";
import { Laundry, Summary } from "./Summary";
import { Towels } from "./Towels";
import { useClock } from "./useClock";

const TRY_AGAIN_MS = 3000;
/** A second tap this soon after a step appeared was meant for the step before. */
const SETTLE_MS = 350;

type Saying = { kind: RunEventKind; step: number; key: string; towel?: TowelInHand["role"] };

/** Run: the guided session, one step at a time, for a phone in a wet hand. */
export function RunPage() {
  const { runId = "" } = useParams();
  const run = useRun(runId);
  if (run.isError && !run.data) {
    return (
      <div className="flex min-h-dvh">
        <Failed error={run.error} again={() => run.refetch()} />
      </div>
    );
  }
  if (!run.data) {
    return (
      <div className="flex min-h-dvh">
        <Loading what="Laying out the session" />
      </div>
    );
  }
  return run.data.finishedAt ? <Summary run={run.data} /> : <UnderWay run={run.data} />;
}

function UnderWay({ run }: { run: Run }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const now = useClock(run.now);
  const [asking, setAsking] = useState<"notClean" | "end" | null>(null);
  const [elsewhere, setElsewhere] = useState<string | null>(null);
  const title = useRef<HTMLHeadingElement>(null);
  const say = useMutation({
    mutationFn: (said: Saying) =>
      ask(
        api.POST("/api/runs/{runId}/events", {
          params: { path: { runId: run.id } },
          headers: { "Idempotency-Key": said.key },
          body: {
            kind: said.kind,
            step: said.step,
            ...(said.towel ? { towel: said.towel } : {}),
          },
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
    onError: async (error, said) => {
      if (!(error instanceof Problem && error.status === 409)) {
        return refresh(queries, keys.run(run.id));
      }
      const now = await queries.fetchQuery({
        queryKey: keys.run(run.id),
        queryFn: () => ask(api.GET("/api/runs/{runId}", { params: { path: { runId: run.id } } })),
        staleTime: 0,
      });
      setElsewhere(answeredElsewhere(now, said.step));
    },
    onMutate: () => setElsewhere(null),
  });
  const step = run.steps[run.current];
  const settled = useSettled(`${run.current} ${run.rounds}`);
  const busy = say.isPending || !settled;
  const answer = (kind: RunEventKind) => {
    if (!busy) {
      setAsking(null);
      say.mutate({ kind, step: run.current, key: newKey() });
    }
  };
  const turn = (kind: "faceTurned" | "towelRetired", towel: TowelInHand["role"]) =>
    say.mutate({ kind, step: run.current, key: newKey(), towel });
  useShortcuts([
    { keys: "d", label: step ? "Done" : "Finish", run: () => answer(step ? "done" : "finished") },
    {
      keys: "n",
      label: "Not clean yet",
      run: () => step && !step.putsBack && !step.isChore && setAsking("notClean"),
    },
    { keys: "s", label: "Skip this step", run: () => step && answer("skipped") },
    {
      keys: "t",
      label: "Turn the first towel",
      run: () => step?.towels[0] && !busy && turn("faceTurned", step.towels[0].role),
    },
    { keys: "e", label: "End or pause the session", run: () => setAsking("end") },
  ]);

  // biome-ignore lint/correctness/useExhaustiveDependencies: the focus follows the step
  useEffect(() => {
    title.current?.focus({ preventScroll: true });
    window.scrollTo({ top: 0 });
  }, [run.current]);

  const stepSeconds = (now - Date.parse(run.stepStartedAt)) / 1000;
  const runSeconds = (now - Date.parse(run.startedAt)) / 1000;
  const answered = run.steps
    .slice(0, run.current)
    .reduce((sum, one) => sum + one.plannedSeconds, 0);
  const behind = runSeconds - answered - Math.min(stepSeconds, step?.plannedSeconds ?? 0);

  return (
    <div
      className="mx-auto flex min-h-dvh max-w-[560px] flex-col px-5 pt-3.5 pb-4.5 text-17"
      onPointerDown={readyToRing}
    >
      <LostServer />
      <header>
        <div className="flex items-baseline justify-between">
          <span className="text-19 font-bold">
            {step ? `Step ${run.current + 1} of ${run.steps.length}` : "All steps answered"}
          </span>
          <button type="button" className="min-h-11 px-1" onClick={() => setAsking("end")}>
            <b>{seconds(runSeconds)}</b> of {run.minutes} min
            <span className="lnk ml-3">End</span>
          </button>
        </div>
        <StepBar run={run} share={step ? stepSeconds / step.plannedSeconds : 0} />
        {step && (
          <p className="mt-1.5 flex justify-between">
            <span>
              This step <b>{seconds(stepSeconds)}</b> of {seconds(step.plannedSeconds)}
            </span>
            <span className="text-soft">
              {behind > run.onTimeSeconds
                ? `${seconds(behind)} behind`
                : behind < -run.onTimeSeconds
                  ? `${seconds(-behind)} ahead`
                  : "on time"}
            </span>
          </p>
        )}
      </header>
      <main className="flex-1">
        {step ? (
          <>
            <Step run={run} step={step} titleRef={title} />
            <StillWet run={run} step={step} now={now} />
          </>
        ) : (
          <>
            <h1 ref={title} tabIndex={-1} className="my-4 text-31 outline-none">
              That was the last step
            </h1>
            <p className="mb-3">Finish to see what changed.</p>
            <Laundry run={run} />
          </>
        )}
        {step && step.towels.length > 0 && (
          <Towels
            towels={step.towels}
            busy={say.isPending}
            onTurn={(role) => turn("faceTurned", role)}
            onRetire={(role) => turn("towelRetired", role)}
          />
        )}
        {step && <Supplies step={step} />}
        {run.drying.length > 0 && (
          <div className="mt-3 border-b border-hairline">
            <Drying run={run} now={now} />
          </div>
        )}
        {step && (
          <div className="grid gap-2 pt-3 pb-4">
            {step.cautions.map((caution) => (
              <Caution key={caution} large>
                {caution}
              </Caution>
            ))}
          </div>
        )}
      </main>
      <footer
        className={`sticky bottom-0 -mx-5 bg-paper px-5 pt-2 pb-4 ${say.failureCount > 0 ? "" : "[&_:disabled]:opacity-100"}`}
      >
        {elsewhere ? (
          <p role="alert" className="pb-2 text-brass">
            {elsewhere}
          </p>
        ) : (
          <Saved pending={say.isPending} failures={say.failureCount} error={say.error} />
        )}
        {step ? (
          <div className="grid grid-cols-[1fr_112px] gap-2.5">
            {!step.putsBack && !step.isChore && (
              <button
                type="button"
                className="act2 min-h-[54px] text-[18px]"
                disabled={busy}
                onClick={() => setAsking("notClean")}
              >
                Not clean yet
              </button>
            )}
            <button
              type="button"
              className={`act2 min-h-[54px] text-[18px] ${step.putsBack || step.isChore ? "col-span-2" : ""}`}
              disabled={busy}
              onClick={() => answer("skipped")}
            >
              {step.putsBack ? "Later" : "Skip"}
            </button>
            <button
              type="button"
              className="act col-span-2 min-h-[74px] !text-[24px]"
              disabled={busy}
              onClick={() => answer("done")}
            >
              Done
            </button>
          </div>
        ) : (
          <button
            type="button"
            className="act min-h-[74px] w-full !text-[24px]"
            disabled={busy}
            onClick={() => answer("finished")}
          >
            Finish
          </button>
        )}
      </footer>
      <Sheet
        open={asking === "notClean"}
        onClose={() => setAsking(null)}
        title="Not clean yet"
        about="Another round now, or leave it: it will come back sooner."
      >
        <ol className="mb-4 text-16">
          {step?.methods[0]?.method.ladder.map((rung, index) => (
            <li key={rung} className="grid grid-cols-[22px_1fr]">
              <b>{index + 1}</b>
              {rung}
            </li>
          ))}
        </ol>
        <div className="grid gap-2.5">
          <button
            type="button"
            className="act2 min-h-[54px] text-17"
            disabled={busy}
            onClick={() => answer("again")}
          >
            One more round now
          </button>
          <button
            type="button"
            className="act min-h-[54px]"
            disabled={busy}
            onClick={() => answer("notClean")}
          >
            Leave it for next time
          </button>
        </div>
      </Sheet>
      <Sheet
        open={asking === "end"}
        onClose={() => setAsking(null)}
        title="End the session?"
        about="What is done is saved. You can also leave it open and come back: it resumes where it is."
      >
        <div className="grid gap-2.5">
          <button
            type="button"
            className="act2 min-h-[54px] text-17"
            onClick={() => navigate(`/cars/${run.vehicleId}/today`)}
          >
            Leave it open
          </button>
          <button
            type="button"
            className="act min-h-[54px]"
            disabled={busy}
            onClick={() => answer("finished")}
          >
            End it here
          </button>
        </div>
      </Sheet>
    </div>
  );
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

type StepProps = { run: Run; step: RunStep; titleRef: React.RefObject<HTMLHeadingElement | null> };

function Step({ run, step, titleRef }: StepProps) {
  return (
    <>
      <h1 ref={titleRef} tabIndex={-1} className="mt-3 mb-1.5 text-31 leading-[1.08] outline-none">
        {step.name}
      </h1>
      <p className="mb-2.5 text-soft">
        {step.zones.length > 3 ? "All round the car" : step.zones.join(", ")}
        {run.rounds > 0 && <b className="text-brass"> · round {run.rounds + 1}</b>}
      </p>
      <Parts
        key={`${run.id} ${run.current} ${run.rounds}`}
        id={`${run.id} ${run.current} ${run.rounds}`}
        step={step}
      />
    </>
  );
}

/** What the step is done with, and what to fetch for it. */
function Supplies({ step }: { step: RunStep }) {
  return (
    <>
      {step.products.length > 0 && (
        <section aria-label="Product" className="mt-3 border-t border-hairline pt-2">
          <UsedProducts products={step.products} />
        </section>
      )}
      {step.lacks.map((sentence) => (
        <p key={sentence} className="mt-2.5 border-t border-hairline pt-2">
          <b className="text-brass">Nothing safe for this on the shelf.</b> {sentence}
        </p>
      ))}
      {step.fetch.length > 0 && (
        <p className="mt-2.5 border-t border-hairline pt-2">
          <b>Fetch first:</b> {step.fetch.map((kit) => kit.contents.toLowerCase()).join("; ")}.
        </p>
      )}
    </>
  );
}

/** Says so when it is too early to put something back. */
function StillWet({ run, step, now }: { run: Run; step: RunStep; now: number }) {
  const drying = run.drying.find((one) => one.taskId === step.taskId);
  if (!step.putsBack || !drying || now >= Date.parse(drying.dryAt)) {
    return null;
  }
  return (
    <p className="mb-2 border-y border-hairline py-2">
      <b>Not dry yet.</b> Leave the session open and come back at{" "}
      {clockOrDay(drying.dryAt, run.now)}, or put them back later.
    </p>
  );
}

function Saved({
  pending,
  failures,
  error,
}: {
  pending: boolean;
  failures: number;
  error: Error | null;
}) {
  if (pending && failures > 0) {
    return (
      <p role="alert" className="pb-2 text-coral">
        Not saved yet: the server does not answer. Trying again; keep this page open.
      </p>
    );
  }
  return error ? (
    <p role="alert" className="pb-2 text-coral">
      {error.message}
    </p>
  ) : null;
}
