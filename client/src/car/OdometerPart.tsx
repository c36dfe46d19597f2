import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, ask, Problem, type Schemas } from "../api/client";
import { keys } from "../api/keys";
import { refresh } from "../api/refresh";
import { Field } from "../shared/Field";
import { clock, shortDay } from "../shared/format";
import { settings } from "../shared/settings";
import { distance, fromField } from "../shared/units";
import { MoveList } from "./MoveList";

type Props = { vehicleId: string; used: Schemas["UseView"] };

/** Readings of the odometer: where there are two, the distance is known and need not be guessed. */
export function OdometerPart({ vehicleId, used }: Props) {
  const queries = useQueryClient();
  const [shown, setShown] = useState("");
  const path = { params: { path: { vehicleId } } };
  const after = () => refresh(queries, keys.car(vehicleId));
  const add = useMutation({
    mutationFn: () =>
      ask(
        api.POST("/api/vehicles/{vehicleId}/odometer", {
          ...path,
          body: { kilometres: fromField(Number(shown), settings().distanceScale) },
        }),
      ),
    onSuccess: () => {
      setShown("");
      return after();
    },
  });
  const read = useMutation({
    mutationFn: () => ask(api.POST("/api/vehicles/{vehicleId}/odometer/feed", path)),
    onSuccess: after,
  });
  const remove = useMutation({
    mutationFn: (at: string) =>
      ask(
        api.DELETE("/api/vehicles/{vehicleId}/odometer/{at}", {
          params: { path: { vehicleId, at } },
        }),
      ),
    onSuccess: after,
  });
  const failed = [add.error, read.error, remove.error].find(Boolean);
  const refused = failed instanceof Problem ? failed : null;
  const moved = add.data ?? read.data;
  return (
    <section className="border-t border-hairline pt-3">
      <h3 className="mb-1 text-20">Odometer</h3>
      <p className="mb-3 max-w-[62ch] text-14 text-soft">
        Between two readings three days apart or more, the distance is measured, and takes the place
        of the distance given above.
      </p>
      <div className="grid items-start gap-x-6 gap-y-2 desk:grid-cols-[220px_auto_auto]">
        <Field
          label={`Reading (${settings().distanceScale.sign})`}
          error={refused?.errors.kilometres?.[0]}
        >
          <input
            className="field"
            type="number"
            inputMode="decimal"
            step="any"
            value={shown}
            onChange={(event) => setShown(event.target.value)}
          />
        </Field>
        <button
          type="button"
          className="act2 desk:mt-7"
          disabled={shown === "" || add.isPending}
          onClick={() => add.mutate()}
        >
          Save this reading
        </button>
        <div className="desk:mt-7">
          <button
            type="button"
            className="act2 w-full"
            disabled={read.isPending}
            onClick={() => read.mutate()}
          >
            Read the {used.feed.toLowerCase()}
          </button>
          <p className="mt-1 text-13 text-soft">
            A stand-in that ships with Cove; what it shows is invented.
          </p>
        </div>
      </div>
      {failed && !refused?.errors.kilometres && (
        <p role="alert" className="my-2 text-16 text-coral">
          {(failed as Error).message}
        </p>
      )}
      {moved && moved.moved.length > 0 && (
        <div className="my-3 max-w-[420px]">
          <p className="text-16 font-semibold">With this reading:</p>
          <MoveList moves={moved} />
        </div>
      )}
      {used.readings.length > 0 && (
        <table className="mt-2 w-full max-w-[560px] text-14">
          <caption className="sr-only">Readings of the odometer, newest first</caption>
          <tbody>
            {used.readings.map((reading) => (
              <tr key={reading.at} className="border-t border-hairline">
                <td className="py-1.5">
                  {shortDay(reading.at)}, {clock(reading.at)}
                </td>
                <td className="text-right font-semibold">{distance(reading.kilometres)}</td>
                <td className="note pl-4">{reading.simulated ? "simulated" : ""}</td>
                <td className="text-right">
                  <button
                    type="button"
                    className="lnk min-h-6"
                    aria-label={`Take back the reading of ${shortDay(reading.at)}`}
                    disabled={remove.isPending}
                    onClick={() => remove.mutate(reading.at)}
                  >
                    Take back
                  </button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}
