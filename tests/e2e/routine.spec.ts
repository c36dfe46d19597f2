import { PHONE } from "./browser.mjs";
import { expect, open, test } from "./cove.ts";

test("a first routine is made of two answers, changed, and told to Today and to a calendar", async ({
  page,
  cove,
}) => {
  const cars = await (await fetch(`${cove.url}/api/vehicles`)).json();
  const place = `${cove.url}/cars/${cars[1].id}`;
  await page.goto(`${place}/today`);
  await expect(page.getByRole("heading", { name: "How long have you got?" })).toBeVisible();
  await expect(page.getByText(/^Your (next )?slot is/)).toHaveCount(0);

  await page.goto(`${place}/year`);
  await expect(page.getByRole("heading", { name: "When would you clean?" })).toBeVisible();
  await page.getByRole("spinbutton", { name: "Minutes" }).fill("20");
  await page.getByRole("button", { name: "Plan the year" }).click();
  const sessions = page.getByRole("region", { name: "The next sessions" });
  await expect(sessions.getByRole("button", { name: /of 20 min/ }).first()).toBeVisible();
  await expect(sessions.getByRole("button", { name: /of 75 min/ }).first()).toBeVisible();

  // A pin holds, and what it costs is said before it is kept.
  await page.getByRole("combobox", { name: "Clean the seat belts: you decide" }).click();
  await page.getByRole("option", { name: "Each Mar", exact: true }).click();
  await expect(page.getByText("Days overdue in the year", { exact: true })).toBeVisible();
  await page.getByRole("button", { name: "Apply from today" }).click();
  await expect(page.getByText("Saved. The plan follows from today.")).toBeVisible();
  await expect(
    page.getByRole("row", { name: /^Clean the seat belts/ }).getByText("15 Mar"),
  ).toBeVisible();

  // One day is skipped; it is gone from the strip.
  const second = sessions.getByRole("button", { name: /^Sat 21 Mar/ });
  await second.press("Enter");
  await page.getByRole("button", { name: "Skip this day" }).click();
  await page.getByRole("button", { name: "Apply from today" }).click();
  await expect(page.getByText("Saved. The plan follows from today.")).toBeVisible();
  await expect(second).toHaveCount(0);

  await page.getByRole("button", { name: "File or address" }).click();
  await page.getByRole("button", { name: "Make an address" }).click();
  const address = await page.getByLabel("Address of the calendar").inputValue();
  const feed = await (await fetch(address)).text();
  expect(feed).toContain("BEGIN:VCALENDAR");
  expect(feed).toContain("DTSTART:20260328T093000Z");
  expect(feed).not.toContain("DTSTART:20260321T093000Z");

  await page.goto(`${place}/today`);
  await expect(page.getByText("Your slot is today")).toBeVisible();
  await expect(page.getByRole("slider", { name: "Minutes at hand" })).toHaveAttribute(
    "aria-valuenow",
    "20",
  );
});

test("what no slot can be is said beside it and nothing is kept", async ({ page, cove }) => {
  await open(page, cove, "year");
  await page.getByRole("spinbutton", { name: "Slot 1: minutes" }).fill("900");
  await page.getByRole("button", { name: "Apply from today" }).click();
  await expect(page.getByText("Say 5 to 120 minutes.").first()).toBeVisible();
  await page.getByRole("button", { name: "Discard changes" }).click();
  await expect(page.getByRole("spinbutton", { name: "Slot 1: minutes" })).toHaveValue("25");
});

test.describe("on the phone", () => {
  test.use({ viewport: PHONE });

  test("the year stays within the page", async ({ page, cove }) => {
    await open(page, cove, "year");
    await expect(page.getByRole("region", { name: "The next sessions" })).toBeVisible();
    const wider = await page.evaluate(
      () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
    );
    expect(wider).toBe(0);
  });
});

test("two weeks are missed, and the way back is taken", async ({ page, cove }) => {
  await open(page, cove, "year");
  const belts = page.getByRole("combobox", { name: "Clean the seat belts: you decide" });
  for (const month of ["Each May", "Each Apr"]) {
    await belts.click();
    await page.getByRole("option", { name: month, exact: true }).click();
    await expect(belts).toHaveText(month);
  }
  await page.getByRole("combobox", { name: "Clean the pedals: you decide" }).click();
  await page.getByRole("option", { name: "Every 8 weeks" }).click();
  await page.getByRole("button", { name: "Apply from today" }).click();
  await expect(page.getByText("Saved. The plan follows from today.")).toBeVisible();
  await expect(page.getByRole("row", { name: /^Clean the seat belts/ })).toContainText("5 Apr");

  await cove.kill();
  await cove.run("2026-03-26T10:20");
  await page.reload();

  await expect(
    page.getByText(/Sat 14 Mar and Sat 21 Mar passed without a session\./),
  ).toBeVisible();
  await expect(page.getByText(/Overdue now: /)).toBeVisible();
  const longer = page.getByRole("button", { name: /^Add \d+ minutes on / });
  const more = Number(/\d+/.exec((await longer.textContent()) ?? "")?.[0]);
  await longer.click();
  await expect(page.getByText("Days overdue in the year", { exact: true })).toBeVisible();
  await page.getByRole("button", { name: "Apply from today" }).click();
  await expect(page.getByText("Saved. The plan follows from today.")).toBeVisible();
  await expect(
    page
      .getByRole("region", { name: "The next sessions" })
      .getByRole("button", { name: new RegExp(`of ${25 + more} min|of ${75 + more} min`) }),
  ).toHaveCount(1);
});

