import type { Page } from "@playwright/test";
import { answer, answerUnsaved, expect, open, test } from "./cove.ts";
import type { Cove } from "./server.mjs";

type Said = { key: string; kind: string; step: number; at: string };
type SavedRun = {
  id: string;
  vehicleId: string;
  startedAt: string;
  finishedAt: string | null;
  steps: { taskId: string; outcome: string | null; takenSeconds: number; isChore: boolean }[];
  events: Said[];
};

async function saved(page: Page, cove: Cove): Promise<SavedRun> {
  const id = page.url().split("/runs/")[1];
  return (await fetch(`${cove.url}/api/runs/${id}`)).json() as Promise<SavedRun>;
}

/** Starts a session of 25 minutes and waits until all of it is on the device. */
async function start(page: Page, cove: Cove): Promise<number> {
  await open(page, cove, "today");
  await page.getByRole("button", { name: /^Start \d+-minute session/ }).click();
  const step = page.getByText(/^Step 1 of \d+/);
  await expect(step).toBeVisible();
  return Number((await step.textContent())?.match(/of (\d+)/)?.[1]);
}

test.describe("where the browser lets Cove open without a network", () => {
  test.use({ serviceWorkers: "allow" });

  test("a whole run without a network: reloaded, closed and opened again, every answer once", async ({
    page,
    context,
    cove,
  }) => {
    const steps = await start(page, cove);
    await page.evaluate(async () => {
      await navigator.serviceWorker.ready;
    });
    await answer(page, "Done");
    await expect.poll(async () => (await saved(page, cove)).events.length).toBe(1);

    await context.setOffline(true);
    await page.getByRole("button", { name: "Done", exact: true }).click();
    await expect(page.getByText(/^Step 3 of/)).toBeVisible();
    await expect(page.getByText("1 answer waiting.")).toBeVisible();

    // Reloaded in the middle.
    await page.reload();
    await expect(page.getByText(/^Step 3 of/)).toBeVisible();
    await answerUnsaved(page, "Skip");

    // Closed, and opened in another tab.
    const address = page.url();
    await page.close();
    const opened = await context.newPage();
    await opened.goto(address);
    await expect(opened.getByText(/^Step 4 of/)).toBeVisible();
    const done = opened.getByRole("button", { name: "Done", exact: true });
    const finish = opened.getByRole("button", { name: "Finish" });
    while (!(await finish.isVisible())) {
      await answerUnsaved(opened, "Done");
      await expect(done.or(finish)).toBeVisible();
    }
    await finish.click();
    await expect(opened.getByText(/answers? waiting/)).toBeVisible();
    await expect(opened.getByRole("heading", { name: "Done for today" })).toBeVisible();

    await context.setOffline(false);
    await expect(opened.getByText(/answers? waiting/)).toBeHidden();
    const run = await saved(opened, cove);
    expect(run.finishedAt).not.toBeNull();
    expect(run.events.map((said) => said.kind)).toEqual([
      "done",
      "done",
      "skipped",
      ...Array.from({ length: run.events.length - 4 }, () => "done"),
      "finished",
    ]);
    expect(run.steps).toHaveLength(steps);
    expect(new Set(run.events.map((said) => said.key)).size).toBe(run.events.length);
    const times = run.events.map((said) => Date.parse(said.at));
    expect(times).toEqual([...times].sort((a, b) => a - b));

    // And the log has each task that was done, once.
    const log = (await (await fetch(`${cove.url}/api/vehicles/${run.vehicleId}/log`)).json()) as {
      entries: { at: string; taskId: string }[];
    };
    const today = log.entries.filter((entry) => entry.at.startsWith("2026-03-14"));
    const worked = run.steps.filter((step) => step.outcome === "done");
    expect(today).toHaveLength(worked.length);
  });

  test("Cove opens without a network, with Today, methods and cautions", async ({
    page,
    context,
    cove,
  }) => {
    await open(page, cove, "today");
    await expect(page.getByRole("button", { name: /^Start/ })).toBeVisible();
    await page.evaluate(async () => {
      await navigator.serviceWorker.ready;
    });
    // What is read from now on is kept.
    await page.reload();
    await expect(page.getByRole("button", { name: /^Start/ })).toBeVisible();
    await open(page, cove, "methods/clean-wheel");
    const title = page.getByRole("heading", { level: 1 });
    await expect(title).toBeVisible();
    const method = await title.textContent();

    await context.setOffline(true);
    await page.reload();
    await expect(title).toHaveText(method ?? "");
    await page.goto(cove.url);
    await expect(page.getByRole("heading", { name: "How long have you got?" })).toBeVisible();
    await expect(page.getByText(/Cove cannot be reached/)).toBeVisible();
  });
});

