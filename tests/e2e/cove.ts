import { test as base, expect, type Page } from "@playwright/test";
import { CLOCK } from "./browser.mjs";
import { Cove } from "./server.mjs";

type Fixtures = { cove: Cove };
type Options = { demo: boolean; startWith: string[] };

/** Tests that each have a server and a database of their own. */
export const test = base.extend<
  Fixtures & Options,
  { onlyLookedAt: Cove; shared: Cove; withoutDemo: Cove }
>({
  onlyLookedAt: [
    // biome-ignore lint/correctness/noEmptyPattern: it depends on nothing
    async ({}, use) => {
      const cove = await Cove.start({ demo: true, clock: CLOCK });
      await use(cove);
      await cove.stop();
    },
    { scope: "worker" },
  ],
  shared: [
    // biome-ignore lint/correctness/noEmptyPattern: it depends on nothing
    async ({}, use) => {
      const cove = await Cove.start({ demo: true, clock: CLOCK });
      await use(cove);
      await cove.stop();
    },
    { scope: "worker" },
  ],
  withoutDemo: [
    // biome-ignore lint/correctness/noEmptyPattern: it depends on nothing
    async ({}, use) => {
      const cove = await Cove.start({ demo: false, clock: CLOCK });
      await use(cove);
      await cove.stop();
    },
    { scope: "worker" },
  ],
  demo: [true, { option: true }],
  startWith: [[], { option: true }],
  cove: async ({ demo, startWith }, use) => {
    const cove = await Cove.start({ demo, clock: CLOCK, arguments: startWith });
    await use(cove);
    await cove.stop();
  },
});

/** Tests that change nothing: they find the demo on one server for all of them. */
export const lookOnly = test.extend({
  cove: async ({ onlyLookedAt }, use) => {
    await use(onlyLookedAt);
  },
});

/** Tests that bring a car of their own and touch nothing else: beside it stand the cars of other such tests. */
export const withOwnCar = test.extend({
  cove: async ({ withoutDemo }, use) => {
    await use(withoutDemo);
  },
});

/** Tests that change nothing but one car: each finds a copy of the demo's first car beside those of other such tests. */
export const onACopy = test.extend({
  cove: async ({ shared }, use) => {
    const [first] = await cars(shared);
    const copied = await fetch(`${shared.url}/api/vehicles/${first?.id}/copy`, {
      method: "POST",
      headers: { "Content-Type": "application/json" },
      body: JSON.stringify({ name: "Kestrin Marram" }),
    });
    expect(copied.status).toBe(201);
    const { id } = (await copied.json()) as { id: string };
    await use(Object.assign(Object.create(shared) as Cove, { car: id }));
  },
});

export { expect };

async function cars(cove: Cove): Promise<{ id: string }[]> {
  return (await fetch(`${cove.url}/api/vehicles`)).json();
}

/** Opens a place of the car that a test is about, which is the first one unless it has a copy of its own. */
export async function open(page: Page, cove: Cove, place: string): Promise<void> {
  await page.goto(`${cove.url}/cars/${cove.car ?? (await cars(cove))[0]?.id}/${place}`);
}

/** Waits until the server has every answer that was given in a run. */
export async function allSaved(page: Page): Promise<void> {
  await expect(page.locator("[data-on-their-way='0']")).toBeAttached();
}

/** Presses a button of the present step and waits until the next step stands and the answer is saved. */
export async function answer(page: Page, name: "Done" | "Skip"): Promise<void> {
  await answerUnsaved(page, name);
  await allSaved(page);
}

/** Presses a button of the present step and waits until the next step stands; where there is no network, the answer waits. */
export async function answerUnsaved(page: Page, name: "Done" | "Skip"): Promise<void> {
  const button = page.getByRole("button", { name, exact: true });
  await expect(button).toBeEnabled();
  const step = (await page.getByText(/^Step \d+ of/).textContent()) ?? "";
  await button.click();
  await expect(page.getByText(step, { exact: true })).toBeHidden();
}

/** Leaves out the steps of a run that come before one. */
export async function skipTo(page: Page, name: string): Promise<void> {
  const heading = page.getByRole("heading", { name });
  await expect(page.getByText(/^Step \d+ of/)).toBeVisible();
  while (!(await heading.isVisible())) {
    await answer(page, "Skip");
  }
}

/** Has a page open Today with some minutes at hand. */
export async function haveMinutes(page: Page, minutes: number): Promise<void> {
  await page.addInitScript((known) => localStorage.setItem("cove.minutes", `${known}`), minutes);
}

/** Waits until Today shows the session for some minutes. */
export async function planned(page: Page, minutes: number): Promise<void> {
  await expect(page.getByTestId("planned-for")).toHaveAttribute("data-minutes", `${minutes}`);
  await expect(page.getByRole("slider", { name: "Minutes at hand" })).toHaveAttribute(
    "aria-valuenow",
    `${minutes}`,
  );
}

/** Answers every step of a run that is left, and finishes it. */
export async function finishRun(page: Page): Promise<void> {
  const done = page.getByRole("button", { name: "Done", exact: true });
  const finish = page.getByRole("button", { name: "Finish" });
  await expect(done.or(finish)).toBeEnabled();
  while (await done.isVisible()) {
    await answer(page, "Done");
    await expect(done.or(finish)).toBeEnabled();
  }
  await finish.click();
  await expect(page.getByRole("heading", { name: "Done for today" })).toBeVisible();
  await allSaved(page);
}
