import { useMutation, useQueryClient } from "@tanstack/react-query";
import type { Mixture } from "../../api/client";
import { api, ask, basedOn, type Product } from "../../api/client";
import { keys } from "../../api/keys";
import { refresh } from "../../api/refresh";

/** Puts the mixed bottle on the shelf; what went into it comes out of the bottles it was bought in. */
export function KeepButton({ mixture, product }: { mixture: Mixture; product: Product }) {
  const queries = useQueryClient();
  const keep = useMutation({
    mutationFn: () =>
      ask(
        api.POST("/api/shelf/products/{productId}/mixtures", {
          params: { path: { productId: product.id } },
          headers: basedOn(product.version),
          body: { millilitres: mixture.total.millilitres, strength: mixture.byHand.strength },
        }),
      ),
    onSuccess: async () => {
      await refresh(queries, keys.shelf);
    },
  });
  return (
    <>
      <button
        type="button"
        className="act no-print mt-2"
        disabled={keep.isPending || keep.isSuccess}
        onClick={() => keep.mutate()}
      >
        Put this bottle on the shelf
      </button>
      {keep.isSuccess && (
        <p role="status" className="no-print mt-2 text-14 text-kelp">
          It stands with {product.details.name}; the product was taken from the bottle it came in.
        </p>
      )}
      {keep.isError && (
        <p role="alert" className="no-print mt-2 text-coral">
          {keep.error.message}
        </p>
      )}
    </>
  );
}
