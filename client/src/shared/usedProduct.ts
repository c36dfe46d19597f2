import type { PlannedStep } from "../api/client";
import { volume } from "./units";

/** "All-purpose 1:50, 49 ml" */
export function said(product: PlannedStep["products"][number]): string {
  const strength = product.strength === "neat" ? "" : ` ${product.strength}`;
  const amount = product.mixtureMillilitres ? `, ${volume(product.mixtureMillilitres)}` : "";
  return `${product.name}${strength}${amount}`;
}
