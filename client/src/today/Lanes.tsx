import type { Today } from "../api/client";
import { clockAfter, clockOrDay, minutes as said } from "../shared/format";
import { useWidth } from "../shared/useWidth";

const LABEL = 58;
/** The width of a letter in the boxes, on average. */
const LETTER = 6.6;

/** Whether words stand in two lines of a width. */
function fits(text: string, width: number): boolean {
  const most = Math.floor(width / LETTER);
  let lines = 1;
  let used = 0;
  for (const word of text.split(" ")) {
    if (used > 0 && used + 1 + word.length > most) {
      lines++;
      used = 0;
    }
    if (word.length > most) {
      return false;
    }
    used += word.length + (used > 0 ? 1 : 0);
  }
  return lines <= 2;
}

/** The running order on a clock: what the hands do, and what dries meanwhile. */
export function Lanes({ today }: { today: Today }) {
  const [ref, full] = useWidth<HTMLDivElement>(726);
  const width = full - LABEL - 4;
  const length = Math.max(5, today.handsMinutes + today.waitMinutes);
  const px = (minutes: number) => (minutes / length) * width;
  const beat = length <= 32 ? 5 : length <= 70 ? 10 : 20;
  const beats = Array.from({ length: Math.floor(length / beat) + 1 }, (_, index) => index * beat);

  return (
    <div ref={ref} className="relative" aria-hidden="true">
      <div className="relative h-6" style={{ marginLeft: LABEL }}>
        {beats.map((at) => (
          <div key={at} className="absolute top-0" style={{ left: px(at) }}>
            <span
              className={`block text-12 whitespace-nowrap ${
                at === 0 ? "" : px(at) > width - 20 ? "-translate-x-full" : "-translate-x-1/2"
              }`}
            >
              {clockAfter(today.now, at)}
            </span>
            <span className="absolute top-[18px] left-0 h-1.5 border-l border-ink" />
          </div>
        ))}
        <div className="absolute inset-x-0 bottom-0 border-b border-ink" />
      </div>
      <div className="flex h-[46px] items-center">
        <b className="w-[58px] text-14 font-bold">Hands</b>
        <div className="relative h-full flex-1">
          {today.steps.map((step) => {
            const size = px(step.end - step.begin);
            return (
              <div
                key={step.number}
                className={`absolute inset-y-0 overflow-hidden border px-1.5 pt-1 text-13 leading-[1.18] ${
                  step.overMark ? "border-2 border-coral bg-paper" : "border-ink bg-t2"
                }`}
                style={{ left: px(step.begin), width: size + 1 }}
              >
                <b className="font-bold">{size > 15 ? step.number : ""}</b>{" "}
                {fits(`${step.number} ${step.shortName}`, size - 14) && (
                  <span className="relative z-10">{step.shortName}</span>
                )}
                {step.overMark && (
                  <svg className="absolute inset-x-0 bottom-0 h-[7px] w-full" aria-hidden="true">
                    <rect width="100%" height="7" fill="url(#hatch-foot)" />
                  </svg>
                )}
              </div>
            );
          })}
        </div>
      </div>
      {today.drying.length > 0 && (
        <div className="mt-2 flex">
          <b className="w-[58px] text-14 font-bold">Drying</b>
          <div className="relative flex-1" style={{ height: today.drying.length * 25 }}>
            {today.drying.map((dry, row) => {
              const open = dry.to > length + 0.01;
              const from = px(dry.from);
              const size = px(Math.min(dry.to, length)) - from;
              const text = `${dry.what}: ${dry.to - dry.from > 600 ? "a day" : `${said(dry.to - dry.from)} min`}, dry ${clockOrDay(dry.dryAt, today.now)}`;
              const outside = size < text.length * 6.2;
              return (
                <div
                  key={dry.number}
                  className="absolute h-[19px] text-12 leading-[18px]"
                  style={{ top: row * 25, left: from, width: size }}
                >
                  <div
                    className={`absolute inset-0 border-y border-contour bg-t1 before:absolute before:-top-[3px] before:left-0 before:h-[24px] before:border-l-[1.4px] before:border-ink ${
                      open
                        ? ""
                        : "after:absolute after:-top-[3px] after:right-0 after:h-[24px] after:border-l-[1.4px] after:border-ink"
                    }`}
                  />
                  <span
                    className={`absolute whitespace-nowrap ${outside ? "right-full pr-2" : "left-2"}`}
                  >
                    {text}
                  </span>
                </div>
              );
            })}
          </div>
        </div>
      )}
    </div>
  );
}
