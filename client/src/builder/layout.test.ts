import { expect, test } from "vitest";
import type { Choices, Layout } from "../api/client";
import { withBody, withRows } from "./layout";

const estate = {
  body: "estate",
  doors: 4,
  secondRowSeats: 3,
  thirdRowSeats: 0,
  rearMats: "rubber",
  seatMaterial: "coatedLeather",
  childSeats: 2,
  petCover: true,
} as Layout;

const body = (name: string, more: object) => ({
  body: name,
  mostSeatsBehind: 3,
  usual: { body: name, doors: 2, secondRowSeats: 0, rearMats: "none", ...more },
});

const choices = {
  bodies: [body("roadster", {}), body("van", { doors: 4, secondRowSeats: 3, rearMats: "pile" })],
} as unknown as Choices;

test("another body changes the frame and keeps what was chosen inside", () => {
  const roadster = withBody(estate, "roadster", choices);

  expect(roadster).toMatchObject({
    body: "roadster",
    doors: 2,
    secondRowSeats: 0,
    rearMats: "none",
    childSeats: 0,
    petCover: false,
    seatMaterial: "coatedLeather",
  });
});

test("a body that is not on offer changes nothing", () => {
  expect(withBody(estate, "spaceship", choices)).toBe(estate);
});

test("rows that go take seats, mats and what lies on them along, and come back usual", () => {
  const van = choices.bodies[1] as Choices["bodies"][number];
  const one = withRows(estate, 1, van);

  expect(one).toMatchObject({
    secondRowSeats: 0,
    rearMats: "none",
    childSeats: 0,
    petCover: false,
  });
  expect(withRows(one, 3, van)).toMatchObject({
    secondRowSeats: 3,
    thirdRowSeats: 3,
    rearMats: "pile",
  });
});
