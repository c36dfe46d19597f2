import { readFile } from "node:fs/promises";
import type { Page } from "@playwright/test";
import { Ajv2020 } from "ajv/dist/2020.js";
import { expect, open, test, withOwnCar } from "./cove.ts";
import type { Cove } from "./server.mjs";

type Build = { name: string; body: string; rows: string };

/** Builds a car from nothing: microsuede inserts, tinted rear, gloss trim. */
async function build(page: Page, cove: Cove, { name, body, rows }: Build): Promise<string> {
  await page.goto(`${cove.url}/welcome`);
  await page.getByLabel("What do you call it?").fill(name);
  await choose(page, "Body", body);
  await pick(page, "Rows of seats", rows);
  await choose(page, "Seats", "Woven fabric, microsuede inserts");
  await choose(page, "Console trim", "Gloss finish");
  await pick(page, "Tint film on the panes behind", "Yes");
  await expect(
    page.getByRole("img", { name: /^Plan of the cabin with \d+ surfaces/ }),
  ).toBeVisible();
  await page.getByRole("button", { name: "Create my car" }).click();
  await expect(page.getByRole("heading", { name: "How long have you got?" })).toBeVisible();
  return new URL(page.url()).pathname.split("/")[2] ?? "";
}

async function choose(page: Page, label: string, option: string): Promise<void> {
  await page.getByRole("combobox", { name: label }).click();
  await page.getByRole("option", { name: option, exact: true }).click();
}

async function pick(page: Page, label: string, option: string): Promise<void> {
  await page
    .getByRole("radiogroup", { name: label })
    .getByRole("radio", { name: option, exact: true })
    .click();
}

async function get<T>(cove: Cove, path: string): Promise<T> {
  return (await fetch(`${cove.url}/api/vehicles/${path}`)).json() as Promise<T>;
}

type Learnt = { looks: number; tasks: { name: string; multiplier: number }[] };

test.describe("the only car", () => {
  test.use({ demo: false });

  for (const car of [
    { name: "Ferry", body: "SUV", rows: "3" },
    { name: "Dory", body: "Coupe or roadster", rows: "1" },
  ]) {
    test(`a ${car.body.toLowerCase()} from nothing: use moves dates, looks teach, and the file brings it back`, async ({
      page,
      cove,
    }) => {
      const id = await build(page, cove, car);
      await page.getByRole("link", { name: "Cabin" }).click();
      await expect(page.getByRole("button", { name: /^Third row seat/ })).toHaveCount(
        car.rows === "3" ? 3 : 0,
      );
      await page.getByRole("button", { name: /^Rear glass/ }).click();
      await expect(page.getByText("Tint film inside", { exact: false })).toBeVisible();

      // Children and salt bring dates nearer, and say so before anything is decided.
      await page.getByRole("link", { name: "Car" }).click();
      await page.getByLabel("Children on a usual drive").fill("2");
      const salt = page
        .getByRole("group", { name: "Months with grit or salt on the roads" })
        .last();
      await salt.getByRole("button", { name: "Mar" }).click();
      await salt.getByRole("button", { name: "Apr" }).click();
      const aside = page.getByRole("complementary", { name: "What this moves" });
      await expect(aside.getByRole("heading", { name: "What this would move" })).toBeVisible();
      await expect(aside.getByText(/\d+ dates? sooner/)).toBeVisible();
      await expect(aside.getByText("later")).toHaveCount(0);
      expect((await get<{ use: { children: number } }>(cove, `${id}/use`)).use.children).toBe(0);
      await page.getByRole("button", { name: "Apply from today" }).click();
      await expect(aside.getByText("Saved. It counts from today.")).toBeVisible();
      await expect(aside.getByText(/−\d+ d/).first()).toBeVisible();

      // Two weeks later: eight taps round the car.
      await cove.restart("2026-03-24T10:20");
      await page.goto(`${cove.url}/cars/${id}/look`);
      await expect(page.getByText(/^Check 1 of \d/)).toBeVisible();
      const round = (await page.getByText(/^Check 1 of \d/).textContent()) ?? "";
      const looks = Number(/of (\d)/.exec(round)?.[1]);
      expect(looks).toBeGreaterThanOrEqual(6);
      for (let look = 1; look <= looks; look++) {
        await expect(page.getByText(`Check ${look} of ${looks}`)).toBeVisible();
        await page.getByRole("main").getByRole("list").getByRole("button").last().click();
      }
      await expect(page.getByRole("heading", { name: "Checks saved" })).toBeVisible();
      const learnt = await get<Learnt>(cove, `${id}/learnt`);
      expect(learnt.looks).toBeGreaterThanOrEqual(6);
      expect(learnt.tasks.some((task) => task.multiplier > 1.1)).toBe(true);
      await page.goto(`${cove.url}/cars/${id}/car/learnt`);
      await expect(
        page.getByRole("heading", { name: /^This car soils .* checks\.$/ }),
      ).toBeVisible();

      // Out as a file, away, and in again.
      await page.getByRole("link", { name: "File and archive" }).click();
      const downloading = page.waitForEvent("download");
      await page.getByRole("link", { name: "Export this car" }).click();
      const file = await (await downloading).path();
      const exported = await readFile(file, "utf8");
      const schema = await (await fetch(`${cove.url}/api/schemas/vehicle`)).json();
      const check = new Ajv2020({ strict: false, validateFormats: false }).compile(schema);
      expect(check(JSON.parse(exported)), JSON.stringify(check.errors)).toBe(true);

      await page.getByRole("button", { name: "Delete this car" }).click();
      await page.getByRole("button", { name: "Delete it", exact: true }).click();
      await expect(page.getByText("No car is in use.")).toBeVisible();
      await page.getByLabel("Vehicle file").setInputFiles({
        name: "car.json",
        mimeType: "application/json",
        buffer: Buffer.from(exported),
      });
      await expect(page.getByRole("heading", { name: "Cabin" })).toBeVisible();
      expect(await (await fetch(`${cove.url}/api/vehicles/${id}/file`)).text()).toBe(exported);
      expect(await get<Learnt>(cove, `${id}/learnt`)).toEqual(learnt);
    });
  }
});

