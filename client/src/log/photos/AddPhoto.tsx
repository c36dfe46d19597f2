import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useRef } from "react";
import { ask, type LogEntry, Problem, type Schemas } from "../../api/client";
import { keys } from "../../api/keys";
import { refresh } from "../../api/refresh";
import { sendOnce } from "../../api/resend";

type Side = LogEntry["photos"][number]["side"];

type Props = {
  entryId: string;
  vehicleId: string;
  side: Side;
  /** What the photo is of, for those who cannot see where the button stands. */
  label: string;
  button?: string;
  className?: string;
};

/** Takes a photo, or one that there is, and keeps it with an entry of the log. */
export function AddPhoto({
  entryId,
  vehicleId,
  side,
  label,
  button = "Add a photo",
  className = "act2 w-full",
}: Props) {
  const input = useRef<HTMLInputElement>(null);
  const queries = useQueryClient();
  const add = useMutation({
    mutationFn: (file: File) => ask(send(entryId, side, file)),
    onSuccess: () => refresh(queries, keys.car(vehicleId), (query) => query.queryKey[2] === "log"),
  });
  return (
    <>
      <input
        ref={input}
        type="file"
        accept="image/jpeg,image/png,image/webp"
        className="sr-only"
        tabIndex={-1}
        aria-label={label}
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
        className={className}
        disabled={add.isPending}
        onClick={() => input.current?.click()}
      >
        {add.isPending ? "Saving…" : button}
      </button>
      {add.error && (
        <p role="alert" className="mt-2 text-14 text-coral">
          {(add.error instanceof Problem && add.error.errors.photo?.[0]) || add.error.message}
        </p>
      )}
    </>
  );
}

async function send(entryId: string, side: Side, file: File) {
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
