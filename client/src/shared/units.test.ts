import { afterEach, describe, expect, test } from "vitest";
import { clock, clockAfter } from "./format";
import { applySettings, proposed, type Settings, settings } from "./settings";
import { distance, fromField, inUnits, temperature, toField, volume } from "./units";

const USUAL = settings();
afterEach(() => applySettings(USUAL));

/** As the server answers an owner who thinks in miles and US fluid ounces. */
const AMERICAN: Settings = {
  ...USUAL,
  isChosen: true,
  chosen: {
    distance: "mile",
    volume: "usFluidOunce",
    temperature: "fahrenheit",
    hours: "twelve",
    currency: "$",
  },
  distanceScale: { name: "miles", sign: "mi", size: 1.609344, zero: 0 },
  volumeScale: { name: "fluid ounces (US)", sign: "fl oz", size: 29.5735295625, zero: 0 },
  temperatureScale: { name: "degrees Fahrenheit", sign: "°F", size: 5 / 9, zero: 32 },
};

describe("quantities read in the owner's units", () => {
  test("as usual", () => {
    expect(distance(1234.4)).toBe("1,234 km");
    expect(volume(49.2)).toBe("49 ml");
    expect(volume(0.2)).toBe("1 ml");
    expect(temperature(20)).toBe("20 °C");
  });

  test("in miles, fluid ounces and degrees Fahrenheit", () => {
    applySettings(AMERICAN);
    expect(distance(160.9344)).toBe("100 mi");
    expect(volume(473.176473)).toBe("16 fl oz");
    expect(volume(49)).toBe("1.7 fl oz");
    expect(volume(5)).toBe("0.17 fl oz");
    expect(temperature(20)).toBe("68 °F");
    expect(temperature(-40)).toBe("-40 °F");
  });

  test("also inside a sentence of the server", () => {
    applySettings(AMERICAN);
    expect(inUnits("All-purpose 1:50: 10 ml in 473 ml of water. Distance, 240 km a week.")).toBe(
      "All-purpose 1:50: 0.34 fl oz in 16 fl oz of water. Distance, 149 mi a week.",
    );
    expect(inUnits("Every week, Saturday 14:30, 25 min")).toBe(
      "Every week, Saturday 2:30 pm, 25 min",
    );
    expect(inUnits("Fabric cleaner 1:8")).toBe("Fabric cleaner 1:8");
  });

  test("what is typed comes back as it was typed", () => {
    applySettings(AMERICAN);
    for (const typed of [0, 1, 12.5, 149, 9999]) {
      const kept = fromField(typed, settings().distanceScale);
      expect(toField(kept, settings().distanceScale)).toBe(typed);
    }
  });
});

test("twelve hours have a midnight and a noon", () => {
  applySettings(AMERICAN);
  expect(clock("2026-03-14T00:05:00+01:00")).toBe("12:05 am");
  expect(clock("2026-03-14T12:00:00+01:00")).toBe("12:00 pm");
  expect(clockAfter("2026-03-14T23:50:00+01:00", 25)).toBe("12:15 am");
});

test("the region of the browser proposes units", () => {
  expect(proposed("en-US").distance).toBe("mile");
  expect(proposed("en-GB")).toMatchObject({ distance: "mile", volume: "millilitre" });
  expect(proposed("de")).toMatchObject({ distance: "kilometre", hours: "twentyFour" });
});
