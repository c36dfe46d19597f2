import { expect, test } from "./cove.ts";

test.use({ demo: false });

const CARS = [
  { body: "hatchback", rows: 2 },
  { body: "estate", rows: 2 },
  { body: "saloon", rows: 2 },
  { body: "suv", rows: 3 },
  { body: "mpv", rows: 3 },
  { body: "cityCar", rows: 1 },
];

test("on the chart of every body no label touches another and all stand inside the border", async ({
  page,
  cove,
}) => {
  for (const { body, rows } of CARS) {
    const added = await fetch(`${cove.url}/api/vehicles`, {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify({
        name: `A ${body}`,
        body,
        rows,
        driverSide: "left",
        seatMaterial: "coatedLeather",
        frontMats: "rubber",
        rearMats: "pile",
        glossTrim: true,
        tintedRear: true,
        kilometresAWeek: 240,
        look: "livedIn",
      }),
    });
    const { id } = (await added.json()) as { id: string };
    await page.goto(`${cove.url}/cars/${id}/cabin`);
    await expect(page.getByRole("button", { name: /^Windscreen, inside/ })).toBeVisible();
    await page.evaluate(() => document.fonts.ready);
    const clashes = await page.evaluate(() => {
      const chart = document.querySelector("svg[role=group]");
      const frame = chart?.getBoundingClientRect();
      const labels = [...(chart?.querySelectorAll("text") ?? [])].map((text) => ({
        words: text.textContent ?? "",
        box: text.getBoundingClientRect(),
      }));
      const found: string[] = [];
      labels.forEach((a, index) => {
        if (frame && (a.box.left < frame.left || a.box.right > frame.right)) {
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
    expect(clashes, body).toEqual([]);
  }
});

test("day and night charts are turned by key and kept", async ({ page, cove }) => {
  await page.goto(cove.url);
  await page.getByLabel("What do you call it?").fill("Dinghy");
  await page.getByRole("button", { name: "Draw the cabin" }).click();
  await expect(page.getByRole("heading", { name: "Today" })).toBeVisible();
  await page.keyboard.press("n");
  await expect(page.locator("html")).toHaveAttribute("data-theme", "dark");
  await page.reload();
  await expect(page.getByRole("heading", { name: "Today" })).toBeVisible();
  await expect(page.locator("html")).toHaveAttribute("data-theme", "dark");
});
