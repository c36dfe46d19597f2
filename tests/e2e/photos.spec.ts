import type { Page } from "@playwright/test";
import { PHONE } from "./browser.mjs";
import { expect, onACopy, open } from "./cove.ts";

/** A photo of one colour, drawn in the browser. */
async function photo(page: Page, colour: string, type = "image/jpeg"): Promise<Buffer> {
  const url = await page.evaluate(
    ([fill, kind]) => {
      const canvas = document.createElement("canvas");
      canvas.width = 640;
      canvas.height = 480;
      const draw = canvas.getContext("2d");
      if (!draw) {
        throw new Error("There is no canvas.");
      }
      draw.fillStyle = fill ?? "";
      draw.fillRect(0, 0, 640, 480);
      return canvas.toDataURL(kind);
    },
    [colour, type],
  );
  return Buffer.from(url.slice(url.indexOf(",") + 1), "base64");
}

onACopy(
  "a pair of photos is held against each other, by keys, and taken away",
  async ({ page, cove }) => {
    await open(page, cove, "log");
    await page
      .getByRole("button", { name: /^Photos of Brush the nap/ })
      .first()
      .click();
    const sheet = page.getByRole("dialog", { name: "Photos" });
    for (const [side, colour] of [
      ["Before", "#5a4632"],
      ["After", "#cfc4b4"],
    ] as const) {
      await sheet.getByLabel(`Photo: ${side.toLowerCase()}`).setInputFiles({
        name: "photo.jpg",
        mimeType: "image/jpeg",
        buffer: await photo(page, colour),
      });
      await expect(sheet.getByRole("img", { name: `${side} 1` })).toBeVisible();
    }
    const divider = sheet.getByRole("slider", { name: "Divider between before and after" });
    await expect(divider).toHaveValue("50");
    await divider.press("ArrowRight");
    await divider.press("ArrowRight");
    await expect(divider).toHaveAttribute("aria-valuetext", "52 % before");
    await divider.press("Home");
    await expect(divider).toHaveValue("0");
    const drawn = await sheet
      .getByRole("img", { name: "After", exact: true })
      .evaluate((image) => (image as HTMLImageElement).naturalWidth);
    expect(drawn).toBe(640);

    await sheet.getByRole("button", { name: "Remove: Before 1" }).click();
    await expect(divider).toBeHidden();
    await page.keyboard.press("Escape");
    await expect(page.getByRole("button", { name: /^1 photo of Brush the nap/ })).toBeVisible();
  },
);

onACopy("what is no photo is refused in words", async ({ page, cove }) => {
  await open(page, cove, "log");
  await page
    .getByRole("button", { name: /^Photos of Brush the nap/ })
    .first()
    .click();
  await page.getByLabel("Photo: after").setInputFiles({
    name: "holiday.jpg",
    mimeType: "image/jpeg",
    buffer: Buffer.from("MZ and nothing that could be seen"),
  });
  await expect(page.getByRole("alert")).toContainText("Send a photo as JPEG, PNG or WebP.");
});

onACopy.describe("on the phone", () => {
  onACopy.use({ viewport: PHONE });

  onACopy("a photo is added and stays within the page", async ({ page, cove }) => {
    await open(page, cove, "log");
    await page
      .getByRole("button", { name: /^Photos of Brush the nap/ })
      .first()
      .click();
    await page.getByLabel("Photo: after").setInputFiles({
      name: "photo.png",
      mimeType: "image/png",
      buffer: await photo(page, "#cfc4b4", "image/png"),
    });
    await expect(page.getByRole("img", { name: "After 1" })).toBeVisible();
    const wider = await page.evaluate(
      () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
    );
    expect(wider).toBe(0);
  });
});
