import { useState } from "react";
import { Link, useParams } from "react-router";
import { useVehicle } from "../api/car";
import { Problem, type Routine, type RoutineOfCar } from "../api/client";
import { useRoutine, useRoutinePlan, useRoutinePreview } from "../api/routine";
import { Elsewhere } from "../shared/Elsewhere";
import { shortDay } from "../shared/format";
import { Failed, Loading } from "../shared/States";
import { TitleBlock } from "../shared/TitleBlock";
import { useDraft } from "../shared/useDraft";
import { VehicleCell } from "../shared/VehicleCell";
import { ApplyBar } from "./ApplyBar";
import { CalendarCell } from "./CalendarCell";
import { CardPage } from "./card/CardPage";
import { DeepCleanSheet } from "./deep/DeepCleanSheet";
import { FirstSteps } from "./FirstSteps";
import { Frontier } from "./Frontier";
import { GuestSlots } from "./GuestSlots";
import { HowOften } from "./HowOften";
import { OutlookSheet } from "./outlook/OutlookSheet";
import { SlotList } from "./SlotList";
import { useKeepRoutine } from "./useKeepRoutine";
import { Wells } from "./Wells";
import { YearTabs } from "./YearTabs";

/** Year: when the car is cleaned, what each session will hold, and how often each task comes round. */
export function YearPage() {
  const { vehicleId = "", sheet } = useParams();
  switch (sheet) {
    case "card":
      return <CardPage />;
    case "deep":
      return <DeepCleanSheet vehicleId={vehicleId} />;
    case "outlook":
      return <OutlookSheet vehicleId={vehicleId} />;
    default:
      return <RoutineSheet vehicleId={vehicleId} />;
  }
}

function RoutineSheet({ vehicleId }: { vehicleId: string }) {
  const routine = useRoutine(vehicleId);
  const vehicle = useVehicle(vehicleId);
  for (const needed of [routine, vehicle]) {
    if (needed.isError) {
      return <Failed error={needed.error} again={() => needed.refetch()} />;
    }
  }
  return routine.data && vehicle.data ? (
    <Loaded
      vehicleId={vehicleId}
      routine={routine.data}
      cell={<VehicleCell vehicle={vehicle.data} />}
    />
  ) : (
    <Loading what="Loading" />
  );
}

type Props = { vehicleId: string; routine: RoutineOfCar; cell: React.ReactNode };

function Loaded({ vehicleId, routine, cell }: Props) {
  const saved = routine.routine as Routine;
  const { draft, version, changed, elsewhere, change, discard, settle } = useDraft(
    saved,
    routine.version,
  );
  const [chosen, setChosen] = useState<string>();
  const standing = useRoutinePlan(vehicleId, routine.version);
  const preview = useRoutinePreview(vehicleId, draft, changed);
  const keep = useKeepRoutine(vehicleId, version, settle);
  const refused = [keep.error, preview.error].find((error) => error instanceof Problem);
  const errors = changed && refused instanceof Problem ? refused.errors : {};
  // What was just kept stands as it was shown until its own plan is there.
  const plan = (changed ? preview.data : undefined) ?? standing.data ?? preview.data;
  const hasSlots = draft.slots.length > 0 || draft.slotsOf !== null;
  return (
    <main className="flex flex-1 flex-col">
      <TitleBlock
        title="Year"
        cells={[
          { label: "Vehicle", value: cell },
          { label: "Date", value: shortDay(routine.today) },
          ...(plan && hasSlots
            ? [
                {
                  label: "Work in an average week",
                  value: (
                    <>
                      about <b>{Math.round(plan.minutesAWeek)}</b> min
                    </>
                  ),
                },
                {
                  label: "On paper",
                  value: (
                    <Link className="lnk" to={`/cars/${vehicleId}/year/card`}>
                      Routine card
                    </Link>
                  ),
                },
                {
                  label: "In your calendar",
                  value: <CalendarCell vehicleId={vehicleId} feed={routine.feed} />,
                },
              ]
            : []),
        ]}
      />
      <YearTabs vehicleId={vehicleId} shown="routine" />
      {hasSlots ? (
        <>
          <div className="px-4 pt-4 desk:px-[26px]">
            <Elsewhere differences={elsewhere} />
          </div>
          {draft.slotsOf !== null ? (
            <GuestSlots
              shared={
                routine.shared ?? routine.hosts.find((host) => host.vehicleId === draft.slotsOf)
              }
              errors={errors}
              onOwn={() => change({ slotsOf: null })}
            />
          ) : (
            <div className="grid border-b-[1.5px] border-ink xl:grid-cols-[minmax(0,11fr)_minmax(0,9fr)] xl:divide-x xl:divide-hairline">
              <SlotList routine={routine} draft={draft} errors={errors} onChange={change} />
              {routine.shared ? (
                <p className="px-5 py-4 text-16 text-soft">
                  These slots serve <b className="font-semibold text-ink">{routine.shared.name}</b>{" "}
                  too. Each goes to the car that needs it more, or is split between both.
                </p>
              ) : (
                <Frontier
                  vehicleId={vehicleId}
                  changed={changed ? preview.data : undefined}
                  onChange={change}
                />
              )}
            </div>
          )}
          {standing.isError ? (
            <Failed error={standing.error} again={() => standing.refetch()} />
          ) : plan ? (
            <>
              <Wells
                vehicleId={vehicleId}
                plan={plan}
                draft={draft}
                today={routine.today}
                chosen={chosen}
                onChoose={setChosen}
                onChange={change}
              />
              <HowOften plan={plan} draft={draft} errors={errors} onChange={change} />
            </>
          ) : (
            <Loading what="Planning the year" />
          )}
          <ApplyBar
            changed={changed}
            busy={keep.isPending}
            now={standing.data}
            next={changed ? preview.data : undefined}
            error={Object.keys(errors).length === 0 ? keep.error : null}
            saved={keep.isSuccess}
            onKeep={() => keep.mutate(draft)}
            onDiscard={discard}
          />
        </>
      ) : (
        <FirstSteps
          first={routine.first as Routine}
          hosts={routine.hosts}
          busy={keep.isPending}
          error={keep.error}
          onKeep={(first) => {
            change(first);
            keep.mutate(first);
          }}
        />
      )}
    </main>
  );
}
