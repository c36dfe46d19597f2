import { useMutation, useQueryClient } from "@tanstack/react-query";
import { lazy, Suspense, useDeferredValue, useRef, useState } from "react";
import { Link, useLocation, useNavigate, useParams } from "react-router";
import { api, ask, type Cabin, type Schemas, type Today } from "../api/client";
import { newKey } from "../api/key";
import { keys } from "../api/keys";
import { useCabin, useNextSlot, useToday } from "../api/queries";
import { refresh } from "../api/refresh";
import { device } from "../run/offline";
import { Caution } from "../shared/Caution";
import { clock, clockOrDay, count, percent, shortDay } from "../shared/format";
import { keep, kept } from "../shared/kept";
import { Empty, Failed, Loading } from "../shared/States";
import { useShortcuts } from "../shared/shortcuts";
import { TitleBlock } from "../shared/TitleBlock";
import { VehicleCell } from "../shared/VehicleCell";
import { AskLine } from "./AskLine";
import { type Ask, isAsked, isNarrowed, useAsk } from "./ask";
import { DistanceCell } from "./DistanceCell";
import { Lanes } from "./Lanes";
import { MixFirst } from "./MixFirst";
import { NextSlot } from "./NextSlot";
import { OrderTable } from "./OrderTable";
import { PlaceCell } from "./PlaceCell";
import { Ruler } from "./Ruler";
import { StaysOut } from "./StaysOut";

// What is not on the first view of most days is loaded when it is wanted.
const Reminders = lazy(async () => ({ default: (await import("../shared/Reminders")).Reminders }));
const InTheHeat = lazy(async () => ({ default: (await import("./InTheHeat")).InTheHeat }));
const SpotsFirst = lazy(async () => ({
  default: (await import("../spots/SpotsFirst")).SpotsFirst,
}));
const NotThisTime = lazy(async () => ({
  default: (await import("./NotThisTime")).NotThisTime,
}));
const WayRound = lazy(async () => ({ default: (await import("./WayRound")).WayRound }));
const SessionPaper = lazy(async () => ({
  default: (await import("./SessionPaper")).SessionPaper,
}));
const OpenRun = lazy(async () => ({ default: (await import("./OpenRun")).OpenRun }));

const USUAL_MINUTES = 25;
const KEY = "cove.minutes";

