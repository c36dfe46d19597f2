import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useDeferredValue, useState } from "react";
import { Link, useParams, useSearchParams } from "react-router";
import { api, ask, basedOn, type LogEntry } from "../api/client";
import { keys } from "../api/keys";
import { useLog } from "../api/log";
import { refresh } from "../api/refresh";
import { clock, count, minutes, shortDay } from "../shared/format";
import { Empty, Failed, Loading } from "../shared/States";
import { TitleBlock } from "../shared/TitleBlock";
import { VehicleNameCell } from "../shared/VehicleNameCell";
import { CorrectSheet } from "./CorrectSheet";
import { DidThis } from "./DidThis";
import { NO_FILTER } from "./filter";
import { LogFile } from "./LogFile";
import { LogFilters } from "./LogFilters";
import { PhotoSheet } from "./photos/PhotoSheet";
import { RecordPage } from "./RecordPage";
import { Years } from "./Years";

/** Log: what was done, newest first. Every entry can be corrected or undone, and the levels follow. */
export function LogPage() {
  const { vehicleId = "", sheet } = useParams();
  const words = useSearchParams()[0].get("words") ?? "";
  return sheet === "record" ? (
    <RecordPage vehicleId={vehicleId} />
  ) : (
    <Entries key={`${vehicleId} ${words}`} vehicleId={vehicleId} words={words} />
  );
}

function Entries({ vehicleId, words }: { vehicleId: string; words: string }) {
  const [correcting, setCorrecting] = useState<LogEntry | null>(null);
  const [pictured, setPictured] = useState<string>();
  const [filter, setFilter] = useState({ ...NO_FILTER, text: words });
  const asked = useDeferredValue(filter);
  const log = useLog(vehicleId, asked);
  const filtered = Object.values(asked).some((value) => value !== "");
  if (log.isError) {
    return <Failed error={log.error} again={() => log.refetch()} />;
  }
  const first = log.data?.pages[0];
  if (!log.data || !first) {
    return <Loading what="Loading" />;
  }
  const entries = log.data.pages.flatMap((page) => page.entries);
  const withPhotos = entries.find((entry) => entry.id === pictured);
  return (
    <main className="flex flex-1 flex-col">
      <TitleBlock
        title="Log"
        cells={[
          { label: "Vehicle", value: <VehicleNameCell vehicleId={vehicleId} /> },
          { label: "Entries", value: first.total },
          { label: "Newest", value: entries[0] ? shortDay(entries[0].at) : "None yet" },
        ]}
      />
      {entries.length === 0 && !filtered ? (
        <Empty title="Nothing logged yet">
          <p>Every task you finish in a session is written down here, with the minutes it took.</p>
          <p className="mt-6">
            <Link className="act2 text-ink" to={`/cars/${vehicleId}/today`}>
              Plan a session
            </Link>
          </p>
          <p className="mt-3">
            <DidThis vehicleId={vehicleId} />
          </p>
          <LogFile vehicleId={vehicleId} empty />
        </Empty>
      ) : (
        <>
          <LogFilters
            vehicleId={vehicleId}
            filter={filter}
            onChange={(next) => setFilter({ ...filter, ...next })}
          >
            <DidThis vehicleId={vehicleId} className="act2 min-h-11" />
            <LogFile vehicleId={vehicleId} />
          </LogFilters>
          {!filtered && <Years vehicleId={vehicleId} />}
          {entries.length === 0 && (
            <p role="status" className="px-4 py-8 text-16 text-soft desk:px-[26px]">
              Nothing in the log matches.
            </p>
          )}
          <Days
            entries={entries}
            vehicleId={vehicleId}
            onCorrect={setCorrecting}
            onPhotos={setPictured}
          />
          {log.hasNextPage && (
            <p className="p-6 text-center">
              <button
                type="button"
                className="act2"
                onClick={() => log.fetchNextPage()}
                disabled={log.isFetchingNextPage}
              >
                Show older entries
              </button>
            </p>
          )}
        </>
      )}
      {withPhotos && (
        <PhotoSheet
          entry={withPhotos}
          vehicleId={vehicleId}
          onClose={() => setPictured(undefined)}
        />
      )}
      {correcting && (
        <CorrectSheet
          key={correcting.id}
          entry={correcting}
          now={first.now}
          vehicleId={vehicleId}
          onClose={() => setCorrecting(null)}
        />
      )}
    </main>
  );
}

type DaysProps = {
  entries: LogEntry[];
  vehicleId: string;
  onCorrect: (entry: LogEntry) => void;
  onPhotos: (entryId: string) => void;
};

function Days({ entries, vehicleId, onCorrect, onPhotos }: DaysProps) {
  const days = new Map<string, LogEntry[]>();
  for (const entry of entries) {
    const day = entry.at.slice(0, 10);
    days.set(day, [...(days.get(day) ?? []), entry]);
  }
  return (
    <div className="px-4 pb-8 desk:px-[26px]">
      {[...days].map(([day, list]) => (
        <section key={day} aria-label={shortDay(day)} className="pt-5">
          <div className="flex items-baseline justify-between border-b-[1.5px] border-ink pb-1">
            <h2 className="text-20">{shortDay(day)}</h2>
            <DaySum entries={list} />
          </div>
          <ul>
            {list.map((entry) => (
              <Row
                key={entry.id}
                entry={entry}
                vehicleId={vehicleId}
                onCorrect={() => onCorrect(entry)}
                onPhotos={() => onPhotos(entry.id)}
              />
            ))}
          </ul>
        </section>
      ))}
    </div>
  );
}

