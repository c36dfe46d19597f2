import { useMutation, useQueryClient } from "@tanstack/react-query";
import { Popover } from "radix-ui";
import { api, ask, type Schemas } from "../api/client";
import { keys } from "../api/keys";
import { refresh } from "../api/refresh";
import { useBusyTimes } from "../api/routine";
import { count, shortDay } from "../shared/format";
import { ImportFile } from "../shared/ImportFile";

type Props = { vehicleId: string; feed: string };

/** What the owner has to do beside cleaning, from a file of their own calendar. */
function BusyTimes() {
  const queries = useQueryClient();
  const busy = useBusyTimes();
  const all = async () => {
    await refresh(queries, keys.busy);
    await refresh(queries, keys.cars);
  };
  const forget = useMutation({ mutationFn: () => ask(api.DELETE("/api/busy")), onSuccess: all });
  return (
    <div className="mt-4 border-t border-hairline pt-3">
      <p className="mb-2 text-14 text-soft">
        {busy.data && busy.data.times > 0
          ? `${count(busy.data.times, "busy time")} known${busy.data.until ? ` up to ${shortDay(busy.data.until)}` : ""}. Sessions that collide say so.`
          : "Import a calendar file, and sessions that collide with it say so. Only beginnings and ends are kept."}
      </p>
      <div className="flex flex-wrap gap-3">
        <ImportFile<Schemas["BusyView"]>
          to="/api/busy"
          type="text/calendar"
          accept=".ics,text/calendar"
          label="Calendar file with busy times"
          button="Import busy times"
          onTaken={all}
          flaw={(_, sentence) => sentence}
        />
        {busy.data && busy.data.times > 0 && (
          <button
            type="button"
            className="act2"
            disabled={forget.isPending}
            onClick={() => forget.mutate()}
          >
            Delete them
          </button>
        )}
      </div>
    </div>
  );
}

/** The sessions in the owner's own calendar: as a file, or as an address that it asks again and again. */
export function CalendarCell({ vehicleId, feed }: Props) {
  const queries = useQueryClient();
  const renew = useMutation({
    mutationFn: () =>
      ask(api.POST("/api/vehicles/{vehicleId}/routine/feed", { params: { path: { vehicleId } } })),
    onSuccess: () => refresh(queries, keys.place(vehicleId, "routine")),
  });
  return (
    <Popover.Root>
      <Popover.Trigger className="lnk">File or address</Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={8}
          className="z-50 w-[min(420px,calc(100vw-24px))] border-[1.5px] border-ink bg-paper p-4"
        >
          <p className="mb-3 text-16">
            <a className="lnk" href={`/api/vehicles/${vehicleId}/routine/calendar`} download>
              Calendar file
            </a>{" "}
            with the sessions of the next 26 weeks.
          </p>
          <p className="mb-2 text-14 text-soft">
            Or give your calendar an address that it asks by itself. Whoever knows it can read when
            you clean, so keep it to yourself; a new one ends the old one.
          </p>
          {feed && (
            <input
              className="field mb-2 text-14"
              readOnly
              aria-label="Address of the calendar"
              value={`${window.location.origin}${feed}`}
              onFocus={(event) => event.target.select()}
            />
          )}
          <button
            type="button"
            className="act2"
            disabled={renew.isPending}
            onClick={() => renew.mutate()}
          >
            {feed ? "Make a new address" : "Make an address"}
          </button>
          <BusyTimes />
          {renew.error && (
            <p role="alert" className="mt-2 text-14 text-coral">
              {renew.error.message}
            </p>
          )}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