test("a task is dragged to another day, moved on by keys, and put back", async ({ page, cove }) => {
  await open(page, cove, "year");
  const sessions = page.getByRole("region", { name: "The next sessions" });
  const day = (name: RegExp) => sessions.locator("[data-session]").filter({ hasText: name });
  // What slipped is said above the days, and moves them down when it comes.
  await expect(sessions.getByText(/passed without a session/)).toBeVisible();
  const last = day(/Sat 21 Mar/)
    .getByRole("button", { name: /Press Enter to move it/ })
    .last();
  const name = /^[^,.]+/.exec((await last.getAttribute("aria-label")) ?? "")?.[0] ?? "";
  const short = (await last.textContent()) ?? "";
  const block = (on: RegExp) => day(on).getByRole("button", { name });

  // The page is still where it stands once the comparison has found its place.
  await expect(page.getByRole("slider", { name: "Pattern on the line" })).toBeAttached();
  await block(/Sat 21 Mar/).hover();
  const from = await block(/Sat 21 Mar/).boundingBox();
  const to = await day(/Sat 28 Mar/).boundingBox();
  if (!from || !to) {
    throw new Error("The sessions are not on the page.");
  }
  await page.mouse.move(from.x + 30, from.y + 10);
  await page.mouse.down();
  await page.mouse.move(from.x + 60, from.y + 20);
  await page.mouse.move(to.x + 50, to.y + 120, { steps: 4 });
  await page.mouse.up();
  await expect(page.getByText(`${short} moved from Sat 21 Mar to Sat 28 Mar.`)).toBeVisible();
  await expect(block(/Sat 28 Mar/)).toBeVisible();
  await expect(block(/Sat 21 Mar/)).toHaveCount(0);

  await page.getByRole("button", { name: "Put it back" }).click();
  await expect(block(/Sat 21 Mar/)).toBeVisible();
  await expect(page.getByRole("button", { name: "Apply from today" })).toHaveCount(0);

  await block(/Sat 21 Mar/).focus();
  await page.keyboard.press("Enter");
  await page.keyboard.press("ArrowRight");
  await page.keyboard.press("ArrowRight");
  await expect(page.getByText(`${short}: Sat 4 Apr. Enter puts it down`)).toBeAttached();
  await page.keyboard.press("Enter");
  await expect(page.getByText(`${short} moved from Sat 21 Mar to Sat 4 Apr.`)).toBeVisible();
  await page.getByRole("button", { name: "Apply from today" }).click();
  await expect(page.getByText("Saved. The plan follows from today.")).toBeVisible();
  await expect(block(/Sat 4 Apr/)).toBeVisible();
});

test("a drag that is over before the page is drawn anew still moves the task", async ({
  page,
  cove,
}) => {
  await open(page, cove, "year");
  const sessions = page.getByRole("region", { name: "The next sessions" });
  const day = (name: RegExp) => sessions.locator("[data-session]").filter({ hasText: name });
  // What slipped is said above the days, and moves them down when it comes.
  await expect(sessions.getByText(/passed without a session/)).toBeVisible();
  const block = day(/Sat 21 Mar/)
    .getByRole("button", { name: /Press Enter to move it/ })
    .last();
  const short = (await block.textContent()) ?? "";
  // The mouse is a pointer that can be captured only once it has been over the page.
  await block.hover();
  const there = await day(/Sat 28 Mar/).elementHandle();
  await block.evaluate((element, well) => {
    const from = element.getBoundingClientRect();
    const to = (well as HTMLElement).getBoundingClientRect();
    const send = (kind: string, x: number, y: number) =>
      element.dispatchEvent(
        new PointerEvent(kind, {
          bubbles: true,
          pointerId: 1,
          pointerType: "mouse",
          clientX: x,
          clientY: y,
        }),
      );
    send("pointerdown", from.x + 10, from.y + 5);
    send("pointermove", to.x + 50, to.y + 60);
    send("pointerup", to.x + 50, to.y + 60);
  }, there);
  await expect(page.getByText(`${short} moved from Sat 21 Mar to Sat 28 Mar.`)).toBeVisible();
});

