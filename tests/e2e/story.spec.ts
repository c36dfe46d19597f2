import {
  answer,
  expect,
  finishRun,
  lookOnly,
  onACopy,
  open,
  planned,
  skipTo,
  test,
} from "./cove.ts";

/** The level and days left that the list of the cabin shows for a surface. */
async function standing(page: import("@playwright/test").Page, surface: string) {
  const row = page
    .getByRole("row")
    .filter({ has: page.getByRole("button", { name: surface, exact: true }) });
  const cells = await row.getByRole("cell").allTextContents();
  return { days: Number(cells[1]?.replace("−", "-")), level: Number(cells[2]) };
}

test("from the demo to a finished session, with levels and dates that follow and last", async ({
  page,
  cove,
}) => {
  const surfaces = [
    "Driver's seat",
    "Dashboard",
    "Driver's mat",
    "Console trim, gloss black",
  ] as const;
  await open(page, cove, "cabin");
  await page.getByRole("radio", { name: "List" }).click();
  const before = Object.fromEntries(
    await Promise.all(surfaces.map(async (name) => [name, await standing(page, name)] as const)),
  );

  await page.getByRole("link", { name: "Today" }).click();
  const ruler = page.getByRole("slider", { name: "Minutes at hand" });
  await ruler.focus();
  await ruler.press("Home");
  await planned(page, 5);
  for (let minute = 5; minute < 45; minute += 5) {
    await ruler.press("Shift+ArrowRight");
  }
  await expect(ruler).toHaveAttribute("aria-valuenow", "45");
  await expect(page.getByRole("row").filter({ hasText: "Wash the rubber mats" })).toBeVisible();
  await planned(page, 45);
  await page.getByRole("button", { name: /^Start \d+-minute session/ }).click();

  await skipTo(page, "Wash the rubber mats");
  await answer(page, "Done");
  await expect(page.getByText(/Drying:/)).toBeVisible();

  // The seats do not come clean.
  while (!(await page.getByRole("heading", { name: "Vacuum the seats" }).isVisible())) {
    await answer(page, "Done");
  }
  await page.getByRole("button", { name: "Not clean yet" }).click();
  await page.getByRole("button", { name: "One more round now" }).click();
  await expect(page.getByText("round 2")).toBeVisible();
  await page.getByRole("button", { name: "Not clean yet" }).click();
  await page.getByRole("button", { name: "Leave it for next time" }).click();
  await expect(page.getByRole("dialog")).toBeHidden();
  await expect(page.getByRole("heading", { name: "Vacuum the seats" })).toBeHidden();

  // The trim is left as it is.
  while (!(await page.getByRole("heading", { name: "Wipe the console trim" }).isVisible())) {
    await answer(page, "Done");
  }
  await answer(page, "Skip");

  await finishRun(page);
  await expect(page.getByText("comes back sooner")).toBeVisible();
  await page.getByRole("link", { name: "See the cabin" }).click();
  await page.getByRole("radio", { name: "List" }).click();
  // What was known before is shown until the new levels are there.
  await expect.poll(async () => (await standing(page, "Driver's mat")).level).toBeLessThan(0.1);

  const after = Object.fromEntries(
    await Promise.all(surfaces.map(async (name) => [name, await standing(page, name)] as const)),
  );
  expect(before["Driver's mat"]?.days).toBeLessThan(0);
  expect(after["Driver's mat"]?.days).toBeGreaterThan(5);
  // What is not clean yet keeps about half.
  const seat = before["Driver's seat"]?.level ?? 0;
  expect(after["Driver's seat"]?.level).toBeGreaterThan(0.3 * seat);
  expect(after["Driver's seat"]?.level).toBeLessThan(0.7 * seat);
  expect(after["Console trim, gloss black"]?.level).toBeCloseTo(
    before["Console trim, gloss black"]?.level ?? 0,
    1,
  );

  await cove.restart();
  await page.reload();
  await page.getByRole("radio", { name: "List" }).click();
  expect(await standing(page, "Driver's mat")).toEqual(after["Driver's mat"]);
  expect(await standing(page, "Dashboard")).toEqual(after.Dashboard);
  await page.getByRole("link", { name: "Log" }).click();
  const today = page.getByRole("region", { name: "Sat 14 Mar" });
  await expect(today.getByText("Wash the rubber mats")).toBeVisible();
  await expect(today.getByText("not clean yet")).toBeVisible();
  await expect(today.getByText("Wipe the console trim")).toHaveCount(0);
});

onACopy(
  "an entry of the log is undone, put back and corrected, and the levels follow",
  async ({ page, cove }) => {
    await open(page, cove, "log");
    const entry = page.getByRole("listitem").filter({ hasText: "Vacuum the seats" }).first();
    await entry.getByRole("button", { name: /Undo/ }).click();
    await expect(entry.getByRole("button", { name: /Put back/ })).toBeVisible();
    await page.getByRole("link", { name: "Cabin" }).click();
    await page.getByRole("radio", { name: "List" }).click();
    expect((await standing(page, "Driver's seat")).level).toBeGreaterThan(1.2);

    await page.getByRole("link", { name: "Log" }).click();
    await entry.getByRole("button", { name: /Put back/ }).click();
    await entry.getByRole("button", { name: /Correct/ }).click();
    await page.getByLabel("Minutes taken").fill("7.5");
    await page.getByLabel("It came clean").click();
    await page.getByLabel("Note").fill("<b>crumbs</b>");
    await page.getByRole("button", { name: "Save the correction" }).click();
    await expect(entry).toContainText("7.5 of");
    await expect(entry).toContainText("not clean yet");
    await expect(entry).toContainText("<b>crumbs</b>");
  },
);

