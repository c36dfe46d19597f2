import { useMutation, useQueryClient } from "@tanstack/react-query";
import { api, ask, type Schemas } from "../api/client";
import { keys } from "../api/keys";
import { useWastebasket } from "../api/log";
import { refresh } from "../api/refresh";
import { shortDay } from "./format";

type Discarded = Schemas["DiscardedView"];

/** What was deleted lately, with its way back. Nothing where nothing was. */
export function Wastebasket({ kind, title }: { kind: Discarded["kind"]; title: string }) {
  const basket = useWastebasket();
  const there = basket.data?.filter((discarded) => discarded.kind === kind) ?? [];
  return there.length === 0 ? null : (
    <section aria-label={title} className="mt-6 mb-8">
      <h2 className="mb-2 text-20">{title}</h2>
      <ul>
        {there.map((discarded) => (
          <Row key={discarded.id} discarded={discarded} />
        ))}
      </ul>
    </section>
  );
}

function Row({ discarded }: { discarded: Discarded }) {
  const queries = useQueryClient();
  const back = useMutation({
    mutationFn: () =>
      ask(
        api.POST("/api/wastebasket/{kind}/{id}/restore", {
          params: { path: { kind: discarded.kind, id: discarded.id } },
        }),
      ),
    onSettled: async () => {
      await refresh(queries, keys.wastebasket);
      await refresh(queries, keys.vehicles);
      await refresh(queries, keys.shelf);
      await refresh(queries, keys.cars);
    },
  });
  return (
    <li className="flex items-center justify-between gap-4 border-t border-hairline py-2">
      <span className="flex-1 py-1.5 text-17">
        {discarded.name}
        <span className="block text-14 text-soft">
          goes for good on {shortDay(discarded.goesOn)}
        </span>
        {back.isError && (
          <span role="alert" className="block text-14 text-coral">
            {back.error.message}
          </span>
        )}
      </span>
      <button
        type="button"
        className="act2"
        disabled={back.isPending}
        aria-label={`Bring back ${discarded.name}`}
        onClick={() => back.mutate()}
      >
        Bring back
      </button>
    </li>
  );
}
