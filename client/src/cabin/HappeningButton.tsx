import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { useEvents } from "../api/car";
import { api, ask } from "../api/client";
import { keys } from "../api/keys";
import { refresh } from "../api/refresh";
import { Field } from "../shared/Field";
import { Sheet } from "../shared/Sheet";
import { useClosing } from "../spots/useAnswerSpot";

/** As many letters as stand beside a surface on the chart. */
const FITS_THE_CHART = 60;

type Props = { vehicleId: string; surfaceId: string; surfaceName: string };

/** Records that something happened to a surface; its levels rise at once. */
export function HappeningButton({ vehicleId, surfaceId, surfaceName }: Props) {
  const [open, setOpen] = useState(false);
  const [note, setNote] = useState("");
  const [everywhere, setEverywhere] = useState<string | null>(null);
  const navigate = useNavigate();
  const queries = useQueryClient();
  const happenings = useEvents(open);
  const closing = useClosing(vehicleId);
  const record = useMutation({
    mutationFn: ({ event, whole }: { event: string; whole: boolean }) =>
      ask(
        api.POST("/api/vehicles/{vehicleId}/events", {
          params: { path: { vehicleId } },
          body: { event, surfaceIds: whole ? [] : [surfaceId], note },
        }),
      ),
    onSuccess: async (_, { event }) => {
      await refresh(queries, keys.car(vehicleId));
      if (happenings.data?.some((known) => known.id === event && known.spot)) {
        navigate(`/cars/${vehicleId}/spots/${surfaceId}/${event}`);
        return;
      }
      setOpen(false);
      setNote("");
      setEverywhere(null);
    },
  });
  const asked = happenings.data?.find((happening) => happening.id === everywhere);
  return (
    <>
      <button type="button" className="act2 no-print w-full" onClick={() => setOpen(true)}>
        Something happened here
      </button>
      <Sheet
        open={open}
        onClose={() => {
          setOpen(false);
          setEverywhere(null);
        }}
        title="What happened?"
        about={`${surfaceName}: the levels it touches rise at once. You can undo it in the log.`}
      >
        <Field
          label="A few words for the chart"
          hint="For example: sugar syrup. You may leave this empty."
        >
          <input
            className="field"
            maxLength={FITS_THE_CHART}
            value={note}
            onChange={(event) => setNote(event.target.value)}
          />
        </Field>
        {asked ? (
          <div className="grid gap-2">
            <p className="text-17 font-semibold">{asked.name}: where?</p>
            <button
              type="button"
              className="act"
              disabled={record.isPending}
              onClick={() => record.mutate({ event: asked.id, whole: true })}
            >
              The whole car
            </button>
            <button
              type="button"
              className="act2"
              disabled={record.isPending}
              onClick={() => record.mutate({ event: asked.id, whole: false })}
            >
              Only here: {surfaceName}
            </button>
          </div>
        ) : (
          [false, true].map((hurts) => (
            <div key={String(hurts)} className="mb-3">
              {hurts && (
                <h3 className="mb-1 font-sans text-16 font-semibold">It can hurt somebody</h3>
              )}
              <div className="grid gap-2 desk:grid-cols-2">
                {happenings.data
                  ?.filter((happening) => happening.hurts === hurts)
                  .map((happening) => (
                    <button
                      type="button"
                      key={happening.id}
                      className="act2 justify-start text-left text-16"
                      disabled={record.isPending}
                      onClick={() =>
                        happening.wholeCar
                          ? setEverywhere(happening.id)
                          : record.mutate({ event: happening.id, whole: false })
                      }
                    >
                      {happening.name}
                    </button>
                  ))}
              </div>
            </div>
          ))
        )}
        {record.isError && (
          <p role="alert" className="mt-3 text-coral">
            {record.error.message}
          </p>
        )}
        <button
          type="button"
          className="act2 mt-4 w-full"
          disabled={closing.isPending}
          onClick={() =>
            closing.mutate(
              { surfaceIds: [surfaceId], state: "withProfessional" },
              { onSuccess: () => setOpen(false) },
            )
          }
        >
          It is with a professional
        </button>
        <p className="mt-4 text-14 text-soft">
          Blood, vomit, droppings, sewage, broken glass or mould over a wide area are not a routine
          job: leave them to licensed cleaners. Cove plans nothing there until you open it again.
        </p>
      </Sheet>
    </>
  );
}
