import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { type KeyboardEvent, useDeferredValue, useEffect, useId, useRef, useState } from "react";
import { useNavigate } from "react-router";
import { api, ask } from "../api/client";
import { keys } from "../api/keys";
import { linesFor } from "./lines";

type Props = { vehicleId: string; onClose: () => void };

/** Looks for whatever has a name in Cove, and opens or does it. */
export function FindSheet({ vehicleId, onClose }: Props) {
  const [words, setWords] = useState("");
  const [at, setAt] = useState(0);
  const list = useId();
  const field = useRef<HTMLInputElement>(null);
  // One types at once, whatever the dialog would look at first.
  useEffect(() => field.current?.focus(), []);
  const navigate = useNavigate();
  const asked = useDeferredValue(words.trim());
  const found = useQuery({
    queryKey: keys.place(vehicleId, "find", asked),
    queryFn: ({ signal }) =>
      ask(
        api.GET("/api/vehicles/{vehicleId}/find", {
          params: { path: { vehicleId }, query: { words: asked } },
          signal,
        }),
      ),
    enabled: asked !== "",
    placeholderData: keepPreviousData,
  });
  const lines = linesFor(words, asked === "" ? [] : (found.data ?? []), `/cars/${vehicleId}`);
  const chosen = Math.min(at, lines.length - 1);
  // Who types fast presses Enter before what was typed has been found: it opens once it has.
  const waits = words.trim() !== asked || found.isPlaceholderData || found.isFetching;
  const [entered, setEntered] = useState(false);
  const go = (to: string | undefined) => {
    if (to) {
      onClose();
      navigate(to);
    }
  };
  useEffect(() => {
    if (entered && !waits) {
      setEntered(false);
      go(lines[chosen]?.to);
    }
  });
  const onKey = (event: KeyboardEvent) => {
    const step = event.key === "ArrowDown" ? 1 : event.key === "ArrowUp" ? -1 : 0;
    if (step !== 0) {
      event.preventDefault();
      const next = (chosen + step + lines.length) % lines.length;
      setAt(next);
      document.getElementById(`${list}-${next}`)?.scrollIntoView({ block: "nearest" });
    } else if (event.key === "Enter") {
      event.preventDefault();
      setEntered(true);
    }
  };
  return (
    <>
      <input
        ref={field}
        type="text"
        role="combobox"
        className="field"
        aria-label="Look for"
        aria-expanded="true"
        aria-controls={list}
        aria-activedescendant={lines.length > 0 ? `${list}-${chosen}` : undefined}
        aria-autocomplete="list"
        autoComplete="off"
        maxLength={80}
        placeholder="windscreen, vacuum, coffee, miles"
        value={words}
        onChange={(event) => {
          setWords(event.target.value);
          setAt(0);
          setEntered(false);
        }}
        onKeyDown={onKey}
      />
      {found.isError && (
        <p role="alert" className="mt-2 text-14 text-coral">
          {found.error.message} Places can be opened all the same.
        </p>
      )}
      <div
        id={list}
        role="listbox"
        aria-label="Found"
        className="mt-3 max-h-[52dvh] overflow-y-auto border-t border-hairline"
      >
        {lines.map((line, index) => (
          // biome-ignore lint/a11y/useFocusableInteractive: the field keeps the focus and names the chosen line
          // biome-ignore lint/a11y/useKeyWithClickEvents: the field takes the keys
          <div
            key={line.key}
            id={`${list}-${index}`}
            role="option"
            aria-selected={index === chosen}
            className={`grid min-h-11 cursor-pointer grid-cols-[84px_1fr] items-center gap-x-3 border-b border-hairline px-2 py-1.5 text-16 leading-tight ${index === chosen ? "bg-deep shadow-[inset_4px_0_0_var(--ink)]" : "hover:bg-deep"}`}
            onClick={() => go(line.to)}
          >
            <span className="text-13 text-soft">{line.kind}</span>
            <span>
              {line.name}
              {line.beside && <span className="block text-13 text-soft">{line.beside}</span>}
            </span>
          </div>
        ))}
      </div>
      <p className="mt-2 text-13 text-soft max-desk:hidden">
        Arrows choose, Enter opens, Escape closes.
      </p>
    </>
  );
}
