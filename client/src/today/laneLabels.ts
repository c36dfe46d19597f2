/** The width of a letter in the boxes, on average. */
const LETTER = 6.6;
/** What a number takes on the line above the boxes, beside a gap. */
const DIGIT = 8;

export type LaneBlock = { number: number; shortName: string; left: number; width: number };

/** How a block of the lane is labelled: by name and number, by number, or by a number above it. */
export type LaneLabel = "name" | "number" | "above";

/** Numbers that stand above the boxes: those of neighbours that are too narrow share one mark. */
export type Above = { text: string; at: number };

/** Whether words stand in two lines of a width. */
function fits(text: string, width: number): boolean {
  const most = Math.floor(width / LETTER);
  let lines = 1;
  let used = 0;
  for (const word of text.split(" ")) {
    if (used > 0 && used + 1 + word.length > most) {
      lines++;
      used = 0;
    }
    if (word.length > most) {
      return false;
    }
    used += word.length + (used > 0 ? 1 : 0);
  }
  return lines <= 2;
}

/** What each block carries within it. */
export function labelOf(block: LaneBlock): LaneLabel {
  if (fits(`${block.number} ${block.shortName}`, block.width - 14)) {
    return "name";
  }
  return block.width >= 8 + String(block.number).length * DIGIT ? "number" : "above";
}

/** The marks above the boxes; two that would meet become one. */
export function numbersAbove(blocks: LaneBlock[]): Above[] {
  const marks: { numbers: number[]; from: number; to: number }[] = [];
  for (const block of blocks.filter((block) => labelOf(block) === "above")) {
    const last = marks.at(-1);
    const middle = block.left + block.width / 2;
    if (last && middle - widthOf([...last.numbers, block.number]) / 2 < reach(last)) {
      last.numbers.push(block.number);
      last.to = block.left + block.width;
    } else {
      marks.push({ numbers: [block.number], from: block.left, to: block.left + block.width });
    }
  }
  return marks.map(({ numbers, from, to }) => ({ text: joined(numbers), at: (from + to) / 2 }));
}

function reach(mark: { numbers: number[]; from: number; to: number }): number {
  return (mark.from + mark.to) / 2 + widthOf(mark.numbers) / 2 + 4;
}

function widthOf(numbers: number[]): number {
  return joined(numbers).length * DIGIT;
}

/** "9–11", "4", "3, 5" */
export function joined(numbers: number[]): string {
  const runs: number[][] = [];
  for (const number of numbers) {
    const last = runs.at(-1);
    if (last && last[last.length - 1] === number - 1) {
      last.push(number);
    } else {
      runs.push([number]);
    }
  }
  return runs
    .map((run) => (run.length > 1 ? `${run[0]}–${run[run.length - 1]}` : `${run[0]}`))
    .join(", ");
}
