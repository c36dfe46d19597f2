import type { UsedProduct } from "../api/client";
import { volume } from "./units";

/** What a step is done with: product, strength, how much of the mixture and how it is put on. */
export function UsedProducts({ products }: { products: UsedProduct[] }) {
  return (
    <ul>
      {products.map((product) => (
        <li key={product.productId + product.strength + product.how}>
          <b className="font-semibold">{product.name}</b>
          {product.strength !== "neat" && `, ${product.strengthInWords}`}
          <span className="text-soft">
            {" "}
            {product.mixtureMillilitres !== null && `· ${volume(product.mixtureMillilitres)} `}·{" "}
            {product.how}
            {products.length > 1 && ` · ${[...new Set(product.surfaces)].join(", ")}`}
          </span>
        </li>
      ))}
    </ul>
  );
}
