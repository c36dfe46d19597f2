import { useState } from "react";
import { useVehicle } from "../../api/car";
import { useDeepClean } from "../../api/routine";
import { Caution } from "../../shared/Caution";
import { shortDay } from "../../shared/format";
import { Failed, Loading } from "../../shared/States";
import { TitleBlock } from "../../shared/TitleBlock";
import { VehicleCell } from "../../shared/VehicleCell";
import { YearTabs } from "../YearTabs";
import { Checks } from "./Checks";
import { DeepDay } from "./DeepDay";
import { Prices } from "./Prices";
import { RecordSheet } from "./RecordSheet";
import { Settled } from "./Settled";

/** The deep clean: when it will be due, how its day goes, what it costs, and that it was done. */
export function DeepCleanSheet({ vehicleId }: { vehicleId: string }) {
  const deep = useDeepClean(vehicleId);
  const vehicle = useVehicle(vehicleId);
  const [recording, setRecording] = useState(false);
  for (const needed of [deep, vehicle]) {
    if (needed.isError && !needed.data) {
      return <Failed error={needed.error} again={() => needed.refetch()} />;
    }
  }
  if (!deep.data || !vehicle.data) {
    return <Loading what="Loading" />;
  }
  const { sentence, due, lastDone, withRoutine, withoutRoutine } = deep.data;
  return (
    <main className="flex flex-1 flex-col">
      <TitleBlock
        title="Year"
        cells={[
          { label: "Vehicle", value: <VehicleCell vehicle={vehicle.data} /> },
          { label: "Deep clean due", value: due ? shortDay(due) : "not in sight" },
          { label: "Last one", value: lastDone ? shortDay(lastDone) : "none on record" },
        ]}
      />
      <YearTabs vehicleId={vehicleId} shown="deep" />
      <div className="grid desk:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
        <div className="min-w-0 px-4 pt-4 pb-6 desk:px-[26px]">
          <h2 className="max-w-[34ch] text-26 leading-tight">{sentence}</h2>
          <p className="mt-2 max-w-[64ch] text-16 text-soft">
            {withRoutine === withoutRoutine && withRoutine
              ? `Without a routine this car needs one every ${withoutRoutine}. Set up a routine, and it needs one less often.`
              : withRoutine && withoutRoutine
                ? `With this routine it needs one about every ${withRoutine}. Without any care it would need one after ${withoutRoutine}.`
                : "Vacuuming keeps new soil from settling in. It does not bring out what has settled already."}
          </p>
          <p className="mt-4 flex flex-wrap gap-3">
            <button type="button" className="act" onClick={() => setRecording(true)}>
              Record a deep clean
            </button>
          </p>
          <Settled deep={deep.data} />
          <Checks vehicleId={vehicleId} deep={deep.data} />
        </div>
        <div className="min-w-0 border-ink px-4 pt-4 pb-6 max-desk:border-t-[1.5px] desk:border-l desk:px-5">
          <DeepDay deep={deep.data} />
          <Caution>{deep.data.notForOwners}</Caution>
          <Prices key={JSON.stringify(deep.data.prices)} vehicleId={vehicleId} deep={deep.data} />
        </div>
      </div>
      {recording && (
        <RecordSheet
          vehicleId={vehicleId}
          prices={deep.data.prices}
          currency={deep.data.currency}
          today={deep.data.today}
          onClose={() => setRecording(false)}
        />
      )}
    </main>
  );
}
