/** Under which key each answer is kept. What is refreshed under a key is every answer whose key begins with it. */
export const keys = {
  health: ["health"],
  settings: ["settings"],
  vehicles: ["vehicles"],
  choices: ["choices"],
  schools: ["schools"],
  events: ["events"],
  wastebasket: ["wastebasket"],
  shelf: ["shelf"],
  stock: ["shelf", "stock"],
  productWelcome: (productId: string) => ["shelf", "welcome", productId],
  shelfChoices: ["shelf-choices"],
  hazards: (words: string) => ["hazards", words],
  mixture: (asked: unknown) => ["mixture", asked],
  preview: (layout: unknown) => ["preview", layout],
  busy: ["busy"],
  photosSetAside: ["photos-set-aside"],
  run: (runId: string) => ["run", runId],
  /** Everything of every car. */
  cars: ["vehicle"],
  /** Everything of one car. */
  car: (vehicleId: string) => ["vehicle", vehicleId],
  /** One place of a car. */
  place: (vehicleId: string, place: CarPlace, ...asked: unknown[]) => [
    "vehicle",
    vehicleId,
    place,
    ...asked,
  ],
} as const;

type CarPlace =
  | "detail"
  | "today"
  | "find"
  | "why"
  | "work"
  | "cabin"
  | "surface"
  | "glass"
  | "workplace"
  | "spots"
  | "methods"
  | "log"
  | "log-years"
  | "record-of-care"
  | "reminders"
  | "things-out"
  | "use"
  | "use-preview"
  | "learnt"
  | "walk-round"
  | "verdicts"
  | "verdict"
  | "smallest-shelf"
  | "routine"
  | "routine-plan"
  | "next-slot"
  | "routine-preview"
  | "routine-card"
  | "session-order"
  | "catch-up"
  | "frontier"
  | "outlook"
  | "what-if"
  | "single-changes"
  | "coming-up"
  | "saving"
  | "outlook-band"
  | "deep-clean";
