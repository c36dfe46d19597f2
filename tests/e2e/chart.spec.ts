import type { Page } from "@playwright/test";
import { DESK, PHONE } from "./browser.mjs";
import { expect, lookOnly, open, withOwnCar } from "./cove.ts";
import type { Cove } from "./server.mjs";

type Body = { body: string; usual: Record<string, unknown>; mostSeatsBehind: number };

/** The labels of the chart that touch each other, or stand outside its border. */
function clashes(page: Page): Promise<string[]> {
  return page.evaluate(async () => {
    await document.fonts.ready;
    const chart = document.querySelector("svg[role=group]");
    const frame = chart?.getBoundingClientRect();
    const labels = [...(chart?.querySelectorAll("text") ?? [])].map((text) => ({
      words: text.textContent ?? "",
      box: text.getBoundingClientRect(),
    }));
    const found: string[] = labels.length < 10 ? ["hardly a label is there"] : [];
    labels.forEach((a, index) => {
      const inside =
        frame &&
        a.box.left >= frame.left &&
        a.box.right <= frame.right &&
        a.box.top >= frame.top &&
        a.box.bottom <= frame.bottom;
      if (!inside) {
        found.push(`${a.words} leaves the chart`);
      }
      for (const b of labels.slice(index + 1)) {
        const apart =
          a.box.right <= b.box.left + 1 ||
          b.box.right <= a.box.left + 1 ||
          a.box.bottom <= b.box.top + 3 ||
          b.box.bottom <= a.box.top + 3;
        if (!apart) {
          found.push(`${a.words} touches ${b.words}`);
        }
      }
    });
    return found;
  });
}

/** Adds a car of each body, with as much in it as goes in. */
async function oneOfEach(cove: Cove): Promise<{ body: string; id: string }[]> {
  const choices = (await (await fetch(`${cove.url}/api/vehicles/choices`)).json()) as {
    bodies: Body[];
  };
  return Promise.all(
    choices.bodies.map(async ({ body, usual, mostSeatsBehind }) => {
      const rows = Number(usual.secondRowSeats) > 0;
      const added = await fetch(`${cove.url}/api/vehicles`, {
        method: "POST",
        headers: { "content-type": "application/json" },
        body: JSON.stringify({
          name: `A ${body}`,
          layout: {
            ...usual,
            driverSide: "left",
            frontMats: "rubber",
            trim: "gloss",
            tintedRear: true,
            screens: 3,
            sunroof: true,
            thirdRowSeats: body === "suv" || body === "mpv" ? mostSeatsBehind : 0,
            childSeats: rows ? 1 : 0,
            petCover: rows,
          },
          use: { kilometresAWeek: 240 },
          look: "overdue",
        }),
      });
      expect(added.status, body).toBe(201);
      return { body, id: ((await added.json()) as { id: string }).id };
    }),
  );
}

for (const [name, size] of [
  ["desk", DESK],
  ["phone", PHONE],
] as const) {
  withOwnCar(
    `on the chart of every body no label touches another and all stand inside the border (${name})`,
    async ({ page, cove }) => {
      await page.setViewportSize(size);
      for (const { body, id } of await oneOfEach(cove)) {
        await page.goto(`${cove.url}/cars/${id}/cabin`);
        await expect(page.getByRole("button", { name: /^Windscreen, inside/ })).toBeVisible();
        expect(await clashes(page), body).toEqual([]);
      }
    },
  );
}

withOwnCar("each zone can be drawn larger, with its labels apart", async ({ page, cove }) => {
  const cars = await oneOfEach(cove);
  for (const { body, id } of cars.filter(({ body }) => body === "mpv" || body === "roadster")) {
    const zones = (
      (await (await fetch(`${cove.url}/api/vehicles/${id}/cabin`)).json()) as {
        zones: { value: string }[];
      }
    ).zones;
    for (const zone of zones) {
      await page.goto(`${cove.url}/cars/${id}/cabin?zone=${zone.value}`);
      await expect(page.locator("svg[role=group] text").first()).toBeVisible();
      const found = (await clashes(page)).filter((one) => !one.includes("hardly"));
      expect(found, `${body}, ${zone.value}`).toEqual([]);
    }
  }
});

lookOnly(
  "the chart shows one kind of work, and list and chart choose the same surface",
  async ({ page, cove }) => {
    await open(page, cove, "cabin");
    await page.getByRole("combobox", { name: "Kind of work" }).click();
    await page.getByRole("option", { name: "Glass" }).click();
    await expect(page.getByRole("button", { name: /^Dashboard/ })).toHaveCount(0);
    await page.getByRole("button", { name: /^Rear glass/ }).click();
    await expect(page.getByRole("heading", { name: "Rear glass" })).toBeVisible();
    await page.getByRole("radio", { name: "List" }).click();
    await expect(page.getByRole("button", { name: "Rear glass", exact: true })).toHaveAttribute(
      "aria-pressed",
      "true",
    );
    await page.getByRole("button", { name: "Windscreen, inside", exact: true }).click();
    await page.getByRole("radio", { name: "Chart" }).click();
    await expect(page.getByRole("button", { name: /^Windscreen, inside/ })).toHaveAttribute(
      "aria-pressed",
      "true",
    );
  },
);

lookOnly("day and night charts are turned by key and kept", async ({ page, cove }) => {
  await open(page, cove, "today");
  await expect(page.getByRole("heading", { name: "Today" })).toBeVisible();
  await page.keyboard.press("n");
  await expect(page.locator("html")).toHaveAttribute("data-theme", "dark");
  await page.reload();
  await expect(page.getByRole("heading", { name: "Today" })).toBeVisible();
  await expect(page.locator("html")).toHaveAttribute("data-theme", "dark");
});
