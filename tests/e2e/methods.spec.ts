import { expect, lookOnly, open, planned, test } from "./cove.ts";

test("another school changes order and methods everywhere at once", async ({ page, cove }) => {
  await open(page, cove, "today");
  await expect(page.getByText("Dust first, glass last")).toBeVisible();
  /** Whether the side glass stands below the dash (1) or above it (-1); null until both are listed. */
  const below = async () => {
    const rows = await page.locator("tbody tr").allTextContents();
    const place = (name: string) => rows.findIndex((row) => row.includes(name));
    const [glass, dash] = [place("Clean the other panes"), place("Damp wipe dash")];
    return glass < 0 || dash < 0 ? null : Math.sign(glass - dash);
  };
  await page.getByRole("slider", { name: "Minutes at hand" }).press("End");
  await planned(page, 120);
  await expect.poll(below).toBe(1);

  await page.getByRole("link", { name: "Car" }).click();
  await page.getByRole("link", { name: "Ways of working" }).click();
  await page.getByRole("radio", { name: /^First/ }).click();
  await expect(page.getByRole("radio", { name: /^First/ })).toBeChecked();
  await page.getByRole("radio", { name: /^Water only/ }).click();
  await expect(page.getByRole("radio", { name: /^Water only/ })).toBeChecked();

  await page.getByRole("link", { name: "Today" }).click();
  await expect(page.getByText("Dust first, glass first")).toBeVisible();
  await page.getByRole("slider", { name: "Minutes at hand" }).press("End");
  await planned(page, 120);
  await expect.poll(below).toBe(-1);
  // The film on the windscreen is more than water takes off, and that is said with the way out.
  await expect(page.getByText("Let the film decide, in Ways of working.")).toBeVisible();

  await page.getByRole("link", { name: "Glass" }).click();
  const chosen = page.getByRole("row").filter({ hasText: "Chosen" });
  await expect(chosen).toContainText("plain water");
});

lookOnly("every step of every method of both cars is drawn", async ({ page, cove }) => {
  test.slow();
  const vehicles = (await (await fetch(`${cove.url}/api/vehicles`)).json()) as { id: string }[];
  const strokes = new Set<string>();
  for (const { id } of vehicles) {
    const list = (await (await fetch(`${cove.url}/api/vehicles/${id}/methods`)).json()) as Record<
      "tasks" | "chores",
      { taskId: string; name: string }[]
    >;
    await page.goto(`${cove.url}/cars/${id}/methods`);
    for (const { taskId, name } of [...list.tasks, ...list.chores]) {
      await page.locator(`nav a[href="/cars/${id}/methods/${taskId}"]`).click();
      await expect(page.locator("article h2")).toHaveText(name);
      const drawn = await page.evaluate(async () => {
        for (;;) {
          const closed = document.querySelector<HTMLElement>("article button[aria-expanded=false]");
          if (!closed || closed.dataset.seen) {
            break;
          }
          closed.dataset.seen = "yes";
          closed.click();
          await new Promise(requestAnimationFrame);
        }
        return [...document.querySelectorAll("article ol > li:has(h4)")].map((step) => {
          const svg = step.querySelector("svg[data-stroke]");
          return {
            what: step.textContent ?? "",
            stroke: svg?.getAttribute("data-stroke") ?? "",
            high: svg?.getBoundingClientRect().height ?? 0,
            // A movement is drawn as a line with a length; what is not rubbed has a mark.
            length: Math.max(
              0,
              ...[...(svg?.querySelectorAll<SVGGeometryElement>("g path, g circle") ?? [])].map(
                (mark) => mark.getTotalLength(),
              ),
            ),
          };
        });
      });
      expect(drawn.length, taskId).toBeGreaterThan(0);
      for (const { what, stroke, high, length } of drawn) {
        expect(high, `${taskId}: ${what}`).toBeGreaterThan(30);
        expect(length, `${taskId}: ${what}`).toBeGreaterThan(20);
        strokes.add(stroke);
      }
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

lookOnly("the hand moves, and stands still where motion is unwelcome", async ({ page, cove }) => {
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

test("the second coat waits until the first has taken, over a reload", async ({ page, cove }) => {
  const post = async (path: string, body: object) =>
    (
      await fetch(`${cove.url}/api/${path}`, {
        method: "POST",
        headers: { "content-type": "application/json", "Idempotency-Key": crypto.randomUUID() },
        body: JSON.stringify(body),
      })
    ).json();
  const { id } = (await post("vehicles", {
    name: "Woven seats",
    layout: {
      body: "hatchback",
      doors: 4,
      secondRowSeats: 3,
      driverSide: "left",
      seatMaterial: "wovenFabric",
      frontMats: "rubber",
      rearMats: "pile",
    },
    use: {},
    look: "overdue",
  })) as { id: string };
  const start = async () => {
    const shown = await fetch(`${cove.url}/api/vehicles/${id}/today?minutes=120`);
    const { plan } = (await shown.json()) as { plan: string };
    return post(`vehicles/${id}/runs`, { minutes: 120, plan }) as Promise<{
      id: string;
      steps: { taskId: string }[];
    }>;
  };
  const at = (steps: { taskId: string }[]) =>
    steps.findIndex((step) => step.taskId === "protect-fabric");
  for (const [name, productClass] of [
    ["Cleaner", "fabricCleaner"],
    ["Protector", "fabricProtector"],
  ]) {
    await post("shelf/products", { name, class: productClass });
  }
  await fetch(`${cove.url}/api/vehicles/${id}/place`, {
    method: "PUT",
    headers: { "content-type": "application/json" },
    body: JSON.stringify({ standing: "untilTomorrow" }),
  });
  await post(`vehicles/${id}/looks`, {
    inspection: "water-bead",
    result: "soaks",
    surfaceId: "driver-seat",
  });
  const run = await start();
  const first = at(run.steps);
  for (let step = 0; step < first; step++) {
    await post(`runs/${run.id}/events`, { kind: "skipped", step });
  }
  await post(`runs/${run.id}/events`, { kind: "done", step: first });
  const second = run.steps.findIndex((step, at) => at > first && step.taskId === "protect-fabric");
  for (let step = first + 1; step < second; step++) {
    await post(`runs/${run.id}/events`, { kind: "skipped", step });
  }
  await page.goto(`${cove.url}/runs/${run.id}`);
  await expect(page.getByRole("heading", { name: "Fabric protector, second coat" })).toBeVisible();
  await expect(page.getByText("Not dry yet.")).toBeVisible();
  await page.reload();
  await expect(page.getByText("Not dry yet.")).toBeVisible();
  await page.getByRole("button", { name: "Next movement" }).click();
  await expect(page.getByText("Up and down, across the first; no buffing.")).toBeVisible();
});

lookOnly("every look at a pane has its drawing", async ({ page, cove }) => {
  await open(page, cove, "cabin?surface=windscreen");
  for (const name of ["Glare", "Night check"]) {
    const look = page.getByRole("button", { name, exact: true });
    await expect(look).toBeVisible();
    await expect(look.locator("svg path").first()).toBeAttached();
  }
});