test("patterns are compared, and the best value is tried", async ({ page, cove }) => {
  await open(page, cove, "year");
  const enough = page.getByRole("region", { name: "How much is enough?" });
  await expect(enough.getByRole("slider", { name: "Pattern on the line" })).toBeAttached();
  const value = enough.getByRole("button", { name: /^Best value/ });
  await expect(value).toBeVisible({ timeout: 60_000 });
  await value.click();
  await expect(enough.getByText(/minutes every .* min a week/).first()).toBeVisible();
  await enough.getByRole("slider", { name: "Pattern on the line" }).press("ArrowRight");
  await expect(enough.getByText(/(more|fewer) days overdue in the year/)).toBeVisible();
  await enough.getByRole("button", { name: "Try this routine" }).click();
  await expect(enough.getByText("your change")).toBeVisible();
  await page.getByRole("button", { name: "Apply from today" }).click();
  await expect(page.getByText("Saved. The plan follows from today.")).toBeVisible();
});

test("the card prints on two pages with every task of the plan", async ({ page, cove }) => {
  await open(page, cove, "year");
  await page.getByRole("link", { name: "Routine card" }).click();
  await expect(page.getByRole("heading", { name: "Routine card" })).toBeVisible();
  for (const rhythm of ["Each session", "Every few weeks", "Each season", "Once a year"]) {
    await expect(page.getByRole("heading", { name: rhythm })).toBeVisible();
  }
  await expect(page.getByRole("row", { name: /^\d+ Clean the seat belts/ })).toContainText("24 h");
  const pdf = await page.pdf({ preferCSSPageSize: true, printBackground: true });
  expect(pdf.toString("latin1").match(/\/Type\s*\/Page[^s]/g)).toHaveLength(2);
});

test("busy times come in, a session that collides is moved to a free time", async ({
  page,
  cove,
}) => {
  await open(page, cove, "year");
  await page.getByRole("button", { name: "File or address" }).click();
  await page.getByLabel("Calendar file with busy times").setInputFiles({
    name: "busy.ics",
    mimeType: "text/calendar",
    buffer: Buffer.from(
      "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nUID:1\r\nDTSTART:20260321T080000Z\r\nDTEND:20260321T120000Z\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n",
    ),
  });
  await expect(page.getByText(/^1 busy time known/)).toBeVisible();
  await page.keyboard.press("Escape");
  await page.getByRole("button", { name: /^Sat 21 Mar.*busy 08:00 to 12:00/ }).click();
  await page.getByRole("button", { name: "Move to Sat 21 Mar, 12:00" }).click();
  await page.getByRole("button", { name: "Apply from today" }).click();
  await expect(page.getByText("Saved. The plan follows from today.")).toBeVisible();
  await expect(page.getByText(/busy 08:00/)).toHaveCount(0);

  await page.getByRole("button", { name: "File or address" }).click();
  await page.getByLabel("Calendar file with busy times").setInputFiles({
    name: "broken.ics",
    mimeType: "text/calendar",
    buffer: Buffer.from("nothing of the kind"),
  });
  await expect(page.getByText(/This is no calendar file\./)).toBeVisible();
});

test.describe("with nothing yet", () => {
  test.use({ demo: false });

  test("a new car is offered a routine; yes plans the year, no is not asked again", async ({
    page,
    cove,
  }) => {
    for (const name of ["First", "Second"]) {
      await page.goto(`${cove.url}/welcome`);
      await page.getByLabel("What do you call it?").fill(name);
      await page.getByRole("button", { name: "Create my car" }).click();
      await expect(page.getByRole("heading", { name: "How long have you got?" })).toBeVisible();
      if (name === "First") {
        await page.getByRole("button", { name: "Plan a routine" }).click();
        await page.getByLabel("Minutes", { exact: true }).fill("20");
        await page.getByRole("button", { name: "Plan the year" }).click();
        await expect(page.getByText(/^Your (next )?slot is/)).toBeVisible();
        await page.getByRole("link", { name: "See the year" }).click();
        await expect(page.getByRole("region", { name: "The next sessions" })).toBeVisible();
      } else {
        await page.getByRole("button", { name: "No, thanks" }).click();
        await expect(page.getByRole("region", { name: "A routine" })).toHaveCount(0);
        await page.reload();
        await expect(page.getByRole("heading", { name: "How long have you got?" })).toBeVisible();
        await expect(page.getByRole("region", { name: "A routine" })).toHaveCount(0);
      }
    }
  });
});
