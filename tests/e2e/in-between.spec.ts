import type { Page } from "@playwright/test";
import { answer, answerUnsaved, expect, open, test } from "./cove.ts";

type SavedRun = { events: { key: string; kind: string }[] };

async function saved(page: Page, url: string): Promise<SavedRun> {
  const id = page.url().split("/runs/")[1];
  return (await fetch(`${url}/api/runs/${id}`)).json() as Promise<SavedRun>;
}

/** What may stand between a phone and Cove, and what it says in Cove's place. */
const STRANGERS: { says: string; status: number; type: string; body: string }[] = [
  { says: "who are you?", status: 401, type: "text/html", body: "<h1>Sign in</h1>" },
  { says: "you may not", status: 403, type: "text/plain", body: "Forbidden" },
  {
    says: "nothing here",
    status: 404,
    type: "application/problem+json",
    body: '{"title":"Not Found"}',
  },
  { says: "too many", status: 429, type: "text/plain", body: "" },
  { says: "broken", status: 500, type: "text/html", body: "<h1>Error</h1>" },
  { says: "welcome to our network", status: 200, type: "text/html", body: "<h1>Welcome</h1>" },
];

test("answers given without a network outlive whatever answers in Cove's place", async ({
  page,
  context,
  cove,
}) => {
  await open(page, cove, "today");
  await page.getByRole("button", { name: /^Start/ }).click();
  await expect(page.getByText(/^Step 1 of/)).toBeVisible();
  await context.setOffline(true);
  for (const kind of ["Done", "Skip", "Done"] as const) {
    await answerUnsaved(page, kind);
  }
  await expect(page.getByText("3 answers waiting.")).toBeVisible();
  await expect(page.getByText(/sent when Cove can be reached/)).toBeVisible();

  let stranger = STRANGERS[0];
  await page.route("**/api/**", (route) =>
    route.fulfill({
      status: stranger?.status ?? 500,
      contentType: stranger?.type ?? "text/plain",
      body: stranger?.body ?? "",
    }),
  );
  await context.setOffline(false);
  for (const next of STRANGERS) {
    stranger = next;
    const asked = page.waitForResponse(
      (one) => one.request().method() === "POST" && one.status() === next.status,
    );
    await page.evaluate(() => window.dispatchEvent(new Event("online")));
    await asked;
    await expect(page.getByText("3 answers waiting.")).toBeVisible();
    await expect(page.getByText(/Something on the way answered instead of Cove/)).toBeVisible();
    await expect(page.getByText(/another device/)).toBeHidden();
    await expect(page.getByText(/^Step 4 of/)).toBeVisible();
  }

  await page.unroute("**/api/**");
  await expect(page.getByText(/answers? waiting/)).toBeHidden({ timeout: 15_000 });
  expect((await saved(page, cove.url)).events.map((said) => said.kind)).toEqual([
    "done",
    "skipped",
    "done",
  ]);
  await answer(page, "Done");
});

test("what Cove itself refuses is kept and listed with its reason until it was read", async ({
  page,
  context,
  cove,
}) => {
  await open(page, cove, "today");
  await page.getByRole("button", { name: /^Start/ }).click();
  await expect(page.getByText(/^Step 1 of/)).toBeVisible();
  await context.setOffline(true);
  await answerUnsaved(page, "Done");
  // Meanwhile the session is ended elsewhere.
  const id = page.url().split("/runs/")[1];
  await fetch(`${cove.url}/api/runs/${id}/events`, {
    method: "POST",
    headers: { "Content-Type": "application/json", "Idempotency-Key": "ended-elsewhere" },
    body: JSON.stringify({ kind: "finished", step: 0 }),
  });

  await context.setOffline(false);
  await page.evaluate(() => window.dispatchEvent(new Event("online")));
  const alert = page.getByRole("alert");
  await expect(alert).toContainText("Cove did not take your answer");
  await page.reload();
  await expect(alert).toContainText("Cove did not take your answer");
  await alert.getByRole("button", { name: "Clear" }).click();
  await expect(alert).toBeHidden();
  await page.reload();
  await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
  await expect(alert).toBeHidden();
});

test.describe("a server that takes requests and answers none", () => {
  test.use({ serviceWorkers: "allow" });

  test("leaves the kept page on the screen and says so", async ({ page, cove }) => {
    await open(page, cove, "today");
    await expect(page.getByRole("button", { name: /^Start/ })).toBeVisible();
    await page.evaluate(async () => {
      await navigator.serviceWorker.ready;
    });
    // What is read from now on is kept.
    await page.reload();
    await expect(page.getByRole("button", { name: /^Start/ })).toBeVisible();

    cove.stall();
    await page.reload();
    await expect(page.getByRole("button", { name: /^Start/ })).toBeVisible({ timeout: 15_000 });
    await expect(page.getByText(/Cove cannot be reached/)).toBeVisible({ timeout: 15_000 });
    cove.goOn();
    await expect(page.getByText(/Cove cannot be reached/)).toBeHidden({ timeout: 15_000 });
  });
});
