import type { Schemas } from "../api/client";
import { placesFor } from "./places";

export type Found = Schemas["FoundView"];

/** One thing that can be chosen: what it is, and where it leads. */
export type Line = { key: string; kind: string; name: string; beside: string; to: string };

/** Everything that can be chosen for the words: what was found with what can be done about it, the places, the log. */
export function linesFor(words: string, found: Found[], car: string): Line[] {
  const places = placesFor(words).map((place) => ({
    key: `place ${place.to}`,
    kind: "Place",
    name: place.name,
    beside: "",
    to: `${car}/${place.to}`,
  }));
  if (words.trim() === "") {
    return places;
  }
  return [
    ...found.flatMap((hit) => actsOn(hit, car)),
    ...places,
    {
      key: "log",
      kind: "Log",
      name: `Look for “${words.trim()}” in the log`,
      beside: "",
      to: `${car}/log?words=${encodeURIComponent(words.trim())}`,
    },
  ];
}

function actsOn({ kind, key, name, beside }: Found, car: string): Line[] {
  const id = encodeURIComponent(key);
  const line = (act: string, kindName: string, to: string, text = name): Line => ({
    key: `${kind} ${key} ${name} ${act}`,
    kind: kindName,
    name: text,
    beside: act === "open" ? beside : "",
    to: `${car}/${to}`,
  });
  switch (kind) {
    case "surface":
      return [
        line("open", "Surface", `cabin?surface=${id}`),
        line("do", "Do it", `today?on=${id}`, `Do only this now: ${name}`),
      ];
    case "task":
      return [
        line("open", "Task", `methods/${id}`),
        line("do", "Do it", `today?in=${id}&first=${id}`, `Do it first today: ${name}`),
      ];
    case "method":
      return [line("open", "Method", `methods/${id}`)];
    case "product":
      return [line("open", "Product", `shelf/products?product=${id}`)];
    case "spill":
      return [line("open", "First aid", `spill?what=${id}`)];
  }
}
