import type { PlannedStep } from "../api/client";

/** "All-purpose 1:50, 49 ml" */
export function said(product: PlannedStep["products"][number]): string {
  const strength = product.strength === "neat" ? "" : ` ${product.strength}`;
  const amount = product.mixtureMillilitres
    ? `, ${Math.max(1, Math.round(product.mixtureMillilitres))} ml`
    : "";
  return `${product.name}${strength}${amount}`;
}
