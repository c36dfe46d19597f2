/** Where one can go, with other words by which a place may be remembered. */
export type FindablePlace = { name: string; to: string; beside: string };

/** Every place of a car below its address, and what stands in its tabs. */
export const FINDABLE_PLACES: FindablePlace[] = [
  { name: "Today", to: "today", beside: "session plan start" },
  { name: "Cabin", to: "cabin", beside: "chart surfaces levels" },
  { name: "What is safe where", to: "shelf/matrix", beside: "shelf chart products surfaces" },
  { name: "Products", to: "shelf/products", beside: "shelf bottles" },
  { name: "Mixing bench", to: "shelf/bench", beside: "shelf dilution strength water" },
  { name: "Fewest products", to: "shelf/smallest", beside: "shelf" },
  { name: "Shopping list", to: "shelf/buying", beside: "shelf buy cost" },
  { name: "Tools and towels", to: "shelf/kit", beside: "shelf vacuum brush cloth" },
  { name: "Glass", to: "glass", beside: "windows panes streaks" },
  { name: "Routine", to: "year/routine", beside: "year slots calendar" },
  { name: "Outlook", to: "year/outlook", beside: "year what if" },
  { name: "Deep clean", to: "year/deep", beside: "year extraction shop" },
  { name: "Routine card", to: "year/card", beside: "print paper" },
  { name: "Log", to: "log", beside: "history done record" },
  { name: "Record of care", to: "log/record", beside: "print paper buyer history" },
  { name: "How it is used", to: "car/use", beside: "car distance people pets odometer" },
  { name: "Layout", to: "car/layout", beside: "car body seats" },
  { name: "Surfaces", to: "car/surfaces", beside: "car worn material" },
  { name: "Ways of working", to: "car/schools", beside: "car methods order" },
  { name: "How it soils", to: "car/learnt", beside: "car learnt pace" },
  { name: "File and archive", to: "car/file", beside: "car export import backup delete" },
  { name: "Techniques", to: "methods", beside: "how methods steps" },
  { name: "Quick check", to: "look", beside: "inspection levels" },
  { name: "Something spilled", to: "spill", beside: "stain spot first aid" },
  { name: "Settings", to: "settings", beside: "miles units currency night clock" },
];

/** The places whose name, or a word beside it, begins with every word that was typed. */
export function placesFor(words: string): FindablePlace[] {
  const asked = split(words);
  const begins = (text: string, word: string) =>
    split(text).some((known) => known.startsWith(word));
  return asked.length === 0
    ? FINDABLE_PLACES
    : FINDABLE_PLACES.filter(({ name, beside }) =>
        asked.every((word) => begins(`${name} ${beside}`, word)),
      ).sort(
        (a, b) =>
          Number(asked.every((word) => begins(b.name, word))) -
          Number(asked.every((word) => begins(a.name, word))),
      );
}

function split(text: string): string[] {
  return text
    .toLowerCase()
    .split(/[^a-z0-9]+/)
    .filter(Boolean);
}
