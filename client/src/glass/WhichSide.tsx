import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, ask, type Glass, type Pane } from "../api/client";
import { keys } from "../api/keys";
import { refresh } from "../api/refresh";
import { StrokeDiagram } from "../shared/strokes/StrokeDiagram";

const RUNS: Record<string, "across" | "upright" | "crissCross" | "still"> = {
  inside: "across",
  outside: "upright",
  both: "crissCross",
  neither: "still",
};

/** A small test that tells on which side of a pane a streak is; it ends as a note in the log. */
export function WhichSide({ glass, pane }: { glass: Glass; pane: Pane }) {
  const queries = useQueryClient();
  const [at, setAt] = useState(0);
  const note = useMutation({
    mutationFn: (finding: string) =>
      ask(
        api.POST("/api/vehicles/{vehicleId}/glass/streaks", {
          params: { path: { vehicleId: glass.vehicle.id } },
          body: { surfaceId: pane.surfaceId, finding },
        }),
      ),
    onSuccess: () => refresh(queries, keys.car(glass.vehicle.id)),
  });
  const found = note.data;
  const step = glass.streakSteps[at];
  return (
    <section aria-labelledby="which-side" className="border-b-[1.5px] border-ink pb-4">
      <h2 id="which-side" className="text-20">
        Which side is the streak on?
      </h2>
      {found ? (
        <div role="status">
          <p className="mt-2 text-16">
            <b className="font-semibold">{found.sees}.</b> {found.means} {found.then}
          </p>
          <p className="mt-1 text-13 text-soft">Noted in the log for {pane.name.toLowerCase()}.</p>
          <button
            type="button"
            className="act2 mt-3"
            onClick={() => {
              note.reset();
              setAt(0);
            }}
          >
            Test again
          </button>
        </div>
      ) : (
        step && (
          <>
            <p className="mt-1 text-14 text-soft">
              {pane.name} · step {at + 1} of {glass.streakSteps.length}
            </p>
            <div className="mt-2 grid grid-cols-[112px_1fr] items-center gap-4">
              <StrokeDiagram step={step} size="row" />
              <p className="text-14 max-desk:text-16">
                <b className="block font-semibold">{step.aim}</b>
                {step.text}
              </p>
            </div>
            {at < glass.streakSteps.length - 1 ? (
              <button type="button" className="act2 mt-3 w-full" onClick={() => setAt(at + 1)}>
                Wiped, next
              </button>
            ) : (
              <ul className="mt-2">
                {glass.streakFindings.map((finding) => (
                  <li key={finding.id} className="border-t border-hairline">
                    <button
                      type="button"
                      disabled={note.isPending}
                      className="grid min-h-[58px] w-full grid-cols-[72px_1fr] items-center gap-3 py-1.5 text-left hover:bg-deep"
                      onClick={() => note.mutate(finding.id)}
                    >
                      <StrokeDiagram
                        size="row"
                        step={{
                          aim: finding.sees,
                          ground: "windscreen",
                          stroke: RUNS[finding.id] ?? "still",
                          strokeName: finding.sees,
                          zones: 1,
                        }}
                      />
                      <span>
                        <b className="block text-[15px] font-semibold">{finding.sees}</b>
                        <span className="text-13 text-soft">{finding.means}</span>
                      </span>
                    </button>
                  </li>
                ))}
              </ul>
            )}
            {note.isError && (
              <p role="alert" className="mt-2 text-coral">
                {note.error.message}
              </p>
            )}
          </>
        )
      )}
    </section>
  );
}
