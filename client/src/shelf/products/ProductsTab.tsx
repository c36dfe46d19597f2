import { useSearchParams } from "react-router";
import type { Product } from "../../api/client";
import { useStock } from "../../api/shelf";
import { shortDay } from "../../shared/format";
import { useShortcuts } from "../../shared/shortcuts";
import { volume, volumeNumber } from "../../shared/units";
import { Wastebasket } from "../../shared/Wastebasket";
import type { ShelfTabProps } from "../tab";
import { ImportShelf } from "./ImportShelf";
import { ProductForm } from "./ProductForm";

/** The products as a list; the chosen one opens beside it. */
export function ProductsTab({ shelf, choices }: ShelfTabProps) {
  const [params, setParams] = useSearchParams();
  const adding = params.has("add");
  const chosen = shelf.products.find((bottle) => bottle.id === params.get("product"));
  const close = () => setParams({}, { replace: true });
  const add = () => setParams({ add: "" });
  useShortcuts([{ keys: "a", label: "Put a product on the shelf", run: add }]);
  return (
    <div className="grid flex-1 desk:grid-cols-[minmax(0,1fr)_440px]">
      <section aria-label="Products" className="min-w-0 px-4 pt-4 pb-8 desk:px-[26px]">
        <div className="mb-3 flex flex-wrap gap-3">
          <button type="button" className="act" onClick={add}>
            Put a product on the shelf
          </button>
          {shelf.products.length > 0 && (
            <a className="act2" href="/api/shelf/products.csv" download="cove-shelf.csv">
              Export as CSV
            </a>
          )}
          <ImportShelf />
        </div>
        {shelf.products.length === 0 ? (
          <p className="max-w-[52ch] py-6 text-16 text-soft">
            Nothing on it yet. Choose the class of a bottle and Cove fills in what such products are
            usually like; correct it from the label. A list from a spreadsheet can be imported as
            CSV.
          </p>
        ) : (
          <List
            products={shelf.products}
            chosen={chosen?.id}
            onChoose={(id) => setParams({ product: id })}
          />
        )}
        <Wastebasket kind="product" title="Deleted products" />
      </section>
      <aside
        aria-label={adding ? "New product" : "Product"}
        className={`border-ink desk:sticky desk:top-0 desk:h-[calc(100dvh-101px)] desk:overflow-y-auto desk:border-l-[1.5px] ${
          adding || chosen ? "max-desk:order-first max-desk:border-b-[1.5px]" : "max-desk:hidden"
        }`}
      >
        {adding ? (
          <ProductForm key="new" choices={choices} onClose={close} />
        ) : chosen ? (
          <ProductForm key={chosen.id} product={chosen} choices={choices} onClose={close} />
        ) : (
          <div className="px-[22px] pt-5 text-16 text-soft">
            <h2 className="mb-2 text-20 text-ink">From the label</h2>
            <p>
              Choose a product to see what is in it, its strengths, its bottles and the hazards on
              its label.
            </p>
          </div>
        )}
      </aside>
    </div>
  );
}

type ListProps = {
  products: Product[];
  chosen: string | undefined;
  onChoose: (id: string) => void;
};

function List({ products, chosen, onChoose }: ListProps) {
  const stock = useStock();
  return (
    <table className="w-full border-collapse text-[15px]">
      <thead>
        <tr className="cap h-6">
          <th>Product</th>
          <th className="max-desk:hidden">Usual strength</th>
          <th className="w-36">Left</th>
          <th className="w-28 max-desk:hidden">Runs out</th>
        </tr>
      </thead>
      <tbody>
        {products.map((product) => (
          <tr
            key={product.id}
            className={`border-t border-hairline ${product.id === chosen ? "bg-deep" : ""}`}
          >
            <td className="py-1.5 pr-3">
              <button
                type="button"
                className="min-h-9 text-left hover:underline"
                aria-pressed={product.id === chosen}
                onClick={() => onChoose(product.id)}
              >
                <b className="font-semibold">{product.details.name}</b>
                <span className="block text-13 text-soft">
                  {product.className}
                  {product.hazards.length > 0 &&
                    ` · ${product.hazards.map((hazard) => hazard.code).join(", ")}`}
                </span>
              </button>
              {product.tooOld && <p className="text-13 text-brass">A bottle is out of date.</p>}
            </td>
            <td className="pr-3 text-14 max-desk:hidden">{product.usualInWords}</td>
            <td className="pr-3">
              <LeftBar product={product} />
            </td>
            <td className="text-14 max-desk:hidden">
              {runsOut(stock.data?.items.find((item) => item.productId === product.id)?.runsOut)}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function runsOut(day: string | null | undefined): string {
  return day ? shortDay(day) : "–";
}

/** How full the bottles are together, as a measure with its figure. */
function LeftBar({ product }: { product: Product }) {
  const bottles = product.details.bottles ?? [];
  const size = bottles.reduce((sum, bottle) => sum + bottle.size, 0);
  const left = bottles.reduce((sum, bottle) => sum + bottle.left, 0);
  const pieces = product.unit === "pieces";
  if (bottles.length === 0) {
    return <span className="text-14 text-soft">Not measured</span>;
  }
  return (
    <span className="block text-14">
      <svg
        width="100%"
        height="10"
        aria-hidden="true"
        preserveAspectRatio="none"
        viewBox="0 0 100 10"
      >
        <rect x="0" y="2" width="100" height="6" fill="var(--t1)" />
        <rect x="0" y="2" width={Math.min(100, (100 * left) / size)} height="6" fill="var(--t4)" />
        <path d="M0 9.500H100" stroke="var(--hairline)" vectorEffect="non-scaling-stroke" />
      </svg>
      <b className="font-semibold">{pieces ? Math.round(left) : volumeNumber(left)}</b>
      <span className="text-soft">
        {" "}
        of {pieces ? `${Math.round(size)} pieces` : volume(size)}
        {bottles.length > 1 && `, ${bottles.length} bottles`}
      </span>
    </span>
  );
}
