import type { Schemas } from "../../api/client";
import type { PartProps } from "./Contents";
import { GROUNDS, inWords } from "./labelWords";

type Ground = Schemas["LabelGround"];

/** What the label says the product is not for, and what alone it is for. Both are obeyed everywhere. */
export function LabelLimits({ draft, change }: Pick<PartProps, "draft" | "change">) {
  const notOn = draft.notOn ?? [];
  const onlyOn = draft.onlyOn ?? [];
  const said = [
    notOn.length > 0 && `not on ${inWords(notOn)}`,
    onlyOn.length > 0 && `only on ${inWords(onlyOn)}`,
  ].filter(Boolean);
  return (
    <details className="mt-4 border-t border-hairline pt-2" open={said.length > 0}>
      <summary className="min-h-9 cursor-pointer text-16">
        <b>Where its label limits it:</b> {said.join("; ") || "it does not"}
      </summary>
      <Grounds
        title="Not to be used on"
        chosen={notOn}
        onChange={(next) => change({ notOn: next })}
      />
      <Grounds title="Only for" chosen={onlyOn} onChange={(next) => change({ onlyOn: next })} />
    </details>
  );
}

type GroundsProps = { title: string; chosen: Ground[]; onChange: (chosen: Ground[]) => void };

function Grounds({ title, chosen, onChange }: GroundsProps) {
  return (
    <fieldset className="mt-2">
      <legend className="text-[15px] font-semibold">{title}</legend>
      <div className="grid grid-cols-2 gap-x-3">
        {(Object.keys(GROUNDS) as Ground[]).map((ground) => (
          <label key={ground} className="flex min-h-9 items-center gap-2 text-[15px]">
            <input
              type="checkbox"
              className="size-[18px] accent-[var(--ink)]"
              checked={chosen.includes(ground)}
              onChange={(event) =>
                onChange(
                  event.target.checked
                    ? [...chosen, ground]
                    : chosen.filter((other) => other !== ground),
                )
              }
            />
            {GROUNDS[ground]}
          </label>
        ))}
      </div>
    </fieldset>
  );
}
