import { useMutation, useQueryClient } from "@tanstack/react-query";
import { api, ask, type LogEntry } from "../../api/client";
import { keys } from "../../api/keys";
import { refresh } from "../../api/refresh";
import { Sheet } from "../../shared/Sheet";
import { AddPhoto } from "./AddPhoto";
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
            <AddPhoto
              entryId={entry.id}
              vehicleId={vehicleId}
              side={side}
              label={`Photo: ${name.toLowerCase()}`}
            />
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
