import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate, useParams, useSearchParams } from "react-router";
import { useEvents } from "../api/car";
import { api, ask } from "../api/client";
import { keys } from "../api/keys";
import { useCabin } from "../api/queries";
import { refresh } from "../api/refresh";
import { Choice } from "../shared/Choice";
import { Failed, Loading } from "../shared/States";

/** Something was just spilled: where, what, and on to first aid. */
export function SpillPage() {
  const { vehicleId = "" } = useParams();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const cabin = useCabin(vehicleId);
  const events = useEvents(true);
  const asked = useSearchParams()[0].get("what");
  const [surfaceId, setSurfaceId] = useState("");
  const surfaces = cabin.data?.surfaces ?? [];
  // A seat is where most is spilled.
  const usual = surfaces.find((surface) => surface.id.endsWith("seat")) ?? surfaces[0];
  const where = surfaceId || usual?.id || "";
  const record = useMutation({
    mutationFn: (event: string) =>
      ask(
        api.POST("/api/vehicles/{vehicleId}/events", {
          params: { path: { vehicleId } },
          body: { event, surfaceIds: [where], note: "" },
        }),
      ),
    onSuccess: async (_, event) => {
      await refresh(queries, keys.car(vehicleId));
      navigate(`/cars/${vehicleId}/spots/${where}/${event}`);
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
  return (
    <main className="mx-auto w-full max-w-[560px] px-5 pt-5 pb-8">
      <h1 className="text-31">Something spilled?</h1>
      <p className="mt-1 mb-4 text-17 text-soft">
        Fresh spots come off best. Say where and what; the first thing to do follows at once.
      </p>
      <p className="mb-1 text-16 font-semibold">Where?</p>
      <Choice
        label="Where?"
        value={where}
        options={cabin.data.surfaces.map((surface) => ({ value: surface.id, label: surface.name }))}
        onChange={setSurfaceId}
      />
      <p className="mt-4 mb-1 text-16 font-semibold">What?</p>
      <div className="grid gap-2 desk:grid-cols-2">
        {events.data
          .filter((event) => event.spot)
          .sort((a, b) => Number(b.id === asked) - Number(a.id === asked))
          .map((event) => (
            <button
              type="button"
              key={event.id}
              className={`${event.id === asked ? "act" : "act2"} min-h-[54px] justify-start text-left text-17`}
              disabled={record.isPending}
              onClick={() => record.mutate(event.id)}
            >
              {event.name}
            </button>
          ))}
      </div>
      {record.isError && (
        <p role="alert" className="mt-3 text-coral">
          {record.error.message}
        </p>
      )}
    </main>
  );
}
