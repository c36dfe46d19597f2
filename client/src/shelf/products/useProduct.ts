import { useMutation, useQueryClient } from "@tanstack/react-query";
import { api, ask, basedOn, type Product, type ProductDetails, type Shelf } from "../../api/client";
import { keys } from "../../api/keys";
import { refresh } from "../../api/refresh";
import { useDraft } from "../../shared/useDraft";

/** A product while its owner changes it, or a new one. */
export function useProduct(
  product: Product | undefined,
  usual: ProductDetails,
  onClose: () => void,
) {
  const queries = useQueryClient();
  const { draft, version, elsewhere, change, settle } = useDraft(
    (product?.details ?? usual) as ProductDetails,
    product?.version ?? 0,
  );
  const refreshAll = async () => {
    await refresh(queries, keys.shelf);
    await refresh(queries, keys.wastebasket);
    await refresh(queries, keys.cars);
  };
  const based = {
    params: { path: { productId: product?.id ?? "" } },
    headers: basedOn(version),
  };
  const save = useMutation({
    mutationFn: () =>
      ask(
        product
          ? api.PUT("/api/shelf/products/{productId}", { ...based, body: draft })
          : api.POST("/api/shelf/products", { body: draft }),
      ),
    onSuccess: async (saved) => {
      if (product) {
        // The next change is based on this one, whether or not the list has been read again.
        change(saved.details as ProductDetails);
        settle();
        queries.setQueryData<Shelf>(
          keys.shelf,
          (old) =>
            old && {
              ...old,
              products: old.products.map((known) => (known.id === saved.id ? saved : known)),
            },
        );
      }
      await refreshAll();
    },
    onError: refreshAll,
  });
  const remove = useMutation({
    mutationFn: () => ask(api.DELETE("/api/shelf/products/{productId}", based)),
    onSuccess: async () => {
      onClose();
      await refreshAll();
    },
  });
  return { draft, change, elsewhere, save, remove };
}
