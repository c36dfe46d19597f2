import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { api, ask, type Mixture, type Schemas } from "./client";
import { keys } from "./keys";

type Question = Schemas["NewQuestion"];

/** Everything on the owner's shelf. */
export function useShelf() {
  return useQuery({
    queryKey: keys.shelf,
    queryFn: ({ signal }) => ask(api.GET("/api/shelf", { signal })),
  });
}

/** What to know at once of a product that came onto the shelf. */
export function useProductWelcome(productId: string) {
  return useQuery({
    queryKey: keys.productWelcome(productId),
    queryFn: ({ signal }) =>
      ask(
        api.GET("/api/shelf/products/{productId}/welcome", {
          params: { path: { productId } },
          signal,
        }),
      ),
  });
}

/** Everything that can be chosen for a shelf. */
export function useShelfChoices() {
  return useQuery({
    queryKey: keys.shelfChoices,
    queryFn: ({ signal }) => ask(api.GET("/api/shelf/choices", { signal })),
    staleTime: Number.POSITIVE_INFINITY,
  });
}

/** What a new mixture comes to, or a bottle that is topped up. */
export function useMixture(asked: Schemas["NewMixture"] | Schemas["NewTopUp"]) {
  return useQuery({
    queryKey: keys.mixture(asked),
    queryFn: ({ signal }) =>
      ask<Mixture>(
        "target" in asked
          ? api.POST("/api/dilutions/top-up", { body: asked, signal })
          : api.POST("/api/dilutions", { body: asked, signal }),
      ),
    retry: false,
  });
}

/** The fewest products that do everything on a car. */
export function useSmallestShelf(vehicleId: string) {
  return useQuery({
    queryKey: keys.place(vehicleId, "smallest-shelf"),
    queryFn: ({ signal }) =>
      ask(
        api.GET("/api/vehicles/{vehicleId}/smallest-shelf", {
          params: { path: { vehicleId } },
          signal,
        }),
      ),
  });
}

/** What is safe where on a car. */
export function useVerdicts(vehicleId: string) {
  return useQuery({
    queryKey: keys.place(vehicleId, "verdicts"),
    queryFn: ({ signal }) =>
      ask(
        api.GET("/api/vehicles/{vehicleId}/verdicts", { params: { path: { vehicleId } }, signal }),
      ),
  });
}

/** What is left on the shelf, how long it lasts, and what to buy. */
export function useStock() {
  return useQuery({
    queryKey: keys.stock,
    queryFn: ({ signal }) => ask(api.GET("/api/shelf/stock", { signal })),
  });
}

/** The hazard statements that some words find. */
export function useHazards(words: string) {
  return useQuery({
    queryKey: keys.hazards(words),
    queryFn: ({ signal }) =>
      ask(api.GET("/api/shelf/hazards", { params: { query: { words } }, signal })),
    placeholderData: keepPreviousData,
  });
}

/** What is to be said to one product on one surface. */
export function useVerdict(vehicleId: string, question: Question) {
  return useQuery({
    queryKey: keys.place(vehicleId, "verdict", question),
    queryFn: ({ signal }) =>
      ask(
        api.POST("/api/vehicles/{vehicleId}/verdicts", {
          params: { path: { vehicleId } },
          body: question,
          signal,
        }),
      ),
    placeholderData: keepPreviousData,
  });
}
