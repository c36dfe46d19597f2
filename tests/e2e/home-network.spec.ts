import { BROWSER, PHONE } from "./browser.mjs";
import { answer, answerUnsaved, expect, finishRun, test } from "./cove.ts";

/** A phone in the home network calls Cove by a name, and gets no secure context from its browser. */
const NAME = "garage.home";

test.use({
  viewport: PHONE,
  hasTouch: true,
  isMobile: true,
  launchOptions: {
    ...BROWSER,
    args: [...BROWSER.args, `--host-resolver-rules=MAP ${NAME} 127.0.0.1`],
  },
  startWith: ["--host", NAME],
});

test("the main story on a phone that reaches Cove by a name", async ({ page, cove }) => {
  const home = cove.url.replace("127.0.0.1", NAME);
  const errors: string[] = [];
  page.on("pageerror", (error) => errors.push(error.message));
  await page.goto(home);

  expect(await page.evaluate(() => window.isSecureContext)).toBe(false);
  expect(await page.evaluate(() => "randomUUID" in crypto)).toBe(false);
  await expect(page.getByRole("heading", { name: "How long have you got?" })).toBeVisible();
  await page.getByRole("slider", { name: "Minutes at hand" }).press("Home");
  await page.getByRole("button", { name: /^Start/ }).tap();
  await expect(page.getByText(/^Step 1 of/)).toBeVisible();
  await answer(page, "Done");
  await finishRun(page);
  await page.getByRole("link", { name: "Log and photos" }).tap();
  await expect(page.getByRole("button", { name: /^Undo/ }).first()).toBeVisible();

  await page.getByRole("link", { name: "Cabin" }).tap();
  await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
  await page.getByRole("link", { name: "Shelf" }).tap();
  await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
  await page.goto(page.url().replace(/shelf.*/, "look"));
  await page.getByRole("main").getByRole("list").getByRole("button").first().tap();
  await expect(page.getByText("Check 2 of")).toBeVisible();
  expect(errors).toEqual([]);
});

test("the open page carries the run to its end without a network", async ({
  page,
  context,
  cove,
}) => {
  await page.goto(cove.url.replace("127.0.0.1", NAME));
  expect(await page.evaluate(() => window.isSecureContext)).toBe(false);
  await page.getByRole("slider", { name: "Minutes at hand" }).press("Home");
  await page.getByRole("button", { name: /^Start/ }).tap();
  await expect(page.getByText(/^Step 1 of/)).toBeVisible();

  await context.setOffline(true);
  const finish = page.getByRole("button", { name: "Finish" });
  const done = page.getByRole("button", { name: "Done", exact: true });
  while (!(await finish.isVisible())) {
    await answerUnsaved(page, "Done");
    await expect(done.or(finish)).toBeVisible();
  }
  await expect(page.getByText(/A reload would need the network/)).toBeVisible();
  await finish.tap();
  await expect(page.getByRole("heading", { name: "Done for today" })).toBeVisible();

  await context.setOffline(false);
  await expect(page.getByText(/answers? waiting/)).toBeHidden();
  const id = page.url().split("/runs/")[1];
  const run = (await (await fetch(`${cove.url}/api/runs/${id}`)).json()) as {
    events: { kind: string }[];
    steps: { outcome: string }[];
  };
  expect(run.events.at(-1)?.kind).toBe("finished");
  expect(run.steps.every((step) => step.outcome === "done")).toBe(true);
});
test("a name that Cove was not told is not answered", async ({ cove, request }) => {
  const refused = await request.get(`${cove.url}/api/health`, {
    headers: { Host: "elsewhere.example", Origin: "http://elsewhere.example" },
  });

  expect(refused.status()).toBe(400);
});
