import { useState } from "react";
import { Link } from "react-router";
import type { GlassOption, Pane, Schemas } from "../api/client";
import { MethodEnd, MethodSteps } from "../shared/MethodSteps";
import { MethodPicture } from "../shared/strokes/MethodPicture";
import { VerdictMark } from "../shared/Verdict";

const STANDING: Record<
  Schemas["OptionStanding"],
  { word: string; mark: "good" | "withCare" | "keepOff" | null; ink: string }
> = {
  chosen: { word: "Chosen", mark: "good", ink: "text-kelp" },
  fits: { word: "Fits", mark: "good", ink: "text-kelp" },
  notEnough: { word: "Not enough", mark: "withCare", ink: "text-brass" },
  notNow: { word: "Not now", mark: null, ink: "text-soft" },
  ruledOut: { word: "Ruled out", mark: "keepOff", ink: "text-coral" },
};

type TableProps = { pane: Pane; vehicleId: string; clearLevel: number };

/** Every method on one pane: the one to take, what the others would cost, and why they are not it. */
export function MethodTable({ pane, vehicleId, clearLevel }: TableProps) {
  const [open, setOpen] = useState(pane.options[0]?.method.id);
  const shown = pane.options.find((option) => option.method.id === open) ?? pane.options[0];
  return (
    <section className="min-w-0 px-4 pt-3.5 pb-6 desk:px-[26px]">
      <div className="mb-1 flex flex-wrap items-baseline justify-between gap-x-5">
        <h2 className="text-20">Ways to clean it: {lower(pane.name)}</h2>
        <p className="text-13 text-soft">
          {[...pane.about, `${pane.squareMetres.toFixed(2)} m²`].join(" · ")}
        </p>
      </div>
      <Film pane={pane} clearLevel={clearLevel} />
      {pane.wait && (
        <p className="mb-2 text-16">
          <b className="font-semibold text-brass">Not now.</b> {pane.wait}
        </p>
      )}
      <table className="w-full border-collapse">
        <thead className="max-desk:sr-only">
          <tr className="[&_th]:pb-1.5 [&_th]:pr-3 [&_th]:text-12 [&_th]:text-soft">
            <th className="w-[104px] pl-2.5">Strokes</th>
            <th>Method</th>
            <th className="w-[52px] !pr-4 text-right">Min</th>
            <th className="w-[56px] !pr-5 text-right">Faces</th>
            <th className="w-[118px]">Standing</th>
            <th className="w-[34%]">Why</th>
          </tr>
        </thead>
        <tbody>
          {pane.options.map((option) => (
            <Row
              key={option.method.id}
              option={option}
              shown={option === shown}
              onShow={() => setOpen(option.method.id)}
            />
          ))}
        </tbody>
      </table>
      {shown && (
        <div className="mt-5">
          <h3 className="mb-3 text-20">
            Step by step: {lower(shown.method.name)}
            {shown.rounds > 1 && `, ${shown.rounds} rounds`}
          </h3>
          {pane.reach && <p className="mb-3 text-14 max-desk:text-16">{pane.reach}</p>}
          <MethodSteps method={shown.method} />
          <MethodEnd method={shown.method} />
          <p className="mt-4">
            <Link className="lnk" to={`/cars/${vehicleId}/methods/windscreen`}>
              Techniques for every task
            </Link>
          </p>
        </div>
      )}
    </section>
  );
}

/** The two levels of film as one bar, with what is clear enough. */
function Film({ pane, clearLevel }: { pane: Pane; clearLevel: number }) {
  const most = Math.max(1.2, pane.level);
  const share = (value: number) => `${(value / most) * 100}%`;
  return (
    <div className="mb-3 flex flex-wrap items-center gap-x-4 gap-y-1 text-13">
      <div
        className="relative flex h-3.5 w-[240px] border border-ink"
        role="img"
        aria-label={`Light soil ${pane.light.toFixed(2)}, oily film ${pane.oily.toFixed(2)}; due at 1`}
      >
        <span className="h-full bg-t2" style={{ width: share(pane.light) }} />
        <span className="h-full bg-t4" style={{ width: share(pane.oily) }} />
        <span
          className="absolute -top-1 -bottom-1 border-l-2 border-coral"
          style={{ left: share(1) }}
        />
      </div>
      <span>
        light soil <b className="font-semibold">{pane.light.toFixed(2)}</b>, oily film{" "}
        <b className="font-semibold">{pane.oily.toFixed(2)}</b>, due at 1, clear below {clearLevel}
      </span>
    </div>
  );
}

function Row({
  option,
  shown,
  onShow,
}: {
  option: GlassOption;
  shown: boolean;
  onShow: () => void;
}) {
  const standing = STANDING[option.standing];
  const out = option.standing === "ruledOut";
  const idle = out || option.standing === "notNow";
  return (
    <tr
      className={`border-t border-hairline align-middle max-desk:grid max-desk:grid-cols-[104px_1fr] max-desk:gap-x-3 max-desk:py-2.5 ${
        option.standing === "chosen" ? "bg-deep shadow-[inset_4px_0_0_var(--ink)]" : ""
      }`}
    >
      <td className="relative py-1.5 pr-3 pl-2.5 max-desk:row-span-3">
        <div className="w-[86px]">
          <MethodPicture method={option.method} />
        </div>
        {out && (
          <svg
            viewBox="0 0 100 60"
            className="pointer-events-none absolute inset-0 size-full"
            preserveAspectRatio="none"
            aria-hidden="true"
          >
            <path d="M6 52 92 8" stroke="var(--coral)" strokeWidth="2" />
          </svg>
        )}
      </td>
      <td className="pr-3">
        <button
          type="button"
          aria-expanded={shown}
          onClick={onShow}
          className="block min-h-11 w-full text-left"
        >
          <b
            className={`block text-[15px] font-semibold ${out ? "text-soft line-through decoration-1" : ""} ${shown ? "underline underline-offset-4" : ""}`}
          >
            {option.method.name}
          </b>
          <span className="text-13 text-soft">
            {option.method.summary}
            {option.products.length > 0 && `; ${option.products.join(", ").toLowerCase()}`}
          </span>
        </button>
      </td>
      <td
        className={`pr-4 text-right text-[18px] max-desk:hidden ${idle ? "text-soft" : "font-semibold"}`}
      >
        {option.minutes.toFixed(1)}
      </td>
      <td
        className={`pr-5 text-right text-[18px] max-desk:hidden ${idle ? "text-soft" : "font-semibold"}`}
      >
        {option.faces}
      </td>
      <td className="max-desk:flex max-desk:gap-4">
        <span
          className={`inline-flex items-center gap-2 font-bold whitespace-nowrap ${standing.ink}`}
        >
          {standing.mark && <VerdictMark verdict={standing.mark} />}
          {standing.word}
        </span>
        <span className="desk:hidden">
          {option.minutes.toFixed(1)} min, {option.faces} faces
        </span>
      </td>
      <td className={`py-1.5 text-13 leading-[1.32] max-desk:text-14 ${out ? "text-coral" : ""}`}>
        {option.rounds > 1 && !idle && <b className="font-semibold">{option.rounds} rounds. </b>}
        {option.why}
      </td>
    </tr>
  );
}

function lower(name: string): string {
  return name.charAt(0).toLowerCase() + name.slice(1);
}
