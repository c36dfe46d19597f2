import { useState } from "react";
import { useHazards } from "../../api/shelf";
import { Field } from "../../shared/Field";

type Props = {
  chosen: string[];
  error: string | undefined;
  onChange: (codes: string[]) => void;
};

/** The statements on the label, found by code or by word. */
export function Hazards({ chosen, error, onChange }: Props) {
  const [words, setWords] = useState("");
  const found = useHazards(words);
  const all = useHazards("");
  const offered = (found.data ?? []).filter((known) => !chosen.includes(known.code));
  return (
    <>
      <h3 className="mt-5 mb-1 text-17">Hazards on the label</h3>
      <ul className="mb-2">
        {chosen.map((code) => (
          <li
            key={code}
            className="flex items-baseline gap-3 border-t border-hairline py-1 text-[15px]"
          >
            <b>{code}</b>
            <span className="flex-1">{all.data?.find((known) => known.code === code)?.text}</span>
            <button
              type="button"
              className="lnk min-h-6 text-14"
              aria-label={`Take off ${code}`}
              onClick={() => onChange(chosen.filter((known) => known !== code))}
            >
              Take off
            </button>
          </li>
        ))}
        {chosen.length === 0 && <li className="text-14 text-soft">None.</li>}
      </ul>
      <Field label="Find a statement" hint="By code or word: H225, eye, flammable" error={error}>
        <input
          className="field"
          type="search"
          maxLength={100}
          value={words}
          onChange={(event) => setWords(event.target.value)}
        />
      </Field>
      {words.trim() !== "" && (
        <ul className="-mt-2 mb-3">
          {offered.map((known) => (
            <li key={known.code}>
              <button
                type="button"
                className="flex min-h-9 w-full gap-3 border-t border-hairline py-1.5 text-left text-[15px] hover:bg-deep"
                onClick={() => {
                  onChange([...chosen, known.code]);
                  setWords("");
                }}
              >
                <b>{known.code}</b> {known.text}
              </button>
            </li>
          ))}
          {offered.length === 0 && (
            <li className="text-14 text-soft">No other statement that Cove keeps says that.</li>
          )}
        </ul>
      )}
    </>
  );
}