onACopy("a spill is recorded on the chart and shows there", async ({ page, cove }) => {
  await open(page, cove, "cabin?surface=boot");
  await page.getByRole("button", { name: "Something happened here" }).click();
  await page.getByLabel("A few words for the chart").fill("a jar of honey");
  await page.getByRole("button", { name: "Something was spilled" }).click();
  // First what to do now; the chart afterwards.
  await expect(page).toHaveURL(/spots?/);
  await open(page, cove, "cabin?surface=boot");
  await expect(page.getByText("Something was spilled: a jar of honey")).toBeVisible();
  await expect(page.getByRole("button", { name: /^Boot liner, .* level [12]/ })).toBeVisible();
});

onACopy("changing the distance moves the dates", async ({ page, cove }) => {
  await open(page, cove, "cabin?surface=wheel");
  const interval = page.getByText("Interval on this car, in days").locator("xpath=..");
  const before = Number((await interval.textContent())?.replace(/\D+/, ""));
  await page.getByRole("link", { name: "Today" }).click();
  await page.getByRole("button", { name: "220 km a week" }).click();
  await page.getByLabel("Kilometres a week").fill("12000");
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(
    page.getByText("Say how far it is driven in a week. No car is driven as far as that."),
  ).toBeVisible();
  await page.getByLabel("Kilometres a week").fill("900");
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(page.getByRole("button", { name: "900 km a week" })).toBeVisible();
  await open(page, cove, "cabin?surface=wheel");
  await expect(page.getByText("Distance, 900 km a week")).toBeVisible();
  expect(Number((await interval.textContent())?.replace(/\D+/, ""))).toBeLessThan(before);
});

test("a session that has changed since it was shown is shown anew, and the next tap starts it", async ({
  page,
  cove,
}) => {
  await open(page, cove, "today");
  const start = page.getByRole("button", { name: /^Start \d+-minute session/ });
  await expect(start).toBeEnabled();
  const car = page.url().match(/cars\/([^/]+)/)?.[1];
  const told = await page.request.post(`${cove.url}/api/vehicles/${car}/events`, {
    data: { event: "beach", surfaceIds: [] },
    headers: { origin: cove.url },
  });
  expect(told.status()).toBe(201);

  await start.click();
  await expect(page.getByRole("alert")).toContainText("The plan has changed");
  await expect(page).toHaveURL(/today$/);
  await expect(page.getByText("Step 1 of")).toHaveCount(0);

  await expect(async () => {
    await start.click();
    await expect(page.getByText("Step 1 of")).toBeVisible({ timeout: 2000 });
  }).toPass();
});

lookOnly("dragging the marker recomputes the session", async ({ page, cove }) => {
  await open(page, cove, "today");
  const ruler = page.getByRole("slider", { name: "Minutes at hand" });
  const rows = page.getByRole("table", { name: /Running order/ }).getByRole("row");
  await expect(rows.first()).toBeVisible();
  const before = await rows.count();
  const house = await page.locator("#minutes ~ * .house").boundingBox();
  const x = (house?.x ?? 0) + (house?.width ?? 0) / 2;
  const y = (house?.y ?? 0) + (house?.height ?? 0) / 2;
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + 200, y, { steps: 8 });
  await page.mouse.move(x + 420, y, { steps: 8 });
  await page.mouse.up();

  const minutes = Number(await ruler.getAttribute("aria-valuenow"));
  expect(minutes).toBeGreaterThan(45);
  await planned(page, minutes);
  await expect.poll(() => rows.count()).toBeGreaterThan(before);
});

lookOnly("the other car has a chart, a session and a log of its own", async ({ page, cove }) => {
  await open(page, cove, "cabin");
  await page
    .getByRole("combobox", { name: "Vehicle" })
    .selectOption("Kestrin Pip, 2023 two-seat electric runabout");
  await expect(
    page.getByRole("combobox", { name: "Vehicle" }).locator("option:checked"),
  ).toContainText("Kestrin Pip");
  await expect(page.getByRole("button", { name: /^Rear seat/ })).toHaveCount(0);
  await page.getByRole("link", { name: "Log" }).click();
  await expect(
    page.getByRole("combobox", { name: "Vehicle" }).locator("option:checked"),
  ).toContainText("Kestrin Pip");
  await page.goto(cove.url);
  await expect(
    page.getByRole("combobox", { name: "Vehicle" }).locator("option:checked"),
  ).toContainText("Kestrin Pip");
});

lookOnly("a place that is not there leads back to the car", async ({ page, cove }) => {
  await page.goto(`${cove.url}/lighthouse`);
  await expect(page.getByRole("heading", { name: "Off the chart" })).toBeVisible();
  await page.getByRole("link", { name: "Back to your car" }).click();
  await expect(page.getByRole("heading", { name: "How long have you got?" })).toBeVisible();
  await page.goto(`${cove.url}/cars/00000000-0000-0000-0000-000000000001/today`);
  await expect(page.getByRole("alert")).toContainText("There is no such vehicle.");
});
