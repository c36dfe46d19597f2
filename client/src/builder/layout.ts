import type { Choices, Layout } from "../api/client";

type Body = Choices["bodies"][number];

/** The same cabin in another body: what belongs to the frame follows the body, what was chosen inside stays. */
export function withBody(layout: Layout, value: string, choices: Choices): Layout {
  const usual = choices.bodies.find((one) => one.body === value)?.usual;
  if (!usual) {
    return layout;
  }
  return {
    ...layout,
    body: usual.body,
    doors: usual.doors,
    frontSeats: usual.frontSeats ?? 2,
    secondRowSeats: usual.secondRowSeats,
    thirdRowSeats: usual.thirdRowSeats ?? 0,
    rearMats: usual.rearMats === "none" ? "none" : keepMats(layout, usual),
    childSeats: 0,
    petCover: false,
  };
}

/** The same cabin with another number of rows. */
export function withRows(layout: Layout, rows: number, body: Body): Layout {
  return {
    ...layout,
    secondRowSeats: rows > 1 ? layout.secondRowSeats || body.mostSeatsBehind : 0,
    thirdRowSeats: rows > 2 ? layout.thirdRowSeats || body.mostSeatsBehind : 0,
    rearMats: rows > 1 ? keepMats(layout, body.usual) : "none",
    childSeats: rows > 1 ? (layout.childSeats ?? 0) : 0,
    petCover: rows > 1 && (layout.petCover ?? false),
  };
}

function keepMats(layout: Layout, usual: Layout): Layout["rearMats"] {
  if (layout.rearMats !== "none" || layout.secondRowSeats > 0) {
    return layout.rearMats;
  }
  return usual.rearMats === "none" ? "pile" : usual.rearMats;
}
