import { useEffect, useState } from "react";
import type { RunStep } from "../api/client";
import { keep, kept } from "../shared/kept";
import type { Part } from "./parts";

const KEY = "cove.run";

/** How the owner wants a run to be on this device. */
export type RunOptions = { aloud: boolean; large: boolean };

export function useRunOptions(): [RunOptions, (options: RunOptions) => void] {
  const [options, setOptions] = useState<RunOptions>(() => ({
    aloud: (kept(KEY) ?? "").includes("aloud"),
    large: (kept(KEY) ?? "").includes("large"),
  }));
  return [
    options,
    (next) => {
      keep(KEY, [next.aloud && "aloud", next.large && "large"].filter(Boolean).join(" "));
      setOptions(next);
    },
  ];
}

/** Reads each movement aloud as it comes, by the voice of the browser. */
export function useAloud(wanted: boolean, step: RunStep | undefined, part: Part | undefined) {
  const text = step
    ? [step.name, step.cautions[0], part && `${part.step.aim}. ${part.step.text}`]
        .filter(Boolean)
        .join(". ")
    : "That was the last step.";
  useEffect(() => {
    if (!wanted || !("speechSynthesis" in window)) {
      return;
    }
    const said = new SpeechSynthesisUtterance(text);
    said.lang = "en-GB";
    speechSynthesis.cancel();
    speechSynthesis.speak(said);
    return () => speechSynthesis.cancel();
  }, [wanted, text]);
}