/** Today: say how long you have, see what is worth doing in it, and start. */
export function TodayPage() {
  const { vehicleId = "", sheet } = useParams();
  const { search } = useLocation();
  const next = useNextSlot(vehicleId);
  const [moved, setMoved] = useState<number>();
  const ofToday = next.data?.isToday ? next.data.slot?.minutes : undefined;
  const minutes = moved ?? ofToday ?? (Number(kept(KEY)) || USUAL_MINUTES);
  const wanted = useDeferredValue(minutes);
  const [ask, setAsk] = useAsk();
  // Who asks for only a part of the car does not ask for what the routine put into the slot.
  const ofSlot = moved === undefined && ofToday !== undefined && !isNarrowed(ask);
  // What the day's slot holds decides what to ask for: no other plan is shown, or worked out, before it.
  const today = useToday(vehicleId, wanted, ofSlot, ask, !next.isPending);
  const cabin = useCabin(vehicleId);

  if (today.isError) {
    return <Failed error={today.error} again={() => today.refetch()} />;
  }
  if (!today.data) {
    return <Loading what="Loading" />;
  }
  if (sheet === "paper") {
    return (
      <Suspense fallback={<Loading what="Loading" />}>
        <SessionPaper today={today.data} back={`/cars/${vehicleId}/today${search}`} />
      </Suspense>
    );
  }
  return (
    <Plan
      today={today.data}
      cabin={cabin.data}
      minutes={minutes}
      next={next.data}
      asks={ask}
      onAsk={setAsk}
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
  asks: Ask;
  onAsk: (ask: Ask) => void;
  onSlot: () => void;
  onMinutes: (minutes: number) => void;
};

function Plan({ today, cabin, minutes, next, asks, onAsk, onSlot, onMinutes }: PlanProps) {
  const { search } = useLocation();
  const navigate = useNavigate();
  const slotId = next?.isToday ? next.slot?.slotId : undefined;
  const queries = useQueryClient();
  const key = useRef(newKey());
  const start = useMutation({
    mutationFn: () =>
      ask(
        api.POST("/api/vehicles/{vehicleId}/runs", {
          params: { path: { vehicleId: today.vehicle.id } },
          headers: { "Idempotency-Key": key.current },
          // Just what is on the screen, even while the marker is on its way elsewhere.
          body: { minutes: today.minutes, plan: today.plan, ofSlot: today.ofSlot, ask: asks },
        }),
      ),
    onSuccess: (run) => {
      key.current = newKey();
      queries.setQueryData(keys.run(run.id), run);
      // From here on it goes on without a network.
      void device.keepRun(run);
      void refresh(queries, keys.place(today.vehicle.id, "today"));
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

  const waits = today.notThisTime.filter(
    (held) => held.overMark && held.reason !== "notDue",
  ).length;
  return (
    <main
      className="flex flex-1 flex-col overflow-x-clip"
      data-testid="planned-for"
      data-minutes={today.minutes}
    >
      <TitleBlock
        title="Today"
        cells={[
          { label: "Vehicle", value: <VehicleCell vehicle={today.vehicle} /> },
          { label: "Date", value: shortDay(today.now), from: "desk" },
          { label: "Place", value: <PlaceCell today={today} /> },
          { label: "Driven", value: <DistanceCell today={today} /> },
          { label: "Order", value: today.order, from: "wide" },
        ]}
      />
      <Suspense fallback={null}>
        <SpotsFirst vehicleId={today.vehicle.id} />
        <InTheHeat today={today} />
        <Reminders vehicleId={today.vehicle.id} now={today.now} />
      </Suspense>
      {!today.runUnderWay && <NextSlot today={today} next={next} onSlot={onSlot} />}
      {today.runUnderWay ? (
        <Suspense fallback={<Loading what="Loading" />}>
          <OpenRun runId={today.runUnderWay} />
        </Suspense>
      ) : today.worthDoing === 0 && !isAsked(asks) ? (
        <>
          <Empty title={waits > 0 ? "Nothing can be done today" : "Nothing to do today"}>
            {waits > 0 ? (
              <p>
                {waits === 1 ? "One task is" : `${waits} tasks are`} due and{" "}
                {waits === 1 ? "has" : "have"} to wait; what for stands below.
              </p>
            ) : (
              <p>
                Everything is clean enough.{" "}
                {today.nextDue
                  ? `The first task comes due on ${shortDay(today.nextDue)}.`
                  : "Nothing comes due."}
              </p>
            )}
            <p className="mt-6">
              <Link className="act2 text-ink" to={`/cars/${today.vehicle.id}/cabin`}>
                Look at the cabin
              </Link>
            </p>
          </Empty>
          <div className="mx-auto w-full max-w-xl px-4 pb-8">
            <Suspense fallback={null}>
              <NotThisTime today={today} ask={asks} onAsk={onAsk} slotId={slotId} />
            </Suspense>
          </div>
        </>
      ) : (
        <>
          <section className="border-b-[1.5px] border-ink px-4 pt-3.5 desk:px-[26px]">
            <div className="flex flex-wrap items-baseline gap-x-6 gap-y-0.5">
              <h2 className="text-26">How long have you got?</h2>
              <AskLine ask={asks} onAsk={onAsk} cabin={cabin} />
              <Verdict today={today} />
            </div>
            <Ruler today={today} minutes={minutes} onChange={onMinutes} />
          </section>
          <section className="relative border-b-[1.5px] border-ink px-4 pt-2 pb-2.5 desk:px-[26px]">
            <h2 className="text-20 min-[860px]:absolute">Running order</h2>
            {today.steps.length === 0 ? (
              <p className="py-4 text-16 text-soft">{nothing(asks, minutes)}</p>
            ) : (
              <Lanes today={today} />
            )}
          </section>
          <div className="grid flex-1 desk:grid-cols-[minmax(0,1fr)_minmax(220px,290px)] wide:grid-cols-[minmax(0,1fr)_290px_230px]">
            <section className="px-4 pt-2 pb-5 desk:row-span-2 desk:px-[26px]">
              {today.steps.length > 0 && (
                <>
                  <BareShelf today={today} />
                  <OrderTable today={today} ask={asks} onAsk={onAsk} />
                  <GetOut today={today} />
                  <StaysOut today={today} />
                  {today.caution && (
                    <div className="mt-3 wide:hidden">
                      <Caution>{today.caution}</Caution>
                    </div>
                  )}
                  <MixFirst today={today} />
                  <p className="mt-3">
                    <Link
                      className="lnk text-14"
                      to={`/cars/${today.vehicle.id}/today/paper${search}`}
                    >
                      On paper, to tick off
                    </Link>
                  </p>
                </>
              )}
            </section>
            <aside className="border-hairline px-4 pt-2 pb-3 desk:border-l desk:px-[18px]">
              <h2 className="text-20">Your route</h2>
              <Suspense fallback={<div className="h-64" />}>
                {cabin ? <WayRound today={today} cabin={cabin} /> : <div className="h-64" />}
              </Suspense>
            </aside>
            <aside className="border-hairline px-4 pb-5 desk:border-l desk:px-[16px] wide:pt-2">
              <Suspense fallback={null}>
                <NotThisTime today={today} ask={asks} onAsk={onAsk} slotId={slotId} />
              </Suspense>
            </aside>
          </div>
        </>
      )}
      {today.steps.length > 0 && !today.runUnderWay && (
        <footer className="no-print sticky bottom-18 z-10 flex min-h-[74px] flex-wrap items-center gap-x-6 gap-y-2 border-t-[1.5px] border-ink bg-deep px-4 py-3 desk:bottom-0 desk:px-[26px]">
          <button
            type="button"
            className="act max-desk:w-full"
            onClick={begin}
            disabled={start.isPending}
          >
            {`Start ${wholeMinutes(today)}-minute session`}
          </button>
          {start.isError ? (
            <p role="alert" className="max-w-md text-16 text-coral">
              {start.error.message}
            </p>
          ) : (
            <Facts today={today} />
          )}
          {today.caution && (
            <div className="ml-auto hidden max-w-[290px] wide:block">
              <Caution>{today.caution}</Caution>
            </div>
          )}
        </footer>
      )}
    </main>
  );
}

/** How long the session takes, in whole minutes; it may be less than was asked for. */
function wholeMinutes(today: Today): number {
  return Math.max(1, Math.ceil(today.lengthMinutes - 0.01));
}

function nothing(asks: Ask, minutes: number): string {
  return isAsked(asks)
    ? `Nothing of what you asked for is worth doing in ${minutes} minutes.`
    : `Nothing worth doing fits ${minutes} minutes. Move the marker to the right.`;
}

/** What these minutes do, and what is to be said of them: that they are more than one has, or that some are spent waiting. */
function Verdict({ today }: { today: Today }) {
  const { overMark, overMarkCleared } = today;
  const length = wholeMinutes(today);
  const over = length - today.minutes;
  const wait = Math.round(today.waitMinutes);
  return (
    <p className="text-[15px] min-[860px]:ml-auto">
      {length} min{today.ofSlot ? " as your routine has them" : ""}: {percent(today.gain)} of what
      is due
      {overMark > 0 && (
        <>
          ,{" "}
          <b className="over">
            {overMarkCleared === overMark ? "all" : `${overMarkCleared} of`}{" "}
            {count(overMark, "overdue task")}
          </b>
        </>
      )}
      {over > 0 && `, ${over} min more than you have`}
      {wait > 0 && `, ${wait} min of it waiting for things to dry`}
      {today.firstAidMinutes > 0 && `, after ${Math.round(today.firstAidMinutes)} min of first aid`}
      .
    </p>
  );
}

/** What to get out before starting, for a phone, where the bar below has no room for it. */
function GetOut({ today }: { today: Today }) {
  return today.kits.length > 0 ? (
    <p className="mt-3 border-t border-hairline pt-2 text-17 desk:hidden">
      <b>Get out:</b> {today.kits.map((kit) => kit.name.toLowerCase()).join(", ")}.
    </p>
  ) : null;
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
    { label: "Get out", value: today.kits.map((kit) => kit.name).join(", ") || "Nothing" },
  ];
  return (
    <dl className="flex flex-wrap gap-x-6 gap-y-1 desk:flex-nowrap desk:max-w-[620px]">
      {facts.map((fact) => (
        <div key={fact.label} className={fact.label === "Get out" ? "max-desk:hidden" : ""}>
          <dt className="cap">{fact.label}</dt>
          <dd
            className={
              fact.label === "Get out"
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
