import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useDeferredValue, useRef, useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { api, ask, type Cabin, type Schemas, type Today } from "../api/client";
import { newKey } from "../api/key";
import { keys } from "../api/keys";
import { useCabin, useToday } from "../api/queries";
import { useNextSlot } from "../api/routine";
import { Caution } from "../shared/Caution";
import {
  clock,
  clockOrDay,
  count,
  longDay,
  percent,
  minutes as said,
  shortDay,
} from "../shared/format";
import { keep, kept } from "../shared/kept";
import { Reminders } from "../shared/Reminders";
import { Empty, Failed, Loading } from "../shared/States";
import { useShortcuts } from "../shared/shortcuts";
import { TitleBlock } from "../shared/TitleBlock";
import { VehicleCell } from "../shared/VehicleCell";
import { SpotsFirst } from "../spots/SpotsFirst";
import { DistanceCell } from "./DistanceCell";
import { Lanes } from "./Lanes";
import { MixFirst } from "./MixFirst";
import { NextSlot } from "./NextSlot";
import { NotThisTime } from "./NotThisTime";
import { OrderTable } from "./OrderTable";
import { PlaceCell } from "./PlaceCell";
import { Ruler } from "./Ruler";
import { WayRound } from "./WayRound";

const USUAL_MINUTES = 25;
const KEY = "cove.minutes";

/** Today: say how long you have, see what is worth doing in it, and start. */
export function TodayPage() {
  const { vehicleId = "" } = useParams();
  const next = useNextSlot(vehicleId);
  const [moved, setMoved] = useState<number>();
  const ofToday = next.data?.isToday ? next.data.slot?.minutes : undefined;
  const minutes = moved ?? ofToday ?? (Number(kept(KEY)) || USUAL_MINUTES);
  const wanted = useDeferredValue(minutes);
  const today = useToday(vehicleId, wanted, moved === undefined && ofToday !== undefined);
  const cabin = useCabin(vehicleId);

  if (today.isError) {
    return <Failed error={today.error} again={() => today.refetch()} />;
  }
  // The marker stands where the day's slot has it from the first moment on.
  if (!today.data || next.isPending) {
    return <Loading what="Sounding the cabin" />;
  }
  return (
    <Plan
      today={today.data}
      cabin={cabin.data}
      minutes={minutes}
      next={next.data}
      onSlot={() => setMoved(undefined)}
      onMinutes={(chosen) => {
        keep(KEY, String(chosen));
        setMoved(chosen);
      }}
    />
  );
}

type PlanProps = {
  today: Today;
  cabin: Cabin | undefined;
  minutes: number;
  next: Schemas["NextSlotView"] | undefined;
  onSlot: () => void;
  onMinutes: (minutes: number) => void;
};

function Plan({ today, cabin, minutes, next, onSlot, onMinutes }: PlanProps) {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const key = useRef(newKey());
  const start = useMutation({
    mutationFn: () =>
      ask(
        api.POST("/api/vehicles/{vehicleId}/runs", {
          params: { path: { vehicleId: today.vehicle.id } },
          headers: { "Idempotency-Key": key.current },
          // Just what is on the screen, even while the marker is on its way elsewhere.
          body: { minutes: today.minutes, plan: today.plan, ofSlot: today.ofSlot },
        }),
      ),
    onSuccess: (run) => {
      key.current = newKey();
      queries.setQueryData(keys.run(run.id), run);
      navigate(`/runs/${run.id}`);
    },
    // Refused, because what is planned now is something else: show that.
    onError: () => queries.invalidateQueries({ queryKey: keys.place(today.vehicle.id, "today") }),
  });
  const begin = () =>
    today.runUnderWay
      ? navigate(`/runs/${today.runUnderWay}`)
      : today.steps.length > 0 && start.mutate();
  useShortcuts([
    {
      keys: "m",
      label: "Move the time marker",
      run: () => document.getElementById("minutes")?.focus(),
    },
    { keys: "← →", label: "One minute less or more, with Shift five" },
    {
      keys: "s",
      label: today.runUnderWay ? "Go on with the session" : "Start the session",
      run: begin,
    },
  ]);

  return (
    <main className="flex flex-1 flex-col overflow-x-clip">
      <TitleBlock
        title="Today"
        cells={[
          { label: "Vehicle", value: <VehicleCell vehicle={today.vehicle} /> },
          { label: "Date", value: longDay(today.now) },
          { label: "Place", value: <PlaceCell today={today} /> },
          { label: "Driven", value: <DistanceCell today={today} /> },
          { label: "Order", value: today.order },
        ]}
      />
      <SpotsFirst vehicleId={today.vehicle.id} />
      <Reminders vehicleId={today.vehicle.id} now={today.now} />
      <NextSlot today={today} next={next} onSlot={onSlot} />
      {today.worthDoing === 0 ? (
        <>
          <Empty title="Nothing to do today">
            <p>
              Every level is low.{" "}
              {today.nextDue
                ? `The first mark is reached on ${shortDay(today.nextDue)}.`
                : "Nothing comes due."}
            </p>
            <p className="mt-6">
              <Link className="act2 text-ink" to={`/cars/${today.vehicle.id}/cabin`}>
                Look at the cabin
              </Link>
            </p>
          </Empty>
          <div className="mx-auto w-full max-w-xl px-4 pb-8">
            <NotThisTime today={today} />
          </div>
        </>
      ) : (
        <>
          <section className="border-b-[1.5px] border-ink px-4 pt-3.5 desk:px-[26px]">
            <div className="flex flex-wrap items-baseline justify-between gap-x-6">
              <h2 className="text-26">How long have you got?</h2>
              <Verdict today={today} />
            </div>
            <Ruler today={today} minutes={minutes} onChange={onMinutes} />
          </section>
          <div className="grid flex-1 desk:grid-cols-[minmax(0,1.83fr)_minmax(300px,1fr)]">
            <section className="px-4 pt-3 pb-5 desk:px-[26px]">
              <div className="mb-1.5 flex flex-wrap items-baseline justify-between gap-x-4">
                <h2 className="text-20">Running order</h2>
                <p className="text-13 text-soft">{summary(today)}</p>
              </div>
              {today.steps.length === 0 ? (
                <p className="py-6 text-16 text-soft">
                  Nothing worth doing fits {minutes} minutes. Move the marker to the right.
                </p>
              ) : (
                <>
                  <BareShelf today={today} />
                  <Lanes today={today} />
                  <OrderTable today={today} />
                  <MixFirst today={today} />
                </>
              )}
            </section>
            <aside className="border-hairline px-4 pt-3 pb-5 desk:border-l desk:px-[22px]">
              <h2 className="text-20">Your way round</h2>
              {cabin ? <WayRound today={today} cabin={cabin} /> : <div className="h-64" />}
              <NotThisTime today={today} />
            </aside>
          </div>
        </>
      )}
      {(today.steps.length > 0 || today.runUnderWay) && (
        <footer className="no-print sticky bottom-18 z-10 flex min-h-[74px] flex-wrap items-center gap-x-6 gap-y-2 border-t-[1.5px] border-ink bg-deep px-4 py-3 desk:bottom-0 desk:px-[26px]">
          <button
            type="button"
            className="act max-desk:w-full"
            onClick={begin}
            disabled={start.isPending}
          >
            {today.runUnderWay ? "Go on with the session" : `Start ${today.minutes}-minute session`}
          </button>
          {start.isError ? (
            <p role="alert" className="max-w-md text-16 text-coral">
              {start.error.message}
            </p>
          ) : (
            <Facts today={today} />
          )}
          {today.caution && (
            <div className="ml-auto max-w-[290px] max-desk:hidden">
              <Caution>{today.caution}</Caution>
            </div>
          )}
        </footer>
      )}
    </main>
  );
}

