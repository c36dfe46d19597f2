import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, ask } from "../api/client";
import { keys } from "../api/keys";
import { count } from "../shared/format";

/** Photos that no car knows, which a start has set aside, and the way to let them go. Nothing where there are none. */
export function PhotosSetAside() {
  const queries = useQueryClient();
  const [asking, setAsking] = useState(false);
  const found = useQuery({
    queryKey: keys.photosSetAside,
    queryFn: ({ signal }) => ask(api.GET("/api/photos/set-aside", { signal })),
  });
  const remove = useMutation({
    mutationFn: () => ask(api.DELETE("/api/photos/set-aside")),
    onSuccess: (left) => queries.setQueryData(keys.photosSetAside, left),
  });
  if (!found.data || found.data.files === 0) {
    return null;
  }
  const { files, bytes, folder } = found.data;
  return (
    <section aria-labelledby="set-aside" className="mt-6">
      <h2 id="set-aside" className="mb-1 text-26">
        Photos set aside
      </h2>
      <p className="mb-3 text-16 text-soft">
        No car knows {count(files, "picture file")} ({Math.max(1, Math.round(bytes / 1e6))} MB), so
        a start put them into <span className="break-all text-ink">{folder}</span>. If they belong
        to a database that you have elsewhere, put that back and start again: they return by
        themselves.
      </p>
      {asking ? (
        <p className="flex flex-wrap items-center gap-3">
          <span className="text-16">Once deleted, they cannot be brought back.</span>
          <button
            type="button"
            className="act2"
            disabled={remove.isPending}
            onClick={() => remove.mutate()}
          >
            Delete for good
          </button>
          <button type="button" className="lnk min-h-11" onClick={() => setAsking(false)}>
            Keep them
          </button>
        </p>
      ) : (
        <button type="button" className="act2" onClick={() => setAsking(true)}>
          Delete them
        </button>
      )}
      {remove.isError && (
        <p role="alert" className="mt-2 text-16 text-coral">
          {remove.error.message}
        </p>
      )}
    </section>
  );
}
