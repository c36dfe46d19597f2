import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { api, ask } from "../api/client";
import { keys } from "../api/keys";
import { refresh } from "../api/refresh";

/** What a session has carried out of the car and not brought back, on every page until its owner says that it is in. */
export function ThingsOut({ vehicleId }: { vehicleId: string }) {
  const queries = useQueryClient();
  const path = { params: { path: { vehicleId } } };
  const out = useQuery({
    queryKey: keys.place(vehicleId, "things-out"),
    queryFn: ({ signal }) =>
      ask(api.GET("/api/vehicles/{vehicleId}/things-out", { ...path, signal })),
  });
  const back = useMutation({
    mutationFn: () => ask(api.POST("/api/vehicles/{vehicleId}/things-out/back", path)),
    onSuccess: () => refresh(queries, keys.car(vehicleId)),
  });
  return out.data?.areOut ? (
    <section
      aria-label="Out of the car"
      className="no-print flex flex-wrap items-center gap-x-5 gap-y-2 border-b-[1.5px] border-coral bg-coral-wash px-4 py-2.5 desk:px-[26px]"
    >
      <div className="min-w-0 flex-1 basis-[260px]">
        <p className="text-17 font-semibold text-coral">{out.data.what}</p>
        <p className="text-14 max-desk:text-16">{out.data.whatToDo}</p>
        {back.isError && (
          <p role="alert" className="text-coral">
            {back.error.message}
          </p>
        )}
      </div>
      <button
        type="button"
        className="act2 bg-paper"
        disabled={back.isPending}
        onClick={() => back.mutate()}
      >
        Everything is back in
      </button>
    </section>
  ) : null;
}