withOwnCar(
  "a bad file is refused with the line, and markup in a name stays text",
  async ({ page, cove }) => {
    await page.goto(`${cove.url}/vehicles`);
    const layout =
      '"layout": {"body": "saloon", "doors": 4, "secondRowSeats": 3, "driverSide": "left",\n "seatMaterial": "SEATS", "frontMats": "none", "rearMats": "none"}';
    const file = (seats: string) =>
      `{"format": "cove-vehicle", "version": 1,\n "name": "<img src=x onerror=alert(1)>",\n ${layout.replace("SEATS", seats)}}`;
    const bring = (text: string) =>
      page.getByLabel("Vehicle file").setInputFiles({
        name: "car.json",
        mimeType: "application/json",
        buffer: Buffer.from(text),
      });

    await bring(file("stone"));
    await expect(page.getByRole("alert")).toContainText("Line 4, layout.seatMaterial:");
    await expect(page.getByRole("alert")).toContainText("Nothing was stored.");
    await bring(file("coatedLeather").slice(0, 90));
    await expect(page.getByRole("alert")).toContainText("This ends before it is complete.");
    await bring(file("coatedLeather"));
    await expect(page.getByRole("heading", { name: "Cabin" })).toBeVisible();
    await expect(
      page.getByRole("combobox", { name: "Vehicle" }).locator("option:checked"),
    ).toHaveText("<img src=x onerror=alert(1)>");
    expect(await page.locator("img").count()).toBe(0);
  },
);

withOwnCar("surfaces are corrected, cut, marked as worn and left out", async ({ page, cove }) => {
  const id = await build(page, cove, { name: "Punt", body: "SUV", rows: "2" });
  await page.goto(`${cove.url}/cars/${id}/car/surfaces`);
  await page.getByRole("button", { name: "Driver's door glass" }).click();
  await page.getByRole("checkbox", { name: "Tint film inside" }).check();
  await page.getByLabel("Name").fill("My side window");
  await page.getByRole("button", { name: "Save" }).click();
  await expect(page.getByRole("row").filter({ hasText: "My side window" })).toContainText(
    "Tint film inside",
  );

  await page.getByRole("button", { name: "Dashboard" }).click();
  await page.getByRole("button", { name: "Divide it" }).click();
  await expect(page.getByRole("button", { name: "Dash, part 2" })).toBeVisible();
  await page.getByRole("button", { name: "Armrest" }).click();
  await pick(page, "This car has it", "No, leave it out");
  await page.getByRole("button", { name: "Save" }).click();
  await expect(page.getByText("not in this car")).toBeVisible();

  await page.goto(`${cove.url}/cars/${id}/cabin?surface=driver-seat`);
  await expect(page.getByRole("button", { name: /^Dash, part 1/ })).toBeVisible();
  await expect(page.getByRole("button", { name: /^Armrest/ })).toHaveCount(0);
  await page.getByRole("button", { name: "Worn, not dirty" }).click();
  await page.getByLabel("What stays after cleaning?").fill("rubbed bolster");
  await page.getByRole("button", { name: "Mark it as worn" }).click();
  await expect(page.getByText("Worn, not dirty: rubbed bolster")).toBeVisible();
  // It is still cleaned, and without a brush.
  await page.getByRole("combobox", { name: "Task" }).click();
  await page.getByRole("option", { name: /^Clean the fabric seats/ }).click();
  const sheet = page.getByRole("complementary", { name: "Chosen surface" });
  await expect(sheet.getByText("Cleaner on a cloth")).toBeVisible();
});

