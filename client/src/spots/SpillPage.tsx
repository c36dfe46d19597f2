import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate, useParams, useSearchParams } from "react-router";
import { useEvents } from "../api/car";
import { api, ask, type Schemas } from "../api/client";
import { keys } from "../api/keys";
import { useCabin } from "../api/queries";
import { refresh } from "../api/refresh";
import { Choice } from "../shared/Choice";
import { Failed, Loading } from "../shared/States";

/** Stands for no further place; a choice needs a value. */
const NOWHERE = "nowhere-else";

/** Something was just spilled: where, what, and on to first aid. */
export function SpillPage() {
  const { vehicleId = "" } = useParams();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const cabin = useCabin(vehicleId);
  const events = useEvents(true);
  const asked = useSearchParams()[0].get("what");
  const [chosen, setChosen] = useState<string[]>([]);
  const surfaces = cabin.data?.surfaces ?? [];
  // A seat is where most is spilled.
  const usual = surfaces.find((surface) => surface.id.endsWith("seat")) ?? surfaces[0];
  const where = chosen.length > 0 ? chosen : usual ? [usual.id] : [];
  const others = surfaces.filter((surface) => !where.includes(surface.id));
  const nameOf = (id: string) => surfaces.find((surface) => surface.id === id)?.name ?? id;
  const record = useMutation({
    mutationFn: (event: string) =>
      ask(
        api.POST("/api/vehicles/{vehicleId}/events", {
          params: { path: { vehicleId } },
          body: { event, surfaceIds: where, note: "" },
        }),
      ),
    onSuccess: async (_, event) => {
      await refresh(queries, keys.car(vehicleId));
      navigate(`/cars/${vehicleId}/spots/${where[0]}/${event}`);
    },
  });
  if (cabin.isError || events.isError) {
    return (
      <Failed
        error={(cabin.error ?? events.error) as Error}
        again={() => {
          cabin.refetch();
          events.refetch();
        }}
      />
    );
  }
  if (!cabin.data || !events.data) {
    return <Loading what="Looking up first aid" />;
  }
  const sorted = events.data
    .filter((event) => event.spot)
    .sort((a, b) => Number(b.id === asked) - Number(a.id === asked));
  const isHurting = sorted[0]?.id === asked && sorted[0]?.hurts;
  return (
    <main className="mx-auto flex w-full max-w-[560px] flex-col px-5 pt-5 pb-8">
      <h1 className="text-31">Something spilled?</h1>
      <p className="mt-1 mb-4 text-17 text-soft">
        Fresh spots come off best. Say where and what; the first thing to do follows at once.
      </p>
      {!isHurting && (
        <p className="mb-3 text-16">
          <a className="lnk inline-flex min-h-11 items-center" href="#hurts">
            Petrol, acid, a needle, glass, sickness: further down
          </a>
        </p>
      )}
      <p className="mb-1 text-16 font-semibold">Where?</p>
      <Choice
        label="Where?"
        value={where[0] ?? ""}
        options={surfaces
          .filter((surface) => !where.slice(1).includes(surface.id))
          .map((surface) => ({ value: surface.id, label: surface.name }))}
        onChange={(id) => setChosen([id, ...where.slice(1)])}
      />
      {where.slice(1).map((id) => (
        <p
          key={id}
          className="mt-2 flex items-center justify-between gap-3 border-t border-hairline pt-2"
        >
          <span className="text-17">{nameOf(id)}</span>
          <button
            type="button"
            className="lnk min-h-11 px-2"
            onClick={() => setChosen(where.filter((known) => known !== id))}
          >
            Not there<span className="sr-only">: {nameOf(id)}</span>
          </button>
        </p>
      ))}
      {others.length > 0 && (
        <div className="mt-2">
          <Choice
            label="And where else?"
            value={NOWHERE}
            options={[
              { value: NOWHERE, label: "And somewhere else?" },
              ...others.map((surface) => ({ value: surface.id, label: surface.name })),
            ]}
            onChange={(id) => id !== NOWHERE && setChosen([...where, id])}
          />
        </div>
      )}
      <Kinds
        id="hurts"
        title="It can hurt somebody"
        events={sorted.filter((event) => event.hurts)}
        asked={asked}
        first={isHurting}
        busy={record.isPending}
        onChoose={record.mutate}
      />
      <Kinds
        title="What?"
        events={sorted.filter((event) => !event.hurts)}
        asked={asked}
        first={!isHurting}
        busy={record.isPending}
        onChoose={record.mutate}
      />
      {record.isError && (
        <p role="alert" className="mt-3 text-coral">
          {record.error.message}
        </p>
      )}
    </main>
  );
}

type KindsProps = {
  id?: string;
  title: string;
  events: Schemas["EventChoiceView"][];
  asked: string | null;
  /** Whether it stands before the other list. */
  first: boolean | undefined;
  busy: boolean;
  onChoose: (event: string) => void;
};

/** What can have happened, as buttons; what was looked for by name is the first of them. */
function Kinds({ id, title, events, asked, first, busy, onChoose }: KindsProps) {
  return (
    <section id={id} className={first ? "order-1" : "order-2"}>
      <h2 className="mt-4 mb-1 font-sans text-16 font-semibold">{title}</h2>
      <div className="grid gap-2 desk:grid-cols-2">
        {events.map((event) => (
          <button
            type="button"
            key={event.id}
            className={`${event.id === asked ? "act" : "act2"} min-h-[54px] justify-start text-left text-17`}
            disabled={busy}
            onClick={() => onChoose(event.id)}
          >
            {event.name}
          </button>
        ))}
      </div>
    </section>
  );
}
