import { expect, type Page } from "@playwright/test";

type Box = { node: number; text: string; left: number; right: number; top: number; bottom: number };

/** The boxes of all words that are shown within some elements, but not of what is scrolled out or hidden. */
async function words(page: Page, selector: string): Promise<Box[][]> {
  return page.locator(selector).evaluateAll((groups) => {
    /** Whether an element, or one round it, is drawn as a single dot that only a screen reader finds. */
    const isForReadersOnly = (element: Element | null): boolean =>
      element !== null &&
      ((getComputedStyle(element).position === "absolute" && element.clientWidth <= 1) ||
        isForReadersOnly(element.parentElement));
    return groups.map((group) => {
      const boxes: Box[] = [];
      let seen = 0;
      const walk = document.createTreeWalker(group, NodeFilter.SHOW_TEXT);
      for (let node = walk.nextNode(); node; node = walk.nextNode()) {
        const parent = node.parentElement;
        const text = node.textContent?.trim() ?? "";
        if (
          !parent ||
          text === "" ||
          !parent.checkVisibility({ visibilityProperty: true }) ||
          parent.closest("[role=combobox]") ||
          isForReadersOnly(parent)
        ) {
          continue;
        }
        seen++;
        const range = document.createRange();
        range.selectNodeContents(node);
        // What can be scrolled to is shown as far as its frame shows it.
        const frames: DOMRect[] = [];
        for (let at: Element | null = parent; at && at !== document.body; at = at.parentElement) {
          if (/auto|scroll/.test(getComputedStyle(at).overflow)) {
            frames.push(at.getBoundingClientRect());
          }
        }
        for (const line of range.getClientRects()) {
          const left = Math.max(line.left, ...frames.map((frame) => frame.left));
          const right = Math.min(line.right, ...frames.map((frame) => frame.right));
          const top = Math.max(line.top, ...frames.map((frame) => frame.top));
          const bottom = Math.min(line.bottom, ...frames.map((frame) => frame.bottom));
          if (right > left && bottom > top) {
            boxes.push({ node: seen, text, left, right, top, bottom });
          }
        }
      }
      return boxes;
    });
  });
}

/** No words within the same element cover others, and none stands beyond the edge of the page. */
export async function expectNothingCollides(
  page: Page,
  selector: string,
  what: string,
): Promise<void> {
  const width = await page.evaluate(() => document.documentElement.clientWidth);
  const wrong: string[] = [];
  for (const boxes of await words(page, selector)) {
    for (const [index, one] of boxes.entries()) {
      if (one.left < -1 || one.right > width + 1) {
        wrong.push(`“${one.text}” stands beyond the edge`);
      }
      for (const other of boxes.slice(index + 1)) {
        const across = Math.min(one.right, other.right) - Math.max(one.left, other.left);
        const down = Math.min(one.bottom, other.bottom) - Math.max(one.top, other.top);
        // Lines of one text stand as the browser sets them; a letter's foot is not a collision.
        if (one.node !== other.node && across > 1.5 && down > 4) {
          wrong.push(`“${one.text}” meets “${other.text}”`);
        }
      }
    }
  }
  expect(wrong, what).toEqual([]);
}
