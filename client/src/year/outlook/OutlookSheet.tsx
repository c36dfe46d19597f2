import { useDeferredValue, useState } from "react";
import { Link } from "react-router";
import { useCarUse, useVehicle } from "../../api/car";
import type { Routine, RoutineOfCar, Schemas, Use } from "../../api/client";
import { useOutlook, useOutlookBand, useRoutine, useWhatIf } from "../../api/routine";
import { shortDay } from "../../shared/format";
import { same } from "../../shared/rebase";
import { Empty, Failed, Loading } from "../../shared/States";
import { TitleBlock } from "../../shared/TitleBlock";
import { VehicleCell } from "../../shared/VehicleCell";
import { YearTabs } from "../YearTabs";
import { Coming } from "./Coming";
import { Lanes } from "./Lanes";
import { OutlookTable } from "./OutlookTable";
import { type Asked, WhatIf } from "./WhatIf";

/** What the routine will bring: how clean each part will be through the year, and what would change it. */
export function OutlookSheet({ vehicleId }: { vehicleId: string }) {
  const outlook = useOutlook(vehicleId);
  const vehicle = useVehicle(vehicleId);
  const use = useCarUse(vehicleId);
  const routine = useRoutine(vehicleId);
  for (const needed of [outlook, vehicle, use, routine]) {
    if (needed.isError && !needed.data) {
      return <Failed error={needed.error} again={() => needed.refetch()} />;
    }
  }
  if (!outlook.data || !vehicle.data || !use.data || !routine.data) {
    return <Loading what="Looking a year ahead" />;
  }
  return (
    <main className="flex flex-1 flex-col">
      <TitleBlock
        title="Year"
        cells={[
          { label: "Vehicle", value: <VehicleCell vehicle={vehicle.data} /> },
          {
            label: "From",
            value: `${shortDay(outlook.data.from)} to ${shortDay(outlook.data.until)}`,
          },
          { label: "Days overdue", value: <b>{Math.round(outlook.data.overdueDays)}</b> },
        ]}
      />
      <YearTabs vehicleId={vehicleId} shown="outlook" />
      {outlook.data.lanes.length === 0 ? (
        <Empty title="No routine to look ahead from">
          <p>Set up a routine first. The year ahead is worked out from it.</p>
          <p className="mt-6">
            <Link className="lnk" to={`/cars/${vehicleId}/year`}>
              To the routine
            </Link>
          </p>
        </Empty>
      ) : (
        <Loaded vehicleId={vehicleId} now={outlook.data} used={use.data} routine={routine.data} />
      )}
    </main>
  );
}

const NOTHING_ELSE = { use: null, routine: null, school: null };

type LoadedProps = {
  vehicleId: string;
  now: Schemas["OutlookView"];
  used: Schemas["UseView"];
  routine: RoutineOfCar;
};

function Loaded({ vehicleId, now, used, routine }: LoadedProps) {
  const use = used.use as Use;
  const kept = routine.routine as Routine;
  const [asked, setAsked] = useState<Asked>({ use, routine: kept, school: null });
  const wanted = useDeferredValue(asked);
  const otherUse = !same(asked.use, use);
  const otherRoutine = !same(asked.routine, kept);
  const changed = otherUse || otherRoutine || asked.school !== null;
  const question = {
    use: same(wanted.use, use) ? null : wanted.use,
    routine: same(wanted.routine, kept) ? null : wanted.routine,
    school: wanted.school,
  };
  const then = useWhatIf(vehicleId, question, changed);
  const compared = changed ? then.data : undefined;
  // The bands take longer and are asked for when the finger rests.
  const band = useOutlookBand(vehicleId, NOTHING_ELSE, true);
  const thenBand = useOutlookBand(
    vehicleId,
    question,
    changed && wanted === asked && then.isSuccess && !then.isPlaceholderData,
  );
  return (
    <div className="grid flex-1 desk:grid-cols-[minmax(0,1fr)_320px] print:block">
      <div className="min-w-0">
        <Lanes now={now} then={compared} band={band.data} />
        <Coming vehicleId={vehicleId} />
        <OutlookTable now={now} then={compared} />
      </div>
      <WhatIf
        vehicleId={vehicleId}
        now={now}
        then={compared}
        band={band.data}
        thenBand={thenBand.data}
        error={changed ? then.error : null}
        used={used}
        routine={routine}
        asked={asked}
        changed={changed}
        onAsk={(next) => setAsked({ ...asked, ...next })}
        onPutBack={() => setAsked({ use, routine: kept, school: null })}
      />
    </div>
  );
}