withOwnCar(
  "a look on the chart corrects the level and can be undone; a beach day touches the whole car",
  async ({ page, cove }) => {
    const id = await build(page, cove, { name: "Skiff", body: "SUV", rows: "2" });
    await cove.restart("2026-03-19T10:20");
    await page.goto(`${cove.url}/cars/${id}/cabin?surface=front-carpet`);
    await page.getByRole("button", { name: "Pat by hand" }).click();
    await page.getByRole("button", { name: "A cloud, or crumbs jump" }).click();
    await expect(page.getByText(/This car soils its carpets .* from 1 check\./)).toBeVisible();
    await expect(
      page.getByRole("button", { name: /^Carpet, front, .*level 1\.[1-7]/ }),
    ).toBeVisible();
    await page.getByRole("button", { name: /^Undo: Pat by hand/ }).click();
    await expect(page.getByText("No checks of the carpets of this car yet")).toBeVisible();

    await page.getByRole("button", { name: "Something happened here" }).click();
    await page.getByRole("button", { name: "A day at the beach" }).click();
    await page.getByRole("button", { name: "The whole car" }).click();
    await page.getByRole("radio", { name: "List" }).click();
    await expect(page.getByRole("row").filter({ hasText: "Boot floor" })).toContainText("1.");
  },
);

withOwnCar("cars are copied, put away and taken out again", async ({ page, cove }) => {
  const id = await build(page, cove, { name: "Gig", body: "SUV", rows: "2" });
  await page.goto(`${cove.url}/cars/${id}/car/file`);
  await page.getByLabel("Name of the copy").fill("Second gig");
  await page.getByRole("button", { name: "Copy this car" }).click();
  await expect(
    page.getByRole("combobox", { name: "Vehicle" }).locator("option:checked"),
  ).toContainText("Second gig");
  await page.getByRole("link", { name: "File and archive" }).click();
  await page.getByRole("button", { name: "Archive this car" }).click();
  await expect(page.getByRole("button", { name: "Take it out of the archive" })).toBeVisible();
  await page.goto(cove.url);
  const vehicle = page.getByRole("combobox", { name: "Vehicle" });
  await expect(vehicle.getByRole("option", { name: "Second gig" })).toHaveCount(0);
  await vehicle.selectOption("All vehicles and the archive");
  await page.getByRole("button", { name: "Take Second gig out of the archive" }).click();
  await expect(
    page.getByRole("link", { name: "Copy, export or archive Second gig" }),
  ).toBeVisible();
});

test("the file of a car that is here replaces it, stands beside it, or changes nothing", async ({
  page,
  cove,
}) => {
  await open(page, cove, "car/file");
  const vehicle = page.getByRole("combobox", { name: "Vehicle" });
  await expect(vehicle.locator("option:checked")).toContainText("Kestrin");
  // Until all cars are known the one that is open stands there alone.
  await expect(vehicle.getByRole("option", { name: /Kestrin Pip/ })).toBeAttached();
  const cars = await vehicle.getByRole("option").count();
  const id = page.url().split("/cars/")[1]?.split("/")[0];
  const file = await (await fetch(`${cove.url}/api/vehicles/${id}/file`)).text();
  const bring = () =>
    page.getByLabel("Vehicle file").setInputFiles({
      name: "car.json",
      mimeType: "application/json",
      buffer: Buffer.from(file),
    });
  const question = page.getByRole("dialog", { name: "This car is here already" });

  await bring();
  await question.getByRole("button", { name: "Leave everything as it is" }).click();
  await expect(question).toBeHidden();
  await expect(page.getByRole("alert")).toHaveCount(0);
  await expect(vehicle.getByRole("option")).toHaveCount(cars);

  await bring();
  await question.getByLabel("Name of the one from the file").fill("Kestrin from the file");
  await question.getByRole("button", { name: "Keep both" }).click();
  await expect(vehicle.locator("option:checked")).toContainText("Kestrin from the file");

  await page.goto(`${cove.url}/cars/${id}/car/file`);
  await bring();
  await question.getByRole("button", { name: "Put the file in its place" }).click();
  await expect(page).toHaveURL(`${cove.url}/cars/${id}/cabin`);
  await page.goto(`${cove.url}/vehicles`);
  await expect(page.getByText(/goes for good on/)).toBeVisible();
});

test("the odometer measures the distance, and the feed says that it is invented", async ({
  page,
  cove,
}) => {
  const id = await build(page, cove, { name: "Sloop", body: "SUV", rows: "2" });
  await page.goto(`${cove.url}/cars/${id}/car/use`);
  await page.getByRole("button", { name: "Read the simulated odometer" }).click();
  await expect(page.getByRole("cell", { name: "simulated" })).toBeVisible();
  await cove.restart("2026-03-28T10:20");
  await page.reload();
  await page.getByRole("button", { name: "Read the simulated odometer" }).click();
  await expect(page.getByText(/The odometer says \d+ km a week/)).toBeVisible();
  await page.getByLabel("Reading (km)").fill("5");
  await page.getByRole("button", { name: "Save this reading" }).click();
  await expect(page.getByText(/An odometer does not run backwards/)).toBeVisible();
});
