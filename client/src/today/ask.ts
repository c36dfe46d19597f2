import { useSearchParams } from "react-router";

/** What the owner asks of the session beside its minutes. */
export type Ask = {
  leftOut: string[];
  keptIn: string[];
  first: string | null;
  last: string | null;
  onlyGlass: boolean;
  withoutWater: boolean;
  surfaces: string[];
};

export const NOTHING_ASKED: Ask = {
  leftOut: [],
  keptIn: [],
  first: null,
  last: null,
  onlyGlass: false,
  withoutWater: false,
  surfaces: [],
};

/** Reads what is asked from the address, so that a link can ask it, a reload keeps it and Back takes it back. */
export function readAsk(params: URLSearchParams): Ask {
  const only = params.get("only");
  return {
    leftOut: params.getAll("out"),
    keptIn: params.getAll("in"),
    first: params.get("first"),
    last: params.get("last"),
    onlyGlass: only === "glass",
    withoutWater: only === "dry",
    surfaces: params.getAll("on"),
  };
}

/** Writes what is asked as the end of an address; empty when nothing is. */
export function writeAsk(ask: Ask): URLSearchParams {
  const params = new URLSearchParams();
  for (const id of ask.leftOut) {
    params.append("out", id);
  }
  for (const id of ask.keptIn) {
    params.append("in", id);
  }
  if (ask.first) {
    params.set("first", ask.first);
  }
  if (ask.last) {
    params.set("last", ask.last);
  }
  if (ask.onlyGlass || ask.withoutWater) {
    params.set("only", ask.onlyGlass ? "glass" : "dry");
  }
  for (const id of ask.surfaces) {
    params.append("on", id);
  }
  return params;
}

/** What is said to the whole session rather than to one task is kept; the rest is given back to Cove. */
export function onlyNarrowed(ask: Ask): Ask {
  const { onlyGlass, withoutWater, surfaces } = ask;
  return { ...NOTHING_ASKED, onlyGlass, withoutWater, surfaces };
}

/** Whether the session is for only a part of the car, or only one kind of work. */
export function isNarrowed({ onlyGlass, withoutWater, surfaces }: Ask): boolean {
  return onlyGlass || withoutWater || surfaces.length > 0;
}

export function isAsked(ask: Ask): boolean {
  return writeAsk(ask).size > 0;
}

/** The same, with a task left out: it is neither first nor last any more. */
export function without(ask: Ask, taskId: string): Ask {
  return {
    ...settled(ask, taskId),
    leftOut: [...ask.leftOut.filter((id) => id !== taskId), taskId],
    keptIn: ask.keptIn.filter((id) => id !== taskId),
    first: ask.first === taskId ? null : ask.first,
    last: ask.last === taskId ? null : ask.last,
  };
}

/** The same, with a task kept in. */
export function withTask(ask: Ask, taskId: string): Ask {
  return { ...settled(ask, taskId), keptIn: [...ask.keptIn.filter((id) => id !== taskId), taskId] };
}

/** The same, with the choice of a task given back to Cove. */
export function settled(ask: Ask, taskId: string): Ask {
  return {
    ...ask,
    leftOut: ask.leftOut.filter((id) => id !== taskId),
    keptIn: ask.keptIn.filter((id) => id !== taskId),
  };
}

/** What is asked, and how to ask something else. */
export function useAsk(): [Ask, (ask: Ask) => void] {
  const [params, setParams] = useSearchParams();
  return [readAsk(params), (ask) => setParams(writeAsk(ask), { replace: true })];
}
