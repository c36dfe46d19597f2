import { useMutation, useQueryClient } from "@tanstack/react-query";
import type { FormEvent } from "react";
import { useCarUse, useUsePreview } from "../api/car";
import { api, ask, basedOn, type Choices, Problem, type Schemas, type Use } from "../api/client";
import { keys } from "../api/keys";
import { refresh } from "../api/refresh";
import { Elsewhere } from "../shared/Elsewhere";
import { Failed, Loading } from "../shared/States";
import { useDraft } from "../shared/useDraft";
import { MoveList, movesSaid } from "./MoveList";
import { OdometerPart } from "./OdometerPart";
import type { TabProps } from "./tab";
import { UseForm } from "./UseForm";

type UseOfCar = Schemas["UseView"];

/** What the car goes through. Every answer says at once which dates it moves. */
export function UseTab({ vehicle, choices }: TabProps) {
  const use = useCarUse(vehicle.id);
  if (use.isError) {
    return <Failed error={use.error} again={() => use.refetch()} />;
  }
  return use.data ? (
    <Loaded vehicleId={vehicle.id} used={use.data} choices={choices} />
  ) : (
    <Loading what="Loading" />
  );
}

type LoadedProps = { vehicleId: string; used: UseOfCar; choices: Choices };

function Loaded({ vehicleId, used, choices }: LoadedProps) {
  const queries = useQueryClient();
  const saved = used.use as Use;
  const { draft, version, changed, elsewhere, change, discard, settle } = useDraft(
    saved,
    used.version,
  );
  const path = { params: { path: { vehicleId } } };
  const preview = useUsePreview(vehicleId, draft, changed);
  const save = useMutation({
    mutationFn: () =>
      ask(
        api.PUT("/api/vehicles/{vehicleId}/use", {
          ...path,
          headers: basedOn(version),
          body: draft,
        }),
      ),
    onSuccess: () => {
      settle();
      return refresh(queries, keys.car(vehicleId));
    },
    onError: () => refresh(queries, keys.place(vehicleId, "use")),
  });
  const refused = [save.error, preview.error].find((error) => error instanceof Problem);
  const errors = changed && refused instanceof Problem ? refused.errors : {};
  const moves = changed ? preview.data : save.data;
  return (
    <div className="grid flex-1 desk:grid-cols-[minmax(0,1fr)_352px]">
      <form
        className="px-4 pt-5 pb-8 desk:px-[26px]"
        onSubmit={(event: FormEvent) => {
          event.preventDefault();
          save.mutate();
        }}
      >
        <h2 className="text-26">What does this car go through?</h2>
        <p className="mt-1 mb-5 max-w-[62ch] text-16 text-soft">
          Each answer makes some levels rise faster or slower from today on; what came before stays
          as it was.
        </p>
        <Elsewhere differences={elsewhere} />
        <UseForm
          use={draft}
          choices={choices}
          onChange={change}
          errors={errors}
          measured={used.measuredKilometresAWeek}
        />
        <OdometerPart vehicleId={vehicleId} used={used} />
      </form>
      <aside
        aria-label="What this moves"
        className="flex flex-col border-ink px-[22px] pt-5 pb-5 max-desk:border-t-[1.5px] desk:sticky desk:top-0 desk:h-[calc(100dvh-101px)] desk:overflow-y-auto desk:border-l-[1.5px]"
      >
        <h2 className="mb-1 text-20">
          {changed ? "What this would move" : save.data ? "What moved" : "What an answer moves"}
        </h2>
        {moves ? (
          <MoveList moves={moves} />
        ) : (
          <p className="text-16 text-soft">
            Change an answer, and the dates it moves stand here before you decide.
          </p>
        )}
        {save.error && Object.keys(errors).length === 0 && elsewhere.length === 0 && (
          <p role="alert" className="mt-3 text-16 text-coral">
            {save.error.message}
          </p>
        )}
        <div className="sticky bottom-0 mt-auto grid gap-2 bg-paper pt-4">
          <button
            type="button"
            className="act w-full max-desk:hidden"
            disabled={!changed || save.isPending}
            onClick={() => save.mutate()}
          >
            Apply from today
          </button>
          {changed && (
            <button type="button" className="act2 w-full" onClick={discard}>
              Discard changes
            </button>
          )}
          {!changed && save.isSuccess && (
            <p role="status" className="text-center text-14 text-kelp">
              Saved. It counts from today.
            </p>
          )}
        </div>
      </aside>
      {changed && (
        // On a phone the dates lie far below the questions: their sum and the decision stay in sight.
        <div className="sticky bottom-18 z-10 flex items-center gap-3 border-t-[1.5px] border-ink bg-paper px-4 py-2.5 desk:hidden">
          <p className="flex-1 text-14">{moves ? movesSaid(moves) : "Working it out"}</p>
          <button
            type="button"
            className="act"
            disabled={save.isPending}
            onClick={() => save.mutate()}
          >
            Apply
          </button>
        </div>
      )}
    </div>
  );
}
