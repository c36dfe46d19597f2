import { settings } from "./settings";

/**
 * The server sends instants with the owner's own offset, so the date and hour are read straight from the
 * text: a phone in another time zone shows the same wall clock as the car's owner.
 */

const MONTHS = "Jan Feb Mar Apr May Jun Jul Aug Sep Oct Nov Dec".split(" ");
const DAYS = ["Sunday", "Monday", "Tuesday", "Wednesday", "Thursday", "Friday", "Saturday"];

type Wall = { year: number; month: number; day: number; time: string };

function wall(text: string): Wall {
  return {
    year: Number(text.slice(0, 4)),
    month: Number(text.slice(5, 7)),
    day: Number(text.slice(8, 10)),
    time: text.slice(11, 16),
  };
}

function weekday({ year, month, day }: Wall): string {
  return DAYS[new Date(Date.UTC(year, month - 1, day)).getUTCDay()] ?? "";
}

/** "Sat 14 Mar", with the year when it is not this one. */
export function shortDay(text: string): string {
  return `${weekday(wall(text)).slice(0, 3)} ${tinyDay(text)}`;
}

/** "14 Mar", for axes and narrow columns; with the year when it is not this one. */
export function tinyDay(text: string): string {
  const at = wall(text);
  const year = at.year === wall(settings().today).year ? "" : ` ${at.year}`;
  return `${at.day} ${shortMonth(at.month)}${year}`;
}

/** "14 Mar 2026", for paper, which is read in other years too. */
export function dayOnPaper(text: string): string {
  const at = wall(text);
  return `${at.day} ${shortMonth(at.month)} ${at.year}`;
}

/** "10:47", or "10:47 am" where the owner reads hours so. */
export function clock(text: string): string {
  return hours(wall(text).time);
}

/** The same for a time of day alone, such as "10:47:00". */
export function hours(time: string): string {
  if (settings().chosen.hours !== "twelve") {
    return time.slice(0, 5);
  }
  const hour = Number(time.slice(0, 2));
  return `${((hour + 11) % 12) + 1}:${time.slice(3, 5)} ${hour < 12 ? "am" : "pm"}`;
}

/** The wall clock some minutes after an instant, as "10:47". */
export function clockAfter(text: string, minutes: number): string {
  const at = wall(text);
  const total =
    Number(at.time.slice(0, 2)) * 60 + Number(at.time.slice(3, 5)) + Math.round(minutes);
  const day = ((total % 1440) + 1440) % 1440;
  return hours(
    `${String(Math.floor(day / 60)).padStart(2, "0")}:${String(day % 60).padStart(2, "0")}`,
  );
}

/** A drying time as it is said: the clock today, the day when it is later. */
export function clockOrDay(text: string, now: string): string {
  return text.slice(0, 10) === now.slice(0, 10) ? clock(text) : `${shortDay(text)} ${clock(text)}`;
}

/** Days left with a true minus sign. */
export function days(left: number | null): string {
  if (left === null) {
    return "never";
  }
  return left < 0 ? `−${-left}` : `${left}`;
}

/** When something is due, in a column: "3 d", "today", "−2 d". */
export function dueIn(left: number | null): string {
  return left === null ? "never" : left === 0 ? "today" : left < 0 ? `−${-left} d` : `${left} d`;
}

/** "7 days left", "1 day over" */
export function daysSaid(left: number | null): string {
  if (left === null) {
    return "never due";
  }
  if (left === 0) {
    return "due today";
  }
  const count = Math.abs(left);
  return `${count} ${count === 1 ? "day" : "days"} ${left < 0 ? "over" : "left"}`;
}

/** Minutes as whole or half numbers: "4", "2.5". */
export function minutes(value: number): string {
  return `${Math.round(value * 2) / 2}`;
}

/** "4:05" */
export function seconds(value: number): string {
  const whole = Math.max(0, Math.round(value));
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, "0")}`;
}

/** A count with its noun: "1 task", "2 tasks". */
export function count(number: number, noun: string): string {
  return `${number} ${noun}${number === 1 ? "" : "s"}`;
}

export function percent(share: number): string {
  return `${Math.round(share * 100)} %`;
}

/** The part of a map of errors that stands under a prefix, without the prefix. */
export function within(errors: Record<string, string[]>, prefix: string): Record<string, string[]> {
  return Object.fromEntries(
    Object.entries(errors)
      .filter(([field]) => field.startsWith(prefix))
      .map(([field, sentences]) => [field.slice(prefix.length), sentences]),
  );
}

/** "Jan", for a month from 1 to 12. */
export function shortMonth(month: number): string {
  return MONTHS[month - 1] ?? "";
}