function DaySum({ entries }: { entries: LogEntry[] }) {
  const care = entries.filter((entry) => entry.kind === "care" && !entry.undone);
  if (care.length === 0) {
    return null;
  }
  const planned = care.reduce((sum, entry) => sum + entry.plannedMinutes, 0);
  const taken = care.reduce((sum, entry) => sum + entry.takenMinutes, 0);
  return (
    <p className="text-13 text-soft">
      {count(care.length, "task")}, <b className="text-ink">{minutes(taken)} min</b> taken,{" "}
      {minutes(planned)} planned
    </p>
  );
}

function Row({
  entry,
  vehicleId,
  onCorrect,
  onPhotos,
}: {
  entry: LogEntry;
  vehicleId: string;
  onCorrect: () => void;
  onPhotos: () => void;
}) {
  const queries = useQueryClient();
  const turn = useMutation({
    mutationFn: () => {
      const request = {
        params: { path: { entryId: entry.id } },
        headers: basedOn(entry.version),
      };
      return ask(
        entry.undone
          ? api.POST("/api/log/{entryId}/restore", request)
          : api.POST("/api/log/{entryId}/undo", request),
      );
    },
    onSettled: () => refresh(queries, keys.car(vehicleId)),
  });
  const care = entry.kind === "care";
  return (
    <li className="grid grid-cols-[52px_1fr_auto] items-center gap-x-3 border-b border-hairline py-1.5 desk:grid-cols-[52px_minmax(0,1fr)_190px_270px]">
      <span className="text-soft">{clock(entry.at)}</span>
      <div className={`min-w-0 ${entry.undone ? "text-soft line-through" : ""}`}>
        <span className={care ? "font-semibold" : "note"}>{entry.name}</span>
        {!entry.cameClean && <span className="text-brass"> · not clean yet</span>}
        {entry.surfaces.length > 0 && (
          <span className="text-soft"> · {entry.surfaces.join(", ")}</span>
        )}
        {entry.note && <span className="note"> · {entry.note}</span>}
        {entry.products.length > 0 && (
          <span className="text-13 text-soft"> · {entry.products.map(used).join(", ")}</span>
        )}
        {turn.isError && (
          <p role="alert" className="text-coral no-underline">
            {turn.error.message}
          </p>
        )}
      </div>
      <div className="text-13 max-desk:col-start-2 max-desk:row-start-2">
        {care && <Minutes entry={entry} />}
      </div>
      <div className="no-print flex justify-end gap-1 max-desk:col-span-2 max-desk:col-start-2 max-desk:-ml-3 max-desk:justify-start">
        {!entry.undone && (
          <button
            type="button"
            className={`min-h-11 px-3 hover:underline desk:min-h-8 ${entry.photos.length > 0 ? "font-semibold" : ""}`}
            onClick={onPhotos}
            aria-label={`${entry.photos.length === 0 ? "Photos" : count(entry.photos.length, "photo")} of ${entry.name}, ${clock(entry.at)}`}
          >
            {entry.photos.length === 0 ? "Photos" : count(entry.photos.length, "photo")}
          </button>
        )}
        {!entry.undone && (
          <button
            type="button"
            className="min-h-11 px-3 hover:underline desk:min-h-8"
            onClick={onCorrect}
            aria-label={`Correct ${entry.name}, ${clock(entry.at)}`}
          >
            Correct
          </button>
        )}
        <button
          type="button"
          className="min-h-11 px-3 hover:underline desk:min-h-8"
          disabled={turn.isPending}
          onClick={() => turn.mutate()}
          aria-label={`${entry.undone ? "Put back" : "Undo"} ${entry.name}, ${clock(entry.at)}`}
        >
          {entry.undone ? "Put back" : "Undo"}
        </button>
      </div>
    </li>
  );
}

/** "interior cleaner 1:8" */
function used(product: LogEntry["products"][number]): string {
  return `${product.name.toLowerCase()}${product.strength === "neat" ? "" : ` ${product.strength}`}`;
}

/** Minutes taken as a bar, with a tick at what was planned. */
function Minutes({ entry }: { entry: LogEntry }) {
  const scale = 90 / Math.max(12, entry.plannedMinutes, entry.takenMinutes);
  return (
    <span className="flex items-center gap-2">
      <svg width="92" height="14" aria-hidden="true">
        <path d="M0 13.500H92" stroke="var(--hairline)" />
        <rect
          x="0"
          y="3"
          width={Math.max(1, entry.takenMinutes * scale)}
          height="8"
          fill={entry.undone ? "var(--t2)" : "var(--t4)"}
        />
        <path
          d={`M${entry.plannedMinutes * scale + 0.5} 0v14`}
          stroke="var(--ink)"
          strokeWidth="1.4"
        />
      </svg>
      <span className="whitespace-nowrap">
        <b className="font-semibold">{minutes(entry.takenMinutes)}</b>
        <span className="text-soft"> of {minutes(entry.plannedMinutes)} min</span>
      </span>
    </span>
  );
}
