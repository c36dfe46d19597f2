import { answer, expect, open, test } from "./cove.ts";

test("a killed server loses no saved step, and what was said meanwhile is kept until it is back", async ({
  page,
  cove,
}) => {
  await open(page, cove, "today");
  await page.getByRole("button", { name: /^Start/ }).click();
  await expect(page.getByText(/^Step 1 of/)).toBeVisible();
  await answer(page, "Done");
  await expect(page.getByText(/^Step 2 of/)).toBeVisible();

  await cove.kill();
  await page.getByRole("button", { name: "Done", exact: true }).click();
  await expect(page.getByText(/answers? waiting/)).toBeVisible();
  await expect(page.getByText(/^Step 3 of/)).toBeVisible();

  await cove.restart();
  await expect(page.getByText(/answers? waiting/)).toBeHidden({ timeout: 20_000 });
  await expect(page.getByText(/^Step 3 of/)).toBeVisible();
  await page.reload();
  await expect(page.getByText(/^Step 3 of/)).toBeVisible();

  const vehicles = (await (await fetch(`${cove.url}/api/vehicles`)).json()) as { id: string }[];
  const log = (await (await fetch(`${cove.url}/api/vehicles/${vehicles[0]?.id}/log`)).json()) as {
    entries: { name: string; at: string }[];
  };
  const today = log.entries.filter((entry) => entry.at.startsWith("2026-03-14"));
  const run = (await (await fetch(page.url().replace("/runs/", "/api/runs/"))).json()) as {
    steps: { name: string }[];
  };
  expect(today.map((entry) => entry.name).sort()).toEqual(
    run.steps
      .slice(0, 2)
      .map((step) => step.name)
      .sort(),
  );
});

test("a lost server is said on the page, and a run under way is found again", async ({
  page,
  cove,
}) => {
  await open(page, cove, "today");
  await page.getByRole("button", { name: /^Start/ }).click();
  await answer(page, "Done");
  await expect(page.getByText(/^Step 2 of/)).toBeVisible();
  await page.getByRole("button", { name: "End" }).click();
  await page.getByRole("button", { name: "Leave it open" }).click();
  await expect(page.getByRole("link", { name: "Go on with the session" })).toBeVisible();

  await cove.kill();
  await expect(page.getByText("Cove cannot be reached.")).toBeVisible({ timeout: 20_000 });
  await cove.restart();
  await expect(page.getByText("Cove cannot be reached.")).toBeHidden({ timeout: 20_000 });
  await page.getByRole("link", { name: "Go on with the session" }).click();
  await expect(page.getByText(/^Step 2 of/)).toBeVisible();
});

test("what could not be read is read once the server is back, without a tap", async ({
  page,
  cove,
}) => {
  await open(page, cove, "today");
  await expect(page.getByRole("button", { name: /^Start/ })).toBeVisible();
  await page.waitForLoadState("networkidle");
  await cove.kill();
  await page.getByRole("slider", { name: "Minutes at hand" }).press("ArrowRight");
  await expect(page.getByRole("heading", { name: "No answer" })).toBeVisible();
  await cove.restart();
  await expect(page.getByRole("button", { name: /^Start/ })).toBeVisible();
});

test("a part that could not be loaded is there once the server is back, without a tap", async ({
  page,
  cove,
}) => {
  await open(page, cove, "today");
  await expect(page.getByRole("button", { name: /^Start/ })).toBeVisible();
  await page.waitForLoadState("networkidle");
  await cove.kill();
  await page.getByRole("link", { name: "Log", exact: true }).first().click();
  await expect(page.getByText(/The page comes back by itself/)).toBeVisible();
  await cove.restart();
  await expect(page.getByRole("heading", { level: 1, name: "Log" })).toBeVisible();
});
