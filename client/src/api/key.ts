/**
 * A key that makes a change safe to send again. Pages reached over a plain address in the home network may not
 * ask the browser for a ready-made one, but random numbers they always get.
 */
export function newKey(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  return Array.from(bytes, (byte) => byte.toString(16).padStart(2, "0")).join("");
}

/** An id for something new, in the usual five groups. */
export function newId(): string {
  return newKey().replace(/^(.{8})(.{4})(.{4})(.{4})(.{12})$/, "$1-$2-$3-$4-$5");
}