function summary(today: Today): string {
  const tasks = count(today.steps.filter((step) => !step.putsBack).length, "task");
  const hands = `${tasks}, ${said(today.handsMinutes)} minutes of hands`;
  const first = today.drying[0];
  if (today.waitMinutes >= 1) {
    return `${hands}, ${said(today.waitMinutes)} of waiting for things to dry.`;
  }
  return first ? `${hands}; ${first.what.toLowerCase()} dry while you work.` : `${hands}.`;
}

function Verdict({ today }: { today: Today }) {
  const takes = today.ofSlot
    ? `${today.minutes} minutes as your routine has them`
    : `${today.minutes} minutes takes back ${percent(today.gain)} of today's upkeep`;
  if (today.overMark === 0) {
    return (
      <p className="text-[15px]">
        {takes}
        {today.ofSlot ? ": nothing is over the mark." : ". Nothing is over the mark."}
      </p>
    );
  }
  const all = today.overMarkCleared === today.overMark;
  const needsLonger = today.later.some(
    (task) => task.comesInAt !== null && (task.daysLeft ?? 1) <= 0,
  );
  return (
    <p className="text-[15px]">
      {takes} {today.ofSlot ? "clear" : "and clears"}{" "}
      <b className="over">
        {today.overMarkCleared} of {count(today.overMark, "task")} over the mark
      </b>
      {all
        ? "."
        : today.ofSlot
          ? "; the rest has its own day."
          : needsLonger
            ? "; the rest needs longer."
            : "; the rest cannot be done now."}
    </p>
  );
}

/** Whoever has listed no bottle yet learns what listing them brings. */
function BareShelf({ today }: { today: Today }) {
  if (today.productsOnShelf > 0) {
    return null;
  }
  return (
    <p className="mb-2 text-14">
      <b className="text-brass">Nothing is on your shelf yet,</b> so this keeps to what goes dry,
      with water and with mild soap.{" "}
      <Link className="lnk" to={`/cars/${today.vehicle.id}/shelf/products?add`}>
        List your bottles
      </Link>{" "}
      and it plans with them.
    </p>
  );
}

function Facts({ today }: { today: Today }) {
  const lastDry = [...today.drying].sort((a, b) => b.to - a.to)[0];
  const facts = [
    { label: "Finish", value: clock(today.finish) },
    ...(lastDry
      ? [{ label: `${lastDry.what} dry`, value: clockOrDay(lastDry.dryAt, today.now) }]
      : []),
    { label: "Fetch", value: today.kits.map((kit) => kit.name).join(", ") || "Nothing" },
  ];
  return (
    <dl className="flex flex-wrap gap-x-6 gap-y-1 desk:flex-nowrap desk:max-w-[620px]">
      {facts.map((fact) => (
        <div key={fact.label} className={fact.label === "Fetch" ? "max-desk:hidden" : ""}>
          <dt className="cap">{fact.label}</dt>
          <dd
            className={
              fact.label === "Fetch"
                ? "text-13 leading-[1.25] font-semibold"
                : "text-16 font-semibold whitespace-nowrap"
            }
          >
            {fact.value}
          </dd>
        </div>
      ))}
    </dl>
  );
}