test("an answer is taken back after a reload, and what it had put on record with it", async ({
  page,
  cove,
}) => {
  await start(page, cove);
  const name = await page.getByRole("heading", { level: 1 }).textContent();
  await answer(page, "Done");
  await expect.poll(async () => (await saved(page, cove)).events.length).toBe(1);
  await page.reload();
  await expect(page.getByText(/^Step 2 of/)).toBeVisible();
  await page.getByRole("button", { name: "Undo", exact: true }).click();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText(name ?? "");
  await expect.poll(async () => (await saved(page, cove)).events.length).toBe(2);
  const run = await saved(page, cove);
  const log = (await (await fetch(`${cove.url}/api/vehicles/${run.vehicleId}/log`)).json()) as {
    entries: { at: string; undone: boolean }[];
  };
  const counts = log.entries.filter((entry) => entry.at.startsWith("2026-03-14") && !entry.undone);
  expect(counts).toEqual([]);

  // Any step can be looked at, and the run stands where it is.
  await page.getByRole("button", { name: /See all steps/ }).click();
  await page.getByRole("dialog").getByRole("listitem").nth(2).getByRole("button").click();
  await expect(page.getByText("still to come")).toBeVisible();
  await page.getByRole("button", { name: "Back to step 1" }).click();
  await expect(page.getByText(/^Step 1 of/)).toBeVisible();
});

test("with less time left the rest is planned anew, and with more it grows", async ({
  page,
  cove,
}) => {
  await start(page, cove);
  await answer(page, "Done");
  const steps = async () =>
    Number((await page.getByText(/^Step \d+ of/).textContent())?.match(/of (\d+)/)?.[1]);
  const before = await steps();
  await page.getByRole("button", { name: "End" }).click();
  await page.getByRole("button", { name: "10", exact: true }).click();
  await expect(page.getByRole("dialog")).toBeHidden();
  await expect.poll(steps).toBeLessThan(before);
  const fewer = await steps();

  await page.getByRole("button", { name: "End" }).click();
  await page.getByLabel("Minutes left").fill("60");
  await page.getByRole("button", { name: "Plan", exact: true }).click();
  await expect(page.getByRole("dialog")).toBeHidden();
  await expect.poll(steps).toBeGreaterThan(fewer);
  await expect(page.getByText(/^Step 2 of/)).toBeVisible();
  await answer(page, "Done");
  await expect(page.getByText(/^Step 3 of/)).toBeVisible();
});

test("a pause stops the clock of the step", async ({ page, cove }) => {
  await start(page, cove);
  await page.getByRole("button", { name: "End" }).click();
  await page.getByRole("button", { name: "Pause the clock" }).click();
  await expect(page.getByText(/^Paused\./)).toBeVisible();
  await page.reload();
  await page.getByRole("button", { name: "Go on", exact: true }).click();
  await expect(page.getByText(/^Paused\./)).toBeHidden();
  await expect
    .poll(async () => (await saved(page, cove)).events.map((said) => said.kind))
    .toEqual(["paused", "resumed"]);
});

// Seen: the step fell back for a moment when an answer had arrived, and a tap in that moment was lost.
test("steps answered one right after the other never fall back while the answers arrive", async ({
  page,
  cove,
}) => {
  const steps = await start(page, cove);
  await page.evaluate(() => {
    const seen: number[] = [];
    Object.assign(window, { seen });
    new MutationObserver(() => {
      const step = Number(/Step (\d+) of/.exec(document.body.textContent ?? "")?.[1]);
      if (step && step !== seen.at(-1)) {
        seen.push(step);
      }
    }).observe(document.body, { subtree: true, childList: true, characterData: true });
  });
  for (let step = 1; step < steps; step++) {
    await page.getByRole("button", { name: "Done", exact: true }).click();
    await expect(page.getByText(new RegExp(`^Step ${step + 1} of`))).toBeVisible();
  }
  await expect.poll(async () => (await saved(page, cove)).events.length).toBe(steps - 1);
  const seen = await page.evaluate(() => (window as unknown as { seen: number[] }).seen);
  expect(seen).toEqual([...seen].sort((a, b) => a - b));
});

test("two devices on one run, one of them without a network, end in one order of events", async ({
  page,
  browser,
  cove,
}) => {
  await start(page, cove);
  const other = await (await browser.newContext()).newPage();
  await other.goto(page.url());
  await expect(other.getByText(/^Step 1 of/)).toBeVisible();
  const first = await page.getByRole("heading", { level: 1 }).textContent();

  await page.context().setOffline(true);
  await answerUnsaved(page, "Done");
  await answerUnsaved(page, "Done");
  await answer(other, "Skip");
  await page.context().setOffline(false);

  // The other device was first with the first step; the second answer of this one still counts.
  await expect(page.getByRole("alert")).toContainText(
    `“${first}” was answered on another device: skipped.`,
  );
  await expect(page.getByText(/answers? waiting/)).toBeHidden();
  await expect(page.getByText(/^Step 3 of/)).toBeVisible();
  const { events } = await saved(page, cove);
  expect(events.map(({ kind, step }) => [kind, step])).toEqual([
    ["skipped", 0],
    ["done", 1],
  ]);
  await other.reload();
  await expect(other.getByText(/^Step 3 of/)).toBeVisible();
  await other.context().close();
});

test("two taps in one moment are one answer", async ({ page, cove }) => {
  await start(page, cove);
  const done = page.getByRole("button", { name: "Done", exact: true });
  // A step takes no answer in its first moment; both taps come after that.
  await expect(done).toBeEnabled();
  await done.evaluate((button: HTMLButtonElement) => {
    button.click();
    button.click();
  });
  await expect(page.getByText(/^Step 2 of/)).toBeVisible();
  await expect.poll(async () => (await saved(page, cove)).events.length).toBe(1);
  await expect(page.getByRole("alert")).toHaveCount(0);
  await answer(page, "Done");
  await expect(page.getByText(/^Step 3 of/)).toBeVisible();
});
