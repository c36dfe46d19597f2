import type { Cabin } from "../api/client";
import type { Frame } from "./labels";

const MARGIN = { x: 46, top: 70, bottom: 70 };
/** A zone is drawn at most this much larger than on the whole chart. */
const LARGEST = 0.42;

/** The part of the plan that is shown, with room for labels round it. */
export function frameOf(cabin: Cabin, zone: string | null): Frame {
  const { bounds } = cabin.plan;
  const whole = {
    x: bounds.x - MARGIN.x,
    y: bounds.y - MARGIN.top,
    width: bounds.width + MARGIN.x * 2,
    height: bounds.height + MARGIN.top + MARGIN.bottom,
  };
  const inZone = new Set(
    cabin.surfaces.filter((surface) => surface.zoneId === zone).map((surface) => surface.id),
  );
  const boxes = cabin.plan.shapes
    .filter((shape) => inZone.has(shape.surfaceId) && shape.layer !== "overhead")
    .map((shape) => shape.bounds);
  if (zone === null || boxes.length === 0) {
    return { ...whole, unit: 1, zone: null };
  }
  const left = Math.min(...boxes.map((box) => box.x));
  const top = Math.min(...boxes.map((box) => box.y));
  const wide = Math.max(...boxes.map((box) => box.x + box.width)) - left;
  const high = Math.max(...boxes.map((box) => box.y + box.height)) - top;
  const unit = Math.min(
    1,
    Math.max(
      LARGEST,
      wide / (whole.width - MARGIN.x * 2),
      high / (whole.height - MARGIN.top - MARGIN.bottom),
    ),
  );
  const width = whole.width * unit;
  const height = whole.height * unit;
  return {
    x: left + wide / 2 - width / 2,
    y: top + high / 2 - height / 2,
    width,
    height,
    unit,
    zone,
  };
}
