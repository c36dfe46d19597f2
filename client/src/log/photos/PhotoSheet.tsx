import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useRef } from "react";
import { api, ask, type LogEntry, Problem, type Schemas } from "../../api/client";
import { keys } from "../../api/keys";
import { refresh } from "../../api/refresh";
import { sendOnce } from "../../api/resend";
import { Sheet } from "../../shared/Sheet";
import { Divider } from "./Divider";

type Photo = LogEntry["photos"][number];
type Props = { entry: LogEntry; vehicleId: string; onClose: () => void };

const SIDES = [
  { side: "before", name: "Before" },
  { side: "after", name: "After" },
] as const;

/** The photos of an entry: taken or chosen, and held against each other. */
export function PhotoSheet({ entry, vehicleId, onClose }: Props) {
  const queries = useQueryClient();
  const settled = () =>
    refresh(queries, keys.car(vehicleId), (query) => query.queryKey[2] === "log");
  const remove = useMutation({
    mutationFn: (photoId: string) =>
      ask(api.DELETE("/api/photos/{photoId}", { params: { path: { photoId } } })),
    onSettled: settled,
  });
  const of = (side: Photo["side"]) => entry.photos.filter((photo) => photo.side === side);
  const before = of("before").at(-1);
  const after = of("after").at(-1);
  return (
    <Sheet
      open
      onClose={onClose}
      title="Photos"
      about={`${entry.name}. Place, time and camera are taken out before a photo is kept.`}
    >
      {before && after && <Divider before={before} after={after} />}
      <div className="grid grid-cols-2 gap-4">
        {SIDES.map(({ side, name }) => (
          <section key={side} aria-label={name}>
            <h3 className="mb-1 text-17">{name}</h3>
            <ul className="grid gap-2">
              {of(side).map((photo, at) => (
                <li key={photo.id}>
                  <img
                    src={`/api/photos/${photo.id}?small=true`}
                    width={photo.width}
                    height={photo.height}
                    alt={`${name} ${at + 1}`}
                    className="h-auto w-full border border-ink"
                  />
                  <button
                    type="button"
                    className="lnk my-2.5 text-14"
                    disabled={remove.isPending}
                    aria-label={`Remove: ${name} ${at + 1}`}
                    onClick={() => remove.mutate(photo.id)}
                  >
                    Remove
                  </button>
                </li>
              ))}
            </ul>
            <Add entryId={entry.id} side={side} name={name} onAdded={settled} />
          </section>
        ))}
      </div>
      {remove.error && (
        <p role="alert" className="mt-3 text-coral">
          {remove.error.message}
        </p>
      )}
    </Sheet>
  );
}

type AddProps = {
  entryId: string;
  side: Photo["side"];
  name: string;
  onAdded: () => Promise<void>;
};

function Add({ entryId, side, name, onAdded }: AddProps) {
  const input = useRef<HTMLInputElement>(null);
  const add = useMutation({
    mutationFn: (file: File) => ask(send(entryId, side, file)),
    onSuccess: onAdded,
  });
  return (
    <>
      <input
        ref={input}
        type="file"
        accept="image/jpeg,image/png,image/webp"
        className="sr-only"
        tabIndex={-1}
        aria-label={`Photo: ${name.toLowerCase()}`}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = "";
          if (file) {
            add.mutate(file);
          }
        }}
      />
      <button
        type="button"
        className="act2 w-full"
        disabled={add.isPending}
        onClick={() => input.current?.click()}
      >
        {add.isPending ? "Saving…" : "Add a photo"}
      </button>
      {add.error && (
        <p role="alert" className="mt-2 text-14 text-coral">
          {(add.error instanceof Problem && add.error.errors.photo?.[0]) || add.error.message}
        </p>
      )}
    </>
  );
}

async function send(entryId: string, side: Photo["side"], file: File) {
  const response = await sendOnce(
    new Request(`/api/log/${entryId}/photos?side=${side}`, {
      method: "POST",
      headers: { "content-type": file.type || "application/octet-stream" },
      body: file,
    }),
  );
  const answer = await response.json();
  return response.ok
    ? { data: answer as Schemas["PhotoView"], response }
    : { error: answer as unknown, response };
}
