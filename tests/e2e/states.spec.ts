import { expect, lookOnly, onACopy, open, test } from "./cove.ts";

for (const place of ["today", "cabin", "log"]) {
  lookOnly(
    `${place} says that the server failed and tries again when asked`,
    async ({ page, cove }) => {
      let broken = true;
      await page.route(`**/api/vehicles/*/${place}*`, (route) =>
        broken
          ? route.fulfill({
              status: 500,
              contentType: "application/problem+json",
              body: JSON.stringify({
                title: "Cove could not finish this. Nothing was half done; try again.",
              }),
            })
          : route.continue(),
      );
      await open(page, cove, place);
      await expect(page.getByRole("alert")).toContainText("Cove could not finish this.");
      broken = false;
      await page.getByRole("button", { name: "Try again" }).click();
      await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
    },
  );

  lookOnly(`${place} says what it is waiting for`, async ({ page, cove }) => {
    let release = () => {};
    const held = new Promise<void>((resolve) => {
      release = resolve;
    });
    await page.route(`**/api/vehicles/*/${place}*`, async (route) => {
      await held;
      await route.continue();
    });
    await open(page, cove, place);
    await expect(page.getByRole("status")).toBeVisible();
    release();
    await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
  });
}

for (const { place, api, first } of [
  { place: "car/use", api: "use", first: "What does this car go through?" },
  { place: "car/learnt", api: "learnt", first: "This car soils" },
  { place: "look", api: "walk-round", first: "" },
]) {
  lookOnly(
    `${place} says that the server failed and tries again when asked`,
    async ({ page, cove }) => {
      let broken = true;
      await page.route(`**/api/vehicles/*/${api}`, (route) =>
        broken
          ? route.fulfill({
              status: 500,
              contentType: "application/problem+json",
              body: JSON.stringify({ title: "Cove could not finish this. Try again." }),
            })
          : route.continue(),
      );
      await open(page, cove, place);
      await expect(page.getByRole("alert")).toContainText("Cove could not finish this.");
      broken = false;
      await page.getByRole("button", { name: "Try again" }).click();
      await expect(page.getByRole("heading", { name: first }).first()).toBeVisible();
    },
  );
}

test("a session that cannot start says why and stays where it was", async ({ page, cove }) => {
  await page.route("**/api/vehicles/*/runs", (route) =>
    route.fulfill({
      status: 409,
      contentType: "application/problem+json",
      body: JSON.stringify({
        title: "A run of this vehicle is under way. Go on with it or finish it first.",
      }),
    }),
  );
  await open(page, cove, "today");
  await page.getByRole("button", { name: /^Start/ }).click();
  await expect(page.getByRole("alert")).toContainText("is under way");
  await expect(page.getByRole("button", { name: /^Start/ })).toBeEnabled();
});

onACopy("a change of the log that lost the race says so", async ({ page, cove }) => {
  await open(page, cove, "log");
  const entry = page.getByRole("listitem").filter({ hasText: "Vacuum the seats" }).first();
  await entry.getByRole("button", { name: /Correct/ }).click();
  const log = (await (await fetch(`${cove.url}/api/vehicles/${cove.car}/log`)).json()) as {
    entries: { id: string; name: string; version: number }[];
  };
  const first = log.entries.find((one) => one.name === "Vacuum the seats");
  await fetch(`${cove.url}/api/log/${first?.id}/undo`, {
    method: "POST",
    headers: { "If-Match": `"${first?.version}"` },
  });
  await page.getByRole("button", { name: "Save the correction" }).click();
  await expect(page.getByRole("alert")).toContainText("changed elsewhere");
});

onACopy(
  "a look that cannot be saved says so, and the same look can be answered again",
  async ({ page, cove }) => {
    let lost = true;
    await page.route("**/api/vehicles/*/looks", (route) =>
      lost ? route.abort() : route.continue(),
    );
    await open(page, cove, "look");
    const answers = page.getByRole("main").getByRole("list").getByRole("button");
    await answers.first().click();
    await expect(page.getByRole("alert")).toContainText("does not answer");
    await expect(page.getByText("Check 1 of")).toBeVisible();
    lost = false;
    await answers.first().click();
    await expect(page.getByText("Check 2 of")).toBeVisible();
  },
);
