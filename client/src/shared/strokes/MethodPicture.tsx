import type { Method, MethodStep } from "../../api/client";
import { StrokeDiagram } from "./StrokeDiagram";

/** A method in one small picture: every movement of it, one over the other. */
export function MethodPicture({ method }: { method: Method }) {
  const rubbed = method.steps.filter((step) => step.stroke !== "still" && step.stroke !== "box");
  const [first, ...rest] = rubbed.length > 0 ? rubbed : method.steps;
  return first ? (
    <StrokeDiagram step={{ ...first, aim: method.name }} size="row" over={others(first, rest)} />
  ) : null;
}

/** The movements that differ from the first and from each other. */
function others(first: MethodStep, rest: MethodStep[]): MethodStep["stroke"][] {
  return [...new Set(rest.map((step) => step.stroke))].filter((stroke) => stroke !== first.stroke);
}
