import { useParams } from "react-router";
import { useShelf, useShelfChoices } from "../api/shelf";
import { count } from "../shared/format";
import { TabbedPage } from "../shared/TabbedPage";
import { VehicleNameCell } from "../shared/VehicleNameCell";
import { BuyingTab } from "./BuyingTab";
import { BenchTab } from "./bench/BenchTab";
import { KitTab } from "./KitTab";
import { MatrixTab } from "./matrix/MatrixTab";
import { ProductsTab } from "./products/ProductsTab";
import { SmallestTab } from "./SmallestTab";

/** Shelf: the owner's products and tools, and where each of them is safe. */
export function ShelfPage() {
  const { vehicleId = "" } = useParams();
  return (
    <TabbedPage
      place="shelf"
      title="Shelf"
      label="About the shelf"
      loading="Loading"
      tabs={[
        { path: "matrix", name: "What is safe where", Tab: MatrixTab },
        { path: "products", name: "Products", Tab: ProductsTab },
        { path: "bench", name: "Mixing bench", Tab: BenchTab },
        { path: "smallest", name: "Fewest products", Tab: SmallestTab },
        { path: "buying", name: "Shopping list", Tab: BuyingTab },
        { path: "kit", name: "Tools and towels", Tab: KitTab },
      ]}
      needs={[useShelf(), useShelfChoices()]}
      cells={({ products, kit }) => [
        { label: "Vehicle", value: <VehicleNameCell vehicleId={vehicleId} /> },
        { label: "Products", value: products.length },
        {
          label: "Tools, towels",
          value: `${kit.tools?.length ?? 0}, ${(kit.towels ?? []).reduce((sum, towels) => sum + (towels.count ?? 0), 0)}`,
        },
        {
          label: "Out of date",
          value: count(products.filter((product) => product.tooOld).length, "product"),
        },
      ]}
      propsOf={(shelf, choices) => ({ vehicleId, shelf, choices })}
    />
  );
}
