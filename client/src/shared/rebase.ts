/** A value of a form that someone else changed while it was open. */
export type Difference = { field: string; before: unknown; after: unknown };

/**
 * Puts the answers an owner has given onto what someone else saved meanwhile: what the owner changed stays as the
 * owner has it, the rest is as it was saved.
 */
export function rebase<T extends object>(
  before: T,
  mine: T,
  theirs: T,
): { draft: T; differences: Difference[] } {
  const fields = Object.keys({ ...before, ...theirs }) as (keyof T & string)[];
  const own = fields.filter((field) => !same(mine[field], before[field]));
  return {
    draft: Object.assign({}, theirs, ...own.map((field) => ({ [field]: mine[field] }))) as T,
    differences: fields
      .filter((field) => !same(theirs[field], before[field]) && !same(theirs[field], mine[field]))
      .map((field) => ({ field, before: before[field], after: theirs[field] })),
  };
}

export function same(one: unknown, other: unknown): boolean {
  return JSON.stringify(one) === JSON.stringify(other);
}

/** "Kilometres a week: 240, now 300"; only that it changed, where it is more than a word. */
export function differenceSaid({ field, before, after }: Difference): string {
  const name = wordsOf(field);
  return isPlain(before) && isPlain(after)
    ? `${name}: ${valueSaid(before)}, now ${valueSaid(after)}`
    : `${name}: changed`;
}

function isPlain(value: unknown): boolean {
  return value === null || typeof value !== "object";
}

function valueSaid(value: unknown): string {
  if (value === null || value === undefined || value === "") {
    return "nothing";
  }
  return typeof value === "boolean" ? (value ? "yes" : "no") : wordsOf(String(value), false);
}

/** "kilometresAWeek" as "Kilometres a week". */
function wordsOf(field: string, capital = true): string {
  const words = field.replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`);
  return capital ? words.charAt(0).toUpperCase() + words.slice(1) : words;
}
