import type { Page } from "@playwright/test";
import { expectNothingCollides } from "./boxes.ts";
import { expect, lookOnly, withOwnCar } from "./cove.ts";
import type { Cove } from "./server.mjs";

const WIDTHS = [390, 768, 1024, 1280, 1600];
const LENGTHS = [5, 12, 25, 45, 90, 120];

/** A people carrier with every seat it can have, child seats, and everything overdue. */
async function largest(cove: Cove): Promise<string> {
  const { bodies } = (await (await fetch(`${cove.url}/api/vehicles/choices`)).json()) as {
    bodies: { body: string; usual: object; mostSeatsBehind: number }[];
  };
  const mpv = bodies.find(({ body }) => body === "mpv");
  const added = await fetch(`${cove.url}/api/vehicles`, {
    method: "POST",
    headers: { "Content-Type": "application/json" },
    body: JSON.stringify({
      name: "Kestrin Fulmar",
      layout: {
        ...mpv?.usual,
        driverSide: "left",
        frontMats: "rubber",
        tintedRear: true,
        thirdRowSeats: mpv?.mostSeatsBehind,
        childSeats: 2,
        petCover: true,
        screens: 3,
      },
      look: "overdue",
    }),
  });
  expect(added.status).toBe(201);
  return ((await added.json()) as { id: string }).id;
}

/** Sets the minutes by keys, as an owner at a desk would. */
async function setMinutes(page: Page, minutes: number): Promise<void> {
  const ruler = page.getByRole("slider", { name: "Minutes at hand" });
  await ruler.focus();
  const now = Number(await ruler.getAttribute("aria-valuenow"));
  for (let at = now; at < minutes; ) {
    const far = minutes - at >= 5;
    await ruler.press(far ? "Shift+ArrowRight" : "ArrowRight");
    at += far ? 5 : 1;
  }
  await expect(ruler).toHaveAttribute("aria-valuenow", `${minutes}`);
  await ruler.evaluate((element) => (element as HTMLElement).blur());
  await expect(page.getByTestId("planned-for")).toHaveAttribute("data-minutes", `${minutes}`);
}

async function nothingCollidesOn(page: Page, address: string): Promise<void> {
  const errors: string[] = [];
  page.on("console", (message) => message.type() === "error" && errors.push(message.text()));
  page.on("pageerror", (error) => errors.push(error.message));
  for (const width of WIDTHS) {
    await page.setViewportSize({ width, height: width < 700 ? 844 : 800 });
    await page.goto(address);
    const ruler = page.getByRole("slider", { name: "Minutes at hand" });
    await expect(ruler).toBeAttached();
    await ruler.focus();
    await ruler.press("Home");
    for (const minutes of LENGTHS) {
      await setMinutes(page, minutes);
      const what = `${minutes} minutes at ${width}`;
      await expectNothingCollides(page, "main section, main aside, main header, main footer", what);
      const wide = await page.evaluate(() => document.documentElement.scrollWidth);
      expect(wide, what).toBeLessThanOrEqual(width);
    }
  }
  expect(errors).toEqual([]);
}

lookOnly("Today of the estate fits at every length and width", async ({ page, cove }) => {
  const [estate] = (await (await fetch(`${cove.url}/api/vehicles`)).json()) as { id: string }[];
  await nothingCollidesOn(page, `${cove.url}/cars/${estate?.id}/today`);
});

lookOnly("Today of the runabout fits at every length and width", async ({ page, cove }) => {
  const [, runabout] = (await (await fetch(`${cove.url}/api/vehicles`)).json()) as { id: string }[];
  await nothingCollidesOn(page, `${cove.url}/cars/${runabout?.id}/today`);
});

withOwnCar(
  "Today of a people carrier full of seats fits at every length and width",
  async ({ page, cove }) => {
    await nothingCollidesOn(page, `${cove.url}/cars/${await largest(cove)}/today`);
  },
);
