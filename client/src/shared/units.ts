import { hours } from "./format";
import { type Settings, settings } from "./settings";

type Scale = Settings["distanceScale"];

/** "220 km", "137 mi" */
export function distance(kilometres: number): string {
  return said(kilometres, settings().distanceScale, 0);
}

/** "Kilometres a week", as the label of a field */
export function distanceAWeek(): string {
  return `${settings().distanceScale.name.replace(/^./, (first) => first.toUpperCase())} a week`;
}

/** "49 ml", "1.7 fl oz". A trace is still one millilitre: nobody measures out none. */
export function volume(millilitres: number): string {
  return said(
    millilitres > 0 ? Math.max(1, millilitres) : millilitres,
    settings().volumeScale,
    null,
  );
}

/** The same without the unit, which stands at the head of the column: see `volumeSign`. */
export function volumeNumber(millilitres: number): string {
  return number(millilitres, settings().volumeScale, null);
}

/** "ml", "fl oz" */
export function volumeSign(): string {
  return settings().volumeScale.sign;
}

/** "180.00 kr"; without a currency the number alone. */
export function money(amount: number): string {
  return `${amount.toFixed(2)} ${settings().chosen.currency}`.trim();
}

/** "20 °C", "68 °F" */
export function temperature(celsius: number): string {
  return said(celsius, settings().temperatureScale, 0);
}

/** A sentence of the server, which speaks of kilometres, millilitres, degrees Celsius and 24 hours, as the owner reads them. */
export function inUnits(sentence: string): string {
  return sentence
    .replace(/(\d+(?:\.\d+)?) (km|ml|°C)(?![\w/])/g, (_, number: string, sign: string) =>
      sign === "km"
        ? distance(Number(number))
        : sign === "ml"
          ? volume(Number(number))
          : temperature(Number(number)),
    )
    .replace(/\b[0-2]\d:[0-5]\d\b/g, hours);
}

/** What the server keeps, as a number to show in a field. */
export function toField(kept: number, scale: Scale): number {
  return Number((kept / scale.size + scale.zero).toFixed(2));
}

/** What was typed into a field, as the server keeps it. */
export function fromField(typed: number, scale: Scale): number {
  return scale.size === 1 ? typed : (typed - scale.zero) * scale.size;
}

function said(kept: number, scale: Scale, digits: number | null): string {
  return `${number(kept, scale, digits)} ${scale.sign}`;
}

function number(kept: number, scale: Scale, digits: number | null): string {
  const own = kept / scale.size + scale.zero;
  const fine = digits ?? (scale.size === 1 || own >= 10 || own === 0 ? 0 : own >= 1 ? 1 : 2);
  return Number(own.toFixed(fine)).toLocaleString("en-GB");
}
