import type { Page } from "@playwright/test";
import { answer, expect, finishRun, haveMinutes, planned, skipTo, test } from "./cove.ts";

async function choose(page: Page, label: string, option: string): Promise<void> {
  await page.getByRole("combobox", { name: label }).click();
  await page.getByRole("option", { name: option, exact: true }).click();
}

async function pick(page: Page, label: string, option: string): Promise<void> {
  await page
    .getByRole("radiogroup", { name: label })
    .getByRole("radio", { name: option, exact: true })
    .click();
}

test.describe("a family car with an empty shelf", () => {
  test.use({ demo: false });

  test("gets a first session that can be done, and first aid on a leather seat", async ({
    page,
    cove,
  }) => {
    await haveMinutes(page, 60);
    await page.goto(`${cove.url}/welcome`);
    await page.getByLabel("What do you call it?").fill("Barge");
    await choose(page, "Body", "SUV");
    await pick(page, "Rows of seats", "3");
    await choose(page, "Seats", "Coated leather");
    await pick(page, "Child seats", "2");
    await pick(page, "A cover for an animal on the back seat", "Yes");
    await expect(page.getByText(/counts on 2 children on most drives and an animal/)).toBeVisible();
    await pick(page, "How does it look inside today?", "Overdue");
    await page.getByRole("button", { name: "Create my car" }).click();

    // What is due and can be done with water and soap from the kitchen, in an order that makes sense.
    await planned(page, 60);
    const order = page.getByRole("table", { name: /Running order/ });
    const rows = (await order.locator("tbody tr").allTextContents()).map((row) =>
      row.replace(/^\d+/, ""),
    );
    const place = (name: string) => rows.findIndex((row) => row.startsWith(name));
    expect(place("Take out 2 child seats, covers and liners")).toBeGreaterThanOrEqual(0);
    expect(place("Vacuum the seats")).toBeGreaterThan(
      place("Take out 2 child seats, covers and liners"),
    );
    expect(place("Vacuum carpets and mats")).toBeGreaterThan(place("Vacuum the seats"));
    expect(place("Bring 2 child seats, covers and liners back")).toBe(rows.length - 1);
    expect(rows.join(" ")).not.toMatch(/Protect|Foam|scent|belts|headliner/i);
    expect(rows.join(" ")).not.toMatch(/cleaner|concentrate|dressing/i);
    const notThisTime = page.getByRole("region", { name: "Not this time" });
    await expect(notThisTime).toContainText("There is nothing for it on your shelf.");
    await expect(notThisTime).toContainText("To buy: water-based dressing.");

    // Milk on the leather: what to do now, a look when it is dry, and it is gone.
    await page.getByRole("link", { name: "Spill" }).click();
    await choose(page, "Where?", "Driver's seat");
    await page.getByRole("button", { name: /^Milk or food/ }).click();
    await expect(page.getByText("Coated leather", { exact: false }).first()).toBeVisible();
    await expect(page.getByText("Do not rub.")).toBeVisible();
    await page.getByRole("button", { name: "Done, look again when dry" }).click();
    const first = page.getByRole("region", { name: "Before anything else" });
    await expect(first.getByText(/Look again when it is dry/)).toBeVisible();
    await first.getByRole("button", { name: "It is gone" }).click();
    await expect(first).toHaveCount(0);
  });
});

test.describe("child seats that a session carries out", () => {
  test.use({ demo: false });

  /** A family's car that is driven within the hour, with its session begun and the seats carried out. */
  async function begin(page: Page, url: string): Promise<string> {
    const added = await fetch(`${url}/api/vehicles`, {
      method: "POST",
      headers: { "Content-Type": "application/json" },
      body: JSON.stringify({
        name: "Barge",
        layout: {
          body: "estate",
          doors: 4,
          secondRowSeats: 3,
          driverSide: "left",
          seatMaterial: "wovenFabric",
          frontMats: "rubber",
          rearMats: "rubber",
          childSeats: 2,
          petCover: true,
        },
        use: { kilometresAWeek: 240, children: 2, pets: "sometimes" },
        look: "overdue",
      }),
    });
    const { id } = (await added.json()) as { id: string };
    await haveMinutes(page, 60);
    await page.goto(`${url}/cars/${id}/today`);
    await planned(page, 60);
    const order = page.getByRole("table", { name: /Running order/ });
    await expect(order.filter({ hasText: "Take out 2 child seats" })).toHaveCount(1);
    await page.getByRole("button", { name: /^Start/ }).click();
    await skipTo(page, "Take out 2 child seats, covers and liners");
    await answer(page, "Done");
    return id;
  }

  test("come back within it, and nothing is said to be out", async ({ page, cove }) => {
    await begin(page, cove.url);
    await finishRun(page);
    const run = (await (await fetch(page.url().replace("/runs/", "/api/runs/"))).json()) as {
      steps: { taskId: string; outcome: string | null }[];
    };
    const back = run.steps.filter((step) => ["things-back", "seats-back"].includes(step.taskId));
    expect(back.map((step) => step.outcome)).toContain("done");
    await expect(page.getByText("2 child seats are out of the car.")).toBeHidden();
  });

  test("are named on every page when it is broken off, until they are in", async ({
    page,
    cove,
  }) => {
    const id = await begin(page, cove.url);
    await page.getByRole("button", { name: "End" }).click();
    await page.getByRole("button", { name: "End it here" }).click();
    const out = page.getByRole("region", { name: "Out of the car" });
    await expect(out).toContainText("2 child seats are out of the car.");
    for (const place of ["today", "cabin", "log", "year"]) {
      await page.goto(`${cove.url}/cars/${id}/${place}`);
      await expect(out).toContainText("2 child seats are out of the car.");
    }
    await out.getByRole("button", { name: "Everything is back in" }).click();
    await expect(out).toBeHidden();
    await page.reload();
    await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
    await expect(out).toBeHidden();
  });
});
