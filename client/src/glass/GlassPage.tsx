import { useParams, useSearchParams } from "react-router";
import type { Glass } from "../api/client";
import { useGlass, usePlace } from "../api/methods";
import { PrintButton } from "../shared/PrintButton";
import { Failed, Loading } from "../shared/States";
import { useShortcuts } from "../shared/shortcuts";
import { TitleBlock } from "../shared/TitleBlock";
import { useSayPlace } from "../shared/useSayPlace";
import { VehicleCell } from "../shared/VehicleCell";
import { Conditions } from "./Conditions";
import { GlassStrip } from "./GlassStrip";
import { MethodTable } from "./MethodTable";
import { WhichSide } from "./WhichSide";
import { WholeCar } from "./WholeCar";

/** Glass: the panes unfolded, the method for each with what it was compared with, and the side a streak is on. */
export function GlassPage() {
  const { vehicleId = "" } = useParams();
  const glass = useGlass(vehicleId);
  if (glass.isError) {
    return <Failed error={glass.error} again={() => glass.refetch()} />;
  }
  return glass.data ? <Loaded glass={glass.data} /> : <Loading what="Loading" />;
}

function Loaded({ glass }: { glass: Glass }) {
  const [search, setSearch] = useSearchParams();
  const place = usePlace(glass.vehicle.id);
  const say = useSayPlace(glass.vehicle.id);
  const asked = search.get("pane");
  const find = (id: string | null) => glass.panes.find((known) => known.surfaceId === id);
  const pane = find(asked) ?? find(glass.soonestId);
  const show = (surfaceId: string) => setSearch({ pane: surfaceId }, { replace: true });
  const step = (by: number) => {
    const at = pane ? glass.panes.indexOf(pane) : 0;
    const next = glass.panes[(at + by + glass.panes.length) % glass.panes.length];
    if (next) {
      show(next.surfaceId);
    }
  };
  useShortcuts([
    { keys: "j", label: "Next pane", run: () => step(1) },
    { keys: "k", label: "Pane before", run: () => step(-1) },
    {
      keys: "u",
      label: "Sun on the glass or not",
      run: () => place.data && say.mutate({ ...place.data, sun: !place.data.sun }),
    },
  ]);
  return (
    <main className="flex flex-1 flex-col print:block">
      <TitleBlock
        title="Glass"
        cells={[
          { label: "Vehicle", value: <VehicleCell vehicle={glass.vehicle} /> },
          {
            label: "Overdue",
            value: (
              <>
                <b className={glass.overMark ? "over" : ""}>{glass.overMark}</b> of{" "}
                {glass.panes.length} panes
              </>
            ),
          },
          { label: "Order", value: glass.order, from: "wide" },
          {
            label: "At the glass",
            value: <Conditions vehicleId={glass.vehicle.id} />,
          },
          { label: "Paper", value: <PrintButton />, from: "wide" },
        ]}
      />
      {glass.advice.length > 0 && (
        <p className="border-b border-hairline bg-deep px-4 py-2 text-14 desk:px-[26px]">
          {glass.advice.join(" ")}
        </p>
      )}
      <GlassStrip glass={glass} chosen={pane?.surfaceId} onChoose={show} />
      <div className="grid flex-1 content-start print:block wide:grid-cols-[minmax(0,1fr)_316px]">
        {pane && (
          <MethodTable
            key={pane.surfaceId}
            pane={pane}
            vehicleId={glass.vehicle.id}
            clearLevel={glass.clearLevel}
          />
        )}
        <aside className="grid content-start gap-x-12 border-ink px-4 pt-3.5 pb-6 max-wide:border-t-[1.5px] desk:grid-cols-2 desk:px-[26px] wide:grid-cols-1 wide:border-l-[1.5px] wide:px-[22px] print:break-before-page print:border-0">
          {pane && <WhichSide glass={glass} pane={pane} />}
          <WholeCar glass={glass} />
        </aside>
      </div>
    </main>
  );
}
