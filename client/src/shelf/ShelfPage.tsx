import { useParams } from "react-router";
import { useShelf, useShelfChoices } from "../api/queries";
import { count } from "../shared/format";
import { Failed, Loading } from "../shared/States";
import { Tabs } from "../shared/Tabs";
import { TitleBlock } from "../shared/TitleBlock";
import { VehicleNameCell } from "../shared/VehicleNameCell";
import { BuyingTab } from "./BuyingTab";
import { BenchTab } from "./bench/BenchTab";
import { KitTab } from "./KitTab";
import { MatrixTab } from "./matrix/MatrixTab";
import { ProductsTab } from "./products/ProductsTab";
import { SmallestTab } from "./SmallestTab";

const TABS = [
  { path: "matrix", name: "What may touch what", Tab: MatrixTab },
  { path: "products", name: "Products", Tab: ProductsTab },
  { path: "bench", name: "Mixing bench", Tab: BenchTab },
  { path: "smallest", name: "Smallest shelf", Tab: SmallestTab },
  { path: "buying", name: "Buying", Tab: BuyingTab },
  { path: "kit", name: "Tools and towels", Tab: KitTab },
];

/** Shelf: the owner's products and tools, and where each of them is safe. */
export function ShelfPage() {
  const { vehicleId = "", tab = "matrix" } = useParams();
  const shelf = useShelf();
  const choices = useShelfChoices();
  if (shelf.isError || choices.isError) {
    const failed = shelf.isError ? shelf : choices;
    return <Failed error={failed.error as Error} again={() => failed.refetch()} />;
  }
  if (!shelf.data || !choices.data) {
    return <Loading what="Opening the cupboard" />;
  }
  const shown = TABS.find((one) => one.path === tab) ?? TABS[0];
  const { products, kit } = shelf.data;
  return (
    <main className="flex flex-1 flex-col">
      <TitleBlock
        title="Shelf"
        cells={[
          { label: "Vehicle", value: <VehicleNameCell vehicleId={vehicleId} /> },
          { label: "Products", value: products.length },
          {
            label: "Tools, towels",
            value: `${kit.tools?.length ?? 0}, ${(kit.towels ?? []).reduce((sum, one) => sum + (one.count ?? 0), 0)}`,
          },
          {
            label: "Past their time",
            value: count(products.filter((one) => one.tooOld).length, "product"),
          },
        ]}
      />
      <Tabs
        label="About the shelf"
        base={`/cars/${vehicleId}/shelf`}
        tabs={TABS}
        shown={shown?.path}
      />
      {shown && (
        <shown.Tab
          key={vehicleId}
          vehicleId={vehicleId}
          shelf={shelf.data}
          choices={choices.data}
        />
      )}
    </main>
  );
}
