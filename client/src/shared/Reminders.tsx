import { useMutation, useQueryClient } from "@tanstack/react-query";
import { ToggleGroup } from "radix-ui";
import { useState } from "react";
import { api, ask, type Reminder } from "../api/client";
import { keys } from "../api/keys";
import { useReminders } from "../api/log";
import { refresh } from "../api/refresh";
import { clockOrDay } from "./format";

const WHERE = ["driver's side", "passenger's side", "low down", "at the edges"];

/** What is to be followed up after a session: a question about the night before, belts left out to dry. */
export function Reminders({ vehicleId, now }: { vehicleId: string; now: string }) {
  const reminders = useReminders(vehicleId);
  const shown = (reminders.data ?? []).filter(
    (reminder) => reminder.isDue || reminder.kind === "dry",
  );
  return shown.length > 0 ? (
    <section aria-label="To follow up" className="no-print border-b-[1.5px] border-ink">
      {shown.map((reminder) =>
        reminder.kind === "nightCheck" ? (
          <NightCheck key={reminder.entryId} vehicleId={vehicleId} reminder={reminder} />
        ) : (
          <Dry key={reminder.entryId} vehicleId={vehicleId} reminder={reminder} now={now} />
        ),
      )}
    </section>
  ) : null;
}

function useFollowUp<T = void>(vehicleId: string, send: (said: T) => Promise<unknown>) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: send,
    onSuccess: () => refresh(queries, keys.car(vehicleId)),
  });
}

type RowProps = { vehicleId: string; reminder: Reminder };

const ROW =
  "flex flex-wrap items-center gap-x-5 gap-y-2 border-hairline bg-deep px-4 py-2.5 not-first:border-t desk:px-[26px]";

function NightCheck({ vehicleId, reminder }: RowProps) {
  const [where, setWhere] = useState<string[]>([]);
  const look = useFollowUp(vehicleId, (answer: string) =>
    ask(
      api.POST("/api/vehicles/{vehicleId}/looks", {
        params: { path: { vehicleId } },
        body: {
          inspection: "night-check",
          result: answer,
          surfaceId: "windscreen",
          note: where.join(", "),
        },
      }),
    ),
  );
  const dismiss = useFollowUp(vehicleId, () =>
    ask(api.POST("/api/log/{entryId}/settle", { params: { path: { entryId: reminder.entryId } } })),
  );
  return (
    <div className={ROW}>
      <div className="min-w-0 flex-1 basis-[300px]">
        <h2 className="text-17">{reminder.title}</h2>
        <p className="text-14 text-soft max-desk:text-16">{reminder.text}</p>
        {(look.error ?? dismiss.error) && (
          <p role="alert" className="text-coral">
            {(look.error ?? dismiss.error)?.message}
          </p>
        )}
      </div>
      <ToggleGroup.Root
        type="multiple"
        aria-label="Where, if anywhere"
        value={where}
        onValueChange={setWhere}
        className="flex flex-wrap gap-1.5"
      >
        {WHERE.map((place) => (
          <ToggleGroup.Item
            key={place}
            value={place}
            className="min-h-11 border border-line px-2.5 text-14 data-[state=on]:bg-ink data-[state=on]:text-paper max-desk:text-16"
          >
            {place}
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
      <div className="flex flex-wrap gap-2">
        {reminder.answers.map((answer) => (
          <button
            key={answer.id}
            type="button"
            className="act2 bg-paper"
            disabled={look.isPending}
            onClick={() => look.mutate(answer.id)}
          >
            {answer.words}
          </button>
        ))}
        <button type="button" className="lnk min-h-11 px-1" onClick={() => dismiss.mutate()}>
          I did not check
        </button>
      </div>
    </div>
  );
}

function Dry({ vehicleId, reminder, now }: RowProps & { now: string }) {
  const settle = useFollowUp(vehicleId, () =>
    ask(api.POST("/api/log/{entryId}/settle", { params: { path: { entryId: reminder.entryId } } })),
  );
  return (
    <div className={ROW}>
      <div className="min-w-0 flex-1 basis-[300px]">
        <h2 className="text-17">
          {reminder.title}:{" "}
          {reminder.isDue ? "dry by now" : `until ${clockOrDay(reminder.from, now)}`}
        </h2>
        <p className="text-14 text-soft max-desk:text-16">{reminder.text}</p>
        {settle.isError && (
          <p role="alert" className="text-coral">
            {settle.error.message}
          </p>
        )}
      </div>
      {reminder.isDue && (
        <button
          type="button"
          className="act2 bg-paper"
          disabled={settle.isPending}
          onClick={() => settle.mutate()}
        >
          {reminder.doneWords}
        </button>
      )}
    </div>
  );
}
