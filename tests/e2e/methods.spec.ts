import { expect, open, test } from "./cove.ts";

test("another school changes order and methods everywhere at once", async ({ page, cove }) => {
  await open(page, cove, "today");
  await expect(page.getByText("Dust first, glass last")).toBeVisible();
  const order = async () =>
    (await page.locator("tbody tr").allTextContents()).map((row) => row.replace(/\s+/g, " "));
  const place = (rows: string[], name: string) => rows.findIndex((row) => row.includes(name));
  await page.getByRole("slider", { name: "Minutes at hand" }).press("End");
  await expect(page.getByRole("button", { name: "Start 120-minute session" })).toBeVisible();
  await expect(page.locator("tbody tr").filter({ hasText: "windscreen" })).toBeVisible();
  const before = await order();
  expect(place(before, "Clean the windscreen")).toBeGreaterThan(place(before, "Damp wipe dash"));

  await page.getByRole("link", { name: "Car" }).click();
  await page.getByRole("link", { name: "Ways of working" }).click();
  await page.getByRole("radio", { name: /^Before|^First/ }).check();
  await expect(page.getByRole("radio", { name: /^First/ })).toBeChecked();
  await page.getByRole("radio", { name: /^Water only/ }).check();
  await expect(page.getByRole("radio", { name: /^Water only/ })).toBeChecked();

  await page.getByRole("link", { name: "Today" }).click();
  await expect(page.getByText("Dust first, glass first")).toBeVisible();
  await page.getByRole("slider", { name: "Minutes at hand" }).press("End");
  await expect(page.getByRole("button", { name: "Start 120-minute session" })).toBeVisible();
  await expect(page.locator("tbody tr").filter({ hasText: "windscreen" })).toBeVisible();
  const after = await order();
  expect(place(after, "Clean the windscreen")).toBeLessThan(place(after, "Damp wipe dash"));

  await page.getByRole("link", { name: "Glass" }).click();
  const chosen = page.getByRole("row").filter({ hasText: "Chosen" });
  await expect(chosen).toContainText("plain water");
});

test("every step of every method of both cars is drawn", async ({ page, cove }) => {
  const vehicles = (await (await fetch(`${cove.url}/api/vehicles`)).json()) as { id: string }[];
  const strokes = new Set<string>();
  for (const { id } of vehicles) {
    const list = (await (await fetch(`${cove.url}/api/vehicles/${id}/methods`)).json()) as Record<
      "tasks" | "chores",
      { taskId: string }[]
    >;
    for (const { taskId } of [...list.tasks, ...list.chores]) {
      await page.goto(`${cove.url}/cars/${id}/methods/${taskId}`);
      await expect(page.locator("article h2")).toBeVisible();
      for (const closed of await page.locator("article button[aria-expanded=false]").all()) {
        await closed.click();
      }
      for (const step of await page.locator("article ol > li:has(svg[data-stroke])").all()) {
        const drawing = step.locator("svg[data-stroke]");
        const stroke = (await drawing.getAttribute("data-stroke")) ?? "";
        strokes.add(stroke);
        const box = await drawing.boundingBox();
        expect(box?.height, `${taskId} ${stroke}`).toBeGreaterThan(30);
        // A movement is drawn as a line with a length; what is not rubbed has a mark.
        expect(
          await drawing.evaluate((svg) =>
            [...svg.querySelectorAll("g path, g circle")].some(
              (mark) => (mark as SVGGeometryElement).getTotalLength() > 20,
            ),
          ),
          `${taskId} ${stroke}`,
        ).toBe(true);
      }
      await expect(page.locator("article ol > li h4").first()).toBeVisible();
      expect(await page.locator("article ol > li:has(h4)").count()).toBe(
        await page.locator("article svg[data-stroke]").count(),
      );
    }
  }
  expect([...strokes].sort()).toEqual(
    expect.arrayContaining([
      "across",
      "along",
      "aroundRim",
      "box",
      "circles",
      "crissCross",
      "pressAndLift",
      "roll",
      "still",
      "upright",
    ]),
  );
});

test("the hand moves, and stands still where motion is unwelcome", async ({ page, cove }) => {
  const moving = () =>
    page
      .locator(".hand")
      .first()
      .evaluate((hand) => getComputedStyle(hand));
  await page.emulateMedia({ reducedMotion: "no-preference" });
  await open(page, cove, "methods/clean-wheel");
  await page.locator("svg[data-stroke=aroundRim]").first().waitFor();
  expect((await moving()).animationName).toBe("hand");
  await page.emulateMedia({ reducedMotion: "reduce" });
  expect((await moving()).display).toBe("none");
});

test("two coats are timed one after the other, over a reload", async ({ page, cove }) => {
  const vehicles = (await (await fetch(`${cove.url}/api/vehicles`)).json()) as { id: string }[];
  const id = vehicles[0]?.id;
  // In half a year the fabric protector comes up.
  await cove.kill();
  await cove.run("2026-09-20T10:00");
  const started = await fetch(`${cove.url}/api/vehicles/${id}/runs`, {
    method: "POST",
    headers: { "content-type": "application/json", "Idempotency-Key": crypto.randomUUID() },
    body: JSON.stringify({ minutes: 120 }),
  });
  const run = (await started.json()) as { id: string; steps: { taskId: string }[] };
  const coats = run.steps.findIndex((step) => step.taskId === "protect-fabric");
  test.skip(coats < 0, "the protector does not come up in this session");
  for (let step = 0; step < coats; step++) {
    await fetch(`${cove.url}/api/runs/${run.id}/events`, {
      method: "POST",
      headers: { "content-type": "application/json", "Idempotency-Key": crypto.randomUUID() },
      body: JSON.stringify({ kind: "skipped", step }),
    });
  }
  await page.goto(`${cove.url}/runs/${run.id}`);
  await page.getByRole("button", { name: "Next movement" }).click();
  await page.getByRole("button", { name: "Coat 1 of 2: let it take 15:00" }).click();
  await expect(page.getByRole("timer")).toContainText("Coat 1 of 2: taking");
  await page.reload();
  await expect(page.getByRole("timer")).toContainText("Coat 1 of 2: taking");
  await page.getByRole("button", { name: "Next movement" }).click();
  await expect(page.getByRole("button", { name: /^Coat 2 of 2: let it take/ })).toBeVisible();
  await expect(page.getByRole("timer")).toContainText("Coat 1 of 2: taking");
});
